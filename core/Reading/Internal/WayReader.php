<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Quantity\Number;
use Pausis\Core\Reading\ActReader;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Way;

/**
 * The ways in which a recipe may be cooked: statements of hours are gathered from its sentences, those that aren't cooking left out,
 * and the rest put together by method and setting. What one method takes in turn is added; what is said twice counts once.
 */
final class WayReader
{
    /** "Leave for 1 hour if you can.": before anything is hot. */
    /** "About 20 minutes before the ribs are done" */
    private const BEFORE_IT_ENDS = '/^\W*(?:about |around |some )?[\d½¼¾]+ ?(?:minutes?|mins?) before\b/iu';
    private const LYING = '/^\W*(?:then |and )?(?:leave|let|set aside|sit|stand)\b(?!.*\b(?:lid|cover\w*|heat|low|high|simmer\w*'
        .'|oven|cook\w*|hob|stove|move|bubbl\w*|blip\w*|fire|flame|gas)\b)/iu';
    private const LONGEST_LYING = 90;
    private const SLOW = '/(?<!\bno )(?<!\bwithout )(?<!\bwithout a )(?<!have a )(?<!not a )'
        .'\b(?:slow[- ]?coo?c?k(?:er|ing|ed)?s?|sl?ow coo?ker|crock(?:[- ]?pot)?'
        .'|slow[- ]?pots?|stoneware|sc)\b/iu';
    private const PRESSURE = '/\bpressure|whistles?\b/iu';
    private const OVEN = '/(?<!dutch )\boven\b(?! gloves?| mitts?|[- ](?:proof|safe))'
        .'|\b(?:baked?|baking(?! (?:paper|parchment|dish|sheet|tray|tin|powder'
        .'|soda|potato))|(?:gas|regulo) (?:mark )?\d|roast(?:ed|ing)? (?:it|them|for|in|slowly|at))\b|°\s*[cf]\b'
        .'|\d{3}\s?(?:°|fan)/iu';
    private const HOB = '/\b(?:(?:heat|flame|burner)(?: down)? to (?:a )?(?:low|medium|high)|hobs?|stove(?:top)?|burner|ring|flame'
        .'|simmer\w*|(?:low|lowest|gentle|medium|small|smallest|tiny|slow) (?:heat|flame|fire|hob|boil)|blip\w*|bubbling|(?:medium'
        .'|low)[- ](?:low|high|medium)|on top of the stove|over a)\b/iu';
    private const SETTING = '/\b(?:(?:on|at|to|set(?:ting)?|heat|cook(?:er)?|turn(?:ed)?(?: it)?(?: down| up)?(?: to)?|is|=|:|–|-|\/'
        .'|\()\s*(?:the\s+)?)?(?<set>low|medium|high|hi|auto)\b(?!\s*(?:[- ]?(?:heat|flame|hob|ring|pressure|simmer|boil|fire|oven'
        .'|fat|salt'
        .'|sodium|sided|quality))|[-\p{L}])/iu';
    private const HOB_LEVEL = '/\b(?:heat|flame|burner|hob)(?: down)? to (?:a )?(?:low|medium|high)(?:[- ](?:low|high))?\b|\b(?:low'
        .'|medium|high)[- ](?:low|medium|high)\b|\b(?:low|medium|high)(?:[- ](?:low|high))?\s+(?:heat|flame|hob|ring|fire|simmer'
        .'|boil)\b/iu';
    private const NOT_COOKING = '/\b(?:marinat\w*|marinade|overnight|fridge|refrigerat\w*|chill(?:ed)?|soak\w*|(?<!the )rest(?:s|ed'
        .'|ing)?\b(?! of)|stand\w*|sit(?:s|ting)?\b(?! (?:in|on|the|it|them)\b)|prov(?:e|ing)|cool(?:s|ed|ing)?|freez\w*'
        .'|keeps?\b(?! (?:it'
        .'|them) (?:at|on)| (?:going|cooking|simmering|braising))|store|defrost|thaw\w*|ahead|prep(?:aration)?(?: time)?|ready in'
        .'|hands[- ]on|active|train|late|reheat\w*'
        .'|leftovers?|infus\w*|leave (?:for )?at least|waiting|works? too|the night before|salt(?:ed)? for|best after|next day'
        .'|warm(?! up)(?: setting'
        .'| through)?\b|power|pre-?heat\w*)\b/iu';
    private const BASE = '/\b(?:brown\w*|sear\w*|seal\w*|fry|fried|frying|soften\w*|sweat\w*|saut\w*|golden|caramel\w*|toast\w*|fragrant'
        .'|translucent|glassy|reduc\w*|syrup\w*|glossy|thicken\w*|deglaz\w*|bubbl\w* (?:down|hard|away)|boil(?:ed|s)? (?:hard|down)'
        .'|rolling boil|a side|per side|each side|grill\w*|broil\w*|crisp\w*|blacken\w*|whisk\w*|mash|blanch\w*|parboil\w*|coarsely|scum'
        .'|corn ?flour|slurry)\b/iu';
    private const OTHERS = '/\b(?:potato(?:es)?|rice|pasta|noodles|polenta|couscous|dumplings?|mash|greens|beans? (?:for|until)|eggs?'
        .'|bread|crumbs|pur[ée]e|quinces?|cabbage|sprouts|peas|lentils)\b/iu';
    private const COOKS = '/\b(?:brais\w*|simmer\w*|stew\w*|cook(?:s|ed|ing)?|bak(?:e|ed|ing)|oven|slow|low|high|medium|pressure|lid'
        .'|cover(?:ed)?|leave|tender|falling apart|falls? apart|blip|blips|ticking|hob|stove|flame|heat|gentl[ey]|slowly|soft|let (?:it'
        .'|them)|go(?:es)?|roast|done|until the meat|own juice|crock)\b/iu';
    private const LAST = '/\b(?:(?:for|in|during|after) (?:the|its|their) (?:last|final)|(?:the )?(?:last|final) (?:\d+|half|hour|quarter'
        .'|ten|twenty|thirty|few|bit)|before (?:the end|serving|it is done|it[’\']s done|you (?:eat|serve)|the (?:time|cooking))'
        .'|from the end|to go|towards the end|(?:half ?way|midway) through|left\b|early'
        .'|after (?:the )?first (?:\d+|hour|half|quarter|ten|twenty'
        .'|thirty|two|three|few)|when there (?:is|are))\b/iu';
    private const MORE = '/\b(?:more|another|further|again|longer|extra)\b/iu';
    private const TIPS = '/\b(?:add (?:an?|one|\d+) (?:hours?|more)|for (?:the |a )?(?:large|larger|big|bigger|double)\b'
        .'|if (?:yours|your (?:cooker|oven|one|slow))|check (?:after|it|at)|start checking|may (?:take|need)'
        .'|can take|depending|some (?:cookers|ovens)|older|don[’\']?t lift|needed'
        .'|(?:each|every) time|will (?:want|need|do in|take only|be done in))\b|\d{4}-\d\d-\d\d/iu';
    private const THEN = '/\b(?:then|turn(?:ed)?(?: it)? (?:down|up|to)|switch(?:ed)? (?:it )?(?:down|to)'
        .'|drop(?:ped)? (?:it )?(?:down )?to|followed by|before (?:turning|switching)|and after that|afterwards)\b/iu';
    /** "After 1 hour add the beans" is a point in the cooking. */
    private const AFTER = '/^\W*(?:after|when\s+(?:it|they|the \w+)\s+(?:has|have)\s+(?:cooked|simmered|stewed|braised'
        .'|been (?:cooking|in))(?: for)?)\s+(?:about\s+|around\s+)?(?:\d|[½¼¾]|an?\b|one|two|three|half)[^.;,]*,?'
        .'\s*\b(?:add|stir|put|throw'
        .'|turn|uncover|remove|take|drop|tip|fish|lift out|pick|skim|spoon|discard|poke|push|baste)\b|\bafter\s+(?:about\s+)?(?:\d|[½¼¾]'
        .'|an?|one|two|three|half)[^.;,]*\b(?:add|stir in|put in|throw in)\b'
        .'|\b(?:turn|baste|check|stir|look|top)\b[^.;]*\bafter\s+(?:about\s+|the first\s+)?(?:\d|[½¼¾]|an?\b|one|two|three'
        .'|half)/iu';
    /** Hours on Low and on High are a slow cooker's. */
    private const BOTH = '/^(?=.*\blow\b)(?=.*\bhigh\b)(?!.*\b(?:heat|flame|pressure)\b).*(?:\d|½|\b(?:an?|one|two|three|four|five|six'
        .'|seven|eight|nine|ten))\s*(?:h|hrs?|hours?)\b/iu';
    private const INTO_THE_OVEN = '/\b(?:into|in|to) (?:the|an?) (?:\w+ ){0,2}oven\b(?! ?(?:proof|safe))/iu';
    /** The other way takes as long. */
    private const AS_LONG = '/\bsame (?:length of |amount of )?time\b/iu';
    private const LID_STANDS = '/\blid\s+(?:sits|stands|rests|stays|sitting|resting)\b'
        .'|\bturn\w*\b[^,.;]*\b(?:half ?way|midway) through\b/iu';
    private const KEPT_WARM = '/\b(?:keep warm|leave (?:it )?on warm).*$/iu';
    /** A look at the pot, and not its end. */
    private const LOOK = '/\b(?:probe|check|test|look|peep|prod)\w*\b[^.;]{0,20}\b(?:at|after)\s+(?:about\s+)?'
        .'(?=\d|an?\b|one|two|three|half)/iu';
    private const CORRECTED = '/^\W*(?:scratch that|no(?=\s*[,.!–—-]|\s+(?:wait|sorry|\d))|sorry|wait|actually'
        .'|i mean|make (?:it|that)|rather|correction)\b/iu';
    /** Stands between a time and that which is meant. */
    private const MEANT = '/^[\s,–—-]*(?:(?:oh\s+)?(?:no|sorry|wait|scratch that|i mean|make (?:it|that)'
        .'|rather|or rather|correction))\b[^.;]{0,40}$/iu';
    /** A step that begins with the name of another way. */
    private const NAMED = '/^\W*(?:(?:in|for|with|using|on|by)\s+)?(?:(?:the|an?)\s+)?(?:\w+\s+)?(?:oven|hob|stove(?:top)?|saucepan'
        .'|casserole|(?:slow|pressure)[- ]cooker)\b[^.;:]{0,24}:/iu';
    private const LID = [
        'open' => '/\b(?:uncovered|without (?:a|the) lid|lid off|open pot|no lid)\b/iu',
        'ajar' => '/\b(?:ajar|half[- ]covered|partly covered|partially covered|lid (?:tilted|askew|a crack)|crack(?:ed)? open'
            .'|part-covered|loosely)\b/iu',
        'lidded' => '/\b(?:lid on|lidded|cover(?:ed)?(?: with| tightly| and|,|\b)|lid|foil|tight-fitting|put the lid)\b/iu',
    ];
    private const LONGEST_BASE = 50.0;
    private const LEAST_MINUTES = 20.0;
    /** "Leave for an hour or overnight" */
    /** "Cook for 4 hours, then add the radish for the final 2" */
    private const THE_LAST = '/\b(?:add|put|stir|tip|in go)\b[^.;]*\b(?:for |over )?the (?:final|last)\b/iu';
    private const OR_OVERNIGHT = '/^\W*(?:leave|let|keep|chill|stand|rest)\b[^.;]*\bovernight\b/iu';
    private const LEAST_BESIDE = 10.0;
    private const LONGEST_MINUTES = 1800.0;
    /** A larger number beside a setting is no time. */
    private const MOST_HOURS = 16.0;
    /** A setting with hours of at least so many is a slow cooker's. */
    private const SLOW_MINUTES = 110.0;
    /** "Add the vegetables to the casserole and cook for 40 minutes more" */
    private const GOES_ON = '/^\W*(?:then |now )?(?:add|put|return|tip|stir|nestle)\b[^.;]*\b(?:to|into|in) the '
        .'(?:casserole|pot|stew|braise'
        .'|dish|meat|lamb|beef|pork|chicken|goat|veal|venison)\b[^.;]*\b(?:more|another|further|longer)\b/iu';
    private const SERVED = '/^\W*(?:to )?(?:serve|lift|strain|shred|reduce|remove|take (?:out|the (?:meat|lid))|boil the sauce|skim|blend'
        .'|meanwhile|rest|carve|pull)\b/iu';

    /** Whether the sentence before goes on in the next: "…, then". */
    private bool $unfinished = false;
    private ?Method $current = null;
    /** Of which the recipe's notes speak. */
    private ?Method $noted = null;
    private ?string $lid = null;
    private bool $slowMentioned = false;
    /** Whether only the title has named the method. */
    private bool $ofTitle = false;
    /** @var array{float, float}|null */
    private ?array $oven = null;
    /** @var list<CookingSentence> */
    private array $said = [];

    /**
     * @param list<array{string, string, int}> $sentences text, zone (title, fact, heading, step, other), line
     *
     * @return list<Way>
     */
    public function read(array $sentences): array
    {
        $all = implode("\n", array_column($sentences, 0));
        $this->slowMentioned = (bool) preg_match(self::SLOW, $all);
        $cooked = $finished = $asking = false;
        foreach ($sentences as [$text, $zone, $line]) {
            if ('title' === $zone || 'heading' === $zone) {
                $this->current = self::methodOf($text) ?? ('heading' === $zone ? $this->current : null);
                $this->ofTitle = 'title' === $zone;
                $finished = $finished && null === self::methodOf($text);
            }
            $this->noted = 'other' === $zone ? self::methodOf($text) ?? $this->noted : ('heading' === $zone ? self::methodOf($text) : null);
            $before = \count($this->said);
            $finished = $finished && !preg_match(self::NAMED, $text) && !preg_match(self::GOES_ON, $text);
            $asked = $asking && preg_match('/^\W*then\b/iu', $text);
            $this->sentence($asked ? (string) preg_replace('/\bthen\b/iu', '', $text, 1) : $text, $zone, $line, $cooked);
            if ($finished && !preg_match(self::SLOW, $text) && 'step' === $zone) {
                $this->onlyWhatIsLonger($before);
            }
            $asking = str_ends_with(rtrim($text), '?');
            $cooked = $cooked || (\count($this->said) > $before && 'step' === $zone);
            $finished = $finished || ($cooked && 'step' === $zone && preg_match(self::SERVED, $text) && \count($this->said) === $before);
        }

        return (new WaysTogether($this->said, $this->slowMentioned))->all();
    }

    /** Behind the first sentence of serving only a longer time can be the braise's: a joint is taken out of the oven and put back. */
    private function onlyWhatIsLonger(int $from): void
    {
        $longest = max([0.0, ...array_map(
            static fn (CookingSentence $c): float => $c->fact ? 0.0 : $c->minutes->high ?? 0.0, \array_slice($this->said, 0, $from),
        )]);
        $this->said = [...\array_slice($this->said, 0, $from), ...array_values(array_filter(
            \array_slice($this->said, $from),
            static fn (CookingSentence $c): bool => $longest < self::LONGEST_BASE && ($c->minutes->high ?? 0.0) > $longest,
        ))];
    }

    private static function methodOf(string $text): ?Method
    {
        return match (true) {
            (bool) preg_match(self::SLOW, $text) => Method::SlowCooker,
            (bool) preg_match(self::PRESSURE, $text) => Method::Pressure,
            (bool) preg_match(self::OVEN, $text) => Method::Oven,
            (bool) preg_match(self::HOB, $text) => Method::Hob,
            default => null,
        };
    }

    private function sentence(string $text, string $zone, int $line, bool $cooked): void
    {
        $celsius = Temperatures::in($text);
        if (null !== $celsius && preg_match(
            '/\boven\b|\bgas\b|°|fan|\bbake|\broast|\bat \d{3}/iu', $text,
        ) && !preg_match('/thermometer|inside|core|internal/iu', $text)) {
            $this->oven = $celsius;
        }
        $durations = self::asMeant($text, self::withSettingsAlone($text, Durations::in($text)));
        $told = false;
        foreach ($durations as $k => [$minutes, $at, $length]) {
            $from = $k > 0 ? $durations[$k - 1][1] + $durations[$k - 1][2] : 0;
            $to = $durations[$k + 1][1] ?? \strlen($text);
            $clause = self::clause($text, $from, $at, $length, $to);
            $near = self::near($text, $from, $at, $length, $clause);
            $statement = $this->statement($text, $clause, $near, $minutes, $celsius, $zone, $line, $cooked, $k > 0);
            $then = ($told && preg_match('/\bthen\b/iu', $text))
                || (0 === $k && 'step' === $zone && $this->unfinished && preg_match('/^\W*\p{Ll}/u', $text));
            $before = $then ? array_pop($this->said) : null;
            if (null !== $before && (null !== $statement || !preg_match(self::THE_LAST, $text))) {
                $this->said[] = $before;
            } elseif (null !== $before) {
                $this->said[] = $before->lasting($before->minutes?->plus($minutes) ?? $minutes);
            }
            $told = null !== $statement;
            if (null !== $statement) {
                if (0 === $k && preg_match(self::CORRECTED, $text) && [] !== $this->said) {
                    $statement = array_pop($this->said)->lasting($statement->minutes);
                }
                $this->said[] = $statement;
                $cooked = true;
            }
        }
        $this->unfinished = 'step' === $zone && !preg_match('/[.!?:;]\W*$/u', $text);
        $this->asLong($text, $durations, $celsius, $zone, $line);
        if ('step' === $zone && !preg_match('/\b(?:last|final|fridge|refrigerat\w*|larder)\b/iu', $text)) {
            $this->lid = self::lidIn($text) ?? $this->lid;
        }
        if ([] === $durations && 'step' === $zone && preg_match(self::SLOW, $text) && preg_match(self::COOKS, $text)) {
            $this->current = Method::SlowCooker;
        } elseif ([] === $durations && 'step' === $zone && preg_match(self::INTO_THE_OVEN, $text)) {
            $this->current = Method::Oven;
        }
    }

    /**
     * "Or in the oven at 160 for the same time.".
     *
     * @param list<array{Minutes, int, int}> $durations
     * @param array{float, float}|null       $celsius
     */
    private function asLong(string $text, array $durations, ?array $celsius, string $zone, int $line): void
    {
        $told = end($this->said);
        $behind = [] === $durations ? 0 : $durations[\count($durations) - 1][1] + $durations[\count($durations) - 1][2];
        $other = preg_match(self::AS_LONG, substr($text, $behind)) ? self::methodOf(substr($text, $behind)) : null;
        if (false !== $told && null !== $other && $other !== $told->method) {
            $this->said[] = new CookingSentence($other, $told->minutes, null, Method::Oven === $other ? $celsius : null,
                self::lidIn($text) ?? $told->lid, false, false, 'step' !== $zone, $line);
        }
    }

    /**
     * "thirty minutes, sorry, forty minutes": the second.
     *
     * @param list<array{Minutes, int, int}> $durations
     *
     * @return list<array{Minutes, int, int}>
     */
    private static function asMeant(string $text, array $durations): array
    {
        return array_values(array_filter($durations, static function (array $d, int $k) use ($text, $durations): bool {
            $end = $d[1] + $d[2];
            $between = isset($durations[$k + 1]) ? substr($text, $end, max(0, $durations[$k + 1][1] - $end)) : '';

            return '' === trim($between, " ,\n") || !preg_match(self::MEANT, $between);
        }, \ARRAY_FILTER_USE_BOTH));
    }

    /** From the last stop before a time to the next after it, and not into the clause of another time. */
    private static function clause(string $text, int $from, int $at, int $length, int $to): string
    {
        $before = substr($text, $from, $at - $from);
        $before = (string) preg_replace('/^.*[;.]\s(?=[^;.]*$)/su', '', $before);
        $before = $from > 0 ? (string) preg_replace('/^\W*(?:on|at)\s+(?:the\s+)?(?:low|medium|high|auto)\b/iu', '', $before) : $before;
        $before = $from > 0 ? (string) preg_replace('/^.*(?:\bor\b|\/|\bthen\b(?=.*\bthen\b))/su', '', $before) : $before;
        $after = substr($text, $at + $length, max(0, $to - $at - $length));
        // What follows belongs here up to the next verb's clause.
        $after = (string) preg_replace('/(?:[;.]\s|,\s*(?:then|or\b|and then)|\bor\b|\bthen\b).*$/su', '', $after);

        return $before.substr($text, $at, $length).$after;
    }

    /**
     * "or 5 to 6 on high": hours whose unit was said before.
     *
     * @param list<array{Minutes, int, int}> $durations
     *
     * @return list<array{Minutes, int, int}>
     */
    private static function withSettingsAlone(string $text, array $durations): array
    {
        $n = Number::pattern();
        preg_match_all(
            "/(?<![\p{L}\d.,])(?<low>$n)(?:\s*(?:-|–|to|or)\s*(?<high>$n))?\s*(?=on (?:the )?(?:low|medium|high)\b)|\b(?:low|high"
                ."|hi|medium|auto)[\s:|]+(?:for\s+)?(?<l2>$n)(?:\s*(?:-|–|to|or)\s*(?<h2>$n))?(?!\s*(?:°|%|g\b|kg|ml|cups?|tbsp|tsp"
                ."|oz|lb|m(?:in)?\b|times|inch|cm|people|pieces|\d|-|\/))/iu",
            $text, $all, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL,
        );
        foreach ($all as $m) {
            $low = $m['low'][0] ?? $m['l2'][0] ?? null;
            $at = $m[0][1];
            $length = \strlen((string) $m[0][0]);
            $taken = array_filter($durations, static fn (array $d): bool => $at < $d[1] + $d[2] && $d[1] < $at + $length);
            if (null !== $low && [] === $taken && Number::value($low) <= self::MOST_HOURS) {
                $value = Number::value($low);
                $high = $m['high'][0] ?? $m['h2'][0] ?? null;
                $durations[] = [Minutes::between(60 * $value, 60 * (null === $high ? $value : Number::value($high))), $at, $length];
            }
        }
        usort($durations, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $durations;
    }

    /** The same without what hangs on behind a comma. */
    private static function near(string $text, int $from, int $at, int $length, string $clause): string
    {
        $before = (string) preg_replace('/^.*[;.]\s(?=[^;.]*$)/su', '', substr($text, $from, $at - $from));
        $rest = substr($clause, \strlen($before));

        return $before.preg_replace('/,.*$/su', '', $rest);
    }

    /** @param array{float, float}|null $celsius */
    private function statement(
        string $text, string $clause, string $near, Minutes $minutes, ?array $celsius, string $zone, int $line, bool $cooked,
        bool $further,
    ): ?CookingSentence {
        $setting = preg_match(self::SETTING, (string) preg_replace(self::HOB_LEVEL, '', $clause), $s)
            ? (string) preg_replace('/^hi$/', 'high', mb_strtolower($s['set']))
            : null;
        $method = self::methodOf($clause);
        $slow = Method::SlowCooker === $method
            || preg_match(self::BOTH, $text)
            || preg_match(self::SLOW, $text)
            || Method::SlowCooker === ('other' === $zone ? $this->noted ?? $this->current : $this->current);
        $unsaid = !$this->slowMentioned && ('medium' === $setting || ('step' !== $zone && !preg_match(self::BOTH, $text)));
        $elsewhere = \in_array($method, [Method::Oven, Method::Hob, Method::Pressure], true);
        if (null !== $setting && !$slow && ($unsaid || $minutes->high < self::SLOW_MINUTES || $elsewhere)) {
            $setting = null;
        }
        if (null !== $setting && Method::Pressure !== $method) {
            $method = Method::SlowCooker;
        }
        $fact = 'step' !== $zone;
        $cooks = preg_match(self::COOKS, $clause) || null !== $setting || ($fact && preg_match(
            '/\b(?:cook|brais|oven|total|time)/iu', $clause,
        ));
        $corrects = [] !== $this->said && preg_match(self::CORRECTED, $text);
        $cooks = $cooks || $corrects;
        $notCooking = self::isNoCooking($near, $setting) || (null === $setting && preg_match(self::OR_OVERNIGHT, $text));
        $lies = preg_match(self::BEFORE_IT_ENDS, $near)
            || (null === $method && null === $setting && $this->onlyLies($near, $minutes));
        $ofBase = $minutes->high < self::LONGEST_BASE && preg_match(self::BASE, $near) && !preg_match(
            '/\b(?:tender|covered|lid on|slow cooker|oven|low|high|brais\w*)\b/iu', (string) preg_replace(self::HOB_LEVEL, '', $near),
        );
        $least = Method::Pressure === $method || preg_match(self::PRESSURE, $text) ? self::LEAST_BESIDE : self::LEAST_MINUTES;
        $more = (bool) preg_match(self::MORE, $clause);
        $ofOthers = preg_match(self::OTHERS, $near) && $minutes->high < 60 && null === $setting && !preg_match(
            '/\b(?:meat|beef|lamb|pork|chicken|tender|oven|cover(?:ed)?|lid|uncovered|another|more)\b/iu', $clause,
        );
        $beside = preg_match(ActReader::BESIDE, $text)
            && !preg_match('/\b(?:meat|beef|lamb|pork|veal|chicken|joint|the stew|the braise)\b/iu', $text);
        $short = $minutes->high < ($cooked && $more ? self::LEAST_BESIDE : $least);
        if ((!$cooks && !$more && $minutes->high < 60) || $notCooking || $lies || $ofBase || $ofOthers
            || self::isAside($near) || $beside || $short
            || $minutes->high > self::LONGEST_MINUTES) {
            return null;
        }
        if ($fact && !$further && preg_match('/\b(?:total|prep)\b/iu', $clause) && !preg_match('/\bcook/iu', $clause)) {
            return null;
        }
        $method ??= self::methodOf($text)
            ?? ('other' === $zone ? $this->noted : null)
            ?? ($fact && $this->ofTitle ? null : $this->current)
            ?? (null !== $celsius || null !== $this->oven ? Method::Oven : null);
        if (!$fact) {
            $this->lid = $method === $this->current || null === $this->current ? $this->lid : null;
            $this->current = $method;
        }
        $lid = self::lidIn(self::untilTheLast($near)) ?? self::lidIn(self::untilTheLast($text)) ?? ($fact ? null : $this->lid);

        return new CookingSentence($method, $minutes, $setting, Method::Oven === $method ? $celsius ?? $this->oven : null, $lid, $more,
            (bool) preg_match(self::THEN, $clause), $fact, $line);
    }

    /** Whether it is left lying before anything was said to cook. */
    private function onlyLies(string $near, Minutes $minutes): bool
    {
        return [] === array_filter($this->said, static fn (CookingSentence $c): bool => !$c->fact)
            && $minutes->high <= self::LONGEST_LYING && preg_match(self::LYING, $near);
    }

    private static function isNoCooking(string $near, ?string $setting): bool
    {
        $unwarmed = (string) preg_replace(self::KEPT_WARM, '', $near);
        $unlidded = (string) preg_replace(self::LID_STANDS, '', $unwarmed);

        return preg_match('/\bpre-?heat/iu', $near) || (null === $setting && (
            preg_match(self::NOT_COOKING, $unlidded) || ($unwarmed !== $near && [] === Durations::in($unwarmed))
        ));
    }

    private static function isAside(string $near): bool
    {
        return preg_match(self::LAST, (string) preg_replace(self::LID_STANDS, '', $near)) || preg_match(self::LOOK, $near)
            || preg_match(self::TIPS, $near) || preg_match(self::AFTER, $near);
    }

    /** Without what is said of the end only. */
    private static function untilTheLast(string $text): string
    {
        return (string) preg_replace(
            '/,?\s*(?:taking the lid|with the lid off)[^.;]*[.;]?$|\b(?:for|in) the (?:last|final)[^.;]*/iu', '', $text,
        );
    }

    private static function lidIn(string $text): ?string
    {
        foreach (self::LID as $word => $pattern) {
            if (preg_match($pattern, $text)) {
                return $word;
            }
        }

        return null;
    }
}
