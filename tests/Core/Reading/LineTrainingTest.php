<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Training\Check;
use Pausis\Training\LineTraining;
use PHPUnit\Framework\TestCase;

/** What the labels teach of hands that weren't among them: one fold of bin/train --check. */
final class LineTrainingTest extends TestCase
{
    public function testLinesOfAHandAreToldByWhatTheOthersTeach(): void
    {
        $check = Check::of(new LineTraining(), [11]);

        self::assertGreaterThanOrEqual(0.96, $check->share());
        foreach ($check->calibration as $bin) {
            if ($bin['lines'] >= 200) {
                self::assertEqualsWithDelta($bin['said'], $bin['right'], 0.06, 'what is said to be sure, is');
            }
        }
    }
}
