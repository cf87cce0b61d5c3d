<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Reading\HazardReader;
use Pausis\Core\Recipe\Hazard;

/** What a recipe asks for and must not be done as it stands is done its safe way: for safety, so that it can't be refused. */
final readonly class NeverAsPrinted implements Rule
{
    public const CODE = 'never-';

    public function applied(Process $process, Circumstances $in): Process
    {
        $told = $entries = [];
        foreach ($process->remaining() as $deed) {
            $own = self::of($deed, self::words($deed));
            $told[$deed->sentence()] ??= $deed;
            if ([] !== $own) {
                $told[$deed->sentence()] = $deed;
            }
        }
        $process = $process->map(static function (Deed $d) use ($told, $in, &$entries): Deed {
            if (!$d->asWritten() || $d->isBeside) {
                return $d;
            }
            $hazards = self::of($d, self::words($d));
            $hazards = [] === $hazards && ($told[$d->sentence()] ?? null) === $d ? self::of($d, $d->act->source) : $hazards;
            if ([] === $hazards) {
                return $d;
            }
            $safe = self::safely($d, $hazards[0]);
            array_push($entries, ...$in->step($safe));

            return $safe;
        });

        return $process->noting(...$entries);
    }

    /** @return list<Hazard> */
    private static function of(Deed $deed, string $words): array
    {
        return '' === $words ? [] : HazardReader::in($words, $deed->stage->rank() > Stage::Start->rank());
    }

    private static function words(Deed $deed): string
    {
        return '' === $deed->act->words ? $deed->act->source : $deed->act->words;
    }

    private static function safely(Deed $deed, Hazard $hazard): Deed
    {
        $code = self::CODE.$hazard->value;
        $words = rtrim(self::words($deed), '.,; ');
        $variables = ['what' => mb_strtolower(mb_substr($words, 0, 1)).mb_substr($words, 1)];

        return match ($hazard) {
            Hazard::CooledOvernight, Hazard::TimerTooLong => $deed->gone($code, variables: $variables),
            Hazard::KeptBrowned => $deed->in(Stage::Before)->otherwise($code, $variables),
            default => $deed->otherwise($code, $variables),
        };
    }
}
