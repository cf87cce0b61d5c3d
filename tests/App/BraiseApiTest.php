<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Pausis\App\Kitchen\DraftPatch;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

final class BraiseApiTest extends ApiTestCase
{
    public function testAPastedRecipeBecomesAnAdaptedBraise(): void
    {
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);

        self::assertSame([], $braise['problems']);
        self::assertMatchesRegularExpression('/^In by 0\d:\d\d on Low; .*eat at 19:00\.$/', self::text($braise, 'adaptation.verdict'));
        self::assertSame(['low', 'high'], array_column((array) self::in($braise, 'adaptation.outcomes'), 'setting'));
        self::assertStringContainsString('in place of the recipe’s 950 mL', self::text($braise, 'adaptation.liquid.text'));
    }

    public function testItIsReopenedUnchangedListedAndEdited(): void
    {
        $created = $this->call('POST', '/api/braises', $this->draft(), 201);
        $id = self::text($created, 'id');
        $reopened = $this->call('GET', "/api/braises/$id");
        self::assertSame($created['draft'], $reopened['draft']);
        self::assertSame($created['adaptation'], $reopened['adaptation']);

        $draft = (array) $created['draft'];
        $draft['title'] = 'Shanks for Sunday';
        $saved = $this->call('PUT', "/api/braises/$id", ['revision' => 1, 'draft' => $draft]);
        self::assertSame(2, $saved['revision']);
        self::assertSame('Shanks for Sunday', self::in($this->call('GET', '/api/braises'), '0.title'));
    }

    public function testEverySumShownAddsUp(): void
    {
        $adaptation = (array) $this->call('POST', '/api/braises', $this->draft(), 201)['adaptation'];
        $sums = 0;
        array_walk_recursive($adaptation, static fn () => null);
        $walk = static function (array $node) use (&$walk, &$sums): void {
            if (isset($node['terms'], $node['number'])) {
                self::assertIsArray($node['terms']);
                self::assertEqualsWithDelta($node['number'], array_sum(array_column($node['terms'], 'number')), 1e-6);
                ++$sums;
            }
            foreach ($node as $child) {
                \is_array($child) ? $walk($child) : null;
            }
        };
        $walk($adaptation);

        self::assertGreaterThanOrEqual(6, $sums);
    }

    public function testASecondWindowIsToldAndNothingIsLost(): void
    {
        $created = $this->call('POST', '/api/braises', $this->draft(), 201);
        $id = self::text($created, 'id');
        $theirs = [...(array) $created['draft'], 'title' => 'Theirs'];
        $mine = [...(array) $created['draft'], 'title' => 'Mine'];
        $this->call('PUT', "/api/braises/$id", ['revision' => 1, 'draft' => $theirs]);

        $problem = $this->call('PUT', "/api/braises/$id", ['revision' => 1, 'draft' => $mine], 409);

        self::assertSame('This was changed in another window.', $problem['title']);
        self::assertSame('Theirs', self::in($this->call('GET', "/api/braises/$id"), 'draft.title'));
    }

    public function testWhatIsSentTwiceIsKeptOnceAndNoConflict(): void
    {
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);
        $path = '/api/braises/'.self::text($braise, 'id');
        $change = ['revision' => $braise['revision'], 'draft' => [...(array) $braise['draft'], 'serves' => '5']];
        $once = $this->call('PUT', $path, $change);
        self::assertSame($once['revision'], $this->call('PUT', $path, $change)['revision']);
        $this->call('PUT', $path, ['revision' => $braise['revision'], 'draft' => [...(array) $braise['draft'], 'serves' => '6']], 409);

        $house = (array) $this->call('GET', '/api/house')['draft'];
        $this->call('PUT', '/api/house', [...$house, 'clock' => '12']);
        $revision = self::in($this->call('PUT', '/api/house', [...$house, 'clock' => '12']), 'draft.revision');
        self::assertSame($revision, self::in($this->call('GET', '/api/house'), 'draft.revision'));
        $this->call('PUT', '/api/house', [...$house, 'clock' => '24', 'units' => 'us'], 409);

        $cooker = (array) self::in($this->call('GET', '/api/cookers'), '0.draft');
        $at = '/api/cookers/'.self::text($this->call('GET', '/api/cookers'), '0.id');
        $this->call('PUT', $at, [...$cooker, 'name' => 'Other', 'revision' => 1]);
        $this->call('PUT', $at, [...$cooker, 'name' => 'Other', 'revision' => 1]);
        $this->call('PUT', $at, [...$cooker, 'name' => 'Third', 'revision' => 1], 409);
    }

    public function testADeletedBraiseCanBeTakenBack(): void
    {
        $id = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
        $this->call('DELETE', "/api/braises/$id", null, 204);
        $this->call('GET', "/api/braises/$id", null, 404);
        self::assertSame([], $this->call('GET', '/api/braises'));
        $this->call('POST', "/api/braises/$id/restore");

        self::assertCount(1, $this->call('GET', '/api/braises'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'no meat' => [['meat.weight' => '0 kg'], 'meat.weight', 'must lie between'];
        yield 'forty kilograms' => [['meat.weight' => '40 kg'], 'meat.weight', 'must lie between'];
        yield 'words for a weight' => [['meat.weight' => 'a big one'], 'meat.weight', 'wasn’t understood'];
        yield 'thicker than its weight allows' => [
            ['meat.weight' => '300 g', 'meat.pieces' => '1', 'meat.thickness' => '12 cm'], 'meat.thickness', 'the thickest it can be',
        ];
        yield 'no cut' => [['meat.cut' => ''], 'meat.cut', 'Choose the cut'];
        yield 'yesterday' => [['serveAt' => '2026-11-25T19:00'], 'serveAt', 'is over'];
        yield 'the 31st of November' => [['serveAt' => '2026-11-31T19:00'], 'serveAt', 'a day and a time'];
        yield 'no cooker' => [['cookerId' => 'nothing'], 'cookerId', 'Choose the cooker'];
        yield 'away backwards' => [['away.0.from' => '2026-11-26T18:00'], 'away.0', 'ends before it begins'];
        yield 'nobody to eat' => [['serves' => '0'], 'serves', 'must lie between'];
        yield 'a level of its own' => [['level' => 'knee-deep'], 'level', 'not one of the choices'];
    }

    /** @param array<string, string> $said */
    #[DataProvider('impossible')]
    public function testWhatCantBeIsSaidWhereItIsAndKept(array $said, string $path, string $message): void
    {
        $draft = $this->draft();
        foreach ($said as $field => $value) {
            $place = &$draft;
            foreach (explode('.', $field) as $key) {
                self::assertIsArray($place);
                $place = &$place[$key];
            }
            $place = $value;
            unset($place);
        }
        $braise = $this->call('POST', '/api/braises', $draft, 201);

        self::assertSame($draft, $braise['draft']);
        self::assertNull($braise['adaptation']);
        self::assertSame(
            [$path], array_values(array_unique(array_filter(array_column((array) $braise['problems'], 'path'), is_string(...)))),
        );
        self::assertStringContainsString($message, self::text($braise, 'problems.0.message'));
    }

    public function testAwayAllDayHasNoTimeToLoadAndAWayOut(): void
    {
        $braise = $this->call(
            'POST', '/api/braises', [...$this->draft(), 'away' => [['from' => '2026-11-26T05:00', 'to' => '2026-11-26T18:00']]], 201,
        );

        self::assertStringContainsString('no moment to load', self::text($braise, 'adaptation.verdict'));
        self::assertTrue(self::in($braise, 'adaptation.wantsWay'));
        /** @var array<string, mixed> $draft */
        $draft = $braise['draft'];
        /** @var array<string, array<string, mixed>> $ways */
        $ways = array_column((array) $this->call('POST', '/api/braises/ways', $draft)['ways'], 'change', 'code');
        self::assertArrayHasKey('serve-from', $ways);
        foreach ($ways as $code => $change) {
            $moved = $this->call('POST', '/api/braises/preview', DraftPatch::applied($draft, $change));
            self::assertStringStartsWith('In by', self::text($moved, 'adaptation.verdict'), $code);
        }
    }

    public function testAJointLargerThanTheCookerIsRefused(): void
    {
        $small = $this->call(
            'POST', '/api/cookers', ['name' => 'Small', 'capacity' => '1.5', 'shape' => 'round', 'watts' => '', 'autoWarm' => ''], 201,
        );
        $draft = $this->draft();
        $draft['meat'] = ['cut' => 'pork-shoulder', 'weight' => '4 kg', 'pieces' => '1', 'thickness' => '', 'start' => '5'];
        $draft['cookerId'] = $small['id'];

        self::assertStringContainsString(
            'doesn’t fit this cooker', self::text($this->call('POST', '/api/braises', $draft, 201), 'adaptation.verdict'),
        );
    }

    public function testAHeavyJointIsRefusedOnLowWithARemedyThatHelps(): void
    {
        $draft = $this->draft();
        $draft['meat'] = ['cut' => 'beef-chuck', 'weight' => '3 kg', 'pieces' => '1', 'thickness' => '', 'start' => '5'];
        $draft['setting'] = 'low';
        $draft['away'] = [];
        $braise = $this->call('POST', '/api/braises', $draft, 201);

        self::assertTrue(array_column((array) self::in($braise, 'adaptation.findings'), 'asks', 'rule')['slow-to-60'] ?? null);
        $helps = array_column((array) $this->call('POST', '/api/braises/ways', $draft)['helps'], 'way', 'rule');
        self::assertStringStartsWith('setting-', self::text((array) $helps['slow-to-60'], 'code'));
        $helped = $this->call('POST', '/api/braises/preview', [...$draft, ...(array) self::in((array) $helps['slow-to-60'], 'change')]);
        self::assertNotContains('slow-to-60', array_column((array) self::in($helped, 'adaptation.findings'), 'rule'));
    }

    public function testWineOrStockIsTheCooksToChoose(): void
    {
        $draft = $this->draft();
        $text = "Beef\n\n1.2 kg beef chuck\n2 onions\n300 ml red wine, or beef stock if you like\n400 ml beef stock\n\n"
            .'Brown the beef. Pour in the wine and let it bubble. Add the stock, cover and cook at 150 °C for 3 hours.';
        $read = (array) self::in($this->call('POST', '/api/recipes/read', ['text' => $text]), 'draft');
        $draft = [...$draft, ...array_intersect_key($read, array_flip(['ingredients', 'steps', 'original', 'recipeText', 'meat']))];
        $ledger = fn (array $refused): array => array_column(
            (array) self::in($this->call('POST', '/api/braises/preview', [...$draft, 'refused' => $refused]), 'adaptation.ledger'), null,
            'code',
        );
        $wine = $ledger([]);
        self::assertArrayHasKey('either', $wine);
        self::assertArrayHasKey('liquid-boiled-down', $wine);
        $stock = $ledger([self::text((array) $wine['either'], 'key')]);

        self::assertTrue(self::in((array) $stock['either'], 'refused'));
        self::assertArrayNotHasKey('liquid-boiled-down', $stock);
    }

    public function testTheCalendarIsReadBackByALibrary(): void
    {
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);
        $this->client->request('GET', '/api/braises/'.self::text($braise, 'id').'/calendar.ics');
        $calendar = Reader::read((string) $this->client->getResponse()->getContent());

        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        self::assertCount(1 + \count((array) self::in($braise, 'adaptation.day')), $calendar->select('VEVENT'));
        self::assertStringContainsString('DTSTART:20261126T180000Z', $calendar->serialize());
    }

    /** @return iterable<string, array{string, string, mixed, int}> */
    public static function malformed(): iterable
    {
        yield 'broken JSON' => ['POST', '/api/braises', '{"title": ', 400];
        yield 'not an object' => ['POST', '/api/recipes/read', '[1, 2]', 422];
        yield 'a wrong type' => ['POST', '/api/recipes/read', ['text' => ['no']], 422];
        yield 'an unknown braise' => ['GET', '/api/braises/none', null, 404];
        yield 'an unknown cook' => ['GET', '/api/cooks/none', null, 404];
        yield 'a wrong method' => ['PATCH', '/api/braises', null, 405];
        yield 'an empty recipe' => ['POST', '/api/recipes/read', ['text' => ' '], 422];
        yield 'a huge recipe' => ['POST', '/api/recipes/read', ['text' => str_repeat('2 onions ', 23_000)], 422];
        yield 'two hundred and one ingredients' => ['POST', '/api/braises/preview', ['ingredients' => array_fill(0, 201, [])], 422];
    }

    #[DataProvider('malformed')]
    public function testErrorsAreProblemDocuments(string $method, string $path, mixed $body, int $status): void
    {
        $problem = $this->call($method, $path, $body, $status);

        self::assertSame($status, $problem['status']);
        self::assertIsString($problem['title']);
        self::assertNotSame('', $problem['title']);
        self::assertStringNotContainsString('Exception', json_encode($problem, \JSON_THROW_ON_ERROR));
    }

    public function testUnitsAndClockFollowTheHouse(): void
    {
        $draft = $this->draft();
        $this->call(
            'PUT', '/api/house',
            [
                'altitude' => '2100 ft', 'room' => '68 F', 'timeZone' => 'Europe/Vienna', 'units' => 'us', 'clock' => '12',
                'bedtime' => '22:45', 'rises' => '06:15',
            ],
        );
        $adaptation = $this->call('POST', '/api/braises/preview', $draft);

        self::assertStringContainsString('cups', self::text($adaptation, 'adaptation.liquid.text'));
        self::assertStringContainsString('7:00 pm', self::text($adaptation, 'adaptation.verdict'));
        self::assertSame('3 lb 8 oz', self::text($adaptation, 'adaptation.weightText'));
    }

    public function testAHouseThatCantBeIsRefusedFieldByField(): void
    {
        $problem = $this->call(
            'PUT', '/api/house',
            [
                'altitude' => '9000 m', 'room' => 'cosy', 'timeZone' => 'Middle/Earth', 'units' => 'metric', 'clock' => '24',
                'bedtime' => '25:00', 'rises' => '06:15',
            ],
            422,
        );

        self::assertSame(['altitude', 'room', 'timeZone', 'bedtime'], array_column((array) $problem['violations'], 'path'));
    }

    public function testACookerThatCantBeIsRefusedFieldByField(): void
    {
        $problem = $this->call(
            'POST', '/api/cookers', ['name' => ' ', 'capacity' => '60 L', 'shape' => 'oval', 'watts' => 'many', 'autoWarm' => ''], 422,
        );

        self::assertSame(['name', 'watts', 'capacity'], array_column((array) $problem['violations'], 'path'));
    }

    public function testARecipeIsScaledToServingsOrToMeatAndNothingIsLost(): void
    {
        $draft = $this->draft();
        $serves = 2 * (int) self::text($draft, 'serves');
        $scaled = $this->call('POST', '/api/braises/scale', ['draft' => $draft, 'to' => (string) $serves]);
        $change = (array) $scaled['change'];

        self::assertSame((string) $serves, $change['serves']);
        self::assertCount(\count((array) $draft['ingredients']), (array) $change['ingredients']);
        $twice = $this->call('POST', '/api/braises/preview', array_replace_recursive($draft, $change));
        $once = $this->call('POST', '/api/braises/preview', $draft);
        $sauce = static fn (array $view): float => is_numeric($value = self::in(
            $view, 'adaptation.liquid.original.number',
        )) ? (float) $value : 0.0;
        self::assertGreaterThan(1.5 * $sauce($once), $sauce($twice));

        $heavy = [...$draft, 'meat' => [...(array) $draft['meat'], 'weight' => '2 kg']];
        $half = $this->call('POST', '/api/braises/scale', ['draft' => $heavy, 'to' => '1 kg']);
        self::assertSame('1 kg', ((array) ((array) $half['change'])['meat'])['weight']);
        foreach (['0', '400', '80 kg', 'many', '-3'] as $bad) {
            $this->call('POST', '/api/braises/scale', ['draft' => $draft, 'to' => $bad], 422);
        }
    }

    public function testWhatIsOnlyQualityIsTheCooksOwnToGoOnWithAndIsNoted(): void
    {
        $draft = $this->draft();
        $draft['handling'] = [...(array) $draft['handling'], 'effort' => 'cold'];
        /** @var array<string, array{severity: string, goOn: array{change: array<string, mixed>}|null}> $before */
        $before = array_column((array) self::in($this->call('POST', '/api/braises/preview', $draft), 'adaptation.findings'), null, 'rule');
        self::assertSame('warn', $before['raw-wine']['severity']);
        $goOn = $before['raw-wine']['goOn'];
        self::assertNotNull($goOn);
        /** @var array<string, array{severity: string}> $after */
        $after = array_column(
            (array) self::in($this->call('POST', '/api/braises/preview', [...$draft, ...$goOn['change']]), 'adaptation.findings'), null,
            'rule',
        );
        self::assertSame('note', $after['raw-wine']['severity']);

        $frozen = [
            ...$draft, 'meat' => ['cut' => 'lamb-shank', 'weight' => '1.6 kg', 'pieces' => '4', 'thickness' => '', 'start' => '20 °C'],
            'refused' => ['noted:why-so-warm'],
        ];
        self::assertStringStartsWith(
            'Not this way', self::text($this->call('POST', '/api/braises/preview', $frozen), 'adaptation.verdict'),
            'no rule of safety is gone on with',
        );
    }
}
