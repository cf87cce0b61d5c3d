<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Doctrine\DBAL\Connection;
use Pausis\App\StandIn\SampleHouse;

/** Everything out, and in again: the same house, beside another or in its place; what can't be read changes nothing. */
final class WholeHouseTest extends ApiTestCase
{
    private function sample(bool $withYear = true): void
    {
        $sample = self::getContainer()->get(SampleHouse::class);
        self::assertInstanceOf(SampleHouse::class, $sample);
        $ids = $sample->fill();
        $withYear && $sample->remember($ids);
    }

    private function out(): string
    {
        $this->client->request('GET', '/api/everything.json');
        self::assertSame(200, $this->client->getResponse()->getStatusCode());

        return $this->client->getInternalResponse()->getContent();
    }

    /** @return array<string, int> rows by table */
    private function rows(): array
    {
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);
        $rows = [];
        foreach (['cooker', 'braise', 'cook', 'notebook', 'meaning'] as $table) {
            $count = $connection->fetchOne("SELECT COUNT(*) FROM $table");
            $rows[$table] = is_numeric($count) ? (int) $count : -1;
        }

        return $rows;
    }

    public function testTheYearOfTheSampleIsInItsNotebook(): void
    {
        $this->sample();
        $list = $this->call('GET', '/api/notebook');

        self::assertSame(['40 cooks', 2], [$list['found'], $list['pages']]);
        self::assertSame('Friday 13 November', self::text($list, 'cooks.0.date'), 'as far back from today as when it was written');
        self::assertCount(15, (array) $this->call('GET', '/api/notebook?page=2')['cooks']);
        $learned = $this->call('GET', '/api/notebook/learned');
        self::assertSame('From 40 cooks', $learned['from']);
        self::assertMatchesRegularExpression('/^Of 30 cooks that tell, 2\d were ready/', self::text($learned, 'honesty'));
        self::assertStringContainsString('32 cooks', self::text($learned, 'cookers.0.says'));
        self::assertCount(32, (array) self::in($learned, 'cookers.0.course'));
        self::assertSame([], self::in($this->call('DELETE', '/api/notebook/learned'), 'cuts'), 'forgotten, but for the pages');
        self::assertSame('40 cooks', $this->call('GET', '/api/notebook')['found']);
    }

    public function testOutInAndOutAgainIsTheSame(): void
    {
        $this->sample();
        $out = $this->out();
        $rows = $this->rows();
        $look = $this->call('POST', '/api/everything?how=look', $out);
        self::assertFalse($look['taken']);
        self::assertSame('no cook (40 here already)', self::text($look, 'beside.3'));
        self::assertSame('40 cooks, in place of 40', self::text($look, 'instead.3'));

        $this->call('POST', '/api/everything?how=beside', $out);
        self::assertSame($rows, $this->rows(), 'beside itself nothing is added');
        $this->call('POST', '/api/everything?how=instead', $out);

        self::assertSame($rows, $this->rows());
        $bare = static fn (string $json): array => array_diff_key(
            (array) json_decode((string) preg_replace('/"written":"[^"]*",|"revision":\d+,/', '', $json), true), ['written' => 0],
        );
        self::assertEquals($bare($out), $bare($this->out()));
        self::assertCount(1, (array) $this->call('GET', '/api/notebook?words=fennel+mush')['cooks'], 'its words are found again');
    }

    public function testBesideAnotherHouseEachKeepsItsOwn(): void
    {
        $this->sample();
        $out = $this->out();
        $this->call('POST', '/api/everything?how=instead', $this->emptied($out));
        self::assertSame(['cooker' => 0, 'braise' => 0, 'cook' => 0, 'notebook' => 0, 'meaning' => 0], $this->rows());
        $mine = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
        $this->call('POST', '/api/everything?how=beside', $out);

        self::assertSame(['cooker' => 3, 'braise' => 6, 'cook' => 40, 'notebook' => 40], array_diff_key($this->rows(), ['meaning' => 0]));
        self::assertSame($mine, $this->call('GET', "/api/braises/$mine")['id']);
    }

    public function testWhatCantBeReadChangesNothing(): void
    {
        $this->sample(false);
        $out = $this->out();
        $rows = $this->rows();
        foreach ([
            'file-cut-off' => substr($out, 0, 2000), 'file-of-another' => '{"format":"cookbook","version":1}',
            'file-newer' => str_replace('"version":1', '"version":2', $out),
            'file-does-not-fit' => str_replace('"capacityLitres":6.5', '"capacityLitres":"large"', $out),
        ] as $code => $file) {
            self::assertNotSame($out, $file, $code);
            $answer = $this->call('POST', '/api/everything?how=instead', $file, 422);
            self::assertSame([$code], array_column((array) $answer['violations'], 'code'));
        }
        $wrong = str_replace('"capacityLitres":6.5', '"capacityLitres":"large"', $out);
        $answer = $this->call('POST', '/api/everything?how=instead', $wrong, 422);
        self::assertStringContainsString('cookers.', self::text($answer, 'violations.0.message'));
        /** @var array{braises: list<array{draft: array<string, mixed>}>, cooks: list<mixed>} $file */
        $file = json_decode($out, true);
        $file['braises'][1]['draft']['ingredients'] = 7;
        $answer = $this->call('POST', '/api/everything?how=instead', [...$file, 'house' => new \stdClass()], 422);
        self::assertStringContainsString('at braises.1.draft', self::text($answer, 'violations.0.message'));
        self::assertSame($rows, $this->rows());
    }

    public function testTheNotebookAsATableRunsNoFormula(): void
    {
        $this->sample();
        $page = $this->call('GET', '/api/notebook/'.self::text($this->call('GET', '/api/notebook'), 'cooks.0.id'));
        $this->call('PUT', '/api/notebook/'.self::text($page, 'cook.id'), [
            'revision' => $page['revision'], 'note' => '=1+1 <script>', 'nextTime' => '', 'meatStars' => 3, 'sauceStars' => 0,
            'cookedBy' => '', 'leftOut' => false,
        ]);
        $this->client->request('GET', '/api/notebook.csv');
        $csv = (string) $this->client->getResponse()->getContent();
        self::assertCount(42, explode("\r\n", $csv));
        self::assertStringContainsString("'=1+1", $csv);
        $this->client->request('GET', '/api/notebook.md');
        self::assertStringContainsString('## Oxtail, stout, prunes', (string) $this->client->getResponse()->getContent());
    }

    public function testACookThatIsLeftOutIsAsIfItHadNeverTaught(): void
    {
        $this->sample();
        $heat = fn (): mixed => self::in($this->call('GET', '/api/notebook/learned'), 'cookers.0.says');
        $points = fn (): array => array_column(
            (array) self::in($this->call('GET', '/api/notebook/learned'), 'cookers.0.course'), 'percent',
        );
        $before = $points();
        /** @var list<array{id: string, what: string}> $cooks */
        $cooks = $this->call('GET', '/api/notebook')['cooks'];
        // The last but one of the large cooker: one later cook teaches anew.
        $large = array_values(array_filter($cooks, static fn (array $c): bool => str_contains($c['what'], 'big oval')));
        $say = fn (bool $leftOut): array => $this->call('PUT', "/api/notebook/{$large[1]['id']}", [
            'revision' => self::in($this->call('GET', "/api/notebook/{$large[1]['id']}"), 'revision'), 'note' => '', 'nextTime' => '',
            'meatStars' => 0, 'sauceStars' => 0, 'cookedBy' => '', 'leftOut' => $leftOut,
        ]);

        self::assertSame('Left out; nothing is learned of it.', $say(true)['learned']);
        $without = $points();
        self::assertCount(\count($before) - 1, $without);
        self::assertSame(\array_slice($before, 0, -2), \array_slice($without, 0, -1), 'what was before it stands');
        self::assertNotEqualsWithDelta(end($before), end($without), 0.01);
        self::assertStringContainsString('31 cooks', (string) json_encode($heat()));
        $say(false);
        self::assertEqualsWithDelta(end($before), $points()[\count($before) - 1], 0.05, 'taken in again, it teaches what it taught');
    }

    private function emptied(string $json): string
    {
        $file = (array) json_decode($json, true);

        return json_encode([
            ...$file, 'house' => new \stdClass(), 'cookers' => [], 'meanings' => [], 'braises' => [], 'cooks' => [], 'pages' => [],
            'learned' => null,
        ], \JSON_THROW_ON_ERROR);
    }

    public function testAPlanOrAWaterTestThatIsNoneIsRefusedAndWhatItIsOfOpensAsBefore(): void
    {
        $this->sample();
        foreach (['braises.0.plan' => ['jobs' => 5], 'cookers.0.waterTest' => ['x' => ['y' => 1]]] as $where => $junk) {
            [$part, $k, $key] = explode('.', $where);
            $file = (array) json_decode($this->out(), true);
            self::assertIsArray($file[$part] ?? null);
            self::assertIsArray($file[$part][(int) $k] ?? null);
            $file[$part][(int) $k][$key] = $junk;
            $json = json_encode($file, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
            $refused = $this->call('POST', '/api/everything?how=instead', $json, 422);
            self::assertStringContainsString($where, self::text($refused, 'violations.0.message'));
        }
        $this->call('GET', '/api/cookers');
        $this->call('GET', '/api/today');
    }
}
