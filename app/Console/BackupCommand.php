<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Store\StoreCopies;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('pausis:backup', 'Copies the store while it is in use, reads the copy back, and keeps the last fourteen.')]
final readonly class BackupCommand
{
    public function __construct(#[Autowire('%env(resolve:DATABASE_URL)%')] private string $url, private ClockInterface $clock)
    {
    }

    public function __invoke(OutputInterface $output, #[Option('Folder to keep copies in')] string $to = ''): int
    {
        $store = (string) preg_replace('#^sqlite:///#', '', $this->url);
        try {
            $copies = '' === $to ? StoreCopies::beside($store) : new StoreCopies($store, rtrim($to, '/'));
            $output->writeln($copies->make($this->clock->now()));
        } catch (\RuntimeException $e) {
            $output->writeln($e->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
