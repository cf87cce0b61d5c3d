<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** How the cook goes about it, as typed. */
final readonly class HandlingDraft
{
    /**
     * @param string       $effort cold, meat or full
     * @param string       $layers roots-under or meat-under
     * @param list<string> $lids   hours after switching on, as typed
     * @param string       $start  when the pot is to be on, YYYY-MM-DDT and a time as typed; empty for the plan's
     */
    public function __construct(
        #[Assert\Length(max: 10)] public string $effort = 'full',
        public bool $hotLiquid = false,
        public bool $warmInsert = false,
        #[Assert\Length(max: 12)] public string $layers = 'roots-under',
        #[Assert\Count(max: 12)] #[Assert\All([new Assert\Length(max: 20)])] public array $lids = [],
        #[Assert\Length(max: 60)] public string $start = '',
        public bool $nightBefore = false,
        #[Assert\Range(min: 0, max: 60)] public int $sauceWaits = 0,
    ) {
    }
}
