<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Reading;
use PHPUnit\Framework\TestCase;

/** The sample recipes, in three hands, are read as a cook would read them. */
final class SampleRecipesTest extends TestCase
{
    public function testTheTidyOne(): void
    {
        $reading = self::read('lamb-shanks');

        self::assertSame(
            ['Lamb shanks with white beans and preserved orange', 4, []], [$reading->title, $reading->serves, $reading->unread],
        );
        self::assertEquals([Method::Oven, 2.75, 150.0], self::original($reading));
        self::assertSame([
            'lamb-shank 1600', 'salt 9', 'olive-oil 27', 'onion 300', 'carrot 240', 'fennel 250', 'garlic 20', 'tomato-paste 17',
            'white-wine 248',
            'stock 700', 'tinned-beans 480', 'preserved-orange 80', 'bay 1', 'rosemary 3', 'parsley ?',
        ], self::summary($reading));
    }

    public function testTheChattyOne(): void
    {
        $reading = self::read('pork-perry');

        self::assertSame(['Sunday pork with perry and fennel', 6, []], [$reading->title, $reading->serves, $reading->unread]);
        self::assertEquals([Method::Hob, 2.5, null], self::original($reading));
        self::assertSame([
            'pork-shoulder 1588', 'coarse-salt 8', 'fennel-seed 2', 'butter 15', 'fennel 500', 'shallot 90', 'pear 340', 'cider 505',
            'stock 240',
            'mustard 16', 'cream 60',
        ], self::summary($reading));
    }

    public function testTheTerseOne(): void
    {
        $reading = self::read('venison-barley');

        self::assertSame(['VENISON SHIN, BARLEY, JUNIPER', 5, []], [$reading->title, $reading->serves, $reading->unread]);
        self::assertEquals([Method::Oven, 3.0, 160.0], self::original($reading));
        self::assertSame([
            'venison-shoulder 1200', 'flour 25', 'lard 41', 'onion 300', 'celery 90', 'carrot 160', 'celeriac 195', 'barley 120',
            'juniper 1',
            'thyme 3', 'beer 333', 'stock 900', 'jelly 20', 'salt ?',
        ], self::summary($reading));
    }

    private static function read(string $sample): Reading
    {
        $problems = new Problems();
        $text = (string) file_get_contents(\dirname(__DIR__, 2)."/app/StandIn/sample/$sample.txt");
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read($text, $problems);
        self::assertNotNull($reading);

        return $reading;
    }

    /** @return array{Method|null, float|null, float|null} */
    private static function original(Reading $reading): array
    {
        return [$reading->original?->method, $reading->original?->hours, $reading->original?->ovenCelsius];
    }

    /** @return list<string> food or cut, and whole grams */
    private static function summary(Reading $reading): array
    {
        return array_map(
            static fn (Ingredient $i): string => ($i->food->id ?? $i->cut?->id).' '.(null === $i->grams ? '?' : (string) round($i->grams)),
            $reading->ingredients,
        );
    }
}
