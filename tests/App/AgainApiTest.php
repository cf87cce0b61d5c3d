<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** What a cook wanted otherwise next time is ready when it is cooked again, each with what it does, on that recipe. */
final class AgainApiTest extends ApiTestCase
{
    /** @return array{string, array<array-key, mixed>} path of a braise whose dinner is over, and its draft */
    private function over(): array
    {
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);
        $this->at((int) strtotime('2026-11-27 06:00 Europe/Vienna'));

        return ['/api/braises/'.self::text($braise, 'id'), (array) $braise['draft']];
    }

    public function testEachWishIsAChangeWithItsEffectAndTheDaysHaveThemAll(): void
    {
        [$braise, $draft] = $this->over();
        $again = $this->call('POST', "$braise/again", ['text' => 'half an hour longer, less wine; serve it with the good bread']);
        /** @var list<array{words: string, says: string, effect: string, canBeTaken: bool, taken: bool}> $changes */
        $changes = $again['changes'];

        self::assertSame([true, true, false], array_column($changes, 'canBeTaken'));
        self::assertSame([true, true, false], array_column($changes, 'taken'));
        self::assertSame('30 min longer in the pot', $changes[0]['says']);
        self::assertStringContainsString('190 ml instead of 250 ml', $changes[1]['says']);
        self::assertMatchesRegularExpression('/likely ready after (.+) instead of (.+?)(?:,|$)/', $changes[0]['effect']);
        preg_match('/likely ready after (\d+) h(?: (\d+))? instead of (\d+) h(?: (\d+))?/', $changes[0]['effect'], $m);
        $minutes = 60 * ((int) ($m[1] ?? 0) - (int) ($m[3] ?? 0)) + (int) ($m[2] ?? 0) - (int) ($m[4] ?? 0);
        self::assertEqualsWithDelta(30, $minutes, 10, $changes[0]['effect']);
        self::assertSame('to remember; nothing is reckoned with it', $changes[2]['says']);
        $change = (array) self::in($again, 'ways.0.change');
        self::assertSame('2026-11-27T19:00', $change['serveAt']);
        self::assertArrayHasKey('longer', (array) $change['meat']);
        self::assertSame('190 ml', self::text(['i' => array_column((array) $change['ingredients'], 'amount', 'food')], 'i.white wine'));
        self::assertSame($draft, (array) $this->call('GET', $braise)['draft'], 'nothing is kept of it');
    }

    public function testFoodsThatWereCutTooSmallAreCutLargerAndTheirSizeCounts(): void
    {
        [$braise] = $this->over();
        $again = $this->call('POST', "$braise/again", ['text' => 'cut the onions larger']);
        self::assertSame('onions, in 3 cm pieces', self::in($again, 'changes.0.says'));
        $foods = array_column((array) self::in($again, 'ways.0.change.ingredients'), 'food');
        self::assertContains('onions, in 3 cm pieces', $foods);

        $smaller = $this->call('POST', "$braise/again", ['text' => 'cut the onions smaller']);
        self::assertSame('onions, in 1.5 cm pieces', self::in($smaller, 'changes.0.says'));
    }

    public function testOnlyWhatIsTakenIsInIt(): void
    {
        [$braise] = $this->over();
        $again = $this->call('POST', "$braise/again", ['text' => 'less wine, thicker sauce', 'taken' => [1]]);

        self::assertSame([false, true], array_column((array) $again['changes'], 'taken'));
        self::assertArrayNotHasKey('ingredients', (array) self::in($again, 'ways.0.change'));
        self::assertSame('gravy', self::in($again, 'ways.0.change.thickness'));
        self::assertSame([], self::in($this->call('POST', "$braise/again", ['text' => '']), 'changes'));
        $this->call('POST', "$braise/again", ['text' => str_repeat('less wine ', 300)], 422);
    }

    public function testLongerIsInThePotsOwnHoursAndSaidWhereItIsWrong(): void
    {
        [$braise, $draft] = $this->over();
        $likely = fn (string $longer): mixed => self::in($this->call('POST', '/api/braises/preview', [
            ...$draft, 'serveAt' => '2026-11-28T19:00', 'meat' => [...(array) $draft['meat'], 'longer' => $longer],
        ]), 'adaptation.outcomes.0.windows.1.likely');

        self::assertGreaterThan($likely(''), $likely('40 min'));
        self::assertLessThan($likely(''), $likely('−30'));
        self::assertSame($likely(''), $likely('0'));
        $wrong = $this->call('POST', '/api/braises/preview', [
            ...$draft, 'serveAt' => '2026-11-28T19:00', 'meat' => [...(array) $draft['meat'], 'longer' => 'a while'],
        ]);
        self::assertContains('meat.longer', array_column((array) $wrong['problems'], 'path'));
        self::assertNotNull($wrong['adaptation'], 'all else is worked out');
        self::assertNotSame('', $braise);
    }

    public function testCookedAndPlannedAnewItStandsOnTodayAsAnyOther(): void
    {
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T19:00', 'away' => []], 201);
        $path = '/api/braises/'.self::text($braise, 'id');
        $this->at((int) strtotime('2026-11-26 09:00 Europe/Vienna'));
        $cook = '/api/cooks/'.self::text($this->call('POST', "$path/cook", ['at' => '', 'setting' => 'low'], 201), 'id');
        $this->at((int) strtotime('2026-11-26 18:30 Europe/Vienna'));
        $this->call('POST', "$cook/close", ['servedAt' => '', 'note' => '']);
        self::assertSame('cooked', self::in($this->call('GET', '/api/braises'), '0.state'), 'closed before its dinner was planned');
        $this->at((int) strtotime('2026-11-28 09:00 Europe/Vienna'));
        $now = $this->call('GET', $path);
        $change = (array) self::in($this->call('POST', "$path/again", ['text' => '']), 'ways.1.change');
        $this->call('PUT', $path, ['revision' => $now['revision'], 'draft' => [...(array) $now['draft'], ...array_diff_key($change, [
            'handling' => 0])]]);

        self::assertSame('planned', self::in($this->call('GET', '/api/braises'), '0.state'));
        self::assertStringStartsWith('In by', self::text($this->call('GET', '/api/braises'), '0.headline'));
        $today = $this->call('GET', '/api/today');
        self::assertSame([1, 0], [\count((array) $today['planned']), \count((array) $today['past'])]);
        self::assertNotSame([], $today['jobs']);
        $this->at((int) strtotime('2026-12-05 09:00 Europe/Vienna'));
        self::assertSame('past', self::in($this->call('GET', '/api/braises'), '0.state'), 'that dinner went by uncooked');
    }

    public function testAPotThatIsOnHasItsDinnerWhateverTheRecipesNextOneIs(): void
    {
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T19:00', 'away' => []], 201);
        $path = '/api/braises/'.self::text($braise, 'id');
        $this->at((int) strtotime('2026-11-26 09:00 Europe/Vienna'));
        $cook = $this->call('POST', "$path/cook", ['at' => '', 'setting' => 'low'], 201);
        $now = $this->call('GET', $path);
        $this->call('PUT', $path, ['revision' => $now['revision'], 'draft' => [...(array) $now['draft'], 'serveAt' => '2026-12-09T19:00']]);
        $this->at((int) strtotime('2026-11-26 12:00 Europe/Vienna'));

        self::assertStringContainsString('19:00', self::text($this->call('GET', '/api/cooks/'.self::text($cook, 'id')), 'headline'));
        $this->call('POST', "$path/again", ['text' => ''], 409);
    }
}
