<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What words of recipes mean in this house.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE meaning (words VARCHAR(200) NOT NULL, food VARCHAR(400) NOT NULL, role VARCHAR(20) NOT NULL, ignored BOOLEAN'
                .' NOT NULL, PRIMARY KEY (words))',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE meaning');
    }
}
