<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pausis:cuts', 'Lists the cuts of meat: their need in hours at 90 °C, their form and what they are made of.')]
final readonly class CutsCommand
{
    public function __construct(private Cuts $cuts)
    {
    }

    public function __invoke(SymfonyStyle $style): int
    {
        $style->table(
            ['id', 'name', 'need ± σ', 'a:b:c', 'fat', 'bone', 'safe core', 'sold', ''],
            array_map(static fn (Cut $c): array => [
                $c->id,
                $c->name,
                \sprintf('%.1f h ± %.0f %%', $c->needHours, 100 * $c->needSigma),
                implode(':', array_map(static fn (float|int $side): string => (string) $side, $c->form)),
                \sprintf('%.0f %%', 100 * $c->fat),
                \sprintf('%.0f %%', 100 * $c->bone),
                \sprintf('%.0f °C', $c->safeCore->celsius),
                $c->soldInPieces
                    ? \sprintf('pieces of %.2f kg', $c->typicalPiece->kilograms)
                    : \sprintf('joint, %.1f kg', $c->typicalPiece->kilograms),
                $c->lean ? 'lean' : '',
            ], $this->cuts->all()),
        );

        return Command::SUCCESS;
    }
}
