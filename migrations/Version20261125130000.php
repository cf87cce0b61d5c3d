<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125130000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The tastes of the house: texture, thickness, salt.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE house ADD COLUMN texture VARCHAR(20) DEFAULT 'fork' NOT NULL");
        $this->addSql("ALTER TABLE house ADD COLUMN thickness VARCHAR(20) DEFAULT 'coats-a-spoon' NOT NULL");
        $this->addSql('ALTER TABLE house ADD COLUMN salt_percent DOUBLE PRECISION DEFAULT 1.0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE house DROP COLUMN texture');
        $this->addSql('ALTER TABLE house DROP COLUMN thickness');
        $this->addSql('ALTER TABLE house DROP COLUMN salt_percent');
    }
}
