<?php

declare(strict_types=1);

namespace Pausis\Core\Cooker;

use Pausis\Core\Quantity\Duration;

/** The settings of one cook in order of time, the first from switching on. */
final readonly class Program
{
    /** The longest that a cooked braise is held on Warm (docs/model.md §7). */
    public const WARM_HOURS = 4.0;

    /** @param non-empty-list<SettingChange> $changes in order of time, the first at 0 */
    private function __construct(public array $changes)
    {
    }

    /** @param non-empty-list<SettingChange> $changes any order; before the first the cooker is off */
    public static function of(array $changes): self
    {
        usort($changes, static fn (SettingChange $a, SettingChange $b): int => $a->at->seconds <=> $b->at->seconds);
        if ($changes[0]->at->seconds > 0) {
            array_unshift($changes, new SettingChange(Duration::seconds(0), Setting::Off));
        }

        return new self($changes);
    }

    /** One setting all the way, until the cooker turns itself to Warm. */
    public static function steady(Setting $setting, Cooker $cooker): self
    {
        $changes = [new SettingChange(Duration::seconds(0), $setting)];
        if (null !== $cooker->autoWarmAfter) {
            $changes[] = new SettingChange($cooker->autoWarmAfter, Setting::Warm);
        }

        return new self($changes);
    }

    /** Turned by hand at $at: what was to come is off, and the cooker's own timer to Warm starts again. */
    public function turnedTo(Setting $setting, Duration $at, Cooker $cooker): self
    {
        $changes = [
            ...array_filter($this->changes, static fn (SettingChange $c): bool => $c->at->seconds < $at->seconds),
            new SettingChange($at, $setting),
        ];
        if (null !== $cooker->autoWarmAfter && $setting->cooks()) {
            $changes[] = new SettingChange(Duration::seconds($at->seconds + $cooker->autoWarmAfter->seconds), Setting::Warm);
        }

        return self::of($changes);
    }

    /** The same, begun by a timer so much later. */
    public function delayed(Duration $by): self
    {
        return self::of(array_map(
            static fn (SettingChange $c): SettingChange => new SettingChange(
                Duration::seconds($c->at->seconds + $by->seconds), $c->setting,
            ),
            $this->changes,
        ));
    }

    /** When it turns to Warm for good; null where it doesn't. */
    public function warmFrom(): ?Duration
    {
        $last = $this->changes[\count($this->changes) - 1];

        return Setting::Warm === $last->setting ? $last->at : null;
    }

    /** Hours after switching on at which it has stood on Warm as long as it may; INF where it never turns to it. */
    public function longestOnWarm(): float
    {
        return null === ($warm = $this->warmFrom()) ? \INF : $warm->inHours() + self::WARM_HOURS;
    }

    /** The first setting that heats; a timer may come to it by itself. */
    public function firstHeat(): SettingChange
    {
        foreach ($this->changes as $change) {
            if (Setting::Off !== $change->setting) {
                return $change;
            }
        }

        return $this->changes[0];
    }
}
