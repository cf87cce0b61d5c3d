<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\RecipePresenter;
use Pausis\App\Api\Presentation\WayPresenter;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\ProblemView;
use Pausis\App\Api\Wire\WayView;
use Pausis\App\Exchange\AdaptedRecipe;
use Pausis\App\Exchange\RecipeFile;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\FindWays;
use Pausis\App\Kitchen\FoundWay;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\PlanBraise;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\Meanings;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\InvalidInput;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\DishFile;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Tenderness\Doneness;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:adapt', 'Adapts a recipe file to a slow cooker and a day, and prints everything as JSON (docs/formats.md).')]
final readonly class AdaptCommand
{
    private const USUAL_LITRES = 5.7;

    public function __construct(
        private RecipeReader $reader,
        private RecipeFile $files,
        private RecipePresenter $recipes,
        private BraisePresenter $presenter,
        private PlanBraise $plan,
        private Drafts $drafts,
        private Cookers $cookers,
        private Meanings $meanings,
        private AdaptedRecipe $recipe,
        private Wording $wording,
        private House $house,
        private Cuts $cuts,
        private FindWays $find,
        private WayPresenter $ways,
        private DishFile $dishes,
    ) {
    }

    public function __invoke(
        OutputInterface $output,
        #[Argument('A recipe: text, Markdown, JSON-LD or a saved page')] string $file,
        #[Option('Cut of meat, e.g. beef-chuck')] string $cut = '',
        #[Option('Kilograms as bought')] string $kg = '',
        #[Option('Pieces')] string $pieces = '',
        #[Option('Measured thickness')] string $thicknessCm = '',
        #[Option('Temperature of the meat, °C')] string $start = '',
        #[Option('Why it is warmer than a fridge: left-out or just-hot')] string $why = '',
        #[Option('Minutes since it was left out, or browned')] string $since = '',
        #[Option('Frozen in the recipe, and thawed by now')] bool $thawed = false,
        #[Option('Id of a cooker, or its litres')] string $cooker = '',
        #[Option('HH:MM')] string $serve = '19:00',
        #[Option('HH:MM-HH:MM')] string $away = '',
        #[Option('own-juices, a-third, nearly-covered or covered')] string $level = '',
        #[Option('slices, fork or pulls')] string $texture = '',
    ): int {
        $problems = new Problems();
        try {
            $this->check($cut, $kg, $level, $texture, $cooker, $problems);
            $content = is_file($file) ? (string) file_get_contents($file, length: RecipeFile::MOST_BYTES) : '';
            $dish = $this->dish($content, $problems);
            $text = null === $dish ? (string) $this->files->text($content, basename($file), $problems, 'file') : self::listed($dish);
            $reading = $this->reader->read($text, $problems, 'file', null, $this->meanings->vocabulary());
            $problems->throwIfAny();
            \assert(null !== $reading);
            $read = $this->drafts->toArray($this->recipes->present($reading)->draft);
            $draft = $this->drafts->fromArray([
                ...$read,
                'meat' => [...(array) $read['meat'], ...array_filter([
                    'cut' => $cut, 'weight' => '' === $kg ? '' : "$kg kg", 'pieces' => $pieces,
                    'thickness' => '' === $thicknessCm ? '' : "$thicknessCm cm",
                    'start' => '' === $start ? '' : "$start °C", 'why' => $why, 'since' => $since,
                ], static fn (string $typed): bool => '' !== $typed), 'thawed' => $thawed],
                'cookerId' => is_numeric($cooker) ? '' : $cooker,
                ...(null === $dish ? [] : self::asTheDish($dish, $read)),
                ...$this->day($serve, $away, $problems),
                ...array_filter(['level' => $level, 'texture' => $texture], static fn (string $typed): bool => '' !== $typed),
            ]);
            $problems->throwIfAny();
            $output->writeln(Json::pretty($this->adapted($draft, $cooker, $problems, $dish)));
        } catch (InvalidInput $e) {
            $output->writeln(Json::pretty(['problems' => array_map(
                fn (Problem $p): ProblemView => $this->wording->problem($p, $this->house->measures()), $e->problems,
            )]));

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    /** A dish written as a process; null where the file is a recipe. */
    private function dish(string $content, Problems $problems): ?Dish
    {
        $decoded = json_decode($content, true, 32);

        if (!\is_array($decoded) || !isset($decoded['parts'], $decoded['ingredients'])) {
            return null;
        }
        $dish = $this->dishes->dish($decoded, $problems);
        $problems->throwIfAny();

        return $dish;
    }

    /**
     * What a draft says of the recipe as a whole.
     *
     * @param array<string, mixed> $read
     *
     * @return array<string, mixed>
     */
    private static function asTheDish(Dish $dish, array $read): array
    {
        $way = $dish->ways[0] ?? null;
        $original = $way?->original();

        return [
            'original' => [
                'method' => $original->method->value ?? 'oven', 'hours' => null === $original ? '' : "$original->hours h",
                'oven' => null === $original?->ovenCelsius ? '' : "$original->ovenCelsius °C",
                'boilsWine' => MethodReader::boilsWine($dish->acts()),
                'settings' => array_map(
                    static fn (string $setting, Minutes $m): array => [
                        'setting' => $setting, 'fromMinutes' => $m->low, 'toMinutes' => $m->high,
                    ],
                    array_keys($way->settings ?? []), $way->settings ?? [],
                )],
            'texture' => $dish->pulls() ? Doneness::Pulls->value : $read['texture'],
            'thickness' => [] === $dish->acts() ? $read['thickness'] : SauceBody::AS_THE_RECIPE,
        ];
    }

    /** Its ingredients as a recipe lists them. */
    private static function listed(Dish $dish): string
    {
        return "Dish\n\nIngredients\n".implode(
            "\n", array_map(static fn (Ingredient $i): string => $i->source, $dish->ingredients),
        )."\n\nMethod\nCook it.\n";
    }

    private function check(string $cut, string $kg, string $level, string $texture, string $cooker, Problems $problems): void
    {
        '' === $cut || null !== $this->cuts->find($cut) || $problems->add('unknown-cut', 'cut', ['cut' => $cut]);
        '' === $kg || is_numeric($kg) || $problems->add('mass-not-understood', 'kg', ['typed' => $kg]);
        '' === $level || null !== LevelSchool::tryFrom($level) || $problems->add('unknown-choice', 'level', ['typed' => $level]);
        '' === $texture || null !== Doneness::tryFrom($texture) || $problems->add('unknown-choice', 'texture', ['typed' => $texture]);
        '' === $cooker || is_numeric($cooker) || null !== $this->cookers->find($cooker) || $problems->add('no-cooker', 'cooker');
    }

    /** @return array<string, mixed> */
    private function adapted(BraiseDraft $draft, string $cooker, Problems $problems, ?Dish $dish): array
    {
        $worked = $this->plan->work('', $draft, $this->cooker($cooker, $problems), $dish);
        $braise = $worked->orThrow();
        $measures = $this->house->measures();
        $view = $this->presenter->view('', 0, $worked, null)->adaptation;
        \assert(null !== $view);

        return [
            'verdict' => $view->verdict,
            'settings' => array_map(static fn (object $o): array => array_diff_key((array) $o, ['curve' => 0]), $view->outcomes),
            'ledger' => $view->ledger,
            'liquid' => $view->liquid,
            'salt' => $view->salt,
            'fill' => $view->pot,
            'day' => $view->wholeDay->jobs ?? $view->day,
            'safety' => $view->findings,
            'method' => $this->recipe->steps($braise, $measures),
            'takeOut' => array_map(static fn (TakeOut $t): string => $t->name, $braise->order->toTakeOut()),
            'ways' => array_map(
                fn (FoundWay $f): WayView => $this->ways->found($f, $this->house->now(), $measures), $this->find->of('', $worked),
            ),
        ];
    }

    /** @return array{serveAt?: string, away?: list<array{from: string, to: string}>} */
    private function day(string $serve, string $away, Problems $problems): array
    {
        $now = $this->house->now();
        $serveAt = $this->today($serve, $now, 'serve', $problems);
        $serveAt = null !== $serveAt && $serveAt <= $now ? $serveAt->modify('+1 day') : $serveAt;
        if (null === $serveAt) {
            return [];
        }
        $day = ['serveAt' => $serveAt->format('Y-m-d\TH:i')];
        if ('' !== $away) {
            [$from, $to] = [...explode('-', $away, 2), ''];
            $leaves = $this->today($from, $serveAt, 'away', $problems);
            $returns = $this->today($to, $serveAt, 'away', $problems);
            if (null !== $leaves && null !== $returns) {
                $day['away'] = [['from' => $leaves->format('Y-m-d\TH:i'), 'to' => $returns->format('Y-m-d\TH:i')]];
            }
        }

        return $day;
    }

    private function cooker(string $given, Problems $problems): ?Cooker
    {
        if ('' !== $given && !is_numeric($given)) {
            return $this->cookers->find($given)?->cooker();
        }
        $cooker = Cooker::tryFrom('' === $given ? self::USUAL_LITRES : (float) $given, Shape::Oval, null, 1.0, null, $problems);
        $problems->throwIfAny();

        return $cooker;
    }

    private function today(string $time, \DateTimeImmutable $day, string $path, Problems $problems): ?\DateTimeImmutable
    {
        if (!preg_match('/^(?:[01]?\d|2[0-3]):[0-5]\d$/', $time)) {
            $problems->add('time-not-understood', $path, ['typed' => $time]);

            return null;
        }

        return $day->modify($time);
    }
}
