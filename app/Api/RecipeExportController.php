<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Exchange\AdaptedRecipe;
use Pausis\App\Exchange\DayMarkdown;
use Pausis\App\Exchange\KitchenSheet;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The adapted recipe in open formats (docs/formats.md). */
#[Route('/api/braises/{id}')]
final class RecipeExportController extends ApiController
{
    public function __construct(
        private readonly Braises $braises,
        private readonly FollowBraise $follow,
        private readonly AdaptedRecipe $recipe,
        private readonly House $house,
    ) {
    }

    #[Route('/recipe.md', methods: ['GET'])]
    public function markdown(string $id): Response
    {
        [$braise, $worked] = $this->worked($id);

        return $this->attached(
            $this->recipe->markdown($braise->title, $worked->orThrow(), $this->house->measures()), 'text/markdown', $braise->title, 'md',
        );
    }

    #[Route('/recipe.jsonld', methods: ['GET'])]
    public function jsonLd(string $id): Response
    {
        [$braise, $worked] = $this->worked($id);
        $json = json_encode(
            $this->recipe->jsonLd($braise->title, $worked->orThrow(), $this->house->measures()),
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
        );

        return $this->attached($json."\n", 'application/ld+json', $braise->title, 'json');
    }

    #[Route('/day.md', methods: ['GET'])]
    public function day(string $id, DayMarkdown $day): Response
    {
        [$braise, $worked] = $this->worked($id);

        return $this->attached($day->write($braise->title, $worked, $this->house->measures()), 'text/markdown', $braise->title, 'md');
    }

    /** For the wall beside the stove; paper is a4 or letter. */
    #[Route('/sheet.pdf', methods: ['GET'])]
    public function sheet(string $id, KitchenSheet $sheet, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        [$braise, $worked] = $this->worked($id);

        return $this->attached(
            $sheet->write($braise->title, $worked, $this->house->measures(), $paper), 'application/pdf', $braise->title, 'pdf',
        );
    }

    /** @return array{BraiseRecord, WorkedBraise} */
    private function worked(string $id): array
    {
        $braise = $this->braises->find($id) ?? throw $this->createNotFoundException();

        return [$braise, $this->follow->of($braise)];
    }
}
