<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** The day, the recipe in two formats, the calendar and the stove tell the same acts of a recipe, in the same order. */
final class OneStoryTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> */
    public static function recipes(): iterable
    {
        $root = \dirname(__DIR__, 2);
        foreach ([
            ...(glob("$root/app/StandIn/sample/*.txt") ?: []), ...(glob("$root/tests/Core/Reading/corpus/styles/*.txt") ?: []),
        ] as $file) {
            yield basename($file, '.txt') => [$file];
        }
    }

    #[DataProvider('recipes')]
    public function testEveryViewTellsTheSame(string $file): void
    {
        $read = $this->call('POST', '/api/recipes/read', ['text' => (string) file_get_contents($file)])['draft'];
        self::assertIsArray($read);
        $meat = (array) $read['meat'];
        $draft = [...$read, 'cookerId' => $this->draft()['cookerId'], 'serveAt' => '2026-11-26T19:00', 'away' => [],
            'meat' => [
                ...$meat, 'cut' => '' === $meat['cut'] ? 'beef-chuck' : $meat['cut'],
                'weight' => '' === $meat['weight'] ? '1.3 kg' : $meat['weight'],
            ]];
        $braise = $this->call('POST', '/api/braises', $draft, 201);
        $id = self::text($braise, 'id');
        if (null === $braise['adaptation'] || null === self::in($braise, 'adaptation.wholeDay')) {
            self::assertNotSame(
                [], [...(array) $braise['problems'], ...(array) self::in($braise, 'adaptation.findings')], 'no day, and nothing said',
            );

            return;
        }
        /** @var list<array{id: string, text: string, acts: list<string>, group: string}> $jobs */
        $jobs = array_values(array_filter(
            (array) self::in($braise, 'adaptation.wholeDay.jobs'), static fn (mixed $j): bool => \is_array($j) && 'braise' === $j['group'],
        ));
        $steps = $this->steps($id);

        $acts = array_values(array_unique(array_merge(...array_column($jobs, 'acts'))));
        self::assertNotSame([], $acts);
        self::assertSame(
            $steps, array_column((array) $this->json("/api/braises/$id/recipe.jsonld")['recipeInstructions'], 'text'),
            'Markdown and JSON-LD',
        );
        $this->assertCalendar($id, $jobs);
        $this->assertDayMarkdown($id, $jobs);
        /** @var list<array{setting: string, chosen: bool}> $outcomes */
        $outcomes = self::in($braise, 'adaptation.outcomes');
        $this->assertStove($id, $jobs, array_column(array_filter($outcomes, static fn (array $o): bool => $o['chosen']), 'setting')[0]);
    }

    /** @return list<string> */
    private function steps(string $id): array
    {
        preg_match('/## Method\n\n(.*?)\n\n## Notes/s', $this->export($id, 'recipe.md'), $m);

        return array_map(
            static fn (string $line): string => stripslashes((string) preg_replace('/^\d+\. /', '', $line)), explode("\n", $m[1] ?? ''),
        );
    }

    /** @param list<array{id: string, text: string, acts: list<string>, group: string}> $jobs */
    private function assertCalendar(string $id, array $jobs): void
    {
        // RFC 5545 folds lines and escapes commas and semicolons.
        $told = stripslashes(str_replace(["\r\n ", "\r\n\t"], '', $this->export($id, 'calendar.ics')));
        foreach ($jobs as $job) {
            self::assertStringContainsString('fork-test' === $job['id'] ? 'fork test' : $job['text'], $told, 'calendar');
        }
    }

    /** @param list<array{id: string, text: string, acts: list<string>, group: string}> $jobs */
    private function assertDayMarkdown(string $id, array $jobs): void
    {
        $day = stripslashes($this->export($id, 'day.md'));
        $at = 0;
        foreach ($jobs as $job) {
            $at = strpos($day, $job['text'], $at);
            self::assertIsInt($at, "day.md: {$job['text']}");
        }
    }

    /** @param list<array{id: string, text: string, acts: list<string>, group: string}> $jobs */
    private function assertStove(string $id, array $jobs, string $setting): void
    {
        $cook = $this->call(
            'POST', "/api/braises/$id/cook",
            ['at' => '', 'setting' => $setting, 'serveAt' => '2026-11-26T19:00', 'knowing' => ['already-on', 'same-cooker']], 201,
        );
        /** @var list<array{job: string, text: string}> $tasks */
        $tasks = $cook['tasks'];
        $ofTheBraise = static fn (string $job): bool => 1 === preg_match(
            '/^(?:lift-out|take-out|strain-and-skim|reduce|blend-sauce|slurry|glaze|cream-in|back-in|rest-meat|crisp|shred-meat|plate'
                .'|add-)/',
            $job,
        );
        self::assertSame(
            array_filter(array_column($jobs, 'text', 'id'), $ofTheBraise, \ARRAY_FILTER_USE_KEY),
            array_filter(array_column($tasks, 'text', 'job'), $ofTheBraise, \ARRAY_FILTER_USE_KEY),
            'stove',
        );
    }

    private function export(string $id, string $what): string
    {
        $this->client->request('GET', "/api/braises/$id/$what");
        self::assertSame(200, $this->client->getResponse()->getStatusCode());

        return (string) $this->client->getResponse()->getContent();
    }

    /** @return array<array-key, mixed> */
    private function json(string $path): array
    {
        $this->client->request('GET', $path);

        return (array) json_decode((string) $this->client->getResponse()->getContent(), true, 64, \JSON_THROW_ON_ERROR);
    }
}
