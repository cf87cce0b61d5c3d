<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Pausis\App\Kitchen\DraftPatch;

/** Whatever a way out is called, taking it leads to a day that can be done. */
final class WaysApiTest extends ApiTestCase
{
    private const DAYS = 25;

    public function testEveryWayOutOfARefusedDayLeadsToAPlan(): void
    {
        mt_srand(20261126);
        $sides = array_column((array) $this->call('GET', '/api/catalogue')['sides'], 'value');
        $days = max(1, (int) (getenv('PAUSIS_DAYS') ?: self::DAYS));
        $refused = $offered = $without = 0;
        for ($number = 0; $number < $days; ++$number) {
            $draft = $this->anyDraft($sides);
            $answer = $this->call('POST', '/api/braises/preview', $draft);
            if ($this->isPlanned($answer)) {
                continue;
            }
            self::assertTrue(self::in($answer, 'adaptation.wantsWay'), "Day $number: it is looked for.");
            ++$refused;
            $ways = (array) $this->call('POST', '/api/braises/ways', $draft)['ways'];
            $without += [] === $ways ? 1 : 0;
            foreach ($ways as $way) {
                self::assertIsArray($way);
                if ([] === $way['change']) {
                    continue;
                }
                ++$offered;
                $steps = explode('; ', strtolower(self::text($way, 'text')));
                self::assertSame(array_unique($steps), $steps, "Day $number: nothing is said twice.");
                $taken = $this->call('POST', '/api/braises/preview', self::merged($draft, $way['change']));
                self::assertTrue($this->isPlanned($taken), "Day $number: ".self::text($way, 'text'));
            }
        }

        self::assertGreaterThan($days / 4, $refused);
        self::assertGreaterThan($refused, $offered);
        self::assertLessThanOrEqual(0.03 * $refused, $without);
    }

    /** @param array<array-key, mixed> $answer */
    private function isPlanned(array $answer): bool
    {
        $adaptation = (array) $answer['adaptation'];
        $forbidden = array_filter(
            (array) $adaptation['findings'], static fn (mixed $f): bool => \is_array($f) && 'refuse' === $f['severity'],
        );

        return [] === $forbidden && \is_array($adaptation['wholeDay']) && '' === $adaptation['wholeDay']['clash'];
    }

    /**
     * @param array<string, mixed> $draft
     *
     * @return array<string, mixed>
     */
    private static function merged(array $draft, mixed $patch): array
    {
        $fields = [];
        foreach (\is_array($patch) ? $patch : [] as $field => $value) {
            $fields[(string) $field] = $value;
        }

        return DraftPatch::applied($draft, $fields);
    }

    private static function word(mixed $one): string
    {
        return \is_string($one) ? $one : '';
    }

    /**
     * @param list<mixed> $sides
     *
     * @return array<string, mixed>
     */
    private function anyDraft(array $sides): array
    {
        $draft = $this->draft();
        $of = static fn (array $all): mixed => $all[mt_rand(0, \count($all) - 1)];
        $draft['meat'] = [...(array) $draft['meat'], 'weight' => $of(['0.8 kg', '1.4 kg', '2.2 kg', '3 kg'])];
        $draft['setting'] = $of(['auto', 'auto', 'low', 'high']);
        $draft['serveAt'] = '2026-11-26T'.self::word($of(['11:30', '13:00', '16:00', '18:30', '19:00', '20:15']));
        $draft['away'] = $of([
            [], $draft['away'], [['from' => '2026-11-26T06:40', 'to' => '2026-11-26T18:20', 'who' => '', 'what' => 'away']],
            [['from' => '2026-11-26T17:50', 'to' => '2026-11-26T19:30', 'who' => '', 'what' => 'busy']],
        ]);
        $draft['sides'] = array_map(static fn (int|string $k): mixed => $sides[$k], (array) array_rand($sides, mt_rand(1, 4)));
        $draft['handling'] = [...(array) $draft['handling'], 'start' => $of(['', '', '', '2026-11-26T11:00', '2026-11-25T20:30'])];

        return $draft;
    }
}
