<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'One pot, one cook; what can be taken back: a closed cook, a deleted cooker; a water test as it goes; revisions of the'
            .' house.';
    }

    public function up(Schema $schema): void
    {
        // Of several cooks that two windows began at once the one with most records stays open.
        $this->addSql(<<<'SQL'
            UPDATE cook SET closed_at = switched_on WHERE closed_at IS NULL AND id NOT IN (
                SELECT id FROM (SELECT id, ROW_NUMBER() OVER (PARTITION BY braise_id ORDER BY json_array_length(events) DESC, switched_on DESC, id) AS place
                FROM cook WHERE closed_at IS NULL) WHERE place = 1)
            SQL);
        $this->addSql('CREATE UNIQUE INDEX UNIQ_COOK_OPEN ON cook (braise_id) WHERE closed_at IS NULL');
        $this->addSql('ALTER TABLE cook ADD COLUMN closing CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE cooker ADD COLUMN deleted_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE cooker ADD COLUMN water_test CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE house ADD COLUMN revision INTEGER DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX UNIQ_COOK_OPEN');
        $this->addSql('ALTER TABLE cook DROP COLUMN closing');
        $this->addSql('ALTER TABLE cooker DROP COLUMN deleted_at');
        $this->addSql('ALTER TABLE cooker DROP COLUMN water_test');
        $this->addSql('ALTER TABLE house DROP COLUMN revision');
    }
}
