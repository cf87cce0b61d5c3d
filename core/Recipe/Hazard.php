<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a recipe asks for that food-safety authorities warn of; docs/model.md §7 has the safe way of each. */
enum Hazard: string
{
    /** Out of the fridge for a while before it is cooked. */
    case StandsOut = 'stands-out';
    case OutTooLong = 'out-too-long';
    case MarinatesWarm = 'marinates-warm';
    case ThawsWarm = 'thaws-warm';
    /** Cooked, and left to cool where it is until the next day. */
    case CooledOvernight = 'cooled-overnight';
    case ReheatedOnWarm = 'reheated-on-warm';
    case HeldTooLong = 'held-too-long';
    /** Browned hours before it is cooked. */
    case KeptBrowned = 'kept-browned';
    case TimerTooLong = 'timer-too-long';
    case Stuffed = 'stuffed';
    case RawEggs = 'raw-eggs';
    /** What held raw meat goes onto what is done, without having boiled. */
    case RawMarinade = 'raw-marinade';

    /** Whether it may make somebody ill as it is written, or only takes of the time that is there. */
    public function isGrave(): bool
    {
        return self::StandsOut !== $this;
    }
}
