<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Everybody who cooks; the first is asked first. */
final readonly class People
{
    /** Free times are looked for on this grid. */
    private const STEP = 300;

    /** @param non-empty-list<Person> $persons */
    public function __construct(public array $persons = [new Person()])
    {
    }

    public static function alone(Presence $presence): self
    {
        return new self([new Person(presence: $presence)]);
    }

    /** Somebody who is awake and there at any time. */
    public static function atAnyTime(): self
    {
        return self::alone(new Presence([], '00:00', '00:00'));
    }

    /** Never away or busy. */
    public function always(): self
    {
        return new self(array_map(static fn (Person $p): Person => new Person($p->id, $p->name, $p->presence->always()), $this->persons));
    }

    public function neverBusy(): self
    {
        return new self(array_map(
            static fn (Person $p): Person => new Person($p->id, $p->name, $p->presence->neverBusy()), $this->persons,
        ));
    }

    /** So many more, who are never away. */
    public function andHelpers(int $count): self
    {
        $persons = $this->persons;
        for ($k = 1; $k <= $count; ++$k) {
            $persons[] = new Person("helper-$k", '', $this->persons[0]->presence->always());
        }

        return new self($persons);
    }

    public function find(string $id): ?Person
    {
        foreach ($this->persons as $person) {
            if ($person->id === $id) {
                return $person;
            }
        }

        return null;
    }

    /** The first who can do one job of that time. */
    public function who(\DateTimeImmutable $from, \DateTimeImmutable $to): ?Person
    {
        foreach ($this->persons as $person) {
            if ($person->presence->isFree($from, $to)) {
                return $person;
            }
        }

        return null;
    }

    /** What keeps the only cook, or each of several, from a job of that time; null where one of them can do it. */
    public function hindrance(\DateTimeImmutable $from, \DateTimeImmutable $to): ?Hindrance
    {
        $all = [];
        foreach ($this->persons as $person) {
            $one = $person->presence->hindrance($from, $to);
            if (null === $one) {
                return null;
            }
            $all[] = $one;
        }

        return 1 === \count($all) ? $all[0] : new Hindrance($all[0]->where, null);
    }

    /** Whether somebody is free all the time, one after the other if need be. */
    public function isFree(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        if (null !== $this->who($from, $to)) {
            return true;
        }
        if (1 === \count($this->persons)) {
            return false;
        }
        foreach ($this->steps($from, $to) as $all) {
            if (!\in_array(Whereabouts::Home, $all, true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<list<Whereabouts|null>> where everybody is, in each step of it */
    private function steps(\DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        $steps = (int) ceil(($to->getTimestamp() - $from->getTimestamp()) / self::STEP);

        $rows = array_map(static fn (Person $p): array => $p->presence->steps($from, self::STEP, $steps), $this->persons);

        return array_map(static fn (int $k): array => array_column($rows, $k), array_keys($rows[0]));
    }

    /** The first moment from $from on, on a five-minute grid, at which somebody is free for so long; null past $until. */
    public function firstFree(\DateTimeImmutable $from, int $minutes, \DateTimeImmutable $until): ?\DateTimeImmutable
    {
        $t = $from->setTimestamp((int) (ceil($from->getTimestamp() / self::STEP) * self::STEP));
        for (; $t <= $until; $t = $t->setTimestamp($t->getTimestamp() + self::STEP)) {
            if (null !== $this->who($t, $t->setTimestamp($t->getTimestamp() + 60 * $minutes))) {
                return $t;
            }
        }

        return null;
    }
}
