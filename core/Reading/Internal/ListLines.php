<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\StepKind;

/** Takes the ingredients from lines of the list, of which each may hold several. */
final class ListLines
{
    /** "saffron, in 2 tbsp hot water" */
    private const OF_THE_ONE_BEFORE = '/^\W*in\s+(?:[\d½¼¾]|a\s|hot|warm|cold)/iu';
    private const COLUMNS = '/\t+|[ ]{3,}|\s\|\s/';
    private const PARTS = '/\s+\/\s+(?=[\d½¼¾])|\s*[,;]\s+(?!(?:or|plus|about)\b)|\s+(?:and|\+|&)\s+(?=(?:an?|some|two|three|four|five'
        .'|six|half|a)\b|\d|[½¼¾])|\s*[•·]\s*|\s+[-–—]\s+(?=\d|[½¼¾]|(?:an?|some|half)\s)/iu';
    /** "to serve: basmati rice, yoghurt" */
    private const TABLE_FIRST = '/^\W*(?<what>to serve|for serving|to garnish|for garnish|for the table)\s*:\s*(?=\p{L}|\d)/iu';
    private const FOR_THE_TABLE = '/\b(?:for serving|to serve|for garnish(?:ing)?|to garnish|for the table)\W*$/iu';
    /** "Beef, stewing: 2 lb" is one. */
    /** "12 chicken pieces: 6 thighs + 6 drumsticks" is told once. */
    private const IN_ALL = '/^\W*\d+\s[^:+,]*\b(?:pieces?|joints?)\s*:/iu';
    private const LABELLED = '/^[^:\d]{4,60}:\s+(?:about\s+)?[\d½¼¾]|(?:\.{3,}|…|_{3,})\s*[\d½¼¾]/u';
    private const SALT_AND_PEPPER = '/\s+(?:and|&|\+)\s+(?=(?:[\p{L}]+\s+){0,3}pepper\b)/iu';
    /** "Spice paste: 8 shallots / 5 garlic" */
    private const NAMED_LIST = '/^\W*(?:you\'?ll need|you need|have in|buy|\p{L}[\p{L} ]{2,28}):\s+(?=[\d½¼¾]|(?:an?|one|two|three'
        .'|some)\s)/iu';

    /** "FOR THE POT — 2 tbsp oil" */
    private const LED = '/^\W*(?:FOR|TO)\s[\p{Lu} ]{3,24}\s*[—–:-]\s+(?=\S)/u';
    /** "1 shoulder of lamb, bone in, about 2 kg" */
    private const SAID_OF_IT = '/^\W*(?:[\d.,½]+\s*(?:kg|g|lbs?|pounds?|kilos?|oz)\s+)?(?:bones?|skin|rind|fat|shell'
        .'|tops?|stalks?|stems?)[ -](?:in|on|off|side|removed|trimmed|and|or)\b/iu';

    /** The line that told what is needed, one sentence after the other. */
    private ?int $told = null;

    public function __construct(private readonly Draft $draft, private readonly Mentions $mentions)
    {
    }

    public static function isNamed(string $line): bool
    {
        return (preg_match(ToldLists::NEEDED, $line) || preg_match(self::NAMED_LIST, $line))
            && preg_match_all('/\s\/\s|,\s|;\s/u', $line) > 1;
    }

    public function line(Stretch $line): void
    {
        if (preg_match(self::LED, $line->text, $m)) {
            $this->draft->marking->claim($line->part(0, \strlen($m[0])), MarkKind::Heading);
            $line = $line->part(\strlen($m[0]), \strlen($line->text));
        }
        ++$this->draft->listed;
        $needed = 1 === preg_match(ToldLists::NEEDED, $line->text, $m);
        $this->told = $needed ? $line->line : $this->told;
        // What stands in one line with it keeps the words that head it.
        if ($needed || ($line->line !== $this->told && self::isNamed($line->text) && preg_match(self::NAMED_LIST, $line->text, $m))) {
            $this->draft->marking->claim($line->part(0, \strlen($m[0])), $needed ? MarkKind::Around : MarkKind::Heading);
            $this->several($line->part(\strlen($m[0]), \strlen($line->text)));

            return;
        }
        foreach ($this->columns($line) as $cell) {
            $this->several($cell);
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
            $read = $this->draft->reader->read($cell->text, $cell->line);
            $lone = '' === $read->foodText || preg_match('/^\W*[\d½¼¾.,\/\s]+(?:g|kg|ml|l|oz|lb|tbsp|tsp|cups?)?\W*$/iu', $cell->text);
            if ($lone || (Role::Unknown === $read->role && !StepKind::instructs($cell->text))) {
                return [$line];
            }
        }

        return $cells;
    }

    private function several(Stretch $cell): void
    {
        $reader = $this->draft->reader;
        if (preg_match('/^\W*(?:[\p{L}]+\s+){0,2}salt\b/iu', $cell->text) && \count($both = $cell->split(self::SALT_AND_PEPPER, 2)) > 1) {
            array_walk($both, fn (Stretch $one) => $this->draft->ingredient($one, $reader->read($one->text, $one->line)));

            return;
        }
        if ($this->forTheTable($cell)) {
            return;
        }
        $whole = References::refers($cell->text) || $reader->takesBack($cell->text)
            || ($cell->line !== $this->told && preg_match(self::LABELLED, $cell->text))
            || preg_match(self::IN_ALL, $cell->text);
        $parts = $whole ? [$cell] : $cell->split(self::PARTS, 40);
        $kept = $this->joined($cell, $parts);
        if (1 === \count($kept)) {
            $this->draft->ingredient($cell, $reader->read($cell->text, $cell->line));

            return;
        }
        foreach ($kept as [$part, $read]) {
            $this->draft->ingredient($part, $read ?? $reader->read($part->text, $part->line));
        }
    }

    /** "tortillas, limes and cilantro, to serve" */
    private function forTheTable(Stretch $cell): bool
    {
        $reader = $this->draft->reader;
        if (preg_match(self::TABLE_FIRST, $cell->text, $lead)) {
            $each = $cell->part(\strlen($lead[0]), \strlen($cell->text))->split('/\s*,\s*(?:and\s+)?|\s+and\s+/u', 12);
            foreach ($each as $k => $one) {
                $stretch = 0 === $k ? $cell->part(0, $one->end() - $cell->start) : $one;
                $this->draft->ingredient($stretch, $reader->read("$one->text, $lead[what]", $one->line));
            }

            return true;
        }
        if (!preg_match(self::FOR_THE_TABLE, $cell->text, $m)) {
            return false;
        }
        $each = (new Stretch($cell->text, $cell->start, $cell->line))->split('/\s*,\s*(?:and\s+)?|\s+and\s+/u', 12);
        $unknown = array_filter($each, static fn (Stretch $one): bool => Role::Unknown === $reader->read($one->text, $one->line)->role);
        if (\count($each) < 2 || [] !== $unknown) {
            return false;
        }
        foreach ($each as $one) {
            $text = preg_match(self::FOR_THE_TABLE, $one->text) ? $one->text : "$one->text $m[0]";
            $this->draft->ingredient($one, $reader->read($text, $one->line));
        }

        return true;
    }

    /**
     * The parts that are foods of their own; what is only said of the one before goes back to it.
     *
     * @param list<Stretch> $parts
     *
     * @return list<array{Stretch, Ingredient|null}>
     */
    private function joined(Stretch $cell, array $parts): array
    {
        $kept = [];
        $parts = self::outsideBrackets($cell, $parts);
        $bare = self::isBareList($parts);
        foreach ($parts as $part) {
            $read = $this->draft->reader->read($part->text, $part->line);
            $before = $kept[\count($kept) - 1] ?? null;
            $own = Role::Unknown !== $read->role && !preg_match(self::OF_THE_ONE_BEFORE, $part->text)
                && ($bare || $this->isOwn($part, $read, \count($parts)))
                || $this->isAnother($part, $read, $before[1] ?? null);
            if ([] === $kept || ($own && '' !== ($before[1]->foodText ?? 'x'))) {
                $kept[] = [$part, $read];
            } else {
                $last = array_pop($kept)[0];
                $kept[] = [$cell->part($last->start - $cell->start, $part->end() - $last->start), null];
            }
        }

        return $kept;
    }

    /**
     * What stands in brackets stays with what stands before them.
     *
     * @param list<Stretch> $parts
     *
     * @return list<Stretch>
     */
    private static function outsideBrackets(Stretch $cell, array $parts): array
    {
        $whole = [];
        foreach ($parts as $part) {
            $last = $whole[\count($whole) - 1] ?? null;
            if (null !== $last && substr_count($last->text, '(') > substr_count($last->text, ')')) {
                array_pop($whole);
                $part = $cell->part($last->start - $cell->start, $part->end() - $last->start);
            }
            $whole[] = $part;
        }

        return $whole;
    }

    private function isOwn(Stretch $part, Ingredient $read, int $of): bool
    {
        if (preg_match(self::SAID_OF_IT, $part->text)) {
            return false;
        }
        $seasons = $of > 2 && \in_array($read->role, [Role::Salt, Role::Spice, Role::Herb], true) && str_word_count($part->text) <= 3;
        $measured = '' !== $read->amountText
            && (\in_array($read->role, [Role::Aromatic, Role::Spice], true) || !preg_match('/^\W*\d+\s*(?:cm|mm|inch)/iu', $part->text));

        return $seasons || $measured;
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
            ) && [] === array_intersect(Draft::words($read->foodText), Draft::words($before->foodText))
            && [] !== $this->mentions->bare($part);
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
}
