<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** How the cook goes about it, as typed. */
final readonly class HandlingDraft
{
    /**
     * @param string       $effort      cold, meat or full
     * @param string       $layers      roots-under or meat-under
     * @param list<string> $lids        hours after switching on, as typed
     * @param bool         $nightBefore vegetables cut, $mixBefore spices mixed, $saltBefore meat salted the evening before
     * @param string       $high        hours on High before Low, as typed; empty for two
     * @param string       $delay       until a timer starts it, as typed; empty for at once
     * @param string       $late        by how long the guests may be late, as typed; empty for not at all
     * @param string       $eatenOn     another dinner for which it is chilled and warmed through, like start; empty for its own
     * @param string       $start       when the pot is to be on, YYYY-MM-DDT and a time as typed; empty for the plan's
     */
    public function __construct(
        #[Assert\Length(max: 10)] public string $effort = 'full',
        public bool $hotLiquid = false,
        public bool $warmInsert = false,
        #[Assert\Length(max: 12)] public string $layers = 'roots-under',
        #[Assert\Count(max: 12)] #[Assert\All([new Assert\Length(max: 20)])] public array $lids = [],
        #[Assert\Length(max: 60)] public string $start = '',
        public bool $nightBefore = false,
        public bool $mixBefore = false,
        public bool $saltBefore = false,
        #[Assert\Length(max: 20)] public string $high = '',
        #[Assert\Length(max: 20)] public string $delay = '',
        #[Assert\Length(max: 20)] public string $late = '',
        #[Assert\Length(max: 60)] public string $eatenOn = '',
    ) {
    }
}
