<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Reading\ActReader;
use Pausis\Core\Reading\ActTable;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Recipe\Way;

/** Takes one text apart into title, ingredients, steps and what is left. Used once. */
final class Draftsman
{
    private const MOST_LINES = 2000;
    /** No recipe has more; what is beyond is shown as not read. */
    private const MOST_INGREDIENTS = 200;
    private const MOST_STEPS = 300;
    /** A stretch longer than this holds no recipe that could be told. */
    private const MOST_STRETCH_BYTES = 20_000;
    private const MOST_SENTENCES = 400;
    private const SPEAKER = '/^\[?\d{1,2}[:.]\d\d(?::\d\d)?(?:\s*[ap]m)?,\s*\d{1,2}[\/.]\d{1,2}[\/.]\d{2,4}\]?\s*(?:[-–]\s*)?\p{Lu}[\p{L}'
        .' ]{0,24}:\s*|^\[?\d{1,2}[:.]\d\d(?::\d\d)?\s*(?:[ap]m)?\]?\s*(?:[-–]\s*)?\p{Lu}[\p{L}’\'-]{0,20}:\s*'
        .'|^\[?\d{1,2}[\/.]\d{1,2}[\/.]\d{2,4},?\s+\d{1,2}:\d\d\]?\s*(?:[-–]\s*)?\p{Lu}[\p{L} ]{0,24}:\s*/u';
    private const COLUMNS = '/\t+|[ ]{3,}|\s\|\s/';
    private const SENTENCES = '/(?<=[.!?;])["”’)]*\s+(?=["“‘(]?[\p{Lu}\d½¼¾])'
        .'|(?<!\bmin\.)(?<!mins\.)(?<!\bhrs\.)(?<!tbsp\.)(?<!tsp\.)(?<!approx\.)(?<!\bca\.)(?<!\blb\.)(?<!lbs\.)(?<!\boz\.)(?<=\p{Ll}[.;]'
        .')\s+(?=\p{Ll}{3})|,?\s+(?:and\s+)?(?:then|after that|next)\s+(?=\p{L})/u';
    /** Speech without stops: a clause begins where somebody does something. */
    private const CLAUSES = '/,?\s+(?:and\s+)?(?:then|so|after that|next|once|when)\s+(?=\p{L})|\s+(?:and|you)\s+(?=(?:brown|sear|fry'
        .'|pour|poor|put|tip|add|stir|cover|leave|cook|simmer|braise|season|take|lift|serve|let|bring|turn|strain|skim|reduce|thicken|cut'
        .'|chop|mash|boil|drain|soak|peel|blend|dice|slice|toast|(?:flour|salt|rub)(?= (?:it|them|the)))\b)'
        .'|\s+(?=(?:(?:and )?for the (?:mash|sauce|topping|crumbs|dumplings)|in the oven at|or if you|fry (?:those|them|it))\b)'
        .'|\s+(?=(?:(?:take|lift) (?:it|them|the meat) out|(?:pour|poor|stir) in|cover it|serve it|put it|leave it)\b)/iu';
    private const LONG_CLAUSE_BYTES = 220;
    /** Without a stop in it, a sentence longer than this is speech. */
    private const LONG_SPEECH_BYTES = 80;
    /** "Wine in, let it vanish", "duck on top" */
    private const PLACED = '/^\W*(?:the\s+)?(?:\p{L}+\s+){1,3}(?:in|on|over|off|out|back|on top|underneath)\b(?!\s+the\s+\d)/iu';
    private const GOES_IN = '/\b(?:in|into|till|until|over|on)\b/iu';
    /** "scratch the carrots, use two parsnips instead" */
    private const SCRATCHED = '/\b(?:scratch|forget|cross out|never mind) (?:about )?(?:the |those |all the )?(?<food>\p{L}{3,})/iu';
    private const SALT_NAMED = '/(?<!for )(?<!no )(?<!without )(?<!of )\bsalt\b(?! pork| beef| cod|ed)/iu';
    private const FAT_NAMED = '/\b(?:in|hot|with|pan|little|some) (?:the |a little |some |hot )?(?<fat>oil|butter|lard|dripping'
        .'|ghee)\b(?! beans?| nut| milk)/iu';
    private const ANIMALS = '/\b(?:beef|pork|lamb|mutton|goat|veal|venison|chicken|turkey|duck|rabbit)\b(?! (?:stock|broth|fat|bouillon'
        .'|cube|dripping))/u';
    private const ADVERBS = ['overnight', 'again', 'back', 'now', 'first', 'all', 'too', 'well', 'together'];
    private const ANNOUNCED = '/^\W*(?:ingredients?\b|you (?:will |[’\']ll )?need\b|(?:serves|feeds|makes|yield)\b|for \d+ (?:people'
        .'|persons)\b)|,\s*for \d{1,2}(?:\s*[-–]\s*\d{1,2})?\W*$|\((?:serves|for) \d/iu';
    private const SALTED = '/^\W*(?:salt|pepper|flour|butter|oil)\s+(?:it|them|the|both|well|all)\b/iu';
    private const SPOKEN_TITLE = '/^\W*(?:ok(?:ay)?|right|so|well)[,\s]+(?<title>(?:\p{L}+\s){1,4}\p{L}+?)\s+for\s+(?:tomorrow|tonight'
        .'|dinner|supper|lunch|\p{L}+day)\b/iu';
    private const GREETING = '/^\W*(?:hi|hello|dear|hey|hallo|good (?:morning|evening|day))\b[^.]{0,40}\W*$/iu';
    private const AMOUNT_BEHIND = '/^\W*(?<food>\p{L}[\p{L}\s’\'-]{1,40}?)\s*[,–—-]\s+(?<amount>(?:about\s+|around\s+)?(?:\d|[½¼¾]|an?\s'
        .'|half|two|three|four).{0,40}?)(?:\s+or so)?\.?$/iu';
    private const MOST_TITLE_WORDS = 9;
    private const MOST_LIST_WORDS = 12;
    private const BULLET = '/^(?:\s*(?:[-–—*•·▢☐□✓>]|\[[ x]?\]|(?:step\s*)?\d{1,2}[.):](?=\s))\s*)+/iu';
    private const INLINE_HEADING = '/^(?:\W*(?:ingredients?|you(?:’ll|\'ll| will)? need|method|directions'
        .'|instructions)\s*[:–—-]\s*)(?=\S)/iu';
    private const PARTS = '/\s+\/\s+(?=[\d½¼¾])|\s*[,;]\s+(?!(?:or|plus|about)\b)|\s+(?:and|\+|&)\s+(?=(?:an?|some|two|three|four|five'
        .'|six|half|a)\b|\d|[½¼¾])|\s*[•·]\s*|\s+[-–—]\s+(?=\d|[½¼¾]|(?:an?|some|half)\s)/iu';
    private const SERVES = '/\b(?:serves|pax|servings?\s*:?|feeds|(?:enough|plenty|sufficient|dinner|supper|lunch)\s+for|yields?\s*:?'
        .'|makes|(?<!low )(?<!high )(?<!medium )(?<!auto )for(?=\s+\S+\s*(?:\p{L}+\s+)?(?:people|persons?|pers\.?|of\s+us|eaters|hungry'
        .'|\W*$|\W*\())|\(for(?=\s+\S+\)))\s*:?\s+(?:about\s+|around\s+|up\s+to\s+)?(?<n>\d{1,2}|%s)\b(?!\s*(?:g|kg|ml|min|mins|minutes?'
        .'|hours?|hrs?|h|°|cm|tbsp|tsp|cups?|sides?|degrees)\b)|\b(?<m>\d{1,2}|%1$s)\s+(?:servings|portions|people|persons|pers\.'
        .'|helpings|of us|easy|hungry|plates|covers)\b(?:,?\s+(?:no|sorry|make (?:it|that))[,\s]+(?<c>\d{1,2}|%1$s)\b)?'
        .'|\bwe were\s+(?<w>\d{1,2}|%1$s)\b/iu';
    private const NUMBERS = 'two|three|four|five|six|seven|eight|ten|twelve';
    private const COOK_TIME = '/\b(?:cook(?:ing)?|braising|oven|total)\s*(?:time)?\s*[:=]\s*(?<time>.{1,40})$/iu';
    private const FOR_THE_TABLE = '/\b(?:for serving|to serve|for garnish(?:ing)?|to garnish|for the table)\W*$/iu';
    /** "Beef, stewing: 2 lb" is one. */
    private const LABELLED = '/^[^:\d]{2,60}:\s+(?:about\s+)?[\d½¼¾]|(?:\.{3,}|…|_{3,})\s*[\d½¼¾]/u';
    /** "and enough hot water to cover, roughly 600 ml" */
    private const ENOUGH = '/\b(?:enough|sufficient)\s+(?:(?:hot|cold|boiling|more|warm)\s+)*(?<food>water|stock|broth|wine|beer|cider'
        .'|milk)\b[^.;]{0,60}?(?:roughly|about|around|say|perhaps|maybe|some)\s+(?<amount>\d[\d.,]*\s*(?:ml|l|dl|cups?|pints?|litres?'
        .'|liters?))\b/iu';
    /** "two tablespoons of light and one of dark" */
    private const ELLIPTIC = '/^\W*(?:one|two|three|four|half|\d+)\s+of\s+/iu';
    private const SELDOM_MEASURED = [Role::Salt, Role::Herb, Role::Spice, Role::Fat];
    private const LIKE_BEFORE = [Role::Liquid, Role::Seasoning, Role::Acid, Role::Sweet, Role::Spice, Role::Fat];
    /** "200 ml off the top of the coconut milk" is a part of it. */
    private const PART_OF = '/^\s*(?:off|from)\s+(?:the|your)\b/iu';
    private const SALT_AND_PEPPER = '/\s+(?:and|&|\+)\s+(?=(?:[\p{L}]+\s+){0,3}pepper\b)/iu';
    /** Less than this beside a thickener or in a pan is no liquid of the pot, mL. */
    private const LEAST_MILLILITRES = 50.0;
    private const SERVING_SENTENCE = '/\b(?:serve|to go with|alongside|on the side|as a side)\b/iu';
    /** What is said of the dish, or of the day, and is nothing to do. */
    private const REMARK = '/\b(?:can(?: also)? be (?:frozen|kept|made|reheated|stored)|freezes? (?:very )?well|keeps? (?:well|for \d)'
        .'|suitable for freezing|seasonable|tastes? (?:even )?better|gonna be|(?:i[’\']?ll|i will|will be) (?:be )?(?:late|home|back)'
        .'|see you|\btrain\b|\bat \d{1,2}[:.]\d\d\b|costs? about|sufficient for)\b/iu';
    /** "(Slow cooker: 8 hours on low.)" */
    private const OTHER_WAY = '/^\(\s*(?:in the |for the |or in the )?(?:slow[- ]?cooker|pressure cooker|oven|hob'
        .'|stovetop)\b.*\d.*\)\W*$/iu';
    private const IN_ANOTHER = '/^\W*or (?:in|on) (?:a|the|your) (?:slow[- ]?cooker|pressure cooker|oven|hob|stove)\b'
        .'|^\W*(?:or )?(?:(?:in|for|with) (?:a|the|your) )?(?:slow[- ]?cooker|sc|pressure cooker|oven)\s*[:,=–—-]\s*\S/iu';
    private const MAIL = '/^(?<what>from|to|cc|subject|date|sent|reply-to)\s*:\s*(?<text>\S.*)$/iu';
    /** "Spice paste: 8 shallots / 5 garlic" */
    private const NAMED_LIST = '/^\W*\p{L}[\p{L} ]{2,28}:\s+(?=[\d½¼¾])/u';
    private const TIP = '/^\W*(?:(?:cook[’\']?s\s+|top\s+|chef[’\']?s\s+)?(?:tips?|notes?)|variations?|to freeze|freezing|freezer'
        .'|make[- ]ahead|storage|nutrition|per serving|no slow cooker)\b\s*[:?–—-]/iu';
    private const NEGATED = '/\b(?:no|not|without|skip|never|instead of|leave out|omit|don[\'’]?t)\b/iu';

    private LineSorter $sorter;
    private Mentions $mentions;
    private Marking $marking;
    private References $references;
    private string $serves;
    private string $title = '';
    /** Whether the lines are those between the marks before a Markdown text. */
    private bool $matter = false;
    private ?int $servings = null;
    private ?float $saidMinutes = null;
    /** Whether a letter is being quoted. */
    private bool $quoted = false;
    /** The line on which another recipe begins. */
    private ?int $another = null;
    /** Ingredients that stood on a line of their own. */
    private int $listed = 0;
    /** @var list<string> of the table that is being read */
    private array $columnNames = [];
    /** @var list<Ingredient> */
    private array $ingredients = [];
    /** @var list<Step> */
    private array $steps = [];
    /** @var list<Stretch> beside the steps */
    private array $where = [];

    public function __construct(
        private readonly IngredientReader $reader, private readonly StepReader $stepReader, Larder $larder, Cuts $cuts,
        private readonly ActTable $verbs,
    ) {
        $this->sorter = new LineSorter($reader);
        $this->mentions = new Mentions($reader, $larder, $cuts);
        $this->marking = new Marking();
        $this->references = new References($reader->amounts());
        $this->serves = \sprintf(str_replace('|%s)', '|%1$s)', self::SERVES), self::NUMBERS);
    }

    public function read(string $text): Reading
    {
        $at = 0;
        $lines = explode("\n", $text);
        foreach ($lines as $i => $line) {
            $stretch = (new Stretch($line, $at, $i + 1))->part(0, \strlen($line));
            $at += \strlen($line) + 1;
            $this->another ??= $this->beginsAnother($lines, $i) ? $i + 1 : null;
            if ('' !== $stretch->text) {
                null === $this->another && $i < self::MOST_LINES && \strlen($stretch->text) <= self::MOST_STRETCH_BYTES && $this->hasRoom()
                    ? $this->line($stretch)
                    : $this->marking->claim($stretch, MarkKind::Unread);
            }
        }
        $this->fromTheMethod();
        $this->unmeasured();
        $this->scratched($text);
        $this->ofTheAnimal($text);
        $this->ingredients = array_map(
            static fn (Ingredient $i, int $k): Ingredient => $i->identified('i'.($k + 1)), $this->ingredients,
            array_keys($this->ingredients),
        );
        $naming = new Naming($this->ingredients);
        $this->title = '' === $this->title ? $this->meatsName() : $this->title;
        $begun = min([
            \PHP_INT_MAX, ...array_map(static fn (Ingredient $i): int => $i->line, \array_slice($this->ingredients, 0, $this->listed)),
        ]);
        $listed = $this->stepsOfTheList();
        $told = 1 < $this->listed
            ? array_values(array_filter($this->steps, static fn (Step $s): bool => $s->line >= $begun && !\in_array($s, $listed, true)))
            : $this->steps;
        $steps = array_map(
            static fn (Step $s, int $k): Step => $s->using($naming->in($s->source))->identified('s'.($k + 1)), $told, array_keys($told),
        );
        $marks = $this->marking->over($text);

        $sentences = array_filter(self::sentences($marks), fn (array $s): bool => null === $this->another || $s[2] < $this->another);
        $sentences = \array_slice($sentences, 0, self::MOST_SENTENCES);
        $ways = (new WayAmounts($this->ingredients, $this->reader->amounts()))->over(
            (new WayReader())->read($sentences),
            [...$sentences, ...array_map(static fn (Step $s): array => [$s->source, 'step', $s->line], $this->steps)],
        );
        $acts = (new MethodReader($this->verbs))->acts($steps, $this->ingredients);

        $structure = (new StructureReader($this->ingredients, $acts, $sentences, $ways[0] ?? null))->read();
        $kept = 'discard' !== $structure->marinade;
        $ingredients = array_map(
            static fn (Ingredient $i, PartKind $part): Ingredient => $i->belongingTo(
                PartKind::Marinade === $part && $kept ? PartKind::Braise : $part,
            ),
            $this->ingredients, $structure->parts,
        );

        return new Reading(
            $text, $this->title, $this->servings, $ingredients, $steps, self::unread($marks), self::original($ways), $marks,
            $this->reader->system(), $ways, $acts, $structure, $this->another,
        );
    }

    /**
     * Lines in small letters straight below the list's last, without a full stop, go on with it.
     *
     * @return list<Step>
     */
    private function stepsOfTheList(): array
    {
        $lines = array_fill_keys(array_map(static fn (Ingredient $i): int => $i->line, $this->ingredients), true);
        $steps = $this->steps;
        usort($steps, static fn (Step $a, Step $b): int => $a->line <=> $b->line);
        $of = [];
        foreach ($steps as $step) {
            if (isset($lines[$step->line - 1])
                && preg_match('/^\W*\p{Ll}[^.!]*$/u', $step->source)
                && preg_match_all('/\p{L}+/u', $step->source) <= self::MOST_LIST_WORDS) {
                $of[] = $step;
                $lines[$step->line] = true;
            }
        }

        return $of;
    }

    /**
     * Whether another recipe begins on a line: behind a method, a list is announced again.
     *
     * @param list<string> $lines
     */
    private function beginsAnother(array $lines, int $i): bool
    {
        if ($this->listed < 3 || \count($this->steps) < 2 || !preg_match(self::ANNOUNCED, $lines[$i])) {
            return false;
        }
        $amounts = 0;
        foreach (\array_slice($lines, $i + 1, 8) as $line) {
            $amounts += preg_match('/^\W*(?:\d|[½¼¾])/u', $line);
        }

        return $amounts >= 2;
    }

    private function meatsName(): string
    {
        foreach ($this->ingredients as $one) {
            if (Role::Meat === $one->role) {
                return mb_strtoupper(mb_substr($one->foodText, 0, 1)).mb_substr($one->foodText, 1);
            }
        }

        return '';
    }

    private function hasRoom(): bool
    {
        return \count($this->ingredients) < self::MOST_INGREDIENTS && \count($this->steps) < self::MOST_STEPS;
    }

    private function line(Stretch $line): void
    {
        if (!preg_match('/[\p{L}\p{N}|-]/u', $line->text)) {
            $this->marking->claim($line, MarkKind::Heading);

            return;
        }
        if (preg_match(self::SPEAKER, $line->text, $m)) {
            $this->marking->claim($line->part(0, \strlen($m[0])), MarkKind::Unread);
            $line = $line->part(\strlen($m[0]), \strlen($line->text));
        }
        if ($this->isAround($line)) {
            return;
        }
        if (preg_match(self::NAMED_LIST, $line->text, $m)
            && preg_match_all('/\s\/\s|,\s|;\s/u', $line->text) > 1
            && [] === $this->steps
            && !preg_match('/\p{Ll}\.\s+\p{Lu}/u', $line->text)) {
            $this->marking->claim($line->part(0, \strlen($m[0])), MarkKind::Heading);
            ++$this->listed;
            $this->list($line->part(\strlen($m[0]), \strlen($line->text)));

            return;
        }
        if (preg_match(self::TIP, $line->text) || (\count($this->steps) > 2 && preg_match(self::IN_ANOTHER, $line->text))) {
            $this->left($line);

            return;
        }
        if (preg_match(self::INLINE_HEADING, $line->text, $m)) {
            $heading = $line->part(0, \strlen($m[0]));
            $this->sorter->kindOf($heading->text);
            $this->marking->claim($heading, MarkKind::Heading);
            $line = $line->part(\strlen($m[0]), \strlen($line->text));
            $this->prose($line);

            return;
        }
        foreach ($this->columns($line) as $cell) {
            $this->sorted($cell);
        }
    }

    /** What stands before or around a recipe: front matter, tables' rows, the heads of mails and what they quote. */
    private function isAround(Stretch $line): bool
    {
        if (preg_match('/^-{3,}$/', $line->text)) {
            $this->matter = 1 === $line->line;
            $this->marking->claim($line, MarkKind::Unread);

            return true;
        }
        if ($this->matter) {
            $this->title = preg_match('/^title:\s*(?<title>.+)$/iu', $line->text, $m) ? trim($m['title'], '"\' ') : $this->title;
            $this->facts($line);

            return true;
        }
        if (str_starts_with($line->text, '|') && $this->row($line)) {
            return true;
        }
        if (preg_match(self::MAIL, $line->text, $m)) {
            $this->title = 'subject' === mb_strtolower($m['what']) && '' === $this->title
                ? trim((string) preg_replace('/^(?:\s*(?:re|fwd?|aw)\s*:)+/iu', '', $m['text']))
                : $this->title;
            $this->marking->claim($line, MarkKind::Unread);

            return true;
        }
        $this->quoted = $this->quoted || preg_match('/\bwrote:\s*$/iu', $line->text);
        if ($this->quoted && str_starts_with($line->text, '>')) {
            $this->marking->claim($line, MarkKind::Unread);

            return true;
        }

        return false;
    }

    /** A row of a table: amount and food in whichever order, or a way with its time. Answers whether it was one. */
    private function row(Stretch $row): bool
    {
        $cells = array_values(array_filter(array_map(trim(...), explode('|', $row->text)), static fn (string $c): bool => '' !== $c));
        if ([] === $cells || preg_match('/^[\s|:-]+$/', $row->text) || !preg_match('/\d|[½¼¾]/u', $row->text)) {
            $this->marking->claim($row, MarkKind::Heading);
            $this->columnNames = preg_match('/\p{L}/u', $row->text) ? $cells : $this->columnNames;

            return true;
        }
        if ([] !== Durations::in($row->text)) {
            $this->marking->claim($row, MarkKind::Step, \count($this->steps));
            $this->steps[] = $this->stepReader->read(
                implode(' | ', array_map($this->underItsName(...), $cells, array_keys($cells))), $row->line,
            );
            $this->where[] = $row;

            return true;
        }
        $numbers = array_values(array_filter(
            $cells, static fn (string $c): bool => (bool) preg_match('/^\W*[\d½¼¾⅓⅔]|^(?:an?|some|pinch|handful|bunch)\b/iu', $c),
        ));
        $words = array_values(array_diff($cells, $numbers));
        if ([] === $words || [] === $numbers || !$this->hasRoom()) {
            return false;
        }
        $read = $this->reader->read(rtrim($numbers[0], '.').' '.implode(', ', $words), $row->line);
        $this->ingredient($row, $read);
        ++$this->listed;

        return true;
    }

    /** "1/2 cup" in the column of the broth is "1/2 cup broth". */
    private function underItsName(string $cell, int $column): string
    {
        $name = $this->columnNames[$column] ?? '';
        $food = '' !== $name && Role::Unknown !== $this->reader->read($name)->role;

        return $food && preg_match('/^\W*(?:[\d½¼¾⅓⅔]|none\b|no\b|half\b)/iu', $cell)
            ? (preg_match('/^\W*(?:none|no)\b/iu', $cell) ? "no $name" : "$cell $name")
            : $cell;
    }

    private function sorted(Stretch $cell): void
    {
        match ($this->sorter->kindOf($cell->text, $cell->line)) {
            LineKind::Ingredient => $this->listLine($cell),
            LineKind::Step => $this->prose($cell),
            LineKind::Title => $this->titled($cell),
            LineKind::Heading => $this->heading($cell),
            LineKind::Facts => $this->facts($cell),
            LineKind::Unread => $this->left($cell),
        };
    }

    private function left(Stretch $cell): void
    {
        $this->marking->claim($cell, MarkKind::Unread);
        $this->counted($cell->text);
    }

    private function titled(Stretch $cell): void
    {
        if (preg_match(self::GREETING, $cell->text)) {
            $this->marking->claim($cell, MarkKind::Unread);

            return;
        }
        $this->title = '' === $this->title
            ? (string) preg_replace('/(?<=\p{Ll}{2})\.\s+(?:source|from|by|serves|adapted)\b.*$/iu', '', trim($cell->text, "# *_\t"))
            : $this->title;
        $this->facts($cell, MarkKind::Title);
    }

    private function heading(Stretch $cell): void
    {
        $this->marking->claim($cell, MarkKind::Heading);
        $this->counted($cell->text);
    }

    private function facts(Stretch $cell, MarkKind $kind = MarkKind::Facts): void
    {
        $this->marking->claim($cell, $kind);
        $this->counted($cell->text);
        if (preg_match(self::COOK_TIME, $cell->text, $m)) {
            $this->saidMinutes ??= $this->stepReader->minutes($m['time'])['high'] ?? null;
        }
    }

    private function counted(string $text): void
    {
        if (null === $this->servings && preg_match($this->serves, $text, $m)) {
            $said = '' !== ($m['c'] ?? '') ? $m['c'] : implode('', array_filter([$m['n'], $m['m'] ?? '', $m['w'] ?? '']));
            $this->servings = (int) Number::value($said) ?: null;
        }
    }

    /** @return list<Stretch> the cells of a line that was copied from columns, or the whole line */
    private function columns(Stretch $line): array
    {
        $cells = $line->split(self::COLUMNS, 5);
        if (\count($cells) < 2) {
            return [$line];
        }
        foreach ($cells as $cell) {
            $read = $this->reader->read($cell->text, $cell->line);
            $lone = '' === $read->foodText || preg_match('/^\W*[\d½¼¾.,\/\s]+(?:g|kg|ml|l|oz|lb|tbsp|tsp|cups?)?\W*$/iu', $cell->text);
            if ($lone || (Role::Unknown === $read->role && !StepKind::instructs($cell->text))) {
                return [$line];
            }
        }

        return $cells;
    }

    private function listLine(Stretch $cell): void
    {
        ++$this->listed;
        $this->list(self::withoutBullet($cell));
    }

    /** A line of the ingredient list, which may hold several. */
    private function list(Stretch $cell): void
    {
        if (preg_match('/^\W*(?:[\p{L}]+\s+){0,2}salt\b/iu', $cell->text) && \count($both = $cell->split(self::SALT_AND_PEPPER, 2)) > 1) {
            array_walk($both, fn (Stretch $one) => $this->ingredient($one, $this->reader->read($one->text, $one->line)));

            return;
        }
        if (preg_match(self::FOR_THE_TABLE, $cell->text, $m) && \count(
            $each = (new Stretch($cell->text, $cell->start, $cell->line))->split('/\s*,\s*(?:and\s+)?|\s+and\s+/u', 12),
        ) > 1
            && [] === array_filter($each, fn (Stretch $one): bool => Role::Unknown === $this->reader->read($one->text, $one->line)->role)) {
            array_walk(
                $each,
                fn (Stretch $one) => $this->ingredient(
                    $one, $this->reader->read(preg_match(self::FOR_THE_TABLE, $one->text) ? $one->text : "$one->text $m[0]", $one->line),
                ),
            );

            return;
        }
        $parts = References::refers($cell->text) || preg_match(self::LABELLED, $cell->text) ? [$cell] : $cell->split(self::PARTS, 40);
        $kept = [];
        foreach ($parts as $part) {
            $read = $this->reader->read($part->text, $part->line);
            $seasons = \count($parts) > 2 && \in_array(
                $read->role, [Role::Salt, Role::Spice, Role::Herb], true,
            ) && str_word_count($part->text) <= 3;
            $own = $seasons || $this->isAnother(
                $part, $read, $kept[\count($kept) - 1][1] ?? null,
            ) || (self::isBareList($parts)
                && Role::Unknown !== $read->role) || '' !== $read->amountText && Role::Unknown !== $read->role && (\in_array(
                    $read->role, [Role::Aromatic, Role::Spice], true,
                )
                || !preg_match('/^\W*\d+\s*(?:cm|mm|inch)/iu', $part->text));
            $before = $kept[\count($kept) - 1] ?? null;
            if ([] === $kept || ($own && '' !== ($before[1]->foodText ?? 'x'))) {
                $kept[] = [$part, $read];
            } else {
                $last = array_pop($kept)[0];
                $joined = $cell->part($last->start - $cell->start, $part->end() - $last->start);
                $kept[] = [$joined, null];
            }
        }
        if (1 === \count($kept)) {
            $this->ingredient($cell, $this->reader->read($cell->text, $cell->line));

            return;
        }
        foreach ($kept as [$part, $read]) {
            $this->ingredient($part, $read ?? $this->reader->read($part->text, $part->line));
        }
    }

    /** "3 big onions, lard": another food, not a word on the one before. */
    private function isAnother(Stretch $part, Ingredient $read, ?Ingredient $before): bool
    {
        return null !== $before?->food
            && null !== $read->food
            && null === $read->amount
            && $read->role !== $before->role
            && preg_match_all('/\p{L}+/u', $part->text) <= 2
            && !preg_match(
                '/(?:ed|ly|ped|less)\b|\b(?:zest|juice|peel|rind|leaves|stalks?|skin|fat|seeds?)\b/iu', $part->text,
            ) && [] === array_intersect(self::words($read->foodText), self::words($before->foodText))
            && [] !== $this->mentions->bare($part);
    }

    /** Whether a food named while cooking is one of the list, whose amount this may tell. */
    private function measures(Ingredient $read, ?int $known = null): bool
    {
        $known ??= \count($this->ingredients);
        if ($this->isNew($read, $known)) {
            return false;
        }
        $words = self::words($read->foodText);
        $isIt = static fn (Ingredient $one): bool => null === $one->amount && null !== $read->amount && $one->role === $read->role
            && [] !== array_intersect($words, self::words($one->foodText));
        $measured = fn (Ingredient $one, int $k): Ingredient => $k < $known && $isIt($one)
            ? $this->reader->fromParts($one->source, $one->line, $read->amountText, $one->foodText, null)
            : $one;
        $this->ingredients = array_map($measured, $this->ingredients, array_keys($this->ingredients));

        return true;
    }

    /**
     * "salt, pepper": foods and nothing else between the commas.
     *
     * @param list<Stretch> $parts
     */
    private static function isBareList(array $parts): bool
    {
        foreach ($parts as $part) {
            if (preg_match('/\d|\(/u', $part->text)
                || preg_match_all('/\p{L}+/u', $part->text) > 2
                || preg_match('/(?:ed|ly|ped)\W*$/iu', $part->text)) {
                return false;
            }
        }

        return true;
    }

    private function ingredient(Stretch $stretch, Ingredient $read): void
    {
        if (!$this->hasRoom()) {
            $this->marking->claim($stretch, MarkKind::Unread);

            return;
        }
        $before = $this->ingredients[\count($this->ingredients) - 1] ?? null;
        if (null !== $before?->amount?->unit
            && null !== $read->amount
            && null === $read->amount->unit
            && preg_match(self::ELLIPTIC, $stretch->text)
            && \in_array($read->role, self::LIKE_BEFORE, true)) {
            $read = $this->reader->fromParts(
                $stretch->text, $stretch->line, $read->amount->low.' '.$before->amount->unit->value, $read->foodText, null,
            );
        }
        if (null !== $before
            && null === $before->amount
            && str_ends_with(rtrim($before->source), '?')
            && Role::Unknown === $read->role
            && null !== $read->amount?->unit) {
            array_pop($this->ingredients);
            $read = $this->reader->fromParts($before->source.' '.$stretch->text, $before->line, $read->amountText, $before->foodText, null);
        }
        $read = $this->references->resolve($read, $this->ingredients);
        $this->marking->claimIngredient($stretch, $read, \count($this->ingredients));
        $this->ingredients[] = $read;
    }

    private static function withoutBullet(Stretch $stretch): Stretch
    {
        $bullet = preg_match(self::BULLET, $stretch->text, $m) ? \strlen($m[0]) : 0;

        return $stretch->part($bullet, \strlen($stretch->text));
    }

    /** Running text: steps, lists written as a sentence, and stories. */
    private function prose(Stretch $prose): void
    {
        $begin = preg_match('/^\W*\d{1,2}\s+(?=\p{Lu})/u', $prose->text, $n) && StepKind::opens(substr($prose->text, \strlen($n[0])))
            ? \strlen($n[0])
            : 0;
        $rest = self::withoutBullet($prose->part($begin, \strlen($prose->text)));
        foreach ($rest->split(self::SENTENCES, self::MOST_SENTENCES) as $sentence) {
            $length = \strlen($sentence->text);
            $clauses = $length > self::LONG_CLAUSE_BYTES || ($length > self::LONG_SPEECH_BYTES && !preg_match('/[,;:]/', $sentence->text))
                ? $sentence->split(self::CLAUSES, self::MOST_SENTENCES)
                : [$sentence];
            foreach ($clauses as $clause) {
                $this->sentence($clause);
            }
        }
    }

    private function sentence(Stretch $sentence): void
    {
        $this->counted($sentence->text);
        if ('' === $this->title && preg_match(self::SPOKEN_TITLE, $sentence->text, $m)) {
            $this->title = $m['title'];
        }
        if (preg_match(self::INLINE_HEADING, $sentence->text, $m)) {
            $this->marking->claim($sentence->part(0, \strlen($m[0])), MarkKind::Heading);
            $sentence = $sentence->part(\strlen($m[0]), \strlen($sentence->text));
        }
        $nothingYet = '' === $this->title && [] === $this->steps && [] === $this->ingredients;
        if ($nothingYet && preg_match_all('/\p{L}+/u', $sentence->text) <= self::MOST_TITLE_WORDS
            && Role::Unknown !== $this->reader->read($sentence->text, $sentence->line)->role
                && preg_match('/^\p{L}[^:]*[.!]$/u', $sentence->text)
                && !preg_match($this->serves, $sentence->text)) {
            $this->title = rtrim($sentence->text, '.! ');
            $this->marking->claim($sentence, MarkKind::Title);

            return;
        }
        if (preg_match(LineSorter::FACTS, $sentence->text)) {
            $this->facts($sentence);

            return;
        }
        if (!$this->sorter->inMethod() && $this->isListed($sentence)) {
            return;
        }
        $listed = $this->sorter->inMethod() ? [] : $this->mentions->in($sentence);
        if (\count($listed) >= 2 && !$this->tellsWhatToDo($sentence, $listed)) {
            $this->several($sentence, $listed);

            return;
        }
        if (preg_match(self::REMARK, $sentence->text) || preg_match(self::OTHER_WAY, $sentence->text)) {
            $this->marking->claim($sentence, MarkKind::Unread);

            return;
        }
        $step = $this->stepReader->read($sentence->text, $sentence->line);
        if (($this->sorter->inMethod() || StepKind::Other !== $step->kind || StepKind::opens($sentence->text) || $this->goesOn($step))
            && $this->hasRoom()) {
            $this->marking->claim($sentence, MarkKind::Step, \count($this->steps));
            $this->steps[] = $step;
            $this->where[] = $sentence;

            return;
        }
        if (1 === \count($listed)) {
            $this->ingredient(...$listed[0]);

            return;
        }
        $this->marking->claim($sentence, MarkKind::Unread);
    }

    /** A sentence that is a line of the list: an amount and a food, in either order, or a bare food. */
    private function isListed(Stretch $sentence): bool
    {
        if (preg_match('/^\W*[\d½¼¾]/u', $sentence->text) && !StepKind::opens($sentence->text)) {
            $read = $this->reader->read($sentence->text, $sentence->line);
            if ('' !== $read->amountText && Role::Unknown !== $read->role) {
                $this->list($sentence);

                return true;
            }
        }
        if ([] === $this->steps && preg_match(
            self::AMOUNT_BEHIND, $sentence->text, $m,
        ) && !StepKind::opens($sentence->text)) {
            $read = $this->reader->fromParts($sentence->text, $sentence->line, trim($m['amount']), trim($m['food']), null);
            if (null !== $read->amount && Role::Unknown !== $read->role) {
                $this->ingredient($sentence, $read);

                return true;
            }
        }
        if ([] === $this->steps
            && [] !== $this->ingredients
            && preg_match_all('/\p{L}+/u', $sentence->text) <= 2
            && 1 === \count($bare = $this->mentions->bare($sentence))) {
            $this->ingredient(...$bare[0]);

            return true;
        }

        return false;
    }

    /**
     * A sentence that names several measured foods.
     *
     * @param non-empty-list<array{Stretch, Ingredient}> $listed
     */
    private function several(Stretch $sentence, array $listed): void
    {
        $known = \count($this->ingredients);
        $tells = $this->hasRoom() && (preg_match(ActReader::BESIDE, $sentence->text) || StepKind::instructs(substr(
            $sentence->text, $listed[0][0]->end() - $sentence->start,
        )));
        $this->marking->claim($sentence, $tells ? MarkKind::Step : MarkKind::Note, $tells ? \count($this->steps) : null);
        foreach ($this->withTheBare($sentence, $listed) as [$stretch, $read]) {
            if ((!$tells && [] === $this->steps) || !$this->measures($read, $known)) {
                $this->ingredient($stretch, $read);
            }
        }
        if ($tells) {
            $this->steps[] = $this->stepReader->read($sentence->text, $sentence->line);
            $this->where[] = $sentence;
        }
    }

    /** Whether a sentence without a verb goes on with the method: "stock in, lid on". */
    private function goesOn(Step $step): bool
    {
        $names = [] !== (new Naming($this->ingredients))->in($step->source);

        return ([] !== $this->steps && (null !== $step->minutes || preg_match(self::PLACED, $step->source) || $names))
            || ($this->listed > 1 && preg_match(self::GOES_IN, $step->source) && $names)
            || preg_match(self::SALTED, $step->source);
    }

    /** @param list<array{Stretch, Ingredient}> $listed */
    private function tellsWhatToDo(Stretch $sentence, array $listed): bool
    {
        $before = substr($sentence->text, 0, $listed[0][0]->start - $sentence->start);
        $opens = preg_match('/\b(?:need|take|get|use|buy|have|got|want|goes?|is|with)\W*(?:about|around)?\W*$/iu', $before);

        return '' !== trim($before) && !$opens && StepKind::instructs($before.' x');
    }

    /**
     * A list written as a sentence names some foods without an amount.
     *
     * @param list<array{Stretch, Ingredient}> $listed
     *
     * @return list<array{Stretch, Ingredient}>
     */
    private function withTheBare(Stretch $sentence, array $listed): array
    {
        foreach ($this->mentions->bare($sentence) as $bare) {
            $told = false;
            foreach ($listed as [$stretch, $read]) {
                $told = $told || ($bare[0]->start < $stretch->end() && $bare[0]->end() > $stretch->start)
                    || $read->isLike($bare[1]) || (Role::Meat === $read->role && Role::Meat === $bare[1]->role);
            }
            if (!$told) {
                $listed[] = $bare;
            }
        }
        usort($listed, static fn (array $a, array $b): int => $a[0]->start <=> $b[0]->start);

        return $listed;
    }

    /** Ingredients that only the instructions name: all of them where there is no list, otherwise liquids with an amount. */
    private function fromTheMethod(): void
    {
        $noList = $this->listed < 2;
        foreach ($this->where as $k => $sentence) {
            if (preg_match(self::SERVING_SENTENCE, $sentence->text) && !$noList) {
                continue;
            }
            $found = $this->mentions->in($sentence);
            if ($noList && !preg_match(self::NEGATED, $sentence->text) && !preg_match(self::SERVING_SENTENCE, $sentence->text)) {
                $found = $this->withTheBare($sentence, $found);
            }
            if (preg_match(self::ENOUGH, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                $poured = $this->reader->fromParts($m[0][0], $sentence->line, $m['amount'][0], $m['food'][0], null);
                $found = [
                    ...array_filter($found, static fn (array $f): bool => !$f[1]->isLike($poured)),
                    [$sentence->part($m[0][1], \strlen($m[0][0])), $poured],
                ];
            }
            foreach ($found as [$stretch, $read]) {
                if (!$this->isNew($read) && null !== $read->amount?->unit) {
                    $this->measures($read);
                }
                if (Role::Tool === $read->role || preg_match(self::PART_OF, substr($sentence->text, $stretch->end() - $sentence->start))) {
                    continue;
                }
                $poured = $read->role->isPoured() && null !== $read->amount?->unit && $read->millilitres >= self::LEAST_MILLILITRES;
                if (\count($this->ingredients) < self::MOST_INGREDIENTS && $this->isNew($read) && ($noList || $poured)) {
                    $this->marking->claimIngredient($stretch, $read, \count($this->ingredients));
                    $clear = $noList && (null !== $read->amount || \in_array(
                        $read->role, self::SELDOM_MEASURED, true,
                    )) && [] === $read->doubts;
                    $this->ingredients[] = $read->measured(
                        $read->amountText, $read->amount, $read->grams, $read->millilitres, Doubt::FromTheMethod, $clear ? 0.92 : 0.7,
                    );
                }
            }
        }
    }

    /** Salt, and what it is fried in, which nobody lists. */
    private function unmeasured(): void
    {
        foreach ([[Role::Salt, self::SALT_NAMED], [Role::Fat, self::FAT_NAMED]] as [$role, $pattern]) {
            $has = [] !== array_filter($this->ingredients, static fn (Ingredient $i): bool => $role === $i->role);
            foreach ($has ? [] : $this->where as $sentence) {
                if ($this->hasRoom() && preg_match(
                    $pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE,
                ) && !preg_match(self::NEGATED, $sentence->text)) {
                    [$word, $at] = $m['fat'] ?? $m[0];
                    $stretch = $sentence->part($at, \strlen($word));
                    $read = $this->reader->read($stretch->text, $stretch->line);
                    if ($role === $read->role) {
                        $this->marking->claimIngredient($stretch, $read, \count($this->ingredients));
                        $this->ingredients[] = $read->measured('', null, null, null, Doubt::FromTheMethod, 0.92);
                        break;
                    }
                }
            }
        }
    }

    /** "2 kg shoulder" is pork's where pork is the only animal that the recipe names. */
    private function ofTheAnimal(string $text): void
    {
        preg_match_all(self::ANIMALS, mb_strtolower($text), $all);
        $animals = array_values(array_unique($all[0]));
        if (1 === \count($animals)) {
            $nameless = static fn (Ingredient $one): bool => Role::Meat === $one->role && null === $one->cut
                && !preg_match(self::ANIMALS, mb_strtolower($one->source));
            $named = fn (Ingredient $one): Ingredient => $nameless($one)
                ? $this->reader->fromParts($one->source, $one->line, $one->amountText, "$animals[0] $one->foodText", null)
                : $one;
            $this->ingredients = array_map($named, $this->ingredients);
        }
    }

    private function scratched(string $text): void
    {
        preg_match_all(self::SCRATCHED, $text, $all);
        foreach ($all['food'] as $food) {
            $this->ingredients = array_values(array_filter(
                $this->ingredients,
                static fn (Ingredient $i): bool => Role::Meat === $i->role || [] === array_intersect(
                    self::words($food), self::words($i->foodText),
                ),
            ));
        }
    }

    /** @param int|null $known so many of the ingredients are looked at; null for all */
    private function isNew(Ingredient $read, ?int $known = null): bool
    {
        $said = self::words($read->foodText);
        foreach (\array_slice($this->ingredients, 0, $known) as $one) {
            $named = [...self::words($one->foodText), ...self::words($one->food->name ?? '')];
            $same = [] !== $said && (null === $read->amount || $one->role === $read->role) && [] === array_diff($said, $named);
            $bothMeat = Role::Meat === $read->role && Role::Meat === $one->role;
            $liquid = Role::Liquid === $read->role && Role::Unknown === $one->role && str_contains($one->foodText, $read->foodText);
            if ($one->isLike($read) || $same || $bothMeat || $liquid) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> in the singular, without accents */
    private static function words(string $text): array
    {
        return array_values(array_filter(
            array_map(
                static fn (string $w): string => (string) preg_replace('/(?<=\p{L}{3})s$/u', '', $w), explode(' ', Larder::normal($text)),
            ),
            static fn (string $w): bool => '' !== $w && !\in_array($w, self::ADVERBS, true),
        ));
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<array{line: int, source: string}>
     */
    private static function unread(array $marks): array
    {
        $line = 1;
        $unread = [];
        foreach ($marks as $mark) {
            if (MarkKind::Unread === $mark->kind && preg_match('/\S/u', $mark->text)) {
                $unread[] = ['line' => $line, 'source' => trim($mark->text)];
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
    private static function sentences(array $marks): array
    {
        $line = 1;
        $sentences = [];
        foreach ($marks as $mark) {
            $zone = match ($mark->kind) {
                MarkKind::Title => 'title',
                MarkKind::Heading => 'heading',
                MarkKind::Facts => 'fact',
                MarkKind::Step => 'step',
                MarkKind::Note, MarkKind::Unread => 'other',
                default => null,
            };
            if (null !== $zone && preg_match('/\S/u', $mark->text)) {
                foreach ('other' === $zone ? (preg_split(self::SENTENCES, $mark->text) ?: [$mark->text]) : [$mark->text] as $sentence) {
                    $sentences[] = [trim($sentence), $zone, $line];
                }
            }
            $line += substr_count($mark->text, "\n");
        }

        return $sentences;
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
