<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** When a braise was planned, so that its plan holds while it is followed, and what was ticked of it before its pot is on. */
final class Version20261201100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE braise ADD COLUMN planned_at DATETIME DEFAULT NULL');
        $this->addSql("ALTER TABLE braise ADD COLUMN ticks CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE braise DROP COLUMN planned_at');
        $this->addSql('ALTER TABLE braise DROP COLUMN ticks');
    }
}
