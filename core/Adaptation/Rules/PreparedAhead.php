<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;

/**
 * Steps of a recipe that leave browned or part-cooked meat, or a filled insert, until the next day. They are never done
 * that way: the meat is browned straight before it is loaded, and the pot loaded straight before it is on.
 */
final readonly class PreparedAhead
{
    private const NIGHT_HOURS = 10.0;
    private const FRIDGE_CELSIUS = 5.0;
    private const NIGHT_BEFORE = '(?:up to )?(?:(?:on |in )?(?:the )?(?:night|evening|day|afternoon) (?:before|ahead)'
        .'|(?:the )?previous (?:night|evening|day)|last night|(?:a|one|two|three|\d) (?:days?|nights?|evenings?) (?:ahead|in advance'
        .'|before(?:hand)?)|(?:well )?(?:in advance|ahead(?: of time)?|beforehand)|overnight prep)';
    private const NEXT_DAY = '(?:the )?(?:next|following) (?:day|morning)|in the morning|on the day|the day of (?:serving|cooking)'
        .'|tomorrow';
    private const KEPT = '(?:chill|refrigerat|fridge|keep|store|leave|set aside|rest|cool|cover|stash|park)\w*\b[^.;]*\b(?:overnight'
        .'|(?:un)?till? (?:the )?(?:next|following|morning|needed|tomorrow|you need|ready to)|for the night|till morning|next day'
        .'|(?:up to )?(?:8|10|12|18|24|48) (?:hours|h\b)|(?:a|one|two|\d) days?)';
    private const HEATED = '(?:brown|sear|seal|part[- ]?(?:ly )?cook|par-?cook|par-?boil|half[- ]cook|pre-?cook)(?:s|ed|ing)?\b|(?:take'
        .'|give|get)[^.;,]{0,20} colou?r|fry[^.;,]{0,20}(?:meat|shanks?|joint|beef|lamb|pork|goat|venison|chicken|chops?|pieces|cubes'
        .'|chunks)';
    private const PART_COOKED = '(?:part|half|par|pre)[- ]?(?:ly )?(?:cook|boil)';
    private const NO_MEAT = '(?:brown|sear|fry|colou?r)(?:s|ed|ing)?\s+(?:off\s+)?(?:the\s+|sliced\s+|chopped\s+)*(?:onions?|shallots?'
        .'|butter|garlic|vegetables?|mushrooms?|leeks?|carrots?|flour|nuts|sugar|crumbs?|sauce)\b|browning\s+(?:\d|[½¼¾]|sauce\b)';
    private const MARINATES = '/\b(?:marinad\w*|marinat\w*|rub(?:bed)?|brine[ds]?)\b/iu';
    private const INSERT = '(?:(?:the |whole |filled |loaded |entire )*(?:insert|crock|slow cooker|cooker pot|pot|dish|lot|everything'
        .'|it all))\b[^.;]*\b(?:fridge|refrigerat\w*)\b[^.;]*\b(?:overnight|morning|night|tomorrow|next day)|(?:fridge'
        .'|refrigerat\w*)[^.;]*\b(?:insert|crock)\b[^.;]*\b(?:overnight|night)|(?:load|fill|assemble|layer|put)[^.;]*\b(?:insert|crock'
        .'|slow cooker)\b[^.;]*\b(?:fridge|refrigerat\w*)';

    /**
     * @param list<string> $browned sentences, by identity
     * @param list<string> $kept    those that only put it away until the next day
     * @param list<string> $filled  those that put the filled insert away
     */
    private function __construct(public array $browned, public array $kept, public array $filled)
    {
    }

    /** @param list<Act> $acts of the braise */
    public static function in(array $acts): self
    {
        $sentences = [];
        foreach ($acts as $act) {
            $sentences[(string) preg_replace('/\.\d+$/', '', $act->id)][] = $act;
        }
        $browned = $kept = $filled = $heated = [];
        $night = false;
        $line = 0;
        $mornings = array_keys(array_filter(
            array_values($sentences), static fn (array $of): bool => self::says(self::NEXT_DAY, $of[0]->source, '^\W*(?:then )?'),
        ));
        $nextDay = $mornings[0] ?? \PHP_INT_MAX;
        $k = -1;
        foreach ($sentences as $id => $of) {
            ++$k;
            $text = $of[0]->source;
            $goesOn = $night && $k < $nextDay && ($of[0]->line === $line || \PHP_INT_MAX !== $nextDay);
            $night = $goesOn || self::says(self::NIGHT_BEFORE, $text, '^\W*(?:do this |start )?');
            $line = $of[0]->line;
            if (self::isPast($of, $night)) {
                break;
            }
            $today = (string) preg_replace('/\b(?:'.self::NEXT_DAY.')\b.*$/isu', '', $text);
            $heats = self::heatsMeat($today);
            if ($heats && ($night || self::says(self::NIGHT_BEFORE, $today) || self::keptAfter($today))) {
                $browned[] = $id;
            } elseif ($heats) {
                $heated[] = $id;
            }
            if (self::says(self::INSERT, $today) && !preg_match(self::MARINATES, $today)) {
                $filled[] = $id;
            }
            if (self::says(self::KEPT, $today) && [] !== [...$browned, ...$heated]) {
                array_push($browned, ...$heated);
                $heated = [];
                array_push($kept, ...(\in_array($id, [...$browned, ...$filled], true) ? [] : [$id]));
            }
        }

        return new self(array_values(array_unique($browned)), $kept, $filled);
    }

    /** @param non-empty-list<Act> $sentence */
    private static function isPast(array $sentence, bool $night): bool
    {
        $cooks = [] !== array_filter($sentence, MethodReader::isBraise(...));
        $serves = ActKind::Serve === $sentence[0]->kind;

        return $serves || ($cooks && !$night && !self::says(self::PART_COOKED, $sentence[0]->source));
    }

    /** @return list<Finding> each already done the safe way */
    public function findings(): array
    {
        $found = [
            [] === $this->browned ? null : Rules::brownedAhead(Duration::hours(self::NIGHT_HOURS)),
            [] === $this->filled ? null : Rules::coldInsert(Temperature::celsius(self::FRIDGE_CELSIUS)),
        ];

        return array_map(static fn (Finding $f): Finding => $f->doneSafely(), array_values(array_filter($found)));
    }

    /** A step's words without the time before and the keeping; empty where nothing sensible is left. */
    public static function straightBefore(string $source): string
    {
        $bare = (string) preg_replace([
            '/(?:[,;]|\b(?:and|then)\b)?\s*(?:(?:and|then)\s+)?\b(?:let [^.,;]*cool|cool|cover|wrap)?[^.,;]*\b(?:'.self::KEPT
                .')\b[^.,;]*/iu',
            '/^\W*(?:do this\s+)?(?:'.self::NIGHT_BEFORE.')\b\s*[,:–—-]*\s*/iu',
            '/\s*[,(]?\s*\b(?:'.self::NIGHT_BEFORE.')\b\)?/iu',
            '/\b(?:'.self::NEXT_DAY.')\b,?\s*/iu',
        ], '', $source);
        $bare = trim((string) preg_replace(['/\s+/u', '/\s+([,.;])/u', '/[,;]+\s*$/u'], [' ', '$1', ''], $bare), " \t,;.");

        return mb_strlen($bare) < 8 || self::says(self::PART_COOKED, $source) || !self::heatsMeat($bare) || self::says(
            self::NIGHT_BEFORE.'|'.self::KEPT, $bare,
        )
            ? ''
            : mb_strtoupper(mb_substr($bare, 0, 1)).mb_substr($bare, 1);
    }

    private static function heatsMeat(string $text): bool
    {
        return self::says(self::HEATED, (string) preg_replace('/\b'.self::NO_MEAT.'/iu', '', $text));
    }

    /** Whether it is kept after it was heated: marinated overnight and then browned is another thing. */
    private static function keptAfter(string $text): bool
    {
        return (bool) preg_match('/\b(?:'.self::HEATED.').*\b(?:'.self::KEPT.')/isu', $text);
    }

    private static function says(string $pattern, string $text, string $before = '\b'): bool
    {
        return (bool) preg_match("/$before(?:$pattern)/isu", $text);
    }
}
