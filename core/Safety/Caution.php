<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

/** One of the usual cautions, with the limits that the rules hold to. Wording by code in the interface's catalogue. */
final readonly class Caution
{
    /**
     * @param array<string, float> $variables in the unit their name ends in
     * @param list<string>         $rules     of findings that it stands for
     */
    private function __construct(public CautionGroup $group, public string $code, public array $variables, public array $rules)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $counter = ['limitHours' => Rules::COUNTER_HOURS, 'hotHours' => Rules::COUNTER_HOURS_HOT, 'hotCelsius' => Rules::HOT_ROOM_CELSIUS];

        return [
            new self(
                CautionGroup::ColdHours, 'heat-up', ['limitHours' => Rules::HOURS_TO_60, 'celsius' => Rules::HOLDING_CELSIUS],
                ['slow-to-60'],
            ),
            new self(
                CautionGroup::ColdHours, 'counter', [...$counter, 'celsius' => Rules::FRIDGE_CELSIUS],
                ['too-long-on-the-counter', 'why-so-warm', 'out-how-long', 'warm-all-through'],
            ),
            new self(CautionGroup::ColdHours, 'thaw', [], ['frozen-in-recipe']),
            new self(CautionGroup::ColdHours, 'insert', [], ['cold-insert']),
            new self(CautionGroup::ColdHours, 'timer', $counter, ['delayed', 'delayed-warm', 'delayed-too-long']),
            new self(CautionGroup::ColdHours, 'room', ['percent' => 100 * Rules::FILL_REFUSE], ['does-not-fit', 'too-full', 'rather-full']),
            new self(CautionGroup::Before, 'browned', ['minutes' => 60 * Rules::BROWNED_AHEAD_HOURS], ['browned-ahead']),
            new self(CautionGroup::Before, 'beans', ['minutes' => (float) Rules::BEAN_MINUTES], ['boil-beans', 'soak-pulses']),
            new self(CautionGroup::Before, 'boards', [], []),
            new self(
                CautionGroup::Kept, 'done', ['poultryCelsius' => Rules::POULTRY_CELSIUS, 'meatCelsius' => Rules::MEAT_CELSIUS],
                ['poultry-thermometer'],
            ),
            new self(
                CautionGroup::Kept, 'warm',
                ['limitHours' => Rules::WARM_HOURS, 'celsius' => Rules::HOLDING_CELSIUS, 'reheatCelsius' => Rules::REHEAT_CELSIUS],
                ['cooking-on-warm', 'warm-too-cool', 'warm-too-long'],
            ),
            new self(
                CautionGroup::Kept, 'power', ['limitHours' => Rules::COOKED_UNDER_60_HOURS, 'celsius' => Rules::HOLDING_CELSIUS],
                ['power-cut-cooked', 'power-cut-finish-elsewhere', 'power-cut-throw-away'],
            ),
            new self(
                CautionGroup::Kept, 'leftovers', ['limitHours' => Rules::LEFTOVER_HOURS, 'reheatCelsius' => Rules::REHEAT_CELSIUS], [],
            ),
            new self(CautionGroup::Hands, 'steam', [], []),
            new self(CautionGroup::Hands, 'blender', [], []),
            new self(CautionGroup::Hands, 'take-out', [], ['take-out']),
            new self(CautionGroup::Hands, 'glass', [], []),
            new self(CautionGroup::Hands, 'allergens', [], ['allergens']),
        ];
    }
}
