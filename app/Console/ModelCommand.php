<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Store\HouseRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\ModelCase;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\InvalidInput;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:model', 'Runs the heating, tenderness and uncertainty model on a case file and prints JSON (docs/formats.md).')]
final readonly class ModelCommand
{
    private const MOST_BYTES = 1_000_000;

    public function __construct(private Cuts $cuts, private Wording $wording)
    {
    }

    public function __invoke(OutputInterface $output, #[Argument('A JSON case file')] string $case): int
    {
        $problems = new Problems();
        try {
            $text = is_file($case) && filesize($case) <= self::MOST_BYTES ? file_get_contents($case) : false;
            $model = ModelCase::tryFrom(json_decode(false === $text ? '' : $text, true, 32, \JSON_THROW_ON_ERROR), $this->cuts, $problems);
            $problems->throwIfAny();
            \assert(null !== $model);
            $output->writeln(Json::pretty($model->run()));

            return Command::SUCCESS;
        } catch (\JsonException) {
            $problems->add('file-not-read', '');
        } catch (InvalidInput) {
        }
        $output->writeln(Json::pretty(['problems' => array_map(
            fn (Problem $p): object => $this->wording->problem($p, new Measures(new HouseRecord())), $problems->all(),
        )]));

        return Command::FAILURE;
    }
}
