<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Presentation\RecipePresenter;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;

/** A braise with nothing special in it, for those who have no recipe yet. */
final readonly class PlainBraise
{
    private const TEXT = <<<'TEXT'
        A plain braise
        Serves 4

        1.2 kg beef chuck
        2 onions, sliced
        2 carrots, in coins
        2 tbsp oil
        500 ml beef stock
        1 bay leaf
        1 tsp salt

        Season the meat and brown it in the oil. Soften the onions and carrots for 8 minutes.
        Add the meat, stock and bay. Cover and cook in the oven at 150 °C for 3 hours.
        Take out the bay leaf. Serve.
        TEXT;

    public function __construct(private RecipeReader $reader, private RecipePresenter $recipes)
    {
    }

    public function draft(): BraiseDraft
    {
        $reading = $this->reader->read(self::TEXT, new Problems(), 'text')
            ?? throw new \LogicException('The plain braise can’t be read.');

        return $this->recipes->present($reading)->draft;
    }
}
