<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A unit as recipes write it, containers and handfuls included. */
enum Unit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';
    case Millilitre = 'ml';
    case Centilitre = 'cl';
    case Decilitre = 'dl';
    case Litre = 'l';
    case FluidOunce = 'fl oz';
    case Teaspoon = 'tsp';
    case Dessertspoon = 'dsp';
    case Tablespoon = 'tbsp';
    case Ladle = 'ladle';
    case Cup = 'cup';
    case Mug = 'mug';
    case Gill = 'gill';
    case Pint = 'pint';
    case Quart = 'quart';
    case Glass = 'glass';
    case Bottle = 'bottle';
    case Tin = 'tin';
    case Jar = 'jar';
    case Carton = 'carton';
    case Packet = 'packet';
    case Cube = 'cube';
    case Knob = 'knob';
    case Pat = 'pat';
    case Walnut = 'walnut';
    case Thumb = 'thumb';
    case Stick = 'stick';
    case Stalk = 'stalk';
    case Clove = 'clove';
    case Bulb = 'bulb';
    case Handful = 'handful';
    case Palmful = 'palmful';
    case Pinch = 'pinch';
    case Dash = 'dash';
    case Splash = 'splash';
    case Glug = 'glug';
    case Slosh = 'slosh';
    case Bunch = 'bunch';
    case Sprig = 'sprig';
    case Leaf = 'leaf';
    case Strip = 'strip';
    case Slice = 'slice';
    case Piece = 'piece';

    /** How a recipe may write each, in a regular expression. */
    private const SPELLINGS = [
        'kg' => 'kgs?\.?|kilos?|kilograms?|kilogrammes?',
        'g' => 'gr?\.?|gms?\.?|grams?|grammes?',
        'fl oz' => 'fl\.?\s?oz\.?|fluid\s+ounces?',
        'oz' => 'oz\.?|ounces?',
        'lb' => 'lbs?\.?|pounds?',
        'ml' => 'mls?\.?|mils?|mill?il(?:it(?:re|er)s?)',
        'cl' => 'cl\.?|centilit(?:re|er)s?',
        'dl' => 'dl\.?|decilit(?:re|er)s?',
        'l' => 'l\.?|ltr?s?\.?|lit(?:re|er)s?',
        'tsp' => 'tsp[ns]?\.?|teasps?\.?|ts\.?|tea\s?spoons?(?:ful)?|teaspoonfuls?|(?-i:t)\.?'
            .'|c(?:uill?(?:[eè]re)?s?)?\.?\s*[àa]\s*(?:caf[ée]|c\.?'
            .'|th[ée])(?![\p{L}])|TL',
        'dsp' => 'dsps?\.?|dss?ps?\.?|dessertsps?\.?|dessert\s?spoons?(?:ful)?|dessert\s?spoonfuls?',
        'tbsp' => 'tbsp[ns]?\.?|tablesps?\.?|tbls?\.?|tbps?\.?|tbs?\.?|tblsps?\.?|table\s?spoons?(?:ful)?|table\s?spoonfuls?'
            .'|spoons?(?:ful)?|spoonfuls?|(?-i:T)\.?'
            .'|c(?:uill?(?:[eè]re)?s?)?\.?\s*[àa]\s*s(?:oupe)?\.?|(?-i:EL|CS)',
        'ladle' => 'ladles?(?:ful)?|ladlefuls?',
        'cup' => '(?:breakfast\s?)?cups?|(?:breakfast\s?)?cupfuls?|(?<=\s)(?-i:c)\.?(?!\s*[àa]\s)',
        'mug' => 'mugs?(?:ful)?|mugfuls?',
        'gill' => 'gills?|tea\s?cups?(?:ful)?|tea\s?cupfuls?',
        'pint' => 'pints?|pts?\.?',
        'quart' => 'quarts?|qts?\.?',
        'glass' => 'glass(?:es)?|wineglass(?:es)?|small\s+glass(?:es)?',
        'bottle' => 'bottles?|btls?\.?',
        'tin' => 'tins?|cans?|cn',
        'jar' => 'jars?|pots?',
        'carton' => 'cartons?|tubs?',
        'packet' => 'packets?|packs?|packages?|pkts?\.?|bags?|sachets?|envelopes?|boxes|box',
        'cube' => 'cubes?',
        'knob' => 'knobs?',
        'pat' => 'pats?',
        'walnut' => 'walnuts?|walnut[-\s]sized?\s+(?:knob|lump|piece)',
        'thumb' => 'thumbs?|thumb[-\s]?(?:sized?|length)\s+(?:piece|knob|lump)s?|thumb[-\s]sized?',
        'stick' => 'sticks?',
        'stalk' => 'stalks?|ribs?|stems?',
        'clove' => 'cloves?',
        'bulb' => 'bulbs?|heads?',
        'handful' => 'handfuls?|hand\s?full',
        'palmful' => 'palmfuls?|palm\s?full',
        'pinch' => 'pinch(?:es)?',
        'dash' => 'dash(?:es)?|drops?|shakes?',
        'splash' => 'splash(?:es)?|squirts?|squeezes?|squeeze',
        'glug' => 'glugs?|drizzles?',
        'slosh' => 'sloshs?|sloshes|slugs?',
        'bunch' => 'bunch(?:es)?',
        'sprig' => 'sprigs?|twigs?|branch(?:es)?',
        'leaf' => 'leaf|leaves',
        'strip' => 'strips?',
        'slice' => 'slices?|rashers?',
        'piece' => 'pieces?|lumps?|chunks?',
    ];
    /** Words that are a unit only before some foods: a clove of garlic is one, a clove is a spice. */
    private const ONLY_BEFORE = [
        'walnut' => '\s+of\b',
        'thumb' => '\s+(?:of|(?:fresh\s+|root\s+)*ginger|turmeric|galangal)\b',
        'stalk' => '\s+(?:of\s+)?(?:celery|lemon\s?grass|rhubarb|thyme|rosemary|parsley|coriander|cilantro)\b',
        'clove' => '\s+(?:of\s+)?(?:[\p{L}-]+\s+)?garlic\b',
        'leaf' => '\s+of\b',
        'cube' => '\s+(?:of\b|(?:[\p{L}-]+\s+)?(?:stock|bouillon)\b)',
        'piece' => '\s+(?:of\b|(?:beef|pork|lamb|veal|oxtail|chicken|ginger|star|orange|lemon|bacon|shin)\b)',
    ];
    /** Containers that food is bought in. */
    private const CONTAINERS = [self::Bottle, self::Tin, self::Jar, self::Carton, self::Packet];

    /** A pattern with one group that matches any spelling as a whole word, case-insensitively. */
    public static function pattern(): string
    {
        $units = [];
        foreach (self::SPELLINGS as $unit => $spelling) {
            $units[] = isset(self::ONLY_BEFORE[$unit]) ? "(?:$spelling)(?=".self::ONLY_BEFORE[$unit].')' : $spelling;
        }

        return '(?<unit>'.implode('|', $units).')(?![\p{L}\p{M}])';
    }

    public static function spelled(string $word): ?self
    {
        foreach (self::SPELLINGS as $unit => $spelling) {
            if (preg_match('/^\s(?:'.$spelling.')$/iu', ' '.trim($word))) {
                return self::from($unit);
            }
        }

        return null;
    }

    public function isContainer(): bool
    {
        return \in_array($this, self::CONTAINERS, true);
    }

    public function isPouredFrom(): bool
    {
        return self::Glass === $this || self::Bottle === $this || self::Carton === $this;
    }

    /** Mass of one, whatever it is of; null where the food decides. */
    public function grams(): ?float
    {
        return match ($this) {
            self::Gram => 1.0,
            self::Kilogram => 1000.0,
            self::Ounce => 28.35,
            self::Pound => 453.59,
            self::Pinch => 0.4,
            self::Pat => 8.0,
            self::Knob => 15.0,
            self::Walnut => 20.0,
            self::Thumb => 20.0,
            self::Palmful => 15.0,
            self::Handful => 30.0,
            self::Bunch => 30.0,
            default => null,
        };
    }

    /** Volume of one; null for what is weighed or counted. Containers: as usually sold. */
    public function millilitres(UnitSystem $system = UnitSystem::Metric): ?float
    {
        $us = UnitSystem::Us === $system;

        return match ($this) {
            self::Millilitre => 1.0,
            self::Centilitre => 10.0,
            self::Decilitre => 100.0,
            self::Litre => 1000.0,
            self::FluidOunce => $us ? 29.57 : 28.41,
            self::Teaspoon => 5.0,
            self::Dessertspoon => 10.0,
            self::Tablespoon => UnitSystem::Australian === $system ? 20.0 : 15.0,
            self::Ladle => 120.0,
            self::Cup => $us ? 240.0 : 250.0,
            self::Mug => 300.0,
            self::Gill => $us ? 118.0 : 142.0,
            self::Pint => $us ? 473.0 : 568.0,
            self::Quart => $us ? 946.0 : 1136.0,
            self::Glass => 150.0,
            self::Bottle => 750.0,
            self::Jar => 300.0,
            self::Carton => 500.0,
            self::Dash => 2.0,
            self::Splash => 15.0,
            self::Glug => 20.0,
            self::Slosh => 60.0,
            default => null,
        };
    }
}
