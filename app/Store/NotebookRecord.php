<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/**
 * A cook's page in the notebook: what was planned, what happened, how it was liked, what to change next time.
 *
 * @phpstan-type Said array{note: string, nextTime: string, meatStars: int, sauceStars: int, cookedBy: string, leftOut: bool}
 */
#[ORM\Entity]
#[ORM\Table(name: 'notebook')]
#[ORM\Index(name: 'IDX_NOTEBOOK_COOKED_ON', columns: ['cooked_on'])]
#[ORM\Index(name: 'IDX_NOTEBOOK_CUT', columns: ['cut'])]
#[ORM\Index(name: 'IDX_NOTEBOOK_COOKER_ID', columns: ['cooker_id'])]
#[ORM\Index(name: 'IDX_NOTEBOOK_COOKED_BY', columns: ['cooked_by'])]
class NotebookRecord
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    /** Counts the changes of what a cook types of it; a change must name the one it was made from. */
    #[ORM\Column(options: ['default' => 1])]
    public int $revision = 1;

    /** What was in it, to be found by. */
    #[ORM\Column(type: Types::TEXT, options: ['default' => ''])]
    public string $foods = '';

    #[ORM\Column(length: 40, options: ['default' => ''])]
    public string $cut = '';

    #[ORM\Column(length: 36, options: ['default' => ''])]
    public string $cookerId = '';

    /** On which it was switched on. */
    #[ORM\Column(length: 20, options: ['default' => ''])]
    public string $setting = '';

    /** A person's id; empty where nobody has said. */
    #[ORM\Column(length: 20, options: ['default' => ''])]
    public string $cookedBy = '';

    /** One to five; 0 where nothing is said. */
    #[ORM\Column(options: ['default' => 0])]
    public int $meatStars = 0;

    #[ORM\Column(options: ['default' => 0])]
    public int $sauceStars = 0;

    /** What to change, as typed. */
    #[ORM\Column(type: Types::TEXT, options: ['default' => ''])]
    public string $nextTime = '';

    /** Odd, so that nothing is learned of it. */
    #[ORM\Column(options: ['default' => false])]
    public bool $leftOut = false;

    /**
     * @param array<string, string|float|null> $planned
     * @param array<string, string|float|null> $happened
     */
    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        public CookRecord $cook,
        #[ORM\Column(length: 200)]
        public string $title,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $cookedOn,
        #[ORM\Column(type: Types::JSON)]
        public array $planned,
        #[ORM\Column(type: Types::JSON)]
        public array $happened,
        #[ORM\Column(type: Types::TEXT)]
        public string $note,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $meat = $cook->draft['meat'] ?? null;
        $this->cut = \is_array($meat) && \is_string($meat['cut'] ?? null) ? $meat['cut'] : '';
        $this->cookerId = \is_string($cook->draft['cookerId'] ?? null) ? $cook->draft['cookerId'] : '';
        $this->setting = $cook->program;
        $this->foods = implode(', ', array_filter(array_map(
            static fn (mixed $line): string => \is_array($line) && \is_string($line['food'] ?? null) ? $line['food'] : '',
            \is_array($cook->draft['ingredients'] ?? null) ? $cook->draft['ingredients'] : [],
        )));
    }

    /** @return Said what somebody has typed of it */
    public function said(): array
    {
        return [
            'note' => $this->note, 'nextTime' => $this->nextTime, 'meatStars' => $this->meatStars, 'sauceStars' => $this->sauceStars,
            'cookedBy' => $this->cookedBy, 'leftOut' => $this->leftOut,
        ];
    }

    /** @param Said $said */
    public function say(array $said): void
    {
        foreach ($said as $field => $value) {
            $this->$field = $value;
        }
    }
}
