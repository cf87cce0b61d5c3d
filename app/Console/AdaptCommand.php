<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Api\Presentation\AdaptationPresenter;
use Pausis\App\Api\Presentation\House;
use Pausis\App\Store\Cookers;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Presence;
use Pausis\Core\Heat\Room;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\InvalidInput;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\RecipeReader;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
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
        private Cuts $cuts,
        private Cookers $cookers,
        private AdaptBraise $adapt,
        private AdaptationPresenter $presenter,
        private Wording $wording,
        private House $house,
    ) {
    }

    public function __invoke(
        OutputInterface $output,
        #[Argument('A recipe as text')] string $file,
        #[Option('Cut of meat, e.g. beef-chuck')] string $cut = '',
        #[Option('Kilograms as bought')] string $kg = '',
        #[Option('Pieces')] string $pieces = '1',
        #[Option('Measured thickness')] string $thicknessCm = '',
        #[Option('Id of a cooker, or its litres')] string $cooker = '',
        #[Option('HH:MM')] string $serve = '19:00',
        #[Option('HH:MM-HH:MM')] string $away = '',
        #[Option('own-juices, a-third, nearly-covered or covered')] string $level = 'own-juices',
        #[Option('slices, fork or pulls')] string $texture = 'fork',
    ): int {
        $problems = new Problems();
        try {
            $reading = $this->reader->read(is_file($file) ? (string) file_get_contents($file, length: RecipeReader::MOST_BYTES + 1) : '', $problems, 'file');
            $foundCut = $this->cuts->find($cut);
            if (null === $foundCut) {
                $problems->add('unknown-cut', 'cut', ['cut' => $cut]);
            }
            $foundLevel = LevelSchool::tryFrom($level) ?? $this->unknown($level, 'level', $problems);
            $foundTexture = Doneness::tryFrom($texture) ?? $this->unknown($texture, 'texture', $problems);
            $kilograms = is_numeric($kg) ? (float) $kg : \NAN;
            $joint = null === $foundCut ? null : Joint::tryFrom($foundCut, $kilograms * (1 - $foundCut->bone), (int) $pieces,
                is_numeric($thicknessCm) ? (float) $thicknessCm : null, 5.0, null, $problems);
            $problems->throwIfAny();
            \assert(null !== $reading && null !== $joint && $foundLevel instanceof LevelSchool && $foundTexture instanceof Doneness);
            $bone = Mass::kilograms($kilograms * $foundCut->bone);
            $braise = $this->adapt->adapt($this->order($reading, $joint, $bone, $this->cooker($cooker, $problems), $serve, $away, $foundLevel, $foundTexture, $problems));
        } catch (InvalidInput $e) {
            $output->writeln(Json::pretty(['problems' => array_map(fn (Problem $p): object => $this->wording->problem($p, $this->house->measures()), $e->problems)]));

            return Command::FAILURE;
        }
        $view = $this->presenter->present($braise, $this->house->measures());
        $output->writeln(Json::pretty([
            'verdict' => $view->verdict,
            'settings' => array_map(static fn (object $o): array => array_diff_key((array) $o, ['curve' => 0]), $view->outcomes),
            'ledger' => $view->ledger,
            'liquid' => $view->liquid,
            'salt' => $view->salt,
            'fill' => $view->pot,
            'day' => $view->day,
            'safety' => $view->findings,
        ]));

        return Command::SUCCESS;
    }

    private function order(Reading $reading, Joint $joint, Mass $bone, Cooker $cooker, string $serve, string $away, LevelSchool $level, Doneness $texture, Problems $problems): BraiseOrder
    {
        $house = $this->house->record();
        $now = $this->house->now();
        $serveAt = $this->today($serve, $now, 'serve', $problems);
        if (null !== $serveAt && $serveAt <= $now) {
            $serveAt = $serveAt->modify('+1 day');
        }
        $intervals = [];
        if ('' !== $away) {
            [$from, $to] = [...explode('-', $away, 2), ''];
            $leaves = $this->today($from, $serveAt ?? $now, 'away', $problems);
            $returns = $this->today($to, $serveAt ?? $now, 'away', $problems);
            if (null !== $leaves && null !== $returns && $returns > $leaves) {
                $intervals[] = new Interval($leaves, $returns);
            } else {
                $problems->add('away-backwards', 'away');
            }
        }
        $problems->throwIfAny();
        \assert(null !== $serveAt);
        $boils = array_filter($reading->steps, static fn (Step $s): bool => StepKind::Reduce === $s->kind);

        return (new BraiseOrder($reading->ingredients, $reading->serves ?? 4, $reading->original, [] !== $boils, $joint, $bone, $cooker,
            new Room(Temperature::celsius($house->roomCelsius), $house->altitudeMetres), $now, $serveAt,
            Kitchen::alone(new Presence($intervals, $house->bedtime, $house->rises)), $level, $texture))->informedByRecipe();
    }

    private function cooker(string $given, Problems $problems): Cooker
    {
        if ('' !== $given && !is_numeric($given)) {
            $found = $this->cookers->find($given);
            if (null === $found) {
                $problems->add('no-cooker', 'cooker');
                $problems->throwIfAny();
            }
            \assert(null !== $found);

            return $found->cooker();
        }
        $cooker = Cooker::tryFrom('' === $given ? self::USUAL_LITRES : (float) $given, Shape::Oval, null, 1.0, null, $problems);
        $problems->throwIfAny();
        \assert(null !== $cooker);

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

    private function unknown(string $typed, string $path, Problems $problems): null
    {
        $problems->add('unknown-choice', $path, ['typed' => $typed]);

        return null;
    }
}
