<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Exchange\WholeHouse;
use Pausis\App\Kitchen\House;
use Pausis\App\StandIn\SampleHouse;
use Pausis\App\StandIn\SampleYear;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Makes app/StandIn/sample/year.json, where the model or what is learned has changed. */
#[AsCommand('pausis:year', 'Lets the sample house cook for a year in an empty store, and prints that as the file that the demo takes in.')]
final readonly class YearCommand
{
    /** Of what was learned and planned, significant decimals in the file. */
    private const DECIMALS = 5;

    public function __construct(
        private SampleHouse $sample, private SampleYear $year, private WholeHouse $whole, private House $house, private Braises $braises,
    ) {
    }

    public function __invoke(OutputInterface $output): int
    {
        if (!$this->sample->isEmpty()) {
            $output->writeln('The store holds something already.');

            return Command::FAILURE;
        }
        $ids = $this->sample->fill();
        $dishes = [];
        foreach (array_diff_key($ids, ['@large' => '', '@small' => '']) as $id) {
            $dishes[] = ['braise' => $this->braises->find($id) ?? throw new \LogicException($id), 'cookerId' => $ids['@large']];
        }
        $added = $this->sample->addOfTheYear($ids);
        foreach ($added as $name => $braise) {
            $cooker = $braise->draft['cookerId'] ?? '';
            $dishes[] = ['braise' => $braise, 'cookerId' => \is_string($cooker) ? $cooker : ''];
        }
        $told = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $this->year->fill($dishes, [$ids['@large'], $ids['@small']], static fn (int $done) => $told->writeln("· $done cooks"));
        $output->write(strtr($this->file(array_map(static fn (BraiseRecord $b): string => $b->id, $added)), array_flip($ids)), false,
            OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /** @param array<string, string> $added ids */
    private function file(array $added): string
    {
        $file = [];
        foreach ($this->whole->written($this->house->now()) as $name => $member) {
            $rows = $member instanceof \Traversable ? iterator_to_array($member, false) : $member;
            $file[$name] = match ($name) {
                'house' => new \stdClass(),
                'cookers', 'meanings' => [],
                'braises' => array_values(array_filter(
                    \is_array($rows) ? $rows : [],
                    static fn (mixed $row): bool => \is_array($row) && \in_array($row['id'] ?? '', $added, true),
                )),
                default => $rows,
            };
        }
        $flags = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES;
        $json = json_encode(self::rounded(json_decode(json_encode($file, $flags))), $flags);

        // A row a line.
        return (string) preg_replace('/(?<=[\[,])(?=\{"id":"[0-9a-f-]{36}",)/', "\n", (string) $json)."\n";
    }

    private static function rounded(mixed $value): mixed
    {
        return match (true) {
            \is_float($value) => round($value, self::DECIMALS),
            \is_array($value) => array_map(self::rounded(...), $value),
            $value instanceof \stdClass => (object) array_map(self::rounded(...), get_object_vars($value)),
            default => $value,
        };
    }
}
