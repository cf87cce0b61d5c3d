<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\StandIn\SampleHouse;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:demo', 'Fills an empty store with a sample house: cookers, recipes, a braise planned around a working day, its year.')]
final readonly class DemoCommand
{
    public function __construct(private SampleHouse $sample)
    {
    }

    public function __invoke(OutputInterface $output, #[Option('Without the year that it has cooked')] bool $withoutYear = false): int
    {
        if (!$this->sample->isEmpty()) {
            $output->writeln('The store holds something already; nothing was added.');

            return Command::SUCCESS;
        }
        $ids = $this->sample->fill();
        $withoutYear || $this->sample->remember($ids);
        $output->writeln('A sample house with two cookers and its braises is ready.');

        return Command::SUCCESS;
    }
}
