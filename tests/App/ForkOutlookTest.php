<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** What each answer of the fork would lead to, before one is given: as it then comes. */
final class ForkOutlookTest extends ApiTestCase
{
    private string $cook;

    protected function setUp(): void
    {
        parent::setUp();
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T19:00', 'away' => []], 201);
        $this->at((int) strtotime('2026-11-26T08:30:00+01:00'));
        $this->cook = '/api/cooks/'.self::text(
            $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '', 'setting' => 'low'], 201), 'id',
        );
        $this->at((int) strtotime('2026-11-26T14:30:00+01:00'));
    }

    public function testAFurtherAnswerIsNeverLater(): void
    {
        $answers = self::in($this->call('GET', "$this->cook/fork"), 'answers');
        self::assertIsArray($answers);
        self::assertSame(['resists', 'gives', 'slides-in', 'falls-apart'], array_column($answers, 'value'));
        self::assertSame([false, false, true, true], array_column($answers, 'ready'));
        foreach (range(0, 9) as $pot) {
            $tender = array_map(static fn (mixed $a): float => self::hours($a, $pot), \array_slice($answers, 0, 2));
            self::assertGreaterThanOrEqual($tender[1], $tender[0], "pot $pot");
        }
        foreach ($answers as $answer) {
            self::assertIsArray($answer);
            self::assertCount(10, (array) $answer['pots']);
            self::assertSame(!$answer['ready'], '' !== $answer['window']);
            self::assertSame($answer['ready'], '' !== $answer['keep']);
        }
    }

    public function testItIsAsItThenComes(): void
    {
        foreach (['resists', 'gives', 'slides-in'] as $k => $value) {
            $told = self::in($this->call('GET', "$this->cook/fork"), "answers.$k");
            self::assertIsArray($told);
            $then = $this->call('POST', "$this->cook/fork-tests", ['answer' => $value, 'at' => '', 'id' => "answer-$k"]);
            self::assertSame($told['serveText'], $then['serveText'], $value);
            self::assertSame($told['ready'], '' !== $then['readiness'], $value);
            $next = array_column(
                array_filter((array) $then['tasks'], static fn (mixed $t): bool => 'fork-test' === ((array) $t)['kind']), 'at',
            );
            self::assertSame('' === $told['next'] ? [] : [$told['next']], \array_slice($next, 0, 1), $value);
            $this->call('DELETE', "$this->cook/events/last?event=answer-$k");
        }
    }

    public function testNothingIsKeptOfWhatIsSupposed(): void
    {
        $before = $this->call('GET', $this->cook);
        $this->call('GET', "$this->cook/fork");
        self::assertSame($before, $this->call('GET', $this->cook));
        $this->call('GET', '/api/cooks/none/fork', null, 404);
    }

    private static function hours(mixed $answer, int $pot): float
    {
        $hours = \is_array($answer) ? self::in($answer, "pots.$pot.tender") : null;

        return \is_float($hours) || \is_int($hours) ? (float) $hours : 99.0;
    }
}
