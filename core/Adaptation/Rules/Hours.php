<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Timing;

/** The cooker's own setting and hours in place of the recipe's: the lid stays on, and the fork decides. */
final readonly class Hours implements Rule
{
    private const LEAST_COOK_MINUTES = 20.0;
    private const LONGEST_AFTER = 45.0;
    private const WARMS = '/\b(?:re-?heat|warm|heat)\w*\b[^.;]{0,30}\b(?:through|gently|slowly|up|again)\b|\bre-?heat/iu';
    private const IF_DRY = '/\b(?:dry|dries|drying)\b/iu';
    private const DISTURBS = '/\b(?:turn|stir|baste|top(?:ping)? up|check|look|skim|lid off|uncover)/iu';

    public function applied(Process $process, Circumstances $in): Process
    {
        $process = $process->noting(...$this->entries($in));
        $entries = [];
        $window = [
            'setting' => $in->choice->value, 'earliestHours' => $in->ready->earliest ?? 0.0, 'latestHours' => $in->ready->latest ?? 0.0,
            'texture' => $in->order->wishes->texture->value, 'sign' => self::sign($process),
        ];
        $late = array_map(static fn (Deed $d): string => $d->sentence(), $process->in(Stage::During, ActKind::Add));
        $lifted = self::afterTheLift($process);
        $process = $process->map(function (Deed $d) use ($in, $window, $late, $lifted, &$entries): Deed {
            if (\in_array($d->act->id, $lifted, true)) {
                return $d;
            }
            // "Add the potatoes and cook for another 40 minutes": the minutes are theirs.
            $changed = $d->is(ActKind::Cook) && Stage::Start !== $d->stage && \in_array($d->sentence(), $late, true)
                ? $d->gone()
                : $this->changed($d, $in, $window);
            array_push(
                $entries, ...($changed === $d || '' === $changed->code || Stage::Start === $d->stage
                    || $d->is(ActKind::Test) ? [] : $in->step($changed)),
            );

            return $changed;
        });
        if (!$process->does(Stage::Before, ActKind::Load)) {
            $process = $process->inserted(Deed::added(ActKind::Load, Stage::Before, 'load'));
        }
        if (!$process->does(Stage::Start, ActKind::Cook)) {
            $process = $process->inserted(Deed::added(ActKind::Cook, Stage::Start, 'cook-on-setting', [], $window));
        }
        $process = $this->tested($process, $window);

        return $process->noting(...$entries);
    }

    /** What the recipe goes by, in its words; "none" where it says nothing. */
    private static function sign(Process $process): string
    {
        foreach ($process->deeds as $deed) {
            if ($deed->is(ActKind::Cook, ActKind::Test) && $deed->stage->rank() >= Stage::Start->rank() && null !== $deed->act->until) {
                return $deed->act->until;
            }
        }

        return 'none';
    }

    /** @param array<string, float|string> $window */
    private function changed(Deed $d, Circumstances $in, array $window): Deed
    {
        $refusable = static fn (string $code): Deed => $d->gone($code, $d->keyOf($code), $in->refuses($d->keyOf($code)));
        $isGlaze = $d->is(ActKind::Glaze) && preg_match(self::DISTURBS, $d->act->source);

        return match (true) {
            Fate::Stays !== $d->fate => $d,
            Stage::Start === $d->stage && $d->is(ActKind::Cook) => $d->otherwise('cook-on-setting', $window),
            $d->is(ActKind::Cook) && Stage::Finish === $d->stage && preg_match(self::WARMS, $d->act->source) => $d,
            $d->is(ActKind::Cook) && (Stage::During === $d->stage || Stage::Finish === $d->stage) => $this->isLong($d)
                ? $refusable('within-the-hours')
                : $this->short($d),
            Stage::During === $d->stage && $d->is(ActKind::TurnSetting) => $refusable('within-the-hours'),
            Stage::During === $d->stage && $d->is(ActKind::Check) && preg_match(self::IF_DRY, $d->act->source) => $d->gone(
                'wont-be-dry', $d->keyOf('lid-stays-on'), $in->refuses($d->keyOf('lid-stays-on')),
                ['ml' => $in->sauce->atEnd->total, 'loadedMl' => $in->sauce->load],
            ),
            Stage::During === $d->stage && ($d->is(ActKind::TakeOut, ActKind::Skim)
                || ($d->is(ActKind::Check, ActKind::PokeDown) && self::isTimed($d, $in))) => $this->look($d, $in),
            Stage::During === $d->stage && ($d->is(ActKind::Check, ActKind::PokeDown) || $isGlaze) => $d->gone(
                'lid-stays-on', $d->keyOf('lid-stays-on'), $in->refuses($d->keyOf('lid-stays-on')),
                ['minutes' => $in->lookMinutes, 'known' => $in->lookMinutes >= 1 ? 'yes' : 'no'],
            ),
            default => $d,
        };
    }

    /** What a recipe for this pot has turned at its hour; an oven's is turned for the dry heat over it. */
    private static function isTimed(Deed $d, Circumstances $in): bool
    {
        return ($d->act->when->offset->high ?? 0.0) > 0 && null !== $in->order->recipe->dish->slowCookerWay();
    }

    /** What comes out, or off, in mid-cook does so at its hour, and costs what a look costs. */
    private function look(Deed $d, Circumstances $in): Deed
    {
        $offset = $d->act->when->offset?->middle() ?? 0.0;
        $late = Timing::BeforeEnd === $d->act->when->timing;
        $hour = $late ? $offset / 60 : $in->hourAfterOn($offset);
        if ($hour <= 0) {
            return $d->in(Stage::Finish);
        }

        return ($late ? $d->lateBy($offset) : $d->atHour($hour))->told('look', [
            'list' => $in->others($d), 'hours' => $hour, 'from' => $late ? 'end' : 'start', 'minutes' => $in->lookMinutes,
            'how' => match (true) {
                $d->is(ActKind::Skim) => 'skim',
                $d->is(ActKind::TakeOut) => 'take-out',
                default => 'turn',
            },
        ]);
    }

    /** @return list<string> ids of what is cooked on once the meat is out of the pot */
    private static function afterTheLift(Process $process): array
    {
        $lifted = false;
        $cooks = [];
        foreach ($process->remaining() as $deed) {
            if ($lifted && $deed->is(ActKind::Cook) && Stage::Finish === $deed->stage && null !== $deed->act->minutes
                && $deed->act->minutes->high <= self::LONGEST_AFTER) {
                $cooks[] = $deed->act->id;
            }
            $lifted = $lifted || (Stage::Finish === $deed->stage && $deed->is(ActKind::Lift));
        }

        return $cooks;
    }

    private function isLong(Deed $deed): bool
    {
        return null === $deed->act->minutes || $deed->act->minutes->high >= self::LEAST_COOK_MINUTES;
    }

    /** Minutes that belong to what goes in late are the pot's own. */
    private function short(Deed $deed): Deed
    {
        return Stage::During === $deed->stage ? $deed->gone() : $deed;
    }

    /** @param array<string, float|string> $window */
    private function tested(Process $process, array $window): Process
    {
        $tests = $process->in(Stage::During, ActKind::Test);
        if ([] === $tests) {
            return $process->inserted(Deed::added(ActKind::Test, Stage::During, 'fork-test', [], $window));
        }

        return $process->map(
            static fn (Deed $d): Deed => match (true) {
                $d === $tests[0] => $d->told('fork-test', $window),
                \in_array($d, $tests, true) => $d->gone(),
                default => $d,
            },
        );
    }

    /** @return list<LedgerEntry> */
    private function entries(Circumstances $in): array
    {
        $original = $in->order->recipe->original;
        if (null === $in->ready->earliest || null === $in->ready->latest) {
            return [];
        }
        $variables = ['setting' => $in->choice->value, 'earliestHours' => $in->ready->earliest, 'latestHours' => $in->ready->latest];
        if (null === $original) {
            return [new LedgerEntry('time', $variables)];
        }
        if (Method::SlowCooker === $original->method) {
            return [...$this->ownOpinion($in, $variables), ...$this->need($in)];
        }

        return [
            new LedgerEntry('time-instead', [...$variables, 'method' => $original->method->value, 'hours' => $original->hours]),
            ...$this->need($in),
        ];
    }

    /**
     * A recipe for a slow cooker has a setting and hours of its own: another opinion, beside ours.
     *
     * @param array<string, float|string> $variables
     *
     * @return list<LedgerEntry>
     */
    private function ownOpinion(Circumstances $in, array $variables): array
    {
        $settings = $in->order->recipe->dish->slowCookerWay()->settings ?? [];
        $own = $settings[$in->choice->value] ?? null;
        $setting = null === $own ? (array_key_first($settings) ?? '') : $in->choice->value;
        $own ??= [] === $settings ? Minutes::exactly(60 * ($in->order->recipe->original->hours ?? 0.0)) : reset($settings);

        return [new LedgerEntry(
            'time-beside',
            [
                ...$variables, 'own' => '' === $setting ? 'none' : $setting,
                'kept' => $setting === $in->choice->value ? 'yes' : 'no', 'same' => $own->low === $own->high ? 'yes' : 'no',
                'ownEarliestHours' => $own->low / 60, 'ownLatestHours' => $own->high / 60,
            ],
        )];
    }

    /** @return list<LedgerEntry> what the recipe's own time says of the meat */
    private function need(Circumstances $in): array
    {
        $need = $in->order->recipe->need;
        $ofCut = round($in->order->meat->joint->needHours, 1);
        if (null === $need) {
            return $in->refuses(BraiseOrder::NEED_KEY)
                ? [$in->entry('need-from-recipe', BraiseOrder::NEED_KEY, ['ofCut' => $ofCut, 'implied' => 0.0, 'combined' => $ofCut])]
                : [];
        }

        return [$in->entry($need->believed ? 'need-from-recipe' : 'recipe-not-believed', $need->believed ? BraiseOrder::NEED_KEY : '', [
            'ofCut' => round($need->ofCut, 1), 'implied' => round($need->implied, 1), 'combined' => round($need->combined, 1),
        ])];
    }
}
