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

    public function testASavedPageIsOpenedAndIsABraiseAtOnce(): void
    {
        $this->open('/bring');
        $this->see('Open a file');
        $file = sys_get_temp_dir().'/pausis-page-'.getmypid().'.html';
        file_put_contents($file, self::PAGE);
        self::$driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->see('As it was written');
        unlink($file);
        $this->assertHolds('Name of the braise', 'Shin with dried lime');
        $this->see('2 to look at');
        $this->assertHolds('Oven', '150 °C');
        $this->assertSound();
        self::$driver->navigate()->refresh();
        $this->see('2 to look at');
    }

    #[Depends('testASavedPageIsOpenedAndIsABraiseAtOnce')]
    public function testAFoodOfTheOriginalLeadsToItsLine(): void
    {
        $this->press('wobbleroot: not known yet, a guess; to its line');
        $this->assertHolds('Amount of a tub of wobbleroot', 'a tub');
    }

    #[Depends('testAFoodOfTheOriginalLeadsToItsLine')]
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
        $this->press('✓carrots');
        $this->press('Join to the line above');
        $this->field('Amount of 2 onions 3 carrots');
        $this->press('Split into two lines');
        self::waitFor(
            static fn (): bool => true === self::$driver->executeScript(
                'return document.activeElement.ariaLabel?.startsWith("Where to split") ?? false',
            ),
            self::WAIT_SECONDS, 'the line to be split to have the focus',
        );
        self::$driver->executeScript('document.activeElement.setSelectionRange(8, 8)');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->field('Amount of 2 onions');
        $this->see('carrots');
        $this->press('Its ');
        $this->choose('What is done: Brown the shin, 5 minutes a side.', 'blanch');
        $this->press('Undo');
        $this->assertConsoleClean();
    }

    #[Depends('testLinesAreJoinedAndSplit')]
    public function testAPartIsMovedWholeAndALineIsAdded(): void
    {
        $this->type('One more line', '2 bay leaves');
        $this->press('Add it');
        $this->see('bay leaves');
        $this->press('✓bay leaves');
        $this->choose('Part of 2 bay leaves', 'On top, at the table');
        $this->choose('Move all of On top, at the table', 'Goes into the pot');
        $this->dontSee('Move all of On top');
        $this->assertSound();
    }

    #[Depends('testAPartIsMovedWholeAndALineIsAdded')]
    public function testAChangeIsRefusedSetAndUndone(): void
    {
        $this->go('Pot');
        $this->choose('Cooker', 'The big oval');
        $this->go('Day');
        $this->pickDay('Eat on', '2026-11-27');
        $this->type('Eat at', '19:00');
        $this->go('Changes');
        $this->see('Heat the oven to 150 °C.');
        $this->press('refuse: 1.2 L beef stock');
        $this->see('1 refused');
        $this->see('kept');
        self::$driver->navigate()->refresh();
        $this->see('1 refused');
        $this->assertSound();
        // Undo outlives the reload.
        self::$driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z']);
        $this->dontSee('1 refused');
        $this->press('refuse: 1.2 L beef stock');
        $this->see('1 refused');
        $this->press('restore: 1.2 L beef stock');
        $this->dontSee('1 refused');
        $this->press('set otherwise: 1.2 L beef stock');
        $this->type('pour instead', 'a bucket');
        $this->see('wasn’t understood as an amount of liquid');
        $this->assertHolds('pour instead', 'a bucket');
        $this->type('pour instead', '400 mL');
        $this->see('1 set by you');
        $this->press('Undo');
        $this->assertSound();
    }

    #[Depends('testACorrectionIsRememberedAndCanBeForgotten')]
    public function testTheKitchenListsWhatWordsMeanAndForgetsThem(): void
    {
        $this->open('/kitchen');
        $this->see('“wobbleroot”');
        $this->assertSound();
        $this->press('Forget what wobbleroot means');
        $this->see('Nothing has been corrected yet.');
    }

    public function testAnAnswerIsComparedBeforeItIsGivenAndWhatIsNotTakenIsLeft(): void
    {
        $this->openBraise('VENISON', 'recipe');
        $this->see('How many pieces are that?');
        $this->press('6 pieces');
        self::waitFor(
            static fn (): bool => [] !== self::$driver->findElements(WebDriverBy::xpath('//button[@role="radio"]//*[@role="img"]')),
            self::WAIT_SECONDS, 'the answers compared',
        );
        $this->press('Undo');
        $this->see('How many pieces are that?');
        $this->assertSound();
    }
}
