<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Recipe\Ingredient;

/** Finds ingredients with their amounts within running text: "take two pounds of shin and a couple of onions". */
final readonly class Mentions
{
    private const TIME = '/^\s*(?:more\s+)?(?:hours?|hrs?|minutes?|mins?|seconds?|days?|nights?|degrees?|°|times?|sides?|people|cm|inch'
        .'|per\s?cent|%|thirds?|halves|quarters?|way|while|bit|lid|boil|simmer|good)/iu';
    /** "veal or chicken stock" */
    private const EITHER_STOCK = '(?:beef|veal|chicken|lamb|pork|duck|fish|vegetable)'
        .' or (?:beef|veal|chicken|lamb|pork|duck|vegetable|game)'
        .' (?:stock|broth)\b';
    /** "a shoulder of lamb" */
    private const CUT_OF = '(?:\p{L}+ )?(?:shoulder|leg|neck|breast|shin|rack|loin|belly|haunch|saddle|knuckle|shank|joint|rib|side)s? of '
        .'(?:beef|pork|lamb|mutton|veal|venison|goat|kid|boar)\b';
    /** A food's name ends where the sentence goes on. */
    private const FOOD = '/^\s*(?:of\s+)?(?:the\s+)?(?:(?:thick|thin|large|big|small|good|meaty|(?:bone|skin)[- ](?:in|on))\s+)*'
        .'(?:(?:slices?|pieces?|chunks?)\s+of\s+)?'
        .'(?<food>'.self::EITHER_STOCK.'|'.self::CUT_OF.'|(?!(?:with|in|into|on|of|for|from|each|or|then|at'
        .'|to)\b)[\p{L}\p{M}’\'-]+(?:\s+(?!(?:and|then|with|in|into|until|till|for|or|to|on|at|from|over|so|you|i|we|it|all|cut|chopped'
        .'|sliced|when|which|that|plus|goes?|is|are|about|maybe|if|take|a|an|some|couple|few|one|two|three|four|five|six|seven|eight|nine'
        .'|ten|half|brown|fry|off|no|not|sorry|wait|actually|instead|boiled|mashed|chopped|the|too|again|through|get|let|back|put|leave'
        .'|have|maybe|until|under|your|overnight|um|uh|er|tonight|tomorrow|before|after|of|tied|but)\b)[\p{L}\p{M}’\'-]+){0,4})/iu';
    private const CORRECTION = '/\b(?:no|sorry|wait|actually|i mean|make (?:it|that)|scratch that|rather)\b[\s,.]*(?:\b(?:make (?:it'
        .'|that)|i mean|sorry|wait)\b)?[\s,.]*$/iu';
    /** "a shoulder of mutton, about 3 lbs. in weight" */
    private const WEIGHING = '/^(?:\s+(?:on|off) the bone|\s+bone[- ]in)?'
        .'\s*,?\s*\(?(?:about|weighing|of about|roughly|around|say|maybe|nearly|(?:just )?(?:over|under))'
        .'(?:\s+about)?\s+(?=\S)/iu';
    /** "a thick piece of the brisket, five pounds in weight" */
    private const SO_HEAVY = '/^\s*,\s*(?=[^,;.]{2,30}\bin weight\b)/iu';
    /** "a piece of silverside, 1.8 kilos or so.": with nothing behind it that it could be the weight of */
    private const ITS_OWN = '/^\s*,\s*(?=[\d½¼¾])/u';
    private const ENDS = '/^\s*(?:or so|or thereabouts|in all|in weight|each|apiece)?\s*(?:[.,;:)!]|$)/iu';
    private const IN_WEIGHT = '/^\s*(?:in weight|each|apiece)\b/iu';
    /** Verbs that are foods too, where they open a sentence. */
    private const VERB = '/^\W*(?:toast|roll|wrap|mash|coat|move|flour|salt|butter|pepper|oil|water|stock|cream|dice)\s+(?:and|the|it'
        .'|them|these|those|your|both|on|in)\b/iu';
    /** "a few anchovies (5 or 6)" */
    private const COUNTED = '/^\s*\((?:about\s+)?\d{1,2}(?:\s*(?:-|–|or|to)\s*\d{1,2})?(?=[,)])[^)]{0,40}\)/u';
    private const NO_FOOD = '/^\W*(?:with|in|into|on|for|from|then|and|so|to|at|$)\b|^\W*$/iu';
    private const BEFORE = '/(?<food>\p{L}{3,}(?:\s\p{L}{3,})?)[\s,–-]+(?:(?:maybe|about|say|perhaps|around|roughly|like)\s+)?$/iu';
    /** "a chicken (or 8 thighs)" */
    private const ALTERNATIVE = '/\(\s*or\s*$/iu';
    /** "in pieces like a walnut" */
    private const LIKENED = '/\b(?:like|size of|(?:big|large|small|thick) as)\s+(?:an?\s+|the\s+)?$/iu';
    /** "3 peppers (red and green)" */
    private const COLOUR = '/^\W*(?:red|green|yellow|orange|white|black|purple)\W*$/iu';
    /** "wrap it", "marrow side up" */
    private const HANDLED = '/^\W*wrap (?:it|them|up|well|tightly)\b|\bside (?:up|down)\b/iu';
    /** "For the dumplings:" */
    private const FOR_IT = '/^\W*for (?:the )?$/iu';
    /** "a large pot of salted water" is a vessel, "a pot of cream" an amount. */
    private const VESSEL = '/^\W*(?:an?|one|another|your|the)\s+(?:(?:(?:large|big|deep|wide|small|medium|roomy|heavy|separate|clean)\s+)+'
        .'(?:pots?|pans?|bowls?|jugs?)\s+(?:full\s+)?of\b|(?:pots?|pans?|bowls?|jugs?)\s+(?:full\s+)?of\s+(?:\p{L}+[\s-]+){0,3}water\b)/iu';
    private const MOST = 60;

    private string $starts;

    public function __construct(private IngredientReader $reader, private Larder $larder, private Cuts $cuts)
    {
        $this->starts = '/(?<![\p{L}\d.,\/])(?:'.Number::pattern().')/iu';
    }

    /** @return list<array{Stretch, Ingredient}> */
    public function in(Stretch $sentence): array
    {
        $found = [];
        $at = 0;
        while (\count($found) < self::MOST && preg_match($this->starts, $sentence->text, $m, \PREG_OFFSET_CAPTURE, $at)) {
            $start = $m[0][1];
            $at = $start + max(1, \strlen($m[0][0]));
            if (preg_match(self::ALTERNATIVE, substr($sentence->text, 0, $start))
                || preg_match(self::LIKENED, substr($sentence->text, 0, $start))
                || preg_match(self::VESSEL, substr($sentence->text, $start))) {
                continue;
            }
            $amount = $this->reader->amountAt($sentence->text, $start);
            $rest = null === $amount ? '' : substr($sentence->text, $amount->end);
            if (null !== $amount?->amount->unit
                && preg_match(self::NO_FOOD, $rest)
                && null !== ($behind = $this->behind($sentence, $start, $amount->end))) {
                $found[] = $behind;
                $at = $amount->end;
                continue;
            }
            if (null === $amount || preg_match(self::TIME, $rest) || !preg_match(self::FOOD, $rest, $food)
                || (null === $amount->amount->unit && preg_match('/^an?$/iu', $m[0][0]) && !$this->begins($food['food']))) {
                continue;
            }
            $behind = substr($rest, \strlen($food[0]));
            $weight = preg_match('/\b(?:few|some|several|couple)\b/iu', $m[0][0]) && preg_match(self::COUNTED, $behind, $w)
                ? \strlen($w[0])
                : $this->weighing($behind);
            $stretch = $sentence->part($start, $amount->end + \strlen($food[0]) + $weight - $start);
            $read = $this->reader->read($stretch->text, $sentence->line);
            if (Role::Unknown !== $read->role) {
                $found[] = [$stretch, $read];
                $at = $amount->end + \strlen($food[0]) + $weight;
            }
        }

        return self::corrected($sentence, $found);
    }

    /** Bytes of "about a kilo and a half", "weighing 3 lbs. in weight", that stand behind a food. */
    private function weighing(string $behind): int
    {
        $own = false;
        if (!preg_match(self::WEIGHING, $behind, $m) && !preg_match(self::SO_HEAVY, $behind, $m)
            && !($own = 1 === preg_match(self::ITS_OWN, $behind, $m))) {
            return 0;
        }
        $amount = $this->reader->amountAt($behind, \strlen($m[0]));
        if (null === $amount?->amount->unit?->grams() || $amount->amount->unit->isContainer()
            || ($own && !preg_match(self::ENDS, substr($behind, $amount->end)))) {
            return 0;
        }

        return $amount->end + (preg_match(self::IN_WEIGHT, substr($behind, $amount->end), $in) ? \strlen($in[0]) : 0);
    }

    /**
     * "flour, maybe three tablespoons": the food before its amount.
     *
     * @return array{Stretch, Ingredient}|null
     */
    private function behind(Stretch $sentence, int $start, int $end): ?array
    {
        if (!preg_match(
            self::BEFORE, substr($sentence->text, 0, $start), $m, \PREG_OFFSET_CAPTURE,
        ) || !$this->begins($m['food'][0], true)) {
            return null;
        }
        $stretch = $sentence->part($m['food'][1], $end - $m['food'][1]);

        return [
            $stretch,
            $this->reader->fromParts($stretch->text, $stretch->line, substr($sentence->text, $start, $end - $start), $m['food'][0], null),
        ];
    }

    /**
     * "two leeks, no, make it three leeks": the second holds.
     *
     * @param list<array{Stretch, Ingredient}> $found
     *
     * @return list<array{Stretch, Ingredient}>
     */
    private static function corrected(Stretch $sentence, array $found): array
    {
        $kept = [];
        foreach ($found as $one) {
            $before = $kept[\count($kept) - 1] ?? null;
            $between = null === $before
                ? ''
                : substr($sentence->text, $before[0]->end() - $sentence->start, max(0, $one[0]->start - $before[0]->end()));
            if (null !== $before && $before[1]->isLike($one[1]) && preg_match(self::CORRECTION, $between)) {
                array_pop($kept);
            }
            $kept[] = $one;
        }

        return $kept;
    }

    /** @return list<array{Stretch, Ingredient}> foods named without an amount, by any of their names */
    public function bare(Stretch $sentence): array
    {
        $found = [];
        foreach ($sentence->split(
            '/(?:[,;.:()]|\b(?:and|with|then|in|into|the|some|of|or|over|until|a|for|you|want|need)\b)+/iu', self::MOST,
        ) as $part) {
            $heads = str_starts_with(ltrim(substr($sentence->text, $part->end() - $sentence->start)), ':');
            if (($heads && preg_match(self::FOR_IT, substr($sentence->text, 0, $part->start - $sentence->start)))
                || $part->start === $sentence->start && ($heads || preg_match(self::VERB, $sentence->text))) {
                continue;
            }
            $said = substr($sentence->text, 0, $part->start - $sentence->start);
            if (preg_match(self::LIKENED, $said) || preg_match(self::HANDLED, $part->text)
                || (preg_match(self::COLOUR, $part->text) && strrpos($said, '(') > (int) strrpos($said, ')'))) {
                continue;
            }
            if (preg_match('/^\p{L}/u', $part->text) && \strlen($part->text) < 40 && $this->begins($part->text, true)) {
                $read = $this->reader->read($part->text, $sentence->line);
                if (Role::Unknown !== $read->role && Role::Tool !== $read->role) {
                    $found[] = [$part, $read];
                }
            }
        }

        return $found;
    }

    /**
     * A list written as a sentence names some foods without an amount.
     *
     * @param list<array{Stretch, Ingredient}> $listed
     *
     * @return list<array{Stretch, Ingredient}>
     */
    public function withTheBare(Stretch $sentence, array $listed): array
    {
        foreach ($this->bare($sentence) as $bare) {
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

    /** Whether a text begins with a food, size and colour aside. */
    private function begins(string $text, bool $atOnce = false): bool
    {
        $bare = (string) preg_replace('/^(?:(?:large|small|big|medium|whole|fresh|nice|good|ripe|tiny|fat)\s+)+/iu', '', $text);
        $named = $this->larder->named($bare);

        return (null !== $named && (0 === $named[2] || !$atOnce && str_ends_with(Larder::normal($bare), $named[1])))
            || null !== $this->cuts->named($bare);
    }
}
