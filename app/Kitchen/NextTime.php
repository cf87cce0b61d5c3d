<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\IngredientDraft;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Rules\LateOrLarger;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Scaling;
use Pausis\Core\Reading\TypedQuantity;
use Pausis\Core\Reading\WishReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Wish;
use Pausis\Core\Recipe\WishKind;
use Pausis\Core\Tenderness\Doneness;

/** What a cook wanted otherwise next time, made ready: each wish as a change of that recipe's draft, and nowhere else. */
final readonly class NextTime
{
    private const MOST = 12;
    /** A wish of minutes is met within this factor, or as the model has it. */
    private const FARTHEST = 3.0;
    private const STEP_MINUTES = 5;
    private const CUT_BY = 1.5;
    private const THINNEST_CM = 0.5;
    private const THICKEST_CM = 6.0;

    public function __construct(
        private WishReader $wishes, private DraftOrder $orders, private PlanBraise $plan, private Drafts $drafts,
        private IngredientReader $reader,
    ) {
    }

    /** @return list<Wish> */
    public function read(string $text, BraiseDraft $draft): array
    {
        return \array_slice($this->wishes->read($text, $this->orders->understood($draft)), 0, self::MOST);
    }

    /**
     * @param list<Wish> $wishes
     *
     * @return list<ReadyChange> of each by itself
     */
    public function of(string $id, BraiseDraft $draft, array $wishes): array
    {
        return array_map(function (Wish $wish) use ($id, $draft): ReadyChange {
            $patch = $this->patch($id, $draft, $wish);

            return new ReadyChange($wish, $patch, [] === $patch ? null : $this->plan->work($id, $this->with($draft, $patch)));
        }, $wishes);
    }

    /**
     * All of some wishes together.
     *
     * @param list<Wish> $wishes
     *
     * @return array<string, mixed> patch of the draft
     */
    public function together(string $id, BraiseDraft $draft, array $wishes): array
    {
        $all = [];
        foreach ($wishes as $wish) {
            $patch = $this->patch($id, $draft, $wish);
            $all = DraftPatch::applied($all, $patch);
            $draft = $this->with($draft, $patch);
        }

        return $all;
    }

    /** @param array<string, mixed> $patch */
    private function with(BraiseDraft $draft, array $patch): BraiseDraft
    {
        return [] === $patch ? $draft : $this->drafts->fromArray(DraftPatch::applied($this->drafts->toArray($draft), $patch));
    }

    /** @return array<string, mixed> */
    private function patch(string $id, BraiseDraft $draft, Wish $wish): array
    {
        return match ($wish->kind) {
            WishKind::Longer => $this->longer($id, $draft, $wish->by),
            WishKind::Amount => $this->amounts($draft, $wish),
            WishKind::Without => self::lines($draft, $wish, static fn (IngredientDraft $i): array => ['ignored' => true]),
            WishKind::Pieces => [] === $wish->foods ? self::pieces($draft, $wish->by) : $this->cut($draft, $wish),
            WishKind::Thickness => self::thickness($draft, $wish->by),
            WishKind::Sauce => self::step('level', LevelSchool::class, $draft->level, $wish->by),
            WishKind::Texture => self::step('texture', Doneness::class, $draft->texture, $wish->by),
            WishKind::Setting => $draft->setting === $wish->to ? [] : ['setting' => $wish->to],
            WishKind::Note => [],
        };
    }

    /**
     * So much more at 90 °C that it is likely ready so many minutes later on its setting.
     *
     * @return array<string, mixed>
     */
    private function longer(string $id, BraiseDraft $draft, float $minutes): array
    {
        $now = $this->plan->work($id, $draft)->adapted?->chosen;
        $was = 60 * (TypedQuantity::hoursMoreOrLess($draft->meat->longer, '', new Problems()) ?? 0.0);
        $try = static fn (float $by): array => ['meat' => ['longer' => self::typed($was + $by)]];
        $moved = null === $now ? null : $this->moved($id, $this->with($draft, $try($minutes)), $now);
        $factor = null === $moved || $moved * $minutes <= 0 ? 1.0 : max(1 / self::FARTHEST, min(self::FARTHEST, $minutes / $moved));

        return $try($minutes * $factor);
    }

    /** Minutes by which it is likely ready later; null where either isn't. */
    private function moved(string $id, BraiseDraft $draft, Outcome $now): ?float
    {
        foreach ($this->plan->work($id, $draft)->adapted->outcomes ?? [] as $outcome) {
            if ($outcome->choice === $now->choice && null !== $outcome->planned->likely && null !== $now->planned->likely) {
                return 60 * ($outcome->planned->likely - $now->planned->likely);
            }
        }

        return null;
    }

    private static function typed(float $minutes): string
    {
        $rounded = self::STEP_MINUTES * (int) round($minutes / self::STEP_MINUTES);
        $most = (int) (60 * Range::longerHours()->most);

        return 0 === $rounded ? '' : max(-$most, min($most, $rounded)).' min';
    }

    /** @return array<string, mixed> */
    private function amounts(BraiseDraft $draft, Wish $wish): array
    {
        $understood = $this->orders->understood($draft);

        return self::lines($draft, $wish, function (IngredientDraft $line, int $place) use ($wish, $understood): ?array {
            $factor = null === $wish->more ? $wish->by : $this->factor($understood[$place], $wish->more, $wish->by);
            $scaled = null === $factor || $factor < Scaling::LEAST || $factor > Scaling::MOST
                ? $line->amount : (new Scaling($factor))->amount($line->amount);

            return $scaled === $line->amount ? null : ['amount' => $scaled];
        });
    }

    /** What a named amount more or less comes to, of what there is; null where they can't be added. */
    private function factor(Ingredient $now, string $more, float $sign): ?float
    {
        $added = $this->reader->fromParts('', 0, $more, $now->foodText, $now->role);
        [$is, $by] = null !== $now->millilitres && null !== $added->millilitres
            ? [$now->millilitres, $added->millilitres] : [(float) $now->grams, (float) $added->grams];

        return $is > 0 && $by > 0 ? ($is + $sign * $by) / $is : null;
    }

    /**
     * @param callable(IngredientDraft, int): (array<string, mixed>|null) $changed
     *
     * @return array<string, mixed>
     */
    private static function lines(BraiseDraft $draft, Wish $wish, callable $changed): array
    {
        $lines = [];
        $any = false;
        foreach ($draft->ingredients as $k => $line) {
            $change = \in_array($k, $wish->foods, true) ? $changed($line, $k) : null;
            $any = $any || null !== $change;
            $lines[] = [...get_object_vars($line), ...$change ?? []];
        }

        return $any ? ['ingredients' => $lines] : [];
    }

    /**
     * Of foods: pieces half as thick again, or two thirds of it.
     *
     * @return array<string, mixed>
     */
    private function cut(BraiseDraft $draft, Wish $wish): array
    {
        $understood = $this->orders->understood($draft);

        return self::lines($draft, $wish, static function (IngredientDraft $line, int $place) use ($wish, $understood): array {
            $now = $understood[$place]->sizeCm ?? LateOrLarger::USUAL_PIECE_CM;
            $then = max(self::THINNEST_CM, min(self::THICKEST_CM, round(2 * $now * self::CUT_BY ** $wish->by) / 2));

            return ['food' => \sprintf('%s, in %s cm pieces', $understood[$place]->foodText, $then)];
        });
    }

    /**
     * Half as many larger ones, or twice as many smaller.
     *
     * @return array<string, mixed>
     */
    private static function pieces(BraiseDraft $draft, float $by): array
    {
        $now = preg_match('/^\s*\d{1,3}\s*$/', $draft->meat->pieces) ? (int) $draft->meat->pieces : 0;
        $then = $by > 0 ? max(1, intdiv($now, 2)) : min((int) Range::pieces()->most, 2 * $now);

        return $now < 1 || $then === $now ? [] : ['meat' => ['pieces' => (string) $then, 'thickness' => '']];
    }

    /** @return array<string, mixed> */
    private static function thickness(BraiseDraft $draft, float $by): array
    {
        $now = SauceBody::AS_THE_RECIPE === $draft->thickness ? Thickness::CoatsSpoon : Thickness::tryFrom($draft->thickness);
        $then = $by > 0 ? $now?->thicker() : $now?->thinner();

        return null === $then || $then->value === $draft->thickness ? [] : ['thickness' => $then->value];
    }

    /**
     * The next of some choices, up or down; nothing at their end.
     *
     * @param class-string<LevelSchool|Doneness> $choices
     *
     * @return array<string, mixed>
     */
    private static function step(string $field, string $choices, string $now, float $by): array
    {
        $values = array_values(array_diff(array_column($choices::cases(), 'value'), [Doneness::Past->value]));
        $then = $values[(int) array_search($now, $values, true) + ($by > 0 ? 1 : -1)] ?? $now;

        return $then === $now ? [] : [$field => $then];
    }
}
