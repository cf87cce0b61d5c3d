<?php

declare(strict_types=1);

namespace Pausis\App\Wording;

use Pausis\App\Api\Wire\ProblemView;
use Pausis\App\Api\Wire\SumView;
use Pausis\App\Api\Wire\TermView;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Problem\Problem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The core's codes and variables in words, from translations/pausis+intl-icu.en.yaml. */
final readonly class Wording
{
    public function __construct(private TranslatorInterface $translator)
    {
    }

    /**
     * With the quantities that stand fixed in sentences (60 °C: {c60}) in the house's units.
     *
     * @param array<string, float|int|string> $variables
     */
    public function say(string $key, Measures $measures, array $variables = []): string
    {
        $said = $measures->fixed;
        foreach ($variables as $name => $value) {
            $said[$name] = $measures->variable($name, $value);
        }

        return $this->translator->trans($key, $said, 'pausis');
    }

    /** The label of one value of a choice. */
    public function label(string $choice, string $value): string
    {
        return $this->translator->trans("$choice.$value", [], 'pausis');
    }

    /** The label, or nothing where the catalogue has none. */
    public function hint(string $choice, string $value): string
    {
        $key = "$choice.$value";
        $text = $this->translator->trans($key, [], 'pausis');

        return $text === $key ? '' : $text;
    }

    public function problem(Problem $problem, Measures $measures): ProblemView
    {
        $variables = $problem->variables;
        if ('out-of-range' === $problem->code) {
            foreach (['value', 'least', 'most'] as $name) {
                $value = $variables[$name] ?? '';
                $variables[$name] = \is_string($value) ? $value : $measures->number((float) $value, 2);
            }
        }

        $empty = '' === trim((string) ($variables['typed'] ?? '…'));

        return new ProblemView(
            $problem->path, $problem->code, $this->say('problem.'.($empty ? 'nothing-typed' : $problem->code), $measures, $variables),
        );
    }

    public function sum(Sum $sum, Measures $measures): SumView
    {
        return new SumView(
            $this->label('sum', $sum->code),
            $this->amount($sum->unit, $sum->total, $measures),
            $sum->total,
            array_map(fn (Term $t): TermView => new TermView(
                $this->say("term.$t->code.text", $measures, $t->from),
                $this->say("term.$t->code.rule", $measures, $t->from),
                ($t->value >= 0 ? '+ ' : '− ').ltrim($this->amount($sum->unit, abs($t->value), $measures), '−'),
                $t->value,
            ), $sum->terms),
        );
    }

    private function amount(string $unit, float $value, Measures $measures): string
    {
        return match ($unit) {
            'mL' => $measures->volume($value),
            'g' => $measures->mass($value),
            'min' => $measures->hours($value / 60),
            default => throw new \LogicException("No wording for the unit $unit."),
        };
    }
}
