<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Store\StoreCopies;
use Pausis\App\Store\StoreFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('pausis:store', 'Looks whether the store can be used, without changing anything: whole, and not by a newer Pausis.')]
final readonly class StoreCommand
{
    public function __construct(
        #[Autowire('%env(resolve:DATABASE_URL)%')] private string $url,
        #[Autowire('%kernel.project_dir%/migrations')] private string $migrations,
    ) {
    }

    public function __invoke(OutputInterface $output): int
    {
        $file = (string) preg_replace('#^sqlite:///#', '', $this->url);
        $wrong = (new StoreFile($file, $this->migrations))->wrong();
        if (null === $wrong) {
            return Command::SUCCESS;
        }
        $output->writeln($wrong);
        $copy = StoreCopies::beside($file)->last();
        $output->writeln(null === $copy
            ? 'There is no copy of it in the folder copies beside it.'
            : "Its last copy is $copy: bin/restore $copy puts it in its place.");
        $output->writeln('Nothing of it was changed. To go on without it, start with another folder (--data DIR), or anew with --fresh,');
        $output->writeln('which keeps this file beside the new one.');

        return Command::FAILURE;
    }
}
