<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Exchange;

use Pausis\App\Exchange\HtmlPage;
use Pausis\App\Exchange\JsonLdRecipe;
use Pausis\App\Exchange\RecipeFile;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RecipeFileTest extends TestCase
{
    private const RECIPE = [
        '@context' => 'https://schema.org', '@type' => ['Recipe'], 'name' => 'Oxtail &amp; stout', 'recipeYield' => ['6', '6 servings'],
        'prepTime' => 'PT25M', 'cookTime' => 'PT3H30M',
        'recipeIngredient' => ['1.5 kg oxtail, jointed', '500&nbsp;ml stout', '2 onions', '<b>12 prunes</b>'],
        'recipeInstructions' => [
            ['@type' => 'HowToSection', 'name' => 'The pot', 'itemListElement' => [
                ['@type' => 'HowToStep', 'text' => 'Brown the oxtail.<br>Fry the onions.'],
                ['@type' => 'HowToStep', 'text' => 'Add the stout, cover and cook in the oven at 150 °C for 3½ hours.'],
            ]],
            ['@type' => 'HowToStep', 'name' => 'Stir in the prunes and serve.'],
        ],
    ];

    /** @return iterable<string, array{string, string}> content, file name */
    public static function files(): iterable
    {
        $json = json_encode(self::RECIPE, \JSON_THROW_ON_ERROR);
        $graph = json_encode(
            [
                '@context' => 'https://schema.org',
                '@graph' => [['@type' => 'WebPage'], ['@type' => 'Organization', 'name' => 'A house'], self::RECIPE],
            ],
            \JSON_THROW_ON_ERROR,
        );
        yield 'JSON-LD' => [$json, 'oxtail.json'];
        yield 'JSON-LD, pasted' => [$json, ''];
        yield 'within a graph' => [$graph, 'x.json'];
        yield 'within arrays' => ["[[$graph]]", 'x.json'];
        yield 'a saved page' => [
            '<!DOCTYPE html><html><head><title>x</title><script>alert(1)</script><script type="application/ld+json">{"@type":'
                ." \"WebSite\"}</script><script type=\"application/ld+json\">$graph</script></head><body><p>Hello</p></body></html>",
            'page.html',
        ];
        yield 'a saved page, broken' => ["<html><p>unclosed <div><script type='application/ld+json'>$json</script>", 'page.htm'];
    }

    #[DataProvider('files')]
    public function testARecipeIsFoundWhereverItIsNested(string $content, string $name): void
    {
        $reading = self::read($content, $name);

        self::assertSame(['Oxtail & stout', 6], [$reading->title, $reading->serves]);
        self::assertSame(
            ['oxtail', 'stout', 'onion', 'prunes'],
            array_map(static fn (Ingredient $i): ?string => $i->food->id ?? $i->cut?->id, $reading->ingredients),
        );
        self::assertEquals(
            [Method::Oven, 3.5, 150.0], [$reading->original?->method, $reading->original?->hours, $reading->original?->ovenCelsius],
        );
        self::assertCount(4, $reading->steps);
    }

    public function testAPageWithoutRecipeDataFallsBackToWhatIsVisible(): void
    {
        $html = '<html><head><style>p{color:red}</style></head><body><nav>Home Recipes</nav><h1>Shanks with barley</h1><p>Serves'
            .' 4</p><ul><li>4 lamb shanks<li>150&nbsp;g pearl barley</li><li>1 litre lamb stock</li></ul>'
            .'<p onclick="alert(1)">Brown the shanks, add the rest, cover &amp; simmer for 3 hours.</p><script>2 onions</script><!-- 3'
            .' carrots --><img src=x onerror=alert(1)></body></html>';
        $reading = self::read($html, 'page.html');

        self::assertSame('Shanks with barley', $reading->title);
        self::assertCount(3, $reading->ingredients);
        self::assertStringNotContainsString('alert', $reading->text);
        self::assertStringNotContainsString('carrots', $reading->text);
        self::assertSame(3.0, $reading->original?->hours);
    }

    public function testNoLineOfALongRecipeIsDropped(): void
    {
        $lines = array_map(static fn (int $k): string => "$k g salt number $k", range(1, 900));
        $text = self::file()->text(
            json_encode([...self::RECIPE, 'recipeIngredient' => $lines], \JSON_THROW_ON_ERROR), 'long.json', new Problems(), 'text',
        );

        self::assertNotNull($text);
        self::assertSame(900, substr_count($text, 'g salt number'));
        self::assertStringContainsString('Stir in the prunes and serve.', $text);
    }

    public function testOldEncodingsAreRead(): void
    {
        $text = "Entrecôte’s cousin\n1 kg beef shin\n½ bottle red wine\n150 g crème fraîche\n";
        foreach (['Windows-1252' => '', 'UTF-16LE' => "\xff\xfe"] as $encoding => $mark) {
            $reading = self::read($mark.mb_convert_encoding($text, $encoding, 'UTF-8'), 'old.txt');
            self::assertSame('Entrecôte’s cousin', $reading->title, $encoding);
            self::assertSame('soured-cream', $reading->ingredients[2]->food?->id);
        }
        $page = mb_convert_encoding(
            '<html><head><meta charset="iso-8859-1"></head><body><p>1 kg beef shin</p><p>150 g crème fraîche</p></body></html>',
            'ISO-8859-1', 'UTF-8',
        );
        self::assertSame('soured-cream', self::read($page, 'old.html')->ingredients[1]->food?->id);
    }

    /** @return iterable<string, array{string, string, string}> content, name, problem */
    public static function unusable(): iterable
    {
        yield 'broken JSON' => ['{"@type": "Recipe", ', 'x.json', 'json-not-understood'];
        yield 'deep JSON' => [str_repeat('[', 100_000), 'x.json', 'json-not-understood'];
        yield 'no recipe' => ['{"@type": "Person"}', 'x.json', 'json-without-recipe'];
        yield 'an empty page' => ['<html><script>var a</script></html>', 'x.html', 'page-without-text'];
    }

    #[DataProvider('unusable')]
    public function testWhatCannotBeUsedIsSaid(string $content, string $name, string $code): void
    {
        $problems = new Problems();

        self::assertNull(self::file()->text($content, $name, $problems, 'text'));
        self::assertSame([$code, 'text'], [$problems->all()[0]->code, $problems->all()[0]->path]);
    }

    public function testHostilePagesEndSoon(): void
    {
        $bomb = '<!DOCTYPE html [<!ENTITY a "1 kg beef "><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">'.implode(
            '', array_map(static fn (int $i): string => "<!ENTITY c$i \"&c".($i - 1).';&c'.($i - 1).';">', range(1, 40)),
        ).']><html><body><p>&c40;</p><p>2 onions</p></body></html>';
        foreach ([
            $bomb, '<html>'.str_repeat('<div>', 30_000).'2 onions', '<p>'.str_repeat('<b onclick=x>2 onions ', 40_000),
            '<html><body>'.str_repeat('a', 1_000_000),
        ] as $page) {
            $text = (string) self::file()->text($page, 'x.html', new Problems(), 'text');
            self::assertLessThan(1_100_000, \strlen($text));
            self::assertStringNotContainsString('onclick', $text);
        }
        self::assertLessThan(256 * 1024 * 1024, memory_get_peak_usage());
    }

    private static function file(): RecipeFile
    {
        return new RecipeFile(new JsonLdRecipe(), new HtmlPage());
    }

    private static function read(string $content, string $name): Reading
    {
        $problems = new Problems();
        $text = self::file()->text($content, $name, $problems, 'text');
        $reading = null === $text ? null : (new RecipeReader(Larder::load(), Cuts::load()))->read($text, $problems);
        self::assertNotNull($reading, $problems->all()[0]->code ?? '');

        return $reading;
    }
}
