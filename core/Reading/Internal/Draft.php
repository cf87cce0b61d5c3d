<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\Step;

/** What has been taken from a text so far, and from which stretches of it. */
final class Draft
{
    /** No recipe has more; what is beyond is shown as not read. */
    public const MOST_INGREDIENTS = 200;
    private const MOST_STEPS = 300;
    /** "two tablespoons of light and one of dark" */
    private const ELLIPTIC = '/^\W*(?:one|two|three|four|half|\d+)\s+of\s+/iu';
    private const LIKE_BEFORE = [Role::Liquid, Role::Seasoning, Role::Acid, Role::Sweet, Role::Spice, Role::Fat];
    private const ADVERBS = ['overnight', 'again', 'back', 'now', 'first', 'all', 'too', 'well', 'together'];

    public string $title = '';
    public ?int $servings = null;
    /** Ingredients that stood on a line of their own. */
    public int $listed = 0;
    /** @var list<Ingredient> */
    public array $ingredients = [];
    /** @var list<Step> */
    public array $steps = [];
    /** @var list<Stretch> beside the steps */
    public array $where = [];
    public readonly Marking $marking;
    private readonly References $references;

    public function __construct(public readonly IngredientReader $reader)
    {
        $this->marking = new Marking();
        $this->references = new References($reader->amounts());
    }

    public function hasRoom(): bool
    {
        return \count($this->ingredients) < self::MOST_INGREDIENTS && \count($this->steps) < self::MOST_STEPS;
    }

    public function step(Stretch $stretch, Step $step): void
    {
        $this->marking->claim($stretch, MarkKind::Step, \count($this->steps));
        $this->steps[] = $step;
        $this->where[] = $stretch;
    }

    public function ingredient(Stretch $stretch, Ingredient $read): void
    {
        if (!$this->hasRoom() || (Role::Unknown === $read->role && !preg_match('/\p{L}{3}/u', $read->foodText))) {
            $this->marking->claim($stretch, MarkKind::Unread);

            return;
        }
        $before = $this->ingredients[\count($this->ingredients) - 1] ?? null;
        if (null !== $before?->amount?->unit
            && null !== $read->amount
            && null === $read->amount->unit
            && preg_match(self::ELLIPTIC, $stretch->text)
            && \in_array($read->role, self::LIKE_BEFORE, true)) {
            $read = $this->reader->fromParts(
                $stretch->text, $stretch->line, $read->amount->low.' '.$before->amount->unit->value, $read->foodText, null,
            );
        }
        if (null !== $before
            && null === $before->amount
            && str_ends_with(rtrim($before->source), '?')
            && Role::Unknown === $read->role
            && null !== $read->amount?->unit) {
            array_pop($this->ingredients);
            $read = $this->reader->fromParts($before->source.' '.$stretch->text, $before->line, $read->amountText, $before->foodText, null);
        }
        $read = $this->references->resolve($read, $this->ingredients);
        $this->marking->claimIngredient($stretch, $read, \count($this->ingredients));
        $this->ingredients[] = $read;
    }

    /** Whether a food named while cooking is one of the list, whose amount this may tell. */
    public function measures(Ingredient $read, ?int $known = null): bool
    {
        $known ??= \count($this->ingredients);
        if ($this->isNew($read, $known)) {
            return false;
        }
        $words = self::words($read->foodText);
        $isIt = static fn (Ingredient $one): bool => null === $one->amount && null !== $read->amount && $one->role === $read->role
            && [] !== array_intersect($words, self::words($one->foodText));
        $measured = fn (Ingredient $one, int $k): Ingredient => $k < $known && $isIt($one)
            ? $this->reader->fromParts($one->source, $one->line, $read->amountText, $one->foodText, null)
            : $one;
        $this->ingredients = array_map($measured, $this->ingredients, array_keys($this->ingredients));

        return true;
    }

    /** @param int|null $known so many of the ingredients are looked at; null for all */
    public function isNew(Ingredient $read, ?int $known = null): bool
    {
        $said = self::words($read->foodText);
        foreach (\array_slice($this->ingredients, 0, $known) as $one) {
            $named = [...self::words($one->foodText), ...self::words($one->food->name ?? ''), ...self::kinds($one, $read)];
            $same = [] !== $said && (null === $read->amount || $one->role === $read->role) && [] === array_diff($said, $named);
            $bothMeat = Role::Meat === $read->role && Role::Meat === $one->role;
            $liquid = Role::Liquid === $read->role && Role::Unknown === $one->role && str_contains($one->foodText, $read->foodText);
            if ($one->isLike($read) || $same || $bothMeat || $liquid) {
                return false;
            }
        }

        return true;
    }

    /**
     * "the peppers", of what the list has as scotch bonnets.
     *
     * @return list<string>
     */
    private static function kinds(Ingredient $listed, Ingredient $bare): array
    {
        $calledSo = null === $bare->amount && !\in_array($listed->role, [Role::Spice, Role::Salt], true) ? $listed->food->words ?? [] : [];

        return array_merge(...array_map(static fn (string $word): array => \array_slice(self::words($word), -1), $calledSo));
    }

    /** @return list<string> in the singular, without accents */
    public static function words(string $text): array
    {
        return array_values(array_filter(
            array_map(
                static fn (string $w): string => (string) preg_replace('/(?<=\p{L}{3})s$/u', '', $w), explode(' ', Larder::normal($text)),
            ),
            static fn (string $w): bool => '' !== $w && !\in_array($w, self::ADVERBS, true),
        ));
    }
}
