<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** When the pot was switched on, local, a time alone or with its day; empty for now. */
final readonly class StartCook
{
    /**
     * @param string       $serveAt  the dinner that is meant, where it was asked; empty for the one that was planned
     * @param string       $cookerId the cooker it is in, where it was asked; empty for the one that was planned
     * @param list<string> $knowing  already-on, same-cooker, thawed: what was answered to what was asked
     */
    public function __construct(
        #[Assert\Length(max: 40)] public string $at,
        #[Assert\Length(max: 20)] public string $setting,
        #[Assert\Length(max: 40)] public string $serveAt = '',
        #[Assert\Length(max: 36)] public string $cookerId = '',
        #[Assert\Count(max: 4)] #[Assert\All([new Assert\Length(max: 20)])] public array $knowing = [],
    ) {
    }
}
