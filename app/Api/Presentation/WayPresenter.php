<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\WayView;
use Pausis\App\Kitchen\DraftPatch;
use Pausis\App\Kitchen\FoundWay;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Explain\WayOut;

/** Ways out and remedies in words, with what they change in the draft. */
final readonly class WayPresenter
{
    public function __construct(private Wording $wording, private DraftPatch $patches)
    {
    }

    public function found(FoundWay $found, \DateTimeImmutable $now, Measures $measures): WayView
    {
        $serve = $found->serve?->setTimezone($now->getTimezone());
        $variables = $found->way->variables;
        if (isset($variables['setting'])) {
            $variables['setting'] = $this->wording->label('setting', (string) $variables['setting']);
        }
        $at = null === $serve ? '' : $measures->day($serve).', '.$measures->clock($serve);

        return new WayView(
            $found->way->code,
            $this->wording->say('way.'.$found->way->code, $measures, ['setting' => '', 'side' => '', ...$variables, 'serve' => $at]),
            $found->patch, $at,
        );
    }

    /** What takes a worry away, of which the core has seen that it does. */
    public function remedy(WayOut $way, BraiseDraft $draft, BraiseOrder $order, Measures $measures): WayView
    {
        return new WayView(
            $way->code, $this->wording->say("remedy.$way->code", $measures), $this->patches->of($draft, $order, $way->changes), '',
        );
    }
}
