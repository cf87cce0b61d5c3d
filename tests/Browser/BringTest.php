<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;

/** Bringing a recipe: opened from a file, read, corrected, remembered; and the ledger's changes refused. */
final class BringTest extends BrowserTestCase
{
    private const PAGE = <<<'HTML'
        <!DOCTYPE html><html><head><meta charset="utf-8"><script>document.title = "run"</script>
        <script type="application/ld+json">{"@context": "https://schema.org", "@graph": [
        {"@type": "Recipe", "name": "Shin with dried lime", "recipeYield": "4",
        "recipeIngredient": ["1.3 kg beef shin", "2 onions and 3 carrots", "1.2 litres beef stock", "a tub of wobbleroot",
        "1 bottle dry cider", "8 tsp salt"],
        "recipeInstructions": [{"@type": "HowToStep", "text": "Heat the oven to 150 °C."}, 
        {"@type": "HowToStep", "text": "Brown the shin, 5 minutes a side."}, 
        {"@type": "HowToStep", "text": "Cover and cook in the oven for 4 hours."}]}]}</script></head>
        <body><p>Hello</p></body></html>
        HTML;

    public function testASavedPageIsOpenedAndReadBesideItsOriginal(): void
    {
        $this->open('/bring');
        $this->see('Open a file');
        $file = sys_get_temp_dir().'/pausis-page-'.getmypid().'.html';
        file_put_contents($file, self::PAGE);
        self::$driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->see('What was read');
        unlink($file);
        $this->assertHolds('Name', 'Shin with dried lime');
        $this->see('2 to look at');
        $this->see('150 °C');
        $this->assertSound();
    }

    #[Depends('testASavedPageIsOpenedAndReadBesideItsOriginal')]
    public function testAFoodOfTheOriginalLeadsToItsReading(): void
    {
        $this->press('wobbleroot: not known yet, a guess; to its reading');
        self::assertSame(
            'Amount of a tub of wobbleroot', self::$driver->executeScript('return document.activeElement.getAttribute("aria-label")'),
        );
    }

    #[Depends('testAFoodOfTheOriginalLeadsToItsReading')]
    public function testACorrectionIsRememberedAndCanBeForgotten(): void
    {
        $this->type('Food of a tub of wobbleroot', 'swede');
        $this->type('Amount of a tub of wobbleroot', '300 g');
        $this->see('Remembered: “wobbleroot” is swede');
        $this->see('1 to look at');
        $this->assertSound();
        self::$driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z']);
        $this->assertHolds('Amount of a tub of wobbleroot', 'a tub');
        $this->press('Redo');
        $this->assertHolds('Amount of a tub of wobbleroot', '300 g');
    }

    #[Depends('testACorrectionIsRememberedAndCanBeForgotten')]
    public function testLinesAreJoinedAndSplit(): void
    {
        $this->pick('More for 3 carrots', 'Join to the line above');
        $this->field('Amount of 2 onions 3 carrots');
        $this->pick('More for 2 onions 3 carrots', 'Split into two lines');
        self::waitFor(
            static fn (): bool => true === self::$driver->executeScript(
                'return document.activeElement.ariaLabel?.startsWith("Where to split") ?? false',
            ),
            self::WAIT_SECONDS, 'the line to be split to have the focus',
        );
        self::$driver->executeScript('document.activeElement.setSelectionRange(8, 8)');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->field('Amount of 3 carrots');
        $this->field('Amount of 2 onions');
        $this->choose('What is done: Brown the shin, 5 minutes a side.', 'blanch');
        $this->press('Undo');
        $this->assertConsoleClean();
    }

    #[Depends('testLinesAreJoinedAndSplit')]
    public function testAChangeIsRefusedSetAndUndone(): void
    {
        $this->press('Go on: meat, cooker and day');
        $this->see('What changes in the recipe');
        $this->setValue('Eat on', '2026-11-27');
        $this->setValue('at', '19:00');
        $this->choose('Cooker', 'The big oval');
        $this->see('eat at 19:00');
        $this->see('Heat the oven to 150 °C.');
        $this->press('Refuse: 1.2 L beef stock');
        $this->see('1 refused');
        $this->see('Saved');
        self::$driver->navigate()->refresh();
        $this->see('1 refused');
        $this->assertSound();
        self::$driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z']);
        $this->press('Restore: 1.2 L beef stock');
        $this->dontSee('1 refused');
        $this->press('Set otherwise: 1.2 L beef stock');
        $this->type('pour instead', 'a bucket');
        $this->see('wasn’t understood as an amount of liquid');
        $this->assertHolds('pour instead', 'a bucket');
        $this->type('pour instead', '400 mL');
        $this->see('1 set by you');
        $this->press('Undo');
        $this->assertSound();
    }

    #[Depends('testACorrectionIsRememberedAndCanBeForgotten')]
    public function testTheHouseListsWhatWordsMeanAndForgetsThem(): void
    {
        $this->open('/house');
        $this->see('“wobbleroot”');
        $this->assertSound();
        $this->press('Forget what wobbleroot means');
        $this->see('Nothing has been corrected yet.');
    }
}
