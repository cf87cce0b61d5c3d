<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\Mapping as ORM;
use Pausis\Core\Learning\Posterior;
use Pausis\Core\Meat\Cut;

/** What this household has learned of one cut: the logarithm of the factor on its need. */
#[ORM\Entity]
#[ORM\Table(name: 'need')]
class NeedRecord
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public string $cut,
        #[ORM\Column]
        private float $mean,
        #[ORM\Column]
        private float $sigma,
        #[ORM\Column]
        private int $cooks,
    ) {
    }

    public function posterior(Cut $cut): Posterior
    {
        return Posterior::kept($this->mean, $this->sigma, $this->cooks, $cut->needSigma);
    }

    public function learn(Posterior $need): void
    {
        $this->mean = $need->mean;
        $this->sigma = $need->sigma;
        $this->cooks = $need->cooks;
    }
}
