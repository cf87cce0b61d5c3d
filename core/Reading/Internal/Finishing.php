<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;

/** What is done once the braise is over, in order. */
final readonly class Finishing
{
    /** The lid is off for the sauce, not for the skin. */
    public const BOILS_AWAY = '/\b(?:thick\w*|thik\w*|reduc\w*|sauce|gravy|juices?|liquid|syrup\w*|evaporat\w*'
        .'|concentrat\w*|down|wet|soupy'
        .'|coat\w*|glossy|sticky|shiny|glaz\w*)\b/iu';
    private const GLOSSY = '/\b(?:glossy|sticky|shiny|lacquer\w*|glaz\w*)\b/iu';
    private const UNCOVER = '/\b(?:lid off|uncover(?:ed)?|without (?:a|the) lid|off the lid|lid comes off|taking the lid off'
        .'|remove the lid)\b/iu';
    private const FINISH = [
        ActKind::Lift, ActKind::Strain, ActKind::Sieve, ActKind::Skim, ActKind::Blend, ActKind::Reduce, ActKind::Glaze, ActKind::Slurry,
        ActKind::ButterAndStarch,
        ActKind::Shred, ActKind::BackIntoTheJuice, ActKind::Rest, ActKind::SeasonToTaste, ActKind::Crisp,
    ];

    /** @param list<Act> $acts that are done */
    public function __construct(private array $acts)
    {
    }

    /** @return list<Act> */
    public function after(int $cook): array
    {
        $finish = [];
        foreach (\array_slice($this->acts, $cook + 1) as $act) {
            $uncovered = (ActKind::LidOff === $act->kind || (ActKind::Cook === $act->kind && preg_match(self::UNCOVER, $act->source)))
                && preg_match(self::BOILS_AWAY, $act->source);
            foreach ($uncovered ? [ActKind::Reduce, ...(preg_match(self::GLOSSY, $act->source) ? [ActKind::Glaze] : [])] : [
                $act->kind, ...(ActKind::Shred === $act->kind && preg_match(self::UNCOVER, $act->source) ? [ActKind::Reduce] : []),
            ] as $kind) {
                $last = $finish[\count($finish) - 1] ?? null;
                if (\in_array($kind, self::FINISH, true) && !Parts::isBeside($act) && $last?->kind !== $kind
                    && !(ActKind::Rest === $kind && ActKind::BackIntoTheJuice === $last?->kind && $last->source === $act->source)) {
                    $finish[] = $act->as($kind);
                }
            }
        }

        return $finish;
    }
}
