<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126120000 extends AbstractMigration
{
    private const BEFORE = 0.0946;
    private const NOW = 0.088;

    public function getDescription(): string
    {
        return 'What was learned of a cooker in older stores goes back to the spread of labels that new cookers have.';
    }

    public function up(Schema $schema): void
    {
        foreach ($this->connection->fetchAllAssociative('SELECT id, belief FROM knowledge') as $row) {
            $belief = json_decode((string) $row['belief'], true, 16, \JSON_THROW_ON_ERROR);
            foreach ($belief['factors'] ?? [] as $name => $factor) {
                if (str_starts_with($name, 'heat ') && self::BEFORE === (float) $factor['prior']) {
                    $belief['factors'][$name]['prior'] = self::NOW;
                }
            }
            $this->addSql('UPDATE knowledge SET belief = ? WHERE id = ?', [json_encode($belief, \JSON_THROW_ON_ERROR), $row['id']]);
        }
    }

    /** The version before reads either, and which cookers had the old one is not kept. */
    public function down(Schema $schema): void
    {
    }
}
