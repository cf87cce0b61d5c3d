<?php

declare(strict_types=1);

namespace Pausis\Core\Notebook;

/** Of the windows that were given on one setting, how many held, and how wide they were at first and of late. */
final class Honesty
{
    /** Cooks whose windows are compared with as many later ones. */
    private const FEW = 5;

    private int $of = 0;
    private int $inTime = 0;
    private int $timely = 0;
    /** @var array<string, int> by Held */
    private array $held = [];
    /** @var list<float> hours, in the order of the cooks */
    private array $widths = [];

    /**
     * @param float|null $earliest of the window that was given, hours after switching on
     * @param float|null $latest   null where it had no end
     */
    public function count(FoundReady $ready, ?float $earliest, ?float $latest): void
    {
        if (null === $earliest) {
            return;
        }
        ++$this->of;
        $held = $ready->within($earliest, $latest)->value;
        $this->held[$held] = 1 + ($this->held[$held] ?? 0);
        $inTime = $ready->inTime($latest);
        $this->timely += null === $inTime ? 0 : 1;
        $this->inTime += true === $inTime ? 1 : 0;
        if (null !== $latest) {
            $this->widths[] = $latest - $earliest;
        }
    }

    public function of(): int
    {
        return $this->of;
    }

    public function held(Held $as): int
    {
        return $this->held[$as->value] ?? 0;
    }

    /** @return array{int, int} ready by the end of the window, of those that tell */
    public function inTime(): array
    {
        return [$this->inTime, $this->timely];
    }

    /** @return array{float, float}|null hours from the window's beginning to its end, at first and of late; null of too few cooks */
    public function widths(): ?array
    {
        return \count($this->widths) < 2 * self::FEW ? null : [
            self::middle(\array_slice($this->widths, 0, self::FEW)), self::middle(\array_slice($this->widths, -self::FEW)),
        ];
    }

    /** @param list<float> $values an odd number of them */
    private static function middle(array $values): float
    {
        sort($values);

        return $values[intdiv(\count($values), 2)];
    }
}
