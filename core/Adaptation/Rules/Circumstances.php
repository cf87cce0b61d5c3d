<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Heat\Course;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SaucePlan;

/** What the rules go by: the order, and what its pot comes to when it is run one way. */
final readonly class Circumstances
{
    /** Of five minutes. */
    private const STEPS_AN_HOUR = 12;

    /**
     * @param Window       $ready       the texture wanted, hours after switching on
     * @param Course       $best        traced
     * @param SauceBody    $body        as wanted
     * @param Slurry       $offered     what would thicken it as wanted
     * @param float        $lookMinutes that one look under the lid costs; 0 where it isn't known
     * @param OpenLid|null $openLid     where the recipe takes its lid off
     * @param list<string> $larger      ids of what is cut larger and goes in from the start, since nobody is there to add it
     */
    public function __construct(
        public BraiseOrder $order,
        public ProgramChoice $choice,
        public Window $ready,
        public Course $best,
        public SaucePlan $sauce,
        public SaltBalance $salt,
        public SauceBody $body,
        public Slurry $offered,
        public array $larger = [],
        public ?OpenLid $openLid = null,
        public float $lookMinutes = 0.0,
    ) {
    }

    public function refuses(string $key): bool
    {
        return $this->order->choices->refuses($key);
    }

    /**
     * The hour after switching on at which something is done in mid-cook: the recipe's own on the setting that it tells, in the same
     * proportion where the pot is on another.
     *
     * @param float $minutes after the start, as the recipe says
     */
    public function hourAfterOn(float $minutes): float
    {
        $way = $this->order->recipe->dish->slowCookerWay();
        $own = (null === $way?->minutes ? 0.0 : $way->minutes->middle()) / 60;
        $same = ProgramChoice::High !== $this->choice || [] === ($way->settings ?? []) || isset($way->settings['high']);

        return $same || $own <= 0 || null === $this->ready->likely ? $minutes / 60
            : round($minutes / 60 * min(1.0, $this->ready->likely / $own) * self::STEPS_AN_HOUR) / self::STEPS_AN_HOUR;
    }

    /** What an act puts in beside meat and sauce, named; "none" where that is nothing. */
    public function others(Deed $deed): string
    {
        $names = [];
        foreach ($deed->act->foods as $id) {
            $food = $this->order->recipe->dish->ingredient($id);
            array_push($names, ...(null === $food || Role::Meat === $food->role || !\in_array(
                $food, $this->order->recipe->ingredients, true,
            )
                ? []
                : [$food->foodText]));
        }

        return [] === $names ? 'none' : implode(', ', $names);
    }

    /** @param array<string, float|int|string> $variables */
    public function entry(string $code, string $key, array $variables, ?Sum $sum = null, ?float $amount = null): LedgerEntry
    {
        return new LedgerEntry($code, $variables, $sum, $key, $this->refuses($key), $amount);
    }

    /**
     * What a rule has changed in a sentence, for the ledger; a recipe without a method has nothing to change.
     *
     * @return list<LedgerEntry>
     */
    public function step(Deed $deed): array
    {
        return [] === $this->order->recipe->dish->acts()
            ? []
            : [new LedgerEntry(
                "step-$deed->code",
                ['step' => self::short('' === $deed->act->words ? $deed->act->source : $deed->act->words), ...$deed->variables], null,
                $deed->key, $deed->refused,
            )];
    }

    public static function short(string $source): string
    {
        return mb_strlen($source) > 90 ? mb_substr($source, 0, 88).' …' : $source;
    }
}
