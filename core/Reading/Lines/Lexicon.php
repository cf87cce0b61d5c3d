<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;

/** Words by which lines are told apart. */
final readonly class Lexicon
{
    private const VERBS = 'add adjust allow arrange bake baste beat blanch blend boil braise bring broil brown brush bury carve char check '
        .'chill chop chuck clean coat combine cook cool cover crisp crumble crush cube cut deglaze dice discard dissolve divide'
        .' drain dredge '
        .'drizzle drop dry dump dust empty fill finish fish flake flip fold fry garnish get glaze grate grease grill grind halve heat hold '
        .'joint keep knead ladle lay layer leave let lid lift light loosen lower marinate mash massage melt mince mix move nestle'
        .' open pack '
        .'pat peel pick pierce pile place poach pop pound pour preheat prepare press pull push put quarter raise reduce refrigerate reheat '
        .'release remove render reserve rest return rinse roast roll rub salt saute scatter scoop score scrape sear season secure seal '
        .'separate serve set settle shake shape shred shut sieve simmer sit skim slice slide slip slow smash smear soak soften'
        .' spoon spread '
        .'sprinkle squeeze steam steep stew stir strain strew stuff sweat swirl switch taste tear tent test thicken thin throw tie'
        .' tilt tip '
        .'toast top toss transfer trim truss tuck turn uncover use warm wash whisk wipe work wrap';
    private const UNITS = 'g gram grams grammes kg kilo kilos ml cl dl l litre litres liter liters oz ounce ounces lb lbs pound pounds cup '
        .'cups c tbsp tbsps tbs tb tbl tblsp tablespoon tablespoons tablesp tsp tsps ts teaspoon teaspoons dessertspoon dessertspoonful '
        .'tablespoonful teaspoonful tablespoonfuls teaspoonfuls dsp pint pints pt quart quarts qt gill gills clove cloves cl can'
        .' cans cn tin '
        .'tins jar jars packet packets pkt package pkg bunch bunches sprig sprigs stalk stalks stick sticks slice slices pinch'
        .' dash handful '
        .'knob bottle glass head bulb rasher rashers piece pieces md lg sm large medium small big thumb mil';
    private const TALK = 'i i\'m i\'ve i\'ll i\'d my me we our us you\'re your he she his her husband wife mum mom grandma kids family dad '
        .'friends everyone everybody thanks love loved hope';

    /**
     * @param array<string, true> $foods
     * @param array<string, true> $verbs
     * @param array<string, true> $units
     * @param array<string, true> $talk
     */
    private function __construct(private array $foods, private array $verbs, private array $units, private array $talk)
    {
    }

    public static function of(Larder $larder, Cuts $cuts): self
    {
        $set = static fn (string $words): array => array_fill_keys(explode(' ', $words), true);

        return new self($larder->nouns() + $cuts->nouns(), $set(self::VERBS), $set(self::UNITS), $set(self::TALK));
    }

    public function isFood(string $word): bool
    {
        return isset($this->foods[$word]) || isset($this->foods[(string) preg_replace('/(?:(?<=o)es|s)$/', '', $word)]);
    }

    public function isVerb(string $word): bool
    {
        return isset($this->verbs[$word]);
    }

    public function isUnit(string $word): bool
    {
        return isset($this->units[$word]);
    }

    public function isTalk(string $word): bool
    {
        return isset($this->talk[$word]);
    }
}
