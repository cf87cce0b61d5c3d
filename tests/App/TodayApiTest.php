<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** The start page, answers compared, and meat asked for. */
final class TodayApiTest extends ApiTestCase
{
    public function testWhatIsPlannedIsWorkedOutAnewAndItsJobsAreInOneList(): void
    {
        $id = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
        $today = $this->call('GET', '/api/today');
        $one = $this->call('GET', "/api/braises/$id");

        self::assertSame([], $today['running']);
        self::assertSame(self::text($one, 'adaptation.verdict'), self::text($today, 'planned.0.verdict'));
        self::assertSame(self::in($one, 'adaptation.ribbon'), self::in($today, 'planned.0.ribbon'));
        $jobs = (array) $today['jobs'];
        self::assertNotSame([], $jobs);
        $at = array_map(static fn (int $k): int|false => strtotime(self::text($today, "jobs.$k.at")), array_keys($jobs));
        $sorted = $at;
        sort($sorted);
        self::assertSame($sorted, $at);
        self::assertSame(['', $id], [self::text($today, 'jobs.0.cookId'), self::text($today, 'jobs.0.braiseId')]);
    }

    public function testAPotThatIsOnIsShownAsItIsAndUsesItsCooker(): void
    {
        $id = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
        $free = \count((array) $this->call('GET', '/api/today')['free']);
        $cook = $this->call('POST', "/api/braises/$id/cook", [
            'at' => '', 'setting' => '', 'serveAt' => '2026-11-26T19:00', 'cookerId' => '', 'knowing' => ['which-dinner'],
        ], 201);
        $today = $this->call('GET', '/api/today');

        self::assertSame(self::text($cook, 'id'), self::text($today, 'running.0.cookId'));
        self::assertSame([], $today['planned']);
        self::assertCount($free - 1, (array) $today['free']);
        self::assertSame(self::text($cook, 'next.text'), self::text($today, 'running.0.next.text'));
        self::assertSame(self::text($cook, 'headline'), self::text($today, 'running.0.headline'));
        self::assertIsArray(self::in($today, 'running.0.pot'));
        $phrases = array_column((array) self::in($today, 'running.0.ribbon.phrases'), 'clock', 'kind');
        self::assertArrayHasKey('serve', $phrases);

        $this->call('POST', '/api/cooks/'.self::text($cook, 'id').'/close', ['servedAt' => '', 'note' => '']);
        $today = $this->call('GET', '/api/today');
        self::assertSame([[], true], [$today['running'], self::in($today, 'past.0.cooked')]);
    }

    public function testTheRibbonSaysWhatTheVerdictSays(): void
    {
        $braise = $this->call('POST', '/api/braises/preview', $this->draft());
        $verdict = self::text($braise, 'adaptation.verdict');
        foreach (array_keys((array) self::in($braise, 'adaptation.ribbon.phrases')) as $k) {
            $said = array_map(
                static fn (string $part): string => self::text($braise, "adaptation.ribbon.phrases.$k.$part"), ['before', 'clock', 'after'],
            );
            self::assertStringContainsString(mb_strtolower(trim(implode(' ', $said))), mb_strtolower($verdict));
        }
        $chosen = array_values(array_filter(
            (array) self::in($braise, 'adaptation.outcomes'), static fn (mixed $o): bool => \is_array($o) && true === $o['chosen'],
        ))[0] ?? [];
        self::assertSame($chosen['pots'] ?? null, self::in($braise, 'adaptation.ribbon.pots'));
    }

    public function testWhatIsToBeWeighedOutIsWhatTheLedgerSaysAlsoWhenTheOutcomeWasKept(): void
    {
        $id = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
        foreach ([1, 2] as $time) {
            $adaptation = (array) $this->call('GET', "/api/braises/$id")['adaptation'];
            $cut = array_values(array_filter(
                (array) $adaptation['ledger'], static fn (mixed $e): bool => \is_array($e) && 'liquid-cut' === $e['code'],
            ));
            self::assertNotSame([], $cut);
            $foods = implode("\n", array_map(
                static fn (int $l): string => implode("\n", array_filter((array) self::in($adaptation, "method.$l.foods"), is_string(...))),
                array_keys((array) $adaptation['method']),
            ));
            foreach (array_keys($cut) as $k) {
                $is = self::text(['cut' => $cut], "cut.$k.is");
                self::assertStringContainsString("$is ", $foods, "$time");
            }
        }
    }

    public function testAnswersAreComparedWithoutBeingGiven(): void
    {
        $draft = $this->draft();
        $id = self::text($this->call('POST', '/api/braises', $draft, 201), 'id');
        $compared = $this->call('POST', "/api/braises/compare?of=$id", ['draft' => $draft, 'changes' => [
            [], ['setting' => 'high'], ['meat' => ['cut' => 'unicorn']], ['level' => 'covered'],
        ]]);

        self::assertCount(4, $compared);
        self::assertSame(['', true], [self::text($compared, '0.moved'), self::in($compared, '0.works')]);
        self::assertStringContainsString('High', self::text($compared, '1.moved'));
        self::assertSame([false, null], [self::in($compared, '2.works'), self::in($compared, '2.ribbon')]);
        self::assertStringContainsString('liquid', self::text($compared, '3.moved'));
        self::assertSame(
            self::text($this->call('POST', "/api/braises/preview?of=$id", [...$draft, 'level' => 'covered']), 'adaptation.liquid.load'),
            self::text($compared, '3.load'),
        );
        $this->call('POST', '/api/braises/compare', ['draft' => $draft, 'changes' => array_fill(0, 9, [])], 422);
        foreach (['changes[0]' => ['meat' => 5], 'changes[0].meat.weight' => ['meat' => ['weight' => 5]], 'changes[0].left' => [
            'left' => array_fill(0, 5_000, 'x'),
        ]] as $path => $change) {
            $problem = $this->call('POST', '/api/braises/compare', ['draft' => $draft, 'changes' => [$change]], 422);
            self::assertStringStartsWith($path, self::text($problem, 'violations.0.path'));
        }
    }

    public function testHoursOfARecipesOwnAreAnAnswerLikeAnother(): void
    {
        $own = ['original' => ['method' => 'slow-cooker', 'ownHours' => [['setting' => 'low', 'fromMinutes' => 480, 'toMinutes' => 540]]]];
        $compared = $this->call('POST', '/api/braises/compare', ['draft' => $this->draft(), 'changes' => [$own]]);

        self::assertTrue(self::in($compared, '0.works'));
    }

    public function testTwoPotsInOneCookerOnOneDayAreToldOfHereToo(): void
    {
        $draft = $this->draft();
        $this->call('POST', '/api/braises', $draft, 201);
        $this->call('POST', '/api/braises', [...$draft, 'title' => 'The second'], 201);
        $today = $this->call('GET', '/api/today');

        foreach (['0', '1'] as $k) {
            self::assertStringContainsString('This cooker is in use', self::text($today, "planned.$k.worry"));
            self::assertFalse(self::in($today, "planned.$k.works"));
        }
    }

    public function testMeatIsAskedForFromNothingAndTaken(): void
    {
        $plain = [...$this->call('GET', '/api/meats/plain'), 'cookerId' => $this->draft()['cookerId'], 'serveAt' => '2026-11-26T19:00'];
        $offers = $this->call('POST', '/api/meats', ['draft' => $plain, 'cuts' => ['pork-shoulder', 'lamb-shank', 'nothing']]);

        self::assertSame(['joint', 'halved', 'cubes', 'pieces'], array_column($offers, 'form'));
        foreach ($offers as $offer) {
            self::assertIsArray($offer);
            $taken = $this->call('POST', '/api/braises/preview', array_replace_recursive($plain, (array) $offer['change']));
            self::assertSame([], $taken['problems']);
            self::assertSame($offer['works'], '' !== self::text($taken, 'adaptation.ribbon.switchOn'));
        }
        $problem = $this->call('POST', '/api/meats', ['draft' => [...$plain, 'cookerId' => ''], 'cuts' => ['lamb-shank']], 422);
        self::assertSame('cookerId', self::text($problem, 'violations.0.path'));
    }

    public function testWhatIsLeftOfTheTextStaysLeft(): void
    {
        $draft = [...$this->draft(), 'left' => ['Serve with a story.']];
        $id = self::text($this->call('POST', '/api/braises', $draft, 201), 'id');
        self::assertSame(['Serve with a story.'], self::in($this->call('GET', "/api/braises/$id"), 'draft.left'));
    }
}
