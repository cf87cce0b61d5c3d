<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The day of a braise as planned when it was last saved, for the other braises of that day.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE braise ADD COLUMN plan CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE braise ADD COLUMN plan_until DATETIME DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_BRAISE_PLAN_UNTIL ON braise (plan_until)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_BRAISE_PLAN_UNTIL');
        $this->addSql('ALTER TABLE braise DROP COLUMN plan');
        $this->addSql('ALTER TABLE braise DROP COLUMN plan_until');
    }
}
