<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Volume;
use Symfony\Component\Uid\Uuid;

/**
 * A pot that is on: the braise as it was when switched on, and what has happened since.
 *
 * @phpstan-import-type Said from NotebookRecord
 *
 * @phpstan-type CookerSnapshot array{capacityLitres: float, shape: string, ratedWatts: float|null, heatFactor: float,
 *     autoWarmHours: float|null, heatSigma: float, hasMedium: bool,
 *     lossFactor?: float, lowFactor?: float}
 * @phpstan-type CookEvent array{id?: string, kind: string, at: string, value: string, thickness?: string, thickener?: string, home?: bool,
 *     made?: int, settled?: array<int|string, string>, place?: string, way?: string, hot?: bool,
 *     was?: string, serves?: string, wasServes?: string}
 * @phpstan-type Closing array{cookerId: string, cut: string, before?: array<string, mixed>, after?: array<string, mixed>}
 */
#[ORM\Entity]
#[ORM\Table(name: 'cook')]
class CookRecord
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    #[ORM\Column(type: Types::INTEGER)]
    #[ORM\Version]
    public int $revision = 1;

    /** @var list<CookEvent> fork tests, turned settings and sauce measures, in order */
    #[ORM\Column(type: Types::JSON)]
    public array $events = [];

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $closedAt = null;

    /**
     * @var Closing|null what closing it has taught, so that it can be taken back: the Belief before and after; older stores have none of it
     */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $closing = null;

    /** @var Said|null what was typed of its page before it was opened again */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $said = null;

    /** @var CookerSnapshot the cooker as it was; it may be changed or deleted since */
    #[ORM\Column(type: Types::JSON)]
    private array $cooker;

    /**
     * @param array<string, mixed>             $draft   a BraiseDraft, normalized
     * @param array<string, string|float|null> $planned what was expected when the pot was switched on
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public BraiseRecord $braise,
        #[ORM\Column(type: Types::JSON)]
        public array $draft,
        #[ORM\Column(length: 20)]
        public string $program,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $switchedOn,
        #[ORM\Column(type: Types::JSON)]
        public array $planned,
        Cooker $cooker,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->cooker = [
            'capacityLitres' => $cooker->capacity->inLitres(),
            'shape' => $cooker->shape->value,
            'ratedWatts' => $cooker->rated?->watts,
            'heatFactor' => $cooker->heatFactor,
            'autoWarmHours' => $cooker->autoWarmAfter?->inHours(),
            'heatSigma' => $cooker->heatSigma,
            'hasMedium' => $cooker->hasMedium,
            'lossFactor' => $cooker->lossFactor,
            'lowFactor' => $cooker->lowFactor,
        ];
    }

    public function cooker(): Cooker
    {
        $kept = $this->cooker;

        return new Cooker(
            Volume::litres($kept['capacityLitres']),
            Shape::from($kept['shape']),
            null === $kept['ratedWatts'] ? null : Power::watts($kept['ratedWatts']),
            $kept['heatFactor'],
            null === $kept['autoWarmHours'] ? null : Duration::hours($kept['autoWarmHours']),
            $kept['heatSigma'],
            $kept['hasMedium'],
            $kept['lossFactor'] ?? 1.0,
            $kept['lowFactor'] ?? 1.0,
        );
    }

    /** @return list<CookEvent> in order */
    public function of(string $kind): array
    {
        return array_values(array_filter($this->events, static fn (array $event): bool => $kind === $event['kind']));
    }

    /** @return CookEvent|null */
    public function last(string $kind): ?array
    {
        $all = $this->of($kind);

        return $all[\count($all) - 1] ?? null;
    }
}
