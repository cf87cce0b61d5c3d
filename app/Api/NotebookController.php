<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\LearnedPresenter;
use Pausis\App\Api\Presentation\NotebookPresenter;
use Pausis\App\Api\Wire\CookedDraft;
use Pausis\App\Exchange\CookedSheet;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\Relearn;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Learned;
use Pausis\App\Store\Notebook;
use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Problem\Problems;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Every cook that is over: found again, looked at, and what is said of it. */
#[Route('/api/notebook')]
final class NotebookController extends ApiController
{
    private const LONGEST_SEARCH = 200;
    private const MOST_PAGES = 10_000;

    public function __construct(private readonly Notebook $notebook, private readonly NotebookPresenter $presenter)
    {
    }

    #[Route('', methods: ['GET'])]
    public function list(
        #[MapQueryParameter] string $words = '', #[MapQueryParameter] string $cut = '', #[MapQueryParameter] string $cooker = '',
        #[MapQueryParameter] string $who = '', #[MapQueryParameter] int $page = 1,
    ): JsonResponse {
        return $this->answer($this->presenter->list(
            mb_substr($words, 0, self::LONGEST_SEARCH), $cut, $cooker, $who, min(self::MOST_PAGES, max(1, $page)),
        ));
    }

    /** The pages of one braise, newest first. */
    #[Route('/of/{braise}', methods: ['GET'])]
    public function of(string $braise, Braises $braises): JsonResponse
    {
        $found = $braises->findDeleted($braise) ?? throw $this->createNotFoundException();

        return $this->answer(array_map($this->presenter->line(...), $this->notebook->of($found)));
    }

    #[Route('/{id}', methods: ['GET'], priority: -1)]
    public function one(string $id): JsonResponse
    {
        return $this->answer($this->presenter->page($this->find($id)));
    }

    /** On paper; a4 or letter. */
    #[Route('/{id}.pdf', methods: ['GET'])]
    public function paper(string $id, CookedSheet $sheet, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        $page = $this->presenter->page($this->find($id));

        return $this->attached($sheet->write($page, $paper), 'application/pdf', $page->cook->title, 'pdf');
    }

    #[Route('/{id}', methods: ['PUT'])]
    public function change(string $id, #[MapRequestPayload] CookedDraft $said, House $house, Relearn $relearn): JsonResponse
    {
        $entry = $this->find($id);
        if ('' !== $said->cookedBy && !\in_array($said->cookedBy, array_column($house->record()->people, 'id'), true)
            && $said->cookedBy !== $entry->cookedBy) {
            $problems = new Problems();
            $problems->add('unknown-choice', 'cookedBy', ['typed' => $said->cookedBy]);
            $problems->throwIfAny();
        }
        $this->notebook->change($entry, $said->revision, static function (NotebookRecord $entry) use ($said, $relearn): void {
            $counted = !$entry->leftOut;
            $entry->say([
                'note' => trim($said->note), 'nextTime' => trim($said->nextTime), 'meatStars' => $said->meatStars,
                'sauceStars' => $said->sauceStars, 'cookedBy' => $said->cookedBy, 'leftOut' => $said->leftOut,
            ]);
            $counted === !$entry->leftOut || $relearn->from($entry);
        });

        return $this->answer($this->presenter->page($entry));
    }

    /** What the house has learned, and how its windows have held. */
    #[Route('/learned', methods: ['GET'])]
    public function learned(LearnedPresenter $learned): JsonResponse
    {
        return $this->answer($learned->present());
    }

    /** Everything that was learned, of every cooker and cut; the pages stay. */
    #[Route('/learned', methods: ['DELETE'])]
    public function forget(Learned $learned, LearnedPresenter $presenter): JsonResponse
    {
        $learned->forget();

        return $this->answer($presenter->present());
    }

    private function find(string $id): NotebookRecord
    {
        return $this->notebook->find($id) ?? throw $this->createNotFoundException();
    }
}
