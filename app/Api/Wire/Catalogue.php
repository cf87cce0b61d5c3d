<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The choices of every field. */
final readonly class Catalogue
{
    /**
     * @param list<CutChoice>  $cuts
     * @param list<Choice>     $roles
     * @param list<Choice>     $parts       of a recipe
     * @param list<Choice>     $levels
     * @param list<Choice>     $textures
     * @param list<Choice>     $thicknesses
     * @param list<Choice>     $thickeners
     * @param list<Choice>     $bodies      all that a sauce may be thickened with
     * @param list<Choice>     $methods
     * @param list<Choice>     $settings
     * @param list<Choice>     $forkAnswers
     * @param list<Choice>     $efforts     what is done in the pan
     * @param list<Choice>     $layers
     * @param list<SideChoice> $sides
     * @param list<Choice>     $stepKinds
     * @param list<Choice>     $timings     when something is done
     * @param list<Choice>     $sureness    that dinner is in time
     * @param list<Choice>     $measures    whose cups and spoons
     * @param list<DegreeView> $degrees     of the axis of a chart
     */
    public function __construct(
        public array $cuts,
        public array $roles,
        public array $parts,
        public array $levels,
        public array $textures,
        public array $thicknesses,
        public array $thickeners,
        public array $bodies,
        public array $methods,
        public array $settings,
        public array $forkAnswers,
        public array $efforts,
        public array $layers,
        public array $sides,
        public array $stepKinds,
        public array $timings,
        public array $measures,
        public array $sureness,
        public array $degrees,
        public int $mostRecipeBytes,
    ) {
    }
}
