<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** A cook that is closed has its page, is found again, and can be spoken of. */
final class NotebookApiTest extends ApiTestCase
{
    private string $cook;
    private string $braise;

    protected function setUp(): void
    {
        parent::setUp();
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T07:30', 'away' => []], 201);
        $this->braise = self::text($braise, 'id');
        $this->cook = '/api/cooks/'.self::text(
            $this->call('POST', "/api/braises/$this->braise/cook", ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201), 'id',
        );
    }

    /** @return array<array-key, mixed> its page */
    private function closed(string $note = 'Good, a little salty.'): array
    {
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '2026-11-26T04:10']);
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'slides-in', 'at' => '2026-11-26T05:00']);
        $this->call('POST', "$this->cook/close", ['servedAt' => '2026-11-26T05:29', 'note' => $note]);

        return $this->call('GET', '/api/notebook/'.self::text($this->call('GET', '/api/notebook'), 'cooks.0.id'));
    }

    public function testItsPageHasPlannedBesideHappened(): void
    {
        $page = $this->closed();

        self::assertSame('between Thu 04:10 and Thu 05:00', array_column((array) $page['lines'], 'happened', 'what')['Ready']);
        self::assertSame('Thu 05:29', array_column((array) $page['lines'], 'happened', 'what')['Eaten']);
        self::assertEqualsWithDelta(8 + 40 / 60, self::number($page, 'cook.lane.after'), 1e-6);
        self::assertSame(9.5, self::number($page, 'cook.lane.by'));
        self::assertSame(['not-ready', 'ready'], array_column((array) $page['marks'], 'kind'));
        self::assertSame(['switched-on', 'fork', 'fork', 'eaten'], array_column((array) $page['events'], 'kind'));
        self::assertGreaterThan(20, \count((array) $page['course']));
        self::assertGreaterThan(80.0, self::number($page, 'course.'.(\count((array) $page['course']) - 1).'.pot'));
        self::assertStringContainsString('Its middle passed 60 °C after about', self::text($page, 'courseText'));
    }

    public function testItsPageIsPrintedWithWhatWasSaidOfIt(): void
    {
        $id = self::text($this->closed(), 'cook.id');
        foreach (['a4' => 595, 'letter' => 612] as $paper => $points) {
            $this->client->request('GET', "/api/notebook/$id.pdf?paper=$paper");
            $response = $this->client->getResponse();
            self::assertSame([200, 'application/pdf'], [$response->getStatusCode(), $response->headers->get('Content-Type')]);
            self::assertStringContainsString('lamb-shanks', (string) $response->headers->get('Content-Disposition'));
            self::assertMatchesRegularExpression("/MediaBox \[0\.000 0\.000 $points/", (string) $response->getContent());
        }
        $this->call('GET', '/api/notebook/nothing.pdf', null, 404);
    }

    public function testWhatIsSaidOfItIsKeptAndFound(): void
    {
        $page = $this->closed();
        $id = self::text($page, 'cook.id');
        $said = [
            'note' => 'Crème brûlée after it.', 'nextTime' => 'less wine', 'meatStars' => 4, 'sauceStars' => 5, 'cookedBy' => '1',
            'leftOut' => false,
        ];
        $kept = $this->call('PUT', "/api/notebook/$id", ['revision' => 1, ...$said]);

        self::assertSame($said, [...$said, ...array_intersect_key($kept, $said), 'leftOut' => self::in($kept, 'cook.leftOut')]);
        self::assertSame(5, self::in($kept, 'cook.stars'));
        self::assertSame(2, $kept['revision']);
        foreach (['creme', 'BRÛ', 'shanks wine', 'less'] as $words) {
            self::assertCount(1, (array) $this->call('GET', '/api/notebook?words='.rawurlencode($words))['cooks'], $words);
        }
        self::assertCount(0, (array) $this->call('GET', '/api/notebook?words=turnip')['cooks']);
        self::assertCount(0, (array) $this->call('GET', '/api/notebook?words='.rawurlencode('"AND* (OR'))['cooks']);
        self::assertCount(1, (array) $this->call('GET', '/api/notebook?cut=lamb-shank&who=1')['cooks']);
        self::assertCount(0, (array) $this->call('GET', '/api/notebook?cut=oxtail')['cooks']);
        self::assertCount(1, $this->call('GET', "/api/notebook/of/$this->braise"));
        $this->call('PUT', "/api/notebook/$id", ['revision' => 1, ...$said, 'note' => 'another'], 409);
        $this->call('PUT', "/api/notebook/$id", ['revision' => 2, ...$said, 'meatStars' => 6], 422);
        $this->call('PUT', "/api/notebook/$id", ['revision' => 2, ...$said, 'cookedBy' => 'nobody'], 422);
    }

    public function testOpenedAgainItLosesNothingThatWasSaidOfIt(): void
    {
        $id = self::text($this->closed(), 'cook.id');
        $said = ['note' => 'A note.', 'nextTime' => 'less salt', 'meatStars' => 4, 'sauceStars' => 0, 'cookedBy' => '', 'leftOut' => false];
        $this->call('PUT', "/api/notebook/$id", ['revision' => 1, ...$said]);
        $this->call('POST', "$this->cook/reopen");
        self::assertCount(0, (array) $this->call('GET', '/api/notebook')['cooks']);
        $page = $this->closed('');

        self::assertSame(['A note.', 'less salt', 4], [$page['note'], $page['nextTime'], $page['meatStars']]);
    }

    public function testAPageOfABraiseThatWasCookedAgainIsThatOfItsOwnDay(): void
    {
        $id = self::text($this->closed(), 'cook.id');
        $braise = $this->call('GET', "/api/braises/$this->braise");
        $this->call('PUT', "/api/braises/$this->braise", [
            'revision' => $braise['revision'], 'draft' => [...(array) $braise['draft'], 'serveAt' => '2026-12-20T19:00'],
        ]);
        $this->at((int) strtotime('2026-12-18 12:00 Europe/Vienna'));
        $page = $this->call('GET', "/api/notebook/$id");

        self::assertSame('Thu 07:30', array_column((array) $page['lines'], 'planned', 'what')['Eaten']);
        self::assertNotSame([], $page['course']);
    }

    /** @param array<array-key, mixed> $answer */
    private static function number(array $answer, string $path): float
    {
        $value = self::in($answer, $path);
        self::assertIsNumeric($value);

        return (float) $value;
    }

    public function testWhatWouldNarrowTheNextWindowMostIsSaidOrThatNothingWould(): void
    {
        $next = fn (): string => self::text($this->call('GET', '/api/notebook/learned'), 'next');
        $this->closed();
        self::assertSame('', $next(), 'nothing is planned');

        $this->call('POST', '/api/braises', [...$this->draft(), 'title' => 'Next shanks', 'serveAt' => '2026-11-28T19:00'], 201);
        self::assertMatchesRegularExpression('/^(?:What would narrow the next one, Next shanks, most: .{20,}'
            .'|Nothing that could be measured before it would narrow the next one, Next shanks, by much\.)$/', $next());
    }
}
