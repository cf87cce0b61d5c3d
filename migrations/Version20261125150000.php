<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Who cooks, each with usual days of their own, and the pans of the house.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE house ADD COLUMN people CLOB DEFAULT '[{\"id\":\"1\",\"name\":\"\",\"habits\":\"\"}]' NOT NULL");
        $this->addSql("ALTER TABLE house ADD COLUMN pans CLOB DEFAULT '[]' NOT NULL");
        $this->addSql(<<<'SQL'
            UPDATE house SET people = (
                WITH RECURSIVE cook(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM cook WHERE n < house.persons)
                SELECT json_group_array(json_object(
                    'id', CAST(n AS TEXT),
                    'name', CASE WHEN house.persons > 1 THEN 'Cook ' || n ELSE '' END,
                    'habits', CASE WHEN house.usually_away = '' THEN '' ELSE 'Mon to Fri ' || replace(house.usually_away, '-', ' to ') END
                )) FROM cook)
            SQL);
        $this->addSql('ALTER TABLE house DROP COLUMN persons');
        $this->addSql('ALTER TABLE house DROP COLUMN usually_away');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE house ADD COLUMN persons INTEGER DEFAULT 1 NOT NULL');
        $this->addSql("ALTER TABLE house ADD COLUMN usually_away VARCHAR(11) DEFAULT '' NOT NULL");
        $this->addSql('UPDATE house SET persons = json_array_length(people)');
        $this->addSql('ALTER TABLE house DROP COLUMN people');
        $this->addSql('ALTER TABLE house DROP COLUMN pans');
    }
}
