<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\WholeHouseView;
use Pausis\App\Exchange\HouseFile;
use Pausis\App\Exchange\NotebookTable;
use Pausis\App\Exchange\TakeInHouse;
use Pausis\App\Exchange\WholeHouse;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\StoreCopies;
use Pausis\App\Wording\Wording;
use Pausis\Core\Problem\Problems;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedJsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Everything out, and in again; the notebook as a table and as text (docs/formats.md). */
final class WholeHouseController extends ApiController
{
    /** For a file of the largest size and what is made of it. */
    private const MEMORY = '1G';

    public function __construct(private readonly House $house)
    {
    }

    #[Route('/api/everything.json', methods: ['GET'])]
    public function out(WholeHouse $whole): Response
    {
        return new StreamedJsonResponse(iterator_to_array($whole->written($this->house->now())), 200, [
            'Cache-Control' => 'no-store', 'Content-Disposition' => $this->named('pausis-house', 'json'),
        ], \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** Looked through only, put beside what is here, or in its place: how is look, beside or instead. */
    #[Route('/api/everything', methods: ['POST'])]
    public function in(
        Request $request, HouseFile $files, TakeInHouse $takeIn, Wording $wording,
        #[Autowire('%env(resolve:DATABASE_URL)%')] string $url, #[MapQueryParameter] string $how = 'look',
    ): JsonResponse {
        ini_set('memory_limit', self::MEMORY);
        set_time_limit(0);
        $problems = new Problems();
        $file = $files->read($request->getContent(), $this->house->now(), $problems);
        if (!\in_array($how, ['look', 'beside', 'instead'], true)) {
            $problems->add('unknown-choice', 'how', ['typed' => $how]);
        }
        $problems->throwIfAny();
        \assert(null !== $file);
        $measures = $this->house->measures();
        $told = static fn (bool $replace): array => array_map(
            static fn (string $part, array $counts): string => $wording->say("everything.$part", $measures, $counts),
            array_keys(WholeHouse::PARTS), $takeIn->foreseen($file, $replace),
        );
        [$beside, $instead] = [$told(false), $told(true)];
        $copy = '';
        if ('instead' === $how && is_file($store = (string) preg_replace('#^sqlite:///#', '', $url))) {
            $copy = StoreCopies::beside($store)->make($this->house->now());
        }
        'look' === $how || $takeIn->take($file, 'instead' === $how);
        $written = new \DateTimeImmutable($file['written']);

        return $this->answer(new WholeHouseView(
            $measures->day($written).', '.$measures->clock($written), $beside, $instead, 'look' !== $how, $copy,
        ));
    }

    #[Route('/api/notebook.csv', methods: ['GET'])]
    public function table(NotebookTable $table): Response
    {
        return new Response($table->csv(), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => $this->named('notebook', 'csv'),
            'Cache-Control' => 'no-store',
        ]);
    }

    #[Route('/api/notebook.md', methods: ['GET'])]
    public function text(NotebookTable $table): Response
    {
        return new Response($table->markdown(), 200, [
            'Content-Type' => 'text/markdown; charset=utf-8', 'Content-Disposition' => $this->named('notebook', 'md'),
            'Cache-Control' => 'no-store',
        ]);
    }

    private function named(string $name, string $extension): string
    {
        return HeaderUtils::makeDisposition(
            HeaderUtils::DISPOSITION_ATTACHMENT, "$name-{$this->house->now()->format('Y-m-d')}.$extension",
        );
    }
}
