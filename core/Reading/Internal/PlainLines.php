<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\TaggedLine;
use Pausis\Core\Recipe\StepKind;

/**
 * Lines whose meaning is fixed whatever surrounds them: a marked heading, an amount of a known food, what fills the same tin,
 * what is left
 * out.
 */
final readonly class PlainLines
{
    /** A tagger as sure as this is believed. */
    private const SURE = 0.97;
    private const MOST_WORDS = 9;
    private const LEFT_OUT = '/^\W*(?:skip|omit|leave out|no need (?:of|for))\b/iu';
    /** "Jelly at the end." */
    private const LATE = '/^\W*[^.!?]{3,60}\b(?:at the (?:very )?end|to finish|in last|on top)\W*$/iu';
    /** "Low 8-9 hrs.", "hot stock over.", "For the last two hours add the barley." */
    private const TOLD_SHORTLY = '/^\W*(?:(?:on |then )?(?:low|high|medium)\b[^.!?]{0,12}\d[^.!?]{0,20}\b(?:h|hrs?'
        .'|hours?)\b[^.!?]{0,20}[.!]?\W*$'
        .'|(?:the )?(?:hot |boiling )?(?:stock|wine|water|broth|meat|beef|lamb|pork|chicken|sauce|lid)\b[^.!?]{0,20}\b(?:over|in|on'
        .'|back|out|off)\W*$'
        .'|for the (?:last|final)\b[^.!?]*\b(?:add|put|stir|tip|turn|take)\b[^.!?]*[.!]\W*$)/iu';
    /** "for the paste:" */
    private const HEADS = '/^\W*for (?:the |a )?\p{L}[\p{L} -]{2,40}:\W*$/iu';
    private const NEEDED = '/^\W*(?:you(?:’ll|\'ll| will)? need|ingredients?)\s*:\s*\S/iu';

    public function __construct(private IngredientReader $reader)
    {
    }

    public function of(TaggedLine $line, ?TaggedLine $before, ?TaggedLine $next, bool $cooks): TaggedLine
    {
        $text = $line->line->said->text;
        $listed = LineLabel::Ingredient === $before?->label || LineLabel::Ingredient === $next?->label;
        $label = match (true) {
            LineLabel::Ingredient !== $line->label && EarlierDays::isOnlyADay($text) => LineLabel::Step,
            LineLabel::Note === $line->label && str_starts_with($line->line->mark, '#') => LineLabel::Heading,
            !$cooks && $listed && preg_match(self::HEADS, $text) => LineLabel::Heading,
            LineLabel::Ingredient !== $line->label && !$cooks && $listed && References::refers($text) => LineLabel::Ingredient,
            !\in_array($line->label, [LineLabel::Ingredient, LineLabel::Step], true)
                && !$cooks && ListLines::isNamed($text) => LineLabel::Ingredient,
            LineLabel::Ingredient === $line->label && preg_match(self::LEFT_OUT, $text) => LineLabel::Note,
            LineLabel::Ingredient === $line->label && $line->sure < self::SURE && !$cooks && !preg_match('/\d|[½¼¾]/u', $text)
                && LineLabel::Step === $next?->label && StepKind::opens($text) => LineLabel::Step,
            LineLabel::Step === $before?->label && \in_array($line->label, [LineLabel::Note, LineLabel::Around], true)
                && $line->sure < self::SURE && preg_match(self::LATE, $text) => LineLabel::Step,
            $cooks && LineLabel::Step === $before?->label && self::isBetween($line)
                && preg_match(self::TOLD_SHORTLY, $text) => LineLabel::Step,
            LineLabel::Around === $line->label && $line->sure < self::SURE && !$cooks && $listed && preg_match(self::NEEDED, $text),
            \in_array($line->label, [LineLabel::Around, LineLabel::Facts, LineLabel::Note, LineLabel::Heading], true)
                && $line->sure < self::SURE && $listed && $this->isMeasured($text) => LineLabel::Ingredient,
            LineLabel::Step === $before?->label && \in_array($line->label, [LineLabel::Facts, LineLabel::Heading,
                LineLabel::Around], true)
                && $line->sure < self::SURE && StepKind::opens($text) && preg_match('/[.!]\W*$/u', $text) => LineLabel::Step,
            LineLabel::Step === $before?->label && LineLabel::Note === $line->label && $line->sure < self::SURE
                && StepKind::opens($text) && [] !== Durations::in($text) && preg_match('/[.!]\W*$/u', $text) => LineLabel::Step,
            default => $line->label,
        };

        return $label === $line->label ? $line : new TaggedLine($line->line, $label, $line->sure, $line->title);
    }

    private static function isBetween(TaggedLine $line): bool
    {
        return $line->sure < self::SURE
            && \in_array($line->label, [LineLabel::Facts, LineLabel::Heading, LineLabel::Around, LineLabel::Note], true);
    }

    /** "150 g crème fraîche" */
    private function isMeasured(string $text): bool
    {
        if (!preg_match('/^\W*(?:[\d½¼¾⅓⅔]|an?\s)/iu', $text) || StepKind::opens($text)
            || preg_match_all('/[\p{L}\p{M}’\']+/u', $text) > self::MOST_WORDS) {
            return false;
        }
        $read = $this->reader->read($text);

        return null !== $read->amount?->unit && Role::Unknown !== $read->role;
    }
}
