<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LiquidChange;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Liquid\SauceBalance;
use Pausis\Core\Recipe\ActKind;

/** A lidded pot hardly evaporates: less is poured, wine is boiled down before it goes in, dairy goes in at the end. */
final readonly class Liquids implements Rule
{
    private const BOILS = [ActKind::BoilDown, ActKind::Deglaze, ActKind::Reduce];

    public function applied(Process $process, Circumstances $in): Process
    {
        foreach ($in->sauce->changes as $change) {
            $process = $this->poured($process, $change, $in);
            $process = $this->boiledDown($process, $change, $in);
            $process = LiquidFate::Late === $change->fate ? $this->stirredIn($process, $change, $in) : $process;
        }

        return $in->refuses('add-liquid')
            ? $process->noting($in->entry(
                'liquid-added', 'add-liquid', ['food' => 'water', 'wasMl' => 0.0, 'isMl' => 0.0, 'loadedMl' => 0.0],
            ))
            : $process;
    }

    private function poured(Process $process, LiquidChange $change, Circumstances $in): Process
    {
        $id = $change->ingredient?->key() ?? 'water';
        $variables = self::variables($change);
        $key = null === $change->ingredient ? 'add-liquid' : (LiquidFate::Late === $change->fate ? "late:$id" : "liquid:$id");
        $asWritten = LiquidFate::Late === $change->fate && \in_array($id, $in->order->ownBoiling()->afterwards, true);
        if (LiquidFate::BoiledDown !== $change->fate && LiquidFate::Kept !== $change->fate && !$asWritten) {
            $sum = \in_array($change->fate, [LiquidFate::Cut, LiquidFate::Added, LiquidFate::Fixed], true) ? $in->sauce->atEnd : null;
            $process = $process->noting($in->entry(
                'liquid-'.$change->fate->value, $key, $variables, $sum, null === $change->ingredient ? null : $change->poured,
            ));
        }

        return LiquidFate::Kept === $change->fate && $in->refuses("late:$id")
            ? $process->noting($in->entry('liquid-late', "late:$id", $variables))
            : $process;
    }

    private function boiledDown(Process $process, LiquidChange $change, Circumstances $in): Process
    {
        $id = $change->ingredient?->key() ?? 'water';
        $refused = $in->refuses("boil:$id");
        if (null === $change->ingredient || LiquidFate::Late === $change->fate || ($change->loaded >= $change->poured && !$refused)) {
            return $process;
        }
        $left = $refused
            ? $in->order->ownBoiling()->left[$id] ?? SauceBalance::leftOfBoiled($change->ingredient)
            : $change->loaded / $change->poured;
        $process = $process->noting($in->entry(
            'liquid-boiled-down', "boil:$id", [...self::variables($change), 'loadedMl' => $change->poured * $left],
        ));
        $boil = self::boils($process, $id);
        if (null !== $boil) {
            $measured = $boil->taking(array_values(array_unique([...$boil->act->foods, $id])))->told(
                'boil-down', ['food' => $change->ingredient->foodText, 'ml' => $change->poured, 'loadedMl' => $change->poured * $left],
            );
            $passed = false;
            $merged = static function (Deed $d) use ($boil, $id, &$passed): Deed {
                $passed = $passed || $d === $boil;
                $same = $d->sentence() === $boil->sentence() || ($passed && [] === array_diff($d->act->foods, [$id]));

                return $d !== $boil && $same && Stage::Before === $d->stage && $d->is(...self::BOILS) ? $d->gone() : $d;
            };

            return $refused ? $process : $process->map(static fn (Deed $d): Deed => $d === $boil ? $measured : $merged($d));
        }
        $boil = Deed::added(
            ActKind::BoilDown, Stage::Before, 'boil-down', [$id],
            ['food' => $change->ingredient->foodText, 'ml' => $change->poured, 'loadedMl' => $change->loaded],
        );

        return $process->inserted($boil->refusedBy("boil:$id", $refused), ActKind::WarmInsert, ActKind::Load);
    }

    /**
     * The act that boils it down: one that does and names it, or names nothing and is no blanching; else one that pours it into the pan.
     */
    private static function boils(Process $process, string $id): ?Deed
    {
        $blanched = array_map(static fn (Deed $d): string => $d->sentence(), $process->in(Stage::Before, ActKind::Blanch));
        foreach ([[ActKind::BoilDown, ActKind::Reduce], [ActKind::Deglaze]] as $kinds) {
            foreach ([true, false] as $named) {
                foreach ([...$process->in(Stage::Evening, ...$kinds), ...$process->in(Stage::Before, ...$kinds)] as $deed) {
                    if ($named ? \in_array($id, $deed->act->foods, true) : [] === $deed->act->foods
                        && !\in_array($deed->sentence(), $blanched, true)) {
                        return $deed;
                    }
                }
            }
        }

        return null;
    }

    private function stirredIn(Process $process, LiquidChange $change, Circumstances $in): Process
    {
        $id = $change->ingredient?->key() ?? '';
        foreach ($process->remaining() as $deed) {
            if (!$deed->isBeside && \in_array($deed->stage, [Stage::Finish, Stage::Table, Stage::During], true)
                && \in_array($id, $deed->act->foods, true)) {
                if (Stage::During === $deed->stage && Role::Dairy !== $change->ingredient?->role) {
                    return $process;
                }
                if (Stage::During === $deed->stage && \count($deed->act->foods) > 1) {
                    // "the potatoes for the last hour, with the coconut milk": they can't wait for it.
                    $process = $process->map(static fn (Deed $d): Deed => $d === $deed ? $d->taking(array_values(array_diff(
                        $d->act->foods, [$id],
                    ))) : $d);
                    break;
                }

                return $process->map(static fn (Deed $d): Deed => $d === $deed && Stage::During === $d->stage ? $d->in(Stage::Finish)->told(
                    'stir-in-late', ['food' => $change->ingredient->foodText ?? ''],
                ) : $d);
            }
        }

        return $process->finishing(Deed::added(
            ActKind::CreamOrYoghurtIn, Stage::Finish, 'stir-in-late', [$id],
            ['food' => $change->ingredient->foodText ?? '', 'ml' => $change->poured],
        ));
    }

    /** @return array{food: string, wasMl: float, isMl: float, loadedMl: float} */
    private static function variables(LiquidChange $change): array
    {
        return [
            'food' => $change->ingredient->foodText ?? 'water', 'wasMl' => $change->was, 'isMl' => $change->poured,
            'loadedMl' => $change->loaded,
        ];
    }
}
