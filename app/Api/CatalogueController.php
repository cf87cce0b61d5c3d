<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\Catalogue;
use Pausis\App\Api\Wire\Choice;
use Pausis\App\Api\Wire\CutChoice;
use Pausis\App\Api\Wire\DegreeView;
use Pausis\App\Api\Wire\SideChoice;
use Pausis\App\Kitchen\House;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Adaptation\Sureness;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Tenderness\Doneness;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final class CatalogueController extends ApiController
{
    /** °C. */
    private const DEGREES = [20, 40, 60, 80];

    public function __construct(private readonly Wording $wording)
    {
    }

    #[Route('/api/catalogue', methods: ['GET'])]
    public function get(Cuts $cuts, Sides $sides, House $house): JsonResponse
    {
        $measures = $house->measures();
        $textures = [Doneness::Slices, Doneness::Fork, Doneness::Pulls];

        return $this->answer(new Catalogue(
            array_map(
                static fn (Cut $c): CutChoice => new CutChoice(
                    $c->id, $c->name, $c->soldInPieces, $measures->mass($c->typicalPiece->inGrams()),
                ),
                $cuts->all(),
            ),
            $this->choices('role', Role::cases()),
            $this->choices('part', PartKind::cases()),
            $this->choices('level', LevelSchool::cases()),
            $this->choices('texture', $textures),
            [
                new Choice(
                    SauceBody::AS_THE_RECIPE, $this->wording->label('thickness', SauceBody::AS_THE_RECIPE),
                    $this->wording->hint('thickness-hint', SauceBody::AS_THE_RECIPE),
                ),
                ...$this->choices('thickness', Thickness::cases()),
            ],
            $this->choices('thickener', Thickener::cases()),
            [
                ...$this->choices('thickener', Thickener::cases()),
                ...$this->choices('thickener', [ThickenedBy::FlourAndButter, ThickenedBy::BoilingDown, ThickenedBy::Blending]),
            ],
            $this->choices('method', Method::cases()),
            [new Choice('auto', $this->wording->label('setting', 'auto'), ''), ...$this->choices('setting', ProgramChoice::cases())],
            $this->choices('fork', ForkAnswer::cases()),
            $this->choices('effort', Effort::cases()),
            $this->choices('layers', LayerOrder::cases()),
            array_map(static fn (Side $s): SideChoice => new SideChoice($s->id, $s->name, $s->takes), $sides->all()),
            $this->choices('step', StepKind::cases()),
            $this->choices('timing', Timing::cases()),
            $this->choices('measures', UnitSystem::cases()),
            $this->choices('sureness', Sureness::cases()),
            array_map(
                static fn (int $c): DegreeView => new DegreeView(
                    $c, $measures->temperature($c), $c === (int) Simulation::SAFE_CELSIUS,
                ),
                self::DEGREES,
            ),
            RecipeReader::MOST_BYTES,
        ));
    }

    /**
     * @param list<\BackedEnum> $cases
     *
     * @return list<Choice>
     */
    private function choices(string $name, array $cases): array
    {
        return array_map(
            fn (\BackedEnum $case): Choice => new Choice(
                (string) $case->value, $this->wording->label($name, (string) $case->value),
                $this->wording->hint("$name-hint", (string) $case->value),
            ),
            $cases,
        );
    }
}
