<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The notebook is found by cut, cooker and person through indexes; some stores have them from a trial of the migration before. */
final class Version20261202180000 extends AbstractMigration
{
    private const COLUMNS = ['cut', 'cooker_id', 'cooked_by'];

    public function up(Schema $schema): void
    {
        foreach (self::COLUMNS as $column) {
            $this->addSql('CREATE INDEX IF NOT EXISTS IDX_NOTEBOOK_'.strtoupper($column)." ON notebook ($column)");
        }
    }

    public function down(Schema $schema): void
    {
        foreach (self::COLUMNS as $column) {
            $this->addSql('DROP INDEX IF EXISTS IDX_NOTEBOOK_'.strtoupper($column));
        }
    }
}
