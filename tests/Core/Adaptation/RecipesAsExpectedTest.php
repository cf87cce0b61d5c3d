<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Uses;
use Pausis\Core\Adaptation\LedgerChoices;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Schedule\Caught;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Recipe\Said;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Recipes from their text to the work: what a careful cook would do, in which order, and how long it takes. */
final class RecipesAsExpectedTest extends TestCase
{
    private const MINUTES = 0.2;
    /** The same of every braise. */
    private const ALWAYS = ['fork-test', 'plate', 'portion', 'into-fridge'];

    /** @return iterable<string, array{array<string, int>}> minutes by work, in order */
    public static function recipes(): iterable
    {
        yield 'amounts-behind-the-food' => [[
            'cut-vegetables' => 4, 'dry-meat' => 3, 'stand' => 30, 'brown-meat' => 8, 'fry-base' => 11, 'load' => 5,
            'add-i11' => 5, 'fry-apart' => 3, 'strain-and-skim' => 4, 'side-work' => 5,
        ]];
        yield 'apples-half-an-hour-before' => [[
            'cut-vegetables' => 10, 'render' => 5, 'dry-meat' => 3, 'brown-meat' => 11, 'fry-base' => 9,
            'boil-wine-down' => 6, 'heat-up' => 8, 'load' => 5, 'add-i5' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'take-out' => 2, 'shred-meat' => 7, 'cream-in' => 2, 'back-in' => 5, 'side-work' => 20, 'side-work-2' => 5,
        ]];
        yield 'baked-as-a-pie' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 7, 'fry-base' => 5, 'boil-wine-down' => 6, 'load' => 5,
            'heat-oven' => 15, 'take-out' => 2, 'lift-out' => 5, 'strain-and-skim' => 4, 'rest-meat' => 20, 'mix' => 4,
            'glaze' => 3, 'crisp' => 30,
        ]];
        yield 'beans-and-cold-fat' => [[
            'night-soak' => 5, 'cut-vegetables' => 9, 'blanch' => 15, 'beans-on' => 5, 'fry-base' => 9, 'boil-wine-down' => 6,
            'load' => 5, 'strain-and-skim' => 4, 'take-out' => 2,
        ]];
        yield 'belly-in-dark-caramel' => [[
            'blanch' => 15, 'caramel' => 5, 'brown-meat' => 8, 'load' => 5, 'side-work' => 8, 'side-work-2' => 5,
            'add-i11' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 15, 'back-in' => 5, 'glaze' => 3,
        ]];
        yield 'blanched-and-glazed-ribs' => [[
            'cut-vegetables' => 13, 'stand' => 30, 'blanch' => 15, 'stand-2' => 20, 'mix' => 7, 'load' => 5, 'add-i10' => 5,
            'add-i16' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 9, 'glaze' => 8,
        ]];
        yield 'blended-from-dried-chillies' => [[
            'cut-vegetables' => 2, 'dry-meat' => 3, 'brown-meat' => 10, 'stand' => 15, 'mix' => 7, 'load' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'take-out' => 2, 'shred-meat' => 10, 'back-in' => 5, 'side-work' => 10,
            'side-work-2' => 30,
        ]];
        yield 'blended-sieved-and-sliced' => [[
            'cut-vegetables' => 4, 'fry-base' => 14, 'dry-meat' => 3, 'brown-meat' => 8, 'boil-wine-down' => 11,
            'heat-up' => 8, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'blend-sauce' => 5, 'sieve' => 4,
            'reduce' => 8, 'carve-meat' => 5, 'back-in' => 5, 'simmer-on' => 3,
        ]];
        yield 'boiled-twice' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 16, 'fry-base' => 8, 'boil-wine-down' => 10, 'load' => 5,
            'add-i5' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 22, 'back-in' => 5,
        ]];
        yield 'boned-by-hand' => [[
            'cut-vegetables' => 3, 'render' => 15, 'fry-base' => 2, 'boil-wine-down' => 7, 'load' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'rest-meat' => 10, 'take-out' => 2, 'shred-meat' => 6, 'back-in' => 5, 'rest-meat-2' => 30,
            'side-work' => 7,
        ]];
        yield 'brisket-for-tacos' => [[
            'cut-vegetables' => 3, 'mix' => 6, 'dry-meat' => 3, 'mix-2' => 4, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5,
            'rest-meat' => 10, 'shred-meat' => 10, 'strain-and-skim' => 4, 'reduce' => 8, 'back-in' => 5, 'crisp' => 4,
            'side-work' => 16,
        ]];
        yield 'browned-in-the-oven-after' => [[
            'night-cut' => 2, 'night-salt' => 5, 'cut-vegetables' => 12, 'load' => 5, 'heat-oven' => 15, 'lift-out' => 5,
            'crisp' => 15, 'strain-and-skim' => 4, 'reduce' => 5, 'side-work' => 10,
        ]];
        yield 'caramel-and-eggs' => [[
            'cut-vegetables' => 1, 'mix-spices' => 3, 'blanch' => 13, 'caramel' => 6, 'load' => 5, 'side-work' => 8,
            'add-i2' => 5, 'strain-and-skim' => 4, 'take-out' => 2, 'side-work-2' => 22,
        ]];
        yield 'carnitas-broiled-twice' => [[
            'cut-vegetables' => 2, 'mix' => 5, 'dry-meat' => 3, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5,
            'shred-meat' => 11, 'strain-and-skim' => 4, 'reduce' => 12, 'crisp' => 10,
        ]];
        yield 'cheeks-and-celeriac' => [[
            'cut-vegetables' => 5, 'fry-base' => 12, 'dry-meat' => 3, 'brown-meat' => 16, 'boil-wine-down' => 20,
            'heat-up' => 8, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'sieve' => 4, 'reduce' => 25,
            'back-in' => 5, 'side-cut' => 11, 'side-work' => 20, 'side-work-2' => 8, 'side-work-3' => 10,
        ]];
        yield 'chiles-and-masa' => [[
            'cut-vegetables' => 2, 'fry-base' => 2, 'stand' => 30, 'toast-spices' => 1, 'mix' => 5, 'dry-meat' => 3,
            'brown-meat' => 15, 'fry-base-2' => 3, 'load' => 5, 'strain-and-skim' => 4, 'slurry' => 2,
        ]];
        yield 'chilli-to-shred' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 12, 'boil-wine-down' => 2,
            'heat-up' => 8, 'load' => 5, 'add-i5' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'shred-meat' => 9,
            'back-in' => 5, 'rest-meat' => 15,
        ]];
        yield 'chilli-with-guacamole' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 12, 'fry-base' => 12, 'heat-up' => 8, 'load' => 5,
            'add-i12' => 5, 'strain-and-skim' => 4, 'side-work' => 10, 'side-work-2' => 12,
        ]];
        yield 'chillies-blended-by-the-hour' => [[
            'cut-vegetables' => 2, 'load' => 5, 'fry-apart' => 20, 'mix' => 6, 'sieve' => 4, 'add-i7' => 5, 'take-out' => 2,
            'strain-and-skim' => 4, 'shred-meat' => 9,
        ]];
        yield 'cream-half-an-hour-before' => [[
            'cut-vegetables' => 7, 'dry-meat' => 3, 'stand' => 60, 'brown-meat' => 10, 'fry-base' => 8, 'boil-wine-down' => 5,
            'load' => 5, 'slurry' => 20, 'side-work' => 20,
        ]];
        yield 'dashes-on-a-card' => [[
            'night-salt' => 5, 'cut-vegetables' => 5, 'render' => 8, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 6,
            'boil-wine-down' => 8, 'load' => 5, 'add-i7' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'rest-meat' => 10,
            'reduce' => 15, 'glaze' => 8,
        ]];
        yield 'dictated-boned-and-sliced' => [[
            'cut-vegetables' => 10, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 5, 'boil-wine-down' => 6, 'load' => 5,
            'add-i4' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'shred-meat' => 7, 'carve-meat' => 5, 'cream-in' => 2,
            'simmer-on' => 15, 'back-in' => 5, 'side-work' => 20, 'side-work-2' => 5,
        ]];
        yield 'duck-and-cherries' => [[
            'night-marinate' => 10, 'cut-vegetables' => 2, 'dry-meat' => 3, 'brown-meat' => 17, 'fry-base' => 5,
            'boil-wine-down' => 6, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5, 'crisp' => 5, 'strain-and-skim' => 4,
            'reduce' => 8, 'side-work' => 5,
        ]];
        yield 'duck-on-lentils' => [[
            'cut-vegetables' => 8, 'dry-meat' => 3, 'brown-meat' => 16, 'fry-base' => 9, 'boil-wine-down' => 7, 'load' => 5,
            'heat-oven' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'take-out' => 2, 'crisp' => 5,
        ]];
        yield 'dumplings-in-a-mail' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 15, 'fry-base' => 10, 'boil-wine-down' => 6, 'load' => 5,
            'take-out' => 2, 'strain-and-skim' => 4, 'side-work' => 13, 'side-work-2' => 45,
        ]];
        yield 'dumplings-made-meanwhile' => [[
            'cut-vegetables' => 4, 'dry-meat' => 3, 'brown-meat' => 16, 'fry-base' => 10, 'load' => 5, 'strain-and-skim' => 4,
            'side-cut' => 12, 'side-work' => 20, 'side-work-2' => 5,
        ]];
        yield 'eggs-and-noodles' => [[
            'dry-meat' => 3, 'brown-meat' => 12, 'load' => 5, 'look-s3.2' => 5, 'lift-out' => 5, 'rest-meat' => 20,
            'strain-and-skim' => 4, 'side-work' => 7, 'side-cut' => 4, 'side-work-2' => 4,
        ]];
        yield 'eggs-in-the-pot' => [[
            'cut-vegetables' => 2, 'mix-spices' => 3, 'blanch' => 13, 'caramel' => 6, 'dry-meat' => 3, 'brown-meat' => 8,
            'fry-base' => 1, 'heat-up' => 8, 'load' => 5, 'side-work' => 8, 'side-work-2' => 5, 'add-i2' => 5,
            'take-out' => 2, 'strain-and-skim' => 4, 'side-cut' => 4, 'side-work-3' => 1,
        ]];
        yield 'few-words-crackly-thighs' => [[
            'stand' => 30, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'crisp' => 7,
            'reduce' => 8,
        ]];
        yield 'forum-pork-and-its-sauce' => [[
            'night-marinate' => 10, 'cut-vegetables' => 4, 'mix-spices' => 4, 'load' => 5, 'lift-out' => 5, 'rest-meat' => 15,
            'shred-meat' => 14, 'strain-and-skim' => 4, 'reduce' => 21, 'back-in' => 5,
        ]];
        yield 'garlic-after-an-hour' => [[
            'cut-vegetables' => 5, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 10, 'boil-wine-down' => 10,
            'heat-up' => 8, 'load' => 5, 'look-s9.1' => 5, 'add-i6' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'blend-sauce' => 5, 'side-cut' => 10, 'side-work' => 20, 'side-work-2' => 5,
        ]];
        yield 'glaze-in-a-small-pan' => [[
            'load' => 5, 'heat-oven' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'glaze' => 8, 'take-out' => 2,
            'crisp' => 4, 'glaze-2' => 3, 'crisp-2' => 3, 'side-work' => 10,
        ]];
        yield 'glazed-in-the-oven' => [[
            'night-soak' => 5, 'cut-vegetables' => 2, 'load' => 5, 'heat-oven' => 15, 'lift-out' => 5, 'strain-and-skim' => 4,
            'rest-meat' => 15, 'glaze' => 8, 'crisp' => 15, 'glaze-2' => 3, 'crisp-2' => 10, 'rest-meat-2' => 10,
            'side-work' => 7,
        ]];
        yield 'glazed-roots-in-late' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 17, 'fry-base' => 2, 'boil-wine-down' => 5,
            'heat-up' => 8, 'load' => 5, 'side-work' => 5, 'side-work-2' => 10, 'add-i10' => 5, 'take-out' => 2,
            'strain-and-skim' => 4, 'side-cut' => 2, 'side-work-3' => 4,
        ]];
        yield 'heat-is-no-verb' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 5, 'boil-wine-down' => 4,
            'heat-up' => 8, 'load' => 5, 'strain-and-skim' => 4,
        ]];
        yield 'high-then-low-with-rice' => [[
            'night-cut' => 2, 'night-marinate' => 10, 'cut-vegetables' => 4, 'load' => 5, 'add-i11' => 5, 'take-out' => 2,
            'strain-and-skim' => 4, 'side-work' => 5, 'side-work-2' => 18,
        ]];
        yield 'hocks-and-parsley-sauce' => [[
            'night-soak' => 5, 'cut-vegetables' => 6, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'shred-meat' => 8,
            'side-cut' => 11, 'side-work' => 20, 'side-work-2' => 5, 'side-work-3' => 4, 'side-work-4' => 8,
        ]];
        yield 'hocks-off-the-bone' => [[
            'night-soak' => 5, 'cut-vegetables' => 5, 'heat-up' => 8, 'simmer-first' => 5, 'load' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'take-out' => 2, 'shred-meat' => 8, 'blend-sauce' => 5, 'simmer-on' => 10,
        ]];
        yield 'hocks-soaked-for-salt' => [[
            'night-soak' => 5, 'cut-vegetables' => 7, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'shred-meat' => 8,
            'back-in' => 5,
        ]];
        yield 'lamb-on-a-card' => [[
            'cut-vegetables' => 11, 'dry-meat' => 3, 'brown-meat' => 12, 'boil-wine-down' => 6, 'load' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'rest-meat' => 20, 'reduce' => 5, 'slurry' => 3,
        ]];
        yield 'list-in-a-paragraph' => [[
            'cut-vegetables' => 3, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 15, 'boil-wine-down' => 5,
            'heat-up' => 8, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4, 'side-work' => 5, 'side-work-2' => 18,
            'side-work-3' => 10, 'side-work-4' => 3,
        ]];
        yield 'marinade-kept-on-one-line' => [[
            'night-cut' => 3, 'night-marinate' => 10, 'dry-meat' => 3, 'cut-vegetables' => 6, 'render' => 8,
            'brown-meat' => 24, 'fry-base' => 8, 'boil-wine-down' => 15, 'load' => 5, 'add-i7' => 5, 'take-out' => 2,
        ]];
        yield 'marinated-in-a-bowl' => [[
            'night-marinate' => 10, 'cut-vegetables' => 4, 'dry-meat' => 3, 'render' => 6, 'brown-meat' => 20,
            'fry-base' => 11, 'boil-wine-down' => 15, 'load' => 5, 'add-i11' => 5, 'rest-meat' => 15, 'strain-and-skim' => 4,
            'take-out' => 2, 'side-work' => 10,
        ]];
        yield 'masala-in-one-line' => [[
            'night-toast-spices' => 2, 'night-mix' => 5, 'night-marinate' => 10, 'cut-vegetables' => 8, 'mix-spices' => 6,
            'fry-base' => 15, 'brown-meat' => 5, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4, 'rest-meat' => 10,
        ]];
        yield 'meanwhile-the-sauce' => [[
            'cut-vegetables' => 2, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5, 'crisp' => 5, 'strain-and-skim' => 4,
            'slurry' => 2,
        ]];
        yield 'mushrooms-before-serving' => [[
            'cut-vegetables' => 8, 'render' => 8, 'boil-wine-down' => 3, 'fry-base' => 6, 'boil-wine-down-2' => 15,
            'dry-meat' => 3, 'brown-meat' => 16, 'heat-up' => 8, 'simmer-first' => 10, 'load' => 5, 'fry-apart' => 8,
            'lift-out' => 5, 'strain-and-skim' => 4, 'back-in' => 5, 'reduce' => 10,
        ]];
        yield 'mushrooms-fried-apart' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 12, 'boil-wine-down' => 7, 'load' => 5,
            'fry-apart' => 6, 'lift-out' => 5, 'strain-and-skim' => 4, 'rest-meat' => 15, 'take-out' => 2, 'reduce' => 10,
            'slurry' => 5, 'carve-meat' => 6,
        ]];
        yield 'next-day-cold-fat' => [[
            'cut-vegetables' => 7, 'fry-base' => 25, 'dry-meat' => 3, 'brown-meat' => 24, 'boil-wine-down' => 15, 'load' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'carve-meat' => 8, 'reduce' => 10, 'back-in' => 10,
        ]];
        yield 'off-the-bones-and-back' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 7, 'fry-base' => 7, 'boil-wine-down' => 4, 'load' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'shred-meat' => 7, 'back-in' => 5, 'reduce' => 7, 'side-work' => 9,
            'side-work-2' => 5,
        ]];
        yield 'only-in-a-case' => [[
            'cut-vegetables' => 5, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 4,
        ]];
        yield 'orzo-once-it-is-out' => [[
            'cut-vegetables' => 2, 'dry-meat' => 3, 'load' => 5, 'lift-out' => 5, 'simmer-on' => 20, 'strain-and-skim' => 4,
            'shred-meat' => 4,
        ]];
        yield 'paste-and-toasted-coconut' => [[
            'stand' => 20, 'cut-vegetables' => 3, 'mix-spices' => 3, 'mix' => 6, 'fry-base' => 13, 'load' => 5,
            'side-work' => 6, 'side-work-2' => 10, 'add-i16' => 5, 'strain-and-skim' => 4, 'reduce' => 25, 'take-out' => 2,
        ]];
        yield 'paste-pounded' => [[
            'cut-vegetables' => 4, 'toast-spices' => 2, 'mix' => 4, 'fry-base' => 14, 'load' => 5, 'strain-and-skim' => 4,
        ]];
        yield 'paste-the-night-before' => [[
            'night-toast-spices' => 2, 'night-stand' => 20, 'night-mix' => 9, 'night-marinate' => 10, 'cut-vegetables' => 8,
            'fry-base' => 25, 'load' => 5, 'strain-and-skim' => 4, 'side-work' => 20, 'side-work-2' => 10, 'side-work-3' => 5,
        ]];
        yield 'pickled-onions-beside' => [[
            'night-mix' => 7, 'night-marinate' => 10, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4,
            'shred-meat' => 11, 'side-work' => 10,
        ]];
        yield 'potatoes-then-cabbage' => [[
            'cut-vegetables' => 4, 'load' => 5, 'add-i10' => 5, 'add-i11' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'rest-meat' => 10, 'side-work' => 5, 'side-work-2' => 4, 'side-work-3' => 8,
        ]];
        yield 'potatoes-underneath' => [[
            'night-marinate' => 10, 'cut-vegetables' => 19, 'heat-oven' => 15, 'dry-meat' => 3, 'brown-meat' => 25,
            'heat-up' => 8, 'boil-wine-down' => 5, 'load' => 5, 'look-s11.1' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'rest-meat' => 15, 'side-work' => 3,
        ]];
        yield 'pounded-and-roasted-at-the-end' => [[
            'night-cut' => 2, 'night-mix' => 5, 'night-salt' => 5, 'cut-vegetables' => 16, 'load' => 5, 'heat-oven' => 15,
            'lift-out' => 5, 'crisp' => 20, 'strain-and-skim' => 4, 'shred-meat' => 12, 'side-work' => 10,
        ]];
        yield 'prepare-the-vegetables' => [[
            'cut-vegetables' => 10, 'dry-meat' => 3, 'brown-meat' => 8, 'load' => 5, 'strain-and-skim' => 4,
        ]];
        yield 'prunes-in-brandy' => [[
            'cut-vegetables' => 2, 'stand' => 30, 'dry-meat' => 3, 'stand-2' => 30, 'brown-meat' => 10, 'fry-base' => 6,
            'boil-wine-down' => 6, 'load' => 5, 'add-i3' => 5, 'lift-out' => 5, 'cream-in' => 2, 'simmer-on' => 1,
            'back-in' => 5, 'side-work' => 7,
        ]];
        yield 'pulled-and-crisped' => [[
            'cut-vegetables' => 4, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5, 'shred-meat' => 12, 'strain-and-skim' => 4,
            'reduce' => 16, 'crisp' => 5,
        ]];
        yield 'pulled-in-the-pot' => [[
            'toast-spices' => 3, 'stand' => 20, 'toast-spices-2' => 3, 'mix' => 7, 'dry-meat' => 3, 'load' => 5,
            'strain-and-skim' => 4, 'take-out' => 2, 'shred-meat' => 12, 'rest-meat' => 30, 'side-work' => 10,
            'side-work-2' => 10,
        ]];
        yield 'puree-under-its-own-name' => [[
            'night-marinate' => 10, 'cut-vegetables' => 7, 'dry-meat' => 3, 'brown-meat' => 15, 'fry-base' => 8,
            'heat-up' => 8, 'boil-wine-down' => 11, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 31,
            'back-in' => 5, 'side-work' => 5, 'side-work-2' => 15, 'side-work-3' => 10,
        ]];
        yield 'radish-for-the-last-two' => [[
            'cut-vegetables' => 9, 'stand' => 30, 'blanch' => 18, 'mix' => 6, 'load' => 5, 'add-i2' => 5,
            'strain-and-skim' => 4, 'lift-out' => 5, 'reduce' => 4, 'glaze' => 8,
        ]];
        yield 'ragu-and-pasta' => [[
            'cut-vegetables' => 6, 'render' => 8, 'dry-meat' => 3, 'stand' => 30, 'brown-meat' => 16, 'fry-base' => 14,
            'boil-wine-down' => 9, 'load' => 5, 'take-out' => 2, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 6,
            'shred-meat' => 9, 'back-in' => 5, 'side-work' => 8, 'side-work-2' => 5,
        ]];
        yield 'ribs-of-four-sides' => [[
            'dry-meat' => 3, 'brown-meat' => 20, 'mix' => 7, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'slurry' => 5, 'glaze' => 3, 'crisp' => 4,
        ]];
        yield 'ribs-polenta-gremolata' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 16, 'fry-base' => 9, 'boil-wine-down' => 8, 'heat-up' => 8,
            'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 3, 'side-work' => 33, 'side-work-2' => 10,
        ]];
        yield 'roast-is-a-noun' => [[
            'cut-vegetables' => 22, 'dry-meat' => 3, 'brown-meat' => 14, 'mix' => 4, 'heat-up' => 8, 'boil-wine-down' => 2,
            'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'slurry' => 2, 'shred-meat' => 11,
        ]];
        yield 'rolled-and-tied' => [[
            'cut-vegetables' => 13, 'dry-meat' => 20, 'brown-meat' => 10, 'fry-base' => 10, 'boil-wine-down' => 6,
            'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'slurry' => 2, 'cream-in' => 2,
        ]];
        yield 'roots-three-hours-later' => [[
            'cut-vegetables' => 10, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 7, 'boil-wine-down' => 6,
            'heat-up' => 8, 'load' => 5, 'add-i11' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'slurry' => 2,
            'carve-meat' => 6,
        ]];
        yield 'rub-and-hot-sauce' => [[
            'night-marinate' => 10, 'cut-vegetables' => 5, 'simmer-first' => 10, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'glaze' => 3, 'crisp' => 8, 'reduce' => 10,
        ]];
        yield 'rubbed-then-seared' => [[
            'cut-vegetables' => 4, 'mix' => 5, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 10, 'boil-wine-down' => 4,
            'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 3,
        ]];
        yield 'said-late-in-the-cooking' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 8, 'load' => 5, 'add-i5' => 5,
            'add-i6' => 5, 'strain-and-skim' => 4,
        ]];
        yield 'salted-the-night-before' => [[
            'night-marinate' => 10, 'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 12,
            'boil-wine-down' => 5, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4, 'reduce' => 10,
        ]];
        yield 'seared-in-the-insert' => [[
            'night-soak' => 5, 'cut-vegetables' => 3, 'dry-meat' => 3, 'brown-meat' => 10, 'beans-on' => 5, 'fry-base' => 5,
            'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4, 'blend-sauce' => 5, 'rest-meat' => 20,
        ]];
        yield 'shanks-turned-once' => [[
            'cut-vegetables' => 7, 'mix-spices' => 8, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 23, 'load' => 5,
            'look-s10.2' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'cream-in' => 2, 'back-in' => 5, 'side-work' => 5,
        ]];
        yield 'spices-and-couscous' => [[
            'night-marinate' => 10, 'cut-vegetables' => 4, 'dry-meat' => 3, 'brown-meat' => 7, 'load' => 5, 'add-i10' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 11, 'side-work' => 5,
        ]];
        yield 'stew-and-dumplings' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 6, 'boil-wine-down' => 4,
            'heat-up' => 8, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4, 'side-work' => 13, 'side-work-2' => 45,
        ]];
        yield 'stirred-half-way' => [[
            'night-stand' => 30, 'night-mix' => 8, 'night-marinate' => 10, 'cut-vegetables' => 5, 'fry-base' => 27,
            'load' => 5, 'look-s10.2' => 5, 'strain-and-skim' => 4, 'rest-meat' => 30,
        ]];
        yield 'tacos-and-hash' => [[
            'cut-vegetables' => 4, 'toast-spices' => 1, 'mix' => 7, 'load' => 5, 'side-work' => 10, 'lift-out' => 5,
            'strain-and-skim' => 4, 'shred-meat' => 11, 'back-in' => 15, 'side-work-2' => 10,
        ]];
        yield 'thickened-in-one' => [[
            'cut-vegetables' => 7, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'rest-meat' => 15, 'slurry' => 2,
            'carve-meat' => 6,
        ]];
        yield 'thighs-and-pasta' => [[
            'cut-vegetables' => 10, 'dry-meat' => 3, 'brown-meat' => 14, 'fry-base' => 11, 'boil-wine-down' => 5, 'load' => 5,
            'add-i12' => 5, 'take-out' => 2, 'strain-and-skim' => 4, 'side-work' => 9, 'side-work-2' => 5,
        ]];
        yield 'thighs-in-cider' => [[
            'cut-vegetables' => 9, 'dry-meat' => 3, 'brown-meat' => 10, 'render' => 5, 'fry-base' => 8, 'boil-wine-down' => 5,
            'load' => 5, 'heat-oven' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'crisp' => 4, 'cream-in' => 2,
            'simmer-on' => 2, 'back-in' => 5, 'side-work' => 5,
        ]];
        yield 'told-by-days' => [[
            'night-cut' => 6, 'night-marinate' => 10, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 10,
            'boil-wine-down' => 15, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4,
        ]];
        yield 'told-from-memory' => [[
            'night-cut' => 2, 'night-marinate' => 10, 'cut-vegetables' => 2, 'dry-meat' => 3, 'brown-meat' => 12,
            'fry-base' => 3, 'heat-up' => 8, 'load' => 5, 'look-s10.1' => 5, 'add-i15' => 5, 'strain-and-skim' => 4,
        ]];
        yield 'told-in-bullets' => [[
            'night-mix' => 5, 'night-marinate' => 10, 'cut-vegetables' => 5, 'dry-meat' => 3, 'brown-meat' => 9,
            'fry-base' => 12, 'boil-wine-down' => 8, 'load' => 5, 'add-i13' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'reduce' => 3, 'rest-meat' => 10,
        ]];
        yield 'told-in-nouns' => [[
            'night-salt' => 5, 'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 10,
            'boil-wine-down' => 11, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'sieve' => 4, 'reduce' => 25,
            'back-in' => 5, 'glaze' => 5, 'side-cut' => 11, 'side-work' => 20,
        ]];
        yield 'told-out-of-order' => [[
            'cut-vegetables' => 16, 'fry-base' => 20, 'dry-meat' => 3, 'load' => 5, 'add-i11' => 5, 'strain-and-skim' => 4,
            'side-work' => 35,
        ]];
        yield 'told-without-a-list' => [[
            'night-marinate' => 10, 'cut-vegetables' => 13, 'mix' => 5, 'dry-meat' => 3, 'brown-meat' => 10, 'fry-base' => 5,
            'load' => 5, 'add-i7' => 5, 'take-out' => 2, 'strain-and-skim' => 4,
        ]];
        yield 'two-days-in-salt' => [[
            'night-marinate' => 10, 'cut-vegetables' => 18, 'boil-wine-down' => 4, 'dry-meat' => 3, 'load' => 5, 'add-i5' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'slurry' => 8,
        ]];
        yield 'two-pans-one-wine' => [[
            'night-cut' => 4, 'night-marinate' => 10, 'render' => 8, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 1,
            'boil-wine-down' => 11, 'heat-up' => 8, 'load' => 5, 'strain-and-skim' => 4,
        ]];
        yield 'under-days-as-headings' => [[
            'night-cut' => 3, 'night-boil-wine-down' => 15, 'night-marinate' => 10, 'cut-vegetables' => 5, 'dry-meat' => 3,
            'render' => 8, 'brown-meat' => 11, 'fry-base' => 6, 'boil-wine-down' => 2, 'heat-up' => 8, 'load' => 5,
            'fry-apart' => 15, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 10, 'back-in' => 5, 'side-cut' => 12,
            'side-work' => 18, 'side-work-2' => 5,
        ]];
        yield 'walnuts-ground-into-the-sauce' => [[
            'cut-vegetables' => 4, 'fry-base' => 5, 'mix' => 5, 'dry-meat' => 3, 'brown-meat' => 9, 'fry-base-2' => 8,
            'mix-2' => 5, 'load' => 5, 'look-s12.1' => 5, 'take-out' => 2, 'strain-and-skim' => 4,
        ]];
        yield 'wine-boiled-apart' => [[
            'cut-vegetables' => 17, 'boil-wine-down' => 15, 'render' => 8, 'dry-meat' => 3, 'brown-meat' => 10,
            'fry-base' => 5, 'load' => 5, 'fry-apart' => 6, 'add-i3' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'slurry' => 3, 'back-in' => 5,
        ]];
    }

    /** @param array<string, int> $work */
    #[DataProvider('recipes')]
    public function testItIsDoneAsACarefulCookWould(array $work): void
    {
        $chores = array_values(array_filter(
            self::adapted((string) $this->dataName())->chosen->work->chores,
            static fn (Chore $c): bool => !\in_array($c->id, self::ALWAYS, true),
        ));

        self::assertSame(array_keys($work), array_map(static fn (Chore $c): string => $c->id, $chores));
        foreach ($chores as $chore) {
            self::assertEqualsWithDelta($work[$chore->id], $chore->minutes, max(1.0, self::MINUTES * $work[$chore->id]), $chore->id);
        }
    }

    public function testEveryRecipeIsExpected(): void
    {
        self::assertSame(array_keys([...Recipes::names()]), array_keys([...self::recipes()]));
    }

    public function testARecipesOwnSettingIsTakenFirst(): void
    {
        self::assertSame(ProgramChoice::Low, self::adapted('thickened-in-one')->chosen->choice, 'written for Low only');
        $both = self::adapted('said-late-in-the-cooking');
        self::assertTrue($both->days['low'] instanceof DayPlan && $both->days['low']->isPastBest());
        self::assertSame(ProgramChoice::High, $both->chosen->choice, 'its own as well, and nothing is past its best');
    }

    public function testWhatIsSaidForACaseIsAChoiceWithItsEffect(): void
    {
        $left = self::adapted('only-in-a-case');
        $choices = array_values(array_filter(
            $left->chosen->process->entries, static fn (LedgerEntry $e): bool => 'step-only-condition' === $e->code,
        ));
        self::assertCount(2, $choices, 'left overnight; boiled down where it is thin');
        self::assertFalse(self::marinates($left));

        $taken = self::adapted('only-in-a-case', new LedgerChoices([$choices[0]->key]));
        self::assertTrue(self::marinates($taken));
        self::assertFalse(self::marinates(self::adapted('only-in-a-case', new LedgerChoices([$choices[1]->key]))));
    }

    public function testWhatIsForbiddenOrOnlyToldIsNeverWork(): void
    {
        foreach (self::adapted('only-in-a-case')->chosen->process->deeds as $deed) {
            $quiet = \in_array($deed->act->said, [Said::Negated, Said::Aside], true);
            self::assertFalse($quiet && $deed->act->kind->finishes(), $deed->act->words);
        }
        $codes = array_map(static fn (Chore $c): string => $c->code, self::adapted('only-in-a-case')->chosen->work->chores);
        self::assertSame([], array_intersect(['brown-meat', 'slurry', 'marinate', 'dry-meat'], $codes));
    }

    public function testTheRecipesOwnSignIsAtTheTest(): void
    {
        $signs = [];
        foreach (['pulled-and-crisped', 'prepare-the-vegetables'] as $name) {
            foreach (self::adapted($name)->chosen->process->deeds as $deed) {
                $signs[$name] ??= 'fork-test' === $deed->code ? $deed->variables['sign'] : null;
            }
        }

        self::assertSame(['pulled-and-crisped' => 'until it shreds when pulled', 'prepare-the-vegetables' => 'none'], $signs);
    }

    public function testOfAMissedEveningTheMarinadeIsToldAndNotWhatLeadsToIt(): void
    {
        $order = Dishes::order(Recipes::named('paste-the-night-before'))->from(Days::at('06:30'));
        $caught = Days::plan((new AdaptBraise())->adapt($order))->caught ?? self::fail('No day.');

        self::assertSame(['evening-marinate'], array_values(array_filter(
            array_map(static fn (Caught $c): string => $c->code, $caught),
            static fn (string $code): bool => str_starts_with($code, 'evening-'),
        )));
    }

    public function testALookSaysFromWhichEndItsHourIsCounted(): void
    {
        $told = static function (string $name): array {
            foreach (self::adapted($name)->chosen->process->entries as $entry) {
                if ('step-look' === $entry->code) {
                    return [$entry->variables['hours'], $entry->variables['from']];
                }
            }
            self::fail("$name has a look.");
        };

        self::assertSame([0.5, 'end'], $told('told-from-memory'));
        self::assertSame([4.0, 'start'], $told('shanks-turned-once'));
    }

    public function testOnlyWhatIsSearedInTheInsertTakesNoRing(): void
    {
        $uses = static fn (string $browning): array => array_values(array_map(
            static fn (Chore $c): Uses => $c->uses, array_filter(
                (new AdaptBraise())->adapt(Dishes::order(Recipes::dish(
                    "Beef stew\nServes 4\n\n1.2 kg beef shin\n2 onions\n500 ml beef stock\n1 tbsp oil\n\n$browning\n"
                    .'Add the onions and the stock. Cook on low for 8 hours. Serve.',
                )))->chosen->work->chores,
                static fn (Chore $c): bool => 'brown-meat' === $c->code,
            ),
        ));

        self::assertSame([Uses::HandsAndRing], $uses('Brown the beef in the oil for 8 minutes and transfer to the slow cooker.'));
        self::assertSame([Uses::Hands], $uses('Brown the beef in the oil in the slow cooker insert for 8 minutes.'));
    }

    public function testABoiledMarinadeIsColdBeforeMeatLiesInIt(): void
    {
        $jobs = Days::jobs(Days::plan(self::adapted('under-days-as-headings')));

        $cools = $jobs['night-marinate']->from->getTimestamp() - $jobs['night-boil-wine-down']->to->getTimestamp();
        self::assertGreaterThanOrEqual(3600, $cools);
        self::assertSame('2026-11-25', $jobs['night-boil-wine-down']->from->format('Y-m-d'));
    }

    public function testWhatIsFriedForTheFinishIsntCutForThePot(): void
    {
        $codes = array_map(
            static fn (LedgerEntry $e): string => $e->code, self::adapted('under-days-as-headings')->chosen->process->entries,
        );

        self::assertNotContains('cut-bigger', $codes, 'the baby onions');
    }

    public function testWhatIsDoneAfterAnHourIsDoneThen(): void
    {
        $hours = [];
        foreach (self::adapted('garlic-after-an-hour')->chosen->work->chores as $chore) {
            $hours[$chore->id] = $chore->atHour;
        }
        self::assertSame([1.0, 1.0], [$hours['look-s9.1'], $hours['add-i6']]);
        $slaw = array_values(array_filter(
            self::adapted('tacos-and-hash')->chosen->work->chores, static fn (Chore $c): bool => 0.0 === $c->atHour,
        ));
        self::assertCount(1, $slaw, 'made once the pot is on');
        self::assertStringContainsString('slaw', (string) $slaw[0]->variables['text']);
    }

    /** What the list calls together is one thing in the work. */
    public function testAMixtureTakesAllOfIt(): void
    {
        $foods = static fn (string $recipe, string $id): array => array_merge(...array_map(
            static fn (Chore $c): array => $id === $c->id ? $c->foods : [], self::adapted($recipe)->chosen->work->chores,
        ));

        self::assertSame(['i2', 'i3', 'i4', 'i5', 'i6', 'i1'], $foods('rub-and-hot-sauce', 'night-marinate'), 'the rub');
        self::assertSame(['i7', 'i8', 'i9', 'i10'], $foods('rub-and-hot-sauce', 'simmer-first'), 'the sauce ingredients');
        self::assertSame(['i2', 'i3', 'i4', 'i5', 'i6', 'i7', 'i1'], $foods('spices-and-couscous', 'night-marinate'), 'the spices');
        self::assertSame(['i7', 'i5', 'i6'], $foods('glazed-in-the-oven', 'glaze'), 'cloves, and the glaze');
    }

    public function testTheRecipesOwnHoursOnHighComeFirst(): void
    {
        $way = Recipes::named('garlic-after-an-hour')->slowCookerWay();

        self::assertSame(1.0, $way?->hoursOnHighFirst());
        self::assertSame(ProgramChoice::HighThenLow, self::adapted('garlic-after-an-hour')->chosen->choice);
        self::assertNull(Recipes::named('told-in-nouns')->slowCookerWay()?->hoursOnHighFirst());
    }

    public function testOneReductionSaysWhatItStandsFor(): void
    {
        $deeds = self::adapted('boiled-twice')->chosen->process->deeds;
        $with = array_values(array_filter($deeds, static fn (Deed $d): bool => '' !== $d->with));
        self::assertCount(1, $with);
        self::assertStringContainsString('without the lid', $with[0]->act->words);
        $teller = array_values(array_filter($deeds, static fn (Deed $d): bool => $d->act->id === $with[0]->with))[0] ?? null;
        self::assertTrue($teller?->remains());
        self::assertStringContainsString('syrupy', $teller->act->source);
    }

    private static function marinates(AdaptedBraise $braise): bool
    {
        return [] !== array_filter($braise->chosen->work->chores, static fn (Chore $c): bool => 'marinate' === $c->code);
    }

    private static function adapted(string $name, LedgerChoices $choices = new LedgerChoices()): AdaptedBraise
    {
        return (new AdaptBraise())->adapt(Dishes::order(Recipes::named($name), choices: $choices));
    }
}
