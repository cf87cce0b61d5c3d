<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;

/** How a recipe loads its pot, as its own words say: what goes in hot, into a warm insert or not, and what lies lowest. */
final readonly class PotLoading
{
    private const HOT = '/\b(?:hot|boiling|just boiled|simmering|steaming)\b[^.;]{0,40}\b(?:stock|broth|liquid|water|wine|sauce'
        .'|mixture|juices?)\b'
        .'|\b(?:pour|tip|put|ladle|transfer)\w*\b[^.;]*\b(?:while (?:still )?(?:hot|boiling)|boiling hot|still hot)\b/iu';
    private const NOT_THE_POT = '/\b(?:potatoes|pasta|rice|noodles|couscous|bulgur|oven|grill)\b/iu';
    private const RINSED = '/\b(?:rinse|fill|warm|heat|pre-?heat|swill)\w*\b[^.;]*\b(?:insert|crock|pot|slow cooker|cooker)\b[^.;]*'
        .'\b(?:hot|boiling|warm)\b/iu';
    private const ON_TOP = '/(?:^|,|\b(?:then|and)\b)(?<what>[^,.;]*?)\b(?:on top|over (?:it|them|the meat|the top)'
        .'|around and over)\b/iu';
    /** Where they are loaded straight from the pan in which they came to the boil. */
    private const HEATED = [ActKind::HeatUp];

    private function __construct(public bool $hotLiquid, public bool $warmInsert, public bool $meatUnder)
    {
    }

    /**
     * @param list<Act>        $acts
     * @param list<Ingredient> $ingredients
     */
    public static function of(array $acts, array $ingredients): self
    {
        $before = array_values(array_filter(
            \array_slice($acts, 0, MethodReader::cookPlace($acts) ?? \count($acts)), static fn (Act $a): bool => $a->isDone(),
        ));
        $hot = $warm = false;
        $meatUnder = false;
        $naming = new Naming($ingredients);
        foreach ($before as $act) {
            $words = '' === $act->words ? $act->source : $act->words;
            $rinses = ActKind::WarmInsert === $act->kind || preg_match(self::RINSED, $words);
            $warm = $warm || $rinses;
            $hot = $hot || (!$rinses && (\in_array($act->kind, self::HEATED, true)
                || (preg_match(self::HOT, $words) && !preg_match(self::NOT_THE_POT, $words))));
            if (ActKind::Load === $act->kind && preg_match(self::ON_TOP, $words, $m)) {
                $roles = array_map(static fn (int $k): Role => $ingredients[$k]->role, $naming->in($m['what']));
                $meatUnder = !\in_array(Role::Meat, $roles, true) && (\in_array(Role::Vegetable, $roles, true) || $meatUnder);
            }
        }

        return new self($hot, $warm, $meatUnder);
    }
}
