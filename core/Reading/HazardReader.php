<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Reading\Internal\Durations;
use Pausis\Core\Recipe\Hazard;

/** Finds in a sentence of a method what must not be done as it stands. What it can't tell apart it takes for the worse. */
final class HazardReader
{
    /** Minutes that raw food may stand at a room's warmth, and that Warm may hold what is done. */
    private const MOST_OUT = 120.0;
    private const MOST_WARM = 240.0;
    private const MOST_BROWNED = 30.0;
    private const ROOM = '(?:\bat|\bto|\bin) (?:a )?(?:cool |warm |normal )?room[- ]temp(?:erature)?\b'
        .'|\b(?:on|upon) (?:the|a|your) (?:kitchen )?(?:counter(?:top)?|work ?top|work ?surface|bench(?:top)?|table|side(?:board)?'
        .'|window ?sill|hob|stove(?:top)?|porch|draining board)\b|\bout (?:of|from) (?:the )?(?:fridge|refrigerator|chiller)\b'
        .'|\bfrom the (?:fridge|refrigerator)\b|\bunrefrigerated\b|\b(?:out|stand|standing|sit|sitting) (?:all )?overnight\b'
        .'|\bin (?:a|the) (?:warm|cool) (?:place|room|kitchen|spot|corner|oven)\b|\bin the (?:larder|pantry|cellar|garage|scullery)\b'
        .'|\b(?:leave|left|sits?|stands?|set|keep)\b (?:it |them |the \w+ |these )*out\b(?! of the (?:pot|pan|oven|cooker))'
        .'|\b(?:come|comes?|bring|brought|get|let) (?:it |them |the \w+ |up )*to (?:a )?room\b|\btake (?:the )?chill off\b';
    private const FRIDGE = '/\b(?:in(?:to|side)?|to) (?:the|a|your) (?:fridge|refrigerator|chiller)\b|\b(?:refrigerat|chill)\w*\b/iu';
    private const LONG = '/\bovernight\b|\ball (?:night|day)\b|\b(?:until|till|for) (?:the )?(?:next (?:day|morning)|morning|tomorrow)\b'
        .'|\bwhile (?:you|we|I) (?:are|am) (?:at work|out)\b|\b(?:a|one|two|the whole) (?:day|night)s?\b/iu';
    private const MEAT = '/\b(?:meat|beef|pork|lamb|mutton|hogget|goat|kid|veal|venison|game|chicken|duck|turkey|goose|rabbit|hare|boar'
        .'|oxtail|brisket|shoulder|shanks?|shins?|cheeks?|ribs?|chops?|thighs?|legs?|joint|roast|chuck|neck|knuckle|it|them|everything'
        .'|pieces|cubes|chunks|steaks?|bird|poultry|fish|sausages?|mince)\b/iu';
    private const OTHERS = '/\b(?:beans|chickpeas|lentils|pulses|dough|butter|bread|rolls?|loaf|rice|cheese|yogh?h?urt|cream|fruit|prunes'
        .'|apricots|raisins|plates?|eggs?|pickles?|cucumbers?|salad|dressing|mushrooms|soaking|pastry|tortillas)\b/iu';
    private const NAMED_MEAT = '/\b(?:frozen|freezer|thaw\w*|de-?frost\w*)\b[^.;]{0,40}\b(?:meat|joint|roast|shanks?|ribs?|shoulder|beef'
        .'|pork|lamb|chicken|duck|turkey|venison|goat|rabbit|veal)\b|\b(?:meat|joint|roast|shanks?|ribs?|shoulder|beef|pork|lamb'
        .'|chicken|duck'
        .'|turkey|venison|goat|rabbit|veal)\b[^.;]{0,40}\b(?:frozen|freezer|thaw\w*|de-?frost\w*)\b/iu';
    private const MAY_BE_FROZEN = '/\b(?:peas|beans|corn|sweetcorn|spinach|berries|fruit|pastry|stock|broth|herbs|bread|rolls|onions|prawns'
        .'|vegetables?|veg|chips|dumplings|leftovers?|portions?|boxes|containers?|bags?|rest)\b/iu';
    private const MARINATES = '/\b(?:marinad\w*|marinat\w*|rub|rubbed|brine[ds]?|cure[ds]?|salted?)\b/iu';
    private const THAWS = '/\b(?:thaw|de-?frost)\w*\b/iu';
    private const WARM_WATER = '/\b(?:hot|warm|boiling|lukewarm) (?:tap )?water\b|\bnear (?:the|a) (?:stove|radiator|fire|heater)\b'
        .'|\bin (?:the|a) (?:sink|sun|airing cupboard)\b/iu';
    private const COOLS = '/\b(?:cool|cooled|cooling|cold|leave|left|rest|stand|sit|keep|kept)\b/iu';
    private const ON_WARM = '/\b(?:on|to|at) (?:the )?(?:[“"‘\']?(?:keep[- ])?warm[”"’\']?)(?: (?:setting|function|mode))?\b/iu';
    private const SETTING = '/\b(?:warm (?:setting|function|mode)|keep[- ]warm|(?:switch|turn|set|put)\w*[^.;]{0,40}\b(?:to|on'
        .'|at) (?:keep[- ])?warm'
        .'|on warm)\b(?! (?:through|it|them|up|everything|the)\b)/iu';
    private const REHEATS = '/\b(?:re-?heat\w*|warm (?:it |them |everything |the \w+ )?(?:through|up)|heat (?:it |them )?(?:through'
        .'|up)|bring back)\b/iu';
    private const BROWNS = '/\b(?:brown|sear|seal|fry|colou?r)(?:s|ed|ing)?\b/iu';
    private const LEFT_IN_PAN = '/\b(?:leave|left|stand|sit|keep|wait)\b[^.;]*\b(?:pan|skillet|frying pan|casserole|there|until|till)\b/iu';
    private const EARLIER = '/\b(?:in the morning|before (?:work|you go|going out|leaving)|at breakfast|at lunch(?:time)?)\b/iu';
    private const TIMER = '/\b(?:timer|delay(?:ed)?(?: start)?|programme?d?|plug-in (?:timer|switch)|start(?:s)? (?:by )?itself)\b/iu';
    private const STUFFS = '/\bstuff(?:ed|s|ing)?\b/iu';
    private const APART = '/\b(?:separate(?:ly)?|apart|beside|by itself|in the oven|in a dish)\b/iu';
    private const EGGS = '/\b(?:raw|uncooked|fresh)? ?(?:egg ?yolks?|eggs?|yolks?)\b/iu';
    private const EGGS_DONE = '/\b(?:boil(?:ed)?|hard|poach|fried|fry|scrambl|bake|omelet|egg noodles?|wash|batter|dumplings?|crumb|breaded'
        .'|dough|pasta)\w*\b/iu';
    private const STIRRED_IN = '/\b(?:stir|whisk|beat|add|fold|temper|thicken|bind|mayonnaise|aioli|raw|finish|pour|liaison)\w*\b/iu';
    private const ONTO_DONE = '/\b(?:pour|spoon|brush|baste|drizzle|serve|add|stir|toss|glaze)\w*\b/iu';
    private const BOILED = '/\b(?:boil|simmer|reduc|bubbl)\w*\b/iu';
    private const DISCARDS = '/\b(?:discard|throw|drain|reserve|keep|save|lift|remove|wipe|shake|out of the marinade'
        .'|from the marinade)\w*\b/iu';

    /**
     * @param bool $cooked whether the braise is over by then
     *
     * @return list<Hazard>
     */
    public static function in(string $sentence, bool $cooked): array
    {
        $fridge = (bool) preg_match(self::FRIDGE, (string) preg_replace('/\b(?:out of|from) the (?:fridge|refrigerator)\b/iu', '',
            $sentence));
        $out = [
            $cooked ? self::afterwards($sentence, $fridge) : self::beforehand($sentence, $fridge),
            self::onWarm($sentence),
            self::later($sentence, $cooked),
            preg_match(self::STUFFS, $sentence) && !preg_match(self::APART, $sentence) && !$cooked ? Hazard::Stuffed : null,
            self::withEggs($sentence, $cooked),
            $cooked && preg_match('/\bmarinade\b/iu', $sentence) && preg_match(self::ONTO_DONE, $sentence)
                && !preg_match(self::BOILED, $sentence) && !preg_match(self::DISCARDS, $sentence) ? Hazard::RawMarinade : null,
        ];

        return array_values(array_filter($out));
    }

    /** Whether meat goes in frozen; peas and pastry may, and what is put away afterwards. */
    public static function cooksFrozen(string $sentence): bool
    {
        return IngredientReader::isFrozen($sentence)
            && (preg_match(self::NAMED_MEAT, $sentence) || !preg_match(self::MAY_BE_FROZEN, $sentence));
    }

    /** Whether it tells of a time at a room's warmth, which is no cooking. */
    public static function standsOut(string $sentence): bool
    {
        return (bool) preg_match('/'.self::ROOM.'/iu', $sentence) && preg_match(
            '/\b(?:take|takes|taken|remove|get|bring|let|leave|left|stand|sit|rest|come|allow|set|keep)\b/iu', $sentence,
        ) && !preg_match('/\b(?:lid|cover and cook|bake|roast|simmer|braise|oven at|brais\w+ (?:in|for)|slow[- ]cook\w*)\b/iu', $sentence);
    }

    private static function beforehand(string $sentence, bool $fridge): ?Hazard
    {
        $room = (bool) preg_match('/'.self::ROOM.'/iu', $sentence);
        $aboutMeat = preg_match(self::MEAT, $sentence) || !preg_match(self::OTHERS, $sentence);
        if (preg_match(self::THAWS, $sentence)
            && (preg_match(self::WARM_WATER, $sentence) || ($room && !$fridge && !preg_match('/\bout of the freezer\b/iu', $sentence)))) {
            return Hazard::ThawsWarm;
        }
        if (!$room || !$aboutMeat || (!preg_match(self::MEAT, $sentence) && preg_match(self::OTHERS, $sentence))) {
            return null;
        }
        $long = preg_match(self::LONG, $sentence) || self::longest($sentence) > self::MOST_OUT;

        return match (true) {
            preg_match(self::OTHERS, $sentence) && !preg_match('/\b(?:meat|beef|pork|lamb|chicken|joint|shoulder|shanks?)\b/iu',
                $sentence) => null,
            preg_match(self::MARINATES, $sentence) && !$fridge
                && ($long || self::longest($sentence) > self::MOST_BROWNED) => Hazard::MarinatesWarm,
            $long && !$fridge => Hazard::OutTooLong,
            self::standsOut($sentence) => Hazard::StandsOut,
            default => null,
        };
    }

    private static function afterwards(string $sentence, bool $fridge): ?Hazard
    {
        $long = preg_match(self::LONG, $sentence) || self::longest($sentence) > self::MOST_OUT;
        $room = preg_match('/'.self::ROOM.'/iu', $sentence)
            || preg_match('/\bin the (?:pot|cooker|insert|crock|pan|casserole)\b|\bswitched? off\b|\bturn(?:ed)? (?:it )?off\b/iu',
                $sentence);

        return $long && !$fridge && preg_match(self::COOLS, $sentence) && ($room || preg_match('/\bcool/iu', $sentence))
            ? Hazard::CooledOvernight
            : null;
    }

    private static function onWarm(string $sentence): ?Hazard
    {
        if (!preg_match(self::SETTING, $sentence) && !preg_match('/\b(?:re-?heat\w*)\b[^.;]*'.trim(self::ON_WARM, '/iu').'/iu',
            $sentence)) {
            return null;
        }

        return match (true) {
            1 === preg_match(self::REHEATS, $sentence) => Hazard::ReheatedOnWarm,
            1 === preg_match(self::LONG, $sentence), self::longest($sentence) > self::MOST_WARM => Hazard::HeldTooLong,
            default => null,
        };
    }

    private static function later(string $sentence, bool $cooked): ?Hazard
    {
        if ($cooked) {
            return null;
        }
        $browned = preg_match(self::BROWNS, $sentence) && preg_match(self::LEFT_IN_PAN, $sentence)
            && (preg_match(self::EARLIER, $sentence) || preg_match(self::LONG, $sentence)
                || preg_match('/\b(?:until|till) (?:you|the evening|evening|lunch|noon|later|needed|after(?:noon)?|tonight)\b/iu',
                    $sentence)
                || self::longest(self::from($sentence, self::LEFT_IN_PAN)) > self::MOST_BROWNED);
        $timed = preg_match(self::TIMER, $sentence) && (preg_match(self::LONG, $sentence) || self::longest($sentence) > self::MOST_OUT)
            && preg_match('/\b(?:start|delay|come on|switch(?:es)? (?:itself )?on|turn(?:s)? (?:itself )?on|begin)\w*\b/iu', $sentence);

        return $browned ? Hazard::KeptBrowned : ($timed ? Hazard::TimerTooLong : null);
    }

    private static function withEggs(string $sentence, bool $cooked): ?Hazard
    {
        return preg_match(self::EGGS, $sentence) && preg_match(self::STIRRED_IN, $sentence) && !preg_match(self::EGGS_DONE, $sentence)
            && ($cooked || preg_match('/\braw\b|mayonnaise|aioli/iu', $sentence)) ? Hazard::RawEggs : null;
    }

    /** minutes */
    private static function longest(string $text): float
    {
        return max([0.0, ...array_map(static fn (array $d): float => $d[0]->high, Durations::in($text))]);
    }

    private static function from(string $sentence, string $pattern): string
    {
        return preg_match($pattern, $sentence, $m, \PREG_OFFSET_CAPTURE) ? substr($sentence, $m[0][1]) : '';
    }
}
