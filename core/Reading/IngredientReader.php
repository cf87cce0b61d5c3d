<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\Internal\Certainty;
use Pausis\Core\Reading\Internal\Weighing;
use Pausis\Core\Recipe\Amount;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Guess;
use Pausis\Core\Recipe\Ingredient;

/** Reads one ingredient line into amount, food and role. Whatever it can't tell stays null, lowers the confidence and says why. */
final class IngredientReader
{
    /** What stands before an ingredient and is none of it. */
    public const BULLET = '/^\s*(?:[-–—*•·▢☐□✓✔+>|]|\[[ x]?\]|\d\x{FE0F}?\x{20E3}|\d{1,2}[.)](?=\s)'
        .'|[\p{So}\p{Sk}\x{FE0F}\x{200D}\x{20E3}])+\s*/iu';
    /** "1 chicken cut into 8, or 8 thighs": the first is what is bought. */
    private const OR_SO_MANY = '/\s*[,(]\s*or\s+\d{1,2}\s+(?:bone-in |skin-on |large |small )*\p{L}+\)?$/iu';
    private const AMOUNT_LAST = '/^(?<food>\p{L}[\p{L}\s’\'-]{2,40}?)\s+(?<amount>(?:[1-9]\d{0,2}(?:\s?[½¼¾])?|[½¼¾])(?:\s*[x×]\s*\d+\s*'
        .'(?:g|kg|ml|oz)\s*(?:tins?|cans?|jars?|bottles?)?|\s*(?:cloves?|cm|sprigs?|sticks?|stalks?|leaves|slices?|heads?|bulbs?'
        .'|large|small|medium))?)(?=\s*(?:,|\(|;|$))/iu';
    private const ANIMAL = '/\b(beef|ox|veal|pork|lamb|mutton|hogget|goat|kid|venison|deer|boar|chicken|hen|duck|goose|turkey|guinea fowl'
        .'|rabbit|hare)\b/iu';
    /** Said of an animal, but none. */
    private const MADE_OF_MEAT = '/\b(?:stock|broth|soup|gravy|drippings?|fat|sausages?|bouillon|cubes?|consomm[ée]|ham|bacon|lard|tallow'
        .'|jus|demi[- ]glace|seasoning|spice|masala|rub)s?$/u';
    private const EITHER = '/^(?:(?:hot|warm|cold|good|fresh|strong|light|dark|rich|home-?made)\s+)*'
        .'(\p{L}+)\s+or\s+(\p{L}+)\s+(stock|broth|wine|vinegar|sugar|oil|mustard|cream|onions?|apples?|beans|rice'
        .'|flour|bouillon|cubes?)\b/iu';
    private const STOCKS = '/\b(?:beef|veal|lamb|mutton|pork|chicken|poultry|turkey|game|vegetable|meat)\s+or\s+'
        .'(\p{L}+\s+(?:stock|broth|bouillon))\b/iu';
    private const OPTIONAL = '/\b(optional|to serve|to taste|for serving|for dusting|for dredging|to dust|to garnish|to finish'
        .'|for garnish|for sprinkling|if you (?:like|have)|if liked|if desired|for the table|as needed)\b/iu';
    private const TO_TASTE = '/\b(?:to taste|as needed)\b/iu';
    private const TINNED = '/\b(?:tins?|cans?|cn|tinned|canned)\b/iu';
    private const CANNED = '/(?:oz|g|ml|\)|\d)\.?\s*-?\s*(?:tins?|cans?|cn)\b/iu';
    private const DRIED_PULSE = '/\bdried\b/iu';
    private const FROZEN = '/\b(?:deep-?)?frozen\b|\b(?:from|out of|in) the (?:deep[- ]?)?freezer\b|\bfreezer to (?:pot|cooker)\b/iu';
    private const THAWED = '/\b(?:thaw(?:ed|ing)?|de-?frost(?:ed|ing)?|(?:not|never|un)[ -]?frozen)\b/iu';
    /** "not yet defrosted", "half thawed", "no need to thaw", "cook it from frozen": whatever else is said */
    private const STILL_FROZEN = '/\b(?:un|half|part(?:ly|ially)?|semi|barely|nearly|almost)[- ]?(?:thaw|de-?frost)\w*'
        .'|(?:\b(?:not|never|without|no need|instead of|rather than|before it)|n[’\']t)\b[^.;,]{0,40}\b(?:thaw|de-?frost)\w*'
        .'|\b(?:(?:straight )?from|still|while|when|rock[- ]hard|half|part(?:ly|ially)?|solid(?:ly)?)[- ]frozen\b'
        .'|\bfrozen (?:solid|hard|through)\b/iu';
    /** What is said of leftovers. */
    private const TO_BE_FROZEN = '/\b(?:can|may|could|might|if)\b[^.;]{0,25}\bbe frozen\b|\bfrozen for (?:up to|\d|a|one|two|three)\b'
        .'|\bkeeps?\b[^.;]{0,30}\bfrozen\b/iu';
    private const OF_FRUIT = '/^(?:the\s+)?(?:(?:finely\s+)?grated\s+|pared\s+|fresh\s+)*(?<part>juice|zest|peel|rind)(?:\s*(?:and|&|\+'
        .'|,)\s*(?:(?:finely\s+)?grated\s+)?(?<also>juice|zest|peel|rind))?\s+(?:of|from)\s+(?<fruit>.+)$/iu';
    private const FRUIT_JUICED = '/^(?<fruit>(?:.+?\s)?(?:lemons?|limes?|oranges?|clementines?|grapefruits?))\s*,.*\b(?<part>juiced?'
        .'|juice only|zested)\b/iu';
    /** "2 stock cubes in 700 ml boiling water" is stock. */
    private const MADE_UP = '/^(?<cubes>.*\b(?:stock|bouillon|oxo)\s+(?:cubes?|pots?|powder)\b[^\d]*?)\s(?:in|with|dissolved in'
        .'|made up (?:to|with)|and)\s+'
        .'(?<amount>\d[\d.,]*\s*(?:ml|l|litres?|pints?|cups?))\s+(?:of\s+)?(?:(?:hot|boiling|just-boiled|warm)\s+)*water\b/iu';
    private const THE_SIZE_OF = '/^(?<food>.+?)[,(]?\s*(?:about\s+)?the size of (?:an?|your)\s+(?:small\s+|large\s+'
        .'|big\s+)?(?<size>walnut|thumb|egg|hazelnut|golf ball|fist|nutmeg)\)?/iu';
    private const SIZES = [
        'walnut' => 20.0, 'thumb' => 20.0, 'egg' => 50.0, 'hazelnut' => 5.0, 'golf ball' => 45.0, 'fist' => 200.0, 'nutmeg' => 10.0,
    ];
    private const TRAILING_COUNT = '/^(?<food>\p{L}[\p{L}\s’\'-]*?)\s*(?:(?:[-–—:,x×\t]|\s{2})\s*(?<count>\d{1,2}(?:\s*(?:-|–'
        .'|to)\s*\d{1,2})?|[½¼¾])\s*$|\((?<bracket>\d{1,2}|[½¼¾])\)(?<more>.*)$|,\s*(?<ones>(?:two|three|four|five|six|\d)(?=\s+(?:(?:big'
        .'|large|small|nice|good|fat)\s+)*ones?\b))(?<after>.*)$)/u';
    private const LENGTH_PIECE = '/^(?:an?\s+|\d\s+)?(?<low>\d+(?:[.,]\d+)?|½|an?)\s*-?\s*(?<unit>cm|inch(?:es)?|in\.?'
        .'|["”])\s*-?\s*(?:piece|knob|length|chunk|thumb|stick)?s?\s+(?:of\s+)?/iu';
    private const LENGTH_OF_STICK = '/^(?:an?\s+|\d\s+)?(?:\d+(?:[.,]\d+)?|½|an?)\s*-?\s*(?:cm|inch(?:es)?|in\.?|["”])\s*-?\s*(?:piece'
        .'|stick|length)?s?\s*(?:of\s+)?(?:cinnamon|cassia)(?:\s+stick|\s+bark)?/iu';
    private const GRAMS_A_CENTIMETRE = 6.0;
    private const LOOSE_COUNT = '/\b(?:few|some|several|couple)\b/iu';
    /** "a few (5 or 6)" */
    private const COUNTED = '/\((?:about\s+)?(?<low>\d{1,2})(?:\s*(?:-|–|or|to)\s*(?<high>\d{1,2}))?(?=[,)])/u';
    private const LEADERS = '/^(?<food>\p{L}.*?)\s*(?:\.{3,}|…+|_{3,})\s*(?<amount>.+)$/u';
    private const LABELLED = '/^(?<food>\p{L}[\p{L}\s’\'()\/,-]*?)(?:\s*[:–—]|\s-)\s+(?<rest>(?:about\s+|ca?\.\s+)?[\d½¼¾⅓⅔].*)$/u';
    private const IN_PIECES = '[\s-]*(?<unit>cm|mm|inch(?:es)?|in|["”])\.?[\s-]*(?:thick|wide|square|big|small|rough )*\s*'
        .'(?:pieces?|chunks?|cubes?|dice|slices?|rounds?|wedges?|bits)\b/iu';
    private const LARGE_PIECES = '/\b(?:large|big|chunky|good-sized) (?:chunks|pieces|cubes|wedges)\b/iu';
    private const LARGE_CM = 3.5;
    /** "For the gremolata: …" */
    private const HEAD = '/^\W*for (?:the|your) [\p{L} ]{3,40}:\s+(?=\S)/iu';
    /** "12 bone in thighs": said of them, and nothing in anything. */
    private const BONE_IN = '/\b(bone|skin|rind) (in|on|off)\b(?! (?:the|a|it|its|your)\b)/iu';
    private const ONLY_BONE_IN = '/^\W*(?:(?:bone|skin|rind)-(?:in|on|off)\W*)+$/iu';
    /** Cuts of whatever animal. */
    private const BARE_CUT = '/\b(?:shoulder|shanks?|cheeks?|belly|neck|knuckles?|thighs?|drumsticks?|haunch|joint)\b/iu';
    /** Words that open a food without naming it. */
    private const LEADING = '/^(?:(?:of|the|some|any|more|extra|a\s+little|a\s+bit\s+of|a\s+little\s+bit\s+of|plenty\s+of|lots\s+of'
        .'|enough|good|whatever|your|each|or\s+so\s+of|or\s+so)\s+)+/iu';

    /** As many lines as are looked at again before the next. */
    private const REMEMBERED = 32;

    private readonly AmountReader $amounts;
    private readonly Weighing $weighing;
    private readonly TakenBack $taken;
    private readonly Misheard $misheard;
    /** @var array<string, Ingredient> */
    private array $lately = [];

    public function __construct(
        private readonly Larder $larder,
        private readonly Cuts $cuts,
        private readonly UnitSystem $system = UnitSystem::Metric,
        private readonly Vocabulary $vocabulary = new Vocabulary(),
        ?Misheard $misheard = null,
    ) {
        $this->amounts = new AmountReader($system);
        $this->weighing = new Weighing($this->amounts, $system);
        $this->taken = new TakenBack($this->amounts);
        $this->misheard = $misheard ?? Misheard::load();
    }

    public static function metric(Larder $larder, Cuts $cuts, Misheard $misheard): self
    {
        return new self($larder, $cuts, UnitSystem::Metric, new Vocabulary(), $misheard);
    }

    /** The same reader for other cups and spoons, and for what a household has taught. */
    public function for(UnitSystem $system, Vocabulary $vocabulary): self
    {
        return new self($this->larder, $this->cuts, $system, $vocabulary, $this->misheard);
    }

    /** Whether a line puts an amount right that it has just said. */
    public function takesBack(string $text): bool
    {
        return $this->taken->isIn($text);
    }

    public function system(): UnitSystem
    {
        return $this->system;
    }

    public function amounts(): AmountReader
    {
        return $this->amounts;
    }

    public function amountAt(string $text, int $byte): ?FoundAmount
    {
        return $this->amounts->at($text, $byte);
    }

    public function read(string $source, int $line = 0): Ingredient
    {
        $read = $this->lately[$source] ?? null;
        if ($line !== $read?->line) {
            $text = $this->amountFirst($this->taken->meant(trim(
                (string) preg_replace([self::BULLET, self::HEAD, self::BONE_IN], ['', '', '$1-$2'], $source),
            )));
            $read = $this->special($source, $line, $text) ?? $this->ordinary($source, $line, $text);
            $this->lately = \array_slice([$source => $read] + $this->lately, 0, self::REMEMBERED, true);
        }

        return $read;
    }

    /** A line whose parts the cook may have set; the source stays for showing, and speaks where the amount is still its own. */
    public function fromParts(string $source, int $line, string $amountText, string $foodText, ?Role $role): Ingredient
    {
        $asWritten = $this->read($source, $line);
        if ($asWritten->amountText === $amountText && $asWritten->foodText === $foodText) {
            return null === $role || $role === $asWritten->role
                ? $asWritten
                : $this->understand($source, $line, $asWritten->amount, $amountText, $foodText, $asWritten->notes, $role);
        }
        $amount = '' === trim($amountText) ? null : $this->amounts->find($amountText)?->amount;
        $notes = $asWritten->amountText === $amountText || null !== $amount?->unit ? $asWritten->notes : '';
        [$bareFood, $typedNotes] = self::splitNotes($foodText);

        $corrected = $this->understand($source, $line, $amount, $amountText, $bareFood, '' === $typedNotes ? $notes : $typedNotes, $role);

        return true === $asWritten->food?->phaseolus && Role::Pulse !== $corrected->food?->role
            ? $corrected->doubted(Doubt::WasRawBeans)
            : $corrected;
    }

    private function ordinary(string $source, int $line, string $text): Ingredient
    {
        $found = $this->amounts->find($text);
        $rest = self::withoutLead(null === $found ? $text : $found->without($text));
        // "lamb or chicken stock" is stock.
        $rest = (string) preg_replace([self::EITHER, self::STOCKS, self::OR_SO_MANY], ['$2 $3', '$1', ''], $rest);
        $amountText = null === $found ? '' : (string) preg_replace('/\s+of$/iu', '', $found->in($text));
        [$foodText, $notes] = self::splitNotes($rest);
        if (str_starts_with($rest, '(') && preg_match('/^\(([^)]*)\)\s*(.+)$/us', $rest, $m)) {
            [$foodText, $more] = self::splitNotes(self::withoutLead($m[2]));
            $notes = trim($m[1].('' === $more ? '' : ", $more"));
        }

        // "a little pepper" is no amount.
        $amount = preg_match('/^an?\s+(?:little|bit|touch|drizzle)\b(?!\s+(?:over|under|more|less))/iu', $text) ? null : $found?->amount;
        if (null !== $amount
            && null === $amount->unit
            && preg_match(self::LOOSE_COUNT, $amountText)
            && preg_match(self::COUNTED, $text, $m)) {
            $amount = new Amount((float) $m['low'], (float) ($m['high'] ?? $m['low']), null);
        }

        return $this->understand($source, $line, $amount, $amountText, $foodText, $notes, null);
    }

    /** "onions 2, sliced", "garlic 4 cloves": the amount before the food, where that is known and nothing stands before it. */
    private function amountFirst(string $text): string
    {
        return preg_match(self::AMOUNT_LAST, $text, $m) && null !== $this->identify($m['food'], '')
            ? (string) preg_replace('/cm$/u', 'cm piece', $m['amount'])." $m[food]".substr($text, \strlen($m[0])) : $text;
    }

    /**
     * The juice or zest of so many.
     *
     * @param array<array-key, string> $m
     */
    private function ofFruit(string $source, int $line, array $m): Ingredient
    {
        $found = $this->amounts->at($m['fruit'], 0);
        $fruit = self::splitNotes(self::withoutLead(null === $found ? $m['fruit'] : $found->without($m['fruit'])))[0];
        $part = str_starts_with(mb_strtolower($m['part']), 'juice') ? 'juice' : 'zest';
        $also = '' === ($m['also'] ?? '') ? '' : mb_strtolower($m['also']);
        $juice = 'juice' === $part || 'juice' === $also;

        $food = (string) preg_replace('/s$/u', '', mb_strtolower($fruit)).($juice ? ' juice' : ' zest');
        $amount = $found->amount ?? new Amount(1, 1, null);
        // "juice of 2 lemons (about 80 ml)"
        if ($juice && preg_match('/\((?:about\s+|approx\.?\s+|ca\.?\s+)?(?<ml>\d{1,3})\s*ml\)/iu', $source, $said)) {
            $amount = new Amount((float) $said['ml'], (float) $said['ml'], Unit::Millilitre);
        }
        $written = null === $found ? '' : $found->in($m['fruit']);

        return $this->understand($source, $line, $amount, $written, $food, '' === $also ? '' : "and $also", null);
    }

    /** "juice of a lemon", "butter the size of a walnut", "a 5 cm piece of ginger", "onions – 2". */
    private function special(string $source, int $line, string $text): ?Ingredient
    {
        if (preg_match(self::OF_FRUIT, $text, $m) || preg_match(self::FRUIT_JUICED, $text, $m)) {
            return $this->ofFruit($source, $line, $m);
        }
        if (preg_match('/^(?:the\s+)?(?:seeds|arils)\s+(?:of|from)\s+(?<fruit>.+)$/iu', $text, $m)) {
            return $this->ordinary($source, $line, $m['fruit']);
        }
        if (preg_match(self::MADE_UP, $text, $m) && null !== ($found = $this->amounts->at($m['amount'], 0))) {
            return $this->understand($source, $line, $found->amount, $m['amount'], 'stock', trim($m['cubes']), null);
        }
        if (null !== ($piece = $this->piece($source, $line, $text))) {
            return $piece;
        }
        if (preg_match(self::LEADERS, $text, $m) && null !== ($found = $this->amounts->at($m['amount'], 0))) {
            [$food, $notes] = self::splitNotes($m['food']);

            return $this->understand(
                $source, $line, $found->amount, $found->in($m['amount']), $food, trim($notes.' '.$found->without($m['amount'])), null,
            );
        }
        if (preg_match(self::LABELLED, $text, $m) && null !== ($found = $this->amounts->at($m['rest'], 0))) {
            return $this->labelled($source, $line, $m['food'], $m['rest'], $found);
        }
        if (preg_match(self::TRAILING_COUNT, $text, $m)) {
            $count = ($m['count'] ?? '').($m['bracket'] ?? '').($m['ones'] ?? '');
            $found = $this->amounts->at($count, 0);

            return null === $found
                ? null
                : $this->understand(
                    $source, $line, $found->amount, $count, trim($m['food']), trim(($m['more'] ?? '').($m['after'] ?? ''), ' ,'), null,
                );
        }

        return null;
    }

    /** "a piece of ginger the size of a thumb", "a 5 cm piece of cinnamon": a size for a mass. */
    private function piece(string $source, int $line, string $text): ?Ingredient
    {
        if (preg_match(self::THE_SIZE_OF, $text, $m)) {
            $found = $this->amounts->at($m['food'], 0);
            $food = self::withoutLead((string) preg_replace('/^(?:an?\s+)?(?:piece|lump|knob|nut)\s+of\s+/iu', '', $m['food']));

            return $this->understand($source, $line, self::grammes(
                self::SIZES[mb_strtolower($m['size'])] * (null === $found?->amount->unit ? $found?->amount->middle() ?? 1 : 1),
            ),
                trim(substr($text, \strlen($m['food']))), null === $found ? $food : self::withoutLead($found->without($food)), '', null);
        }
        if (preg_match(self::LENGTH_OF_STICK, $text, $m)) {
            return $this->understand($source, $line, new Amount(1, 1, Unit::Stick), trim($m[0]), 'cinnamon', '', null);
        }
        if (preg_match(self::LENGTH_PIECE, $text, $m)) {
            $centimetres = ('½' === $m['low'] ? 0.5 : (float) str_replace(
                ',', '.', preg_match('/^an?$/iu', $m['low']) ? '1' : $m['low'],
            )) * (str_starts_with($m['unit'], 'c') ? 1.0 : 2.54);
            [$food, $notes] = self::splitNotes(substr($text, \strlen($m[0])));

            return $this->understand(
                $source, $line, self::grammes($centimetres * self::GRAMS_A_CENTIMETRE),
                trim((string) preg_replace('/\s+of\s*$/u', '', $m[0])), $food, $notes, null,
            );
        }

        return null;
    }

    /** "Stock: 500 ml", "rice balls: 1 litre water" */
    private function labelled(string $source, int $line, string $label, string $rest, FoundAmount $found): Ingredient
    {
        $behind = ltrim($found->without($rest), ' ,');
        [$other] = self::splitNotes($behind);
        $isFood = '' !== $other && (null !== $this->larder->named($other) || null !== $this->cuts->named($other));
        $labels = null === $this->larder->named($label) && null === $this->cuts->named($label)
            || null !== $found->amount->unit || preg_match('/^for (?:the|an?|your)\b/iu', $label);
        if ($isFood && $labels) {
            return $this->ordinary($source, $line, $rest);
        }
        [, $notes] = self::splitNotes("x $behind");

        return $this->understand($source, $line, $found->amount, $found->in($rest), trim($label), trim($notes), null);
    }

    private static function grammes(float $grams): Amount
    {
        return new Amount($grams, $grams, Unit::Gram);
    }

    private static function withoutLead(string $text): string
    {
        return trim((string) preg_replace(self::LEADING, '', trim($text)));
    }

    private function understand(
        string $source, int $line, ?Amount $amount, string $amountText, string $foodText, string $notes, ?Role $role,
    ): Ingredient {
        $known = $this->remembered($amountText, $foodText, $notes);
        $hidden = null !== $this->vocabulary->meaning($foodText) && null === $known;
        $taken = '' !== ($known['food'] ?? '') ? $known['food'] : $foodText;
        if ('an' === rtrim(mb_strtolower($amountText), 'n').'n' && preg_match(
            '/^(?:(?:small|large|big)\s+)?(?:bundle|faggot|bouquet)\b/iu', $foodText,
        )) {
            $amount = null;
        }
        $tinned = preg_match(self::TINNED, $amountText) || preg_match(self::CANNED, $source) ? "tinned $taken" : $taken;
        $guess = null;
        $unit = $amount?->unit;
        $shaped = Unit::Stick === $unit || Unit::Leaf === $unit ? $this->larder->named("$taken $unit->value") : null;
        $whole = null !== $shaped && str_ends_with($shaped[1], $unit->value ?? '') ? [$shaped[0], null, $shaped[0]->role] : null;
        [$food, $cut, $named] = $whole ?? $this->identify($tinned, $notes) ?? $this->identify("$taken $notes", '') ?? [null, null, null];
        if (null !== ($heard = $this->misheard->food($taken, $source))
            && (null === $named || str_contains($heard->meant.$heard->said, ' ') || Role::Unknown === $named)) {
            $better = $this->identify($heard->text, $notes);
            [$food, $cut, $named, $guess] = null === $better ? [$food, $cut, $named, null] : [...$better, $heard];
        }
        if (null !== ($spelt = $this->larder->spelling($this->cuts->names())->corrected($taken))) {
            $better = $this->identify(str_starts_with($tinned, 'tinned ') ? "tinned $spelt[2]" : $spelt[2], $notes);
            [$food, $cut, $named, $guess] = null === $better || [$food, $cut] === [$better[0], $better[1]]
                ? [$food, $cut, $named, $guess]
                : [...$better, new Guess(...$spelt)];
        }
        [$food, $guess] = $this->inContext($food, $amount, $foodText, $notes, $source) ?? [$food, $guess];
        [$food, $open] = null === $food ? [null, false] : $this->larder->asSaid($food, $taken, "$amountText $notes");
        $named = $food->role ?? $named;
        $readRole = $role ?? $known['role'] ?? $named ?? Role::Unknown;
        if (Role::Meat !== $readRole) {
            $cut = null;
        }
        $millilitres = $this->weighing->millilitres($amount, $food, $notes);
        $grams = $this->weighing->grams($amount, $food, $cut, $notes, "$amountText $foodText $notes");
        if (null === $millilitres && null !== $grams && $readRole->isPoured() && null !== $food?->density) {
            $millilitres = $grams / $food->density;
        }
        $doubts = Certainty::doubts($amount, $grams, $readRole, $cut, $foodText, $notes, $guess, null !== $role);
        array_push($doubts, ...array_filter([
            $known['ignored'] ?? false ? Doubt::NotAFood : null,
            $open ? Doubt::RawOrCooked : null,
            $hidden ? Doubt::NotAsRemembered : null,
            Role::Meat === $readRole && self::isFrozen("$source $foodText $notes") ? Doubt::Frozen : null,
        ]));

        return new Ingredient(
            $line, $source, $amountText, $amount, $grams, $readRole->isPoured() ? $millilitres : null, $foodText, $food, $cut,
            $readRole, $notes, (bool) preg_match(self::OPTIONAL, $source)
                && !(preg_match(self::TO_TASTE, $source) && Role::Salt === $readRole), Certainty::confidence(
                    $doubts, null === $amount, null !== $role,
                ), $doubts, $guess, sizeCm: self::sizeCm($notes));
    }

    /** "in 3 cm chunks", "2 in pieces", "in large chunks"; lengths tell nothing of how thick it is. */
    private static function sizeCm(string $notes): ?float
    {
        $number = Number::pattern();
        if (preg_match("/(?<![\\d\\/])(?<n>$number)(?:\\s*(?:-|–|to)\\s*(?<to>$number))?".self::IN_PIECES, $notes, $m)) {
            $high = '' === ($m['to'] ?? '') ? $m['n'] : $m['to'];
            $unit = match (mb_strtolower($m['unit'])) {
                'mm' => 0.1,
                'cm' => 1.0,
                default => 2.54,
            };

            return $unit * (Number::value($m['n']) + Number::value($high)) / 2;
        }

        return preg_match(self::LARGE_PIECES, $notes) ? self::LARGE_CM : null;
    }

    /**
     * What this house has said these words mean, unless that would hide beans that have to be boiled.
     *
     * @return array{food: string, role: Role|null, ignored: bool}|null
     */
    private function remembered(string $amountText, string $foodText, string $notes): ?array
    {
        $known = $this->vocabulary->meaning($foodText);
        $plain = null === $known ? null : ($this->identify($foodText, $notes) ?? $this->identify("$foodText $notes", ''))[0] ?? null;
        if (null === $known || null === $plain || !$this->larder->asSaid($plain, $foodText, "$amountText $notes")[0]->phaseolus) {
            return $known;
        }
        $stillBeans = !$known['ignored']
            && ('' === $known['food'] || true === ($this->identify($known['food'], '')[0] ?? null)?->phaseolus);

        return $stillBeans ? $known : null;
    }

    public static function isFrozen(string $words): bool
    {
        return (bool) preg_match(self::STILL_FROZEN, $words)
            || (preg_match(self::FROZEN, $words) && !preg_match(self::THAWED, $words) && !preg_match(self::TO_BE_FROZEN, $words));
    }

    /**
     * Words that mean another food in some company: cloves that are crushed are garlic's, two spoons of corn flour are starch.
     *
     * @return array{Food|null, Guess}|null
     */
    private function inContext(?Food $food, ?Amount $amount, string $foodText, string $notes, string $source): ?array
    {
        [$meant, $said] = match (true) {
            'whole-clove' === $food?->id && preg_match(
                '/crush|chop|slic|minc|peel|squash|bash|smash|grat|sliver/iu', $notes.' '.$source,
            ) => ['garlic', 'cloves'],
            'polenta' === $food?->id && preg_match('/corn\s?flour/iu', $foodText) && \in_array(
                $amount?->unit, [Unit::Tablespoon, Unit::Teaspoon, Unit::Dessertspoon, null], true,
            ) => ['corn-starch', 'corn flour'],
            'pepper' === $food?->id && 'peppers' !== $foodText && \in_array(
                $amount?->unit, [Unit::Teaspoon, Unit::Pinch, Unit::Tablespoon], true,
            ) => ['pepper-ground', 'pepper'],
            null === $food && 'red' === mb_strtolower($foodText) && true === $amount?->unit?->isPouredFrom() => ['red-wine', 'red'],
            null === $food && 'white' === mb_strtolower($foodText) && true === $amount?->unit?->isPouredFrom() => ['white-wine', 'white'],
            default => [null, ''],
        };

        return null === $meant
            ? null
            : [$this->larder->find($meant), new Guess($said, $this->larder->find($meant)->name ?? $said, $foodText)];
    }

    /** @return array{string, string} the food, and what is said about it */
    private static function splitNotes(string $rest): array
    {
        if (preg_match(
            '/^(.*?)\s*(?:[,;(:]|\s[–—-]\s|\.\s|\s(?=(?:or|plus|and|with|for|from|to|cut|chopped|sliced|peeled|diced|roughly|finely'
                .'|thinly|coarsely|in|into|about|at|on|each|skin|trimmed|tied|boned|halved|quartered|crushed|drained|rinsed|soaked|torn'
                .'|broken|bashed|smashed|bruised|grated|left|such|if|that|which|until|optional|divided)\b))\s*(.*)$/us',
            $rest, $m,
        ) && '' !== trim($m[1])) {
            return [trim($m[1]), trim($m[2], " \t)(,;")];
        }

        return [rtrim($rest, '. '), ''];
    }

    /** @return array{Food|null, Cut|null, Role}|null */
    private function identify(string $text, string $notes): ?array
    {
        if (preg_match(self::ONLY_BONE_IN, $text)) {
            return null;
        }
        $named = $this->larder->named($text);
        if (preg_match('/^(?<spice>.+?)\s+powder$/iu', $text, $m) && null !== $named && !str_ends_with($named[1], 'powder')) {
            $named = $this->larder->named("ground $m[spice]") ?? $named;
        }
        if (null !== $named && str_starts_with($text, 'tinned ') && !str_starts_with($named[1], 'tinned')) {
            $named = $this->larder->named("tinned $named[1]") ?? $named;
        }
        if (null !== $named && 'dried' !== explode(' ', $named[1])[0] && preg_match(self::DRIED_PULSE, $notes)) {
            $named = $this->larder->named("dried $named[1]") ?? $named;
        }
        if (null !== $named && (preg_match(self::ANIMAL, $named[1]) || $this->ofAnAnimal($text, $named[1]))) {
            return [$named[0], null, $named[0]->role];
        }
        $cut = $this->cuts->named($text);
        $spoken = ' '.Larder::normal($text).' ';
        $isLonger = null !== $cut && null !== $named && [] !== array_filter($cut->words, static fn (string $w): bool => str_contains(
            $spoken, " $w ",
        ) && str_contains($w, $named[1]) && \strlen($w) > \strlen($named[1]));
        $besides = null === $named ? '' : str_replace($named[1], ' ', Larder::normal($text));
        if (null !== $cut && null !== $named && !$isLonger && null === $this->cuts->named($besides)) {
            $cut = null;
        }
        if (null === $cut && (null === $named || 'ham-bone' === $named[0]->id) && preg_match(self::BARE_CUT, $text)) {
            return [null, null, Role::Meat];
        }
        if (null !== $named && preg_match(self::MADE_OF_MEAT, $named[1]) && str_ends_with(Larder::normal($text), $named[1])) {
            return [$named[0], null, $named[0]->role];
        }
        if (null !== $cut || preg_match(self::ANIMAL, $text)) {
            return [null, $cut, Role::Meat];
        }

        return null === $named ? null : [$named[0], null, $named[0]->role];
    }

    /** Stock cubes of chicken are no chicken. */
    private function ofAnAnimal(string $text, string $name): bool
    {
        return (bool) preg_match('/'.substr(self::ANIMAL, 1, -3).' '.preg_quote($name, '/').'/u', Larder::normal($text));
    }
}
