<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\CookRecord;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Problem\Problem;

/** A braise whose day is over, cooked or not: the same dinner on the next days on which it has a plan. */
final readonly class CookAgain
{
    private const DAYS = ['today', 'tomorrow', '+2 days', '+7 days'];
    private const MOST = 3;
    /** As long after the one that was planned, or that was eaten, it is another dinner. */
    private const ONE_DINNER_HOURS = 12;

    public function __construct(private PlanBraise $plan, private Drafts $drafts, private House $house)
    {
    }

    /** Whether a braise that was cooked is to be cooked once more: its dinner is another than the one that was eaten. */
    public static function isPlannedAnew(CookRecord $cook, ?\DateTimeImmutable $serve): bool
    {
        $planned = $cook->planned['serve'] ?? null;
        $eaten = max($cook->closedAt, \is_string($planned) ? new \DateTimeImmutable($planned) : null);

        return null !== $cook->closedAt && null !== $serve && null !== $eaten
            && $serve > $eaten->modify('+'.self::ONE_DINNER_HOURS.' hours');
    }

    /** Whether nothing but its day is in the way. */
    public static function isOver(WorkedBraise $worked): bool
    {
        return ['serve-in-the-past'] === array_map(static fn (Problem $p): string => $p->code, $worked->problems->all());
    }

    /** @return list<FoundWay> each planned */
    public function of(string $id, WorkedBraise $worked): array
    {
        $zone = $this->house->record()->zone();
        $was = DraftOrder::moment($worked->draft->serveAt, $zone, true);
        $now = $this->house->now()->setTimezone($zone);
        $ways = [];
        if (null === $was) {
            return [];
        }
        foreach (self::DAYS as $day) {
            $serve = $now->modify("$day {$was->format('H:i')}");
            // Who is out that day is not known yet but for the house's habits.
            $patch = ['serveAt' => $serve->format('Y-m-d\TH:i'), 'away' => [], 'pins' => [], 'handling' => ['start' => '']];
            $planned = \count($ways) < self::MOST && $serve > $now ? $this->plan->work(
                $id, $this->drafts->fromArray(DraftPatch::applied($this->drafts->toArray($worked->draft), $patch)),
            ) : null;
            if (true === $planned?->whole?->possible && null === $planned->braise()->forbidden()) {
                $ways[] = new FoundWay(new WayOut('another-day', [], $serve), $patch, $serve);
            }
        }

        return $ways;
    }
}
