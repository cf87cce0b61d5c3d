<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\PersonView;
use Pausis\App\Api\Wire\SpanView;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Whereabouts as Where;

/** Who is where in a stretch of time, in steps of five minutes. */
final readonly class WhoIsWhere
{
    private const STEP = 300;

    /** @var array<int, list<Where|null>> by person */
    private array $rows;

    /** @param \DateTimeImmutable $from on a full five minutes */
    public function __construct(private People $people, private \DateTimeImmutable $from, \DateTimeImmutable $to)
    {
        $steps = (int) ceil(($to->getTimestamp() - $from->getTimestamp()) / self::STEP);
        $this->rows = array_map(static fn (Person $p): array => $p->presence->steps($from, self::STEP, $steps), $people->persons);
    }

    /** @return list<PersonView> */
    public function persons(): array
    {
        return array_map(fn (Person $p, array $row): PersonView => new PersonView(
            $p->id, $p->name, $this->spans(self::are($row, Where::Away)), $this->spans(self::are($row, Where::Busy)),
        ), $this->people->persons, $this->rows);
    }

    /** @return list<SpanView> in which nobody is at home */
    public function nobody(): array
    {
        $nobody = [];
        foreach (array_keys($this->rows[0]) as $k) {
            $nobody[] = [] === array_filter(array_column($this->rows, $k), static fn (?Where $w): bool => Where::Away !== $w);
        }

        return $this->spans($nobody);
    }

    /** @return list<SpanView> */
    public function asleep(): array
    {
        return $this->spans(self::are($this->rows[0], null));
    }

    /**
     * @param list<Where|null> $row
     *
     * @return list<bool>
     */
    private static function are(array $row, ?Where $wanted): array
    {
        return array_map(static fn (?Where $w): bool => $w === $wanted, $row);
    }

    /**
     * @param list<bool> $steps
     *
     * @return list<SpanView> where they hold
     */
    private function spans(array $steps): array
    {
        $at = fn (int $step): string => $this->from->setTimestamp($this->from->getTimestamp() + self::STEP * $step)->format(\DATE_ATOM);
        $spans = [];
        $open = null;
        foreach ([...$steps, false] as $k => $holds) {
            $open ??= $holds ? $k : null;
            if (null !== $open && !$holds) {
                $spans[] = new SpanView($at($open), $at($k));
                $open = null;
            }
        }

        return $spans;
    }
}
