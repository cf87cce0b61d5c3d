<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;

/** Ingredients that only the instructions name, and what is said of those in the list. */
final readonly class Named
{
    private const SALT = '/(?<!for )(?<!no )(?<!without )(?<!of )\bsalt\b(?! pork| beef| cod|ed)/iu';
    private const FAT = '/\b(?:in|hot|with|pan|little|some) (?:the |a little |some |hot )?(?<fat>oil|butter|lard|dripping'
        .'|ghee)\b(?! beans?| nut| milk)/iu';
    private const ANIMALS = '/\b(?:beef|pork|lamb|mutton|goat|veal|venison|chicken|turkey|duck|rabbit)\b(?! (?:stock|broth|fat|bouillon'
        .'|cube|dripping))/u';
    /** "scratch the carrots, use two parsnips instead" */
    private const SCRATCHED = '/\b(?:scratch|forget|cross out|never mind) (?:about )?(?:the |those |all the )?(?<food>\p{L}{3,})/iu';
    /** "and enough hot water to cover, roughly 600 ml" */
    private const ENOUGH = '/\b(?:enough|sufficient)\s+(?:(?:hot|cold|boiling|more|warm)\s+)*(?<food>water|stock|broth|wine|beer|cider'
        .'|milk)\b[^.;]{0,60}?(?:roughly|about|around|say|perhaps|maybe|some)\s+(?<amount>\d[\d.,]*\s*(?:ml|l|dl|cups?|pints?|litres?'
        .'|liters?))\b/iu';
    private const SERVING = '/\b(?:serve|have it with|eat (?:it )?with|to go with|alongside|on the side|as a side)\b/iu';
    private const NEGATED = '/\b(?:no|not|without|skip|never|instead of|leave out|omit|don[\'’]?t)\b/iu';
    /** "200 ml off the top of the coconut milk" is a part of it. */
    private const PART_OF = '/^\s*(?:off|from)\s+(?:the|your)\b/iu';
    /** "2 tablespoons of the fat" is some of what is there. */
    private const SOME_OF = '/^[^\p{L}]*(?:[\p{L}.]+\s+){0,2}of\s+(?:the|that|this|your|its|their)\b/iu';
    /** What a list leaves out, and only the method measures. */
    private const LEFT_TO_THE_METHOD = [
        Role::Liquid, Role::Tomato, Role::Dairy, Role::Acid, Role::Thickener, Role::Vegetable, Role::Pulse, Role::Grain, Role::Sweet,
        Role::Seasoning,
    ];
    private const SELDOM_MEASURED = [Role::Salt, Role::Herb, Role::Spice, Role::Fat];
    /** Less than this beside a thickener or in a pan is no liquid of the pot, mL. */
    private const LEAST_MILLILITRES = 50.0;

    public function __construct(private Draft $draft, private Mentions $mentions)
    {
    }

    /**
     * All of them where there is no list, otherwise liquids with an amount.
     *
     * @param list<Stretch> $talk beside a method without a list: "You need a piece of brisket, about two kilos"
     */
    public function inTheMethod(bool $noList, array $talk = []): void
    {
        $reader = $this->draft->reader;
        foreach ($talk as $sentence) {
            foreach ($this->mentions->in($sentence) as [$stretch, $read]) {
                if (Role::Meat === $read->role && null !== $read->grams && $this->draft->isNew($read)) {
                    $this->draft->ingredient($stretch, $read);
                }
            }
        }
        foreach ($this->draft->where as $sentence) {
            $serves = (bool) preg_match(self::SERVING, $sentence->text);
            if ($serves && !$noList) {
                continue;
            }
            $found = $this->mentions->in($sentence);
            if ($noList && !$serves && !preg_match(self::NEGATED, $sentence->text)) {
                $found = $this->mentions->withTheBare($sentence, $found);
            }
            if (preg_match(self::ENOUGH, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                $poured = $reader->fromParts($m[0][0], $sentence->line, $m['amount'][0], $m['food'][0], null);
                $found = [
                    ...array_filter($found, static fn (array $f): bool => !$f[1]->isLike($poured)),
                    [$sentence->part($m[0][1], \strlen($m[0][0])), $poured],
                ];
            }
            foreach ($found as [$stretch, $read]) {
                $behind = substr($sentence->text, $stretch->end() - $sentence->start);
                if (!$this->draft->isNew($read) && null !== $read->amount?->unit) {
                    $this->draft->measures($read);
                }
                $poured = null !== $read->amount?->unit && \in_array($read->role, self::LEFT_TO_THE_METHOD, true)
                    && (!$read->role->isPoured() || $read->millilitres >= self::LEAST_MILLILITRES)
                    && !preg_match(self::SOME_OF, $stretch->text);
                if (Role::Tool !== $read->role && !self::isMadeOfIt($read) && !preg_match(self::PART_OF, $behind) && $this->draft->hasRoom()
                    && $this->draft->isNew($read) && ($noList || $poured)) {
                    $this->draft->marking->claimIngredient($stretch, $read, \count($this->draft->ingredients));
                    $this->draft->ingredients[] = self::fromThere($read, $noList);
                }
            }
        }
    }

    /** "strain the gravy": what the pot gives, not what is bought for it. */
    private static function isMadeOfIt(Ingredient $read): bool
    {
        return null === $read->amount && 1 === preg_match('/^(?:gravy|sauce|liquor|juices)$/iu', $read->foodText);
    }

    private static function fromThere(Ingredient $read, bool $noList): Ingredient
    {
        $measured = null !== $read->amount || \in_array($read->role, self::SELDOM_MEASURED, true);

        return $read->measured(
            $read->amountText, $read->amount, $read->grams, $read->millilitres, Doubt::FromTheMethod,
            $noList && $measured && [] === $read->doubts ? 0.92 : 0.7,
        );
    }

    /** Salt, and what it is fried in, which nobody lists. */
    public function unmeasured(): void
    {
        foreach ([[Role::Salt, self::SALT], [Role::Fat, self::FAT]] as [$role, $pattern]) {
            $has = [] !== array_filter($this->draft->ingredients, static fn (Ingredient $i): bool => $role === $i->role);
            foreach ($has ? [] : $this->draft->where as $sentence) {
                if ($this->draft->hasRoom() && preg_match(
                    $pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE,
                ) && !preg_match(self::NEGATED, $sentence->text)) {
                    [$word, $at] = $m['fat'] ?? $m[0];
                    $stretch = $sentence->part($at, \strlen($word));
                    $read = $this->draft->reader->read($stretch->text, $stretch->line);
                    if ($role === $read->role) {
                        $this->draft->marking->claimIngredient($stretch, $read, \count($this->draft->ingredients));
                        $this->draft->ingredients[] = $read->measured('', null, null, null, Doubt::FromTheMethod, 0.92);
                        break;
                    }
                }
            }
        }
    }

    /** "2 kg shoulder" is pork's where pork is the only animal that the recipe names. */
    public function ofTheAnimal(string $text): void
    {
        preg_match_all(self::ANIMALS, mb_strtolower($text), $all);
        $animals = array_values(array_unique($all[0]));
        if (1 === \count($animals)) {
            $nameless = static fn (Ingredient $one): bool => Role::Meat === $one->role && null === $one->cut
                && !preg_match(self::ANIMALS, mb_strtolower($one->source));
            $named = fn (Ingredient $one): Ingredient => $nameless($one)
                ? $this->draft->reader->fromParts($one->source, $one->line, $one->amountText, $animals[0].' '.preg_replace(
                    '/\b(?:bone|skin)-(?:in|on|off)\s+/iu', '', $one->foodText,
                ), null)
                : $one;
            $this->draft->ingredients = array_map($named, $this->draft->ingredients);
        }
    }

    /** What somebody took back. */
    public function scratched(string $text): void
    {
        preg_match_all(self::SCRATCHED, $text, $all);
        foreach ($all['food'] as $food) {
            $this->draft->ingredients = array_values(array_filter(
                $this->draft->ingredients,
                static fn (Ingredient $i): bool => Role::Meat === $i->role || [] === array_intersect(
                    Draft::words($food), Draft::words($i->foodText),
                ),
            ));
        }
    }
}
