<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How long, where, how hot and on which setting: of a method in a cook's words. */
final class WaysTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> method; ways as "where minutes °C settings" */
    public static function methods(): iterable
    {
        yield 'taken out of the oven and put back' => [
            "Heat the oven to 220C.\nRoast the beef for 25 minutes.\nTake out the tin and turn the oven down to 150C.\n"
            .'Cover the tin with foil and roast for three hours.', ['oven 180 150'],
        ];
        yield 'without the lid at the end' => [
            "Heat the oven to 160C.\nCover and braise in the oven for 2½ hours.\n"
            .'Uncover and keep going until the meat gives, 30 minutes more.',
            ['oven 180 160'],
        ];
        yield 'fat run out on a ring first' => [
            "Heat the oven to 150C.\nCook the beef over medium-low heat until deep brown, 25 minutes.\n"
            .'Transfer to the oven, uncovered, and cook for 1 hour 15 minutes. Cook until tender, 30 minutes more.', ['oven 105 150'],
        ];
        yield 'an oven by its name' => ['Put the lid on and cook in a slow oven for three hours.', ['oven 180 150']];
        yield 'an oven by its mark' => ['Cook in a slow oven (gas mark 3) for three hours in all.', ['oven 180 163']];
        yield 'said as it is dialled' => ['Lid on and into the oven three twenty five for two and a half hours.', ['oven 150 160']];
        yield 'hundreds of degrees' => ['Lid on, three hundred degrees fahrenheit, four hours.', ['oven 240 149']];
        yield 'baking paper is no oven' => ['Lay a circle of baking paper on the beef and simmer very gently for 2 hours.', ['hob 120']];
        yield 'corrected in one breath' => ['Simmer with the lid on for thirty minutes sorry forty minutes.', ['hob 40']];
        yield 'corrected with a reason' => [
            'Let it barely move on the hob for an hour and a half, wait no, neck takes longer, two hours.', ['hob 120'],
        ];
        yield 'the other takes as long' => [
            "Cover and simmer for two hours.\nOr in the oven at 160C for the same time.", ['hob 120', 'oven 120 160'],
        ];
        yield 'a look is no end' => ['Cover and cook in the oven at 140C for 3 h 30. Probe at 3 h 15.', ['oven 210 140']];
        yield 'a point in the cooking' => [
            "Cover and simmer one hour and three-quarters.\nWhen it has cooked one hour add the onion.", ['hob 105'],
        ];
        yield 'the last half hour is within' => ['Lid on, simmer for 2 hours, last 30 min lid off.', ['hob 120']];
        yield 'a lid that sits' => [
            "Lid on, simmer for 45 minutes.\nFrom now on the lid sits a little open: another 50 minutes.", ['hob 95'],
        ];
        yield 'marinade' => ["Turn the beef in the soy and leave 1 hour (overnight is better).\nCover and simmer 25 minutes.", ['hob 25']];
        yield 'one-half' => ['Cover and bake in a moderate oven two and one-half hours.', ['oven 150 180']];
        yield 'a younger one' => ['Cover and simmer for 3 hours. A young one will want but one hour.', ['hob 180']];
        yield 'first high, then low; or all high' => [
            'Cook in the slow cooker on HIGH 1 hr., then turn to LOW for 8 hrs. (No time? All HIGH, 5 hrs.)',
            ['slow-cooker 540 high+low 540, high 300'],
        ];
        yield 'three settings' => [
            'Put all in the slow cooker. Cover and cook for 8–9 hours on Low, 5–6 hours on High or about 7 hours on Auto.',
            ['slow-cooker 480-540 low 480-540, high 300-360, auto 420'],
        ];
        yield 'warm is no cooking' => [
            "Cover and cook in the slow cooker on low for 8 hours.\nLeave on warm until eaten, an hour or so does no harm.",
            ['slow-cooker 480 low 480'],
        ];
        yield 'heated before' => [
            "Preheat the slow cooker on high for 20 minutes.\nCover and cook on low for 8 hours.", ['slow-cooker 480 low 480'],
        ];
        yield 'under pressure, after the whistle' => [
            "Cover and simmer for 1½ hours.\n\nNotes\nPressure cooker: 25 minutes on a low flame after the first whistle.",
            ['hob 90', 'pressure 25'],
        ];
        yield 'named once more' => [
            "In a saucepan: cover and simmer very gently for 2 hours.\nIn a pressure cooker: 25 minutes at full pressure. "
            ."Reduce pressure slowly.\nIn the oven: in a casserole with a lid, 160C, 2½ hours.",
            ['hob 120', 'pressure 25', 'oven 150 160'],
        ];
    }

    /** @param list<string> $ways */
    #[DataProvider('methods')]
    public function testWays(string $method, array $ways): void
    {
        $text = "# Beef in stout\n\nServes 4\n\nIngredients\n1 kg beef shin"
            .", cut in 4 cm cubes\n1 onion, sliced\n400 ml stout\n2 tbsp soy sauce\n\n"
            ."Method\n$method\n";
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read($text, new Problems());
        self::assertNotNull($reading);
        self::assertSame($ways, array_map(self::told(...), $reading->ways));
    }

    private static function told(Way $way): string
    {
        $span = static fn (?Minutes $m): string => match (true) {
            null === $m => '?',
            $m->low === $m->high => (string) $m->low,
            default => "$m->low-$m->high",
        };
        $settings = array_map(
            static fn (string $name, Minutes $m): string => $name.' '.$span($m), array_keys($way->settings), $way->settings,
        );

        return implode(' ', array_filter([
            $way->method->value, $span($way->minutes), null === $way->celsius ? '' : round($way->celsius[0]), implode(', ', $settings),
        ]));
    }
}
