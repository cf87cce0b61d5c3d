<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** From the paste to the plate: what the recipe does is what changes, what is printed, and what the stove says. */
final class PlateTest extends BrowserTestCase
{
    private const PLAIN = <<<'TEXT'
        Plain beef braise
        Serves 4

        1.3 kg beef chuck
        2 onions
        200 ml red wine
        500 ml beef stock
        2 bay leaves

        Brown the beef. Soften the onions for 10 minutes. Pour in the wine and boil it down by half.
        Add the beef, stock and bay, cover and cook in the oven at 150 °C for 3 hours.
        Lift out the beef and strain the sauce. Serve.
        TEXT;
    private const SLOW = <<<'TEXT'
        Slow cooker beef cheeks
        Serves 4

        1.2 kg beef cheeks
        2 onions, sliced
        300 ml beef stock
        2 tbsp soy sauce
        150 g peas

        Put everything but the peas into the slow cooker.
        Cook on low for 8 to 9 hours or on high for 5 hours.
        Stir in the peas for the last 10 minutes. Serve.
        TEXT;
    private const TWO_PARTS = <<<'TEXT'
        Pulled pork with mash
        Serves 6

        1.6 kg pork shoulder
        2 onions
        300 ml chicken stock
        1 sprig rosemary

        For the mash:
        1 kg potatoes
        200 ml milk

        Brown the pork. Put it in a casserole with the onions, stock and rosemary.
        Cover and cook in the oven at 150 °C for 4 hours.
        Lift out the pork and pull it apart with two forks. Take out the rosemary.
        Meanwhile boil the potatoes for 20 minutes and mash them with the milk.
        Serve the pork on the mash.
        TEXT;
    private const GLAZED = <<<'TEXT'
        Glazed short ribs
        Serves 4

        1.6 kg beef short ribs, on the bone
        60 ml soy sauce
        100 ml mirin
        690 ml water
        60 g brown sugar
        2 star anise

        Put the ribs into a casserole with the soy sauce, mirin, water, sugar and star anise.
        Cover and braise in the oven at 160 °C for 3 hours.
        Lift out the ribs. Strain the liquid and boil it down for about 15 minutes until it coats a spoon.
        Turn the ribs in the glaze for 5 minutes. Serve on the bone.
        TEXT;
    private const BLENDED = <<<'TEXT'
        Lamb neck with a blended sauce
        Serves 4

        1 kg lamb neck fillet
        2 onions, chopped
        2 carrots, chopped
        400 ml lamb stock
        1 sprig rosemary, tied with string

        Brown the lamb, 3 minutes a side. Soften the onions and carrots for 10 minutes.
        Add the stock and the rosemary. Cook, covered, at 150 °C for 2 1/2 hours.
        Take out the lamb. Blend the vegetables and the liquid until smooth and pass it through a sieve. Serve.
        TEXT;
    private const PULLED_BACK = <<<'TEXT'
        Pulled pork in its juices
        Serves 8

        2 kg pork shoulder
        2 onions, sliced
        250 ml cider
        200 ml ketchup

        Put the onions in the slow cooker and the pork on top. Pour over the cider.
        Cook on low for 8 to 10 hours, or on high for 5 to 6. Lift the pork onto a board.
        Boil the juices down by half in a saucepan with the ketchup.
        Shred the pork with two forks. Put it back in the juices for 15 minutes. Serve.
        TEXT;
    private const BONE_IN = <<<'TEXT'
        Shanks with lemon
        Serves 4

        4 lamb shanks, about 350 g each
        2 onions, sliced
        1 strip lemon peel
        300 ml chicken stock
        2 bay leaves

        Brown the shanks, 4 minutes a side. Soften the onions for 8 minutes. Add the stock, peel and bay.
        Cover and cook in the oven at 150 °C for 2 1/2 hours.
        Fish out the bay. Serve a shank each, on the bone.
        TEXT;

    /** @return iterable<string, array{string, list<string>, list<string>, string}> recipe; what workbench, stove and fork say */
    public static function recipes(): iterable
    {
        yield 'plain' => [
            self::PLAIN, ['boiled down in the pan to 100 mL', 'take out: bay leaves'],
            ['Lift the meat out', 'take out: bay leaves', 'Strain'], 'Slides in',
        ];
        yield 'slow cooker' => [
            self::SLOW, ['the recipe: 5 h', 'In with the peas'], ['In with the peas', 'Taste, season, plate and serve'], 'Slides in',
        ];
        yield 'two parts' => [
            self::TWO_PARTS, ['Peel and cut: mash, 1 kg potatoes', 'Boil: mash'], ['Shred the meat', 'rosemary'], 'Falls apart',
        ];
        yield 'glazed' => [
            self::GLAZED, ['boil it down for about 15 minutes', 'take out: star anise'], ['Reduce the sauce', 'Glaze'], 'Slides in',
        ];
        yield 'blended' => [self::BLENDED, ['take out: rosemary, string'], ['Blend the sauce', 'Through a sieve'], 'Slides in'];
        yield 'shredded and back' => [
            self::PULLED_BACK, ['boil', 'The meat back into the sauce'], ['Shred the meat', 'The meat back into the sauce'], 'Falls apart',
        ];
        yield 'on the bone' => [
            self::BONE_IN, ['Brown the meat'], ['lemon peel, bay leaves', 'Taste, season, plate and serve'], 'Slides in',
        ];
    }

    /**
     * @param list<string> $changes
     * @param list<string> $atTheStove
     */
    #[DataProvider('recipes')]
    public function testFromPasteToPlate(string $recipe, array $changes, array $atTheStove, string $fork): void
    {
        $this->resize(1280, 800);
        $this->open('/bring');
        $this->type('The recipe, as it is written', $recipe);
        $this->press('Read it');
        $this->see('As it was written');
        $this->go('Day');
        // A day of its own: the work for another braise keeps its time.
        $number = (int) array_search($this->dataName(), array_keys([...self::recipes()]), true);
        $this->pickDay('Eat on', \sprintf('2026-12-%02d', 1 + $number));
        $this->type('Eat at', '19:00');
        $this->see('eat at 19:00');
        $day = $this->pageText();
        $this->go('Changes');
        $this->see('To the plate');
        $shown = $day.$this->pageText();
        foreach ($changes as $change) {
            self::assertStringContainsStringIgnoringCase($change, $shown);
        }
        $this->assertSound();
        $this->go('Stove');
        $this->press('otherwise');
        $this->type('already, at', '12:30');
        $this->press('Switched on');
        $this->press('For dinner on');
        $this->see('Something else');
        if (!str_contains($this->pageText(), 'What does the fork say?')) {
            $this->press('Ask the fork');
        }
        $this->see('What does the fork say?');
        // The question was a problem document of its own.
        self::$driver->manage()->getLog('browser');
        $this->resize(390, 844);
        $this->press('Something else');
        foreach ($atTheStove as $said) {
            $this->see($said);
        }
        $this->assertSound();
        $this->press('Back to the stove');
        $this->press($fork);
        $this->see('Ready now.');
        $this->press('Something else');
        $this->press('Close this cook');
        $this->see('It is in the notebook.');
        $this->resize(1280, 800);
    }
}
