<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Stores that were filled while the first migrations were still being written lack columns that these have had since.
 * They are found missing and added, before a later migration asks for them; in every other store there is nothing to do.
 */
final class Version20261125145000 extends AbstractMigration
{
    private const ADDED_LATER = [
        'cooker' => [
            'heat_sigma' => 'DOUBLE PRECISION DEFAULT 0.08 NOT NULL',
            'cooks' => 'INTEGER DEFAULT 0 NOT NULL',
            'has_medium' => 'BOOLEAN DEFAULT 0 NOT NULL',
        ],
        'cook' => ['cooker' => "CLOB DEFAULT '' NOT NULL"],
    ];
    /** Until people have habits of their own. */
    private const HOUSE_BEFORE_PEOPLE = [
        'persons' => 'INTEGER DEFAULT 1 NOT NULL',
        'usually_away' => "VARCHAR(11) DEFAULT '' NOT NULL",
    ];

    public function getDescription(): string
    {
        return 'What stores of the first days lack.';
    }

    public function up(Schema $schema): void
    {
        $missing = self::ADDED_LATER + (\in_array('people', $this->columns('house'), true) ? [] : ['house' => self::HOUSE_BEFORE_PEOPLE]);
        foreach ($missing as $table => $columns) {
            foreach (array_diff_key($columns, array_flip($this->columns($table))) as $name => $type) {
                $this->addSql("ALTER TABLE $table ADD COLUMN $name $type");
            }
        }
        if ([] === $this->columns('need')) {
            $this->addSql(
                'CREATE TABLE need (cut VARCHAR(40) NOT NULL, mean DOUBLE PRECISION NOT NULL, sigma DOUBLE PRECISION NOT NULL, cooks'
                    .' INTEGER NOT NULL, PRIMARY KEY (cut))',
            );
        }
        // The cooker of a cook of those days is the one that its draft names, as it is now.
        $this->addSql(<<<'SQL'
            UPDATE cook SET cooker = COALESCE((
                SELECT json_object('capacityLitres', k.capacity_litres, 'shape', k.shape, 'ratedWatts', k.rated_watts, 'heatFactor', k.heat_factor,
                    'autoWarmHours', k.auto_warm_hours, 'heatSigma', k.heat_sigma, 'hasMedium', json(CASE WHEN k.has_medium THEN 'true' ELSE 'false' END))
                FROM cooker k WHERE k.id = json_extract(cook.draft, '$.cookerId')),
                '{"capacityLitres":5.7,"shape":"oval","ratedWatts":null,"heatFactor":1.0,"autoWarmHours":null,"heatSigma":0.08,"hasMedium":false}')
            WHERE cooker = ''
            SQL);
        $this->addSql(<<<'SQL'
            UPDATE cook SET cooker = json_set(json_set(cooker, '$.heatSigma', COALESCE(json_extract(cooker, '$.heatSigma'), 0.08)),
                '$.hasMedium', json(CASE WHEN json_extract(cooker, '$.hasMedium') THEN 'true' ELSE 'false' END))
            WHERE json_extract(cooker, '$.heatSigma') IS NULL OR json_extract(cooker, '$.hasMedium') IS NULL
            SQL);
    }

    public function down(Schema $schema): void
    {
        // What was missing stays: the migration that it belongs to has it.
        $this->addSql('SELECT 1');
    }

    /** @return list<string> */
    private function columns(string $table): array
    {
        /** @var list<string> */
        return $this->connection->fetchFirstColumn('SELECT name FROM pragma_table_info(?)', [$table]);
    }
}
