<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Store\StoreCopies;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('pausis:restore', 'Puts a copy in the store’s place, the last one where none is named; what was there is kept beside it.')]
final readonly class RestoreCommand
{
    public function __construct(#[Autowire('%env(resolve:DATABASE_URL)%')] private string $url, private ClockInterface $clock)
    {
    }

    public function __invoke(OutputInterface $output, #[Argument('A copy that pausis:backup has made')] string $copy = ''): int
    {
        $copies = StoreCopies::beside((string) preg_replace('#^sqlite:///#', '', $this->url));
        $copy = '' === $copy ? (string) $copies->last() : $copy;
        if (!is_file($copy)) {
            $output->writeln('' === $copy ? 'There is no copy yet: bin/backup makes one.' : "There is no $copy.");

            return Command::FAILURE;
        }
        try {
            $kept = $copies->restore($copy, $this->clock->now());
        } catch (\RuntimeException $e) {
            $output->writeln($e->getMessage().' Nothing was changed.');

            return Command::FAILURE;
        }
        $output->writeln("Restored from $copy.".(null === $kept ? '' : " What was there is kept as $kept."));

        return Command::SUCCESS;
    }
}
