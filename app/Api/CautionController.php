<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\CautionGroupView;
use Pausis\App\Kitchen\House;
use Pausis\App\Wording\Wording;
use Pausis\Core\Safety\Caution;
use Pausis\Core\Safety\CautionGroup;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The page of cautions, made from the rules that are applied. */
final class CautionController extends ApiController
{
    #[Route('/api/cautions', methods: ['GET'])]
    public function all(Wording $wording, House $house): JsonResponse
    {
        $measures = $house->measures();
        $groups = [];
        foreach (CautionGroup::cases() as $group) {
            $of = array_values(array_filter(Caution::all(), static fn (Caution $c): bool => $group === $c->group));
            $groups[] = new CautionGroupView($wording->label('caution-group', $group->value),
                array_map(static fn (Caution $c): string => $wording->say("caution.$c->code", $measures, $c->variables), $of));
        }

        return $this->answer($groups);
    }
}
