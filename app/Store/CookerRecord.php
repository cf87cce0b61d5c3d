<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Volume;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Table(name: 'cooker')]
class CookerRecord
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $deletedAt = null;

    /** Counts the changes of what a cook types of it; a change must name the one it was made from. */
    #[ORM\Column(options: ['default' => 1])]
    public int $revision = 1;

    /** @var array<string, mixed>|null a WaterTestDraft, normalized: a test lasts eight hours and is kept as it goes */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $waterTest = null;

    public function __construct(
        #[ORM\Column(length: 80)]
        public string $name,
        #[ORM\Column]
        public float $capacityLitres,
        #[ORM\Column(length: 8, enumType: Shape::class)]
        public Shape $shape,
        #[ORM\Column(nullable: true)]
        public ?float $ratedWatts,
        #[ORM\Column]
        public float $heatFactor,
        #[ORM\Column(nullable: true)]
        public ?float $autoWarmHours,
        #[ORM\Column]
        public float $heatSigma = Cooker::HEAT_SIGMA,
        #[ORM\Column]
        public int $cooks = 0,
        #[ORM\Column]
        public bool $hasMedium = false,
        #[ORM\Column(options: ['default' => 1.0])]
        public float $lossFactor = 1.0,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }

    public function cooker(): Cooker
    {
        return new Cooker(
            Volume::litres($this->capacityLitres),
            $this->shape,
            null === $this->ratedWatts ? null : Power::watts($this->ratedWatts),
            $this->heatFactor,
            null === $this->autoWarmHours ? null : Duration::hours($this->autoWarmHours),
            $this->heatSigma,
            $this->hasMedium,
            $this->lossFactor,
        );
    }

    /** With what the household knows of it; the heat is Low's, which a water test measures. */
    public function learn(Belief $belief): void
    {
        $low = [Knowledge::heatOf($this->id), Knowledge::lowOf($this->id)];
        $this->heatFactor = exp($belief->mean($low[0]) + $belief->mean($low[1]));
        $this->heatSigma = min(Cooker::HEAT_SIGMA, sqrt($belief->of([$low], [0.0])->rows[0][0]) ?: Cooker::HEAT_SIGMA);
        $this->lossFactor = exp($belief->mean(Knowledge::lossOf($this->id)));
        $this->cooks = $belief->cooks(Knowledge::heatOf($this->id));
    }
}
