<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Heat\Softening;
use Pausis\Core\Heat\Softness;
use Pausis\Core\Larder\Adding;
use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Timing;

/**
 * What would be overcooked from the start goes in late, as the recipe has it or as the larder knows it, or is cut larger: each is
 * the other's way out. What is soft already goes in as the recipe has it.
 */
final readonly class LateOrLarger implements Rule
{
    /** What is fried for the finish is cooked by itself. */
    private const APART = [ActKind::Fry, ActKind::FryBase, ActKind::Toast];
    /** Of which nothing is said. */
    public const USUAL_PIECE_CM = 2.0;
    /** Softer than this, minutes at 95 °C, nothing is gained by waiting. */
    private const SOFT_ANYWAY = 12.0;
    private const EVERYTHING = '/\b(?:everything|all (?:of )?(?:the )?(?:other |remaining )?ingredients|the rest|the lot'
        .'|all together)\b/iu';
    private const SOFT_ALREADY = '/\b(?:jarred|jar|tinned|tin|canned|can|roasted|pickled|cooked|pre-?cooked|preserved|in oil)\b/iu';

    public function applied(Process $process, Circumstances $in): Process
    {
        $sour = self::isSour($in);
        foreach ($in->order->potIngredients() as $i) {
            $own = self::ownAct($process, $i);
            $process = match (true) {
                null !== $own => $this->asTheRecipe($process, $i, $own, $in, $sour),
                self::goesIntoTheFinish($process, $i), self::isWithinTheMeat($process, $i) => $process,
                Adding::Late === $i->food?->adding, Adding::Apart === $i->food?->adding => $this->asTheLarder($process, $i, $in),
                Role::Vegetable === $i->role
                    && null !== $i->food?->soften
                    && null !== $in->ready->likely
                    && !self::isSoft($i) => $this->softened($process, $i, $in, $sour),
                Role::Pulse === $i->role && null !== $i->food?->soften => self::softEnough($process, $i, $in, $sour),
                Adding::End === $i->food?->adding && Role::Herb === $i->role => $this->overThePlate($process, $i, $in),
                default => $process,
            };
        }

        return self::withoutTheLate($process);
    }

    /** "Lamb out; stir the orzo into the sauce and cook for 20 minutes", "40 minutes before eating fry the mushrooms" */
    private static function goesIntoTheFinish(Process $process, Ingredient $i): bool
    {
        $takes = static fn (Deed $d): bool => \in_array($i->key(), $d->act->foods, true);
        $finish = array_filter($process->in(Stage::Finish, ActKind::Add), $takes);
        $sentences = array_map(static fn (Deed $d): string => $d->sentence(), $finish);
        $sooner = array_filter(
            $process->remaining(), static fn (Deed $d): bool => $takes($d) && $d->stage->rank() < Stage::Finish->rank(),
        );

        $cooked = array_filter(
            $process->in(Stage::Finish, ActKind::Cook), static fn (Deed $d): bool => \in_array($d->sentence(), $sentences, true),
        );

        return [] === $sooner && [] !== [...$cooked, ...array_filter($process->in(Stage::Finish, ActKind::Mix, ...self::APART), $takes)];
    }

    /** "Put a rasher and a gherkin on each, roll up and tie" */
    private static function isWithinTheMeat(Process $process, Ingredient $i): bool
    {
        return [] !== array_filter(
            [...$process->in(Stage::Evening, ActKind::Tie), ...$process->in(Stage::Before, ActKind::Tie)],
            static fn (Deed $d): bool => \in_array($i->key(), $d->act->foods, true),
        );
    }

    /** Dried pulses that the pot doesn't make soft by itself, since it is sour or the meat is quick. */
    private static function softEnough(Process $process, Ingredient $i, Circumstances $in, bool $sour): Process
    {
        $softening = self::softening($i, $in, $sour);

        return Softness::Hard !== $softening?->softness ? $process : $process->noting(new LedgerEntry('pulses-stay-hard', [
            'food' => $i->foodText, 'needMinutes' => $softening->needMinutes, 'doneMinutes' => $softening->doneMinutes,
            'moreMinutes' => $softening->needMinutes - $softening->doneMinutes, 'sour' => $sour ? 'yes' : 'no',
        ]));
    }

    private static function ownAct(Process $process, Ingredient $i): ?Deed
    {
        foreach ($process->in(Stage::During) as $deed) {
            if (!$deed->is(ActKind::TakeOut, ActKind::Skim, ActKind::Check, ActKind::PokeDown)
                && \in_array($i->key(), $deed->act->foods, true)
                && null !== $deed->act->when->offset
                && Role::Dairy !== $i->role) {
                return $deed;
            }
        }

        return null;
    }

    private function asTheRecipe(Process $process, Ingredient $i, Deed $own, Circumstances $in, bool $sour): Process
    {
        $key = "late:{$i->key()}";
        $minutes = $own->act->when->offset?->middle() ?? 0.0;
        $softening = self::softening($i, $in, $sour);
        $larger = $softening?->cutTo;
        $fallsApart = Softness::FallsApart === $softening?->softness && null === $larger;
        if (Timing::AfterStart === $own->act->when->timing) {
            $hour = $in->hourAfterOn($minutes);
            $then = $own->atHour($hour)->told('add-after', ['list' => self::names($own->act, $in), 'minutes' => 60 * $hour]);

            return $in->refuses($key) ? $process : $process->map(static fn (Deed $d): Deed => $d === $own ? $then : $d);
        }
        $told = $own->lateBy($minutes)->told('add-for-the-last', ['list' => self::names($own->act, $in), 'minutes' => $minutes]);
        if (!$in->refuses($key) && ($fallsApart || !\in_array($i->key(), $in->larger, true))) {
            return $process->map(static fn (Deed $d): Deed => $d === $own ? $told : $d);
        }
        $entry = null === $larger ? new LedgerEntry('with-the-rest', ['food' => $i->foodText, 'minutes' => $minutes], null, $key, false)
            : new LedgerEntry(
                'larger-from-the-start', ['food' => $i->foodText, 'minutes' => $minutes, 'cutCm' => $larger->inCentimetres()], null, $key,
                false,
            );

        return $process->map(static fn (Deed $d): Deed => $d === $own ? self::without($d, $i) : $d)->noting($entry);
    }

    private function asTheLarder(Process $process, Ingredient $i, Circumstances $in): Process
    {
        $apart = Adding::Apart === $i->food?->adding;
        $minutes = (float) ($i->food->lateMinutes ?? 0);
        $entry = $in->entry(
            $apart ? 'cook-apart' : 'add-late', "late:{$i->key()}", ['id' => $i->key(), 'food' => $i->foodText, 'minutes' => $minutes],
        );
        $process = $process->noting($entry);
        if ($entry->refused) {
            return $process;
        }
        $late = Deed::added(
            ActKind::Add, Stage::During, $apart ? 'cook-apart' : 'add-for-the-last', [$i->key()],
            ['list' => $i->foodText, 'minutes' => $minutes],
        );

        return $process->inserted($late->lateBy($minutes)->refusedBy($entry->key, false));
    }

    private function softened(Process $process, Ingredient $i, Circumstances $in, bool $sour): Process
    {
        $softening = self::softening($i, $in, $sour);
        $variables = null === $softening
            ? []
            : ['id' => $i->key(), 'food' => $i->foodText, 'times' => round($softening->doneMinutes / $softening->needMinutes, 1),
                'sizeCm' => $i->sizeCm ?? self::USUAL_PIECE_CM];
        $key = "late:{$i->key()}";
        if (Softness::Hard === $softening?->softness) {
            return $process->noting($in->entry('still-hard', $key, $variables));
        }
        if (Softness::FallsApart !== $softening?->softness || true === $i->food?->melts) {
            return $process;
        }
        $hour = (float) $softening->addAtHour;
        $larger = null === $softening->cutTo
            ? null
            : $in->entry('cut-bigger', $key, [...$variables, 'cutCm' => $softening->cutTo->inCentimetres()]);
        $process = null === $larger ? $process : $process->noting($larger);
        if (null !== $larger && !$larger->refused) {
            return $process;
        }
        $late = null === $larger
            ? $in->entry('add-at', $key, [...$variables, 'afterHours' => $hour])
            : new LedgerEntry('add-at', [...$variables, 'afterHours' => $hour]);
        $deed = Deed::added(
            ActKind::Add, Stage::During, 'add-at', [$i->key()], ['list' => $i->foodText, 'afterHours' => $hour],
        )->atHour($hour);

        return $process->noting($late)->inserted($late->refused ? $deed->gone() : $deed);
    }

    private function overThePlate(Process $process, Ingredient $i, Circumstances $in): Process
    {
        $told = array_filter($process->in(Stage::Table), static fn (Deed $d): bool => \in_array($i->key(), $d->act->foods, true));
        if ([] !== $told) {
            return $process;
        }
        $entry = $in->entry('herb-at-the-end', "late:{$i->key()}", ['food' => $i->foodText]);
        $deed = Deed::added(ActKind::Garnish, Stage::Table, 'herb-at-the-end', [$i->key()], ['food' => $i->foodText]);

        return $process->noting($entry)->inserted($entry->refused ? $deed->gone() : $deed, ActKind::Serve);
    }

    /** What says that everything goes in is untrue of what goes in later. */
    private static function withoutTheLate(Process $process): Process
    {
        $late = [];
        foreach ($process->in(Stage::During, ActKind::Add) as $deed) {
            foreach ($deed->act->foods as $food) {
                $late[$food] = (string) ($deed->variables['list'] ?? '');
            }
        }

        return $process->map(static function (Deed $d) use ($late): Deed {
            $named = array_unique(array_intersect_key($late, array_flip($d->act->foods)));

            $named = preg_match(self::EVERYTHING, $d->act->source) ? array_unique($late) : $named;

            return Stage::Before === $d->stage && $d->is(ActKind::Load) && $d->asWritten() && [] !== $named
                && !preg_match('/\b(?:but|except|apart from)\b/iu', $d->act->words)
                ? $d->told('all-but', ['list' => implode(', ', $named)])
                : $d;
        });
    }

    /** An addition of several goes on without one of them. */
    private static function without(Deed $deed, Ingredient $i): Deed
    {
        $others = array_values(array_diff($deed->act->foods, [$i->key()]));

        return [] === $others ? $deed->gone() : $deed;
    }

    private static function names(Act $act, Circumstances $in): string
    {
        return implode(
            ', ',
            array_filter(array_map(
                static fn (string $id): string => $in->order->recipe->dish->ingredient($id)->foodText ?? '', $act->foods,
            )),
        );
    }

    private static function softening(Ingredient $i, Circumstances $in, bool $sour): ?Softening
    {
        return null === $i->food?->soften || null === $in->ready->likely
            ? null
            : Softening::of($i->food, Length::centimetres($i->sizeCm ?? self::USUAL_PIECE_CM), $sour, $in->best, $in->ready->likely);
    }

    private static function isSoft(Ingredient $i): bool
    {
        return ($i->food->soften ?? \INF) <= self::SOFT_ANYWAY || preg_match(self::SOFT_ALREADY, "$i->foodText $i->notes $i->source");
    }

    private static function isSour(Circumstances $in): bool
    {
        foreach ($in->order->potIngredients() as $i) {
            if (Role::Tomato === $i->role || Role::Acid === $i->role || ($i->food->alcohol ?? 0.0) > 0) {
                return true;
            }
        }

        return false;
    }
}
