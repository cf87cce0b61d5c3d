<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Exchange\RecipeFile;
use Pausis\App\Store\HouseRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\Questions;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Pieces;
use Pausis\Core\Recipe\Structure;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\Way;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:read', 'Prints what the recipe reader makes of a text file, as JSON (docs/formats.md).')]
final readonly class ReadCommand
{
    public function __construct(
        private RecipeReader $reader, private RecipeFile $files, private Wording $wording, private Larder $larder,
    ) {
    }

    public function __invoke(OutputInterface $output, #[Argument('A text, Markdown, JSON-LD or HTML file')] string $file): int
    {
        $problems = new Problems();
        $text = $this->files->text(
            is_file($file) ? (string) file_get_contents($file, length: RecipeFile::MOST_BYTES + 1) : '', basename($file), $problems, 'file',
        );
        // The first reading in a process compiles the patterns; a server has done so.
        if (null !== $text) {
            $this->reader->read($text, new Problems(), 'file');
        }
        $from = hrtime(true);
        $reading = null === $text ? null : $this->reader->read($text, $problems, 'file');
        $milliseconds = (hrtime(true) - $from) / 1e6;
        if (null === $reading) {
            $output->writeln(Json::pretty(['problems' => array_map(
                fn (Problem $p): object => $this->wording->problem($p, new Measures(new HouseRecord())), $problems->all(),
            )]));

            return Command::FAILURE;
        }
        $places = array_flip(array_map(static fn (Ingredient $i): string => $i->key(), $reading->ingredients));
        $output->writeln(Json::pretty([
            'title' => $reading->title,
            'serves' => $reading->serves,
            'ingredients' => array_map($this->ingredient(...), $reading->ingredients),
            'steps' => array_map(static fn (Act $a): array => self::act($a, $places), $reading->acts),
            'unread' => array_map(static fn (array $u): array => ['line' => $u['line'], 'source' => $u['source']], $reading->unread),
            'measures' => $reading->system->value,
            'original' => null === $reading->original
                ? null
                : [
                    'method' => $reading->original->method->value, 'minutes' => round(60 * $reading->original->hours),
                    'celsius' => $reading->original->ovenCelsius,
                ],
            'questions' => Questions::of($reading),
            'structure' => [
                ...self::structure($reading->structure), 'ways' => array_map(self::way(...), $reading->ways),
                'phases' => array_map(
                    static fn (array $p): array => ['setting' => $p['setting'], 'minutes' => [$p['minutes']->low, $p['minutes']->high]],
                    $reading->ways[0]->phases ?? [],
                ),
            ],
            'ms' => round($milliseconds, 1),
        ]));

        return Command::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function ingredient(Ingredient $i): array
    {
        return [
            'source' => $i->source,
            'quantity' => null === $i->amount
                ? null
                : ['low' => $i->amount->low, 'high' => $i->amount->high, 'unit' => $i->amount->unit?->value],
            'grams' => null === $i->grams ? null : round($i->grams, 1),
            'millilitres' => null === $i->millilitres ? null : round($i->millilitres, 1),
            'food' => $i->food->id ?? $i->cut->id ?? null,
            'names' => $this->names($i),
            'role' => $i->role->value,
            'notes' => $i->notes,
            'optional' => $i->optional,
            'confidence' => round($i->confidence, 2),
            'problems' => array_map(static fn (Doubt $d): string => $d->value, $i->doubts),
        ];
    }

    /** @return list<string> its own, and those of what it is a kind of: unsalted stock is stock */
    private function names(Ingredient $i): array
    {
        $kind = null === $i->food ? null : $this->larder->named((string) preg_replace('/^.* /u', '', $i->food->name))[0] ?? null;

        return array_values(array_unique([
            ...($i->food->words ?? $i->cut->words ?? []), ...($kind?->role === $i->food?->role ? $kind->words ?? [] : []),
        ]));
    }

    /**
     * @param array<string, int> $places of ingredients
     *
     * @return array<string, mixed>
     */
    private static function act(Act $a, array $places): array
    {
        return [
            'source' => $a->source,
            'kind' => match (true) {
                ActKind::Add === $a->kind && Timing::BeforeEnd === $a->when->timing => 'add-late',
                // The console's format has no kind of its own for it.
                ActKind::HeatUp === $a->kind, ActKind::Mix === $a->kind => ActKind::Prepare->value,
                ActKind::Carve === $a->kind => ActKind::Serve->value,
                default => $a->kind->value,
            },
            'minutes' => null === $a->minutes ? null : ['low' => $a->minutes->low, 'high' => $a->minutes->high],
            'temperature' => null === $a->celsius ? null : round($a->celsius, 1),
            'setting' => null,
            'ingredients' => array_values(array_filter(
                array_map(static fn (string $id): ?int => $places[$id] ?? null, $a->foods), static fn (?int $k): bool => null !== $k,
            )),
            'perSide' => $a->batches->perSide,
            'until' => $a->until,
        ];
    }

    /** @return array<string, mixed> */
    private static function structure(?Structure $s): array
    {
        $range = static fn (Minutes|Pieces|null $m): ?array => null === $m ? null : [$m->low, $m->high];
        $words = [
            'slurry' => 'thicken-starch', 'butter-and-starch' => 'butter-starch', 'back-into-the-juice' => 'soak-back',
            'season-to-taste' => 'season', 'carve' => 'serve', 'crisp' => 'broil',
        ];

        return null === $s ? [] : [
            'uncoverMinutes' => $s->uncoverMinutes,
            'pieces' => $range($s->pieces),
            'sizeCm' => $s->sizeCm,
            'takeOut' => array_map(static fn (TakeOut $t): string => $t->name, $s->takeOut),
            'finish' => array_map(static fn (Act $a): string => $words[$a->kind->value] ?? $a->kind->value, $s->finish),
            'bonesServed' => $s->bonesServed,
            'browned' => $s->browned,
            'blanched' => $s->blanched,
            'marinade' => $s->marinade,
            'ingredients' => array_map(
                static fn (PartKind $p, ?Minutes $late): array => ['part' => $p->value, 'lateMinutes' => $range($late)], $s->parts,
                $s->late,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function way(Way $way): array
    {
        $range = static fn (?Minutes $m): ?array => null === $m ? null : [$m->low, $m->high];

        return [
            'where' => $way->method->value, 'celsius' => $way->celsius, 'settings' => array_map($range, $way->settings) ?: new \stdClass(),
            'minutes' => $range($way->minutes), 'lid' => $way->lid,
            'amounts' => array_map(
                static fn (array $a): array => array_filter(
                    ['ingredient' => $a['ingredient'], 'factor' => $a['factor'], 'ml' => $a['millilitres']],
                    static fn (int|float|null $v): bool => null !== $v,
                ),
                $way->amounts,
            ),
        ];
    }
}
