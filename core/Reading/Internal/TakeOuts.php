<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\TakeOut;

/** What comes out again and isn't eaten. */
final readonly class TakeOuts
{
    /** What has gone into the sauce and can't come out. */
    private const NEVER = [
        Role::Liquid, Role::Tomato, Role::Dairy, Role::Acid, Role::Fat, Role::Salt, Role::Sweet, Role::Thickener, Role::Seasoning,
    ];
    private const BUNDLE = '/\b(?<what>bouquet garni|herb bundle|bundle(?: of [\p{L} ,]+?(?=,|\.|$| tied))?|faggot of herbs)\b/iu';

    /**
     * @param list<Ingredient> $ingredients
     * @param list<Act>        $acts        that are done
     * @param string           $method      all of it
     */
    public function __construct(private array $ingredients, private array $acts, private string $method)
    {
    }

    /**
     * @param list<PartKind> $parts
     *
     * @return list<TakeOut>
     */
    public function of(array $parts): array
    {
        $out = [];
        $all = $this->method.' '.implode(' ', array_map(static fn (Ingredient $i): string => $i->source, $this->ingredients));
        foreach ($this->ingredients as $k => $one) {
            $spooned = \in_array($one->amount?->unit, [Unit::Teaspoon, Unit::Tablespoon], true) || preg_match('/\b(?:ground|powder'
                .'|juice)\b/iu', $one->source);
            $whole = (true === $one->food?->takeOut && !$spooned) || (Role::Herb === $one->role && preg_match(
                '/\b(?:sprigs?|bundle|stalks?|stems?|tied|whole)\b/iu', $one->source,
            ) && !preg_match('/\b(?:chopped|leaves|picked|shredded|torn|sliced|pounded|minced|crushed)\b/iu', $one->source))
                || preg_match('/\b(?:strips? of|pared|peel)\b/iu', $one->source) && \in_array(
                    $one->role, [Role::Fruit, Role::Aromatic, Role::Spice], true,
                );
            $taken = array_filter(
                $this->acts, static fn (Act $a): bool => ActKind::TakeOut === $a->kind && \in_array($one->key(), $a->foods, true),
            );
            $goneIn = TakeOut::hasGoneInto($one, $this->acts);
            $comesOut = ($whole && !$goneIn) || ([] !== $taken && !$spooned && !\in_array($one->role, self::NEVER, true));
            if ($comesOut && Role::Meat !== $one->role && !\in_array($parts[$k], [PartKind::Side, PartKind::Topping], true)) {
                $out["i$k"] = new TakeOut('out-'.$one->key(), $one->foodText);
            }
        }
        foreach (TakeOut::tiesIn($all) as $what) {
            $out[$what] = new TakeOut("out-$what", $what);
        }
        if (preg_match(self::BUNDLE, $all, $m) && [] === array_filter(
            $out,
            static fn (TakeOut $t): bool => str_contains(mb_strtolower($t->name), 'bundle')
                || str_contains(mb_strtolower($t->name), 'bouquet'),
        )) {
            $out['bundle'] = new TakeOut('out-bundle', mb_strtolower($m['what']));
        }
        foreach (['bones' => 'bones?', 'tendons' => 'tendons?', 'gristle' => 'gristle'] as $what => $word) {
            if (preg_match(
                "/\b(?:remove|discard|throw away|throw out|take out|pull|strip"
                    ."|slip)[^.;]{0,60}(?<!fall off the )(?<!falling off the )\b$word\b/iu",
                $this->method,
            )) {
                $out[$what] = new TakeOut("out-$what", $what);
            }
        }

        return array_values($out);
    }
}
