<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Reading;

/** What a cook is asked about a reading: only what would change the pot or the hours, the way of cooking first. */
final readonly class Questions
{
    /** Roles that change no hour and no liquid. */
    private const HARDLY_MATTER = [Role::Herb, Role::Spice, Role::Garnish, Role::Tool, Role::Aromatic, Role::Fat, Role::Sweet];
    /** Of a way told from so little that it is asked. */
    private const SURE_OF_WAY = 0.8;
    /** No braise takes longer, in minutes. */
    private const LONGEST_BRAISE = 1080.0;

    /** @return list<array{about: string, line: int|null}> */
    public static function of(Reading $reading): array
    {
        $questions = null === $reading->anotherAt ? [] : [['about' => 'which', 'line' => $reading->anotherAt]];
        $way = $reading->ways[0] ?? null;
        if (null === $way?->minutes || $way->confidence < self::SURE_OF_WAY || $way->minutes->high > self::LONGEST_BRAISE) {
            $questions[] = ['about' => 'way', 'line' => null];
        }
        foreach ($reading->ingredients as $i) {
            $doubt = self::about($i);
            if (null !== $doubt) {
                $questions[] = ['about' => match ($doubt) {
                    Doubt::NoAmount, Doubt::UsualSize, Doubt::FromTheMethod => 'amount',
                    Doubt::NoCut => 'cut',
                    default => 'food',
                }, 'line' => $i->line];
            }
        }

        return $questions;
    }

    /** The doubt of a line that is asked about; null where none would change anything. */
    public static function about(Ingredient $i): ?Doubt
    {
        foreach ($i->doubts as $doubt) {
            $asks = match ($doubt) {
                Doubt::UnknownFood, Doubt::NoCut, Doubt::RawOrCooked, Doubt::Frozen, Doubt::NotAsRemembered => true,
                Doubt::NoAmount => PartKind::Braise === $i->part,
                Doubt::Misheard, Doubt::OneOfSeveral, Doubt::FromAnotherLine => !\in_array($i->role, self::HARDLY_MATTER, true),
                Doubt::UsualSize => !\in_array($i->role, self::HARDLY_MATTER, true),
                Doubt::FromTheMethod => null === $i->amount && Role::Salt !== $i->role && !\in_array($i->role, self::HARDLY_MATTER, true),
                default => false,
            };
            if ($asks && (!$i->optional || Doubt::RawOrCooked === $doubt)) {
                return $doubt;
            }
        }

        return null;
    }
}
