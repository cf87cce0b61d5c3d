<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\OwnSide;
use Pausis\App\Wording\Measures;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Change\AsSure;
use Pausis\Core\Adaptation\Change\AtLevel;
use Pausis\Core\Adaptation\Change\Change;
use Pausis\Core\Adaptation\Change\CutInto;
use Pausis\Core\Adaptation\Change\Delayed;
use Pausis\Core\Adaptation\Change\EatenOn;
use Pausis\Core\Adaptation\Change\InCooker;
use Pausis\Core\Adaptation\Change\LessMeat;
use Pausis\Core\Adaptation\Change\OtherSides;
use Pausis\Core\Adaptation\Change\RunOn;
use Pausis\Core\Adaptation\Change\ServeAt;
use Pausis\Core\Adaptation\Change\ThawedFirst;
use Pausis\Core\Adaptation\Change\WithEffort;
use Pausis\Core\Adaptation\Change\WithoutOwnStart;
use Pausis\Core\Adaptation\Change\WithoutTimer;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\FurtherMeat;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Meat\Joint;

/** Changes of an order as a JSON merge patch (RFC 7396) of the draft that the order was made from. */
final readonly class DraftPatch
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param list<Change> $changes
     *
     * @return array<string, mixed> empty where there is nothing to apply
     */
    public function of(BraiseDraft $draft, BraiseOrder $order, array $changes): array
    {
        $patch = [];
        foreach ($changes as $change) {
            $patch = self::applied($patch, $this->one($draft, $order, $change));
            $order = $change->of($order);
        }

        return $patch;
    }

    /**
     * @param array<string, mixed> $draft
     * @param array<string, mixed> $patch
     *
     * @return array<string, mixed> the draft with it
     */
    public static function applied(array $draft, array $patch): array
    {
        foreach ($patch as $field => $value) {
            $before = $draft[$field] ?? null;
            $draft[$field] = \is_array($value) && !array_is_list($value) && \is_array($before)
                ? self::applied(self::fields($before), self::fields($value))
                : $value;
        }

        return $draft;
    }

    /**
     * @param array<mixed> $object
     *
     * @return array<string, mixed>
     */
    private static function fields(array $object): array
    {
        return array_combine(array_map(strval(...), array_keys($object)), array_values($object));
    }

    /** @return array<string, mixed> */
    private function one(BraiseDraft $draft, BraiseOrder $order, Change $change): array
    {
        $measures = $this->house->measures();

        return match (true) {
            $change instanceof ServeAt => ['serveAt' => $change->at->setTimezone($this->house->record()->zone())->format('Y-m-d\TH:i')],
            $change instanceof RunOn => ['setting' => $change->choice->value],
            $change instanceof AtLevel => ['level' => $change->level->value],
            $change instanceof AsSure => ['sure' => $change->sureness->value],
            $change instanceof InCooker => ['cookerId' => $change->id],
            $change instanceof CutInto => ['meat' => self::cut($order->meat->cutInto($change->parts), $measures)],
            $change instanceof LessMeat => $this->lessMeat($order, $change, $measures),
            $change instanceof WithEffort => ['handling' => ['effort' => $change->effort->value]],
            $change instanceof WithoutTimer => ['handling' => ['delay' => '']],
            $change instanceof Delayed => ['handling' => [
                'effort' => Effort::Cold->value, 'hotLiquid' => false, 'warmInsert' => false, 'delay' => "$change->hours h",
            ]],
            $change instanceof EatenOn => ['handling' => [
                'eatenOn' => $change->at->setTimezone($this->house->record()->zone())->format('Y-m-d\TH:i'),
            ]],
            $change instanceof ThawedFirst => ['meat' => ['thaws' => true]],
            $change instanceof WithoutOwnStart => ['handling' => ['start' => '']],
            $change instanceof OtherSides => self::sides($draft, $change),
            default => throw new \LogicException('No field of a draft for '.$change::class),
        };
    }

    /** @return array{pieces: string, thickness: string, others?: list<array{id: string, pieces: string, thickness: string}>} */
    private static function cut(OrderedMeat $meat, Measures $measures): array
    {
        $lies = static fn (Joint $joint): array => [
            'pieces' => (string) $joint->count, 'thickness' => $measures->length($joint->thickness()->inCentimetres()),
        ];
        $others = array_map(static fn (FurtherMeat $m): array => ['id' => $m->id, ...$lies($m->joint)], $meat->others);

        return [...$lies($meat->joint), ...([] === $others ? [] : ['others' => $others])];
    }

    /** @return array{meat: array{weight: string, pieces: string, thickness: string}} */
    private function lessMeat(BraiseOrder $order, LessMeat $change, Measures $measures): array
    {
        $left = $order->withMeat($change->left);

        return ['meat' => [
            'weight' => $measures->mass($left->meat->joint->boneless->inGrams() + $left->meat->bone->inGrams()),
            'pieces' => (string) $left->meat->joint->count,
            'thickness' => $measures->length($order->meat->joint->thickness()->inCentimetres()),
        ]];
    }

    /** @return array{sides: list<string>, ownSides: list<array{name: string, work: string, cooking: string, where: string}>} */
    private static function sides(BraiseDraft $draft, OtherSides $change): array
    {
        $own = [];
        foreach ($draft->ownSides as $k => $side) {
            \in_array("own$k", $change->without, true) || $own[] = $side;
        }

        return [
            'sides' => [...array_values(array_diff($draft->sides, $change->without)), ...$change->with],
            'ownSides' => array_map(
                static fn (OwnSide $s): array => ['name' => $s->name, 'work' => $s->work, 'cooking' => $s->cooking, 'where' => $s->where],
                $own,
            ),
        ];
    }
}
