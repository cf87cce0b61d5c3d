<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\HelpView;
use Pausis\App\Api\Wire\WayView;
use Pausis\App\Kitchen\FoundWay;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\Explain\WayOut;

/** Ways out and remedies in words, with what they change in the draft. */
final readonly class WayPresenter
{
    public function __construct(private Wording $wording)
    {
    }

    public function found(FoundWay $found, \DateTimeImmutable $now, Measures $measures): WayView
    {
        $serve = $found->serve?->setTimezone($now->getTimezone());
        $at = null === $serve ? '' : $measures->day($serve).', '.$measures->clock($serve);
        $text = $this->text($found->way, $at, $measures);
        $other = null === $found->also ? $text : $this->text($found->also, $at, $measures);

        return new WayView(
            $found->way->code,
            $other === $text ? $text : $this->wording->say('way.both', $measures, ['one' => $text, 'other' => lcfirst($other)]),
            $found->patch, $at,
        );
    }

    private function text(WayOut $way, string $serve, Measures $measures): string
    {
        $setting = (string) ($way->variables['setting'] ?? '');

        return $this->wording->say("way.$way->code", $measures, [
            'side' => '', ...$way->variables, 'setting' => '' === $setting ? 'none' : $this->wording->label('setting', $setting),
            'serve' => $serve,
        ]);
    }

    /** What takes a worry away. */
    public function help(string $rule, FoundWay $found, Measures $measures): HelpView
    {
        return new HelpView(
            $rule, new WayView($found->way->code, $this->wording->say("remedy.{$found->way->code}", $measures), $found->patch, ''),
        );
    }
}
