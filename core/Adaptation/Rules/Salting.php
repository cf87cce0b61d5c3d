<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** What is salted for a reduced sauce is too salty undiluted: some is held back. */
final readonly class Salting implements Rule
{
    private const WORTH_GRAMS = 0.5;

    public function applied(Process $process, Circumstances $in): Process
    {
        $salt = $in->salt;

        return $salt->overGrams < self::WORTH_GRAMS
            ? $process
            : $process->noting($in->entry(
                'hold-salt', 'hold-salt', ['grams' => $salt->overGrams, 'percent' => $salt->percentAfter], $salt->sum,
            ));
    }
}
