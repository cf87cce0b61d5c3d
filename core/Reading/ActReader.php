<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Internal\ActsTogether;
use Pausis\Core\Reading\Internal\Durations;
use Pausis\Core\Reading\Internal\Frying;
use Pausis\Core\Reading\Internal\Temperatures;
use Pausis\Core\Reading\Internal\Verbs;
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
        'meat' => 'meat|joint|roast|gammon|ham|beef|lamb|pork|veal|venison|goat|mutton|chicken|duck|turkey|rabbit|goose|hare'
            .'|shanks?|shins?|ribs?'
            .'|cheeks?|oxtail|brisket|neck|shoulder|chuck|thighs?|legs?|drumsticks?|steaks?|birds?|hock|knuckle',
        'piece' => 'pieces?|chunks?|cubes?|(?:the|these|those|all) slices(?! of)',
        'bacon' => 'bacon|lardons?|pancetta|guanciale|speck|chorizo',
        'base' => 'onions?|shallots?|leeks?|carrots?|celery|soffritto|sofrito|vegetables?|veg'
            .'|peppers|(?:red|green|yellow|sweet|bell|romano) pepper|mushrooms?|fennel|base|mirepoix'
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
        'side' => 'potato(?:es)?|tortillas?|flatbreads?|naan|wraps|buns|rolls|baguette|slaw|coleslaw|salad|rice|pasta|noodles'
            .'|cous ?cous|polenta|dumplings?|mash|bread|bulgur|crumbs|breadcrumbs|toast|greens'
            .'|quinces?|peas|eggs?',
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
    /** What is fried and not named is what was spoken of. */
    private const FRIES_IT = '/^(?:fry|sear|brown|seal)/iu';
    /** "add the rempah": something, though nobody knows what. */
    private const SOMETHING = '/^\s*(?:in |on )?(?:the|a|an|your|this|that)\s+\p{L}/iu';
    private const PRONOUN = '/\b(?:it|them|they|these|everything|the lot|all of it|those)\b/iu';
    private const IT = '/^\s*(?:it|them|these|those|both)\b/iu';
    private const LOOSENS = '/\b(?:deglaz\w*|scrap\w*|loosen\w*|bubbl\w*|sizzl\w*|pan)\b/iu';
    /** "STEP 6" */
    private const MARKER = '/^\W*(?:step|stage|part|no\.?)?\s*\d{1,2}\W*$/iu';
    private const NUMBERED = '/^\W*\d{1,2}\s+(?=\p{Lu}\p{Ll})/u';
    private const MEANWHILE = '/^\W*(?:meanwhile|in the meantime)\b[\s,:]*/iu';
    /** "Lift out, let it | rest" */
    private const LET_IT = '/[\s,;]+(?:and )?(?:let|leave) (?:it|them)\s*$/iu';
    /** "Kraut rinsed, in, a cup of water" */
    private const IN = '/,\s*in\s*(?:,|with|$|\.)/iu';
    private const LEAD_IN = '/(?:^|,|;|\band)\s*((?:in|with|over|into|on) (?:the |a |that )?[\p{L} ]{2,40})$/iu';
    /** "After an hour …", "when there are 45 minutes left, …": tells when, not how long. */
    private const AT_A_TIME = '/^\W*after\b|\b(?:left|to go|before|from the end|last|final)\b/iu';
    /** "half an hour before you eat" is no time that it takes */
    private const BEFORE_A_TIME = '/^\s*(?:or so )?(?:before|ahead|earlier|to go|left|from the end)\b/iu';
    /** "they go in for the last 20 minutes" */
    private const GO_IN = '/^\W*(?:they|it|these|those|this|all that)\b.{0,30}\b(?:go(?:es)?|in(?:to)?)\b.{0,40}\b'
        .'(?:last|final|end|pot|stew'
        .'|sauce)\b/iu';
    /** "everything but the parsley" */
    public const BUT = '/\b(?:everything|all|the rest)\b[^.;,]{0,20}\b(?:but|except(?: for)?|apart from)\s+[^.;]*/iu';
    /** "While the meat cooks, …" */
    private const WHILE_IT = '/^\W*(?:while|as)\b[^,.;]{3,40},/iu';
    /** What something is boiled in is no liquid of the recipe. */
    private const SALTED = '/\b(?:salted|plenty of)(?: boiling| salted)? water\b/iu';
    /** "onions in the bottom of the crock", "chives on top" */
    private const INTO_THE_POT = '/\b(?:bott(?:om)?|first|slow cooker|crock|insert|layer|on top|around|underneath)\b/iu';
    private const PLACED = '/\b(?:on top|over (?:the )?(?:top|all|each|it|them|everything)|over\W*$'
        .'|in(?:to)? (?:the )?(?:bott(?:om)?|slow cooker|crock'
        .'|pot|cooker|insert)'
        .'|(?:on|at) the bottom|underneath|under\W*$|on the side)\b/iu';
    /** "with rice of course", "nice with bread" */
    /** "Stock, anchovies, herbs, spice." */
    private const ONLY_NAMES = '/^[^.:;()\d]*,[^.:;()\d]*\.?\s*$/u';
    private const HANDED = '/^\W*(?:(?:nice|good|lovely|great|eaten|served?)?\s*with|to each|each person)\b/iu';
    private const FRIES = [ActKind::Brown, ActKind::Render, ActKind::Fry, ActKind::FryBase, ActKind::Toast];
    private const HEATS_UP = [...self::FRIES, ActKind::Deglaze, ActKind::BoilDown, ActKind::HeatUp, ActKind::Blanch, ActKind::WarmInsert];
    /** "; drain, toss with a cup of the sauce", "Fluff it up" */
    private const GOES_ON = '/^\W*(?:drain|rinse|fluff|mash|toss|butter|shape|knead|dress|rice|crush|fork)\b/iu';
    /** Of what lies in its pot still it is the braise that goes on. */
    private const ROASTS = '/^\W*(?:roast|bake|return)\b(?!.*\b(?:grill|broiler|hot oven|crisp\w*)\b)/iu';
    /** Where it cooks, or by what. */
    private const HEAT = '/\b(?:heat\w*|hot|oven|hob|stove|cooker|crock|insert|pot|pan|casserole|dutch|lid|low|high|boil\w*'
        .'|simmer\w*|cook\w*|flame|fire|gas'
        .'|braise\w*|roast|bake)\b/iu';
    /** What was browned makes room; the pan stays hot. */
    private const OUT_OF_THE_PAN = '/\b(?:set|put|move|transfer|remove|lift|keep|scoop|take)\b.*'
        .'\b(?:aside|plate|platter|tray|bowl|dish|board|slow[ -]?cooker|crock|insert)\b/iu';
    private const SOFTENS = '/\b(?:stirring|caramel\w*|golden|soft\w*|brown\w*|collaps\w*|colou?r\w*)\b/iu';
    private const COLD = '/\b(?:fridge|refrigerat\w*|chill\w*|cellar|larder)\b/iu';
    private const LEFT_LYING = '/^\W*(?:and\s+)?(?:leave|let|keep)\b/iu';
    /** "stir over the heat for 5 minutes" */
    private const OVER_THE_HEAT = '/\b(?:over|on) (?:the |a )?(?:\w+ )?(?:heat|flame)\b|\b(?:stir|toss|turn)\w*\b[^.;]*\bmin/iu';
    /** "simmer the glaze in a small saucepan" */
    private const APART = '/\bin an? (?:small|separate|another|clean|little|second) (?:sauce)?pan\b/iu';
    private const SHORT_MINUTES = 16.0;
    /** Wine that is added together with so many foods is boiled away for none of them. */
    private const ALL_AT_ONCE = 4;
    private const LONG_MINUTES = 35.0;
    private const MORE = '/\b(?:another|more|further|longer)\b/iu';
    /** What is done meanwhile, for the mash or the peas. */
    public const BESIDE = '/^\W*(?:(?!(?:now|then|next|and|in|add|put|with)\b)(?:[\p{L}&]{2,12} ){0,3}(?:rice|mash|pur[ée]e|couscous'
        .'|polenta|salad|slaw|dumplings|noodles'
        .'|rice and peas)(?=:)|meanwhile|(?:while|as) (?:(?:the|your) )?\w+ (?:cooks?|braises?|simmers?|stews?'
        .'|finish(?:es)?|rests?|reduces?|bubbles?|(?:is|are) (?:resting|cooking'
        .'|braising|simmering|in the oven))|in the meantime|(?:and )?for the (?:mash|pur[ée]e|couscous|rice|dumplings|crumbs|salad'
        .'|slaw|relish|salsa|raita|dressing|risotto|pila[fu]|pasta|noodles|croutons'
        .'|potatoes|polenta|gremolata|topping|garnish|peas|greens)|'.self::FOR_A_SAUCE.')\b/iu';
    /** "meanwhile place the onions in the bottom of a 7-quart slow cooker" */
    public const INTO_THE_COOKER = '/\b(?:in|into|to|of|over) (?:the |a |an |your )?(?:[\d.,]+[- ]?(?:quart|qt|lit(?:re|er)|l)s?\.? )?'
        .'(?:slow[ -]?cooker|crock(?:-?pot)?|insert)\b/iu';
    private const FOR_A_SAUCE = '(?:and )?for the (?:parsley|mint|white|mustard|cheese|horseradish|bread|cranberry|apple|caper|cucumber'
        .'|tahini|herb|yogh?urt|green|onion) (?:sauce|dip|salsa)';
    private const OF_THE_BRAISE = '/\b(?:meat|sauce|stew|braise|tagine|rag[uùú]|casserole|pot|curry|juices|gravy|slow cooker|back in'
        .'|strings?|bay|bones?)\b/iu';
    /** "Let the ham rest", of a gammon. */
    private const THE_MEAT = '/\b(?:the|your|each) (?:'.self::OBJECTS['meat'].')\b(?! (?:stock|broth|fat|bones?))/iu';
    /** These go on, or end, what was said beside the braise. */
    private const NEVER_BESIDE = [
        ActKind::Lift, ActKind::TakeOut, ActKind::Skim, ActKind::Serve, ActKind::Strain, ActKind::Cut, ActKind::Prepare, ActKind::Garnish,
        ActKind::Check, ActKind::Test, ActKind::Rest, ActKind::BackIntoTheJuice, ActKind::LidOff, ActKind::TurnSetting, ActKind::Preheat,
        ActKind::Carve,
    ];
    private const UNTIL = '/\b(?<until>(?:until|till|’til|\'til) [^.;,()]{3,120})/iu';
    private const IS_DONE = '(?:it|they|the meat|everything)(?: is| are|[’\']s|[’\']re) (?:done|ready|finished|due)';
    private const LATE = '/\b(?:(?:for|in|during) (?:the|its) (?:last|final)|before (?:the end|'.self::IS_DONE
        .'|serving|(?:you|we|I) (?:eat|serve))'
        .'|from the end|to go\b|(?:minutes?|mins?|hours?|an hour) left\b|(?:more|further) min)/iu';
    private const LAST = '/\b(?:(?:for|in|during) (?:the|its) (?:last|final)|before (?:the end|'.self::IS_DONE
        .'|serving|(?:you|we|I) (?:eat|serve))'
        .'|from the end|to go\b|towards the end|at the end|at the last (?:minute|moment)|when the lid comes off)\b/iu';

    /** Whether a pan with fat is what things go into at the moment. */
    private bool $frying = false;
    /** Whether meat is what was browned last. */
    private bool $browning = false;
    /** @var list<int> what the sentence before was about */
    private array $lastFoods = [];
    /** What the sentence before was about, where that was no meat and can be fried. */
    private ?string $fried = null;
    /** Whether the sentence before ended beside the braise. */
    private bool $besideBefore = false;
    /** Whether the sentence before goes on in this one: "…, then". */
    private bool $unfinished = false;
    /** Whether the meat is out of the pot. */
    private bool $lifted = false;
    /** Whether anything has come over heat yet. */
    private bool $begun = false;
    /** Whether the talk is of something made beside the braise. */
    private bool $beside = false;

    private readonly Verbs $verbs;

    public function __construct(private readonly ActTable $table)
    {
        $this->verbs = new Verbs($table);
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
        $hits = $this->verbs->in($sentence, $naming);
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
            $kind = $this->unspoken(
                $sentence, $this->objects($sentence, $places, $ingredients), \count($places), $after,
            );
            $kind = $this->beside && !\in_array($kind, self::NEVER_BESIDE, true) ? ActKind::SideWork : $kind;
            // "Everything but the flour goes into a bowl."
            $places = preg_match(self::BUT, $sentence) ? [] : $places;
            $acts = null === $kind ? [] : [$this->act("$prefix.1", $kind, $sentence, $places, $ingredients, $sentence)];
        }
        $goesOn = $this->besideBefore && !preg_match(self::GO_IN, $sentence)
            && (preg_match(self::GOES_ON, $sentence) || ($this->unfinished && preg_match('/^\W*\p{Ll}/u', $sentence)));
        $this->unfinished = !preg_match('/[.!?:]\W*$/u', $sentence);
        $acts = $after
            ? ActsTogether::beside($acts, $sentence, self::OF_THE_BRAISE, $goesOn)
            : ActsTogether::soaked(ActsTogether::blanched($acts));
        $acts = SaidReader::told($acts, $sentence);
        $this->besideBefore = $this->beside || [] !== $acts && ActKind::SideWork === $acts[\count($acts) - 1]->kind;
        foreach ($acts as $act) {
            $this->lifted = $this->lifted || ActKind::Lift === $act->kind;
            $this->begun = $this->begun || \in_array($act->kind, self::HEATS_UP, true) || preg_match(self::HEAT, $act->source);
            $this->frying = \in_array($act->kind, self::FRIES, true) || ($this->frying && (!\in_array(
                $act->kind, [ActKind::Deglaze, ActKind::BoilDown, ActKind::HeatUp, ActKind::Load, ActKind::Cook], true,
            ) || (ActKind::Load === $act->kind && preg_match(self::OUT_OF_THE_PAN, $act->words))));
        }

        return ActsTogether::withTheRest(ActsTogether::merged($acts, $sentence));
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
            $whole = (0 === $k || [] === $spans ? $lead : self::leadIn($sentence, $hits[$k - 1][1], $at))
                .substr($sentence, $at, $to - $at);
            $places = $naming->within((string) preg_replace([self::BUT, self::WHILE_IT, self::SALTED], '', $whole), $sentence);
            $done = (string) preg_replace(
                '/\b(?:until|till)\b[^,;.]*/iu', '', substr($sentence, $at + \strlen($verb), $to - $at - \strlen($verb)),
            );
            $objects = $this->objects(
                (0 === $k ? "$lead " : '').$done,
                $naming->in((string) preg_replace(['/\b(?:until|till)\b[^,;.]*/iu', self::BUT, self::WHILE_IT], '', $whole)), $ingredients,
            );
            $spokenOf = preg_match(self::FRIES_IT, $verb) && [] === $spans && !preg_match(self::PRONOUN, $whole)
                ? $this->fried ?? $spokenOf : $spokenOf;
            // "Wine back in, boil it hard"
            $named = 0 === $k && '' !== trim($lead)
                && [] !== array_intersect($this->objects($lead, $naming->in($lead), $ingredients), ['wine', 'liquid', 'sauce']);
            if (([] === array_diff($objects, ['fat']) && (preg_match(self::PRONOUN, $whole) || preg_match(self::FRIES_IT, $verb)))
                || (!$named && preg_match(self::IT, substr($sentence, $at + \strlen($verb))))) {
                $objects = array_values(array_unique([...$objects, $spokenOf]));
            }
            $kind = $this->kind($verb, $whole, $objects, $after, $sentence);
            if (null === $kind) {
                // What is no act of its own goes on with the one before.
                $spokenOf = \in_array('sauce', $objects, true) ? 'sauce' : $spokenOf;
                $lead = [] === $spans ? $whole : $lead;
                $last = array_pop($spans);
                $spans = [...$spans, ...(null === $last ? [] : [$this->wentOn($last, $whole, $places, $objects, $after, $spokenOf)])];
                continue;
            }
            $kind = $after && self::isApart($kind, $whole, $objects) ? ActKind::SideWork : $kind;
            $kind = ActKind::Crisp === $kind && preg_match(self::ROASTS, $whole) && !$this->isLifted($spans) ? ActKind::Cook : $kind;
            // "The noodles: knead, let it rest half an hour"
            $rests = ActKind::Rest === $kind && preg_match(self::BESIDE, $sentence) && !\in_array('meat', $objects, true);
            $kind = $this->beside && ($rests || !\in_array($kind, self::NEVER_BESIDE, true))
                ? ActKind::SideWork
                : $this->inPan($kind, $objects, $whole, $after, \count($places), $spokenOf);
            $spokenOf = array_values(array_intersect(['meat', 'base', 'sauce'], $objects))[0] ?? $objects[0]
                ?? (preg_match(self::SOMETHING, $done) ? 'something' : $spokenOf);
            // "Boil the eggs, shell them and slip them into the pot": what the act before made.
            $places = ActKind::Add === $kind && [] === $places && preg_match(self::PRONOUN, $whole) && preg_match(self::LATE, $sentence)
                ? array_values(array_filter(
                    self::lastNamed($spans), static fn (int $p): bool => Role::Fat !== $ingredients[$p]->role,
                )) : $places;
            $spans[] = [$kind, $whole, $places];
            $this->frying = \in_array($kind, self::FRIES, true) || ($this->frying && ActKind::HeatUp !== $kind);
            $this->browning = ActKind::Brown === $kind;
            $after = $after || (ActKind::Cook === $kind && self::braises($whole));
        }

        $this->fried = \in_array($spokenOf, ['paste', 'spice', 'base', 'garlic', 'bacon', 'something'], true) ? $spokenOf : null;

        return [$spans, $after];
    }

    /**
     * @param list<array{ActKind, string, list<int>}> $spans of the sentence so far
     *
     * @return list<int>
     */
    private static function lastNamed(array $spans): array
    {
        foreach (array_reverse($spans) as [, , $places]) {
            if ([] !== $places) {
                return $places;
            }
        }

        return [];
    }

    /** @param list<array{ActKind, string, list<int>}> $spans of the sentence so far */
    private function isLifted(array $spans): bool
    {
        return $this->lifted || [] !== array_filter($spans, static fn (array $s): bool => ActKind::Lift === $s[0]);
    }

    /**
     * "Add the beef | and turn it in the paste for 5 minutes": what goes into a hot pan is fried by what comes behind it as well.
     *
     * @param array{ActKind, string, list<int>} $last
     * @param list<int>                         $places
     * @param list<string>                      $objects of what comes behind
     *
     * @return array{ActKind, string, list<int>}
     */
    private function wentOn(array $last, string $more, array $places, array $objects, bool $after, string $spokenOf): array
    {
        $all = array_values(array_unique([...$last[2], ...$places]));
        $kind = ActKind::Load === $last[0] && !$this->beside
            ? $this->inPan($last[0], $objects, $last[1].$more, $after, \count($all), $spokenOf) : $last[0];

        return [ActKind::FryBase === $kind ? $kind : $last[0], $last[1].$more, $all];
    }

    /** @param list<string> $objects */
    private static function isApart(ActKind $kind, string $clause, array $objects): bool
    {
        return \in_array($kind, [ActKind::Reduce, ActKind::Cook, ActKind::HeatUp], true) && preg_match(self::APART, $clause)
            && !\in_array('sauce', $objects, true);
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
        $ofBraise = preg_match(self::OF_THE_BRAISE, $sentence) || preg_match(self::THE_MEAT, $sentence) || [] !== array_filter(
            $places, static fn (int $p): bool => Role::Meat === $ingredients[$p]->role,
        );

        if (preg_match(self::GO_IN, $sentence) || preg_match(self::INTO_THE_COOKER, $sentence)) {
            return false;
        }
        if (preg_match('/^\W*'.self::FOR_A_SAUCE.'\b/iu', $sentence)) {
            return true;
        }

        return preg_match(self::BESIDE, $sentence)
            ? !($ofBraise && $this->isOfTheMeatOnly($places, $ingredients)) && !preg_match(
                '/\b(?:to|into|in|over|from) the (?:stew|braise|tagine|rag[uùú]|sauce|pot|slow cooker|casserole)\b|\b(?:reduce|strain'
                    .'|skim|boil|thicken|blend)\w* (?:down )?(?:the |all |your )?(?:(?:cooking|braising|pot|pan|remaining) )?'
                    .'(?:sauce|juices?|liquid|liquor)\b/iu',
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
    private function inPan(ActKind $kind, array $objects, string $clause, bool $after, int $foods, string $spokenOf): ActKind
    {
        $dry = [] !== array_intersect(
            ['base', 'garlic', 'paste', 'spice'], $objects,
        ) && [] === array_intersect(['wine', 'liquid', 'meat'], $objects);
        $minutes = Durations::in($clause)[0][0] ?? null;

        return match (true) {
            $this->frying && ActKind::Load === $kind && $dry && !preg_match(self::INTO_THE_POT, $clause) => ActKind::FryBase,
            $this->frying && ActKind::Load === $kind && null !== $minutes && $minutes->high < self::SHORT_MINUTES
                && ($foods > 0 || preg_match(self::OVER_THE_HEAT, $clause)) && !\in_array('starch', $objects, true)
                && !preg_match(self::INTO_THE_POT, $clause) => ActKind::FryBase,
            (!$this->frying || $foods >= self::ALL_AT_ONCE) && ActKind::Deglaze === $kind
                && !preg_match(self::LOOSENS, $clause) => ActKind::Load,
            ActKind::Load === $kind && (self::longest($clause) ?? 0.0) >= self::LONG_MINUTES && preg_match(
                '/\b(?:oven|cooker|crock|lid|cover)/iu', $clause,
            ) => ActKind::Cook,
            // "Turn and cook 2 minutes"
            ActKind::Cook === $kind && $this->browning && [] === $objects && 'meat' === $spokenOf && null !== $minutes
                && $minutes->high < self::SHORT_MINUTES && !preg_match('/\b(?:oven|lid|cover)/iu', $clause) => ActKind::Brown,
            ActKind::Cook === $kind
                && null !== $minutes
                && $minutes->high < self::SHORT_MINUTES
                && ($this->frying || $dry)
                && !preg_match('/\b(?:oven|lid|cover)/iu', $clause) => ActKind::FryBase,
            ActKind::Cook === $kind && $this->frying && !$after && null !== $minutes && $minutes->high < self::LONG_MINUTES
                && preg_match(self::SOFTENS, $clause) && !preg_match('/\b(?:oven|lid|cover)/iu', $clause) => ActKind::FryBase,
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
     * @param int          $named   foods of the list
     */
    private function unspoken(string $sentence, array $objects, int $named, bool $after): ?ActKind
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
            null === $minutes && !$after && $named > 0 && preg_match(self::INTO_THE_COOKER, $sentence) => ActKind::Load,
            \in_array('wine', $objects, true) && !$after => $this->frying && $named < self::ALL_AT_ONCE
                ? ActKind::Deglaze : ActKind::Load,
            [] !== $objects && $after && preg_match('/\b(?:in|at the end|into)\b|^\W*(?:now|next|then)\b/iu', $sentence) => ActKind::Add,
            $after && preg_match(self::HANDED, $sentence) && null === $minutes => ActKind::Serve,
            !$after && null === $minutes && $named > 1 && preg_match(self::ONLY_NAMES, $sentence) => ActKind::Load,
            ([] !== $objects || $named > 0) && preg_match(self::PLACED, $sentence) && null === $minutes => match (true) {
                !$after => ActKind::Load,
                [] === array_intersect(['meat', 'liquid', 'wine'], $objects) => ActKind::Garnish,
                default => ActKind::Add,
            },
            default => ActKind::ofStep(StepKind::of($sentence, false), \in_array('meat', $objects, true)),
        };
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
        $longest = null;
        foreach (Durations::in($whole) as [$minutes, $from, $length]) {
            if (\in_array($kind, [ActKind::SideWork, ...self::FRIES], true)
                && preg_match(self::BEFORE_A_TIME, substr($whole, $from + $length))) {
                continue;
            }
            $longest = null === $longest || $minutes->high > $longest->high ? $minutes : $longest;
        }
        $late = \in_array($kind, [ActKind::Add, ActKind::SeasonToTaste], true) && null !== $longest && preg_match(self::LATE, $sentence);
        $outThen = ActKind::TakeOut === $kind && null !== $longest && preg_match(self::LATE, $sentence);
        $celsius = Temperatures::in($whole);
        $fried = \in_array($kind, self::FRIES, true) ? Frying::minutes($whole) : null;

        return new Act(
            $id,
            $late ? ActKind::Add : $kind,
            array_map(static fn (int $p): string => $ingredients[$p]->key(), self::taken($kind, $places, $ingredients)),
            $fried ?? $longest,
            null === $fried ? Batches::in($whole) : Batches::in($whole)->allTold(),
            $celsius[0] ?? null,
            null,
            preg_match(self::UNTIL, $whole, $u) ? trim($u['until']) : null,
            $late || $outThen ? When::beforeEnd($longest) : When::before(),
            self::bare($whole),
            $sentence,
        );
    }

    /**
     * "Add the carrots around the roast" adds no roast; what is blanched is not the water.
     *
     * @param list<int>        $places
     * @param list<Ingredient> $ingredients
     *
     * @return list<int>
     */
    private static function taken(ActKind $kind, array $places, array $ingredients): array
    {
        $names = match ($kind) {
            ActKind::Add => [Role::Meat],
            ActKind::Blanch, ActKind::BoilBeans => [Role::Liquid],
            default => [],
        };
        $left = array_values(array_filter($places, static fn (int $p): bool => !\in_array($ingredients[$p]->role, $names, true)));

        return [] === $left ? $places : $left;
    }

    /** Words of a clause without what joins it to the next. */
    private static function bare(string $clause): string
    {
        $bare = (string) preg_replace([self::MEANWHILE, self::LET_IT, self::NUMBERED], '', $clause);

        return trim((string) preg_replace('/(?:[\s,;:–—-]|\b(?:and|then|and then|or|but|,\s*and))+$|^[\s,;:–—-]+/iu', '', $bare));
    }
}
