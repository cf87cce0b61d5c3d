<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The kitchen of the house: rings, oven, hands; and its working days.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE house ADD COLUMN rings INTEGER DEFAULT 4 NOT NULL');
        $this->addSql('ALTER TABLE house ADD COLUMN persons INTEGER DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE house ADD COLUMN oven BOOLEAN DEFAULT 1 NOT NULL');
        $this->addSql("ALTER TABLE house ADD COLUMN usually_away VARCHAR(11) DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE house DROP COLUMN rings');
        $this->addSql('ALTER TABLE house DROP COLUMN persons');
        $this->addSql('ALTER TABLE house DROP COLUMN oven');
        $this->addSql('ALTER TABLE house DROP COLUMN usually_away');
    }
}
