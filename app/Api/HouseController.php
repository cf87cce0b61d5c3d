<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\House;
use Pausis\App\Api\Wire\HouseDraft;
use Pausis\App\Api\Wire\HouseView;
use Pausis\App\Store\Households;
use Pausis\Core\Heat\Room;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\TypedQuantity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/house')]
final class HouseController extends ApiController
{
    private const METRES_PER_FOOT = 0.3048;

    public function __construct(private readonly House $house)
    {
    }

    #[Route('', methods: ['GET'])]
    public function get(): JsonResponse
    {
        return $this->answer($this->view());
    }

    #[Route('', methods: ['PUT'])]
    public function change(#[MapRequestPayload] HouseDraft $draft, Households $households): JsonResponse
    {
        $problems = new Problems();
        $altitude = $this->altitude($draft->altitude, $problems);
        $room = TypedQuantity::celsius($draft->room, 'room', $problems);
        if (null !== $room) {
            $problems->within(Range::roomCelsius(), $room, 'room');
        }
        if (!\in_array($draft->timeZone, \DateTimeZone::listIdentifiers(), true)) {
            $problems->add('zone-unknown', 'timeZone', ['typed' => $draft->timeZone]);
        }
        foreach (['bedtime', 'rises'] as $field) {
            if (!preg_match('/^(?:[01]\d|2[0-3]):[0-5]\d$/', $draft->$field)) {
                $problems->add('time-not-understood', $field, ['typed' => $draft->$field]);
            }
        }
        $problems->throwIfAny();
        $record = $this->house->record();
        $record->altitudeMetres = (float) $altitude;
        $record->roomCelsius = (float) $room;
        $record->timeZone = $draft->timeZone;
        $record->units = $draft->units;
        $record->clock = $draft->clock;
        $record->bedtime = $draft->bedtime;
        $record->rises = $draft->rises;
        $households->save($record);

        return $this->answer($this->view());
    }

    private function altitude(string $typed, Problems $problems): ?float
    {
        if (!preg_match('/^\s*(-?\d{1,5}(?:[.,]\d+)?)\s*(m|metres?|meters?|ft|feet)?\s*$/iu', $typed, $m)) {
            $problems->add('number-not-understood', 'altitude', ['typed' => $typed]);

            return null;
        }
        $metres = (float) str_replace(',', '.', $m[1]) * (str_starts_with(strtolower($m[2] ?? 'm'), 'f') ? self::METRES_PER_FOOT : 1);

        return $problems->within(Range::altitudeMetres(), $metres, 'altitude') ? $metres : null;
    }

    private function view(): HouseView
    {
        $record = $this->house->record();
        $measures = $this->house->measures();
        $boiling = (new Room(Temperature::celsius($record->roomCelsius), $record->altitudeMetres))->boilingPoint()->celsius;

        return new HouseView(new HouseDraft(
            'us' === $record->units ? $measures->number($record->altitudeMetres / self::METRES_PER_FOOT, 0).' ft' : $measures->number($record->altitudeMetres, 0).' m',
            $measures->temperature($record->roomCelsius),
            $record->timeZone, $record->units, $record->clock, $record->bedtime, $record->rises,
        ), $this->house->now()->format('Y-m-d\TH:i'), $measures->temperature($boiling));
    }
}
