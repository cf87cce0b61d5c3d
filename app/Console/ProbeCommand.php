<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\StandIn\HiddenPot;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\EventKind;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Quantity\Duration;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:probe', 'A simulated thermometer: reads a hidden pot in place of each one that is on, and records it. Prints JSON.')]
final readonly class ProbeCommand
{
    public function __construct(private Cooks $cooks, private HiddenPot $pot, private FollowBraise $follow, private House $house)
    {
    }

    /** @param list<string> $hours */
    public function __invoke(
        OutputInterface $output,
        #[Argument('Hours after switching on; now, where there are none')] array $hours = [],
        #[Option('liquid or core')] string $place = 'liquid',
        #[Option('Which hidden pot')] string $seed = '1',
    ): int {
        $where = ProbePlace::tryFrom($place);
        if (null === $where || [] !== array_filter($hours, static fn (string $h): bool => !is_numeric($h) || (float) $h < 0)) {
            $output->writeln(null === $where ? 'A place is liquid or core.' : 'Hours are numbers, like 1.5 4.');

            return Command::INVALID;
        }
        $read = [];
        $now = $this->house->now();
        foreach ($this->cooks->on() as $cook) {
            $sinceOn = ($now->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600;
            foreach ([] === $hours ? [$sinceOn] : array_map(floatval(...), $hours) as $hour) {
                if ($hour < 0 || $hour > $sinceOn) {
                    continue;
                }
                $celsius = round($this->pot->reads($cook, $where, Duration::hours($hour), (int) $seed), 1);
                $this->cooks->record($cook, [
                    'kind' => EventKind::Probe->value, 'value' => (string) $celsius, 'place' => $place,
                    'at' => $cook->switchedOn->modify(\sprintf('+%d seconds', 3600 * $hour))->format(\DATE_ATOM),
                    'settled' => $this->follow->settled($cook->braise),
                ]);
                $read[] = ['braise' => $cook->braise->title, 'hours' => round($hour, 2), 'celsius' => $celsius];
            }
        }
        $output->writeln(Json::pretty($read));

        return Command::SUCCESS;
    }
}
