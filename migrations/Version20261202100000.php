<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A cook's page: what it was of, how it was liked, what to change next time, and whether it counts. */
final class Version20261202100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([
            "foods CLOB DEFAULT '' NOT NULL", "cut VARCHAR(40) DEFAULT '' NOT NULL", "cooker_id VARCHAR(36) DEFAULT '' NOT NULL",
            "setting VARCHAR(20) DEFAULT '' NOT NULL", "cooked_by VARCHAR(20) DEFAULT '' NOT NULL",
            'meat_stars INTEGER DEFAULT 0 NOT NULL', 'sauce_stars INTEGER DEFAULT 0 NOT NULL',
            "next_time CLOB DEFAULT '' NOT NULL", 'left_out BOOLEAN DEFAULT 0 NOT NULL', 'revision INTEGER DEFAULT 1 NOT NULL',
        ] as $column) {
            $this->addSql("ALTER TABLE notebook ADD COLUMN $column");
        }
        $this->addSql('ALTER TABLE cook ADD COLUMN said CLOB DEFAULT NULL');
        $this->addSql(<<<'SQL'
            UPDATE notebook SET
                cut = (SELECT COALESCE(json_extract(cook.draft, '$.meat.cut'), '') FROM cook WHERE cook.id = notebook.cook_id),
                cooker_id = (SELECT COALESCE(json_extract(cook.draft, '$.cookerId'), '') FROM cook WHERE cook.id = notebook.cook_id),
                setting = (SELECT cook.program FROM cook WHERE cook.id = notebook.cook_id),
                foods = COALESCE((SELECT group_concat(json_extract(line.value, '$.food'), ', ')
                    FROM cook, json_each(cook.draft, '$.ingredients') AS line WHERE cook.id = notebook.cook_id), '')
            SQL);
        $this->addSql('CREATE INDEX IDX_NOTEBOOK_COOKED_ON ON notebook (cooked_on)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE cook DROP COLUMN said');
        $this->addSql('DROP INDEX IDX_NOTEBOOK_COOKED_ON');
        foreach ([
            'foods', 'cut', 'cooker_id', 'setting', 'cooked_by', 'meat_stars', 'sauce_stars', 'next_time', 'left_out', 'revision',
        ] as $column) {
            $this->addSql("ALTER TABLE notebook DROP COLUMN $column");
        }
    }
}
