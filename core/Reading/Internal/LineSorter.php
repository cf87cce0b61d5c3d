<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\StepKind;

/** Decides for each line of a recipe, in order, what it is: headings steer, otherwise the line's own look. */
final class LineSorter
{
    private const INGREDIENTS = '/^\W*(?:the\s+)?(?:ingredients?|(?:what\s+)?you(?:’ll|\'ll|\s+will)?\s+need|what\s+(?:goes|you)\s+\w+'
        .'|shopping\s+list|zutaten|buy)\b.{0,20}$/iu';
    private const METHOD = '/^\W*(?:the\s+)?(?:method|directions?|instructions?|preparation|what\s+to\s+do|how\s+(?:to|i)\s+(?:make'
        .'|cook)\s+it|steps|procedure|how(?:\s+to)?|cooking|to\s+(?:make|cook)(?:\s+it)?)\W*$/iu';
    private const ASIDE_SECTION = '/^\W*(?:(?:cook[’\']?s\s+|recipe\s+|my\s+)?(?:notes?|tips?)|nutrition(?:al)?(?:\s+(?:facts'
        .'|information))?|storage|to\s+store|make\s+ahead|variations?|comments?|reviews?|equipment|you\s+may\s+also\s+like|related'
        .'|about\s+this\s+recipe|substitutions?|did\s+you\s+make\s+this.*|more\s+recipes.*|wine\s+pairing|log|history|per\s+serving.*'
        .'|you\s+might\s+like.*)\W*$/iu';
    /** What stands around a recipe on a page or in a chat, and is none of it. */
    private const FURNITURE = '/(?:^\W*#\p{L}+\s+#|\b(?:newsletter|mailbox|inbox|subscribe|log ?in|sign (?:up|in)|cookies?|basket'
        .'|delivery|jump to (?:the )?recipe|print (?:this|recipe)|pin (?:it|this|recipe)|share (?:this|on)|follow (?:me|us)|comment'
        .'|dm you|like and|link in bio|all rights reserved|privacy|terms|advertis\w+|sponsored|related|rate this|\d+ (?:comments|reviews'
        .'|ratings|votes)|reply|posted (?:by|on|in)|skip to|menu)\b|^\W*step\s*\d+\s*(?:\/|of)\s*\d+\W*$|©|https?:|www\.)/iu';
    private const SHOUTED = '/^[^\p{L}\d]*(?=\p{Lu})[\p{Lu}\s&\'’-]{3,40}[^\p{L}\d]*$/u';
    private const NUMBERED = '/^\W*\d{1,2}(?:[.)]|\s)\s*(?=\p{Lu})/u';
    private const MARKED = '/^#{1,6}\s+/u';
    private const TIME_FIRST = '/^\W*\d[\d\s.,½–-]*(?:to\s+\d+\s*)?(?:h|hrs?|hours?|mins?|minutes)\b(?!\s*[:=])/iu';
    /** "Slow cooker version" behind the method is another way, told as a note. */
    private const OTHER_WAY = '/^\W*(?=.{0,60}$)(?=.*\b(?:slow[- ]?cooker|pressure|oven|hob|stovetop)\b).*\b(?:version|variation|option'
        .'|alternative|instead|method|way)\b/iu';
    private const FOR_THE_TABLE = '/\b(?:for serving|to serve|for garnish(?:ing)?|to garnish|for the table|to finish)\W*$/iu';
    private const METHODS_NAME = '/^\W*(?:(?:in|for|using)\s+)?(?:the\s+|a\s+)?(?:(?:electric\s+)?pressure[- ]?cooker|slow[- ]?cooker'
        .'|oven|hob|stove(?:top)?)(?:\s+(?:method|directions|instructions|way))?\W*$/iu';
    private const GROUP = '/^\W*(?:for|to)\s+(?:the\b|finish|serve|garnish|brown|thicken|season|start)[^.,\d]{0,40}:?\W*$/iu';
    /** Alone on its line, what is made apart is a heading of the list. */
    private const MADE_APART = '/^\W*(?:the\s+)?(?:gremolata|salsa verde|pangrattato|dumplings?|marinade|mash|topping|crumbs|slaw|raita'
        .'|chimichurri|garnish|sauce|side|braise|stew)\W*$/iu';
    private const LABEL = '/^[^.,:\d]{2,40}:\W*$/u';
    public const FACTS = '/^\W*(?:(?:serves|servings?|feeds|makes|yields?|enough\s+for|pax)\b|\d{1,2}\s+(?:servings|portions|people'
        .'|persons)\b|for\s+(?:\d{1,2}|two|four|six|eight)(?=\s*(?:people|persons|of us)?\W*$)|(?:prep|preparation|cook|cooking|total'
        .'|ready|active|hands-on|time)(?:\s+(?:time|in))?\s*[:=]|difficulty|cuisine|course|category|keywords?|author|published'
        .'|calories).{0,60}$/iu';
    private const ASIDE = '/^\W*(?:do not|don[\'’]?t|never|no need|skip|omit|leave out|without|you (?:don|won|can)|there is no'
        .'|no\s+(?:salt|oil|wine|water|stock|flour|butter|garlic)\b)/iu';
    private const MOST_INGREDIENT_WORDS = 22;
    /** "Onions, sliced ........ 2" */
    /** "Prep 20 min | Cook 8 h LOW or 5 h HIGH | Serves 6" */
    private const FACT_LINE = '/^(?=.{4,120}$)(?=.*\s[|·•\/–-]\s)(?=.*\d\s*(?:h|hrs?|hours?|mins?|minutes)\b)(?!.*\p{Ll}{2}[.!]\s)/iu';
    private const LEADERS = '/^\W*\p{L}.*?(?:\.{3,}|…|_{3,})\s*(?:[\d½¼¾⅓⅔]|an?\b|some\b).*$/iu';
    private const SALT_LINE = '/^\W*(?:(?:fine|coarse|sea|flaky|plenty of)\s+)*salt(?:\s*(?:,|and|&|\+)\s*(?:freshly ground '
        .'|freshly milled |black |white |ground )*pepper)?(?:,?\s+to taste)?\W*$/iu';

    private bool $any = false;
    private bool $stepsBegan = false;
    /** Whether an ingredient has stood on a line of its own. */
    private bool $listed = false;
    private ?LineKind $section = null;

    public function __construct(private readonly IngredientReader $ingredients)
    {
    }

    public function kindOf(string $line, int $number = 0): LineKind
    {
        $heading = match (true) {
            (bool) preg_match(self::INGREDIENTS, $line) => LineKind::Ingredient,
            (bool) preg_match(self::METHOD, $line) => LineKind::Step,
            (bool) preg_match(self::ASIDE_SECTION, $line) => LineKind::Unread,
            default => null,
        };
        if (null !== $heading) {
            $this->section = $heading;

            return LineKind::Heading;
        }
        if (LineKind::Unread === $this->section && !(preg_match(self::MARKED, $line) && !preg_match(self::ASIDE_SECTION, $line))) {
            return LineKind::Unread;
        }
        if (preg_match(self::FURNITURE, $line) && !preg_match(
            '/\d\s*(?:g|kg|ml|tbsp|tsp|cups?)\b/iu', $line,
        ) && !($this->inMethod() && StepKind::opens($line))) {
            return LineKind::Unread;
        }
        if (!$this->inMethod()
            && !$this->stepsBegan
            && (preg_match(self::LEADERS, $line) || ($this->any && preg_match(self::SALT_LINE, $line)))) {
            $this->any = $this->listed = true;

            return LineKind::Ingredient;
        }
        if (preg_match(self::MARKED, $line)) {
            return $this->marked($line);
        }
        if ($this->any && preg_match(self::SHOUTED, $line) && '' === $this->ingredients->read($line, $number)->amountText) {
            return LineKind::Heading;
        }
        if (preg_match(self::FACTS, $line) || (!$this->listed && !$this->inMethod() && preg_match(self::FACT_LINE, $line))) {
            return LineKind::Facts;
        }
        if ($this->stepsBegan && preg_match(self::METHODS_NAME, $line)) {
            $this->section = LineKind::Unread;

            return LineKind::Heading;
        }
        if ($this->any && LineKind::Step !== $this->section && preg_match(self::MADE_APART, $line)) {
            return LineKind::Heading;
        }
        if ($this->any && (preg_match(self::GROUP, $line) || preg_match(self::LABEL, $line))) {
            return LineKind::Heading;
        }
        $kind = $this->byItsLook($line, $number);
        $this->listed = $this->listed || LineKind::Ingredient === $kind;
        $this->stepsBegan = $this->stepsBegan || ($this->listed && LineKind::Step === $kind && StepKind::instructs($line));
        if (!$this->any && LineKind::Ingredient !== $kind) {
            $this->any = true;

            return mb_strlen($line) <= 100 ? LineKind::Title : $kind;
        }
        $this->any = true;

        return $kind;
    }

    /** A line with a heading's mark. */
    private function marked(string $line): LineKind
    {
        $this->section = LineKind::Unread === $this->section ? null : $this->section;
        if (($this->stepsBegan || $this->inMethod())
            && (preg_match(self::OTHER_WAY, $line) || ($this->stepsBegan && preg_match(self::METHODS_NAME, $line)))) {
            $this->section = LineKind::Unread;

            return LineKind::Heading;
        }
        if ($this->any || !str_starts_with($line, '# ')) {
            return LineKind::Heading;
        }
        $this->any = true;

        return LineKind::Title;
    }

    public function inMethod(): bool
    {
        return LineKind::Step === $this->section;
    }

    private function byItsLook(string $line, int $number): LineKind
    {
        if (preg_match(self::NUMBERED, $line, $m) && StepKind::opens(substr($line, \strlen($m[0])))) {
            return LineKind::Step;
        }
        if (LineKind::Step === $this->section) {
            return LineKind::Step;
        }
        if (preg_match(self::TIME_FIRST, $line)) {
            return $this->stepsBegan ? LineKind::Step : LineKind::Facts;
        }
        $words = preg_match_all('/[\p{L}\p{M}’\']+/u', $line);
        if (!$this->stepsBegan && $words <= self::MOST_INGREDIENT_WORDS && References::refers($line)) {
            return LineKind::Ingredient;
        }
        if (preg_match(self::ASIDE, $line) && $words <= self::MOST_INGREDIENT_WORDS) {
            return $this->stepsBegan ? LineKind::Step : LineKind::Unread;
        }
        $prose = $words > self::MOST_INGREDIENT_WORDS || preg_match('/\p{L}{2}[.!?]\s+\p{Lu}/u', $line);
        $instructs = StepKind::opens($line) || ($words > 8 && StepKind::instructs($line) && !preg_match('/^\W*\d/u', $line));
        if (LineKind::Ingredient === $this->section) {
            return $prose || $instructs || 0 === $words ? ($prose || $instructs ? LineKind::Step : LineKind::Unread) : LineKind::Ingredient;
        }
        if (!$prose && $words > 0) {
            $read = $this->ingredients->read($line, $number);
            $known = Role::Unknown !== $read->role;
            $leads = '' !== $read->amountText && null !== $read->amount;
            if (!$this->any && $leads && null === $read->amount->unit && preg_match('/^an?$/iu', $read->amountText)) {
                return LineKind::Title;
            }
            if ($leads
                && $known
                && null !== $read->amount->unit
                && !$this->stepsBegan
                && !StepKind::opens($line)
                && $words <= 14
                && !preg_match('/[.!?]\W*$/u', $line)) {
                return LineKind::Ingredient;
            }
            if ($known && !$this->stepsBegan && $this->listed && preg_match(self::FOR_THE_TABLE, $line) && !StepKind::opens($line)) {
                return LineKind::Ingredient;
            }
            if ($leads && $known && !StepKind::opens($line) && preg_match(
                '/^\W*(?:\d|[½¼¾⅓⅔]|(?:an?|one|two|three|four|five|six|half)\s)/iu', $line,
            )) {
                return LineKind::Ingredient;
            }
            if ($leads && ($known || null !== $read->amount->unit) && !$instructs
                || ($known && $words <= 6 && $this->any && !$this->stepsBegan && !$instructs)) {
                return LineKind::Ingredient;
            }
        }

        return $words >= 5 || ($words > 0 && ($instructs || $this->stepsBegan)) ? LineKind::Step : LineKind::Unread;
    }
}
