<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\NotebookLine;
use Pausis\App\Api\Wire\NotebookView;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\NotebookRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final class NotebookController extends ApiController
{
    public function __construct(private readonly Wording $wording)
    {
    }

    #[Route('/api/notebook', methods: ['GET'])]
    public function all(Cooks $cooks, House $house): JsonResponse
    {
        $measures = $house->measures();

        return $this->answer(array_map(fn (NotebookRecord $entry): NotebookView => new NotebookView(
            $entry->id,
            $entry->cook->braise->id,
            $entry->title,
            $measures->day($entry->cookedOn),
            $this->lines($entry, $measures),
            $entry->note,
        ), $cooks->notebook()));
    }

    /** @return list<NotebookLine> */
    private function lines(NotebookRecord $entry, Measures $measures): array
    {
        $hours = static fn (string|float|null $value): ?float => is_numeric($value) ? (float) $value : null;
        $volume = fn (string|float|null $value): string => null === $hours($value)
            ? $this->wording->label('notebook', 'not-seen')
            : $measures->volume($hours($value));
        $clock = fn (string|float|null $value): string => \is_string($value) ? $measures->clock(
            new \DateTimeImmutable($value), $entry->cookedOn,
        ) : $this->wording->label('notebook', 'not-seen');
        $ready = $hours($entry->happened['readyHours'] ?? null);

        return [
            new NotebookLine($this->wording->label('notebook', 'ready'),
                $measures->span($hours($entry->planned['earliestHours'] ?? null), $hours($entry->planned['latestHours'] ?? null)),
                null === $ready ? $this->wording->label('notebook', 'not-seen') : $this->wording->say(
                    'notebook.as-said', $measures, ['hours' => $ready],
                )),
            new NotebookLine(
                $this->wording->label('notebook', 'serve'), $clock($entry->planned['serve'] ?? null),
                $clock($entry->happened['serve'] ?? null),
            ),
            new NotebookLine(
                $this->wording->label('notebook', 'sauce'), $volume($entry->planned['endMl'] ?? null),
                $volume($entry->happened['endMl'] ?? null),
            ),
            ...$this->learned($entry, $measures),
            new NotebookLine(
                $this->wording->label('notebook', 'tests'), '', $measures->number((float) ($entry->happened['tests'] ?? 0), 0),
            ),
        ];
    }

    /** @return list<NotebookLine> what this cook taught of the cooker and the cut */
    private function learned(NotebookRecord $entry, Measures $measures): array
    {
        $lines = [];
        foreach (['heatPercent' => 'learned-heat', 'needPercent' => 'learned-need'] as $key => $word) {
            $percent = $entry->happened[$key] ?? null;
            if (is_numeric($percent)) {
                $variables = ['sharePercent' => round(abs((float) $percent)), 'way' => $percent < 0 ? 'less' : 'more'];
                $said = $this->wording->say("notebook.$word", $measures, $variables);
                $lines[] = new NotebookLine($this->wording->label('notebook', 'learned'), '', $said);
            }
        }

        return $lines;
    }
}
