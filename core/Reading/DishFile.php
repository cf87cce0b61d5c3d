<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Problem\Fields;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\ActNeeds;
use Pausis\Core\Recipe\Batches;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Part;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\Way;
use Pausis\Core\Recipe\When;

/** A dish as a JSON file: parts, acts and ways as a person writes them down. Format: docs/formats.md. */
final readonly class DishFile
{
    private const MOST_INGREDIENTS = 200;
    private const MOST_ACTS = 200;
    private const MOST_WAYS = 10;

    public function __construct(private IngredientReader $reader)
    {
    }

    /** @param mixed $file decoded JSON; null where something is wrong, with every problem and its place */
    public function dish(mixed $file, Problems $problems, string $path = ''): ?Dish
    {
        $in = new Fields($file, $path, $problems);
        $ingredients = $this->ingredients($in, $problems, $path);
        $ids = array_map(static fn (Ingredient $i): string => $i->id, $ingredients);
        $parts = [];
        $count = 0;
        foreach ($in->objects('parts', 20) as $k => $part) {
            $kind = PartKind::tryFrom($part->textOr('part', '')) ?? $part->wrong('part', 'unknown-part', PartKind::Braise);
            $acts = array_map(fn (Fields $act): Act => $this->act($act, $ids, "p$k"), $part->objects('acts', self::MOST_ACTS));
            $own = array_values(array_filter($ingredients, static fn (Ingredient $i): bool => $kind === $i->part));
            if ([] === $own) {
                $part->wrong('part', 'part-without-ingredients', null);
            }
            foreach (PartKind::Braise === $kind ? ActNeeds::unmet($acts) : [] as $at => $act) {
                $problems->add('act-without-its-need', "parts.$k.acts.$at.kind", ['act' => $act->kind->value]);
            }
            $parts[] = new Part(
                $kind->value, $kind, $part->textOr('title', ''), array_map(static fn (Ingredient $i): string => $i->id, $own), $acts,
            );
            $count += \count($acts);
        }
        $named = array_merge(...array_map(static fn (Part $p): array => array_map(static fn (Act $a): string => $a->id, $p->acts), $parts));
        if (\count($named) !== \count(array_unique($named))) {
            $problems->add('act-twice', trim("$path.parts", '.'));
        }
        if ([] === array_filter($parts, static fn (Part $p): bool => PartKind::Braise === $p->kind)) {
            $problems->add('no-braise', trim("$path.parts", '.'));
        }
        if ($count > self::MOST_ACTS) {
            $problems->add('too-many', trim("$path.parts", '.'));
        }
        $ways = array_map($this->way(...), $in->objects('ways', self::MOST_WAYS));
        $out = array_map(
            static fn (Fields $f): TakeOut => new TakeOut(
                'out-'.$f->textOr('name', ''), $f->textOr('name', ''),
                ActKind::tryFrom($f->textOr('before', 'serve')) ?? $f->wrong('before', 'unknown-act', ActKind::Serve),
            ),
            $in->objects('takeOut', 30),
        );

        return $problems->none() ? new Dish($ingredients, $parts, $ways, $out, 'yes' === $in->textOr('bonesServed', 'no')) : null;
    }

    /** @return list<Ingredient> */
    private function ingredients(Fields $in, Problems $problems, string $path): array
    {
        $ingredients = [];
        foreach ($in->objects('ingredients', self::MOST_INGREDIENTS) as $k => $one) {
            $id = $one->textOr('id', 'i'.($k + 1));
            $part = PartKind::tryFrom($one->textOr('part', PartKind::Braise->value)) ?? $one->wrong(
                'part', 'unknown-part', PartKind::Braise,
            );
            $line = $one->textOr('line', '');
            if ('' === trim($line)) {
                $one->wrong('line', 'missing', null);
            }
            $ingredients[] = $this->reader->read(mb_substr($line, 0, 400), $k + 1)->identified($id)->belongingTo($part);
        }
        if ([] === $ingredients) {
            $problems->add('recipe-empty', trim("$path.ingredients", '.'));
        }

        return $ingredients;
    }

    /** @param list<string> $ids of ingredients */
    private function act(Fields $act, array $ids, string $prefix): Act
    {
        $kind = ActKind::tryFrom($act->textOr('kind', '')) ?? $act->wrong('kind', 'unknown-act', ActKind::Other);
        $foods = $act->texts('foods', 60);
        foreach ($foods as $food) {
            if (!\in_array($food, $ids, true)) {
                $act->wrong('foods', 'unknown-food', null);
            }
        }
        $words = mb_substr($act->textOr('words', ''), 0, 1000);
        $celsius = $act->numberOrNull('celsius');
        $batches = $act->numberOrNull('batches');
        $id = $act->textOr('id', '');

        return new Act(
            '' === $id ? $prefix.'.'.$kind->value.'-'.substr(md5($words.implode(',', $foods)), 0, 6) : $id, $kind, $foods,
            self::range($act, 'minutes'), new Batches(
                'yes' === $act->textOr('perSide', 'no'), null === $batches ? null : (int) $batches,
                'yes' === $act->textOr('eachBatch', 'no'),
            ),
            $celsius, $act->has('heat') ? $act->textOr('heat', '') : null, $act->has('until') ? $act->textOr('until', '') : null,
            self::when($act), $words, $words);
    }

    private static function when(Fields $act): When
    {
        $offset = self::range($act, 'offset');
        $timing = Timing::tryFrom($act->textOr('when', Timing::Before->value)) ?? $act->wrong('when', 'unknown-time', Timing::Before);
        if (Timing::BeforeEnd === $timing && null === $offset) {
            $act->wrong('offset', 'missing', null);
        }

        return match ($timing) {
            Timing::EveningBefore => When::eveningBefore(),
            Timing::Before => When::before(),
            Timing::AfterStart => When::afterStart($offset),
            Timing::BeforeEnd => When::beforeEnd($offset ?? Minutes::exactly(0)),
            Timing::End => When::atTheEnd(),
        };
    }

    private function way(Fields $way): Way
    {
        $minutes = self::range($way, 'minutes');
        $settings = [];
        foreach (['low', 'medium', 'high', 'auto'] as $setting) {
            $own = self::range($way, $setting);
            $settings += null === $own ? [] : [$setting => $own];
        }
        if (null === $minutes && [] === $settings) {
            $way->wrong('minutes', 'way-without-time', null);
        }
        $celsius = self::range($way, 'celsius');

        return new Way(
            Method::tryFrom($way->textOr('method', '')) ?? $way->wrong('method', 'unknown-choice', Method::Oven),
            $minutes ?? (array_values($settings)[0] ?? null), null === $celsius ? null : [$celsius->low, $celsius->high], $settings,
        );
    }

    /** One number, or from and to. */
    private static function range(Fields $in, string $name): ?Minutes
    {
        $numbers = $in->numbers($name, 2);
        foreach ($numbers as $number) {
            if (!Range::recipeNumber()->holds($number)) {
                return $in->wrong($name, 'out-of-range', null);
            }
        }

        return [] === $numbers ? null : Minutes::between($numbers[0], $numbers[1] ?? $numbers[0]);
    }
}
