<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Who may come in from the network: the house's passphrase, the devices it let in, and who was wrong. */
final class Version20261201180000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE house ADD COLUMN passphrase VARCHAR(255) DEFAULT '' NOT NULL");
        $this->addSql('CREATE TABLE device (id VARCHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, token VARCHAR(64) NOT NULL, '
            .'let_in_at DATETIME NOT NULL, seen_at DATETIME NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_92FB68E5F37A13B ON device (token)');
        $this->addSql('CREATE TABLE wrong_passphrase (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at INTEGER NOT NULL, '
            .'address VARCHAR(45) NOT NULL)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE wrong_passphrase');
        $this->addSql('DROP TABLE device');
        $this->addSql('ALTER TABLE house DROP COLUMN passphrase');
    }
}
