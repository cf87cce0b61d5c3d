<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\ActReader;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\StepKind;

/** Takes steps, and the foods that they name with an amount, from what is told in sentences. */
final readonly class Sentences
{
    private const AMOUNT_BEHIND = '/^\W*(?<food>\p{L}[\p{L}\s’\'-]{1,40}?)\s*[,–—-]\s+(?<amount>(?:about\s+|around\s+)?(?:\d|[½¼¾]|an?\s'
        .'|half|two|three|four).{0,40}?)(?:\s+or so)?\.?$/iu';
    private const LEAD = '/^(?:\W*(?:ingredients?|you(?:’ll|\'ll| will)? need|method|directions|instructions)\s*[:–—-]\s*)(?=\S)/iu';

    public function __construct(private Draft $draft, private Mentions $mentions, private StepReader $steps, private ListLines $list)
    {
    }

    /** What a line of the method tells to do. */
    public function step(Stretch $sentence): void
    {
        if (!$this->draft->hasRoom()) {
            $this->draft->marking->claim($sentence, MarkKind::Unread);

            return;
        }
        $this->draft->step($sentence, $this->steps->read($sentence->text, $sentence->line));
    }

    /** A sentence that names foods for the list: "take two pounds of shin and a couple of onions". */
    public function listed(Stretch $sentence): void
    {
        if (preg_match(self::LEAD, $sentence->text, $m)) {
            $this->draft->marking->claim($sentence->part(0, \strlen($m[0])), MarkKind::Heading);
            $sentence = $sentence->part(\strlen($m[0]), \strlen($sentence->text));
        }
        if ($this->isLine($sentence)) {
            return;
        }
        $found = $this->mentions->in($sentence);
        if ([] !== $found) {
            $this->several($sentence, $found);

            return;
        }
        $this->list->line($sentence);
    }

    /** An amount and a food, in either order, or a bare food. */
    private function isLine(Stretch $sentence): bool
    {
        $reader = $this->draft->reader;
        if (preg_match('/^\W*[\d½¼¾]/u', $sentence->text) && !StepKind::opens($sentence->text)) {
            $read = $reader->read($sentence->text, $sentence->line);
            if ('' !== $read->amountText && Role::Unknown !== $read->role) {
                $this->list->line($sentence);

                return true;
            }
        }
        if (preg_match(self::AMOUNT_BEHIND, $sentence->text, $m) && !StepKind::opens($sentence->text)) {
            $read = $reader->fromParts($sentence->text, $sentence->line, trim($m['amount']), trim($m['food']), null);
            if (null !== $read->amount && Role::Unknown !== $read->role) {
                $this->draft->ingredient($sentence, $read);
                ++$this->draft->listed;

                return true;
            }
        }

        return false;
    }

    /**
     * A sentence that names measured foods, and may tell what to do with them.
     *
     * @param non-empty-list<array{Stretch, Ingredient}> $found
     */
    private function several(Stretch $sentence, array $found): void
    {
        $known = \count($this->draft->ingredients);
        $tells = $this->draft->hasRoom() && (preg_match(ActReader::BESIDE, $sentence->text) || StepKind::instructs(substr(
            $sentence->text, $found[0][0]->end() - $sentence->start,
        )));
        $this->draft->marking->claim(
            $sentence, $tells ? MarkKind::Step : MarkKind::Note, $tells ? \count($this->draft->steps) : null,
        );
        foreach ($this->mentions->withTheBare($sentence, $found) as [$stretch, $read]) {
            if ((!$tells && [] === $this->draft->steps) || !$this->draft->measures($read, $known)) {
                $this->draft->ingredient($stretch, $read);
            }
        }
        if ($tells) {
            $this->draft->steps[] = $this->steps->read($sentence->text, $sentence->line);
            $this->draft->where[] = $sentence;
        }
    }
}
