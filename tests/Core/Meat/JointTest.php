<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Meat;

use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class JointTest extends TestCase
{
    public function testAPieceHasItsWeightAndItsForm(): void
    {
        $piece = Cooks::joint('beef-chuck', 1.3)->piece;

        self::assertEqualsWithDelta(1.3, $piece->volume() * 1050, 1e-9);
        self::assertEqualsWithDelta(1.7, $piece->b / $piece->a, 1e-9);
        self::assertEqualsWithDelta(1 + 1 / 1.7 ** 2 + 1 / 2.4 ** 2, $piece->dimensionality(), 1e-9);
    }

    public function testAMeasuredThicknessKeepsTheVolume(): void
    {
        $joint = Cooks::joint('beef-chuck', 1.3, thicknessCm: 6);

        self::assertEqualsWithDelta(6, $joint->thickness()->inCentimetres(), 1e-9);
        self::assertEqualsWithDelta(1.3, $joint->piece->volume() * 1050, 1e-9);
        self::assertEqualsWithDelta(2.4 / 1.7, $joint->piece->c / $joint->piece->b, 1e-9);
    }

    public function testCuttingUpKeepsTheMeatAndMakesThinnerPieces(): void
    {
        $whole = Cooks::joint('pork-shoulder', 2.4);
        $quarters = $whole->cutInto(4);

        self::assertSame(4, $quarters->count);
        self::assertEqualsWithDelta($whole->piece->volume(), 4 * $quarters->piece->volume(), 1e-12);
        self::assertLessThan($whole->piece->c, $quarters->piece->c);
        self::assertSame($whole->boneless, $quarters->boneless);
    }

    #[TestWith([0.0, null, 5.0, 'out-of-range', 'meat.kg'])]
    #[TestWith([40.0, null, 5.0, 'out-of-range', 'meat.kg'])]
    #[TestWith([\NAN, null, 5.0, 'out-of-range', 'meat.kg'])]
    #[TestWith([-1.0, null, 5.0, 'out-of-range', 'meat.kg'])]
    #[TestWith([0.3, 12.0, 5.0, 'too-thick-for-weight', 'meat.thicknessCm'])]
    #[TestWith([1.3, null, -18.0, 'frozen', 'meat.startTemperature'])]
    #[TestWith([1.3, null, 140.0, 'out-of-range', 'meat.startTemperature'])]
    public function testWhatCantBeIsSaidWithItsPlace(float $kilograms, ?float $thickness, float $start, string $code, string $path): void
    {
        $problems = new Problems();
        $cut = Cuts::load()->find('beef-chuck');
        self::assertNotNull($cut);

        self::assertNull(Joint::tryFrom($cut, $kilograms, 1, $thickness, $start, null, $problems));
        self::assertSame([[$code, $path]], array_map(static fn (Problem $p): array => [$p->code, $p->path], $problems->all()));
    }

    public function testAllProblemsAreToldAtOnce(): void
    {
        $problems = new Problems();
        $cut = Cuts::load()->find('beef-chuck');
        self::assertNotNull($cut);
        Joint::tryFrom($cut, 0, 0, 99, -18, 99, $problems);

        self::assertCount(5, $problems->all());
    }

    public function testTheTableHasOnlyPhysicalCuts(): void
    {
        foreach (Cuts::load()->all() as $cut) {
            self::assertGreaterThan(0.5, $cut->needHours, $cut->id);
            self::assertLessThan(8, $cut->needHours, $cut->id);
            self::assertSame(1.0, (float) $cut->form[0], $cut->id);
            self::assertLessThanOrEqual($cut->form[2], $cut->form[1], $cut->id);
            self::assertLessThan(1, $cut->fat + $cut->bone, $cut->id);
            self::assertNotSame([], $cut->words, $cut->id);
        }
    }

    #[TestWith(['1.4 kg lamb shoulder, boned and rolled', 'lamb-shoulder'])]
    #[TestWith(['4 lamb shanks', 'lamb-shank'])]
    #[TestWith(['ox cheeks, trimmed', 'beef-cheek'])]
    #[TestWith(['venison shin in big pieces', 'venison-shoulder'])]
    public function testCutsAreKnownByTheNamesThatRecipesUse(string $text, string $id): void
    {
        self::assertSame($id, Cuts::load()->named($text)?->id);
    }
}
