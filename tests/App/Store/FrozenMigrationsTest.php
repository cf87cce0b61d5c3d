<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use PHPUnit\Framework\TestCase;

/** A landed migration has been run somewhere: it is never edited. A new one is added here when it lands. */
final class FrozenMigrationsTest extends TestCase
{
    private const LANDED = [
        'Version20261125090000' => '2a36143f0ff1c8ed',
        'Version20261125120000' => '3702b67e06320dbb',
        'Version20261125130000' => 'b1997ebd194c9aed',
        'Version20261125140000' => '5e414b04afd922ff',
        'Version20261125145000' => '40d2687376114e07',
        'Version20261125150000' => '78d4a20b84384023',
        'Version20261125160000' => '84f029ac65af8235',
        'Version20261126100000' => 'f81a0ef953eca63c',
        'Version20261126110000' => 'bbc74dedc58086bc',
        'Version20261126120000' => '2512faa6117cc147',
        'Version20261201090000' => 'c895169451d5e19e',
        'Version20261201100000' => '1b8245abb2c6a89f',
        'Version20261201140000' => 'e69b9910ea68b3a8',
        'Version20261201180000' => '38f4124127c6c0f5',
        'Version20261202100000' => '34946296c54dacc0',
        'Version20261202101000' => '49d6cbff95d552ee',
        'Version20261202180000' => '5d0dc05c5b17fc6e',
    ];

    public function testLandedMigrationsAreAsTheyLanded(): void
    {
        $now = [];
        foreach (glob(\dirname(__DIR__, 3).'/migrations/*.php') ?: [] as $file) {
            $now[basename($file, '.php')] = substr((string) hash_file('sha256', $file), 0, 16);
        }

        self::assertSame(self::LANDED, array_intersect_key($now, self::LANDED));
        self::assertSame([], array_diff_key($now, self::LANDED), 'a new one is listed');
    }
}
