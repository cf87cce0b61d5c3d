<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\FurtherMeats;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\HazardReader;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Misheard;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Severity;
use Pausis\Tests\Core\Cooks;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/**
 * Orders of one to three meats as people write them, with asides and odd words, held against a second opinion. PAUSIS_PLANS sets how many;
 * eighty unless it is set.
 */
final class OrdersAsTypedTest extends TestCase
{
    private const SEED = 20261201;
    private const USUAL = 50;
    private const FORMS = [
        'beef-chuck' => [1, 1.7, 2.4, 0.0], 'pork-shoulder' => [1, 1.4, 2, 0.0], 'lamb-shank' => [1, 1, 2, 0.3],
        'chicken-thigh' => [1, 1.5, 2, 0.2],
    ];
    private const FROZEN = [
        ', frozen', ', not yet defrosted', ', half thawed', ' (straight from the freezer)', ', unthawed', ', still partly frozen', ',
            deep-frozen',
    ];
    private const THAWED = [', thawed if frozen', ', never frozen', ', well trimmed', '', '', '', ' (ask the butcher)'];
    private const BEANS = [
        ['250 g dried kidney beans', true], ['200 g runner bean seeds', true], ['150 g lupins', true],
        ['300 g kidney beans (not tinned)', true],
        ['1 tin kidney beans', false], ['2 tbsp soya paste', false], ['200 g green beans', false],
    ];
    private const ASIDES = [
        'My aunt never had a fridge and lived to a great age.', 'Serve with frozen peas.', 'Leftovers can be frozen for 2 months.',
        'Take the butter out of the fridge an hour before.',
    ];

    public function testNoPlanIsUnsafeAndNoSafeOneIsRefused(): void
    {
        mt_srand(self::SEED);
        $asked = $_SERVER['PAUSIS_PLANS'] ?? '';
        $count = is_numeric($asked) ? (int) $asked : self::USUAL;
        $seen = ['allowed' => 0, 'frozen' => 0, 'beans' => 0, 'poultry' => 0, 'several' => 0, 'slow' => 0];
        $safe = $refused = 0;
        for ($case = 0; $case < $count; ++$case) {
            $order = $this->order();
            $why = "case $case: ".implode(' | ', $order->lines);
            $braise = (new AdaptBraise(new Evaluation(simulation: new Simulation(12, 90.0))))->adapt($order->order);
            $forbidden = $braise->forbidden()?->rule;
            \count($order->meats) > 1 && ++$seen['several'];
            if ($order->frozen) {
                ++$seen['frozen'];
                self::assertNotNull($forbidden, $why);
                self::assertContains('frozen-in-recipe', self::rules($braise), $why);
                continue;
            }
            self::assertNotContains('frozen-in-recipe', self::rules($braise), $why);
            $seen['beans'] += $this->checkBeans($order, $braise, $why);
            $pot = $order->pot($braise);
            $out = self::outOfFridge($braise);
            $program = match ($braise->chosen->choice) {
                ProgramChoice::Low => [[0.0, 0.68]],
                ProgramChoice::HighThenLow => [[0.0, 1.0], [2.0, 0.68]],
                default => [[0.0, 1.0]],
            };
            if (null !== $forbidden) {
                $seen['slow'] += 'slow-to-60' === $forbidden ? 1 : 0;
                [$late] = $pot->warmed($program, 0.86, 1.12);
                if ('slow-to-60' === $forbidden) {
                    ++$safe;
                    $refused += $late + $out <= 3.9 ? 1 : 0;
                }
                continue;
            }
            ++$safe;
            ++$seen['allowed'];
            [$all60, $birds] = $pot->warmed($program);
            self::assertLessThanOrEqual(4.0, $all60 + $out, $why);
            self::assertLessThanOrEqual(0.97, $order->litresLoaded($braise) / $order->litres, $why);
            $seen['poultry'] += $this->checkPoultry($order, $braise, $birds, $why);
            $this->checkTimes($braise, $why);
        }
        foreach ($seen as $kind => $times) {
            self::assertGreaterThan(0, $times, $kind);
        }
        self::assertLessThanOrEqual(0.02 * $safe, $refused, "$refused of $safe safe ones refused");
    }

    private function order(): TypedOrder
    {
        $meats = $lines = [];
        $frozen = false;
        $litres = [4.5, 5.7, 6.5][mt_rand(0, 2)];
        for ($k = mt_rand(1, 3); $k > 0; --$k) {
            $cut = array_keys(self::FORMS)[mt_rand(0, 3)];
            [$line, $meat] = self::meat($cut);
            $icy = 0 === mt_rand(0, 11);
            $frozen = $frozen || $icy;
            $meats[] = $meat;
            $lines[] = $line.($icy ? self::FROZEN[mt_rand(0, 6)] : self::THAWED[mt_rand(0, 6)]);
        }
        $bean = 0 === mt_rand(0, 2) ? [self::BEANS[mt_rand(0, 6)], self::BEANS[mt_rand(0, 6)]] : [];
        $others = [...array_column($bean, 0), '2 onions', '3 carrots', '500 ml beef stock'];
        $method = 'Brown the meat. Soften the onions. Add everything, cover and cook at 150 °C for 3 hours. Lift out the meat. Serve. '
            .self::ASIDES[mt_rand(0, 3)];
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $read = [];
        foreach ([...$lines, ...$others] as $n => $line) {
            $read[] = $reader->read($line)->identified('i'.($n + 1));
        }
        $first = $meats[0];
        $cut = Cuts::load()->find($first['cut']) ?? throw new \LogicException();
        $joint = Joint::tryFrom($cut, $first['kg'], $first['pieces'], null === $first['cm']
            ? null : $first['cm'], 5.0, null, new Problems())
            ?? Cooks::joint($first['cut'], $first['kg'], $first['pieces']);
        $bone = Mass::kilograms($first['kg'] * self::FORMS[$first['cut']][3]);
        $steps = array_map(
            static fn (string $s, int $k): Step => (new StepReader(Misheard::load()))->read($s, $k + 1)->identified('s'.($k + 1)),
            array_map(static fn (string $s): string => "$s.", explode('. ', rtrim($method, '.'))), range(0, substr_count(rtrim($method,
                '.'), '. ')),
        );
        $dish = (new DishReader())->read($read, $steps, []);
        $icy = [] !== array_filter($read, static fn (Ingredient $i): bool => \in_array(Doubt::Frozen, $i->doubts, true))
            || [] !== array_filter($steps, static fn (Step $s): bool => HazardReader::cooksFrozen($s->source));
        $order = new BraiseOrder(
            new OrderedRecipe($read, 4, null, true, $dish),
            new OrderedMeat(
                $joint, $bone, new Beforehand($icy),
                (new FurtherMeats(Cuts::load()))->besides($read, $cut, Mass::kilograms($first['kg'] + $bone->kilograms),
                    Temperature::celsius(5)),
            ),
            new Cooker(Volume::litres($litres), Shape::Oval, null, 1.0, 0 === mt_rand(0, 3) ? Duration::hours(8) : null),
            new Room(Temperature::celsius(20), mt_rand(0, 10) * 100), Days::at('12:00', '2026-11-24'), Days::at('19:00'),
            Kitchen::alone(Days::home('00:00')),
            wishes: new Wishes(choice: [null, ProgramChoice::Low, ProgramChoice::High][mt_rand(0, 2)]),
            handling: new Handling(lateMinutes: [0.0, 0.0, 90.0][mt_rand(0, 2)]),
        );

        return new TypedOrder($order, [...$lines, ...$others], $meats, $frozen, $bean, $litres);
    }

    /** @return array{string, array{cut: string, kg: float, pieces: int, cm: float|null, a: float, e: float,
     * poultry: bool}} kg without bone */
    private static function meat(string $cut): array
    {
        $bought = mt_rand(4, 20) / 10;
        [$fa, $fb, $fc, $bone] = self::FORMS[$cut];
        $kg = $bought * (1 - $bone);
        $cubes = \in_array($cut, ['beef-chuck', 'pork-shoulder'], true) && mt_rand(0, 1) ? mt_rand(3, 6) : null;
        $pieces = match (true) {
            null !== $cubes => (int) max(1, min(60, round(1000 * $bought / (1.05 * $cubes ** 3)))),
            'lamb-shank' === $cut => (int) max(1, round($bought / 0.4)),
            'chicken-thigh' === $cut => (int) max(1, round($bought / 0.18)),
            default => 1,
        };
        $unit = ($kg / $pieces / 1050 / (8 * $fa * $fb * $fc)) ** (1 / 3);
        [$a, $b, $c] = [$unit * $fa, $unit * $fb, $unit * $fc];
        if (null !== $cubes) {
            $stretch = sqrt($a / ($cubes / 200));
            [$a, $b, $c] = [$cubes / 200, $b * $stretch, $c * $stretch];
        }
        $name = str_replace('-', ' ', $cut).(\in_array($cut, ['lamb-shank', 'chicken-thigh'], true) ? 's' : '');
        $line = match (true) {
            null !== $cubes => "$bought kg $name, in $cubes cm cubes",
            1 === $pieces && 'lamb-shank' !== $cut => "$bought kg $name, in one piece",
            'chicken-thigh' === $cut => "$bought kg $name",
            default => "$pieces $name ($bought kg)",
        };

        return [$line, [
            'cut' => $cut, 'kg' => $kg, 'pieces' => $pieces, 'cm' => null === $cubes ? null : (float) $cubes, 'a' => $a,
            'e' => 1 + ($a / $b) ** 2 + ($a / $c) ** 2, 'poultry' => 'chicken-thigh' === $cut,
        ]];
    }

    /** @return list<string> */
    private static function rules(AdaptedBraise $braise): array
    {
        return array_map(static fn (Finding $f): string => $f->rule, $braise->findings);
    }

    private static function outOfFridge(AdaptedBraise $braise): float
    {
        $minutes = 0.0;
        foreach ($braise->chosen->work->before()->terms as $term) {
            $minutes += \in_array($term->code, ['cut-vegetables', 'mix-spices', 'beans-on', 'warm-insert'], true) ? 0.0 : $term->value;
        }

        return $minutes / 60;
    }

    private function checkBeans(TypedOrder $order, AdaptedBraise $braise, string $why): int
    {
        $raw = array_filter($order->beans, static fn (array $b): bool => $b[1]);
        $refusals = array_filter($braise->findings, static fn (Finding $f): bool => 'boil-beans' === $f->rule
            && Severity::Refuse === $f->severity);
        self::assertCount(\count($raw), $refusals, $why);
        $boiled = [];
        $loaded = null;
        foreach ($braise->chosen->work->chores as $k => $chore) {
            'beans-on' === $chore->code && $boiled[$k] = (string) $chore->variables['food'];
            $loaded ??= 'load' === $chore->code ? $k : null;
        }
        foreach ($raw as [$line]) {
            $named = array_filter(
                $boiled, static fn (string $foods, int $k): bool => $k < $loaded && self::shares($foods, $line), \ARRAY_FILTER_USE_BOTH,
            );
            self::assertNotSame([], $named, "$why: $line isn't boiled");
        }

        return \count($raw);
    }

    private static function shares(string $foods, string $line): bool
    {
        foreach (['kidney', 'runner', 'lupin'] as $word) {
            if (str_contains($line, $word)) {
                return str_contains($foods, $word);
            }
        }

        return false;
    }

    private function checkPoultry(TypedOrder $order, AdaptedBraise $braise, float $hot, string $why): int
    {
        $birds = array_filter($order->meats, static fn (array $m): bool => $m['poultry']);
        if ([] === $birds) {
            return 0;
        }
        self::assertContains('poultry-thermometer', self::rules($braise), $why);
        $day = $braise->day();
        $test = $day instanceof DayPlan ? $day->at(TaskKind::ForkTest) : null;
        if ($day instanceof DayPlan && null !== $test) {
            self::assertGreaterThanOrEqual($hot, ($test->at->getTimestamp() - $day->switchOn->getTimestamp()) / 3600, $why);
        }

        return 1;
    }

    private function checkTimes(AdaptedBraise $braise, string $why): void
    {
        $browned = $lifted = null;
        foreach ($braise->chosen->work->chores as $chore) {
            $browned = null !== $browned && !\in_array($chore->code, ['load', 'beans-on', 'cut-vegetables', 'mix-spices'], true)
                ? $browned + $chore->minutes + $chore->waits : $browned;
            if ('brown-meat' === $chore->code) {
                $browned = $chore->waits;
            }
            'load' === $chore->code && self::assertLessThanOrEqual(30, $browned ?? 0, "$why: browned meat waits");
        }
        $day = $braise->day();
        $auto = $braise->order->cooker->autoWarmAfter;
        if ($day instanceof DayPlan && null !== $auto) {
            $hours = ($day->serve->getTimestamp() - $day->switchOn->getTimestamp()) / 3600 + $braise->order->handling->lateMinutes / 60;
            self::assertLessThanOrEqual($auto->inHours() + 4.001, $hours, "$why: on Warm to the plate");
        }
    }
}
