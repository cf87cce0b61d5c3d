<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\AgainView;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\ReadyChangeView;
use Pausis\App\Kitchen\CookAgain;
use Pausis\App\Kitchen\DraftPatch;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\FoundWay;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\NextTime;
use Pausis\App\Kitchen\PlanBraise;
use Pausis\App\Kitchen\ReadyChange;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Recipe\Wish;
use Pausis\Core\Recipe\WishKind;

/** A braise that is to be cooked again, with what was wanted otherwise, in words. */
final readonly class AgainPresenter
{
    /** Less than this is not worth saying. */
    private const MINUTES = 5.0;
    private const MILLILITRES = 15.0;
    private const SALT_PERCENT = 0.02;

    public function __construct(
        private CookAgain $again, private NextTime $nextTime, private PlanBraise $plan, private Drafts $drafts, private House $house,
        private WayPresenter $ways, private Wording $wording,
    ) {
    }

    /** @param list<int>|null $taken null for all that can be */
    public function present(string $id, BraiseDraft $draft, string $text, ?array $taken): AgainView
    {
        $days = $this->again->of($id, $this->plan->work($id, $draft));
        $base = [] === $days ? $draft : $this->with($draft, $days[0]->patch);
        $wishes = $this->nextTime->read($text, $draft);
        $changes = $this->nextTime->of($id, $base, $wishes);
        $wanted = array_values(array_filter(
            $wishes, static fn (Wish $w, int $k): bool => $changes[$k]->canBeTaken() && (null === $taken || \in_array($k, $taken, true)),
            \ARRAY_FILTER_USE_BOTH,
        ));
        $all = $this->nextTime->together($id, $draft, $wanted);
        $found = [] === $wanted ? $days : $this->again->of($id, $this->plan->work($id, $this->with($draft, $all)));
        $now = $this->plan->work($id, $base);
        $measures = $this->house->measures();

        return new AgainView(
            array_map(fn (ReadyChange $c): ReadyChangeView => new ReadyChangeView(
                $c->wish->words, $this->says($c, $draft, $measures), $this->effect($c->with, $now, $measures), $c->canBeTaken(),
                \in_array($c->wish, $wanted, true),
            ), $changes),
            array_map(fn (FoundWay $way) => $this->ways->found(
                new FoundWay($way->way, DraftPatch::applied($all, $way->patch), $way->serve, $way->also), $this->house->now(), $measures,
            ), $found),
            [] === $found ? $this->wording->say('again.no-day', $measures, ['with' => [] === $wanted ? 'no' : 'yes']) : '',
        );
    }

    /** @param array<string, mixed> $patch */
    private function with(BraiseDraft $draft, array $patch): BraiseDraft
    {
        return $this->drafts->fromArray(DraftPatch::applied($this->drafts->toArray($draft), $patch));
    }

    private function says(ReadyChange $change, BraiseDraft $draft, Measures $measures): string
    {
        $wish = $change->wish;
        if (!$change->canBeTaken()) {
            return $this->wording->label('again', WishKind::Note === $wish->kind ? 'remembered' : 'not-possible');
        }
        $names = array_map(static fn (int $k): string => $draft->ingredients[$k]->food, $wish->foods);
        $lines = $cut = [];
        foreach (\is_array($change->patch['ingredients'] ?? null) ? $change->patch['ingredients'] : [] as $k => $line) {
            $was = $draft->ingredients[$k] ?? null;
            if (null !== $was && \is_array($line) && \is_string($line['amount'] ?? null) && $line['amount'] !== $was->amount) {
                $lines[] = $this->wording->say('again.amount', $measures, [
                    'food' => $was->food, 'amount' => $line['amount'], 'was' => $was->amount,
                ]);
            }
            if (null !== $was && \is_array($line) && \is_string($line['food'] ?? null) && $line['food'] !== $was->food) {
                $cut[] = $line['food'];
            }
        }
        $value = (string) (current(array_filter($change->patch, 'is_string')) ?: '');

        return match ($wish->kind) {
            WishKind::Amount => implode('; ', $lines),
            WishKind::Without => $this->wording->say('again.without', $measures, ['foods' => implode(', ', $names)]),
            WishKind::Longer => $this->wording->say('again.longer', $measures, [
                'minutes' => abs($wish->by), 'way' => $wish->by < 0 ? 'less' : 'more',
            ]),
            WishKind::Pieces => [] === $names
                ? $this->wording->say('again.pieces', $measures, ['way' => $wish->by > 0 ? 'larger' : 'smaller'])
                : implode('; ', $cut),
            WishKind::Thickness => $this->wording->label('thickness', $value),
            WishKind::Sauce => $this->wording->label('level', $value),
            WishKind::Texture => $this->wording->label('texture', $value),
            WishKind::Setting => $this->wording->label('setting', $value),
            WishKind::Note => '',
        };
    }

    /** What moves with it. */
    private function effect(?WorkedBraise $with, WorkedBraise $now, Measures $measures): string
    {
        if (null === $with) {
            return '';
        }
        if (null === $with->adapted || null === $now->adapted) {
            return null === $with->adapted ? $this->wording->label('again', 'not-worked-out') : '';
        }
        $moved = $this->moved($with->adapted, $now->adapted, $measures);

        return match (true) {
            !$with->adapted->day() instanceof DayPlan || null !== $with->adapted->forbidden() => $this->wording->label('again', 'no-plan'),
            [] === $moved => $this->wording->label('again', 'nothing-moves'),
            default => implode(', ', $moved),
        };
    }

    /** @return list<string> */
    private function moved(AdaptedBraise $with, AdaptedBraise $now, Measures $measures): array
    {
        $said = [];
        [$a, $b] = [$now->chosen, $with->chosen];
        $say = function (string $what, string $is, string $was) use (&$said, $measures): void {
            $said[] = $this->wording->say('again.moved', $measures, [
                'what' => $this->wording->label('again', $what), 'is' => $is, 'was' => $was,
            ]);
        };
        if ($a->choice !== $b->choice) {
            $say('on', $this->wording->label('setting', $b->choice->value), $this->wording->label('setting', $a->choice->value));
        }
        [$ready, $before] = [$b->planned->likely, $a->planned->likely];
        if (null !== $ready && null !== $before && abs($ready - $before) * 60 >= self::MINUTES) {
            $say('ready', $measures->hours($ready), $measures->hours($before));
        }
        [$day, $was] = [$with->day(), $now->day()];
        if ($day instanceof DayPlan && $was instanceof DayPlan
            && abs($day->switchOn->getTimestamp() - $was->switchOn->getTimestamp()) >= 60 * self::MINUTES) {
            $say('in-by', $measures->clock($day->switchOn, $day->serve), $measures->clock($was->switchOn, $was->serve));
        }
        if (abs($a->sauce->load - $b->sauce->load) >= self::MILLILITRES) {
            $say('load', $measures->volume($b->sauce->load), $measures->volume($a->sauce->load));
        }
        if (abs($a->sauce->atEnd->total - $b->sauce->atEnd->total) >= self::MILLILITRES) {
            $say('sauce', $measures->volume($b->sauce->atEnd->total), $measures->volume($a->sauce->atEnd->total));
        }
        if (abs($a->slurry->grams - $b->slurry->grams) >= 1) {
            $say('starch', $measures->mass($b->slurry->grams), $measures->mass($a->slurry->grams));
        }
        if (abs($a->salt->percentAfter - $b->salt->percentAfter) >= self::SALT_PERCENT) {
            $say('salt', $measures->number($b->salt->percentAfter, 2).' %', $measures->number($a->salt->percentAfter, 2).' %');
        }

        return $said;
    }
}
