<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** The house: where it stands, its hours, and how things are shown. */
final readonly class HouseDraft
{
    /**
     * @param list<PersonDraft> $people   the first is asked first
     * @param string            $setting  on which it cooks where the recipe says nothing; empty for what suits the day
     * @param string            $pans     widths at the rim, with commas between
     * @param int               $revision that the change was made from
     */
    public function __construct(
        #[Assert\Length(max: 20)] public string $altitude,
        #[Assert\Length(max: 20)] public string $room,
        #[Assert\Length(max: 40)] public string $timeZone,
        #[Assert\Choice(['metric', 'us'])] public string $units,
        #[Assert\Choice(['24', '12'])] public string $clock,
        #[Assert\Length(max: 40)] public string $bedtime,
        #[Assert\Length(max: 40)] public string $rises,
        #[Assert\Length(max: 20)] public string $texture = 'fork',
        #[Assert\Length(max: 20)] public string $thickness = 'coats-a-spoon',
        #[Assert\Length(max: 20)] public string $salt = '1 %',
        #[Assert\Choice(['', 'low', 'medium', 'high'])] public string $setting = '',
        #[Assert\Length(max: 4)] public string $rings = '4',
        public bool $oven = true,
        #[Assert\Count(min: 1, max: 6)] #[Assert\Valid] public array $people = [new PersonDraft('1')],
        #[Assert\Length(max: 100)] public string $pans = '',
        #[Assert\PositiveOrZero] public int $revision = 0,
    ) {
    }
}
