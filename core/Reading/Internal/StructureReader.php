<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Structure;
use Pausis\Core\Recipe\Way;

/** Puts a recipe's headings, lines and acts together. */
final readonly class StructureReader
{
    private const BONES_SERVED = '/\b(?:on the bone|bones? and all|bones? (?:still )?in\b(?! (?:big|large|small|a|the|pieces|chunks|it'
        .'|the))|with the bones|a shank each|one (?:shank|rib) each)\b/iu';
    private const BONE_OUT = '/\b(?:(?:remove|discard|throw away|throw out|take out|pull(?: out)?|strip|slip|pick)[^.;]{0,40}\bbones?'
        .'|(?:take|cut|pull|strip|pick|get)[^.;]{0,40}\b(?:from|off) the bones?|boneless|boned)\b/iu';
    private const KEPT_MARINADE = '/\b(?:(?:keep|reserv\w*|save)[^.;]{0,30}\b(?:wine|liquid|beer|cider|buttermilk|marinade)'
        .'|(?:strain\w*|pour|add|return|tip|stir) (?:in )?(?:the |its |all the )?(?:\w+ ){0,2}marinade'
        .'|marinade[^.;]{0,30}\b(?:in|into|over|keep|and keep)|with its marinade|in its own marinade)\b/iu';
    private const WITH_MARINADE = '/\b(?:strain\w*|pour|add|return|tip|stir|with)[^.;]{0,50}\bmarinade\b/iu';
    /** Whatever else is said of a marinade that is named and thrown away. */
    private const MARINADE_AWAY = '/\b(?:discard\w*|throw\w*|pour (?:off|away|out)|tip away)\b[^.;]{0,30}\bmarinade\b'
        .'|\bmarinade\b[^.;,]{0,20}\b(?:away|discarded)\b/iu';
    private const STRONGLY_KEPT = '/\b(?:keep|reserv\w*|save)\b[^.;]{0,30}\b(?:wine|liquid|beer|cider|buttermilk|marinade)\b/iu';
    private const THROWN_MARINADE = '/\b(?:discard\w*|throw\w*|pour (?:it )?(?:off|away|out)|tip (?:it )?away|drain off'
        .'|rinse (?:it )?off|goes? away)\b'
        .'[^.;]{0,60}\b(?:marinade|buttermilk|milk|brine|salt water|soaking|wine|that)\b'
        .'|\b(?:marinade|buttermilk|brine|salt water)\b[^.;]{0,40}\b(?:away|sink|discard\w*)/iu';
    private const IT_AWAY = '/^\W*(?:then |afterwards |and )?(?:pour|tip|throw) (?:it|this|that) (?:away|off|out)\b/iu';
    private const LAY_IN = '/\b(?:bowl|soak\w*|lies?|lay|steep\w*|cover(?:ed)? with|to cover)\b/iu';
    /** What lies shorter is seasoned, minutes. */
    private const LONG_ENOUGH = 120.0;

    /** @var list<Act> that are done */
    private array $acts;

    /**
     * @param list<Ingredient>                 $ingredients
     * @param list<Act>                        $acts
     * @param list<array{string, string, int}> $sentences   text, zone, line
     * @param list<PartKind>|null              $given       the part of each ingredient, where it is known
     */
    public function __construct(
        private array $ingredients, array $acts, private array $sentences, private ?Way $way,
        private ?array $given = null,
    ) {
        $this->acts = array_values(array_filter($acts, static fn (Act $a): bool => $a->isDone()));
    }

    public function read(): Structure
    {
        $method = implode(' ', array_column(array_filter($this->sentences, static fn (array $s): bool => 'step' === $s[1]), 0));
        $cook = $this->cookPlace();
        $thrown = $this->thrown();
        $parts = $this->given ?? (new Parts($this->ingredients, $this->acts, $this->sentences, $thrown))->all();
        $additions = new LateAdditions($this->ingredients, $this->acts, $this->sentences, $this->way);
        $late = $additions->minutes($cook, $parts);
        [$pieces, $size] = (new MeatPieces($this->ingredients))->of($method);
        $browned = array_filter($this->acts, static fn (Act $a): bool => ActKind::Brown === $a->kind);
        $vegetables = preg_match(
            '/\b(?:brown|caramelise|colour)\s+(?:the\s+)?(?:drained\s+|sliced\s+|chopped\s+)?(?:onions?|shallots?|vegetables|carrots'
                .'|leeks)\b/iu',
            $method,
        );
        $onions = array_filter($this->acts, static fn (Act $a): bool => ActKind::FryBase === $a->kind && preg_match(
            '/\b(?:golden|brown\w*|caramel\w*|colou?r|catch|edges|dark)\b/iu', $a->source,
        )
            && !preg_match('/without colou?r|not (?:brown|colou?r)/iu', $a->source) && !preg_match(
                '/\b(?:meat|beef|pork|lamb|veal|venison|chicken|ribs|shanks?)\b[^.;]*\b(?:brown|golden|colou?r)/iu', $a->source,
            ));
        $marinated = preg_match('/\b(?:marinad|marinat|steep)/iu', $method) || $this->liesInMoreThanSalt();
        $bones = preg_match(self::BONES_SERVED, $method) || ($this->boneIn() && !preg_match(self::BONE_OUT, $method) && !array_filter(
            $this->acts, static fn (Act $a): bool => ActKind::Shred === $a->kind,
        ));

        return new Structure($parts, $late, $pieces, $size,
            (new TakeOuts($this->ingredients, $this->acts, $method))->of($parts), (new Finishing(self::ofTheBraise($this->acts,
                $this->ingredients, $parts)))->after($cook), $bones,
            [] === $browned ? 'none' : ([] === $onions && !$vegetables ? 'meat' : 'meat+onions'),
            [] !== array_filter($this->acts, static fn (Act $a): bool => ActKind::Blanch === $a->kind),
            $this->marinade($method, $marinated, '' !== $thrown, $parts), $additions->uncovered());
    }

    /**
     * @param list<PartKind> $parts
     *
     * @return 'keep'|'discard'|null
     */
    private function marinade(string $method, bool $marinated, bool $throws, array $parts): ?string
    {
        // The water that salt meat was soaked in is poured away without a word.
        return match (true) {
            !$marinated => \in_array(PartKind::Marinade, $parts, true) ? 'discard' : null,
            (bool) preg_match(self::MARINADE_AWAY, $method) => preg_match(self::STRONGLY_KEPT, $method) ? 'keep' : 'discard',
            default => preg_match(self::KEPT_MARINADE, $method) || preg_match(self::WITH_MARINADE, $method) || !$throws
                ? 'keep' : 'discard',
        };
    }

    /** What is said of the marinade, the brine or the milk that is poured away; empty where none is. */
    private function thrown(): string
    {
        $thrown = $before = [];
        foreach ($this->sentences as [$text, $zone]) {
            if ('step' !== $zone) {
                continue;
            }
            if (preg_match(self::THROWN_MARINADE, $text)) {
                $thrown[] = $text;
            } elseif (preg_match(self::IT_AWAY, $text)) {
                foreach (\array_slice($before, -2) as $lay) {
                    $thrown[] = preg_match(self::LAY_IN, $lay) ? $lay : '';
                }
            }
            $before[] = $text;
        }

        return trim(implode(' ', $thrown));
    }

    /** Whether the meat lies overnight in something wet or in seasonings, said to be a marinade or not. */
    private function liesInMoreThanSalt(): bool
    {
        foreach ($this->acts as $k => $act) {
            if (ActKind::Marinate !== $act->kind || (null !== $act->minutes && $act->minutes->high < self::LONG_ENOUGH)) {
                continue;
            }
            $with = array_merge($act->foods, $this->acts[$k - 1]->foods ?? []);
            foreach ($this->ingredients as $one) {
                if (\in_array($one->key(), $with, true)
                    && \in_array($one->role, [Role::Acid, Role::Dairy, Role::Aromatic, Role::Vegetable, Role::Liquid], true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Without what thickens, or goes into, a sauce beside.
     *
     * @param list<Act>        $acts
     * @param list<Ingredient> $ingredients
     * @param list<PartKind>   $parts
     *
     * @return list<Act> as many, in their order
     */
    private static function ofTheBraise(array $acts, array $ingredients, array $parts): array
    {
        $beside = [];
        foreach ($ingredients as $k => $one) {
            if (!\in_array($parts[$k], [PartKind::Braise, PartKind::Marinade], true)) {
                $beside[] = $one->key();
            }
        }

        return array_map(
            static fn (Act $a): Act => [] !== $a->foods && [] === array_diff($a->foods, $beside)
                && ($a->kind->thickens() || ActKind::CreamOrYoghurtIn === $a->kind) ? $a->as(ActKind::SideWork) : $a,
            $acts,
        );
    }

    private function cookPlace(): int
    {
        return MethodReader::cookPlace($this->acts) ?? \count($this->acts);
    }

    private function boneIn(): bool
    {
        foreach ($this->ingredients as $one) {
            if (Role::Meat === $one->role && (($one->cut->bone ?? 0.0) > 0 || preg_match(
                '/\bbone[- ]in|on the bone|with (?:the )?bones?\b/iu', $one->source,
            )) && !preg_match('/\b(?:boned|boneless|off the bone|without bones?)\b/iu', $one->source)) {
                return true;
            }
        }

        return false;
    }
}
