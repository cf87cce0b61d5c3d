<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\CookerDraft;
use Pausis\App\Api\Wire\CookerView;
use Pausis\App\Api\Wire\CurvePoint;
use Pausis\App\Api\Wire\WaterLimitView;
use Pausis\App\Api\Wire\WaterTestDraft;
use Pausis\App\Api\Wire\WaterTestView;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\CookerRecord;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\Learned;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\WaterTest;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\TypedQuantity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;

#[Route('/api/cookers')]
final class CookerController extends ApiController
{
    private const FAR_TOO_COOL = 0.87;
    private const FAR_TOO_HOT = 1.15;

    public function __construct(
        private readonly Cookers $cookers, private readonly House $house, private readonly DenormalizerInterface $denormalizer,
        private readonly Learned $learned,
    ) {
    }

    #[Route('', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return $this->answer(array_map($this->view(...), $this->cookers->all()));
    }

    #[Route('', methods: ['POST'])]
    public function create(#[MapRequestPayload] CookerDraft $draft): JsonResponse
    {
        $cooker = $this->understood($draft, 1.0);
        $record = new CookerRecord(
            trim($draft->name), $cooker->capacity->inLitres(), $cooker->shape, $cooker->rated?->watts, 1.0,
            $cooker->autoWarmAfter?->inHours(), hasMedium: $draft->hasMedium,
        );
        $this->cookers->save($record);

        return $this->answer($this->view($record), 201);
    }

    #[Route('/{id}', methods: ['PUT'])]
    public function change(string $id, #[MapRequestPayload] CookerDraft $draft): JsonResponse
    {
        $record = $this->cookers->find($id) ?? throw $this->createNotFoundException();
        $cooker = $this->understood($draft, $record->heatFactor);
        $this->cookers->change($record, $draft->revision, static function (CookerRecord $record) use ($draft, $cooker): void {
            $record->name = trim($draft->name);
            $record->capacityLitres = $cooker->capacity->inLitres();
            $record->shape = $cooker->shape;
            $record->ratedWatts = $cooker->rated?->watts;
            $record->autoWarmHours = $cooker->autoWarmAfter?->inHours();
            $record->hasMedium = $draft->hasMedium;
        });

        return $this->answer($this->view($record));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    public function delete(string $id): Response
    {
        $cooker = $this->cookers->find($id) ?? throw $this->createNotFoundException();
        $cooker->deletedAt = $this->house->now();
        $this->cookers->save($cooker);

        return new Response(status: 204);
    }

    /** Repaired, or another of the same kind: what was learned of it is forgotten; its cooks stay in the notebook. */
    #[Route('/{id}/learned', methods: ['DELETE'])]
    public function forget(string $id): JsonResponse
    {
        $record = $this->cookers->find($id) ?? throw $this->createNotFoundException();
        $this->learned->keep(Knowledge::without($this->learned->belief(), $id));
        $this->cookers->save($record);

        return $this->answer($this->view($record));
    }

    /** Nothing has changed at it, whatever its last cooks look like. */
    #[Route('/{id}/doubt', methods: ['DELETE'])]
    public function trust(string $id): JsonResponse
    {
        $record = $this->cookers->find($id) ?? throw $this->createNotFoundException();
        $this->learned->keep($this->learned->belief()->surprised(Knowledge::heatOf($id), 0));
        $this->cookers->save($record);

        return $this->answer($this->view($record));
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    public function restore(string $id): JsonResponse
    {
        $cooker = $this->cookers->findDeleted($id) ?? throw $this->createNotFoundException();
        $cooker->deletedAt = null;
        $this->cookers->save($cooker);

        return $this->answer($this->view($cooker));
    }

    /** Keeps a water test as far as it has come; nothing of it is judged yet. */
    #[Route('/{id}/water-test', methods: ['PUT'])]
    public function noteWaterTest(string $id, #[MapRequestPayload] WaterTestDraft $draft, NormalizerInterface $normalizer): JsonResponse
    {
        $cooker = $this->cookers->find($id) ?? throw $this->createNotFoundException();
        /** @var array<string, mixed> $kept */
        $kept = $normalizer->normalize($draft);
        $cooker->waterTest = $kept;
        $this->cookers->save($cooker);

        return $this->answer($this->view($cooker));
    }

    /** Learns a cooker from readings of a pot of water; keeps what it learned where it is told to. */
    #[Route('/{id}/water-test', methods: ['POST'])]
    public function waterTest(string $id, #[MapRequestPayload] WaterTestDraft $draft, Wording $wording): JsonResponse
    {
        $record = $this->cookers->find($id) ?? throw $this->createNotFoundException();
        $house = $this->house->record();
        $measures = $this->house->measures();
        $problems = new Problems();
        $water = is_numeric(trim($draft->water))
            ? 1000 * (float) $draft->water
            : TypedQuantity::millilitres($draft->water, 'water', $problems);
        $start = TypedQuantity::celsius($draft->start, 'start', $problems);
        $room = '' === trim($draft->room) ? $house->roomCelsius : TypedQuantity::celsius($draft->room, 'room', $problems);
        $readings = [];
        foreach ($draft->readings as $k => $reading) {
            if ('' === trim($reading->after.$reading->temperature)) {
                continue;
            }
            $hours = TypedQuantity::hours(
                (string) preg_replace('/^\s*(\d{1,2}):(\d\d)\s*$/', '$1 h $2 min', $reading->after), "readings.$k.after", $problems,
            );
            $celsius = TypedQuantity::celsius($reading->temperature, "readings.$k.temperature", $problems);
            $readings[] = [(float) $hours, (float) $celsius];
        }
        $found = new Problems();
        $test = $problems->none() ? WaterTest::tryFrom(new Cooker(
            Volume::litres($record->capacityLitres), $record->shape,
            null === $record->ratedWatts ? null : Power::watts($record->ratedWatts),
        ),
            (float) $water / 1000, (float) $start, (float) $room, $house->altitudeMetres, $readings, $found) : null;
        foreach ($found->all() as $problem) {
            $path = strtr(
                $problem->path, ['water.kg' => 'water', 'water.temperature' => 'start', 'room.temperature' => 'room', 'atHour' => 'after'],
            );
            $problems->add($problem->code, $path, $problem->variables);
        }
        $problems->throwIfAny();
        \assert(null !== $test);
        $result = $test->fit();
        if ($draft->keep) {
            $this->learned->keep(Knowledge::measured($this->learned->belief(), $record->id, $result));
            $record->waterTest = null;
            $this->cookers->save($record);
        }

        return $this->answer(new WaterTestView(
            $result->heatFactor, $wording->say('water-test.text', $measures, ['percent' => 100 * $result->heatFactor]),
            $result->verdict->value, $wording->say("water-test.{$result->verdict->value}", $measures), self::points($result->curve),
            self::points($readings), [
                new WaterLimitView(
                    WaterTest::UNSAFE_HOURS, WaterTest::UNSAFE_CELSIUS, $measures->temperature(WaterTest::UNSAFE_CELSIUS),
                ),
                new WaterLimitView(
                    WaterTest::TOO_WEAK_HOURS, WaterTest::TOO_WEAK_CELSIUS, $measures->temperature(WaterTest::TOO_WEAK_CELSIUS),
                ),
            ], $draft->keep,
        ));
    }

    /**
     * @param list<array{float, float}> $pairs hour and °C
     *
     * @return list<CurvePoint>
     */
    private static function points(array $pairs): array
    {
        return array_map(static fn (array $p): CurvePoint => new CurvePoint($p[0], round($p[1], 1), 0.0), $pairs);
    }

    private function understood(CookerDraft $draft, float $heatFactor): Cooker
    {
        $problems = new Problems();
        if ('' === trim($draft->name)) {
            $problems->add('name-missing', 'name');
        }
        $capacity = is_numeric(trim($draft->capacity))
            ? 1000 * (float) $draft->capacity
            : TypedQuantity::millilitres($draft->capacity, 'capacity', $problems);
        $shape = Shape::tryFrom($draft->shape) ?? Shape::Oval;
        $watts = $this->number($draft->watts, '/^\s*(\d{1,5})\s*w?(?:atts?)?\s*$/iu', 'watts', $problems);
        $autoWarm = '' === trim($draft->autoWarm) ? null : TypedQuantity::hours($draft->autoWarm, 'autoWarm', $problems);
        $found = new Problems();
        $cooker = null === $capacity ? null : Cooker::tryFrom($capacity / 1000, $shape, $watts, $heatFactor, $autoWarm, $found, '');
        foreach ($found->all() as $problem) {
            $problems->add(
                $problem->code,
                [
                    '.capacityLitres' => 'capacity', '.ratedWatts' => 'watts', '.autoWarmHours' => 'autoWarm',
                ][$problem->path] ?? $problem->path,
                $problem->variables,
            );
        }
        $problems->throwIfAny();
        \assert(null !== $cooker);

        return $cooker;
    }

    private function number(string $typed, string $pattern, string $path, Problems $problems): ?float
    {
        if ('' === trim($typed)) {
            return null;
        }
        if (!preg_match($pattern, $typed, $m)) {
            $problems->add('number-not-understood', $path, ['typed' => $typed]);

            return null;
        }

        return (float) $m[1];
    }

    private function view(CookerRecord $record): CookerView
    {
        $measures = $this->house->measures();
        $cooker = $record->cooker();

        return new CookerView($record->id, new CookerDraft(
            $record->name,
            $measures->capacity($record->capacityLitres),
            $record->shape->value,
            null === $record->ratedWatts ? '' : $measures->number($record->ratedWatts, 0),
            null === $record->autoWarmHours ? '' : $measures->number($record->autoWarmHours, 1).' h',
            $record->hasMedium,
            $record->revision,
        ), $this->summary($record, $measures), \sprintf(
            '%s long, %s wide, %s deep inside', $measures->length($cooker->insideLength()->inCentimetres()),
            $measures->length($cooker->insideWidth()->inCentimetres()), $measures->length($cooker->depth()->inCentimetres())),
            $measures->capacity($record->capacityLitres / 2),
            $cooker->insideLength()->inCentimetres(), $cooker->insideWidth()->inCentimetres(), $cooker->depth()->inCentimetres(),
            $record->heatFactor,
            Knowledge::hasChanged($this->learned->belief(), $record->id),
            null === $record->waterTest ? null : $this->denormalizer->denormalize($record->waterTest, WaterTestDraft::class));
    }

    private function summary(CookerRecord $record, Measures $measures): string
    {
        $unmeasured = $record->heatSigma > WaterTest::SIGMA;
        $heat = match (true) {
            $unmeasured && $record->heatFactor < self::FAR_TOO_COOL => ', runs much cooler than its label: a water test would settle it',
            $unmeasured && $record->heatFactor > self::FAR_TOO_HOT => ', runs much hotter than its label: a water test would settle it',
            $record->heatFactor < 0.97 => ', runs cool',
            $record->heatFactor > 1.03 => ', runs hot',
            default => '',
        };

        return $measures->capacity($record->capacityLitres, 1).', '.$record->shape->value
            .', '.(null === $record->ratedWatts ? 'about ' : '').$measures->number($record->cooker()->ratedPower()->watts, 0).' W'.$heat
            .(null === $record->autoWarmHours ? '' : ', to Warm after '.$measures->hours($record->autoWarmHours));
    }
}
