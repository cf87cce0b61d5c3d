<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Kitchen\Cooked;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\Notebook;
use Pausis\App\Store\NotebookRecord;
use Pausis\App\Wording\Wording;
use Pausis\Core\Meat\Cuts;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** The notebook as a table (RFC 4180) and as Markdown, a row or a section a cook, the oldest first (docs/formats.md). */
final readonly class NotebookTable
{
    public function __construct(
        private Notebook $notebook, private Cooked $cooked, private Cuts $cuts, private Cookers $cookers, private House $house,
        private Wording $wording,
    ) {
    }

    public function csv(): string
    {
        $rows = array_map($this->row(...), $this->notebook->all());

        return (new CsvEncoder())->encode([] === $rows ? [self::NONE] : $rows, CsvEncoder::FORMAT, [
            CsvEncoder::ESCAPE_FORMULAS_KEY => true, CsvEncoder::END_OF_LINE => "\r\n", CsvEncoder::NO_HEADERS_KEY => false,
        ]);
    }

    public function markdown(): string
    {
        $text = "# {$this->wording->label('notebook', 'title')}\n";
        foreach ($this->notebook->all() as $entry) {
            $row = $this->row($entry);
            $text .= "\n## ".self::bare($entry->title)."\n\n";
            foreach (array_diff_key($row, ['title' => 0, 'note' => 0, 'next_time' => 0]) as $name => $value) {
                $text .= '' === $value ? '' : '- '.str_replace('_', ' ', $name).': '.self::bare((string) $value)."\n";
            }
            foreach (['note', 'next_time'] as $said) {
                $text .= '' === $row[$said] ? '' : "\n> ".str_replace("\n", "\n> ", (string) $row[$said])."\n";
            }
        }

        return $text;
    }

    /** Of an empty notebook, so that a table still says what it would have. */
    private const NONE = [
        'date' => '', 'title' => '', 'cut' => '', 'cooker' => '', 'setting' => '', 'switched_on' => '', 'window_from_h' => '',
        'window_to_h' => '', 'not_ready_h' => '', 'ready_h' => '', 'window_held' => '', 'dinner_planned' => '', 'eaten' => '',
        'sauce_planned_ml' => '', 'sauce_left_ml' => '', 'fork_tests' => '', 'meat_stars' => '', 'sauce_stars' => '', 'cooked_by' => '',
        'left_out' => '', 'note' => '', 'next_time' => '',
    ];

    /** @return array<key-of<self::NONE>, string|float|int> */
    private function row(NotebookRecord $entry): array
    {
        $zone = $this->house->record()->zone();
        $moment = static fn (mixed $at): string => \is_string($at)
            ? (new \DateTimeImmutable($at))->setTimezone($zone)->format('Y-m-d H:i') : '';
        $hours = static fn (mixed $value): string|float => is_numeric($value) ? round((float) $value, 2) : '';
        $ready = $this->cooked->ready($entry);

        return [
            'date' => $entry->cookedOn->setTimezone($zone)->format('Y-m-d'), 'title' => $entry->title,
            'cut' => $this->cuts->find($entry->cut)->name ?? '', 'cooker' => $this->cookers->findDeleted($entry->cookerId)->name ?? '',
            'setting' => $entry->setting, 'switched_on' => $moment($entry->cookedOn->format(\DATE_ATOM)),
            'window_from_h' => $hours($entry->planned['earliestHours'] ?? null),
            'window_to_h' => $hours($entry->planned['latestHours'] ?? null), 'not_ready_h' => $hours($ready->after),
            'ready_h' => $hours($ready->by), 'window_held' => $this->cooked->held($entry)->value,
            'dinner_planned' => $moment($entry->planned['serve'] ?? null), 'eaten' => $moment($entry->happened['serve'] ?? null),
            'sauce_planned_ml' => $hours($entry->planned['endMl'] ?? null), 'sauce_left_ml' => $hours($entry->happened['endMl'] ?? null),
            'fork_tests' => $hours($entry->happened['tests'] ?? null), 'meat_stars' => 0 === $entry->meatStars ? '' : $entry->meatStars,
            'sauce_stars' => 0 === $entry->sauceStars ? '' : $entry->sauceStars,
            'cooked_by' => array_column($this->house->record()->people, 'name', 'id')[$entry->cookedBy] ?? '',
            'left_out' => $entry->leftOut ? 'yes' : '', 'note' => $entry->note, 'next_time' => $entry->nextTime,
        ];
    }

    /** In one line, and no mark of Markdown's. */
    private static function bare(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_{}\[\]<>#|])/', '\\\\$1', (string) preg_replace('/\s+/u', ' ', $text));
    }
}
