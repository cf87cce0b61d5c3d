<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;

/** Cookers, the house, and the choices. */
final class SettingsApiTest extends ApiTestCase
{
    private const COOKER = [
        'name' => 'Oval', 'capacity' => '6.5 L', 'shape' => 'oval', 'watts' => '270', 'autoWarm' => '10 h', 'hasMedium' => false,
    ];
    private const HOUSE = [
        'altitude' => '640 m', 'room' => '20 °C', 'timeZone' => 'Europe/Vienna', 'units' => 'metric', 'clock' => '24', 'bedtime' => '22:45',
        'rises' => '06:15',
    ];

    public function testACookerComesBackAsTyped(): void
    {
        $cooker = $this->call('POST', '/api/cookers', self::COOKER, 201);

        self::assertSame([...self::COOKER, 'revision' => 1], $cooker['draft']);
        $path = '/api/cookers/'.self::text($cooker, 'id');
        $renamed = $this->call('PUT', $path, [...self::COOKER, 'name' => 'The oval', 'revision' => 1]);
        self::assertSame(2, self::in($renamed, 'draft.revision'));
        $this->call('PUT', $path, [...self::COOKER, 'revision' => 1], 409);
        $cooker = $this->call('PUT', $path, [...self::COOKER, 'revision' => 2]);
        self::assertSame('6.5 L, oval, 270 W, to Warm after 10 h', $cooker['summary']);
        self::assertSame([$cooker], $this->call('GET', '/api/cookers'));
    }

    #[TestWith(['6.5', '6.5 L'])]
    #[TestWith(['6,5 l', '6.5 L'])]
    #[TestWith(['7 qt', '6.62 L'])]
    #[TestWith(['3500 ml', '3.5 L'])]
    public function testSizesAsTheyStandOnCookers(string $typed, string $understood): void
    {
        $cooker = $this->call('POST', '/api/cookers', [...self::COOKER, 'capacity' => $typed], 201);

        self::assertSame($understood, self::in($cooker, 'draft.capacity'));
    }

    public function testACookerIsChangedAndDeleted(): void
    {
        $id = self::text($this->call('POST', '/api/cookers', self::COOKER, 201), 'id');
        $changed = $this->call(
            'PUT', "/api/cookers/$id", [...self::COOKER, 'name' => 'Old oval', 'watts' => '', 'autoWarm' => '', 'hasMedium' => true],
        );
        self::assertSame('6.5 L, oval, about 261 W', $changed['summary']);
        self::assertTrue(self::in($changed, 'draft.hasMedium'));
        $this->call('DELETE', "/api/cookers/$id", null, 204);
        $this->call('DELETE', "/api/cookers/$id", null, 404);

        self::assertSame([], $this->call('GET', '/api/cookers'));
    }

    public function testACookerWithMediumGivesThreeWays(): void
    {
        $draft = $this->draft();
        $draft['cookerId'] = $this->call('POST', '/api/cookers', [...self::COOKER, 'autoWarm' => '', 'hasMedium' => true], 201)['id'];

        self::assertSame(
            ['low', 'medium', 'high'],
            array_column((array) self::in($this->call('POST', '/api/braises/preview', $draft), 'adaptation.outcomes'), 'setting'),
        );
    }

    public function testTheHouseComesBackAsTypedAndKnowsItsBoilingPoint(): void
    {
        $house = $this->call('PUT', '/api/house', self::HOUSE);

        self::assertSame(
            [
                ...self::HOUSE, 'texture' => 'fork', 'thickness' => 'coats-a-spoon', 'salt' => '1 %',
                'setting' => '', 'rings' => '4', 'oven' => true,
                'people' => [['id' => '1', 'name' => '', 'habits' => '']], 'pans' => '', 'revision' => 1,
            ],
            $house['draft'],
        );
        self::assertSame('98 °C', $house['boiling']);
        self::assertSame('2026-11-26T05:30', $house['now']);
    }

    public function testTimesAsSaidAndTastesOfTheHouseAreKeptAndUsed(): void
    {
        $house = $this->call(
            'PUT', '/api/house',
            [
                ...self::HOUSE, 'bedtime' => 'quarter to eleven', 'rises' => 'half past six', 'texture' => 'pulls', 'thickness' => 'gravy',
                'salt' => '0,9',
            ],
        );
        self::assertSame(
            ['22:45', '06:30', '0.9 %'],
            [self::text($house, 'draft.bedtime'), self::text($house, 'draft.rises'), self::text($house, 'draft.salt')],
        );
        $draft = $this->draft();
        self::assertSame(['pulls', 'as-the-recipe'], [$draft['texture'], $draft['thickness']], 'its recipe thickens with nothing');
        $thickened = $this->call('POST', '/api/recipes/read', ['text' => self::RECIPE."\nThicken with a little cornflour."])['draft'];
        self::assertSame('gravy', self::text((array) $thickened, 'thickness'));
        $measured = $this->call('POST', '/api/recipes/read', ['text' => self::RECIPE."\nThicken with 1 tbsp cornflour."])['draft'];
        self::assertSame('as-the-recipe', self::text((array) $measured, 'thickness'), 'how much is its own to say');

        $problem = $this->call('PUT', '/api/house', [...self::HOUSE, 'bedtime' => 'late', 'salt' => '9 %', 'texture' => 'burnt'], 422);
        self::assertSame(['bedtime', 'salt', 'texture'], array_column((array) $problem['violations'], 'path'));
    }

    public function testEveryCookHasUsualDaysThatHoldForEveryBraise(): void
    {
        $people = [
            ['id' => 'a', 'name' => 'Tamsin', 'habits' => "Mon–Fri ten past eight to half past five\nSat 9 to 12 busy"],
            ['id' => 'b', 'name' => 'Joris', 'habits' => 'every day 7:00 to 18:00'],
        ];
        $house = $this->call('PUT', '/api/house', [...self::HOUSE, 'people' => $people, 'pans' => '28 cm, 24']);
        self::assertSame($people, self::in($house, 'draft.people'));
        self::assertSame('28 cm, 24 cm', self::text($house, 'draft.pans'));

        $day = self::in(
            $this->call(
                'POST', '/api/braises/preview',
                [...$this->draft(), 'away' => [['from' => '2026-11-26T16:00', 'to' => '2026-11-26T18:00', 'who' => 'b', 'what' => 'home']]],
            ),
            'adaptation',
        );
        self::assertIsArray($day);
        self::assertSame(
            ['2026-11-26T08:10:00+01:00', '2026-11-26T17:30:00+01:00'],
            [self::text($day, 'wholeDay.people.0.away.0.from'), self::text($day, 'wholeDay.people.0.away.0.to')],
        );
        self::assertSame('2026-11-26T16:00:00+01:00', self::text($day, 'wholeDay.people.1.away.0.to'));
        self::assertSame(
            ['2026-11-26T08:10:00+01:00', '2026-11-26T16:00:00+01:00'],
            [self::text($day, 'ribbon.away.0.from'), self::text($day, 'ribbon.away.0.to')],
        );
    }

    public function testWhatIsWrongWithACookIsSaidBesideIt(): void
    {
        foreach (['all day', 'Mon 17:00', 'Mon to Fri 8:10', 'someday 8 to 9'] as $typed) {
            $problem = $this->call(
                'PUT', '/api/house', [...self::HOUSE, 'people' => [['id' => 'a', 'name' => '', 'habits' => $typed]]], 422,
            );
            self::assertSame('people.0.habits', self::text($problem, 'violations.0.path'), $typed);
        }
        $twice = [['id' => 'a', 'name' => 'Tamsin', 'habits' => ''], ['id' => 'a', 'name' => '', 'habits' => '']];
        $problem = $this->call('PUT', '/api/house', [...self::HOUSE, 'people' => $twice, 'pans' => '3 m'], 422);
        self::assertSame(['pans', 'people.1.name', 'people.1.name'], array_column((array) $problem['violations'], 'path'));

        $gone = $this->call(
            'POST', '/api/braises/preview',
            [...$this->draft(), 'away' => [['from' => '2026-11-26T16:00', 'to' => '2026-11-26T18:00', 'who' => 'nobody']]],
        );
        self::assertSame('away.0', self::text($gone, 'problems.0.path'));
        self::assertNull($gone['adaptation']);
    }

    public function testAWaterTestIsWorkedOutAndKeptOnlyWhenTold(): void
    {
        $id = self::text(
            $this->call(
                'POST', '/api/cookers', ['name' => 'Old', 'capacity' => '3.3', 'shape' => 'round', 'watts' => '180', 'autoWarm' => ''], 201,
            ),
            'id',
        );
        $readings = [
            ['after' => '2 h', 'temperature' => '45'], ['after' => '4:00', 'temperature' => '62 C'],
            ['after' => '6 h', 'temperature' => '72'], ['after' => '8 h', 'temperature' => '171 F'],
        ];
        $test = ['water' => '1.6 L', 'start' => '14', 'room' => '', 'readings' => $readings];

        $worked = $this->call('POST', "/api/cookers/$id/water-test", $test);
        self::assertLessThan(1, $worked['heatFactor']);
        self::assertSame('too-weak', $worked['verdict']);
        self::assertEquals(1, self::in($this->call('GET', '/api/cookers'), '0.heatFactor'));

        $this->call('POST', "/api/cookers/$id/water-test", [...$test, 'keep' => true]);
        self::assertEqualsWithDelta($worked['heatFactor'], self::in($this->call('GET', '/api/cookers'), '0.heatFactor'), 1e-9);
        self::assertStringContainsString('runs cool', self::text($this->call('GET', '/api/cookers'), '0.summary'));

        // Repaired: forgotten, and known again after the next test.
        self::assertEquals(1, $this->call('DELETE', "/api/cookers/$id/learned")['heatFactor']);
        self::assertStringNotContainsString('runs cool', self::text($this->call('GET', '/api/cookers'), '0.summary'));
        $this->call('DELETE', '/api/cookers/none/learned', expected: 404);

        foreach ([
            ['water', '40 L'], ['start', 'cold'], ['readings', [['after' => '2 h', 'temperature' => 'hot']]], ['readings', []],
        ] as [$field, $value]) {
            $problem = $this->call('POST', "/api/cookers/$id/water-test", [...$test, $field => $value], 422);
            self::assertStringStartsWith($field, self::text($problem, 'violations.0.path'));
        }
    }

    public function testTheWaterOfATestIsHalfThePotInTheHousesUnits(): void
    {
        $cooker = ['name' => 'Old', 'capacity' => '3.3', 'shape' => 'round', 'watts' => '180', 'autoWarm' => ''];
        $id = self::text($this->call('POST', '/api/cookers', $cooker, 201), 'id');
        $factor = [];
        foreach (['metric' => '1.65 L', 'us' => '1.7 qt'] as $units => $water) {
            $this->call('PUT', '/api/house', [...self::HOUSE, 'units' => $units, 'revision' => \count($factor)]);
            self::assertSame($water, self::in($this->call('GET', '/api/cookers'), '0.halfFull'));
            $factor[] = $this->call('POST', "/api/cookers/$id/water-test", [
                'water' => $water, 'start' => '14 C', 'room' => '', 'readings' => [['after' => '4 h', 'temperature' => '62 C']],
            ])['heatFactor'];
        }
        self::assertEqualsWithDelta($factor[0], $factor[1], 0.05);
    }

    public function testTheClockFollowsTheTimeZone(): void
    {
        self::assertSame('2026-11-26T13:30', $this->call('PUT', '/api/house', [...self::HOUSE, 'timeZone' => 'Asia/Tokyo'])['now']);
    }

    public function testHeightMakesTheBraiseTakeLonger(): void
    {
        $draft = $this->draft();
        $likely = fn (): mixed => self::in($this->call('POST', '/api/braises/preview', $draft), 'adaptation.outcomes.1.windows.1.likely');
        $this->call('PUT', '/api/house', [...self::HOUSE, 'altitude' => '0 m']);
        $low = $likely();
        $this->call('PUT', '/api/house', [...self::HOUSE, 'altitude' => '8000 ft', 'revision' => 1]);

        self::assertGreaterThan($low, $likely());
    }

    public function testTheCatalogueNamesEveryChoice(): void
    {
        $catalogue = $this->call('GET', '/api/catalogue');

        self::assertSame(200_000, $catalogue['mostRecipeBytes']);
        self::assertGreaterThan(30, \count((array) $catalogue['cuts']));
        foreach (['roles', 'levels', 'textures', 'thicknesses', 'thickeners', 'methods', 'settings', 'forkAnswers'] as $choice) {
            foreach (array_column((array) $catalogue[$choice], 'label') as $label) {
                self::assertIsString($label);
                self::assertDoesNotMatchRegularExpression('/^[a-z-]+\.[a-z-]+/', $label);
            }
        }
    }
}
