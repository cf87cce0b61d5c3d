<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Internal\Durations;
use Pausis\Core\Reading\Internal\Temperatures;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Batches;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Recipe\When;

/**
 * Takes a sentence of a method apart into acts: at each verb one begins, and what it is is decided by the verb with its object
 * (core/data/acts.json). What was last spoken of stands for "it" and "them".
 */
final class ActReader
{
    private const OBJECTS = [
        'meat' => 'meat|joint|roast|beef|lamb|pork|veal|venison|goat|mutton|chicken|duck|turkey|rabbit|goose|hare|shanks?|shins?|ribs?'
            .'|cheeks?|oxtail|brisket|neck|shoulder|chuck|thighs?|legs?|drumsticks?|steaks?|birds?|hock|knuckle',
        'piece' => 'pieces?|chunks?|cubes?',
        'bacon' => 'bacon|lardons?|pancetta|guanciale|speck|chorizo',
        'base' => 'onions?|shallots?|leeks?|carrots?|celery|soffritto|sofrito|vegetables?|veg|peppers?|mushrooms?|fennel|base|mirepoix'
            .'|aubergines?|parsnips?|swede|turnips?',
        'garlic' => 'garlic|ginger|chill?(?:i|ies|is)|lemongrass|aromatics',
        'spice' => 'spices?|cumin|paprika|curry powder|turmeric|allspice|seeds?|cinnamon|cardamoms?|peppercorns?|berbere',
        'paste' => 'pastes?|pur[ée]e|harissa|miso|tomato paste|ketchup',
        'wine' => 'wine|beer|ale|stout|porter|cider|port|sherry|brandy|vermouth|perry|madeira|marsala|cognac|rum|whisk(?:y|ey)|red|white'
            .'|sake|mirin',
        'liquid' => 'stock|broth|water|passata|tomatoes|coconut milk|milk|juice|liquid',
        'sauce' => 'sauce|gravy|juices?|cooking liquid|liquor|liquid|pot liquor',
        'starch' => '(?:gravy )?granules|thickening|masa|corn ?flour|corn ?starch|potato starch|arrowroot|slurry|roux|starch|flour',
        'butter' => 'butter|beurre mani[ée]',
        'fat' => 'fat|grease|oil|lard|dripping',
        'side' => 'potato(?:es)?|rice|pasta|noodles|cous ?cous|polenta|dumplings?|mash|bread|bulgur|crumbs|breadcrumbs|toast|greens'
            .'|quinces?|peas',
        'bean' => 'beans',
        'herb' => 'bay(?: lea(?:f|ves))?|thyme|rosemary|bouquet(?: garni)?|bundle|herbs|sprigs?|stalks?|stems?|sage|leaves|leaf'
            .'|scotch bonnet|chilli|orange|lemon|peel|zest|rind',
        'bone' => 'bones?|gristle|skin|skins|tendons?|rind',
        'string' => 'strings?|twine|netting|net|skewers?|cocktail sticks?|toothpicks?|muslin|bag',
        'whole-spice' => 'cinnamon(?: sticks?)?|star anise|cloves|cardamoms?|cassia|peel|zest|lemongrass|vanilla|spice bag|whole spices'
            .'|spices',
        'dairy' => 'cream|cr[èe]me fra[iî]che|creme|yogh?h?urt|smetana|mascarpone|soured? cream',
        'marinade' => 'marinade',
        'oven' => 'oven', 'lid' => 'lid', 'insert' => 'insert|crock',
    ];
    private const ROLES = [
        'meat' => ['meat'], 'vegetable' => ['base'], 'aromatic' => ['base', 'garlic'], 'spice' => ['spice'], 'herb' => ['herb'],
        'dairy' => ['dairy'], 'thickener' => ['starch'],
        'pulse' => ['bean'], 'grain' => ['side'], 'tomato' => ['liquid', 'paste'], 'fat' => ['fat'], 'liquid' => ['liquid'],
    ];
    /** A verb behind one of these tells a state, not something to do. */
    private const STATE = '/\b(?:until|till|’til|\'til|once|when|while|where|if|is|are|was|were|be|been|being|has|have|had|looks?|gets?'
        .'|turns?|becomes?|the|its|their|freshly|you can|you could|able|very|well|finely|roughly|thinly|lightly|a|an|of|cooking|serving'
        .'|to a|for|deep|dark|changes?|changing|dutch|roasting|pat|wipe|without|letting (?:it|them)|let (?:it|them)|any|some|another|good'
        .'|low|lowest|medium|high|gentle|moderate|strong)(?:\s+(?:it|they|them|the (?:meat|sauce|liquid|onions?)|just|well|all|nicely'
        .'|properly|really|very))*(?:\s+(?:is|are|has|have))?\s*$/iu';
    /** "stir the mustard and cream into the juice" */
    private const CREAM_ITSELF = '/^\s*(?:into|in\b|and|or|to\b|[,.;)]|\d|$)/iu';
    /** What is fried and not named is what was spoken of. */
    private const FRIES_IT = '/^(?:fry|sear|brown|seal)/iu';
    /** "add the rempah": something, though nobody knows what. */
    private const SOMETHING = '/^\s*(?:in |on )?(?:the|a|an|your|this|that)\s+\p{L}/iu';
    private const PRONOUN = '/\b(?:it|them|they|these|everything|the lot|all of it|those)\b/iu';
    private const NOT = '/\b(?:not|never|don[\'’]?t|no need to|needn[\'’]?t|instead of|rather than)\s*$/iu';
    private const IT = '/^\s*(?:it|them|these|those|both)\b/iu';
    /** "lemon peel", "orange zest" */
    private const PEEL = '/\b(?:lemon|orange|lime|citrus|grapefruit|fruit|mandarin|tangerine|garlic|pepper|potato|pork|bacon|chicken'
        .'|duck)\s*$/iu';
    private const LOOSENS = '/\b(?:deglaz\w*|scrap\w*|loosen\w*|bubbl\w*|sizzl\w*|pan)\b/iu';
    private const HEATS = '/\b(?:heat|pre-?heat|warm|set|light|turn on|get)(?: on)?(?: the| your| an?)?\s*$/iu';
    /** "Serve with mash" */
    private const DISHES = ['mash', 'stew', 'roast', 'toast', 'crisp', 'braise', 'sauce'];
    private const NOUNS = ['peel', 'zest', 'skin', 'bone', 'rind', 'stock'];
    private const ROASTS = ['roast', 'stew', 'braise'];
    private const HEAT_ITSELF = '/\b(?:reduce|lower|raise|increase|turn (?:up|down)|fierce|brisk|lively|over|off|more'
        .'|less)(?: the| to)?\s*$/iu';
    private const BROWN_THINGS = '/^\s+(?:sugar|sauce|bits|rice|bread|lentils|stock|ale|crust|vinegar|paper|mustard|flour'
        .'|butter|gravy|jelly|edges)\b/iu';
    private const LOOKS = ['brown', 'crisp', 'dry', 'glaze', 'thicken', 'reduce', 'set', 'toast', 'caramelise', 'colour', 'color', 'shred'];
    /** "STEP 6" */
    private const MARKER = '/^\W*(?:step|stage|part|no\.?)?\s*\d{1,2}\W*$/iu';
    private const RESTS = '/\b(?:foil|rest|covered?|warm)\b/iu';
    private const LEAST_REST = 5.0;
    private const MEANWHILE = '/^\W*(?:meanwhile|in the meantime)\b[\s,:]*/iu';
    private const AS_NOUN = '/^\s+(?:on|in|goes|is|out|back|and put|sits|over|should|will)\b/iu';
    /** "butter and flour": no verb, unless something is floured. */
    private const FLOURS = '/^\s+(?:the|it|them|each|your|all|both|lightly|well|pieces?|meat|joints?|beef|lamb|pork|veal|shanks?'
        .'|chicken)\b/iu';
    /** "Kraut rinsed, in, a cup of water" */
    private const IN = '/,\s*in\s*(?:,|with|$|\.)/iu';
    private const LEAD_IN = '/(?:^|,|;|\band)\s*((?:in|with|over|into|on) (?:the |a |that )?[\p{L} ]{2,40})$/iu';
    /** "After an hour …", "when there are 45 minutes left, …": tells when, not how long. */
    private const AT_A_TIME = '/^\W*after\b|\b(?:left|to go|before|from the end|last|final)\b/iu';
    /** "they go in for the last 20 minutes" */
    private const GO_IN = '/^\W*(?:they|it|these|those|this|all that)\b.{0,30}\b(?:goes?|in(?:to)?)\b.{0,40}\b(?:last|final|end|pot|stew'
        .'|sauce)\b/iu';
    /** "everything but the parsley" */
    private const BUT = '/\b(?:everything|all|the rest)\b[^.;,]{0,20}\b(?:but|except(?: for)?|apart from)\s+[^.;]*/iu';
    /** "onions in the bottom of the crock", "chives on top" */
    private const INTO_THE_POT = '/\b(?:bott(?:om)?|first|slow cooker|crock|insert|layer|on top|around|underneath)\b/iu';
    private const PLACED = '/\b(?:on top|over (?:the )?(?:top|all|each|it|them|everything)|over\W*$'
        .'|in(?:to)? (?:the )?(?:bott(?:om)?|slow cooker|crock'
        .'|pot|cooker|insert)'
        .'|(?:on|at) the bottom|underneath|under\W*$|on the side)\b/iu';
    /** "with rice of course", "nice with bread" */
    private const HANDED = '/^\W*(?:(?:nice|good|lovely|great|eaten|served?)?\s*with|to each|each person)\b/iu';
    private const FRIES = [ActKind::Brown, ActKind::Render, ActKind::Fry, ActKind::FryBase, ActKind::Toast];
    private const HEATS_UP = [...self::FRIES, ActKind::Deglaze, ActKind::BoilDown, ActKind::HeatUp, ActKind::Blanch, ActKind::WarmInsert];
    /** Where it cooks, or by what. */
    private const HEAT = '/\b(?:heat\w*|hot|oven|hob|stove|cooker|crock|insert|pot|pan|casserole|dutch|lid|low|high|boil\w*'
        .'|simmer\w*|cook\w*|flame|fire|gas'
        .'|braise\w*|roast|bake)\b/iu';
    private const COLD = '/\b(?:fridge|refrigerat\w*|chill\w*|cellar|larder)\b/iu';
    private const LEFT_LYING = '/^\W*(?:and\s+)?(?:leave|let|keep)\b/iu';
    private const SHORT_MINUTES = 16.0;
    private const LONG_MINUTES = 35.0;
    private const MORE = '/\b(?:another|more|further|longer)\b/iu';
    private const MOST = 12;
    /** What is done meanwhile, for the mash or the peas. */
    public const BESIDE = '/^\W*(?:meanwhile|(?:while|as) (?:it|that|this|the \w+) (?:cooks?|braises?|simmers?|stews?'
        .'|finish(?:es)?|rests?|reduces?|bubbles?|(?:is|are) (?:resting|cooking'
        .'|braising|simmering|in the oven))|in the meantime|(?:and )?for the (?:mash|pur[ée]e|couscous|rice|dumplings|crumbs|salad'
        .'|potatoes|polenta|gremolata|topping|garnish|peas|greens))\b/iu';
    private const OF_THE_BRAISE = '/\b(?:meat|sauce|stew|braise|tagine|rag[uùú]|casserole|pot|curry|juices|gravy|slow cooker|back in'
        .'|strings?|bay|bones?)\b/iu';
    /** These go on, or end, what was said beside the braise. */
    private const NEVER_BESIDE = [
        ActKind::Lift, ActKind::TakeOut, ActKind::Skim, ActKind::Serve, ActKind::Strain, ActKind::Cut, ActKind::Prepare, ActKind::Garnish,
        ActKind::Check, ActKind::Test, ActKind::Rest, ActKind::BackIntoTheJuice, ActKind::LidOff, ActKind::TurnSetting, ActKind::Preheat,
    ];
    private const UNTIL = '/\b(?<until>(?:until|till|’til|\'til) [^.;,()]{3,120})/iu';
    private const LATE = '/\b(?:(?:for|in|during) (?:the|its) (?:last|final)|before (?:the end|it is done|serving|you (?:eat|serve))'
        .'|from the end|to go\b|(?:minutes?|mins?|hours?|an hour) left\b|(?:more|further) min)/iu';
    private const LAST = '/\b(?:(?:for|in|during) (?:the|its) (?:last|final)|before (?:the end|it is done|serving|you (?:eat|serve))'
        .'|from the end|to go\b|towards the end|at the end|at the last (?:minute|moment)|when the lid comes off)\b/iu';

    /** Whether a pan with fat is what things go into at the moment. */
    private bool $frying = false;
    /** @var list<int> what the sentence before was about */
    private array $lastFoods = [];
    /** What the sentence before was about, where that was no meat and can be fried. */
    private ?string $fried = null;
    /** Whether anything has come over heat yet. */
    private bool $begun = false;
    /** Whether the talk is of something made beside the braise. */
    private bool $beside = false;

    public function __construct(private readonly ActTable $table)
    {
    }

    /**
     * @param string           $prefix      of the acts' identities
     * @param list<Ingredient> $ingredients of the recipe
     * @param bool             $after       whether the braise itself has been told
     * @param string           $spokenOf    what "it" means at first: an object class
     *
     * @return list<Act>
     */
    public function read(
        string $sentence, string $prefix, Naming $naming, array $ingredients, bool $after = false, string $spokenOf = 'meat',
    ): array {
        if (preg_match(self::MARKER, $sentence)) {
            return [];
        }
        $hits = $this->hits($sentence, $naming);
        $this->beside = $after && $this->goesOnBeside($sentence, $naming->in($sentence), $ingredients);
        $spans = [];
        $lead = [] === $hits ? $sentence : substr($sentence, 0, $hits[0][1]);
        if ([] !== $hits && self::longest($lead) >= self::LONG_MINUTES && !preg_match(self::AT_A_TIME, $lead)) {
            // "150 °C 4 h, turn halfway"
            $spans[] = [ActKind::Cook, $lead, []];
            $lead = '';
            $after = true;
        }
        [$spans, $after] = $this->spans($sentence, $hits, $lead, $naming, $ingredients, $after, $spokenOf, $spans);
        if ($after && [] !== $spans && [] === array_diff(
            array_map(static fn (array $s): string => $s[0]->value, $spans), ['prepare', 'mix', 'cut'],
        ) && preg_match(self::IN, $sentence)) {
            $spans = array_map(static fn (array $s): array => [$s[0], (preg_split(self::IN, $s[1]) ?: [''])[0], $s[2]], $spans);
            $spans[] = [ActKind::Add, $sentence, $naming->in($sentence)];
        }
        if (preg_match(self::GO_IN, $sentence) && [] === $naming->in($sentence)) {
            $spans = array_map(fn (array $s): array => [$s[0], $s[1], $this->lastFoods], $spans);
        }
        $this->lastFoods = [] === $naming->in($sentence) ? $this->lastFoods : $naming->in($sentence);
        $acts = [];
        foreach ($spans as $k => [$kind, $whole, $places]) {
            $acts[] = $this->act("$prefix.".($k + 1), $kind, $whole, $places, $ingredients, $sentence);
        }

        if ([] === $acts) {
            $places = $naming->in($sentence);
            $kind = $this->unspoken($sentence, $this->objects($sentence, $places, $ingredients), [] !== $places, $after);
            $kind = $this->beside && !\in_array($kind, self::NEVER_BESIDE, true) ? ActKind::SideWork : $kind;
            $acts = null === $kind ? [] : [$this->act("$prefix.1", $kind, $sentence, $places, $ingredients, $sentence)];
        }
        $acts = SaidReader::told(self::blanched($acts), $sentence);
        foreach ($acts as $act) {
            $this->begun = $this->begun || \in_array($act->kind, self::HEATS_UP, true) || preg_match(self::HEAT, $act->source);
            $this->frying = \in_array($act->kind, self::FRIES, true) || ($this->frying && !\in_array(
                $act->kind, [ActKind::Deglaze, ActKind::BoilDown, ActKind::Load, ActKind::Cook], true,
            ));
        }

        return self::withTheRest(self::merged($acts, $sentence));
    }

    /**
     * A clause for each verb, and what is done in it.
     *
     * @param list<array{string, int}>                $hits
     * @param list<Ingredient>                        $ingredients
     * @param list<array{ActKind, string, list<int>}> $spans       before the first verb
     *
     * @return array{list<array{ActKind, string, list<int>}>, bool} and whether the braise itself has been told by then
     */
    private function spans(
        string $sentence, array $hits, string $lead, Naming $naming, array $ingredients, bool $after, string $spokenOf, array $spans,
    ): array {
        foreach ($hits as $k => [$verb, $at]) {
            $to = $hits[$k + 1][1] ?? \strlen($sentence);
            $whole = (0 === $k || [] === $spans ? $lead : self::leadIn($sentence, $hits[$k - 1][1], $at)).substr($sentence, $at, $to - $at);
            $places = $naming->in((string) preg_replace(self::BUT, '', $whole));
            $done = (string) preg_replace(
                '/\b(?:until|till)\b[^,;.]*/iu', '', substr($sentence, $at + \strlen($verb), $to - $at - \strlen($verb)),
            );
            $objects = $this->objects(
                (0 === $k ? "$lead " : '').$done,
                $naming->in((string) preg_replace(['/\b(?:until|till)\b[^,;.]*/iu', self::BUT], '', $whole)), $ingredients,
            );
            $spokenOf = preg_match(self::FRIES_IT, $verb) && [] === $spans && !preg_match(self::PRONOUN, $whole)
                ? $this->fried ?? $spokenOf : $spokenOf;
            if (([] === array_diff($objects, ['fat']) && (preg_match(self::PRONOUN, $whole) || preg_match(self::FRIES_IT, $verb)))
                || preg_match(self::IT, substr($sentence, $at + \strlen($verb)))) {
                $objects = array_values(array_unique([...$objects, $spokenOf]));
            }
            $kind = $this->kind($verb, $whole, $objects, $after, $sentence);
            if (null === $kind) {
                // What is no act of its own goes on with the one before.
                $lead = [] === $spans ? $whole : $lead;
                $last = array_pop($spans);
                $spans = [
                    ...$spans,
                    ...(null === $last ? [] : [[$last[0], $last[1].$whole, array_values(array_unique([...$last[2], ...$places]))]]),
                ];
                continue;
            }
            $kind = $this->beside && !\in_array($kind, self::NEVER_BESIDE, true)
                ? ActKind::SideWork
                : $this->inPan($kind, $objects, $whole, $after);
            $spokenOf = array_values(array_intersect(['meat', 'base', 'sauce'], $objects))[0] ?? $objects[0]
                ?? (preg_match(self::SOMETHING, $done) ? 'something' : $spokenOf);
            $spans[] = [$kind, $whole, $places];
            $after = $after || (ActKind::Cook === $kind && self::braises($whole));
        }

        $this->fried = \in_array($spokenOf, ['paste', 'spice', 'base', 'garlic', 'bacon', 'something'], true) ? $spokenOf : null;

        return [$spans, $after];
    }

    /** "remove it, and in the same fat toss": what stands before a verb and belongs to it. */
    private static function leadIn(string $sentence, int $before, int $at): string
    {
        return preg_match(self::LEAD_IN, rtrim(substr($sentence, $before, $at - $before)), $m) ? "$m[1] " : '';
    }

    /**
     * What was begun beside the braise goes on until meat, sauce or pot are named again.
     *
     * @param list<int>        $places
     * @param list<Ingredient> $ingredients
     */
    private function goesOnBeside(string $sentence, array $places, array $ingredients): bool
    {
        $ofBraise = preg_match(self::OF_THE_BRAISE, $sentence) || [] !== array_filter(
            $places, static fn (int $p): bool => Role::Meat === $ingredients[$p]->role,
        );

        if (preg_match(self::GO_IN, $sentence)) {
            return false;
        }

        return preg_match(self::BESIDE, $sentence)
            ? !($ofBraise && $this->isOfTheMeatOnly($places, $ingredients)) && !preg_match(
                '/\b(?:to|into|in|over|from) the (?:stew|braise|tagine|rag[uùú]|sauce|pot|slow cooker|casserole)\b|\b(?:reduce|strain'
                    .'|skim|boil|thicken|blend)\w* (?:down )?the (?:sauce|juices?|liquid)/iu',
                $sentence,
            )
            : $this->beside && !$ofBraise && !preg_match('/^\W*(?:serve|to serve|add|season|taste)\b|\b(?:the seasoning'
        .'|to taste)\b/iu', $sentence);
    }

    /**
     * @param list<int>        $places
     * @param list<Ingredient> $ingredients
     */
    private function isOfTheMeatOnly(array $places, array $ingredients): bool
    {
        return [] === array_filter($places, static fn (int $p): bool => Role::Meat !== $ingredients[$p]->role);
    }

    /** minutes */
    private static function longest(string $clause): ?float
    {
        $minutes = null;
        foreach (Durations::in($clause) as [$one]) {
            $minutes = max($minutes ?? 0.0, $one->high);
        }

        return $minutes;
    }

    /** Whether a cooking without a word of how long is the braise itself. */
    public static function braises(string $clause): bool
    {
        $minutes = self::longest($clause);

        return null === $minutes
            ? (bool) preg_match('/\b(?:lid|cover\w*|oven|slow\w*|simmer\w*|brais\w*|stew\w*|low|tender|gentl[ey]|blip\w*)\b/iu', $clause)
            : $minutes >= 25;
    }

    /**
     * What goes into a hot pan with nothing poured on is fried.
     *
     * @param list<string> $objects
     */
    private function inPan(ActKind $kind, array $objects, string $clause, bool $after): ActKind
    {
        $dry = [] !== array_intersect(
            ['base', 'garlic', 'paste', 'spice'], $objects,
        ) && [] === array_intersect(['wine', 'liquid', 'meat'], $objects);
        $minutes = Durations::in($clause)[0][0] ?? null;

        return match (true) {
            $this->frying && ActKind::Load === $kind && $dry && !preg_match(self::INTO_THE_POT, $clause) => ActKind::FryBase,
            !$this->frying && ActKind::Deglaze === $kind && !preg_match(self::LOOSENS, $clause) => ActKind::Load,
            ActKind::Load === $kind && (self::longest($clause) ?? 0.0) >= self::LONG_MINUTES && preg_match(
                '/\b(?:oven|cooker|lid|cover)/iu', $clause,
            ) => ActKind::Cook,
            ActKind::Cook === $kind
                && null !== $minutes
                && $minutes->high < self::SHORT_MINUTES
                && ($this->frying || $dry)
                && !preg_match('/\b(?:oven|lid|cover)/iu', $clause) => ActKind::FryBase,
            ActKind::Cook === $kind && preg_match(self::COLD, $clause) && !preg_match(self::HEAT, $clause) => $after
                ? ActKind::Rest : ActKind::Marinate,
            ActKind::Cook === $kind && !$this->begun && preg_match(self::LEFT_LYING, $clause)
                && !preg_match(self::HEAT, $clause) => ActKind::Marinate,
            default => $kind,
        };
    }

    /**
     * A sentence without a verb: "1 hour slowly", "apples in for the last 20 min", "onions, fennel 10 min".
     *
     * @param list<string> $objects
     * @param bool         $names   whether it names foods of the list
     */
    private function unspoken(string $sentence, array $objects, bool $names, bool $after): ?ActKind
    {
        $minutes = null;
        foreach (Durations::in($sentence) as [$one]) {
            $minutes = max($minutes ?? 0.0, $one->high);
        }

        $further = preg_match(self::MORE, $sentence) && $after && null !== $minutes && $minutes < 60;

        return match (true) {
            !$after && preg_match('/\b(?:overnight|in the fridge|refrigerat\w*)\b/iu', $sentence) => ActKind::Marinate,
            (bool) preg_match(self::LAST, $sentence) && [] !== $objects => ActKind::Add,
            $further && [] !== $objects && !\in_array('meat', $objects, true) => ActKind::Add,
            $after
                && \in_array('meat', $objects, true)
                && preg_match('/\bback\b/iu', $sentence)
                && ($minutes ?? 0.0) < self::LONG_MINUTES => ActKind::BackIntoTheJuice,
            null !== $minutes && ($minutes >= self::LONG_MINUTES || preg_match(self::MORE, $sentence)) => ActKind::Cook,
            null !== $minutes && !$after && [] !== array_intersect(['base', 'garlic', 'spice', 'paste'], $objects) => ActKind::FryBase,
            (bool) preg_match('/^\W*(?:when|once|if|as soon as)\b[^,]*$/iu', $sentence) => ActKind::Test,
            !$after
                && [] !== array_intersect(['base', 'garlic'], $objects)
                && !\in_array('meat', $objects, true)
                && preg_match(self::UNTIL, $sentence) => ActKind::FryBase,
            \in_array('meat', $objects, true) && !$after && $this->frying && preg_match(
                '/\b(?:batches|too|as well|all (?:over|sides))\b/iu', $sentence,
            ) => ActKind::Brown,
            \in_array('meat', $objects, true) && !$after && null === $minutes => ActKind::Load,
            \in_array('wine', $objects, true) && !$after => ActKind::Deglaze,
            [] !== $objects && $after && preg_match('/\b(?:in|at the end|into)\b|^\W*(?:now|next|then)\b/iu', $sentence) => ActKind::Add,
            $after && preg_match(self::HANDED, $sentence) && null === $minutes => ActKind::Serve,
            ([] !== $objects || $names) && preg_match(self::PLACED, $sentence) && null === $minutes => match (true) {
                !$after => ActKind::Load,
                [] === array_intersect(['meat', 'liquid', 'wine'], $objects) => ActKind::Garnish,
                default => ActKind::Add,
            },
            default => self::ofStep(StepKind::of($sentence, false), \in_array('meat', $objects, true)),
        };
    }

    /** @param bool $meat whether it is about the meat */
    public static function ofStep(StepKind $kind, bool $meat = true): ?ActKind
    {
        return match ($kind) {
            StepKind::Cook => ActKind::Cook,
            StepKind::Strain => ActKind::Strain,
            StepKind::Shred => $meat ? ActKind::Shred : ActKind::Prepare,
            StepKind::Glaze => ActKind::Glaze,
            StepKind::Blanch => ActKind::Blanch,
            StepKind::Brown => ActKind::Brown,
            StepKind::Deglaze => ActKind::Deglaze,
            StepKind::Reduce => ActKind::Reduce,
            StepKind::Thicken => ActKind::Slurry,
            StepKind::FryBase => ActKind::FryBase,
            StepKind::Soak => ActKind::Soak,
            StepKind::AddLate => ActKind::Add,
            StepKind::LiftOut => ActKind::Lift,
            StepKind::Skim => ActKind::Skim,
            StepKind::Check => ActKind::Check,
            StepKind::Rest => ActKind::Rest,
            StepKind::Garnish => ActKind::Garnish,
            StepKind::Side => ActKind::SideWork,
            StepKind::Serve => ActKind::Serve,
            StepKind::Coat => ActKind::Flour,
            StepKind::Dry => ActKind::Dry,
            StepKind::Season => ActKind::Season,
            StepKind::Preheat => ActKind::Preheat,
            StepKind::Load => ActKind::Load,
            StepKind::Prepare => ActKind::Prepare,
            StepKind::Other => null,
        };
    }

    /** @return list<array{string, int}> verbs that tell what to do, and where */
    private function hits(string $sentence, Naming $naming): array
    {
        preg_match_all($this->table->anyVerb, $sentence, $all, \PREG_OFFSET_CAPTURE);
        $hits = [];
        foreach (\array_slice($all[0], 0, self::MOST) as [$verb, $at]) {
            $before = substr($sentence, max(0, $at - 90), min(90, $at));
            $clauseBefore = (string) preg_replace('/^.*[,;:.–—(]\s*/su', '', mb_scrub($before));
            $behind = substr($sentence, $at + \strlen($verb));
            if (([] !== $hits && preg_match('/^on /iu', $verb))
                || self::isNoun(mb_strtolower($verb), $clauseBefore, $behind)
                || $naming->isWithin($verb.(preg_match('/^[ -]\p{L}+/u', $behind, $m) ? $m[0] : ''))
                || self::isWhatItBecomes(mb_strtolower($verb), $clauseBefore)
                || ('thicken' === mb_strtolower($verb) && preg_match('/\bto\s*$/iu', $clauseBefore))
                || preg_match(self::NOT, $clauseBefore)) {
                continue;
            }
            if (!preg_match(self::STATE, $clauseBefore) || preg_match('/\b(?:and|then|let it|to)\s*$/iu', $clauseBefore)) {
                $hits[] = [$verb, $at];
            }
        }

        return $hits;
    }

    /** Whether a word that is a verb elsewhere is none here: the cream, the heat, a roast, with mash. */
    private static function isNoun(string $verb, string $before, string $behind): bool
    {
        return match (true) {
            'cream' === $verb => 1 === preg_match(self::CREAM_ITSELF, $behind),
            'oven' === $verb => 1 === preg_match(self::HEATS, $before),
            'heat' === $verb => 1 === preg_match(self::HEAT_ITSELF, $before),
            'brown' === $verb => 1 === preg_match(self::BROWN_THINGS, $behind),
            'cut' === $verb => 1 === preg_match('/^\s+(?:sides?|edges?|surfaces?|faces?|parts?)\b/iu', $behind),
            'flour' === $verb => !preg_match(self::FLOURS, $behind),
            'skin' === $verb, 'bone' === $verb => 1 === preg_match('/^[\s-]*(?:sides?|down|up|on|in|off|out|is|and bone)\b/iu', $behind),
            'core' === $verb => 1 === preg_match('/^\W*(?:temp|at|of|is|reads?|>|[\d<])/iu', $behind),
            \in_array($verb, self::NOUNS, true) && preg_match(self::PEEL, $before) => true,
            \in_array($verb, self::ROASTS, true) && preg_match(self::AS_NOUN, $behind) => true,
            default => \in_array($verb, self::DISHES, true)
                && preg_match('/\b(?:with|over|on|onto|some|buttery|creamy)\s*$/iu', $before),
        };
    }

    /** "until the shallots are patchy brown and crisp" */
    private static function isWhatItBecomes(string $verb, string $before): bool
    {
        return \in_array($verb, self::LOOKS, true) && preg_match('/\b(?:until|till|’til|\'til)\b/iu', $before);
    }

    /**
     * @param list<int>        $places
     * @param list<Ingredient> $ingredients
     *
     * @return list<string>
     */
    private function objects(string $words, array $places, array $ingredients): array
    {
        $found = [];
        foreach (self::OBJECTS as $class => $pattern) {
            if (preg_match("/(?<![\p{L}-])(?:$pattern)(?![\p{L}])/iu", $words)) {
                $found[$class] = true;
            }
        }
        foreach ($places as $place) {
            $ingredient = $ingredients[$place];
            foreach (self::ROLES[$ingredient->role->value] ?? [] as $class) {
                $found[$class] = true;
            }
            if (($ingredient->food->alcohol ?? 0.0) > 0.01 && Role::Liquid === $ingredient->role) {
                $found['wine'] = true;
            }
        }
        if (isset($found['piece']) && !isset($found['base']) && !isset($found['side'])) {
            $found['meat'] = true;
        }
        unset($found['piece']);
        if (preg_match('/\b(?:lemon|lime|orange|apple) juice|squeeze\b/iu', $words)) {
            unset($found['sauce']);
        }

        return array_keys($found);
    }

    /** @param list<string> $objects */
    private function kind(string $verb, string $clause, array $objects, bool $after, string $sentence): ?ActKind
    {
        foreach ($this->table->rowsOf($verb) as $row) {
            if ((!isset($row['phase']) || ('after' === $row['phase']) === $after)
                && (!isset($row['objects']) || [] !== array_intersect($row['objects'], $objects))
                && (!isset($row['not']) || [] === array_intersect($row['not'], $objects))
                && (!isset($row['sentence']) || preg_match("/$row[sentence]/isu", $sentence))
                && (!isset($row['words']) || preg_match("/$row[words]/iu", $clause))
                && (!isset($row['without']) || !preg_match("/$row[without]/iu", $clause))) {
                return ActKind::from($row['kind']);
            }
        }

        return null;
    }

    /**
     * @param list<int>        $places
     * @param list<Ingredient> $ingredients
     */
    private function act(string $id, ActKind $kind, string $whole, array $places, array $ingredients, string $sentence): Act
    {
        $durations = Durations::in($whole);
        $longest = null;
        foreach ($durations as [$minutes]) {
            $longest = null === $longest || $minutes->high > $longest->high ? $minutes : $longest;
        }
        $late = \in_array($kind, [ActKind::Add, ActKind::SeasonToTaste], true) && null !== $longest && preg_match(self::LATE, $sentence);
        $celsius = Temperatures::in($whole);

        return new Act(
            $id,
            $late ? ActKind::Add : $kind,
            array_map(static fn (int $p): string => $ingredients[$p]->key(), $places),
            $longest,
            Batches::in($whole),
            $celsius[0] ?? null,
            null,
            preg_match(self::UNTIL, $whole, $u) ? trim($u['until']) : null,
            $late ? When::beforeEnd($longest) : When::before(),
            self::bare($whole),
            $sentence,
        );
    }

    /** Words of a clause without what joins it to the next. */
    private static function bare(string $clause): string
    {
        $bare = (string) preg_replace(self::MEANWHILE, '', $clause);

        return trim((string) preg_replace('/(?:[\s,;:–—-]|\b(?:and|then|and then|or|but|,\s*and))+$|^[\s,;:–—-]+/iu', '', $bare));
    }

    /**
     * "Beef out, 15 minutes under foil": it is lifted out, and rests.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function withTheRest(array $acts): array
    {
        $all = [];
        foreach ($acts as $act) {
            $all[] = $act;
            if (ActKind::Lift === $act->kind && ($act->minutes->high ?? 0.0) >= self::LEAST_REST && preg_match(self::RESTS, $act->words)) {
                $all[] = new Act(
                    preg_replace('/\d+$/', '', $act->id).(\count($acts) + \count($all)), ActKind::Rest, $act->foods, $act->minutes,
                    words: $act->words, source: $act->source, said: $act->said,
                );
            }
        }

        return $all;
    }

    /**
     * "Put the ribs in a pot, cover with cold water, bring to the boil and boil for 5 minutes": all of it is blanching.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function blanched(array $acts): array
    {
        $at = array_search(ActKind::Blanch, array_map(static fn (Act $a): ActKind => $a->kind, $acts), true);

        return false === $at ? $acts : array_map(
            static fn (Act $a): Act => \in_array($a->kind, [ActKind::Load, ActKind::HeatUp], true)
                || (ActKind::Cook === $a->kind && ($a->minutes->high ?? 0.0) < self::SHORT_MINUTES) ? $a->as(ActKind::Blanch) : $a,
            $acts,
        );
    }

    /**
     * Acts of one kind beside each other are one: "season and salt".
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function merged(array $acts, string $sentence): array
    {
        $kept = [];
        foreach ($acts as $act) {
            $last = $kept[\count($kept) - 1] ?? null;
            if (null !== $last && $last->kind === $act->kind && $last->said === $act->said) {
                array_pop($kept);
                $kept[] = new Act(
                    $last->id, $last->kind, array_values(array_unique([...$last->foods, ...$act->foods])),
                    ($act->minutes->high ?? 0.0) > ($last->minutes->high ?? 0.0) ? $act->minutes : $last->minutes,
                    $last->batches->and($act->batches),
                    $last->celsius
                        ?? $act->celsius, $last->heat, $last->until
                        ?? $act->until, $last->when, self::joined($last->words, $act->words, $sentence), $sentence,
                    said: $last->said,
                );
            } elseif (ActKind::Other !== $act->kind || [] === $kept) {
                $kept[] = $act;
            }
        }

        return $kept;
    }

    /** Two clauses of a sentence with what stands between them, where they stand in it one after the other. */
    private static function joined(string $one, string $other, string $sentence): string
    {
        $from = strpos($sentence, $one);
        $to = false === $from ? false : strpos($sentence, $other, $from + \strlen($one));

        return false === $from || false === $to ? "$one, $other" : substr($sentence, $from, $to + \strlen($other) - $from);
    }
}
