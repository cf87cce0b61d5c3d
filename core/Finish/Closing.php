<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

/** How the sauce of a pot whose meat is done is closed, of so much as is seen in it. */
final readonly class Closing
{
    public const AS_PLANNED = 'as-planned';
    public const THIN = 'thin';

    /**
     * @param float            $left      mL seen in the pot, fat skimmed off
     * @param ThickenedBy|null $by        null leaves it as it is
     * @param Thickness        $thickness that is wanted
     * @param bool             $asPlanned as it was planned; only how much there is was looked at
     * @param float|null       $held      g of salt that were held back when the pot was loaded; null as it is planned
     */
    public function __construct(
        public float $left, public ?ThickenedBy $by, public Thickness $thickness, public Thickener $thickener,
        public bool $asPlanned = false, public ?float $held = null,
    ) {
    }

    /** @param float $grams of salt that were left out when the pot was loaded */
    public function holding(float $grams): self
    {
        return new self($this->left, $this->by, $this->thickness, $this->thickener, $this->asPlanned, $grams);
    }

    /** @param string $way as planned, thin, or by what */
    public static function said(float $left, string $way, Thickness $thickness, Thickener $thickener): self
    {
        $by = ThickenedBy::tryFrom($way);

        return new self(
            $left, $by, $thickness, ThickenedBy::FlourAndButter === $by ? Thickener::Flour : $thickener, self::AS_PLANNED === $way,
        );
    }

    public static function isWay(string $way): bool
    {
        return \in_array($way, [self::AS_PLANNED, self::THIN], true) || null !== ThickenedBy::tryFrom($way);
    }

    public function way(): string
    {
        return $this->asPlanned ? self::AS_PLANNED : $this->by->value ?? self::THIN;
    }

    public function boilsDown(): bool
    {
        return ThickenedBy::BoilingDown === $this->by;
    }
}
