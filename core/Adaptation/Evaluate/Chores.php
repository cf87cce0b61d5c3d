<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\FurtherMeat;
use Pausis\Core\Adaptation\Rules\ChilledOvernight;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\Preparing;
use Pausis\Core\Adaptation\Rules\Process;
use Pausis\Core\Adaptation\Rules\SidesCut;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Rules\Thawed;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Reading\ActReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;

/** Makes work of a process: acts of one kind beside each other are one piece of it, and every act has a place in one. */
final class Chores
{
    /** What may wait how long for the next, minutes; nothing that was browned is kept. Estimates, docs/model.md §8. */
    private const WAITS = [
        'cut-vegetables' => 960, 'mix-spices' => 960, 'mix' => 120,
        'beans-on' => 0, 'stand' => 30, 'dry-meat' => 15, 'blanch' => 20, 'render' => 10, 'brown-meat' => 10,
        'toast-spices' => 30, 'fry-apart' => 30, 'caramel' => 5, 'heat-up' => 15, 'simmer-first' => 10, 'fry-base' => 10,
        'boil-wine-down' => 10, 'warm-insert' => 5, 'load' => 0,
        'lift-out' => 10, 'take-out' => 10, 'strain-and-skim' => 10, 'sieve' => 10, 'blend-sauce' => 15, 'reduce' => 5, 'glaze' => 5,
        'shred-meat' => 25, 'carve-meat' => 15,
        'slurry' => self::MOST_SAUCE_WAITS, 'cream-in' => 10,
        'put-aside' => 30, 'back-in' => 20, 'rest-meat' => 15, 'crisp' => 5, 'simmer-on' => 10,
        'heat-oven' => 15, 'plate' => 0, 'fat-off' => 60, 'reheat' => 10,
    ];
    /** "Spoon the filling into a pie dish" */
    private const INTO_A_DISH = '/\bin(?:to)? (?:an?|the|your)\b[^.;,]{0,24}\bdish\b/iu';
    private const PAN = [
        ActKind::Blanch, ActKind::Render, ActKind::Brown, ActKind::Toast, ActKind::FryBase, ActKind::Fry, ActKind::Deglaze,
        ActKind::BoilDown,
    ];
    /** Minutes by which the sauce may be done before it is plated. */
    public const MOST_SAUCE_WAITS = 25;
    public const BOILED_BEANS_WAIT = 60;
    private const EVENING = 5;
    private const MARINATING = 10;
    private const SOAKING = 30.0;
    /** What soaks for less, minutes, is no work of the day before by itself. */
    private const SHORT_SOAK = 180.0;
    private const IS_GROUND = '/\b(?:blend\w*|blitz|whizz|pound|grind|process|pur[ée]e|liquidi[sz]e)\b/iu';
    /** Not "…, then into the slow cooker". */
    private const IN_THE_INSERT = '/\bin (?:the |your |its )?(?:slow[ -]?cooker|crock|insert|cooker)\b'
        .'|\b(?:sear|saut[ée]|brown(?:ing)?) (?:setting|function|mode)\b/iu';
    private const LEAST_STANDING = 15.0;
    private const ADDING = 5;
    private const TESTING = 5;
    private const PORTION = 10;
    private const FRIDGE = 5;
    private const BOILING_UP = 10.0;
    private const BLANCHING = 5.0;
    /** A simmer in the pan before the pot is no longer than this. */
    private const LONGEST_FIRST = 60.0;
    private const HEATING_UP = 8.0;
    private const MIXING = 3.0;
    private const MIXING_EACH = 0.5;
    private const TOASTING = 3.0;
    private const CARAMEL = 6.0;
    private const FRYING_APART = 8.0;
    private const RENDERING = 8.0;
    private const SCRAPING = 2.0;
    private const BLENDING = 5.0;
    private const GLAZING = 8.0;
    private const STIRRING_IN = 2.0;
    private const BACK_IN = 5.0;
    private const BOXING = 5.0;
    private const CHILLING = 10.0;
    /** Minutes on a ring that gives about 0.9 kW to the pan: 3.6 kJ/kg·K over 75 K. */
    private const REHEATING_PER_KILOGRAM = 5.0;
    private const REHEATING_THROUGH = 10.0;
    private const RESTING = 10.0;
    private const CRISPING = 6.0;
    private const OVEN_HEATS = 15.0;
    private const GRILL_HEATS = 5.0;
    private const TAKING_OUT = 2.0;
    /** What is boiled longer once starch is in boils down as well. */
    private const LONGEST_THICKENING = 20.0;
    /** What is never one piece of work with another of its kind. */
    private const EACH_BY_ITSELF = ['add-food', Sides::WORK, SidesCut::CODE, 'fry-apart', 'cook-apart', 'mix', 'stand'];
    /** The order of a recipe is kept: work is never one with its like on the other side of these. */
    private const NOT_ACROSS = [
        'fry-base' => self::IN_THE_PAN, 'boil-wine-down' => self::IN_THE_PAN,
        'strain-and-skim' => ['reduce', 'blend-sauce', 'sieve', 'slurry', 'glaze', 'cream-in', 'back-in'],
    ];
    private const OF_THE_EVENING = [ActKind::Marinate, ActKind::Season, ActKind::Mix, ActKind::Tie, ActKind::Dry];
    private const IN_THE_PAN = [
        'blanch', 'render', 'brown-meat', 'fry-base', 'fry-apart', 'caramel', 'boil-wine-down', 'heat-up', 'simmer-first',
    ];
    private const IN_THE_COOKER = '/\b(?:on|to) (?:low|high)\b(?! heat)|\b(?:slow[ -]?cooker|crock)\b/iu';
    private const BRUSHING = 3.0;
    private const ONLY_BRUSHED = '/\b(?:brush|paint)\w*\b(?!.*\b(?:until|till|shin\w*|sticky|glaz\w*|coats?)\b)/iu';

    private readonly Sides $sides;
    /** @var list<Chore> */
    private array $chores = [];
    /** @var list<Deed> those for which no piece of work has come yet */
    private array $waiting = [];

    /** @param list<Deed> $intoThePan what is put in, or cut, on the way */
    private function __construct(private readonly BraiseOrder $order, private readonly array $intoThePan)
    {
        $this->sides = new Sides($order->recipe->dish);
    }

    public static function of(Process $process, BraiseOrder $order): Work
    {
        $before = $process->in(Stage::Before);
        $dish = $order->recipe->dish;
        $own = array_map(static fn (Deed $d): string => $d->act->id, $process->cutting($dish));
        $onTheWay = array_filter(
            $process->in(Stage::Before, ActKind::Cut, ActKind::Prepare),
            static fn (Deed $d): bool => 'mix-spices' !== $d->code && !\in_array($d->act->id, $own, true),
        );
        $chores = new self($order, [...self::intoThePan($before), ...array_values($onTheWay)]);
        $stage = null;
        foreach ($process->remaining() as $deed) {
            if ($stage !== $deed->stage) {
                $chores->settle($stage);
                $stage = $deed->stage;
            }
            $chores->take($deed);
        }
        $chores->settle($stage);

        return new Work($chores->besideTheSauce());
    }

    /**
     * @param list<Deed> $before
     *
     * @return list<Deed>
     */
    private static function intoThePan(array $before): array
    {
        $last = -1;
        foreach ($before as $k => $deed) {
            $last = $deed->is(...self::PAN) ? $k : $last;
        }

        return array_values(array_filter(
            \array_slice($before, 0, $last + 1),
            static fn (Deed $d): bool => $d->is(ActKind::Load) && !preg_match(ActReader::INTO_THE_COOKER, $d->act->words),
        ));
    }

    private function take(Deed $deed): void
    {
        if (\in_array($deed->act->id, $this->order->recipe->told, true)) {
            return;
        }
        $chore = \in_array($deed, $this->intoThePan, true) ? null : $this->chore($deed);
        if (null === $chore) {
            $this->attach($deed);

            return;
        }
        $told = [...$this->waiting, $deed];
        $this->waiting = [];
        $same = $this->lastLike($chore);
        if (null !== $same) {
            $this->replace($same, self::doing($this->merged($this->chores[$same], $chore), $told));
            if (Stage::Evening === $chore->stage) {
                // Into the marinade goes what was made for it.
                $this->chores = [...array_values(array_diff_key($this->chores, [$same => true])), $this->chores[$same]];
            }

            return;
        }
        $this->chores[] = self::doing($this->numbered($chore), $told);
    }

    /** The second of its kind is called so. */
    private function numbered(Chore $chore): Chore
    {
        $count = \count(array_filter(
            $this->chores, static fn (Chore $c): bool => $c->code === $chore->code && 'add-food' !== $chore->code
                && (Stage::Evening === $c->stage) === (Stage::Evening === $chore->stage),
        ));

        return 0 === $count ? $chore : $chore->called("$chore->id-".($count + 1));
    }

    /** It soaks, or lies in its marinade, by itself. */
    private function standing(Deed $d): Chore
    {
        $minutes = $d->act->minutes?->middle() ?? (float) ($d->variables['minutes'] ?? self::SOAKING);

        return new Chore(
            'stand', 'stand', \in_array($d->stage, [Stage::Evening, Stage::During], true) ? $d->stage : Stage::Before, [],
            ['how' => $d->act->kind->value, 'food' => '' === $this->named($d) ? 'none' : $this->named($d)],
            (int) round($minutes), Stage::Evening === $d->stage ? null : new Term('stand', $minutes), Uses::Nothing, self::WAITS['stand'],
        );
    }

    /** With the work before it in the same stage; where there is none yet, with the next. */
    private function attach(Deed $deed): void
    {
        $last = \count($this->chores) - 1;
        if ($last >= 0
            && [] === $this->waiting
            && $this->chores[$last]->stage === $deed->stage
            && !(Stage::Finish === $deed->stage && Uses::Nothing === $this->chores[$last]->uses)
            && !\in_array($deed, $this->intoThePan, true)) {
            $this->replace($last, self::doing($this->chores[$last], [$deed]));
        } else {
            $this->waiting[] = $deed;
        }
    }

    /** What found no work in its stage goes with what was done last. */
    private function settle(?Stage $stage): void
    {
        $last = \count($this->chores) - 1;
        if ([] === $this->waiting || null === $stage || $last < 0) {
            return;
        }
        $this->replace($last, self::doing($this->chores[$last], $this->waiting));
        $this->waiting = [];
    }

    /** @param list<Deed> $deeds */
    private static function doing(Chore $chore, array $deeds): Chore
    {
        return $chore->doing(
            array_map(static fn (Deed $d): string => $d->act->id, $deeds),
            array_merge(...array_map(static fn (Deed $d): array => $d->act->foods, $deeds)),
        );
    }

    private function replace(int $at, Chore $chore): void
    {
        $this->chores = array_map(
            static fn (Chore $c, int $k): Chore => $k === $at ? $chore : $c, $this->chores, array_keys($this->chores),
        );
    }

    /** Where work of the same code is, that this belongs to. */
    private function lastLike(Chore $chore): ?int
    {
        $anywhere = \in_array(
            $chore->code,
            [
                'cut-vegetables', 'cut-ahead', 'dry-meat', 'fry-base', 'boil-wine-down', 'plate', 'fork-test', 'load',
                'marinate', 'soak-beans', 'salt-meat', 'strain-and-skim',
            ],
            true,
        );
        foreach (array_reverse($this->chores, true) as $k => $one) {
            if ($one->stage !== $chore->stage && !('load' === $one->code && 'load' === $chore->code)) {
                return null;
            }
            if (Sides::goesOn($one, $chore)
                || ($one->code === $chore->code && !\in_array($chore->code, self::EACH_BY_ITSELF, true))) {
                return $k;
            }
            if (!$anywhere || \in_array($one->code, self::NOT_ACROSS[$chore->code] ?? [], true)) {
                return null;
            }
        }

        return null;
    }

    private function merged(Chore $one, Chore $more): Chore
    {
        return match ($one->code) {
            'strain-and-skim' => $one->with(
                ['how' => $one->variables['how'] === $more->variables['how'] ? $one->variables['how'] : 'both'],
            ),
            'dry-meat' => ($more->minutes > $one->minutes ? $one->lasting($more) : $one)->with([
                'how' => $one->variables['how'] === $more->variables['how'] ? $one->variables['how'] : 'ready']),
            'fry-base' => self::fried($one, $more),
            'brown-meat', 'crisp' => self::browned($one, $more),
            Sides::WORK => Sides::joined($one, $more),
            default => $more->minutes > $one->minutes ? $one->lasting($more) : $one,
        };
    }

    /** What the recipe gives each of them, and what browning takes where it gives one nothing. */
    private static function browned(Chore $one, Chore $more): Chore
    {
        $told = self::fried($one, $more);
        $both = 'own-minutes' === $one->term?->code && 'own-minutes' === $more->term?->code;

        return match (true) {
            $both || $told->minutes > max($one->minutes, $more->minutes) => $told,
            default => $more->minutes > $one->minutes ? $one->lasting($more) : $one,
        };
    }

    /** What is fried one after the other takes what the recipe gives each, and where it gives nothing, what frying takes once. */
    private static function fried(Chore $one, Chore $more): Chore
    {
        $told = array_values(array_filter([$one->term, $more->term], static fn (?Term $t): bool => 'own-minutes' === $t?->code));
        $minutes = array_sum(array_map(static fn (?Term $t): float => $t->value ?? 0.0, $told));

        return [] === $told ? $one : $one->timed(new Term('own-minutes', $minutes, $told[0]->from));
    }

    private function chore(Deed $d): ?Chore
    {
        return match ($d->stage) {
            Stage::Evening => $this->evening($d),
            Stage::Before, Stage::Start => $this->before($d),
            Stage::During => $this->during($d),
            Stage::Finish => $this->finish($d),
            Stage::Table => $this->table($d),
            Stage::Later => $this->later($d),
            Stage::Again => $this->again($d),
        };
    }

    private function evening(Deed $d): ?Chore
    {
        $ingredients = $this->order->potIngredients();

        return match (true) {
            'mix-spices' === $d->code => $this->ofTerm($d, HandsOn::mixing($ingredients), Uses::Hands, 'night-mix-spices'),
            Preparing::NIGHT === $d->code => $this->ofTerm(
                $d, HandsOn::cutting($this->only($d->act->foods)), Uses::Hands, 'night-cut', 'cut-vegetables',
            ),
            'cut-ahead' === $d->code => $this->ofTerm(
                $d, HandsOn::cutting($ingredients), Uses::Hands, 'night-cut-vegetables', 'cut-ahead', $d->variables,
            ),
            Thawed::CODE === $d->code => $this->plain($d, Thawed::CODE, Thawed::CODE, self::EVENING, Uses::Hands, $d->variables),
            $d->is(ActKind::Soak) && ($d->act->minutes->high ?? \INF) < self::SHORT_SOAK => $this->standing($d)->called('night-stand'),
            $d->is(ActKind::Toast) => $this->ofTerm(
                $d, self::own($d, new Term('toast-spices', self::TOASTING)), Uses::HandsAndRing, 'night-toast-spices', 'toast-spices',
            ),
            $d->is(ActKind::BoilDown) => $this->ofTerm($d, $this->boilingDown($d), Uses::Ring, 'night-boil-wine-down', 'boil-wine-down'),
            $d->is(ActKind::HeatUp) => $this->ofTerm(
                $d, self::own($d, new Term('heat-up', self::HEATING_UP)), Uses::Ring, 'night-heat-up', 'heat-up',
            ),
            $d->is(ActKind::Mix, ActKind::Blend) && preg_match(self::IS_GROUND, $d->act->words) => $this->mixture($d)?->called('night-mix'),
            $d->is(ActKind::Soak) => $this->plain(
                $d, 'night-soak', 'soak-beans', self::EVENING, Uses::Hands, ['food' => $d->variables['food'] ?? $this->named($d)],
            ),
            'salt-meat' === $d->code => $this->plain($d, 'night-salt', 'salt-meat', self::EVENING, Uses::Hands),
            !$d->is(...self::OF_THE_EVENING) => null,
            $d->is(ActKind::Season) && !$this->isMarinated() => $this->plain($d, 'night-salt', 'salt-meat', self::EVENING, Uses::Hands),
            default => $this->plain($d, 'night-marinate', 'marinate', self::MARINATING, Uses::Hands),
        };
    }

    private function isMarinated(): bool
    {
        return [] !== array_filter(
            $this->order->recipe->dish->acts(), static fn (Act $a): bool => ActKind::Marinate === $a->kind && $a->isDone(),
        );
    }

    private function before(Deed $d): ?Chore
    {
        $meats = $this->meatsOf($d);
        $pan = $this->order->kitchen->pan();
        $ingredients = $this->order->potIngredients();
        $minutes = $d->act->minutes?->middle();

        if (Stage::Before === $d->stage && $d->is(ActKind::Cook)) {
            return null === $minutes || $minutes > self::LONGEST_FIRST ? null : $this->ofTerm(
                $d, self::own($d, new Term('simmer-first', self::HEATING_UP)), Uses::Ring, 'simmer-first',
            );
        }

        return match ($d->act->kind) {
            ActKind::Prepare,
            ActKind::Cut => 'mix-spices' === $d->code ? $this->ofTerm($d, HandsOn::mixing($this->unmixed()), Uses::Hands, 'mix-spices')
                : $this->ofTerm($d, HandsOn::cutting($this->uncut()), Uses::Hands, 'cut-vegetables'),
            ActKind::Mix, ActKind::Blend => $this->mixture($d),
            ActKind::Preheat => $this->ofTerm(
                $d, new Term('heat-oven', self::OVEN_HEATS), Uses::Oven, 'heat-oven', variables: ['how' => 'oven'],
            )?->lengthening(null),
            ActKind::Tie, ActKind::Dry, ActKind::Season,
            ActKind::Flour => $d->is(ActKind::Flour) && $this->isInThePan() ? null : $this->ofTerm(
                $d, $d->is(ActKind::Tie) ? self::own($d, HandsOn::drying($meats)) : HandsOn::drying($meats), Uses::Hands, 'dry-meat',
                variables: ['how' => $d->is(ActKind::Dry) ? 'dry' : 'ready'],
            ),
            ActKind::Soak => $this->standing($d),
            ActKind::Marinate => ($d->act->minutes->high ?? 0.0) >= self::LEAST_STANDING ? $this->standing($d)
                : $this->ofTerm($d, new Term('marinate', (float) self::MARINATING), Uses::Hands, 'marinate'),
            ActKind::BoilBeans => $this->ofTerm(
                $d, new Term('beans-on', HandsOn::BEANS_ON, ['food' => $this->named($d)]), Uses::HandsAndRing, 'beans-on',
            ),
            ActKind::WarmInsert => $this->ofTerm($d, new Term('warm-insert', HandsOn::WARMING), Uses::Hands, 'warm-insert'),
            ActKind::Blanch => $this->ofTerm(
                $d, new Term('blanch', self::BOILING_UP + ($minutes ?? self::BLANCHING),
                    ['boilingMinutes' => $minutes ?? self::BLANCHING]),
                Uses::Ring, 'blanch',
            ),
            ActKind::HeatUp => $this->ofTerm($d, self::own($d, new Term('heat-up', self::HEATING_UP)), Uses::Ring, 'heat-up'),
            ActKind::Render => $this->ofTerm($d, self::own($d, new Term('render', self::RENDERING)), Uses::HandsAndRing, 'render'),
            ActKind::Brown => $this->ofTerm(
                $d, self::own($d, HandsOn::browning($meats, $pan, $d->act->batches->count ?? 1), HandsOn::batches($meats, $pan)),
                self::browningOn($d),
                'brown-meat',
                variables: ['batches' => $d->act->batches->count ?? HandsOn::batches($meats, $pan)],
            ),
            ActKind::Toast => $this->ofTerm(
                $d, self::own($d, new Term('toast-spices', self::TOASTING)), Uses::HandsAndRing, 'toast-spices',
            ),
            ActKind::FryBase => $this->fryBase($d),
            ActKind::Fry => '' === $this->named($d) ? $this->fryBase($d) : $this->fryApart($d),
            ActKind::Deglaze,
            ActKind::BoilDown => $this->ofTerm(
                $d, $this->boilingDown($d), Uses::Ring, 'boil-wine-down',
            ),
            ActKind::Load, ActKind::Cook => $this->ofTerm($d, new Term('load', HandsOn::LOADING), Uses::Hands, 'load'),
            default => null,
        };
    }

    /** On the hob; under the cooker's own heat where it can sear in its insert; by itself where it is roasted brown. */
    private static function browningOn(Deed $d): Uses
    {
        return match (true) {
            1 === preg_match(self::IN_THE_INSERT, $d->act->words) => Uses::Hands,
            $d->isRoastedBrown() => Uses::Oven,
            default => Uses::HandsAndRing,
        };
    }

    private function fryBase(Deed $d): ?Chore
    {
        return $this->isCaramel($d) ? $this->ofTerm(
            $d, self::own($d, new Term('caramel', self::CARAMEL)), Uses::HandsAndRing, 'caramel',
            variables: ['food' => $this->named($d)],
        ) : $this->ofTerm($d, self::own($d, new Term('fry-base', HandsOn::BASE)), Uses::HandsAndRing, 'fry-base');
    }

    /** Sugar by itself in the pan, with water or fat at most. */
    private function isCaramel(Deed $d): bool
    {
        $roles = array_map(fn (string $id): ?Role => $this->order->recipe->dish->ingredient($id)?->role, $d->act->foods);

        return \in_array(Role::Sweet, $roles, true) && [] === array_diff(
            array_map(static fn (?Role $r): string => $r->value ?? '', $roles), [Role::Sweet->value, Role::Liquid->value, Role::Fat->value],
        );
    }

    /** Whether a pan is on already: what is floured now is floured in it. */
    private function isInThePan(): bool
    {
        return [] !== array_filter($this->chores, static fn (Chore $c): bool => \in_array($c->code, self::IN_THE_PAN, true));
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Ingredient> of the pot
     */
    private function only(array $ids): array
    {
        return array_values(array_filter(
            $this->order->potIngredients(), static fn (Ingredient $i): bool => \in_array($i->key(), $ids, true),
        ));
    }

    /** @return list<Ingredient> of the pot, without what was cut in the evening */
    private function uncut(): array
    {
        $night = array_merge([], ...array_map(static fn (Chore $c): array => 'night-cut' === $c->id ? $c->foods : [], $this->chores));

        return array_values(array_filter(
            $this->order->potIngredients(), static fn (Ingredient $i): bool => !\in_array($i->key(), $night, true),
        ));
    }

    /** @return list<Ingredient> of the pot, without what the recipe stirs together itself */
    private function unmixed(): array
    {
        $mixed = array_merge([], ...array_map(
            static fn (Act $a): array => ActKind::Mix === $a->kind && $a->isDone() ? $a->foods : [], $this->order->recipe->dish->acts(),
        ));

        return array_values(array_filter(
            $this->order->potIngredients(), static fn (Ingredient $i): bool => !\in_array($i->key(), $mixed, true),
        ));
    }

    /** A rub, a paste, a marinade: one thing from here on, which takes longer the more goes into it. */
    private function mixture(Deed $d): ?Chore
    {
        $count = \count($d->act->foods);

        return 0 === $count ? null : $this->ofTerm(
            $d, self::own($d, new Term('mix', round(self::MIXING + self::MIXING_EACH * $count), ['count' => $count])), Uses::Hands, 'mix',
            variables: ['text' => $d->words()],
        );
    }

    /** Butter and flour kneaded for the sauce are part of thickening it. */
    private function isForThickening(Deed $d): bool
    {
        $roles = array_map(fn (string $id): ?Role => $this->order->recipe->dish->ingredient($id)?->role, $d->act->foods);

        return \in_array(Role::Thickener, $roles, true);
    }

    /** Those that it names, and the braise's own. */
    private function meatsOf(Deed $d): Meats
    {
        $named = array_filter(
            $this->order->meat->others,
            static fn (FurtherMeat $m): bool => [] === $d->act->foods || \in_array($m->id, $d->act->foods, true),
        );

        return new Meats($this->order->meat->joint, array_map(static fn (FurtherMeat $m): Joint => $m->joint, array_values($named)));
    }

    /** Mushrooms and their kind, in a pan of their own. */
    private function fryApart(Deed $d): ?Chore
    {
        return $this->ofTerm(
            $d, self::own($d, new Term('fry-apart', self::FRYING_APART)), Uses::HandsAndRing, 'fry-apart',
            variables: ['food' => '' === $this->named($d) ? 'none' : $this->named($d)],
        );
    }

    /** By the pan's width where it is known how much boils away; a pan that is only loosened takes as long as scraping it does. */
    private function boilingDown(Deed $d): Term
    {
        if (!isset($d->variables['ml'], $d->variables['loadedMl'])) {
            return self::own($d, new Term(
                'boil-wine-down', $d->is(ActKind::BoilDown) ? HandsOn::WINE : self::SCRAPING,
                ['ml' => 0.0, 'panCm' => $this->order->kitchen->pan()->inCentimetres()],
            ));
        }
        $away = max(0.0, (float) $d->variables['ml'] - (float) $d->variables['loadedMl']);

        return new Term(
            'boil-wine-down', round(self::SCRAPING + Reduction::timeFor($away, $this->order->kitchen->pan())->inMinutes()),
            ['ml' => $away, 'panCm' => $this->order->kitchen->pan()->inCentimetres()],
        );
    }

    /** The recipe's own minutes where it gives them, with what we would reckon beside them; else that. */
    private static function own(Deed $d, Term $model, int $loads = 1): Term
    {
        return null === $d->act->minutes ? $model : new Term(
            'own-minutes', round($d->act->batches->of($d->act->minutes, $loads)),
            ['work' => strtr($model->code, '-', '_'), 'minutes' => $model->value],
        );
    }

    private function during(Deed $d): ?Chore
    {
        return match (true) {
            $d->isBeside => null === $d->beforeEnd ? $this->sides->work($d)->at($d->atHour ?? 0.0)
                : $this->sides->work($d)->beforeTheEnd($d->beforeEnd),
            $d->is(ActKind::Test) => new Chore('fork-test', 'fork-test', $d->stage, [], [], self::TESTING, null, Uses::Hands),
            'look' === $d->code => new Chore(
                'look-'.$d->act->id, "look-{$d->variables['how']}", $d->stage, [],
                ['food' => (string) $d->variables['list'], 'text' => $d->words()],
                self::ADDING, null, Uses::Hands, 0, $d->beforeEnd, $d->atHour,
            ),
            null !== $d->beforeEnd && null !== ($made = $this->madeForIt($d)) => $made->with(['text' => $d->words()])
                ->beforeTheEnd($d->beforeEnd),
            null !== $d->beforeEnd
                || null !== $d->atHour => new Chore(
                    'add-'.($d->act->foods[0] ?? $d->act->id), 'cook-apart' === $d->code ? 'cook-apart' : 'add-food', $d->stage, [],
                    ['food' => (string) ($d->variables['list'] ?? '')], self::ADDING, null, Uses::Hands, 0, $d->beforeEnd, $d->atHour),
            default => null,
        };
    }

    /** Of what goes in late, the making; null where it is none. */
    private function madeForIt(Deed $d): ?Chore
    {
        return match ($d->act->kind) {
            ActKind::Toast, ActKind::FryBase, ActKind::Fry => '' === $this->named($d) ? null : $this->fryApart($d),
            ActKind::Mix, ActKind::Blend => $this->mixture($d),
            ActKind::Soak => $this->standing($d),
            ActKind::Strain, ActKind::Sieve => $this->ofTerm($d, new Term('sieve', HandsOn::SKIM), Uses::Hands, 'sieve'),
            ActKind::HeatUp => $this->ofTerm($d, self::own($d, new Term('heat-up', self::HEATING_UP)), Uses::Ring, 'heat-up'),
            default => null,
        };
    }

    private function finish(Deed $d): ?Chore
    {
        $minutes = $d->act->minutes?->middle();

        return match ($d->act->kind) {
            ActKind::Fry, ActKind::FryBase, ActKind::Toast => $this->fryApart($d),
            ActKind::Mix => $this->isForThickening($d) ? null : $this->mixture($d),
            ActKind::Preheat => $this->ofTerm(
                $d, new Term('heat-oven', 'oven' === ($d->variables['how'] ?? 'grill') ? self::OVEN_HEATS : self::GRILL_HEATS),
                Uses::Oven,
                'heat-oven', variables: $d->variables,
            )?->lengthening(null),
            ActKind::Lift => $this->ofTerm($d, new Term('lift-out', HandsOn::LIFT), Uses::Hands, 'lift-out',
                variables: ['list' => 'none', 'text' => preg_match(self::INTO_A_DISH, $d->act->words) ? $d->words() : 'none']),
            ActKind::TakeOut => $this->takeOut($d),
            ActKind::Sieve => $this->ofTerm($d, new Term('sieve', HandsOn::SKIM), Uses::Hands, 'sieve'),
            ActKind::Strain,
            ActKind::Skim => $this->ofTerm(
                $d, new Term('strain-and-skim', HandsOn::SKIM), Uses::Hands, 'strain-and-skim',
                variables: ['how' => $d->act->kind->value],
            ),
            ActKind::Blend,
            ActKind::Mash => $this->ofTerm(
                $d, new Term('blend-sauce', self::BLENDING), Uses::Hands, 'blend-sauce', variables: ['how' => $d->act->kind->value],
            ),
            ActKind::Reduce => $this->ofTerm(
                $d,
                new Term(
                    'reduce', (float) ($d->variables['minutes'] ?? $minutes ?? 0),
                    ['ml' => (float) ($d->variables['ml'] ?? 0), 'panCm' => $this->order->kitchen->pan()->inCentimetres()],
                ),
                Uses::Ring, 'reduce',
            ),
            ActKind::Glaze => $this->ofTerm($d, self::own($d, new Term(
                'glaze', preg_match(self::ONLY_BRUSHED, $d->act->words) ? self::BRUSHING : self::GLAZING,
            )), Uses::HandsAndRing, 'glaze'),
            default => $this->toTheEnd($d),
        };
    }

    /** What is done to a sauce that is as it should be, and to its meat. */
    private function toTheEnd(Deed $d): ?Chore
    {
        $minutes = $d->act->minutes?->middle();

        return match ($d->act->kind) {
            ActKind::Slurry,
            ActKind::ButterAndStarch => $this->ofTerm($d, new Term('slurry', self::boiling($d)), Uses::HandsAndRing, 'slurry'),
            ActKind::CreamOrYoghurtIn => $this->ofTerm(
                $d, new Term('cream-in', self::STIRRING_IN), Uses::Hands, 'cream-in', variables: ['food' => $this->named($d)],
            ),
            ActKind::Shred => $this->ofTerm(
                $d,
                new Term(
                    'shred-meat', HandsOn::shredding($this->order->meat->all()->boneless()),
                    ['kg' => $this->order->meat->all()->boneless()->kilograms, 'minutes' => 0],
                ),
                Uses::Hands, 'shred-meat', variables: ['how' => $d->act->takesOffTheBone() ? 'bones' : 'shred'],
            ),
            ActKind::Carve => $this->ofTerm(
                $d,
                new Term(
                    'carve-meat', HandsOn::carving($this->order->meat->all()->boneless()),
                    ['kg' => $this->order->meat->all()->boneless()->kilograms],
                ),
                Uses::Hands, 'carve-meat',
            ),
            ActKind::Portion => $this->ofTerm($d, new Term('put-aside', self::BOXING), Uses::Hands, 'put-aside'),
            ActKind::BackIntoTheJuice => $this->ofTerm(
                $d, self::own($d, new Term('back-in', self::BACK_IN)), ($minutes ?? 0.0) > self::BACK_IN ? Uses::Nothing : Uses::Hands,
                'back-in',
            ),
            ActKind::Rest => $this->ofTerm($d, self::own($d, new Term('rest-meat', self::RESTING)), Uses::Nothing, 'rest-meat'),
            ActKind::Crisp => $this->ofTerm($d, self::own($d, new Term('crisp', self::CRISPING)), Uses::Oven, 'crisp',
                variables: ['how' => $d->isInTheOven() ? 'oven' : 'grill']),
            ActKind::Cook => $this->ofTerm(
                $d, new Term('simmer-on', max(1.0, $minutes ?? 0.0)),
                preg_match(self::IN_THE_COOKER, $d->act->source) ? Uses::Nothing : Uses::Ring, 'simmer-on',
            ),
            default => null,
        };
    }

    /** What comes out does so as the meat is lifted, where it is; else by itself. */
    private function takeOut(Deed $d): ?Chore
    {
        $last = \count($this->chores) - 1;
        if ($last >= 0 && 'lift-out' === $this->chores[$last]->code && isset($d->variables['list'])) {
            $this->replace($last, $this->chores[$last]->with(['list' => (string) $d->variables['list']]));

            return null;
        }

        return $this->ofTerm(
            $d, new Term('take-out', self::TAKING_OUT), Uses::Hands, 'take-out',
            variables: isset($d->variables['list'])
                ? ['list' => (string) $d->variables['list']] : ['list' => 'none', 'text' => $d->words()],
        );
    }

    private function table(Deed $d): ?Chore
    {
        return match (true) {
            ChilledOvernight::CHILL === $d->code => $this->ofTerm(
                $d, new Term('chill', self::CHILLING), Uses::Hands, 'plate', ChilledOvernight::CHILL,
            ),
            SidesCut::CODE === $d->code => $this->sides->knife($d),
            $d->is(ActKind::SideWork), $d->isBeside && !$d->is(ActKind::Serve, ActKind::Garnish) => $this->sides->work($d),
            default => $this->ofTerm($d, new Term('plate', HandsOn::PLATE), Uses::Hands, 'plate'),
        };
    }

    /** On the day that it is eaten. */
    private function again(Deed $d): ?Chore
    {
        return match (true) {
            ChilledOvernight::FAT_OFF === $d->code => $this->ofTerm($d, new Term('fat-off', HandsOn::SKIM), Uses::Hands, 'fat-off'),
            ChilledOvernight::REHEAT === $d->code => $this->ofTerm($d, $this->reheating(), Uses::Ring, 'reheat',
                variables: $d->variables),
            $d->isBeside, $d->is(ActKind::Serve, ActKind::Garnish, ActKind::SeasonToTaste, ActKind::SideWork) => $this->plated($d),
            default => $this->finish($d),
        };
    }

    private function plated(Deed $d): ?Chore
    {
        $chore = $this->table($d);

        return 'plate' === $chore?->code ? $chore->called('plate-again') : $chore;
    }

    /** From the fridge to the boil on one ring, and then till the middle is hot. */
    private function reheating(): Term
    {
        $kilograms = $this->order->meat->all()->boneless()->kilograms + 0.001 * array_sum(array_map(
            static fn (Ingredient $i): float => (float) $i->grams, $this->order->potIngredients(),
        ));

        return new Term(
            'reheat', round($kilograms * self::REHEATING_PER_KILOGRAM + self::REHEATING_THROUGH), ['kg' => $kilograms],
        );
    }

    private function later(Deed $d): ?Chore
    {
        return match ($d->code) {
            'portion' => $this->plain($d, 'portion', 'portion', self::PORTION, Uses::Hands),
            'into-fridge' => $this->plain($d, 'into-fridge', 'into-fridge', self::FRIDGE, Uses::Hands),
            default => null,
        };
    }

    /** Minutes that its thickener boils, or that the recipe simmers it on the hob; what thickens in the cooker takes longer there. */
    private static function boiling(Deed $deed): float
    {
        $own = preg_match('/\b(?:low|high|cooker|lid)\b/iu', $deed->act->source) ? 0.0 : $deed->act->minutes?->middle() ?? 0.0;

        return max(min($own, self::LONGEST_THICKENING),
            (float) (Thickener::tryFrom((string) ($deed->variables['thickener'] ?? '')) ?? Thickener::CornStarch)->hobMinutes());
    }

    /** @param array<string, float|int|string> $variables */
    private function ofTerm(Deed $d, ?Term $term, Uses $uses, string $id, ?string $code = null, array $variables = []): ?Chore
    {
        $code ??= $id;

        return null === $term ? null : new Chore(
            $id, $code, Stage::Start === $d->stage ? Stage::Before : $d->stage, [], [...$term->from, ...$variables],
            (int) max(1, round($term->value)),
            Stage::Evening === $d->stage ? null : $term, $uses, self::WAITS[$code] ?? 0,
        );
    }

    /** @param array<string, float|int|string> $variables */
    private function plain(Deed $d, string $id, string $code, int $minutes, Uses $uses, array $variables = []): Chore
    {
        return new Chore($id, $code, $d->stage, [], $variables, $minutes, null, $uses, self::WAITS[$code] ?? 0);
    }

    /** Its foods; but the fat that something is fried in isn't fried, and the water isn't soaked. */
    private function named(Deed $d): string
    {
        $fat = match (true) {
            $d->is(ActKind::Fry, ActKind::FryBase, ActKind::Toast) => Role::Fat,
            $d->is(ActKind::Soak) => Role::Liquid,
            default => null,
        };

        return (string) ($d->variables['food'] ?? implode(
            ', ',
            array_filter(array_map(function (string $id) use ($fat): string {
                $food = $this->order->recipe->dish->ingredient($id);

                return null === $food || $fat === $food->role ? '' : $food->foodText;
            }, $d->act->foods)),
        ));
    }

    /**
     * Meat is shredded while the sauce boils down, where nothing waits for it before the plate.
     *
     * @return list<Chore>
     */
    private function besideTheSauce(): array
    {
        $chores = $this->loadedLast();
        $work = new Work($chores);
        $reducing = array_sum(array_map(static fn (Chore $c): int => 'reduce' === $c->code ? $c->minutes : 0, $this->chores));

        return array_map(
            fn (Chore $c): Chore => match (true) {
                !$work->isBeside($c) => $c,
                'shred-meat' === $c->code => $c->lengthening($this->shredding($c->minutes, $reducing)),
                'rest-meat' === $c->code => $c->lengthening(
                    $c->minutes <= $reducing ? null : new Term('rest-meat', (float) ($c->minutes - $reducing)),
                ),
                default => $c,
            },
            $chores,
        );
    }

    /**
     * Nothing is done for the pot after it is loaded and on.
     *
     * @return list<Chore>
     */
    private function loadedLast(): array
    {
        $load = array_values(array_filter($this->chores, static fn (Chore $c): bool => 'load' === $c->code));
        $others = array_values(array_filter($this->chores, static fn (Chore $c): bool => 'load' !== $c->code));
        $before = BrownedShortly::inOrder(array_values(array_filter(
            $others, static fn (Chore $c): bool => $c->stage->rank() <= Stage::Before->rank(),
        )));

        return [...$before, ...$load, ...\array_slice($others, \count($before))];
    }

    private function shredding(int $minutes, int $reducing): ?Term
    {
        return $minutes <= $reducing
            ? null
            : new Term(
                'shred-meat', (float) ($minutes - $reducing),
                ['kg' => $this->order->meat->all()->boneless()->kilograms, 'minutes' => $reducing],
            );
    }
}
