<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\MeatPresenter;
use Pausis\App\Api\Wire\MeatOfferView;
use Pausis\App\Api\Wire\MeatQuestion;
use Pausis\App\Kitchen\AskMeat;
use Pausis\App\Kitchen\PlainBraise;
use Pausis\Core\Adaptation\Shop\MeatOffer;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Which meat for this day? */
final class MeatController extends ApiController
{
    /** A few cuts at a time, so that how far it is can be shown. */
    #[Route('/api/meats', methods: ['POST'])]
    public function ask(#[MapRequestPayload] MeatQuestion $question, AskMeat $ask, MeatPresenter $present): JsonResponse
    {
        return $this->answer(array_map(
            static fn (MeatOffer $o): MeatOfferView => $present->offer($o),
            $ask->of($question->draft, array_values(array_filter($question->cuts, is_string(...)))),
        ));
    }

    /** To ask from where there is no recipe yet. */
    #[Route('/api/meats/plain', methods: ['GET'])]
    public function plain(PlainBraise $plain): JsonResponse
    {
        return $this->answer($plain->draft());
    }
}
