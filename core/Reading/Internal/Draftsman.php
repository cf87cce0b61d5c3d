<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\ActTable;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Lines\Flow;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Reading\Lines\TaggedLine;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Recipe\Way;

/** Makes a reading of a text whose lines are told apart. Used once. */
final class Draftsman
{
    /** A stretch longer than this holds no recipe that could be told. */
    /** Of a marinade whose wine is kept. */
    /** "Serves 4 · oven 2 1/4 hours at 150C/130C fan/gas 2": short, with the oven and its heat. */
    private const OVEN_FACT = '/^(?=.{8,90}$)(?=.*\boven\b).*\b(?:\d{2,3} ?°? ?[CF]\b|gas(?: mark)? ?\d)/iu';
    private const STRAINED_OUT = '/\b(?:throw|discard|bin)\w*\b[^.;]{0,24}\bveg(?:etables?)?\b'
        .'|\bveg(?:etables?)?\b[^.;]{0,16}\b(?:away|discarded)\b/iu';
    private const MOST_STRETCH_BYTES = 20_000;
    private const MOST_SENTENCES = 400;
    /** "SEED CAKE.—½ lb. butter", "218.—KABOB CURRY is made": the next entry of a book. */
    private const NEXT_ENTRY = '/^\W*(?:\d{1,4}\.\s?[—–-]+\s*)?(?!\p{Lu}*\s?(?:SAUCE|GRAVY|STUFFING|DUMPLINGS|FILLING|MASH|MARINADE'
        .'|PASTRY'
        .'|CRUST|TOPPING|METHOD|NOTE|HINT|TIP))\p{Lu}{3,}(?:[ ’\'-]\p{Lu}{2,})+\.\s?[—–-]+|^\W*\d{1,4}\.\s?[—–-]+\s*\p{Lu}{3}/u';
    private const ANNOUNCED = '/^\W*(?:ingredients?\b|you (?:will |[’\']ll )?need\b|(?:serves|feeds|makes|yield)\b|for \d+ (?:people'
        .'|persons)\b)|,\s*for \d{1,2}(?:\s*[-–]\s*\d{1,2})?\W*$|\((?:serves|for) \d/iu';
    /** A line of the list that is no list's line: it tells more than it names. */
    private const PROSE = '/\p{L}{2}[.!?;]\s+\p{L}/u';
    /** "If your butcher sells only a leg, ask for …" tells what may be, and measures nothing. */
    private const REMARK = '/^\W*(?:if|when|unless|whenever|should) (?!you (?:like|have|want)|liked|desired|using|wanted)/iu';
    private const FEW_WORDS = 7;
    private const MOST_LIST_WORDS = 16;
    /** Below this a line without amount or known food is none of the list. */
    private const SURE = 0.9;
    /** So many lines of foods together are a list. */
    private const LEAST_LISTED = 4;

    private readonly Draft $draft;
    private readonly ListLines $list;
    private readonly Rows $rows;
    private readonly Sentences $sentences;
    private readonly Named $named;
    private readonly PlainLines $plain;
    /** @var list<Stretch> what is neither list nor method */
    private array $talk = [];
    /** The line on which another recipe begins. */
    private ?int $another = null;

    public function __construct(IngredientReader $reader, StepReader $steps, Larder $larder, Cuts $cuts, private readonly ActTable $verbs)
    {
        $mentions = new Mentions($reader, $larder, $cuts);
        $this->draft = new Draft($reader);
        $this->list = new ListLines($this->draft, $mentions);
        $this->rows = new Rows($this->draft, $steps);
        $this->sentences = new Sentences($this->draft, $mentions, $steps, $this->list);
        $this->named = new Named($this->draft, $mentions);
        $this->plain = new PlainLines($reader);
    }

    /** @param list<TaggedLine> $lines */
    public function read(string $text, Flow $flow, array $lines): Reading
    {
        $before = null;
        $lines = ToldLists::asListed(Bullets::asOneMethod(SpokenOfAgain::asNotes($lines)));
        foreach ($lines as $k => $line) {
            $this->another ??= $this->beginsAnother($lines, $k) ? $line->line->whole->line : null;
            if (null !== $this->another || \strlen($line->line->said->text) > self::MOST_STRETCH_BYTES || !$this->draft->hasRoom()) {
                $this->draft->marking->claim($line->line->whole, MarkKind::Unread);
                continue;
            }
            $before = $this->plain->of($line, $before, $lines[$k + 1] ?? null, [] !== $this->draft->steps);
            $this->take($before);
        }
        $this->draft->title = (new TitleFinder($this->draft->reader))->in($lines, $this->another) ?? $this->meatsName();
        $this->draft->servings ??= $this->served($lines);
        $told = implode("\n", array_map(static fn (Stretch $s): string => $s->text, $this->draft->where));
        $isTold = $this->draft->listed < 2 || self::isTold($lines);
        $this->named->inTheMethod($isTold, $isTold ? $this->talk : []);
        $this->named->unmeasured();
        $this->named->scratched($told);
        $this->named->ofTheAnimal($this->draft->title."\n".$told."\n".implode("\n", array_map(
            static fn (Ingredient $i): string => $i->source, $this->draft->ingredients,
        )));

        return $this->reading($text, $flow);
    }

    private function take(TaggedLine $tagged): void
    {
        $line = $tagged->line;
        $whole = $line->whole;
        $row = 1 === $line->of && Rows::isRow($whole->text);
        if (\in_array($tagged->label, [LineLabel::Title, LineLabel::Facts, LineLabel::Heading, LineLabel::Note], true)) {
            $this->draft->servings ??= Servings::in($line->said->text);
        }
        match ($tagged->label) {
            LineLabel::Title => $this->draft->marking->claim($whole, MarkKind::Title),
            LineLabel::Facts => $this->draft->marking->claim($whole, MarkKind::Facts),
            LineLabel::Heading => $row ? $this->rows->heading($whole) : $this->draft->marking->claim($whole, MarkKind::Heading),
            LineLabel::Ingredient => $row && $this->rows->ingredient($whole) ? null : $this->listed($line->said, $tagged->sure),
            LineLabel::Step => $row ? $this->rows->step($whole) : $this->sentences->step($line->said),
            LineLabel::Note => $this->draft->marking->claim($whole, MarkKind::Tip),
            LineLabel::Around => $this->talkOf($line->said, $whole),
        };
    }

    private function talkOf(Stretch $said, Stretch $whole): void
    {
        $this->talk[] = $said;
        $this->draft->marking->claim($whole, MarkKind::Around);
    }

    /**
     * For how many, where no line of the recipe's own facts says so.
     *
     * @param list<TaggedLine> $lines
     */
    private function served(array $lines): ?int
    {
        foreach ([LineLabel::Step, LineLabel::Ingredient, LineLabel::Around] as $label) {
            foreach ($lines as $line) {
                $found = $label === $line->label ? Servings::in($line->line->said->text) : null;
                if (null !== $found && (null === $this->another || $line->line->whole->line < $this->another)) {
                    return $found;
                }
            }
        }

        return null;
    }

    private function listed(Stretch $said, float $sure): void
    {
        $read = $this->draft->reader->read($said->text, $said->line);
        if (Role::Unknown === $read->role && '' === $read->amountText && $sure < self::SURE) {
            $this->draft->marking->claim($said, MarkKind::Unread);

            return;
        }
        $words = (int) preg_match_all('/[\p{L}\p{M}’\']+/u', $said->text);
        if (preg_match(self::REMARK, $said->text) && $words > self::FEW_WORDS) {
            $this->draft->marking->claim($said, MarkKind::Tip);

            return;
        }
        !ListLines::isNamed($said->text)
            && ($words > self::MOST_LIST_WORDS || preg_match(self::PROSE, $said->text) || StepKind::opens($said->text)
            || (!preg_match('/\d|[½¼¾⅓⅔]/u', $said->text) && $words > 7))
            ? $this->sentences->listed($said)
            : $this->list->line($said);
    }

    /**
     * Whether another recipe begins on a line: behind a method, a list is announced again.
     *
     * @param list<TaggedLine> $lines
     */
    private function beginsAnother(array $lines, int $k): bool
    {
        if ($this->draft->listed < 3 || \count($this->draft->steps) < 2) {
            return false;
        }
        if (preg_match(self::NEXT_ENTRY, $lines[$k]->line->said->text)) {
            return true;
        }
        if (LineLabel::Title !== $lines[$k]->label && !preg_match(self::ANNOUNCED, $lines[$k]->line->said->text)) {
            return false;
        }
        $listed = 0;
        foreach (\array_slice($lines, $k + 1, 9) as $line) {
            $listed += LineLabel::Ingredient === $line->label ? 1 : 0;
        }

        return $listed >= 3;
    }

    /**
     * Whether a recipe is told as one goes along: no three foods are listed together.
     *
     * @param list<TaggedLine> $lines
     */
    private static function isTold(array $lines): bool
    {
        $run = $longest = 0;
        foreach ($lines as $line) {
            if ('@' === $line->line->mark) {
                continue;
            }
            $run = LineLabel::Ingredient === $line->label ? $run + 1 : 0;
            $longest = max($longest, $run);
        }

        return $longest < self::LEAST_LISTED;
    }

    private function meatsName(): string
    {
        foreach ($this->draft->ingredients as $one) {
            if (Role::Meat === $one->role) {
                return mb_strtoupper(mb_substr($one->foodText, 0, 1)).mb_substr($one->foodText, 1);
            }
        }

        return '';
    }

    private function reading(string $text, Flow $flow): Reading
    {
        $this->draft->ingredients = array_map(
            static fn (Ingredient $i, int $k): Ingredient => $i->identified('i'.($k + 1)), $this->draft->ingredients,
            array_keys($this->draft->ingredients),
        );
        $marks = $this->draft->marking->over($text, $flow);
        $sentences = array_filter(
            self::told($marks), fn (array $s): bool => null === $this->another || $s[2] < $this->another,
        );
        $sentences = \array_slice($sentences, 0, self::MOST_SENTENCES);
        $groups = new Groups($this->draft->ingredients, $sentences);
        $this->draft->ingredients = array_map(
            static fn (Ingredient $i): Ingredient => $i->grouped($groups->nounOf($i)), $this->draft->ingredients,
        );
        $naming = new Naming($this->draft->ingredients);
        $steps = array_map(
            static fn (Step $s, int $k): Step => $s->using($naming->in($s->source))->identified('s'.($k + 1)), $this->draft->steps,
            array_keys($this->draft->steps),
        );
        $ways = (new WayAmounts($this->draft->ingredients, $this->draft->reader->amounts()))->over(
            (new WayReader())->read(self::inWholeSentences($sentences, $steps)),
            [...$sentences, ...array_map(static fn (Step $s): array => [$s->source, 'step', $s->line], $this->draft->steps)],
        );
        $acts = (new MethodReader($this->verbs))->acts($steps, $this->draft->ingredients);
        $structure = (new StructureReader($this->draft->ingredients, $acts, $sentences, $ways[0] ?? null))->read();
        $kept = 'discard' !== $structure->marinade;
        $strained = [] !== array_filter($steps, static fn (Step $s): bool => 1 === preg_match(self::STRAINED_OUT, $s->source));
        $ingredients = array_map(
            static fn (Ingredient $i, PartKind $part): Ingredient => $i->belongingTo(
                PartKind::Marinade === $part && $kept && !($strained && $i->role->isCut()) ? PartKind::Braise : $part,
            ),
            $this->draft->ingredients, $structure->parts,
        );

        return new Reading(
            $text, $this->draft->title, $this->draft->servings, $ingredients, $steps, self::unread($marks), self::original($ways), $marks,
            $this->draft->reader->system(), $ways, $acts, $structure, $this->another,
        );
    }

    /**
     * What became nothing of the pot, line by line.
     *
     * @param list<Mark> $marks
     *
     * @return list<array{line: int, source: string, kind: string}>
     */
    private static function unread(array $marks): array
    {
        $line = 1;
        $unread = [];
        foreach ($marks as $mark) {
            $begins = $line + strspn($mark->text, "\n");
            if (\in_array($mark->kind, [MarkKind::Unread, MarkKind::Tip, MarkKind::Around], true) && preg_match('/\S/u', $mark->text)) {
                $last = \count($unread) - 1;
                if ($last >= 0 && $unread[$last]['line'] === $begins && $unread[$last]['kind'] === $mark->kind->value) {
                    $unread[$last]['source'] .= ' '.trim($mark->text);
                } else {
                    $unread[] = ['line' => $begins, 'source' => trim($mark->text), 'kind' => $mark->kind->value];
                }
            }
            $line += substr_count($mark->text, "\n");
        }

        return $unread;
    }

    /**
     * The text beside the ingredients, in sentences.
     *
     * @param list<Mark> $marks
     *
     * @return list<array{string, string, int}> text, zone, line
     */
    private static function told(array $marks): array
    {
        $line = 1;
        $sentences = [];
        foreach ($marks as $mark) {
            $zone = match ($mark->kind) {
                MarkKind::Title => 'title',
                MarkKind::Heading => 'heading',
                MarkKind::Facts => 'fact',
                MarkKind::Step => 'step',
                MarkKind::Note, MarkKind::Tip, MarkKind::Unread => 'other',
                MarkKind::Around => preg_match(self::OVEN_FACT, $mark->text) ? 'fact' : null,
                default => null,
            };
            if (null !== $zone && preg_match('/\S/u', $mark->text)) {
                $sentences[] = [trim($mark->text), $zone, $line];
            }
            $line += substr_count($mark->text, "\n");
        }

        return $sentences;
    }

    /**
     * The method's sentences as they were read, not as they are marked.
     *
     * @param array<array{string, string, int}> $sentences text, zone, line
     * @param list<Step>                        $steps
     *
     * @return list<array{string, string, int}>
     */
    private static function inWholeSentences(array $sentences, array $steps): array
    {
        $whole = array_values(array_filter($sentences, static fn (array $s): bool => 'step' !== $s[1]));
        $last = max([0, ...array_column($sentences, 2)]);
        foreach ($steps as $step) {
            if ($step->line <= $last) {
                $whole[] = [$step->source, 'step', $step->line];
            }
        }
        usort($whole, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $whole;
    }

    /** @param list<Way> $ways */
    private static function original(array $ways): ?OriginalMethod
    {
        foreach ($ways as $way) {
            if (null !== $way->original()) {
                return $way->original();
            }
        }

        return null;
    }
}
