<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Quantity\Number;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\Internal\Scanner;
use Pausis\Core\Recipe\Amount;

/**
 * Finds an amount at the start of a text, or failing that further on.
 *
 *     amount   = [about] (multiple | measure) [container] { alternative }
 *     multiple = number "x" measure | number "(" measure ")" container | number measure container
 *     measure  = number [to number] [heaped] [unit] { [plus] number unit }
 */
final readonly class AmountReader
{
    private const ABOUT = '/(?:about|abt\.?|around|approx\.?|approximately|roughly|circa|c\.|ca\.|~|≈|good|generous|scant'
        .'|heaped|heaping|rounded|level|big|the|of|up\s+to|at\s+least|just\s+(?:over|under)|nearly|almost|another)(?![\p{L}\p{M}])\s*/iu';
    private const LOOSE = '/(?:heaped|heaping|rounded|level|lvl\.?|scant|generous|good|whole|big|small|large|lrg|lge|lg|med|md|sm'
        .'|medium|smallish|full|fat|plump'
        .'|juicy|little|drained|rinsed|undrained|(?:no\.?\s?|\#)\d{1,3}(?:\s?½|\.5)?(?=\s*(?:cans?|tins?)\b))(?![\p{L}\p{M}])\s*(?=%s)/iu';
    private const RANGE = '/\s*(?:-|–|—|to|or)\s*(?<high>%s)/iu';
    /** "Pinch of saffron": one of it. */
    private const BARE = '/(?:small\s+|large\s+|good\s+|big\s+)?(?<unit>pinch|handful|bunch|knob|splash|strip|slice|stick|dash|glug|sprig'
        .'|slosh|thumb(?:[- ]sized)?(?: piece)?|bottle|glass|tin|can|tbsp|tsp|tablespoon|teaspoon|cup)(?=\s+(?:of\b'
        .'|[\p{L}]+))(?!\s+(?:tomatoes|size))/iu';
    /** Amounts further on are looked for in this many places at most. */
    private const MOST_PLACES = 12;

    /** A heaped spoon holds so many level ones. */
    private const HEAPED = 1.5;

    private string $number;
    private string $range;
    private string $unit;
    private string $loose;
    private string $size;
    private string $anywhere;

    public function __construct(private UnitSystem $system = UnitSystem::Metric)
    {
        $n = Number::pattern();
        $u = Unit::pattern();
        $this->number = "/(?<low>$n)/iu";
        $this->range = \sprintf(self::RANGE, $n);
        $this->unit = "/$u/iu";
        $this->loose = \sprintf(self::LOOSE, $u);
        $this->size = '/(?<low>\d+(?:[.,]\d+)?(?:\s?[½¼¾⅓⅔]|\s\d\s?[\/⁄]\s?\d)?)\s*-?\s*(?<unit>g|kg|ml|cl|l|oz|ounce|lb|fl\.?\s?oz|litre'
            .'|liter)\b\.?/iu';
        $unit = str_replace('?<unit>', '?:', $u);
        $this->anywhere = "/(?<![\p{L}\d.,\/])(?:$n)\s*(?:(?:-|–|to|or)\s*(?:$n)\s*)?(?:heaped\s+|generous\s+|good\s+)*(?:$unit)/iu";
    }

    public function system(): UnitSystem
    {
        return $this->system;
    }

    public function find(string $text): ?FoundAmount
    {
        $leading = $this->at($text, 0);
        if (null !== $leading) {
            return $leading;
        }
        $from = 0;
        for ($i = 0; $i < self::MOST_PLACES && preg_match($this->anywhere, $text, $m, \PREG_OFFSET_CAPTURE, $from); ++$i) {
            $found = $this->at($text, $m[0][1]);
            if (null !== $found?->amount->unit) {
                return $found;
            }
            $from = $m[0][1] + max(1, \strlen($m[0][0]));
        }

        return null;
    }

    /** The amount that begins at a byte of the text. */
    public function at(string $text, int $start): ?FoundAmount
    {
        $scan = new Scanner($text, $start);
        $scan->skip('/\s*/u');
        while ($scan->skip(self::ABOUT)) {
        }
        $amount = $this->multiple($scan) ?? $this->measure($scan);
        if (null === $amount) {
            return null;
        }
        $amount = $this->inContainer($scan, $amount);
        $again = null === $amount->unit ? null : $this->alternatives($scan);
        if (null !== $again?->unit
            && self::isExact($again->unit)
            && !self::isExact($amount->unit)
            && !$amount->unit->isContainer()) {
            $amount = new Amount($again->low, $again->high, $again->unit, $amount->container, $amount->count);
        } elseif (true === $amount->unit?->isContainer() && null !== $again) {
            $amount = new Amount(
                $again->low * $amount->middle(), $again->high * $amount->middle(), $again->unit, $amount->unit, $amount->middle(),
            );
        }

        return new FoundAmount($amount, $start, $scan->at);
    }

    /** What a scale or a jug shows wins over a spoon, a cup or a glass. */
    private static function isExact(Unit $unit): bool
    {
        return \in_array(
            $unit,
            [
                Unit::Gram, Unit::Kilogram, Unit::Millilitre, Unit::Centilitre, Unit::Decilitre, Unit::Litre, Unit::Ounce, Unit::Pound,
                Unit::FluidOunce,
            ],
            true,
        );
    }

    /** The first weight in a text; null where it names none. */
    public function weightIn(string $text): ?Amount
    {
        return $this->firstIn($text, [Unit::Gram, Unit::Kilogram, Unit::Ounce, Unit::Pound]);
    }

    /** The first volume anywhere in it; ounces of what is poured are fluid ones. */
    public function volumeIn(string $text): ?Amount
    {
        return $this->firstIn($text, [Unit::Millilitre, Unit::Centilitre, Unit::Decilitre, Unit::Litre, Unit::FluidOunce, Unit::Ounce]);
    }

    /** @param list<Unit> $units */
    private function firstIn(string $text, array $units): ?Amount
    {
        $from = 0;
        for ($i = 0; $i < self::MOST_PLACES && preg_match($this->anywhere, $text, $m, \PREG_OFFSET_CAPTURE, $from); ++$i) {
            $found = $this->at($text, $m[0][1]);
            if (null !== $found?->amount->unit && \in_array($found->amount->unit, $units, true)) {
                return $found->amount;
            }
            $from = $m[0][1] + max(1, \strlen($m[0][0]));
        }

        return null;
    }

    private function multiple(Scanner $scan): ?Amount
    {
        $began = $scan->at;
        $count = $scan->take($this->number);
        if (null === $count) {
            return null;
        }
        $of = null !== $scan->take('/\s*[x×*]\s*(?=[\d½¼¾⅓⅔])/iu');
        $bracket = !$of && null !== $scan->take('/\s*\(\s*(?:about\s+)?/iu');
        $spaced = $of || $bracket || null !== $scan->take('/\s+/u');
        $size = $of ? $this->measure($scan) : ($spaced ? $this->size($scan) : null);
        $each = null === $size ? null : $scan->take('/\s*(?:each)?\s*\)?\s*/iu');
        if (null === $size?->unit || ($bracket && !str_contains($each[0] ?? '', ')')) || (!$of && null === $scan->peek($this->unit))) {
            $scan->at = $began;

            return null;
        }

        $times = Number::value($count['low']);

        return new Amount($size->low * $times, $size->high * $times, $size->unit, null, $times);
    }

    private function size(Scanner $scan): ?Amount
    {
        $m = $scan->take($this->size);

        return null === $m ? null : self::exactly(Number::value($m['low']), Unit::spelled($m['unit']));
    }

    private function measure(Scanner $scan): ?Amount
    {
        $began = $scan->at;
        $low = $scan->take($this->number)['low'] ?? null;
        if (null === $low) {
            $bare = $scan->take(self::BARE);

            return null === $bare ? null : self::exactly(1.0, Unit::spelled($bare['unit']));
        }
        $scan->skip('/-(?=[a-z])/i');
        $heaped = null !== $scan->peek('/\s*(?:heaped|heaping|heap\'d)\s/iu') ? self::HEAPED : 1.0;
        $unit = $this->unit($scan);
        $high = $scan->take($this->range)['high'] ?? null;
        if (null !== $high) {
            $second = $this->unit($scan);
            if (null !== $unit && null === $second) {
                $scan->at = $began + \strlen($low);
                $unit = $this->unit($scan);
                $high = null;
            }
            $unit ??= $second;
        }
        $values = [self::value($low, $unit), self::value($high ?? $low, $unit)];

        $heaped = null === $unit ? 1.0 : $heaped;

        return $this->plus($scan, new Amount($heaped * min($values), $heaped * max($values), $unit));
    }

    private function unit(Scanner $scan): ?Unit
    {
        $began = $scan->at;
        $scan->skip('/\s*(?:of\s+an?\s+)?/iu');
        while ($scan->skip($this->loose)) {
        }
        $m = $scan->take($this->unit);
        if (null === $m) {
            $scan->at = $began;

            return null;
        }

        return Unit::spelled($m['unit']);
    }

    /** "2 cups plus 2 tbsp", "3 lb 4 oz", "a pound and a half": what is added, in the unit that came first. */
    private function plus(Scanner $scan, Amount $amount): Amount
    {
        if (null === $amount->unit) {
            return $amount;
        }
        if (null !== ($half = $scan->take('/\s+and\s+(?:a\s+)?(?<part>half|quarter)(?![\p{L}])/iu'))) {
            $more = 'half' === strtolower($half['part']) ? 0.5 : 0.25;

            return new Amount($amount->low + $more, $amount->high + $more, $amount->unit);
        }
        $grams = Unit::Kilogram === $amount->unit ? $scan->take('/\s+(?<grams>\d{3})(?=\s*(?:g\b|of\b|,|$|\s\p{L}))/iu') : null;
        if (null !== $grams) {
            $scan->skip('/\s*g\b/iu');

            return new Amount(
                $amount->low + (float) $grams['grams'] / 1000, $amount->high + (float) $grams['grams'] / 1000, Unit::Kilogram,
            );
        }
        $began = $scan->at;
        $scan->skip('/\s*(?:,?\s*(?:plus|and|\+|&)\s+(?:an?\s+extra\s+)?)?/iu');
        $m = $scan->take($this->number);
        $unit = null === $m ? null : $this->unit($scan);
        $factor = null === $unit ? null : $this->ratio($unit, $amount->unit);
        if (null === $m || null === $factor || $factor >= 1 || self::isMetric($unit) !== self::isMetric($amount->unit)) {
            $scan->at = $began;

            return $amount;
        }
        $more = Number::value($m['low']) * $factor;

        return new Amount($amount->low + $more, $amount->high + $more, $amount->unit);
    }

    /** "1 kg 2 lb 3 oz" is said twice, not added. Spoons and cups go with either. */
    private static function isMetric(?Unit $unit): bool
    {
        return \in_array($unit, [Unit::Gram, Unit::Kilogram, Unit::Millilitre, Unit::Centilitre, Unit::Decilitre, Unit::Litre], true);
    }

    /** How many of the second unit one of the first is; null where they don't measure the same. */
    private function ratio(Unit $one, Unit $other): ?float
    {
        return match (true) {
            null !== $one->grams() && null !== $other->grams() => $one->grams() / $other->grams(),
            null !== $one->millilitres($this->system)
                && null !== $other->millilitres($this->system) => $one->millilitres($this->system) / $other->millilitres($this->system),
            default => null,
        };
    }

    private function inContainer(Scanner $scan, Amount $amount): Amount
    {
        if (null === $amount->unit || $amount->unit->isContainer()) {
            return $amount;
        }
        $began = $scan->at;
        $scan->skip('/\s*-?\s*(?:(?:size|small|large)\s+)?/iu');
        $m = $scan->take($this->unit);
        $container = null === $m ? null : Unit::spelled($m['unit']);
        if (null === $container || !$container->isContainer()) {
            $scan->at = $began;

            return $amount;
        }
        $scan->skip('/\s+of\b/iu');

        return new Amount($amount->low, $amount->high, $amount->unit, $container, $amount->count);
    }

    /** The same amount again in another system, or the size of a container: "/ 4 lb", "(4 lb)", "(about 2 cups)"; the first of them. */
    private function alternatives(Scanner $scan): ?Amount
    {
        $first = null;
        do {
            $began = $scan->at;
            $scan->skip('/\s*/u');
            $open = $scan->take('/[\/(]\s*|or\s+(?=(?:about\s+)?\d)/iu');
            $closes = null !== $open && str_starts_with($open[0], '(');
            while (null !== $open && $scan->skip(self::ABOUT)) {
            }
            $again = null === $open ? null : $this->measure($scan);
            $ends = null === $again?->unit ? null : $scan->take($closes ? '/\s*(?:in\s+total|total|each)?\s*\)/iu' : '/(?![\p{L}])/u');
            if (null === $ends) {
                $scan->at = $began;
            } else {
                $first ??= $again;
            }
        } while (null !== $ends);

        return $first;
    }

    private static function exactly(float $value, ?Unit $unit): Amount
    {
        return new Amount($value, $value, $unit);
    }

    /** "1,500 g" is one and a half kilograms, "1,5 kg" and "1,400 kg" are decimals. */
    private static function value(string $written, ?Unit $unit): float
    {
        $thousands = (Unit::Gram === $unit || Unit::Millilitre === $unit) && preg_match('/^\d{1,2},\d{3}$/', $written);

        return Number::value($thousands ? str_replace(',', '', $written) : $written);
    }
}
