<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** How far a recipe boils something down: to a share of it, or to so many millilitres. */
final readonly class BoiledTo
{
    /** The first that fits; shares that are left. What "syrupy" and "nearly gone" leave are estimates, docs/model.md §6. */
    private const SHARES = [
        '/\bby (?:about |around |nearly |roughly |at least )?(?:three[- ]quarters|¾|3\/4)/iu' => 0.25,
        '/\bby (?:about |around |nearly |roughly |at least )?(?:two[- ]thirds|⅔|2\/3)|(?<!by )(?<!by about )(?:two[- ]thirds|⅔'
            .'|2\/3)\s*$/iu' => 1 / 3,
        '/\bto (?:about |around |nearly |roughly )?(?:two[- ]thirds|⅔|2\/3)/iu' => 2 / 3,
        '/\bby (?:about |around |nearly |roughly |at least )?(?:a |one[- ])?(?:third|⅓|1\/3)/iu' => 2 / 3,
        '/\bto (?:about |around |nearly |roughly )?(?:a |one[- ])?(?:third|⅓|1\/3)/iu' => 1 / 3,
        '/\bby (?:about |around |nearly |roughly |at least )?(?:a |one[- ])?(?:quarter|¼|1\/4)/iu' => 0.75,
        '/\bto (?:about |around |nearly |roughly )?(?:a |one[- ])?(?:quarter|¼|1\/4)/iu' => 0.25,
        '/\b(?:by|to|down) (?:about |around |nearly |roughly |at least |over )?(?:a |one[- ])?(?:half|½|1\/2)|\bhalved?\b/iu' => 0.5,
        '/\b(?:nearly|almost|all but|practically|has|have|is) (?:all )?(?:gone|dry|evaporated|vanished|disappeared|nothing)\b'
            .'|\b(?:until|till) (?:it is |it’s |it\'s |all )?gone\b|\bau sec\b/iu' => 0.1,
        '/\bsyrup\w*\b/iu' => 0.2,
    ];
    private const MILLILITRES = '/\bto (?:about |around |roughly )?(?<n>\d{2,4}) ?ml\b/iu';

    private function __construct(public ?float $share, public ?float $millilitres)
    {
    }

    public static function in(string $words): ?self
    {
        if (preg_match(self::MILLILITRES, $words, $m)) {
            return new self(null, (float) $m['n']);
        }
        foreach (self::SHARES as $pattern => $share) {
            if (preg_match($pattern, $words)) {
                return new self($share, null);
            }
        }

        return null;
    }

    /** mL that are left of so many; never more than there are. */
    public function left(float $millilitres): float
    {
        return min($millilitres, $this->millilitres ?? $millilitres * ($this->share ?? 1.0));
    }
}
