<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** Which setting is taken by itself: the recipe's own, then the house's, then what suits the day; and it says which. */
final class HabitOfSettingTest extends ApiTestCase
{
    public function testTheHousesWhereTheRecipeSaysNothing(): void
    {
        $draft = [...$this->draft(), 'setting' => 'auto', 'away' => []];
        [$byDay, $why] = $this->taken($draft);
        self::assertStringStartsWith('what suits the day', $why);
        $other = 'low' === $byDay ? 'high' : 'low';
        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call('PUT', '/api/house', [...$house, 'setting' => $other]);

        self::assertSame([$other, 'as this house likes it'], $this->taken($draft));
        self::assertSame([$byDay, 'your choice'], $this->taken([...$draft, 'setting' => $byDay]));
        $original = $draft['original'];
        self::assertIsArray($original);
        $own = ['setting' => $byDay, 'fromMinutes' => 480, 'toMinutes' => 540];
        self::assertSame([$byDay, 'as the recipe has it'], $this->taken([
            ...$draft, 'original' => [...$original, 'method' => 'slow-cooker', 'hours' => '8 h', 'settings' => [$own]],
        ]));
    }

    public function testAnotherIsNoSetting(): void
    {
        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call('PUT', '/api/house', [...$house, 'setting' => 'warm'], 422);
    }

    /**
     * @param array<string, mixed> $draft
     *
     * @return array{string, string} setting, why
     */
    private function taken(array $draft): array
    {
        $outcomes = self::in($this->call('POST', '/api/braises/preview', $draft), 'adaptation.outcomes');
        self::assertIsArray($outcomes);
        foreach ($outcomes as $outcome) {
            self::assertIsArray($outcome);
            if (true === $outcome['chosen']) {
                return [self::text($outcome, 'setting'), self::text($outcome, 'why')];
            }
            self::assertSame('', $outcome['why']);
        }
        self::fail('None is taken.');
    }
}
