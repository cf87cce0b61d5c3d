<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Api\Presentation\AdaptationPresenter;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;

/** The day as Markdown: a list to tick off. */
final readonly class DayMarkdown
{
    public function __construct(private AdaptationPresenter $adaptations, private Wording $wording)
    {
    }

    public function write(string $title, WorkedBraise $worked, Measures $measures): string
    {
        $braise = $worked->orThrow();
        $view = $this->adaptations->present($worked, $measures);
        $lines = [];
        foreach ($view->wholeDay->jobs ?? [] as $job) {
            $who = '' === $job->person ? '' : ", $job->person";
            $lines[] = "- [ ] **$job->clock** ".Markdown::line($job->text).", $job->minutes min$who";
        }
        if (null === $view->wholeDay) {
            foreach ($view->day as $task) {
                $lines[] = "- [ ] **$task->clock** ".Markdown::line($task->text);
            }
        }
        $notes = [
            ...($view->wholeDay->caught ?? []), ...array_filter([$view->wholeDay->clash ?? '', $view->wholeDay->lateText ?? '']),
            $this->wording->label('caution', 'defer'),
        ];

        return implode(
            "\n",
            [
                '# '.Markdown::line($title), '', Markdown::line($view->verdict), '', '## '.$measures->day($braise->order->serveAt), '',
                ...$lines, '', '## Notes', '', ...array_map(static fn (string $note): string => '- '.Markdown::line($note), $notes), '',
            ],
        );
    }
}
