<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** A unit as recipes write it. Spoons and cups are metric; US and British cups differ by less than 6 %. */
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
    case Tablespoon = 'tbsp';
    case Cup = 'cup';
    case Pint = 'pint';
    case Quart = 'quart';
    case Glass = 'glass';
    case Bottle = 'bottle';
    case Tin = 'tin';
    case Jar = 'jar';
    case Knob = 'knob';
    case Stick = 'stick';
    case Handful = 'handful';
    case Pinch = 'pinch';
    case Dash = 'dash';
    case Bunch = 'bunch';
    case Sprig = 'sprig';
    case Piece = 'piece';

    /** How a recipe may write each, in a regular expression. */
    private const SPELLINGS = [
        'kg' => 'kgs?|kilos?|kilograms?',
        'g' => 'g|gr|grams?|grammes?',
        'fl oz' => 'fl\.?\s?oz\.?|fluid ounces?',
        'oz' => 'oz\.?|ounces?',
        'lb' => 'lbs?\.?|pounds?',
        'ml' => 'ml|millilit(?:re|er)s?',
        'cl' => 'cl|centilit(?:re|er)s?',
        'dl' => 'dl|decilit(?:re|er)s?',
        'l' => 'l|lit(?:re|er)s?',
        'tsp' => 'tsps?\.?|teaspoons?|teaspoonfuls?',
        'tbsp' => 'tbsps?\.?|tbs\.?|tablespoons?|tablespoonfuls?',
        'cup' => 'cups?|cupfuls?',
        'pint' => 'pints?|pt',
        'quart' => 'quarts?|qt',
        'glass' => 'glass(?:es)?|wineglass(?:es)?',
        'bottle' => 'bottles?',
        'tin' => 'tins?|cans?|cartons?',
        'jar' => 'jars?',
        'knob' => 'knobs?|walnuts?',
        'handful' => 'handfuls?',
        'pinch' => 'pinch(?:es)?',
        'dash' => 'dash(?:es)?|splash(?:es)?|glugs?|sloshs?|sloshes',
        'bunch' => 'bunch(?:es)?',
        'sprig' => 'sprigs?|stalks? of (?=thyme|rosemary|parsley)',
        'piece' => 'pieces?',
    ];

    /** A pattern with one group that matches any spelling as a whole word, case-insensitively. */
    public static function pattern(): string
    {
        return '(?<unit>'.implode('|', self::SPELLINGS).')(?![\p{L}\p{M}])';
    }

    public static function spelled(string $word): ?self
    {
        foreach (self::SPELLINGS as $unit => $spelling) {
            if (preg_match('/^(?:'.$spelling.')$/iu', trim($word))) {
                return self::from($unit);
            }
        }

        return null;
    }

    public function grams(): ?float
    {
        return match ($this) {
            self::Gram => 1.0,
            self::Kilogram => 1000.0,
            self::Ounce => 28.35,
            self::Pound => 453.59,
            self::Pinch => 0.4,
            self::Knob => 15.0,
            self::Handful => 30.0,
            self::Bunch => 30.0,
            default => null,
        };
    }

    public function millilitres(): ?float
    {
        return match ($this) {
            self::Millilitre => 1.0,
            self::Centilitre => 10.0,
            self::Decilitre => 100.0,
            self::Litre => 1000.0,
            self::FluidOunce => 29.0,
            self::Teaspoon => 5.0,
            self::Tablespoon => 15.0,
            self::Cup => 240.0,
            self::Pint => 568.0,
            self::Quart => 946.0,
            self::Glass => 150.0,
            self::Bottle => 750.0,
            self::Jar => 300.0,
            self::Dash => 10.0,
            default => null,
        };
    }
}
