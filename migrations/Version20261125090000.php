<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'House, cookers, braises, cooks, notebook.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE braise (id VARCHAR(36) NOT NULL, revision INTEGER DEFAULT 1 NOT NULL, deleted_at DATETIME DEFAULT NULL,'
                .' headline CLOB NOT NULL, title VARCHAR(200) NOT NULL, draft CLOB NOT NULL, updated_at DATETIME NOT NULL, PRIMARY KEY'
                .' (id))',
        );
        $this->addSql('CREATE INDEX IDX_8ABA63764AF38FD143625D9F ON braise (deleted_at, updated_at)');
        $this->addSql(
            'CREATE TABLE cook (id VARCHAR(36) NOT NULL, revision INTEGER DEFAULT 1 NOT NULL, events CLOB NOT NULL, closed_at DATETIME'
                .' DEFAULT NULL, draft CLOB NOT NULL, program VARCHAR(20) NOT NULL, switched_on DATETIME NOT NULL, planned CLOB NOT NULL,'
                .' cooker CLOB NOT NULL, braise_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_7359C4545359B3AE FOREIGN KEY'
                .' (braise_id) REFERENCES braise (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_7359C4545359B3AE ON cook (braise_id)');
        $this->addSql(
            'CREATE TABLE cooker (id VARCHAR(36) NOT NULL, name VARCHAR(80) NOT NULL, capacity_litres DOUBLE PRECISION NOT NULL, shape'
                .' VARCHAR(8) NOT NULL, rated_watts DOUBLE PRECISION DEFAULT NULL, heat_factor DOUBLE PRECISION NOT NULL, auto_warm_hours'
                .' DOUBLE PRECISION DEFAULT NULL, heat_sigma DOUBLE PRECISION NOT NULL, cooks INTEGER NOT NULL, has_medium BOOLEAN NOT'
                .' NULL, PRIMARY KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE house (id INTEGER NOT NULL, altitude_metres DOUBLE PRECISION NOT NULL, room_celsius DOUBLE PRECISION NOT NULL,'
                .' time_zone VARCHAR(255) NOT NULL, units VARCHAR(8) NOT NULL, clock VARCHAR(2) NOT NULL, bedtime VARCHAR(5) NOT NULL,'
                .' rises VARCHAR(5) NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE need (cut VARCHAR(40) NOT NULL, mean DOUBLE PRECISION NOT NULL, sigma DOUBLE PRECISION NOT NULL, cooks INTEGER'
                .' NOT NULL, PRIMARY KEY (cut))',
        );
        $this->addSql(
            'CREATE TABLE notebook (id VARCHAR(36) NOT NULL, title VARCHAR(200) NOT NULL, cooked_on DATETIME NOT NULL, planned CLOB NOT'
                .' NULL, happened CLOB NOT NULL, note CLOB NOT NULL, cook_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT'
                .' FK_F67D9A2BB0D5B835 FOREIGN KEY (cook_id) REFERENCES cook (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_F67D9A2BB0D5B835 ON notebook (cook_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE braise');
        $this->addSql('DROP TABLE cook');
        $this->addSql('DROP TABLE cooker');
        $this->addSql('DROP TABLE house');
        $this->addSql('DROP TABLE need');
        $this->addSql('DROP TABLE notebook');
    }
}
