<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\House;
use Pausis\App\Api\Wire\HouseDraft;
use Pausis\App\Api\Wire\HouseView;
use Pausis\App\Store\Households;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Room;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\TypedQuantity;
use Pausis\Core\Recipe\TypedTime;
use Pausis\Core\Tenderness\Doneness;
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
        $bedtime = $this->time($draft->bedtime, 'bedtime', true, $problems);
        $rises = $this->time($draft->rises, 'rises', false, $problems);
        $salt = $this->salt($draft->salt, $problems);
        $away = $this->usuallyAway($draft->usuallyAway, $problems);
        foreach (['rings' => Range::rings(), 'persons' => Range::persons()] as $field => $range) {
            if (!preg_match('/^\s*\d{1,2}\s*$/', $draft->$field)) {
                $problems->add('number-not-understood', $field, ['typed' => $draft->$field]);
            } else {
                $problems->within($range, (float) $draft->$field, $field);
            }
        }
        foreach (['texture' => Doneness::class, 'thickness' => Thickness::class] as $field => $enum) {
            if (null === $enum::tryFrom($draft->$field)) {
                $problems->add('unknown-choice', $field, ['typed' => $draft->$field]);
            }
        }
        $problems->throwIfAny();
        $record = $this->house->record();
        $record->altitudeMetres = (float) $altitude;
        $record->roomCelsius = (float) $room;
        $record->timeZone = $draft->timeZone;
        $record->units = $draft->units;
        $record->clock = $draft->clock;
        $record->bedtime = (string) $bedtime;
        $record->rises = (string) $rises;
        $record->texture = $draft->texture;
        $record->thickness = $draft->thickness;
        $record->saltPercent = (float) $salt;
        $record->rings = (int) $draft->rings;
        $record->persons = (int) $draft->persons;
        $record->oven = $draft->oven;
        $record->usuallyAway = $away;
        $households->save($record);

        return $this->answer($this->view());
    }

    private function time(string $typed, string $field, bool $evening, Problems $problems): ?string
    {
        $time = TypedTime::of($typed, $evening);
        if (null === $time) {
            $problems->add('time-not-understood', $field, ['typed' => $typed]);
        }

        return $time;
    }

    /** "8:10 to 17:20" as HH:MM-HH:MM. */
    private function usuallyAway(string $typed, Problems $problems): string
    {
        if ('' === trim($typed)) {
            return '';
        }
        [$from, $to] = [...preg_split('/\s*(?:-|–|—|\bto\b|\buntil\b)\s*/u', trim($typed), 2) ?: [], ''];
        $from = TypedTime::of($from, false);
        $to = TypedTime::of($to, true);
        if (null === $from || null === $to || $to <= $from) {
            $problems->add('away-not-understood', 'usuallyAway');

            return '';
        }

        return "$from-$to";
    }

    private function salt(string $typed, Problems $problems): ?float
    {
        if (!preg_match('/^\s*(\d(?:[.,]\d{1,2})?)\s*%?\s*$/', $typed, $m)) {
            $problems->add('number-not-understood', 'salt', ['typed' => $typed]);

            return null;
        }
        $percent = (float) str_replace(',', '.', $m[1]);

        return $problems->within(Range::saltPercent(), $percent, 'salt') ? $percent : null;
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
            $record->texture, $record->thickness, $measures->number($record->saltPercent, 2).' %',
            (string) $record->rings, (string) $record->persons, $record->oven, str_replace('-', ' to ', $record->usuallyAway),
        ), $this->house->now()->format('Y-m-d\TH:i'), $measures->temperature($boiling));
    }
}
