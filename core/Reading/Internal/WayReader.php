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
    private const SLOW = '/\b(?:slow[- ]?coo?c?k(?:er|ing|ed)?s?|sl?ow coo?ker|crock(?:[- ]?pot)?|slow[- ]?pots?|stoneware|sc)\b/iu';
    private const PRESSURE = '/\bpressure|whistles?\b/iu';
    private const OVEN = '/\b(?:oven|bak(?:e|ed|ing)|gas (?:mark )?\d|roast(?:ed|ing)? (?:it|them|for|in|slowly|at))\b|°\s*[cf]\b'
        .'|\d{3}\s?(?:°|fan)/iu';
    private const HOB = '/\b(?:(?:heat|flame|burner)(?: down)? to (?:a )?(?:low|medium|high)|hobs?|stove(?:top)?|burner|ring|flame'
        .'|simmer\w*|(?:low|lowest|gentle|medium|small|smallest|tiny|slow) (?:heat|flame|fire|hob|boil)|blip\w*|bubbling|(?:medium'
        .'|low)[- ](?:low|high|medium)|on top of the stove|over a)\b/iu';
    private const SETTING = '/\b(?:(?:on|at|to|set(?:ting)?|heat|cook(?:er)?|turn(?:ed)?(?: it)?(?: down| up)?(?: to)?|is|=|:|–|-|\/'
        .'|\()\s*(?:the\s+)?)?(?<set>low|medium|high|hi|auto)\b(?!\s*(?:[- ]?(?:heat|flame|hob|ring|pressure|simmer|boil|fire|oven|fat|salt'
        .'|sodium|sided|quality))|[-\p{L}])/iu';
    private const HOB_LEVEL = '/\b(?:heat|flame|burner|hob)(?: down)? to (?:a )?(?:low|medium|high)(?:[- ](?:low|high))?\b|\b(?:low'
        .'|medium|high)[- ](?:low|medium|high)\b|\b(?:low|medium|high)(?:[- ](?:low|high))?\s+(?:heat|flame|hob|ring|fire|simmer'
        .'|boil)\b/iu';
    private const NOT_COOKING = '/\b(?:marinat\w*|marinade|overnight|fridge|refrigerat\w*|chill(?:ed)?|soak\w*|(?<!the )rest(?:s|ed'
        .'|ing)?\b(?! of)|stand\w*|sit(?:s|ting)?\b(?! (?:in|on|the|it|them)\b)|prov(?:e|ing)|cool(?:s|ed|ing)?|freez\w*|keeps?\b(?! (?:it'
        .'|them) (?:at|on))|store|defrost|thaw\w*|ahead|prep(?:aration)?(?: time)?|ready in|hands[- ]on|active|train|late|reheat\w*'
        .'|leftovers?|infus\w*|waiting|works? too|the night before|salt(?:ed)? for|best after|next day|warm(?! up)(?: setting'
        .'| through)?\b|power)\b/iu';
    private const BASE = '/\b(?:brown\w*|sear\w*|seal\w*|fry|fried|frying|soften\w*|sweat\w*|saut\w*|golden|caramel\w*|toast\w*|fragrant'
        .'|translucent|glassy|reduc\w*|syrup\w*|glossy|thicken\w*|deglaz\w*|bubbl\w* (?:down|hard|away)|boil(?:ed|s)? (?:hard|down)'
        .'|rolling boil|a side|per side|each side|grill\w*|broil\w*|crisp\w*|blacken\w*|whisk\w*|mash|blanch\w*|parboil\w*|coarsely|scum'
        .'|corn ?flour|slurry)\b/iu';
    private const OTHERS = '/\b(?:potato(?:es)?|rice|pasta|noodles|polenta|couscous|dumplings?|mash|greens|beans? (?:for|until)|eggs?'
        .'|bread|crumbs|pur[ée]e|quinces?|cabbage|sprouts|peas|lentils)\b/iu';
    private const COOKS = '/\b(?:brais\w*|simmer\w*|stew\w*|cook(?:s|ed|ing)?|bak(?:e|ed|ing)|oven|slow|low|high|medium|pressure|lid'
        .'|cover(?:ed)?|leave|tender|falling apart|falls? apart|blip|blips|ticking|hob|stove|flame|heat|gentl[ey]|slowly|soft|let (?:it'
        .'|them)|go(?:es)?|roast|done|until the meat|own juice|crock)\b/iu';
    private const LAST = '/\b(?:(?:for|in|during|after) (?:the|its|their) (?:last|final)|(?:the )?(?:last|final) (?:\d|half|hour|quarter'
        .'|ten|twenty|thirty|few|bit)|before (?:the end|serving|it is done|it[’\']s done|you (?:eat|serve)|the (?:time|cooking))'
        .'|from the end|to go|towards the end|(?:half ?way|midway) through|left\b|early|after (?:the )?first|when there (?:is|are))\b/iu';
    private const MORE = '/\b(?:more|another|further|again|longer|extra)\b/iu';
    private const TIPS = '/\b(?:add (?:an?|one|\d+) (?:hours?|more)|for (?:the |a )?(?:large|larger|big|bigger|double)\b'
        .'|if (?:yours|your (?:cooker|oven|one|slow))|check (?:after|it|at)|start checking|may (?:take|need)'
        .'|can take|depending|some (?:cookers|ovens)|older|don[’\']?t lift|needed)\b|\d{4}-\d\d-\d\d/iu';
    private const THEN = '/\b(?:then|turn(?:ed)?(?: it)? (?:down|up|to)|switch(?:ed)? (?:it )?(?:down|to)'
        .'|drop(?:ped)? (?:it )?(?:down )?to|followed by|before (?:turning|switching)|and after that|afterwards)\b/iu';
    /** "After 1 hour add the beans" is a point in the cooking. */
    private const AFTER = '/^\W*after\s+(?:about\s+|around\s+)?(?:\d|[½¼¾]|an?\b|one|two|three|half)[^.;,]*,?\s*\b(?:add|stir|put|throw'
        .'|turn|uncover|remove|take|drop|tip|fish|lift out|pick|skim|spoon|discard|poke|push|baste)\b|\bafter\s+(?:about\s+)?(?:\d|[½¼¾]'
        .'|an?|one|two|three|half)[^.;,]*\b(?:add|stir in|put in|throw in)\b'
        .'|\b(?:turn|baste|check|stir|look|top)\b[^.;]*\bafter\s+(?:about\s+|the first\s+)?(?:\d|[½¼¾]|an?\b|one|two|three'
        .'|half)/iu';
    /** Hours on Low and on High are a slow cooker's. */
    private const BOTH = '/^(?=.*\blow\b)(?=.*\bhigh\b)(?!.*\b(?:heat|flame|pressure)\b).*\d\s*(?:h|hrs?|hours?)\b/iu';
    private const CORRECTED = '/^\W*(?:scratch that|no|sorry|wait|actually|i mean|make (?:it|that)|rather|correction)\b/iu';
    private const LID = [
        'open' => '/\b(?:uncovered|without (?:a|the) lid|lid off|open pot|no lid)\b/iu',
        'ajar' => '/\b(?:ajar|half[- ]covered|partly covered|partially covered|lid (?:tilted|askew|a crack)|crack(?:ed)? open'
            .'|part-covered|loosely)\b/iu',
        'lidded' => '/\b(?:lid on|lidded|cover(?:ed)?(?: with| tightly| and|,|\b)|lid|foil|tight-fitting|put the lid)\b/iu',
    ];
    private const LONGEST_BASE = 50.0;
    private const SHARE_OF_BASE = 0.35;
    private const LEAST_MINUTES = 20.0;
    private const LEAST_BESIDE = 12.0;
    private const LONGEST_MINUTES = 1800.0;
    /** A larger number beside a setting is no time. */
    private const MOST_HOURS = 16.0;
    /** A setting with hours of at least so many is a slow cooker's. */
    private const SLOW_MINUTES = 110.0;
    private const SERVED = '/^\W*(?:to )?(?:serve|lift|strain|shred|reduce|remove|take (?:out|the (?:meat|lid))|boil the sauce|skim|blend'
        .'|meanwhile|rest|carve|pull)\b/iu';

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
        $cooked = $finished = false;
        foreach ($sentences as [$text, $zone, $line]) {
            if ('title' === $zone || 'heading' === $zone) {
                $this->current = self::methodOf($text) ?? ('heading' === $zone ? $this->current : null);
                $this->ofTitle = 'title' === $zone;
                $finished = $finished && null === self::methodOf($text);
            }
            $this->noted = 'other' === $zone ? self::methodOf($text) ?? $this->noted : ('heading' === $zone ? self::methodOf($text) : null);
            $before = \count($this->said);
            if (!$finished || preg_match(self::SLOW, $text) || 'step' !== $zone) {
                $this->sentence($text, $zone, $line, $cooked);
            }
            $cooked = $cooked || (\count($this->said) > $before && 'step' === $zone);
            $finished = $finished || ($cooked && 'step' === $zone && preg_match(self::SERVED, $text) && \count($this->said) === $before);
        }

        return $this->together();
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
        $durations = self::withSettingsAlone($text, Durations::in($text));
        foreach ($durations as $k => [$minutes, $at, $length]) {
            $from = $k > 0 ? $durations[$k - 1][1] + $durations[$k - 1][2] : 0;
            $to = $durations[$k + 1][1] ?? \strlen($text);
            $clause = self::clause($text, $from, $at, $length, $to);
            $near = self::near($text, $from, $at, $length, $clause);
            $statement = $this->statement($text, $clause, $near, $minutes, $celsius, $zone, $line, $cooked, $k > 0);
            if (null !== $statement) {
                if (0 === $k && preg_match(self::CORRECTED, $text) && [] !== $this->said) {
                    $statement = array_pop($this->said)->lasting($statement->minutes);
                }
                $this->said[] = $statement;
                $cooked = true;
            }
        }
        if ('step' === $zone && !preg_match('/\b(?:last|final)\b/iu', $text)) {
            $this->lid = self::lidIn($text) ?? $this->lid;
        }
        if ([] === $durations && 'step' === $zone && preg_match(self::SLOW, $text) && preg_match(self::COOKS, $text)) {
            $this->current = Method::SlowCooker;
        } elseif ([] === $durations && 'step' === $zone && preg_match('/\b(?:into|in|to) (?:the|an?) oven\b/iu', $text)) {
            $this->current = Method::Oven;
        }
    }

    /** From the last stop before a time to the next after it, and not into the clause of another time. */
    private static function clause(string $text, int $from, int $at, int $length, int $to): string
    {
        $before = substr($text, $from, $at - $from);
        $before = (string) preg_replace('/^.*[;.]\s(?=[^;.]*$)/su', '', $before);
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
                ."|hi|medium|auto)[\s:]+(?:for\s+)?(?<l2>$n)(?:\s*(?:-|–|to|or)\s*(?<h2>$n))?(?!\s*(?:°|%|g\b|kg|ml|cups?|tbsp|tsp"
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
        string $text, string $clause, string $near, Minutes $minutes, ?array $celsius, string $zone, int $line, bool $cooked, bool $further,
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
        $notCooking = preg_match(
            self::NOT_COOKING, (string) preg_replace('/\b(?:keep warm|leave (?:it )?on warm).*$/iu', '', $near),
        ) && null === $setting;
        $ofBase = $minutes->high < self::LONGEST_BASE && preg_match(self::BASE, $near) && !preg_match(
            '/\b(?:tender|covered|lid on|slow cooker|oven|low|high|brais\w*)\b/iu', $near,
        );
        $least = Method::Pressure === $method || preg_match(self::PRESSURE, $text) ? self::LEAST_BESIDE : self::LEAST_MINUTES;
        $more = (bool) preg_match(self::MORE, $clause);
        $ofOthers = preg_match(self::OTHERS, $near) && $minutes->high < 60 && null === $setting && !preg_match(
            '/\b(?:meat|beef|lamb|pork|chicken|tender|oven|cover(?:ed)?|lid|uncovered|another|more)\b/iu', $clause,
        );
        $beside = preg_match(ActReader::BESIDE, $text)
            && !preg_match('/\b(?:meat|beef|lamb|pork|veal|chicken|joint|the stew|the braise)\b/iu', $text);
        $aside = preg_match(self::LAST, $near) || preg_match(self::TIPS, $near) || preg_match(self::AFTER, $near);
        $short = $minutes->high < ($cooked && $more ? self::LEAST_BESIDE : $least);
        if ((!$cooks && !$more && $minutes->high < 60) || $notCooking || $ofBase || $ofOthers || $aside || $beside || $short
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

    /** @return list<Way> */
    private function together(): array
    {
        $ways = [];
        foreach (Method::cases() as $method) {
            $of = array_values(array_filter($this->said, static fn (CookingSentence $c): bool => $method === $c->method));
            $inSteps = array_values(array_filter($of, static fn (CookingSentence $c): bool => !$c->fact));
            $facts = array_values(array_filter($of, static fn (CookingSentence $c): bool => $c->fact));
            // Settings that the method leaves out may stand beside it.
            $of = [] === $inSteps ? $of : [...$inSteps, ...(Method::SlowCooker === $method ? self::besides($inSteps, $facts) : [])];
            if ([] === $of) {
                continue;
            }
            $ways[] = [
                array_search($of[0], $this->said, true), Method::SlowCooker === $method ? $this->slow($of) : self::plain($method, $of),
            ];
        }
        $unsaid = array_values(array_filter($this->said, static fn (CookingSentence $c): bool => null === $c->method));
        if ([] === $ways && [] !== $unsaid) {
            $inSteps = array_values(array_filter($unsaid, static fn (CookingSentence $c): bool => !$c->fact));
            $ways[] = [0, self::plain($this->slowMentioned ? Method::SlowCooker : Method::Hob, [] === $inSteps ? $unsaid : $inSteps, 0.6)];
        } elseif ([] !== ($first = $this->toldFirst($unsaid, $ways))) {
            $ways[] = [array_search($first[0], $this->said, true), self::plain(Method::Hob, $first, 0.85)];
        } elseif (1 === \count($ways) && Method::SlowCooker !== $ways[0][1]->method) {
            foreach ($unsaid as $one) {
                $way = $ways[0][1];
                if (!$one->more || $one->fact || null === $one->minutes || null === $way->minutes) {
                    continue;
                }
                $ways[0][1] = new Way(
                    $way->method, $way->minutes->plus($one->minutes), $way->celsius, $way->settings, $way->phases, $way->lid, $way->amounts,
                    $way->confidence,
                );
            }
        }
        usort($ways, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ways, 1);
    }

    /**
     * What notes tell of settings that the steps don't name.
     *
     * @param list<CookingSentence> $steps
     * @param list<CookingSentence> $facts
     *
     * @return list<CookingSentence>
     */
    private static function besides(array $steps, array $facts): array
    {
        $named = array_map(static fn (CookingSentence $c): ?string => $c->setting, $steps);

        return array_values(array_filter(
            $facts,
            static fn (CookingSentence $c): bool => null !== $c->setting && !$c->more && !\in_array($c->setting, $named, true),
        ));
    }

    /**
     * Hours of the method without a word of where, before a slow cooker is spoken of: the recipe's own way.
     *
     * @param list<CookingSentence>       $unsaid
     * @param list<array{int|false, Way}> $ways
     *
     * @return list<CookingSentence>
     */
    private function toldFirst(array $unsaid, array $ways): array
    {
        $slow = array_values(array_filter($ways, static fn (array $way): bool => Method::SlowCooker === $way[1]->method));
        $own = array_values(array_filter(
            $unsaid, static fn (CookingSentence $c): bool => !$c->fact && ($c->minutes->high ?? 0.0) >= self::LONGEST_BASE,
        ));

        return 1 === \count($ways) && 1 === \count($slow) && [] !== $own && array_search($own[0], $this->said, true) < $slow[0][0]
            ? $own
            : [];
    }

    /** @param non-empty-list<CookingSentence> $of */
    private static function plain(Method $method, array $of, float $confidence = 1.0): Way
    {
        $minutes = $celsius = $lid = null;
        $longest = max(array_map(static fn (CookingSentence $c): float => $c->minutes->high ?? 0.0, $of));
        foreach ($of as $one) {
            // What is short before the long time is still the base.
            if (null === $one->minutes || (null === $minutes && !$one->more && $one->minutes->high < self::SHARE_OF_BASE * $longest)) {
                continue;
            }
            $lid ??= $one->lid;
            if (null === $minutes || $one->more || !$one->fact) {
                $minutes = null === $minutes ? $one->minutes : $minutes->plus($one->minutes);
            }
            $celsius = $one->minutes->high === $longest || null === $celsius ? $one->celsius ?? $celsius : $celsius;
        }

        return new Way($method, $minutes, $celsius, lid: $lid, confidence: $confidence);
    }

    /** @param non-empty-list<CookingSentence> $of */
    private function slow(array $of): Way
    {
        $settings = $phases = [];
        $lid = $last = null;
        foreach ($of as $k => $one) {
            $lid ??= $one->lid;
            if (null === $one->minutes) {
                continue;
            }
            $setting = $one->setting ?? (1 === \count($of) || 0 === $k ? 'low' : null);
            if (null === $setting) {
                continue;
            }
            $before = $of[$k - 1] ?? null;
            if ($one->then && null !== $before?->minutes && null !== $last && $last !== $setting) {
                $phases = [] === $phases ? [['setting' => $last, 'minutes' => $before->minutes]] : $phases;
                unset($settings[$last]);
                $phases[] = ['setting' => $setting, 'minutes' => $one->minutes];
            } elseif (isset($settings[$setting]) && ($one->more || $one->then)) {
                $settings[$setting] = $settings[$setting]->plus($one->minutes);
            } else {
                $settings[$setting] ??= $one->minutes;
            }
            $last = $setting;
        }
        if ([] !== $phases) {
            $sum = array_reduce($phases, static fn (?Minutes $all, array $p): Minutes => $all?->plus($p['minutes']) ?? $p['minutes']);
            \assert($sum instanceof Minutes);
            $settings = [implode('+', array_column($phases, 'setting')) => $sum] + $settings;
        }
        $lowest = null;
        foreach (['low', 'auto', 'medium', 'high'] as $setting) {
            $lowest ??= $settings[$setting] ?? null;
        }

        return new Way(Method::SlowCooker, $lowest ?? array_values($settings)[0] ?? null, null, $settings, $phases, $lid ?? 'lidded');
    }
}
