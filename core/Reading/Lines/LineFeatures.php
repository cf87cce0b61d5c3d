<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** What is observed of each line, and of those around it, for the tagger. */
final readonly class LineFeatures
{
    private const AMOUNT = '(?:\d+(?:[.,]\d+)?(?:\s*\d\/\d)?|\d\/\d|[½¼¾⅓⅔⅛]|(?<!\p{L})(?:an?|one|two|three|four|five|six|eight'
        .'|ten|twelve|half|couple|few|some)(?!\p{L}))';
    private const HEADINGS = [
        'list' => 'ingredients?|you(?:’ll|\'ll| will)? need|shopping list|what you need|what goes in|zutaten|item',
        'method' => 'method|directions?|instructions?|what to do|how to|steps?|procedure|preparation|to make|to cook|how i',
        'notes' => 'notes?|tips?|variations?|storage|make ahead|substitutions?|faq|questions|leftovers|to freeze|equipment',
        'way' => 'slow[ -]?cooker|crock ?pot|pressure|instant|oven|stove ?top|hob',
        'part' => 'for the|sauce|marinade|dumplings?|topping|gremolata|garnish|to serve|to finish|slaw|mash|side',
        'around' => 'comments?|reviews?|nutrition|related|you (?:might|may)|about|share|newsletter|contents|more|popular|follow'
            .'|tags?|leave a',
        'talk' => 'why|what (?:cut|is|to)|how long|can i|story|history',
    ];
    private const PATTERNS = [
        'amount+unit' => '/'.self::AMOUNT.'\s*(?:k?g|m?l|cl|dl|oz|lbs?|pounds?|tbsps?|tsps?|tablespoons?|teaspoons?|cups?|pints?'
            .'|kilos?)\b/iu',
        'amount-first' => '/^\W*'.self::AMOUNT.'(?!\s*(?:hours?|hrs?|min|h\b|%|°))/iu',
        'digit-first' => '/^\W*[\d½¼¾⅓⅔]/u',
        'amount-last' => '/\s'.self::AMOUNT.'\s*(?:k?g|m?l|oz|lbs?|tbsp|tsp|cups?|cloves?)?\W*$/iu',
        'time' => '/\d\s*(?:hours?|hrs?|h|minutes?|mins?|min|rnins?)\b|\b(?:an?|one|two|half an|few) (?:hours?|minutes?)\b/iu',
        'degrees' => '/\d\s*°|\bdegrees\b|\bgas\s*(?:mark)?\s*\d|\d{3}\s*[CF]\b/u',
        'setting' => '/\b(?:on|at)?\s*(?:low|high)\b(?! heat)/iu',
        'calories' => '/\bk?cal(?:ories|s)?\b|\bcarb|\bprotein|\bsodium|\bkJ\b|\bsaturate|nutrition/iu',
        'stars' => '/★|☆|⭐|\d(?:\.\d+)?\s*(?:\/\s*5|stars?)|\bvotes?\b|\bratings?\b|\breviews?\b|\bcomments?\b/iu',
        'web' => '/https?:|www\.|\.com\b|»|›|→|©|\bcookies?\b|\bsubscribe|\bnewsletter|\bsign ?(?:up|in)|\blog ?in|\bshare\b'
            .'|\bprint\b|\bpin\b|\bjump'
            .'|\badvert|\bsponsor|\baffiliate|\bfollow\b|\bemail\b|\breply\b|\bskip to|\bmenu\b|\bsearch\b|\bprivacy|\bshop\b'
            .'|#\p{L}|@\p{L}/iu',
        'price' => '/[£$€¢]\s*\d|\d\s*(?:p|¢|d)\.?\b/iu',
        'date' => '/\b(?:19|20)\d\d\b|\b(?:january|february|march|april|june|july|august|september|october|november|december|jan'
            .'|feb|mar|apr'
            .'|aug|sept?|oct|nov|dec)\.?\s+\d{1,2}\b|\b\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?(?:january|february|march|april|may'
            .'|june|july|august'
            .'|september|october|november|december)\b|\b(?:mon|tues|wednes|thurs|fri|satur|sun)day\b/iu',
        'clock' => '/\b\d{1,2}[:.]\d\d\b\s*(?:[ap]m)?|\b\d{1,2}\s*[ap]m\b/iu',
        'serves' => '/\b(?:serves?|servings?|makes|yields?|portions?|feeds?|for \d+(?:\s*(?:people|persons|-))?|persons|enough for'
            .'|covers)\b/iu',
        'label' => '/^[^.:!?]{2,30}:\s*\S/u',
        'label-time' => '/\b(?:prep|cook(?:ing)?|total|active|ready|hands[- ]on)(?:\s*time)?\b\s*[:=]?\s*\d/iu',
        'question' => '/\?\W*$/u',
        'exclaims' => '/!/u',
        'if' => '/^\W*(?:if|for a|for an|to make|variation|instead|alternatively|or\b)/iu',
        'to-serve' => '/\b(?:to serve|for serving|to garnish|to taste|optional|to finish|for the table)\b/iu',
        'keeps' => '/\b(?:keeps?|freezes?|frozen|fridge|refrigerat|reheat|leftovers?|make ahead|ahead|store)/iu',
        'other-way' => '/\b(?:slow[ -]?cooker|crock ?pot|pressure|instant|stove ?top|oven) (?:version|method|variation|option'
            .'|instructions)|^\W*(?:in (?:a|the) )?(?:slow[ -]?cooker|pressure cooker|oven|crock|hob)\b/iu',
        'past' => '/\b(?:was|were|made|used|had|did|added|tried|came|bought|loved|got|took|cooked|turned out)\b/iu',
        'can' => '/\b(?:can|could|should|would|may|might|will|won\'t|don\'t|doesn\'t|always|never)\b/iu',
        'state' => '/\b(?:chopped|sliced|diced|minced|peeled|crushed|grated|trimmed|halved|quartered|drained|rinsed|cubed|smashed'
            .'|finely|roughly'
            .'|thinly|coarsely|freshly|ground|dried|boneless|bone-in|skinless)\b/iu',
        'until' => '/\b(?:until|till?|for \d|about \d+ min)\b/iu',
        'food-dash-amount' => '/^\W*\p{L}[\p{L}\s(),\'’]+\s[-–:]\s*(?:about\s)?[\d½¼¾⅓⅔]/u',
        'imperative-not' => '/^\W*(?:do not|don[\'’]?t|never|no )/iu',
        'in-on' => '/\b(?:in|on|over|back|out|off)\W*$/iu',
        'leaders' => '/\.{3,}|…|_{3,}/u',
        'tab' => '/\t/',
        'gap' => '/\S {3,}\S/',
        'bars' => '/\s[|·•]\s/u',
        'dash' => '/\s[-–—]\s/u',
        'paren' => '/\(/',
        'comma' => '/,/',
        'stop' => '/[.!]["”’)]*$/u',
        'colon' => '/:\W*$/u',
        'caps' => '/^[^\p{L}]*(?=\p{Lu})[\p{Lu}\d\W]{4,}$/u',
        'small' => '/^[^\p{L}]*\p{Ll}/u',
        'dish' => '/\b(?:brais\w+|stew\w*|rag[uù]|curry|tagine|pot[ -]roast|casserole|hot-?pot|daube|stifado|adobo|barbacoa'
            .'|carnitas|birria|chil[ei]|goulash'
            .'|p[oö]rk[oö]lt|shanks?|cheeks?|oxtail|brisket|ribs|pulled|slow[- ]?cook\w*|with|in|and|&|à|al|de)\b/iu',
        'no-letters' => '/^\P{L}*$/u',
    ];
    /** What is told of a line to its neighbours. */
    private const TOLD = [
        'amount-first' => true, 'digit-first' => true, 'amount+unit' => true, 'amount-last' => true, 'time' => true, 'calories' => true,
        'stars' => true, 'web' => true, 'serves' => true, 'question' => true, 'stop' => true, 'colon' => true, 'caps' => true,
        'state' => true, 'label' => true, 'past' => true, 'talk' => true, 'verb-first' => true, 'food-last' => true, 'food-first' => true,
        'short' => true, 'counts-food' => true, 'heading-like' => true, 'mark:' => true, 'len:' => true, 'who:' => true,
    ];
    /** A title that stands above its list too is looked for in so many lines. */
    private const MOST_TITLED = 400;

    public function __construct(private Lexicon $words)
    {
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<list<string>> for each line, what is observed
     */
    public function of(array $lines): array
    {
        $own = $heads = [];
        foreach ($lines as $line) {
            [$seen, $head] = $this->ofOne($line);
            $own[] = $seen;
            $heads[] = $head;
        }
        $told = array_map(static fn (array $seen): array => array_values(array_filter($seen, self::isTold(...))), $own);
        $section = $sub = '-';
        $since = $done = 0;
        $past = 'no';
        $titled = self::repeated($lines);
        $ahead = self::ahead($heads);
        $density = self::density($own);
        $most = \count($lines);
        $all = [];
        foreach ($own as $k => $seen) {
            foreach ([-1, 1] as $by) {
                foreach ($told[$k + $by] ?? ['edge'] as $one) {
                    $seen[] = "$by $one";
                }
            }
            foreach ([-2, 2] as $by) {
                $there = $told[$k + $by] ?? [];
                $seen[] = "$by ".(\in_array('amount-first', $there, true) ? 'amount' : '')
                    .(\in_array('verb-first', $there, true) ? 'verb' : '');
            }
            $seen[] = "in $section";
            $seen[] = "sub $sub ".min(4, $since >> 1);
            $seen[] = "past $past";
            $seen[] = "in $section past $past";
            $titled[$k] && $seen[] = "again ahead {$ahead[$k]}";
            0 === $k && array_push($seen, 'first', 'first '.(\in_array('dish', $seen, true) ? 'dish' : '-'));
            \in_array('dish', $seen, true) && $seen[] = "dish ahead {$ahead[$k]} ".min(3, $k);
            $seen[] = "ahead {$ahead[$k]}";
            $seen[] = "in $section ahead {$ahead[$k]}";
            $seen[] = "around {$density[$k][0]}";
            $seen[] = "before {$density[$k][1]} after {$density[$k][2]}";
            $seen[] = 'at '.min(3, $k).' '.(int) (6 * $k / $most);
            foreach (['verb-first', 'amount-first', 'food-last', 'stop', 'talk', 'short'] as $one) {
                if (\in_array($one, $seen, true)) {
                    $seen[] = "$one in $section";
                    $seen[] = "$one past $past";
                }
            }
            $done += \in_array('verb-first', $own[$k], true) ? 1 : 0;
            $all[] = $seen;
            ++$since;
            if ('' !== $heads[$k]) {
                $sub = $heads[$k];
                $section = \in_array($sub, ['list', 'method', 'notes', 'around', 'talk', 'way'], true) ? $sub : $section;
                $past = $done > 3 && \in_array($sub, ['notes', 'around', 'talk', 'way'], true) ? $sub : $past;
                $since = 0;
            }
        }

        return $all;
    }

    /**
     * Whether the words of each line, being few, stand in another one too, as a title does above its list.
     *
     * @param list<Line> $lines
     *
     * @return list<bool>
     */
    private static function repeated(array $lines): array
    {
        $words = array_map(
            static fn (Line $l): string => trim((string) preg_replace('/[^\p{L}]+/u', ' ', mb_strtolower($l->said->text))), $lines,
        );
        $all = "\n".implode("\n", $words)."\n";
        $repeated = [];
        foreach ($words as $k => $w) {
            $repeated[] = $k < self::MOST_TITLED && \strlen($w) < 90 && str_word_count($w) > 1 && substr_count($all, $w) > 1;
        }

        return $repeated;
    }

    private static function isTold(string $seen): bool
    {
        return isset(self::TOLD[$seen]) || isset(self::TOLD[substr($seen, 0, 5)]) || isset(self::TOLD[substr($seen, 0, 4)]);
    }

    /** @return array{list<string>, string} what is observed, and which heading it reads like, if any */
    private function ofOne(Line $line): array
    {
        $text = $line->said->text;
        $seen = ['any', 'mark:'.$line->mark, 'who:'.$line->voice->value];
        $line->opens && $seen[] = 'opens';
        $line->closes && $seen[] = 'closes';
        $line->opens && $line->closes && $seen[] = 'alone';
        $line->indented > 1 && $seen[] = 'indented';
        $seen[] = 'part:'.match (true) {
            1 === $line->of => 'whole',
            0 === $line->place => 'first',
            $line->place === $line->of - 1 => 'last',
            default => 'middle',
        };
        foreach (self::PATTERNS as $name => $pattern) {
            if (preg_match($pattern, $text)) {
                $seen[] = $name;
            }
        }
        preg_match_all('/\p{L}[\p{L}\p{M}’\']*/u', mb_strtolower(str_replace('’', '\'', mb_strcut($text, 0, 300))), $m);
        $words = $m[0];
        $count = \count($words);
        $seen[] = 'len:'.match (true) {
            $count <= 6 => (string) $count,
            $count <= 9 => '7-9',
            $count <= 14 => '10-14',
            $count <= 22 => '15-22',
            default => '23',
        };
        $count <= 3 && $seen[] = 'short';
        array_push($seen, ...$this->ofWords($words));
        if (\in_array('amount-first', $seen, true) && $this->countsFood($words)) {
            $seen[] = 'counts-food';
            $seen[] = 'counts-food '.(\in_array('stop', $seen, true) ? 'stop' : 'open').($line->opens ? ' opens' : '');
        }
        $head = $this->headingOf($line, $text, $count);
        if ('' !== $head) {
            $seen[] = 'heading-like';
            $seen[] = "heading $head";
        }

        return [$seen, $head];
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function ofWords(array $words): array
    {
        if ([] === $words) {
            return ['no words'];
        }
        $seen = [];
        $foods = $verbs = $units = $talk = 0;
        foreach ($words as $k => $word) {
            $this->words->isFood($word) && ++$foods;
            $this->words->isUnit($word) && ++$units;
            $this->words->isTalk($word) && ++$talk;
            if ($this->words->isVerb($word)) {
                ++$verbs;
                0 === $k && $seen[] = 'verb-first';
            }
            if ($k < 40) {
                $seen[] = "w $word";
            }
        }
        $count = \count($words);
        $last = $words[$count - 1];
        $this->words->isFood($words[0]) && $seen[] = 'food-first';
        $this->words->isFood($last) && $seen[] = 'food-last';
        $this->words->isUnit($words[0]) && $seen[] = 'unit-first';
        $talk > 0 && $seen[] = 'talk';
        $share = static fn (int $n): string => (string) min(3, (int) ceil(4 * $n / $count));
        array_push(
            $seen, '1 '.$words[0], '1-2 '.$words[0].' '.($words[1] ?? ''), "z $last", 'foods '.min(3, $foods),
            'foods/ '.$share($foods), 'units/ '.$share($units), 'verbs '.min(3, $verbs), 'units '.min(2, $units),
            'talks '.min(3, $talk), 'ed '.(str_ends_with($last, 'ed') ? 'y' : 'n'),
            'kind '.min(2, $foods).min(2, $verbs).min(1, $units).min(1, $talk),
        );

        return $seen;
    }

    /**
     * Whether the thing that an amount counts is a food: "1 sprig rosemary, tied …", not "1 hour, covered".
     *
     * @param list<string> $words
     */
    private function countsFood(array $words): bool
    {
        foreach (\array_slice($words, 0, 4) as $word) {
            if ($this->words->isVerb($word) && !$this->words->isFood($word)) {
                return false;
            }
            if ($this->words->isFood($word)) {
                return true;
            }
        }

        return false;
    }

    private function headingOf(Line $line, string $text, int $count): string
    {
        $looks = str_starts_with($line->mark, '#') || preg_match('/:\W*$/u', $text) || preg_match(self::PATTERNS['caps'], $text)
            || ($line->opens && $count <= 4 && !preg_match(self::PATTERNS['digit-first'], $text) && !preg_match('/[.!?,]$/u', $text));
        if ($count > 8 || 0 === $count || (!$looks && $count > 3)) {
            return '';
        }
        foreach (self::HEADINGS as $name => $pattern) {
            if (preg_match("/(?<!\\p{L})(?:$pattern)(?!\\p{L})/iu", $text)) {
                return $looks || \in_array($name, ['list', 'method', 'notes'], true) ? $name : '';
            }
        }

        return $looks && $count <= 6 && ($line->opens || str_starts_with($line->mark, '#')) ? 'other' : '';
    }

    /**
     * Which headings are still to come: the list's, the method's.
     *
     * @param list<string> $heads
     *
     * @return list<string>
     */
    private static function ahead(array $heads): array
    {
        $ahead = [];
        $list = $method = false;
        for ($k = \count($heads) - 1; $k >= 0; --$k) {
            $ahead[$k] = ($list ? 'l' : '').($method ? 'm' : '');
            $list = $list || 'list' === $heads[$k];
            $method = $method || 'method' === $heads[$k];
        }
        ksort($ahead);

        return array_values($ahead);
    }

    /**
     * How many of the lines around begin with an amount, and how many before and behind tell what to do.
     *
     * @param list<list<string>> $own
     *
     * @return list<array{int, int, int}>
     */
    private static function density(array $own): array
    {
        $amounts = $verbs = [0];
        foreach ($own as $k => $seen) {
            $amounts[] = $amounts[$k] + (\in_array('amount-first', $seen, true) ? 1 : 0);
            $verbs[] = $verbs[$k] + (\in_array('verb-first', $seen, true) ? 1 : 0);
        }
        $most = \count($own);
        $density = [];
        for ($k = 0; $k < $most; ++$k) {
            $density[] = [
                $amounts[min($most, $k + 4)] - $amounts[max(0, $k - 3)],
                min(3, $verbs[$k] - $verbs[max(0, $k - 6)]), min(3, $verbs[min($most, $k + 7)] - $verbs[min($most, $k + 1)]),
            ];
        }

        return $density;
    }
}
