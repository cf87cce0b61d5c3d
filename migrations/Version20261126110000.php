<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the household has learned of its cookers and cuts is kept together, with how it varies together.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE knowledge (id INTEGER NOT NULL, belief CLOB NOT NULL, PRIMARY KEY(id))');
        $this->addSql('ALTER TABLE cooker ADD COLUMN loss_factor DOUBLE PRECISION DEFAULT 1.0 NOT NULL');
        $factors = [];
        foreach ($this->connection->fetchAllAssociative('SELECT id, heat_factor, heat_sigma, cooks FROM cooker') as $row) {
            if ($row['heat_factor'] > 0 && ($row['cooks'] > 0 || 1.0 !== (float) $row['heat_factor'])) {
                $factors["heat {$row['id']}"] = [
                    'mean' => log((float) $row['heat_factor']), 'sigma' => (float) $row['heat_sigma'], 'prior' => 0.088,
                    'cooks' => (int) $row['cooks'],
                ];
            }
        }
        // Of what was kept as the household's need, the most was the animal's: the mean stays, as sure as a household's is at first.
        foreach ($this->connection->fetchAllAssociative('SELECT cut, mean, sigma, cooks FROM need') as $row) {
            $factors["need {$row['cut']}"] = [
                'mean' => 0.35 * (float) $row['mean'], 'sigma' => min(0.1, (float) $row['sigma']), 'prior' => 0.1065,
                'cooks' => (int) $row['cooks'],
            ];
        }
        if ([] !== $factors) {
            $belief = json_encode(['factors' => $factors, 'correlations' => []], \JSON_THROW_ON_ERROR);
            $this->addSql('INSERT INTO knowledge (id, belief) VALUES (1, ?)', [$belief]);
        }
        $this->addSql('DROP TABLE need');
    }

    public function down(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE need (cut VARCHAR(40) NOT NULL, mean DOUBLE PRECISION NOT NULL, sigma DOUBLE PRECISION NOT NULL, cooks INTEGER'
                .' NOT NULL, PRIMARY KEY(cut))',
        );
        $this->addSql('ALTER TABLE cooker DROP COLUMN loss_factor');
        $this->addSql('DROP TABLE knowledge');
    }
}
