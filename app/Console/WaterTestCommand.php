<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Store\HouseRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Learning\WaterTest;
use Pausis\Core\Problem\InvalidInput;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(
    'pausis:water-test', 'Learns a cooker from a pot of water on Low: readings like 2:58 4:77 (hour:°C). Prints JSON (docs/formats.md).',
)]
final readonly class WaterTestCommand
{
    public function __construct(private Wording $wording)
    {
    }

    /** @param list<string> $readings */
    public function __invoke(
        OutputInterface $output,
        #[Argument('hour:°C, as many as were noted')] array $readings,
        #[Option('Litres to the brim')] string $litres = '5.7',
        #[Option('Rated watts, if known')] string $watts = '',
        #[Option('Kilograms of water')] string $waterKg = '',
        #[Option('°C of the water at the start')] string $start = '15',
        #[Option('°C of the kitchen')] string $room = '20',
        #[Option('Metres above the sea')] string $altitude = '0',
    ): int {
        $problems = new Problems();
        try {
            $cooker = Cooker::tryFrom(
                self::number($litres), Shape::Oval, '' === $watts ? null : self::number($watts), 1.0, null, $problems,
            );
            $problems->throwIfAny();
            \assert(null !== $cooker);
            $test = WaterTest::tryFrom(
                $cooker, '' === $waterKg ? $cooker->capacity->inLitres() / 2 : self::number($waterKg), self::number($start),
                self::number($room), self::number($altitude), array_map(self::reading(...), $readings), $problems,
            );
            $problems->throwIfAny();
            \assert(null !== $test);
        } catch (InvalidInput $e) {
            $output->writeln(Json::pretty(['problems' => array_map(
                fn (Problem $p): object => $this->wording->problem($p, new Measures(new HouseRecord())), $e->problems,
            )]));

            return Command::FAILURE;
        }
        $result = $test->fit();
        $output->writeln(Json::pretty([
            'heatFactor' => round($result->heatFactor, 3),
            'lossFactor' => null === $result->lossFactor ? null : round($result->lossFactor, 3),
            'error' => round($result->error, 2),
            'verdict' => $result->verdict->value,
            'curve' => array_map(static fn (array $point): array => [$point[0], round($point[1], 1)], $result->curve),
        ]));

        return Command::SUCCESS;
    }

    /** @return array{float, float} NAN where it is no number, which the range then refuses */
    private static function reading(string $written): array
    {
        [$hour, $celsius] = [...explode(':', $written, 2), ''];

        return [self::number($hour), self::number($celsius)];
    }

    private static function number(string $written): float
    {
        return is_numeric($written) ? (float) $written : \NAN;
    }
}
