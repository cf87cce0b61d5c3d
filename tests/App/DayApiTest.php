<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** The whole day: sides, ways out, and the sheet for the wall. */
final class DayApiTest extends ApiTestCase
{
    public function testSidesArePlannedAroundTheBraise(): void
    {
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'sides' => ['mash', 'steamed-greens', 'no-such-side']], 201);
        $day = self::in($braise, 'adaptation.wholeDay');
        self::assertIsArray($day);

        self::assertSame('', $day['clash']);
        self::assertSame(
            ['braise', 'mash', 'steamed-greens'],
            array_values(array_unique(array_filter(array_column((array) $day['jobs'], 'group'), is_string(...)))),
        );
        $starts = array_column((array) $day['jobs'], 'from');
        $sorted = $starts;
        sort($sorted);
        self::assertSame($sorted, $starts);
        self::assertContains('Drain and mash: mash', array_column((array) $day['jobs'], 'text'));
        self::assertSame('2026-11-26T08:10:00+01:00', self::in($day, 'people.0.away.0.from'));
    }

    public function testWhatIsCookedBesideThePotIsInTheRecipeAndWhatIsNotIsStruck(): void
    {
        $text = "Ragù\nServes 6\n\n1.2 kg beef chuck, in 4 cm pieces\n1 onion,
            chopped\n400 ml beef stock\n500 g rigatoni\n\nBrown the beef."
            .' Add onion and stock, cover and cook in the oven at 150 °C for 3 hours. Bring a large pot of salted water to the boil and'
            .' cook the pasta until tender. Serve the beef with the pasta.';
        $read = (array) self::in($this->call('POST', '/api/recipes/read', ['text' => $text]), 'draft');
        $draft = [...$read, 'cookerId' => $this->draft()['cookerId'], 'serveAt' => '2026-11-26T19:00'];
        self::assertSame(['pasta'], $read['sides']);
        self::assertNotContains('salted water', array_column((array) $read['ingredients'], 'food'));

        $as = $this->call('POST', '/api/braises/preview', $draft);
        self::assertSame([], self::lines($as, 'gone'));
        self::assertCount(3, array_count_values(array_filter(array_column(self::lines($as, 'pasta'), 'clock'), is_string(...))),
            'water, pasta and colander have their minutes');
        $other = [...$draft, 'sides' => ['rice'], 'ownSides' => [
            ['name' => 'garlic bread', 'work' => '10', 'cooking' => '15', 'where' => 'oven'],
        ]];
        $rice = $this->call('POST', '/api/braises/preview', $other);
        self::assertCount(1, self::lines($rice, 'gone'));
        self::assertCount(2, self::lines($rice, 'rice'));
        self::assertCount(2, self::lines($rice, 'garlic bread'));
        $codes = array_column((array) self::in($rice, 'adaptation.ledger'), 'key', 'code');
        self::assertArrayHasKey('side-not-made', $codes);
        self::assertStringNotContainsString('rigatoni', (string) json_encode(array_column(self::lines($rice, ''), 'foods')));
        self::assertStringNotContainsString('pasta', (string) json_encode(self::in($rice, 'adaptation.wholeDay.jobs')));

        $made = $this->call('POST', '/api/braises/preview', [...$other, 'sides' => [], 'ownSides' => [],
            'refused' => [$codes['side-not-made']]]);
        self::assertSame([], self::lines($made, 'gone'), 'refused, it is cooked as the recipe says');
        self::assertStringContainsString('cook the pasta', (string) json_encode(self::in($made, 'adaptation.wholeDay.jobs')));
    }

    /**
     * @param array<mixed> $braise
     *
     * @return list<array<string, mixed>> those that are gone, or else those whose words have it
     */
    private static function lines(array $braise, string $of): array
    {
        /** @var list<array{text: string, gone: bool}> $lines */
        $lines = self::in($braise, 'adaptation.method');

        return array_values(array_filter($lines, static fn (array $l): bool => 'gone' === $of
            ? $l['gone']
            : '' === $of || (!$l['gone'] && str_contains($l['text'], $of) && !str_contains($l['text'], 'Serve'))));
    }

    public function testAKitchenWithoutARingSaysWhatItCantDoAndOffersAWay(): void
    {
        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call('PUT', '/api/house', [...$house, 'rings' => '0']);
        $none = self::in($this->call('POST', '/api/braises/preview', $this->draft()), 'adaptation.wholeDay');
        self::assertIsArray($none);
        self::assertSame('This can’t all be done: browning and the sauce, a kitchen without a ring.', self::text($none, 'clash'));
        $this->call('PUT', '/api/house', [...$house, 'rings' => '1', 'revision' => 1]);
        $draft = [...$this->draft(), 'thickness' => 'coats-a-spoon', 'sides' => ['boiled-potatoes', 'rice', 'steamed-greens']];
        $day = self::in($this->call('POST', '/api/braises/preview', $draft), 'adaptation.wholeDay');
        self::assertIsArray($day);

        self::assertStringContainsString('rings', self::text($day, 'clash'));
        /** @var array<string, array<string, mixed>> $ways */
        $ways = array_column((array) $this->call('POST', '/api/braises/ways', $draft)['ways'], 'change', 'code');
        self::assertArrayHasKey('instead-side', $ways);
        $taken = $this->call('POST', '/api/braises/preview', [...$draft, ...$ways['instead-side']]);
        self::assertSame('', self::text($taken, 'adaptation.wholeDay.clash'));

        $problem = $this->call('PUT', '/api/house', [...$house, 'rings' => 'many', 'revision' => 2], 422);
        self::assertSame(['rings'], array_column((array) $problem['violations'], 'path'));
    }

    public function testASideOfOnesOwnIsPlannedAndLimited(): void
    {
        $own = ['name' => 'apple sauce', 'work' => '10', 'cooking' => '20 min', 'where' => 'ring'];
        $day = self::in($this->call('POST', '/api/braises/preview', [...$this->draft(), 'ownSides' => [$own]]), 'adaptation.wholeDay');
        self::assertIsArray($day);
        self::assertContains('Cook: apple sauce', array_column((array) $day['jobs'], 'text'));

        $many = array_fill(0, 6, [...$own, 'work' => '1 h']);
        self::assertStringContainsString(
            'apple sauce',
            self::text($this->call('POST', '/api/braises/preview', [...$this->draft(), 'ownSides' => $many]), 'adaptation.wholeDay.clash'),
        );
        $problem = $this->call('POST', '/api/braises/preview', [...$this->draft(), 'ownSides' => [[...$own, 'where' => 'cellar']]], 422);
        self::assertSame('ownSides[0].where', self::text($problem, 'violations.0.path'));
    }

    public function testHowLongASideOfOnesOwnTakesIsTypedAsSaidOrSaidToBeUnclear(): void
    {
        $cooks = fn (string $typed): array => $this->call('POST', '/api/braises/preview', [
            ...$this->draft(), 'ownSides' => [['name' => 'apple sauce', 'work' => '', 'cooking' => $typed, 'where' => 'ring']],
        ]);
        foreach (['70', '1 h 10', '70 minutes', '1 hour 10 min'] as $typed) {
            $jobs = array_column((array) self::in($cooks($typed), 'adaptation.wholeDay.jobs'), 'minutes', 'text');
            self::assertSame(70, $jobs['Cook: apple sauce'], $typed);
        }
        foreach (['a while', '9 h'] as $typed) {
            $answer = $cooks($typed);
            self::assertSame(['ownSides.0.cooking'], array_column((array) $answer['problems'], 'path'), $typed);
            self::assertNotContains('Cook: apple sauce', array_column((array) self::in($answer, 'adaptation.wholeDay.jobs'), 'text'));
        }
    }

    public function testTheCalendarHasTheSidesAndKeepsItsNamesWhenReplanned(): void
    {
        $created = $this->call('POST', '/api/braises', [...$this->draft(), 'sides' => ['mash']], 201);
        $id = self::text($created, 'id');
        $before = $this->events('/api/braises/calendar.ics');
        self::assertArrayHasKey("$id-mash-2@pausis", $before);
        self::assertStringContainsString('Drain and mash', $before["$id-mash-2@pausis"]['SUMMARY']);

        $this->call(
            'PUT', "/api/braises/$id", ['revision' => 1, 'draft' => [...(array) $created['draft'], 'serveAt' => '2026-11-26T20:00']],
        );
        $after = $this->events('/api/braises/calendar.ics');
        self::assertSame(array_keys($before), array_keys($after));
        self::assertSame(['1', '2'], [$before["$id-serve@pausis"]['SEQUENCE'], $after["$id-serve@pausis"]['SEQUENCE']]);
        self::assertSame('20261126T190000Z', $after["$id-serve@pausis"]['DTSTART']);
    }

    /** @return array<string, array<string, string>> properties by UID, as a library reads them back */
    private function events(string $path): array
    {
        $this->client->request('GET', $path);
        $calendar = Reader::read((string) $this->client->getResponse()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(VEvent::class, $event);
            $values = [];
            foreach (['UID', 'SEQUENCE', 'SUMMARY', 'DTSTART'] as $name) {
                $property = $event->select($name)[0];
                self::assertInstanceOf(Property::class, $property);
                $values[$name] = (string) $property->getRawMimeDirValue();
            }
            $events[$values['UID']] = $values;
        }
        ksort($events);

        return $events;
    }

    public function testThirtySidesAndPastTheLimitAreAnswered(): void
    {
        $all = array_column((array) $this->call('GET', '/api/catalogue')['sides'], 'value');
        self::assertGreaterThanOrEqual(16, \count($all));
        $day = self::in($this->call('POST', '/api/braises/preview', [...$this->draft(), 'sides' => $all]), 'adaptation.wholeDay');
        self::assertIsArray($day);
        self::assertNotSame('', $day['clash']);
        $this->call('POST', '/api/braises/preview', [...$this->draft(), 'sides' => array_fill(0, 31, 'mash')], 422);
    }

    public function testTheKitchenSheetIsAPdfWithItsFontInside(): void
    {
        $id = self::text(
            $this->call('POST', '/api/braises', [...$this->draft(), 'title' => 'Shanks – “crème”', 'sides' => ['mash']], 201), 'id',
        );
        foreach (['a4' => 595, 'letter' => 612] as $paper => $points) {
            $this->client->request('GET', "/api/braises/$id/sheet.pdf?paper=$paper");
            $response = $this->client->getResponse();
            self::assertSame([200, 'application/pdf'], [$response->getStatusCode(), $response->headers->get('Content-Type')]);
            $pdf = (string) $response->getContent();
            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertMatchesRegularExpression("/MediaBox \[0\.000 0\.000 $points/", $pdf);
            self::assertStringContainsString('FontFile2', $pdf);
        }
    }

    public function testTheDayIsWrittenAsAListToTickOff(): void
    {
        $id = self::text($this->call('POST', '/api/braises', [...$this->draft(), 'title' => 'Shanks', 'sides' => ['mash']], 201), 'id');
        $this->client->request('GET', "/api/braises/$id/day.md");
        $response = $this->client->getResponse();

        self::assertSame('text/markdown; charset=utf-8', $response->headers->get('Content-Type'));
        $list = (string) $response->getContent();
        self::assertStringStartsWith("# Shanks\n\nIn by ", $list);
        self::assertMatchesRegularExpression('/^- \[ \] \*\*18:\d\d\*\* Drain and mash: mash, \d+ min$/m', $list);
        self::assertStringContainsString('booklet', $list);
    }

    public function testTwoBraisesOfOneDayLeaveEachOtherTheirHandsAndSayWhoHasTheCooker(): void
    {
        $draft = [...$this->draft(), 'title' => 'Shanks', 'sides' => ['mash']];
        $first = $this->call('POST', '/api/braises', $draft, 201);
        $second = self::in($this->call('POST', '/api/braises', [...$draft, 'title' => 'Cheeks'], 201), 'adaptation.wholeDay');
        self::assertIsArray($second);
        self::assertStringContainsString('Shanks', self::text($second, 'othersText'));
        self::assertStringContainsString('This cooker is in use', self::text($second, 'caught.0'));
        self::assertStringStartsWith('Shanks: ', self::text($second, 'others.0.jobs.0.text'));

        $id = self::text($first, 'id');
        $alone = self::in($this->call('POST', "/api/braises/preview?of=$id", $draft), 'adaptation.wholeDay.others');
        self::assertIsArray($alone);
        self::assertSame(['Cheeks'], array_column($alone, 'title'), 'not itself');
        $this->call('DELETE', "/api/braises/$id", expected: 204);
        self::assertSame('Cheeks', self::text($this->call('POST', '/api/braises/preview', $draft), 'adaptation.wholeDay.others.0.title'));
        $later = $this->call('POST', '/api/braises/preview', [...$draft, 'serveAt' => '2026-11-29T19:00', 'away' => []]);
        self::assertSame([], self::in($later, 'adaptation.wholeDay.others'));
    }

    public function testATimeThatCantBeKeptIsSaidAtItsJobAndKeptInTheDraft(): void
    {
        $pins = [['job' => 'mash-0', 'at' => '2026-11-26T17:30'], ['job' => 'brown-meat', 'at' => '2026-11-25T19:20']];
        $answer = $this->call('POST', '/api/braises/preview', [...$this->draft(), 'sides' => ['mash'], 'pins' => $pins]);
        /** @var array<string, array{from: string, pinned: bool, refused: string}> $jobs */
        $jobs = array_column((array) self::in($answer, 'adaptation.wholeDay.jobs'), null, 'id');

        self::assertSame('', self::text($answer, 'adaptation.wholeDay.clash'));
        self::assertSame(
            ['2026-11-26T17:30:00+01:00', true, ''], [$jobs['mash-0']['from'], $jobs['mash-0']['pinned'], $jobs['mash-0']['refused']],
        );
        self::assertSame([false, 'what comes of it can’t wait that long'], [$jobs['brown-meat']['pinned'], $jobs['brown-meat']['refused']]);
        self::assertSame($pins, self::in($answer, 'draft.pins'));
    }

    public function testLateGuestsAreWaitedFor(): void
    {
        $draft = [...$this->draft(), 'thickness' => 'coats-a-spoon', 'sides' => ['steamed-greens']];
        $late = fn (string $typed): array => $this->call(
            'POST', '/api/braises/preview', [...$draft, 'handling' => [...(array) $draft['handling'], 'late' => $typed]],
        );

        self::assertSame('', self::text($late(''), 'adaptation.wholeDay.lateText'));
        self::assertSame(
            'Should they be up to 30 min late: all can wait, but begin this only when they are there: steam: steamed greens;'
                .' take out: bay leaves.',
            self::text($late('30'), 'adaptation.wholeDay.lateText'),
        );
        self::assertSame('handling.late', self::text($late('a bit'), 'problems.0.path'));
        self::assertSame('handling.late', self::text($late('9 h'), 'problems.0.path'));
    }

    public function testATimerStartsAColdPotLaterAndNoOther(): void
    {
        $handling = static fn (array $part): array => [
            'effort' => 'cold', 'hotLiquid' => false, 'warmInsert' => false, 'layers' => 'roots-under', 'lids' => [], 'start' => '',
            ...$part,
        ];
        $draft = [...$this->draft(), 'setting' => 'high', 'away' => []];
        $cold = $this->call('POST', '/api/braises/preview', [...$draft, 'handling' => $handling(['delay' => '1 h'])]);
        self::assertStringContainsString(
            'the timer set', json_encode(self::in($cold, 'adaptation.day'), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
        );
        $now = $this->call('POST', '/api/braises/preview', [...$draft, 'handling' => $handling([])]);
        self::assertLessThan(self::text($now, 'adaptation.outcomes.1.switchOn'), self::text($cold, 'adaptation.outcomes.1.switchOn'));

        foreach (['3 h' => 'finding', '1 h' => 'browned'] as $delay => $what) {
            $refused = $this->call(
                'POST', '/api/braises/preview',
                [...$draft, 'handling' => $handling(['delay' => $delay, 'effort' => 'browned' === $what ? 'full' : 'cold'])],
            );
            self::assertStringStartsWith('Not this way', self::text($refused, 'adaptation.verdict'));
            $ways = $this->call('POST', '/api/braises/ways', (array) self::in($refused, 'draft'));
            self::assertContains(['handling' => ['delay' => '']], array_column(array_column((array) $ways['helps'], 'way'), 'change'));
        }
        $problem = $this->call(
            'POST', '/api/braises/preview', [...$draft, 'handling' => $handling(['delay' => 'a while', 'high' => '20 h'])],
        );
        self::assertSame(['handling.high', 'handling.delay'], array_column((array) $problem['problems'], 'path'));
    }

    #[TestWith(['chillies-blended-by-the-hour', 'strain', '18:00'])]
    #[TestWith(['wine-boiled-apart', 'fry the mushrooms', '19:05'])]
    public function testWhatGoesInLateAndNobodyCanMakeIsToldInTheRecipesWords(string $recipe, string $words, string $back): void
    {
        $text = (string) file_get_contents(\dirname(__DIR__)."/Core/Adaptation/recipes/$recipe.txt");
        $read = (array) $this->call('POST', '/api/recipes/read', ['text' => $text])['draft'];
        $braise = $this->call('POST', '/api/braises', [
            ...$this->draft(), ...$read, 'cookerId' => $this->draft()['cookerId'], 'serveAt' => '2026-11-26T19:30', 'sides' => [],
            'away' => [['from' => '2026-11-26T14:30', 'to' => "2026-11-26T$back", 'who' => '', 'what' => 'away']],
        ], 201);
        $caught = (array) self::in($braise, 'adaptation.wholeDay.caught');

        self::assertStringContainsString($words, (string) json_encode($caught, \JSON_UNESCAPED_UNICODE));
        self::assertDoesNotMatchRegularExpression('/caught\.|job\./', (string) json_encode($braise));
    }
}
