<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** Where somebody is on the day, against their habit. Local times, YYYY-MM-DDT and a time as typed. */
final readonly class AwayDraft
{
    /**
     * @param string $who  a person's id; empty for everybody
     * @param string $what away, busy or home
     */
    public function __construct(
        #[Assert\Length(max: 60)] public string $from,
        #[Assert\Length(max: 60)] public string $to,
        #[Assert\Length(max: 36)] public string $who = '',
        #[Assert\Choice(['away', 'busy', 'home'])] public string $what = 'away',
    ) {
    }
}
