<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Api\Presentation\AdaptationPresenter;
use Pausis\App\Api\Wire\MethodLine;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Twig\Environment;

/** What hangs beside the stove: the page of changes as a PDF, with the level, what comes out again, cautions, and room for notes. */
final readonly class KitchenSheet
{
    public function __construct(
        private Environment $twig,
        private AdaptationPresenter $adaptations,
        private Wording $wording,
        private Paper $paper,
    ) {
    }

    public function write(string $title, WorkedBraise $worked, Measures $measures, string $paper): string
    {
        $braise = $worked->orThrow();
        $view = $this->adaptations->present($worked, $measures);
        $cautions = [];
        foreach ($braise->findings as $finding) {
            if ('take-out' !== $finding->rule) {
                $cautions[] = $this->wording->say("finding.$finding->rule", $measures, $finding->variables);
            }
        }
        $lines = static fn (string $column): array => array_values(array_filter(
            $view->method, static fn (MethodLine $l): bool => $column === $l->column && !$l->gone,
        ));
        $html = $this->twig->render('sheet/kitchen.html.twig', [
            'title' => $title,
            'verdict' => $view->verdict,
            'serves' => $braise->order->recipe->serves,
            'columns' => ['before' => $lines('before'), 'pot' => $lines('pot'), 'plate' => $lines('plate')],
            'liquid' => $view->liquid->text,
            'salt' => $view->salt->text,
            'picture' => 'data:image/svg+xml;base64,'.base64_encode(self::picture(
                $view->pot->depth, $view->pot->width, $view->pot->vegetables, $view->pot->meat, $view->pot->level, $view->pot->levelAtEnd,
            )),
            'level' => $view->pot->text,
            'cautions' => $cautions,
            'defer' => $this->wording->label('caution', 'defer'),
        ]);

        return $this->paper->of($html, $paper);
    }

    /** The insert cut open, in centimetres: roots, meat, liquid when loaded and at the end. */
    private static function picture(float $depth, float $width, float $roots, float $meat, float $level, float $end): string
    {
        $box = static fn (float $bottom, float $height, string $fill): string => \sprintf(
            '<rect x="1" y="%.2f" width="%.2f" height="%.2f" fill="%s"/>', 1 + $depth - $bottom - $height, $width, $height, $fill,
        );
        $line = static fn (float $height, string $dash): string => \sprintf(
            '<line x1="0" x2="%.2f" y1="%.2f" y2="%2$.2f" stroke="#14202f" stroke-width="0.3" %s/>', $width + 2, 1 + $depth - $height,
            $dash,
        );

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %.2f %.2f" width="%1$.2f" height="%2$.2f">', $width + 2, $depth + 2,
        )
            .$box(0, $level, '#e6d3b8').$box(0, $roots, '#d98f3f').$box($roots, $meat, '#9c4a3c')
            .$line($level, '').$line($end, 'stroke-dasharray="1 0.7"')
            .\sprintf('<path d="M1 1 V%.2f H%.2f V1" fill="none" stroke="#1d3a66" stroke-width="0.8"/></svg>', 1 + $depth, 1 + $width);
    }
}
