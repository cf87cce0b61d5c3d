<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** Days of all kinds, wise and foolish: each is answered in words, and nobody is asked to do two things at once. */
final class RandomDaysTest extends ApiTestCase
{
    private const JOBS = [
        'cut-vegetables', 'brown-meat', 'load', 'lift-out', 'plate', 'fork-test', 'portion', 'mash-0', 'slaw-0', 'reduce', 'night-soak',
        'no-such-job',
    ];

    public function testEveryDayIsAnswered(): void
    {
        mt_srand(20261126);
        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call('PUT', '/api/house', [...$house, 'rings' => '2', 'people' => [
            ['id' => 't', 'name' => 'Tamsin', 'habits' => 'weekdays 8:10 to 17:20'], [
                'id' => 'j', 'name' => 'Joris', 'habits' => "every day 5:40 to 14:15\nFri 17 to 18 busy",
            ],
        ]]);
        /** @var list<string> $sides */
        $sides = array_column((array) $this->call('GET', '/api/catalogue')['sides'], 'value');
        $draft = $this->draft();
        $planned = $impossible = 0;
        for ($case = 0; $case < 90; ++$case) {
            $answer = $this->call('POST', '/api/braises/preview', $this->someDay($draft, $sides));
            $day = \is_array($answer['adaptation']) ? $answer['adaptation']['wholeDay'] : null;
            if (!\is_array($day)) {
                continue;
            }
            '' === $day['clash'] ? ++$planned : ++$impossible;
            self::assertNobodyIsAtTwoThings($day, "case $case");
            self::assertDoesNotMatchRegularExpression(
                '/"(?:text|clash|caught)":"[^"]*(?:\{|caught\.|day-w|job\.)/', json_encode($day, \JSON_THROW_ON_ERROR), "case $case",
            );
        }
        self::assertGreaterThan(5, $planned);
        self::assertGreaterThan(5, $impossible);
    }

    /**
     * @param array<string, mixed> $draft
     * @param list<string>         $sides
     *
     * @return array<string, mixed>
     */
    private function someDay(array $draft, array $sides): array
    {
        $date = (new \DateTimeImmutable('2026-11-26'))->modify('+'.mt_rand(0, 3).' days')->format('Y-m-d');
        $time = static fn (): string => \sprintf('%sT%02d:%02d', $date, mt_rand(0, 23), mt_rand(0, 59));
        $one = static fn (array $of): mixed => $of[array_rand($of)];
        $some = static fn (int $most, callable $make): array => array_map($make, range(1, mt_rand(1, $most)));
        /** @var array<string, mixed> $meat */
        $meat = $draft['meat'];
        /** @var array<string, mixed> $handling */
        $handling = $draft['handling'];

        return [
            ...$draft,
            'serveAt' => $time(),
            'serves' => (string) mt_rand(1, 12),
            'meat' => [...$meat, 'weight' => (mt_rand(5, 25) / 10).' kg', 'pieces' => (string) mt_rand(1, 8), 'thickness' => ''],
            'away' => $some(
                2,
                static fn (): array => [
                    'from' => \sprintf('%sT%02d:00', $date, mt_rand(5, 11)), 'to' => \sprintf('%sT%02d:30', $date, mt_rand(11, 18)),
                    'who' => $one(['', 't', 'j']), 'what' => $one(['away', 'busy', 'home']),
                ],
            ),
            'sides' => array_map(static fn (int|string $k): string => $sides[$k], (array) array_rand($sides, mt_rand(1, 8))),
            'pins' => $some(2, static fn (): array => ['job' => $one(self::JOBS), 'at' => $time()]),
            'texture' => $one(['slices', 'fork', 'pulls']),
            'setting' => $one(['auto', 'low', 'high', 'high-then-low']),
            'sure' => $one(['three-in-four', 'nine-in-ten', 'thirty-nine-in-forty']),
            'handling' => [
                ...$handling, 'effort' => $one(['cold', 'meat', 'full']), 'nightBefore' => (bool) mt_rand(0, 1),
                'saltBefore' => (bool) mt_rand(0, 1), 'delay' => $one(['', '', '2 h']), 'high' => $one(['', '3 h']),
            ],
        ];
    }

    /** @param array<array-key, mixed> $day */
    private static function assertNobodyIsAtTwoThings(array $day, string $case): void
    {
        /** @var list<array{id: string, who: string, from: string, to: string}> $jobs */
        $jobs = $day['jobs'];
        usort($jobs, static fn (array $a, array $b): int => strtotime($a['from']) <=> strtotime($b['from']));
        $until = [];
        foreach ($jobs as $job) {
            if ('' !== $job['who']) {
                self::assertLessThanOrEqual(strtotime($job['from']), $until[$job['who']] ?? 0, "$case: {$job['id']}");
                $until[$job['who']] = strtotime($job['to']);
            }
        }
    }
}
