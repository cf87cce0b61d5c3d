<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Pausis\App\Kitchen\BeginCook;
use Pausis\App\Kitchen\CloseCooking;
use Pausis\App\Kitchen\DraftOrder;
use Pausis\App\Kitchen\DraftPatch;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\RunningPot;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\EventKind;
use Pausis\App\Store\Notebook;
use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\Window;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;

/**
 * A year in which a household cooked: what is true of its cookers, its butcher and each animal nobody is told, but its seed decides
 * it; it looks when it is told to, and learns.
 */
final class SampleYear
{
    public const COOKS = 40;
    private const DAYS_BETWEEN = 8.7;
    private const DAYS_AGO = 13;
    private const SEED = 640;
    private const MOST_LOOKS = 6;
    private const BETWEEN_LOOKS_MINUTES = 35;
    private const FINISH_MINUTES = 20;
    /** Of the answers of a fork, as a share of the meat's need. */
    private const FORK_SIGMA = 0.12;
    /** Heat of the cookers beside their labels: the first and the second. */
    private const HEATS = [1.0, 0.9];
    private const NOTES = [
        4 => ['Good. The sauce wanted a little more body.', 'thicker sauce'],
        9 => ['Best so far. Everybody had seconds.', ''],
        13 => ['Still a bit tough near the bone when we sat down.', 'half an hour longer'],
        18 => ['Too much beer for Joris.', 'less beer'],
        23 => ['The fennel was mush.', 'cut the fennel larger'],
        27 => ['A touch too salty.', 'a little less salt'],
        31 => ['', 'more sauce'],
        36 => ['Took its time; we sat down late.', 'half an hour longer'],
        39 => ['Quiet evening, late dinner, very good.', ''],
    ];
    /** A cook of which nothing should be learned: somebody had the lid off for a party trick. */
    private const ODD = 21;

    private readonly Noise $noise;
    /** @var array<string, float> the household's need of a cut */
    private array $butcher = [];

    public function __construct(
        private readonly DraftOrder $orders, private readonly Drafts $drafts, private readonly House $house,
        private readonly AdaptBraise $adapt, private readonly BeginCook $begin, private readonly Cooks $cooks,
        private readonly CloseCooking $closing, private readonly FollowCook $follow, private readonly RunningPot $pot,
        private readonly Notebook $notebook, private readonly Braises $braises,
    ) {
        $this->noise = new Noise(self::SEED);
    }

    /**
     * @param list<array{braise: BraiseRecord, cookerId: string}> $dishes  what it cooks, in turn
     * @param list<string>                                        $cookers ids, those of HEATS
     * @param callable(int): void                                 $told    how many are done
     */
    public function fill(array $dishes, array $cookers, callable $told): void
    {
        $today = $this->house->now()->setTime(0, 0);
        for ($k = 0; $k < self::COOKS; ++$k) {
            $dish = $dishes[$this->noise->oneOf(\count($dishes))];
            $day = $today->modify(\sprintf('-%d days', self::DAYS_AGO + (int) round((self::COOKS - 1 - $k) * self::DAYS_BETWEEN)));
            $heat = self::HEATS[(int) array_search($dish['cookerId'], $cookers, true)] ?? 1.0;
            $this->cook($k, $dish['braise'], $dish['cookerId'], $day, $heat);
            $told($k + 1);
        }
        $this->braises->save();
    }

    private function cook(int $k, BraiseRecord $braise, string $cookerId, \DateTimeImmutable $day, float $heat): void
    {
        $draft = DraftOrder::identified($this->drafts->fromArray(DraftPatch::applied($braise->draft, [
            'cookerId' => $cookerId, 'serveAt' => $day->format('Y-m-d').'T19:00', 'away' => [], 'pins' => [], 'sides' => [],
            'setting' => 'auto',
        ])));
        $order = $this->orders->order($draft, $this->orders->understood($draft), $this->house->record(), $day->modify('-8 hours'),
            new Problems()) ?? throw new \LogicException("The sample year's cook $k has no order.");
        $adapted = $this->adapt->adapt($order);
        $outcome = $this->setting($adapted, (int) $day->format('N') >= 6) ?? throw new \LogicException("Cook $k of the year has no day.");
        $plan = $adapted->days[$outcome->choice->value];
        \assert($plan instanceof DayPlan);
        $on = $plan->switchOn->modify(\sprintf('+%d minutes', (int) round(abs(6 * $this->noise->normal()))));
        $planned = $braise->draft;
        $braise->draft = [...$planned, 'serveAt' => $draft->serveAt];
        $cook = $this->cooks->start($this->begin->record($braise, $draft, $adapted, $outcome, $on));
        $served = $this->happens($cook, $outcome, $adapted->window($outcome, $adapted->order->wishes->texture), $k, $heat);
        [$note, $nextTime] = self::NOTES[$k] ?? ['', ''];
        $this->closing->close($cook, $served, $note);
        $this->page($cook, $served, $nextTime, $k);
        $braise->draft = $planned;
    }

    /** On Low where the day allows it, but for some weekends. */
    private function setting(AdaptedBraise $adapted, bool $isWeekend): ?Outcome
    {
        $works = array_values(array_filter($adapted->outcomes, $adapted->works(...)));

        return $isWeekend && $this->noise->uniform() < 0.6 ? array_reverse($works)[0] ?? null : $works[0] ?? null;
    }

    /** @return \DateTimeImmutable when it was eaten */
    private function happens(CookRecord $cook, Outcome $outcome, Window $window, int $k, float $heat): \DateTimeImmutable
    {
        $order = $this->pot->order($cook, $this->drafts->fromArray($cook->draft));
        [$truth, $need] = $this->truth($order, $heat);
        $at = static fn (float $hours): \DateTimeImmutable => $cook->switchedOn->modify(\sprintf('+%d minutes', (int) round(60 * $hours)));
        $events = self::ODD === $k
            ? [['kind' => EventKind::LidOff->value, 'at' => $at(3.0)->format(\DATE_ATOM), 'value' => '50']] : [];
        if (0 === $k % 7) {
            $hour = 2.5 + 2 * $this->noise->uniform();
            $celsius = $this->follow->sample($order, $this->pot->running($cook), $truth, Duration::hours($hour))->potCelsius;
            $events[] = [
                'kind' => EventKind::Probe->value, 'at' => $at($hour)->format(\DATE_ATOM), 'place' => 'liquid',
                'value' => (string) round($celsius + $this->noise->normal(), 1),
            ];
        }
        $hour = round(12 * ($window->earliest ?? 6.0)) / 12;
        for ($look = 0, $answer = ForkAnswer::Resists; $look < self::MOST_LOOKS && !$answer->reaches($order->wishes->texture); ++$look) {
            $hour += 0 === $look ? 0.0 : self::BETWEEN_LOOKS_MINUTES / 60;
            $share = $this->follow->sample($order, $this->pot->running($cook), $truth, Duration::hours($hour))->dose / $need;
            $answer = ForkAnswer::likeliest($share + self::FORK_SIGMA * $this->noise->normal());
            $events[] = ['kind' => EventKind::Fork->value, 'at' => $at($hour)->format(\DATE_ATOM), 'value' => $answer->value];
        }
        if (0 !== $k % 3) {
            $events[] = [
                'kind' => EventKind::Sauce->value, 'at' => $at($hour + 0.1)->format(\DATE_ATOM),
                'value' => (string) (10 * round($outcome->sauce->atEnd->total * (1 + 0.12 * $this->noise->normal()) / 10)),
                'thickness' => $order->wishes->thickness->value ?? 'coats-a-spoon', 'thickener' => 'corn-starch',
            ];
        }
        foreach ($events as $event) {
            $this->cooks->record($cook, $event);
        }
        $ready = $at($hour)->modify('+'.self::FINISH_MINUTES.' minutes');
        $planned = $order->serveAt->modify(\sprintf('%+d minutes', (int) round(8 * $this->noise->normal())));

        return max($ready, $planned);
    }

    /** @return array{Deviation, float} beside what the house then thought of that pot, and the need of the meat in hours at 90 °C */
    private function truth(BraiseOrder $order, float $heat): array
    {
        $cut = $order->meat->joint->cut;
        $need = $cut->needHours * exp(0.14 * $this->noise->normal()) * ($this->butcher[$cut->id] ??= exp(0.09 * $this->noise->normal()));

        return [
            new Deviation(
                $heat / $order->cooker->heatFactor, 1.02 / $order->cooker->lossFactor, $need / $order->meat->joint->needHours,
                exp(0.1 * $this->noise->normal()), 2 * $this->noise->normal(), 1.0 / $order->cooker->lowFactor,
            ),
            $need,
        ];
    }

    private function page(CookRecord $cook, \DateTimeImmutable $served, string $nextTime, int $k): void
    {
        $entry = $this->notebook->of($cook->braise)[0] ?? throw new \LogicException('A closed cook has its page.');
        $cook->closedAt = $served->modify('+1 hour');
        $people = array_column($this->house->record()->people, 'id');
        $this->notebook->change($entry, $entry->revision, fn (NotebookRecord $entry) => $entry->say([
            ...$entry->said(), 'nextTime' => $nextTime, 'meatStars' => $this->stars(), 'sauceStars' => 0 === $k % 4 ? 0 : $this->stars(),
            'cookedBy' => $people[$this->noise->oneOf(\count($people))] ?? '',
        ]));
    }

    private function stars(): int
    {
        return max(2, min(5, (int) round(4.2 + 0.8 * $this->noise->normal())));
    }
}
