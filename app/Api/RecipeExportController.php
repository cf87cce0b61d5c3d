<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\House;
use Pausis\App\Exchange\AdaptedRecipe;
use Pausis\App\Exchange\KitchenSheet;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Problem\Problems;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** The adapted recipe in open formats (docs/formats.md). */
#[Route('/api/braises/{id}')]
final class RecipeExportController extends ApiController
{
    public function __construct(
        private readonly Braises $braises,
        private readonly Drafts $drafts,
        private readonly BraisePresenter $presenter,
        private readonly AdaptedRecipe $recipe,
        private readonly House $house,
    ) {
    }

    #[Route('/recipe.md', methods: ['GET'])]
    public function markdown(string $id): Response
    {
        [$braise, $adapted] = $this->adapted($id);

        return $this->download($this->recipe->markdown($braise->title, $adapted, $this->house->measures()), 'text/markdown', $braise, 'md');
    }

    #[Route('/recipe.jsonld', methods: ['GET'])]
    public function jsonLd(string $id): Response
    {
        [$braise, $adapted] = $this->adapted($id);
        $json = json_encode($this->recipe->jsonLd($braise->title, $adapted, $this->house->measures()), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);

        return $this->download($json."\n", 'application/ld+json', $braise, 'json');
    }

    /** For the wall beside the stove; paper is a4 or letter. */
    #[Route('/sheet.pdf', methods: ['GET'])]
    public function sheet(string $id, KitchenSheet $sheet, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        [$braise, $adapted] = $this->adapted($id);
        $whole = $this->presenter->wholeDay($this->drafts->fromArray($braise->draft), $adapted);
        $adapted = $whole->braise ?? $adapted;

        return $this->download($sheet->write($braise->title, $adapted, $whole, $this->house->measures(), $paper), 'application/pdf', $braise, 'pdf');
    }

    /** @return array{BraiseRecord, AdaptedBraise} */
    private function adapted(string $id): array
    {
        $braise = $this->braises->find($id) ?? throw $this->createNotFoundException();
        $problems = new Problems();
        $adapted = $this->presenter->adapted($this->drafts->fromArray($braise->draft), $problems);
        $problems->throwIfAny();
        \assert(null !== $adapted);

        return [$braise, $adapted];
    }

    private function download(string $content, string $type, BraiseRecord $braise, string $extension): Response
    {
        $name = (new AsciiSlugger())->slug($braise->title)->lower()->toString();

        return new Response($content, 200, [
            'Content-Type' => 'application/pdf' === $type ? $type : "$type; charset=utf-8",
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $name ? 'braise' : $name).".$extension"),
        ]);
    }
}
