<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\HouseDraft;
use Pausis\App\Api\Wire\HouseView;
use Pausis\App\Api\Wire\PersonDraft;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\Households;
use Pausis\App\Store\HouseRecord;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Day\TypedHabits;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\TypedQuantity;
use Pausis\Core\Reading\TypedTime;
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
        $pans = $this->pans($draft->pans, $problems);
        $this->people($draft->people, $problems);
        if (!preg_match('/^\s*\d{1,2}\s*$/', $draft->rings)) {
            $problems->add('number-not-understood', 'rings', ['typed' => $draft->rings]);
        } else {
            $problems->within(Range::rings(), (float) $draft->rings, 'rings');
        }
        foreach (['texture' => Doneness::class, 'thickness' => Thickness::class] as $field => $enum) {
            if (SauceBody::AS_THE_RECIPE !== $draft->$field && null === $enum::tryFrom($draft->$field)) {
                $problems->add('unknown-choice', $field, ['typed' => $draft->$field]);
            }
        }
        $problems->throwIfAny();
        $households->change($draft->revision, static function (HouseRecord $record) use (
            $draft, $altitude, $room, $bedtime, $rises, $salt, $pans,
        ): void {
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
            $record->setting = $draft->setting;
            $record->rings = (int) $draft->rings;
            $record->oven = $draft->oven;
            $record->people = array_map(
                static fn (PersonDraft $p): array => ['id' => $p->id, 'name' => trim($p->name), 'habits' => trim($p->habits)],
                $draft->people,
            );
            $record->pans = $pans;
        });

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

    /** @param list<PersonDraft> $people */
    private function people(array $people, Problems $problems): void
    {
        $seen = [];
        foreach ($people as $k => $person) {
            TypedHabits::read($person->habits, "people.$k.habits", $problems);
            if (isset($seen[$person->id])) {
                $problems->add('person-twice', "people.$k.name");
            }
            if (\count($people) > 1 && '' === trim($person->name)) {
                $problems->add('person-without-a-name', "people.$k.name");
            }
            $seen[$person->id] = true;
        }
    }

    /** @return list<float> centimetres */
    private function pans(string $typed, Problems $problems): array
    {
        $pans = [];
        foreach (preg_split('/\s*(?:[,;]\s|[;]|\band\b)\s*/u', trim($typed), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $one) {
            $centimetres = TypedQuantity::centimetres($one, 'pans', $problems);
            if (null !== $centimetres && $problems->within(Range::panCentimetres(), $centimetres, 'pans')) {
                $pans[] = $centimetres;
            }
        }

        return $pans;
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
        $boiling = $this->house->room()->boilingPoint()->celsius;

        return new HouseView(new HouseDraft(
            'us' === $record->units
                ? $measures->number($record->altitudeMetres / self::METRES_PER_FOOT, 0).' ft'
                : $measures->number($record->altitudeMetres, 0).' m',
            $measures->temperature($record->roomCelsius),
            $record->timeZone, $record->units, $record->clock, $record->bedtime, $record->rises,
            $record->texture, $record->thickness, $measures->number($record->saltPercent, 2).' %', $record->setting,
            (string) $record->rings, $record->oven,
            array_map(static fn (array $p): PersonDraft => new PersonDraft($p['id'], $p['name'], $p['habits']), $record->people),
            implode(', ', array_map($measures->length(...), $record->pans)),
            $record->revision,
        ), $this->house->now()->format('Y-m-d\TH:i'), $measures->temperature($boiling));
    }
}
