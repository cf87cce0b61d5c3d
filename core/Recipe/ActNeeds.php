<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What must have been done before an act can be. */
final class ActNeeds
{
    private const OF = [
        'sieve' => [ActKind::Strain, ActKind::Blend, ActKind::Mash, ActKind::Lift],
        'blend' => [ActKind::Lift, ActKind::Strain, ActKind::TakeOut, ActKind::Shred],
        'carve' => [ActKind::Lift, ActKind::Rest, ActKind::TakeOut],
        'crisp' => [ActKind::Lift, ActKind::Shred],
        'glaze' => [ActKind::Lift, ActKind::Reduce, ActKind::LidOff],
        'back-into-the-juice' => [ActKind::Lift, ActKind::Shred, ActKind::Rest],
    ];

    /**
     * @param list<Act> $acts of a braise, in order
     *
     * @return array<int, Act> those of its finish that can't be done where they stand, by place
     */
    public static function unmet(array $acts): array
    {
        $done = $unmet = [];
        foreach ($acts as $k => $act) {
            $needs = self::OF[$act->kind->value] ?? [];
            if ([] !== $needs && Timing::End === $act->when->timing && [] === array_filter(
                $needs, static fn (ActKind $n): bool => isset($done[$n->value]),
            )) {
                $unmet[$k] = $act;
            }
            $done[$act->kind->value] = true;
        }

        return $unmet;
    }
}
