<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\Cookers;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\Needs;
use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Adaptation\FollowCook;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Learning\Posterior;
use Pausis\Core\Meat\Cuts;

/**
 * Ends a cook: a line in the notebook, and what it teaches kept with the cooker and the cut; and takes that back again.
 *
 * @phpstan-import-type Learned from CookRecord
 */
final readonly class CloseCooking
{
    public function __construct(
        private Cooks $cooks,
        private Cookers $cookers,
        private Needs $needs,
        private FollowCook $follow,
        private RunningPot $pot,
        private House $house,
        private Cuts $cuts,
    ) {
    }

    public function close(CookRecord $cook, \DateTimeImmutable $served, string $note): void
    {
        $this->cooks->close($cook, $this->house->now(), function (CookRecord $cook) use ($served, $note): NotebookRecord {
            $order = $this->pot->order($cook);
            $ready = $this->pot->running($cook)->readyAfter($order->wishes->texture);
            $sauce = $cook->last('sauce');

            return new NotebookRecord($cook, $cook->braise->title, $cook->switchedOn, $cook->planned, [
                'readyHours' => $ready?->inHours(),
                'serve' => $served->format(\DATE_ATOM),
                'endMl' => null === $sauce ? null : (float) $sauce['value'],
                ...$this->learn($cook),
                'tests' => (float) \count($cook->of('fork')),
            ], $note);
        });
    }

    /** Open again, as if it had not been closed; what later cooks have taught since stays. */
    public function reopen(CookRecord $cook): void
    {
        $this->cooks->reopen($cook, function (CookRecord $cook): void {
            $closing = $cook->closing;
            $cooker = $this->cookers->find($closing['cookerId'] ?? '');
            if (null !== $cooker && isset($closing['heat']) && self::kept($cooker->heat()) == $closing['heat']['after']) {
                $cooker->learn(self::posterior($closing['heat']['before'], Cooker::HEAT_SIGMA));
            }
            $cut = $this->cuts->find($closing['cut'] ?? '');
            if (null !== $cut && isset($closing['need']) && self::kept($this->needs->of($cut)) == $closing['need']['after']) {
                $this->needs->learn($cut, self::posterior($closing['need']['before'], $cut->needSigma));
            }
        });
    }

    /**
     * Without a fork test nothing is learned.
     *
     * @return array{heatPercent: float|null, needPercent: float|null} by how much more or less than was thought at first
     */
    private function learn(CookRecord $cook): array
    {
        if ([] === $cook->of('fork')) {
            return ['heatPercent' => null, 'needPercent' => null];
        }
        $order = $this->pot->order($cook);
        $cooker = $this->cookers->find(\is_string($cook->draft['cookerId'] ?? null) ? $cook->draft['cookerId'] : '');
        $heatBefore = $cooker?->heat() ?? Posterior::prior(Cooker::HEAT_SIGMA);
        $needBefore = $this->needs->of($order->meat->joint->cut);
        ['heat' => $heat, 'need' => $need] = $this->follow->learned($order, $this->pot->running($cook), $heatBefore, $needBefore);
        $cooker?->learn($heat);
        $this->needs->learn($order->meat->joint->cut, $need);
        $cook->closing = [
            'cookerId' => $cooker->id ?? '',
            'heat' => null === $cooker ? null : ['before' => self::kept($heatBefore), 'after' => self::kept($cooker->heat())],
            'cut' => $order->meat->joint->cut->id,
            'need' => ['before' => self::kept($needBefore), 'after' => self::kept($this->needs->of($order->meat->joint->cut))],
        ];

        return ['heatPercent' => $heat->percent(), 'needPercent' => $need->percent()];
    }

    /** @return Learned */
    private static function kept(Posterior $posterior): array
    {
        return ['mean' => round($posterior->mean, 9), 'sigma' => round($posterior->sigma, 9), 'cooks' => $posterior->cooks];
    }

    /** @param Learned $kept */
    private static function posterior(array $kept, float $priorSigma): Posterior
    {
        return Posterior::kept($kept['mean'], $kept['sigma'], $kept['cooks'], $priorSigma);
    }
}
