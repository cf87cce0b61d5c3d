<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Access\Passphrase;
use Pausis\App\Store\Devices;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:passphrase', 'Sets the house’s passphrase to the line it is given, or makes one of words; every device is asked anew.')]
final readonly class PassphraseCommand
{
    public function __construct(private Passphrase $passphrase, private Devices $devices)
    {
    }

    public function __invoke(
        OutputInterface $output, #[Option('Only where there is none yet')] bool $ensure = false,
        #[Option('Read it from standard input')] bool $typed = false,
    ): int {
        if ($ensure && $this->passphrase->isSet()) {
            return Command::SUCCESS;
        }
        $new = $typed ? trim((string) fgets(\STDIN)) : $this->passphrase->propose();
        if ($this->passphrase->isShort($new)) {
            $output->writeln('That is too short: eight characters at least.');

            return Command::FAILURE;
        }
        $this->passphrase->set($new);
        $this->devices->sendAllAway();
        $output->writeln($typed ? 'It is set. Every device is asked for it once more.' : $new);

        return Command::SUCCESS;
    }
}
