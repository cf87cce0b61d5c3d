<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** Corrections are remembered by the house, used for the next recipe, and forgotten when told. */
final class MeaningApiTest extends ApiTestCase
{
    private const RECIPE_WITH_BASHIES = "Shin with bashies\nServes 4\n1 kg beef shin\n2 onions\n500 g bashies\n500 ml beef stock\nBrown the"
        .' shin and simmer everything for 3 hours.';

    public function testACorrectionIsUsedForTheNextRecipeUntilItIsForgotten(): void
    {
        self::assertSame('unknown', $this->roleOfBashies());

        $meaning = $this->call(
            'POST', '/api/meanings', ['source' => '500 g bashies', 'food' => 'swede', 'role' => '', 'ignored' => false], 201,
        );
        self::assertSame(['bashies', 'swede'], [$meaning['words'], $meaning['text']]);
        self::assertSame('vegetable', $this->roleOfBashies());
        self::assertSame(['bashies'], array_column($this->call('GET', '/api/meanings'), 'words'));

        $this->client->request('DELETE', '/api/meanings/bashies');
        self::assertSame(204, $this->client->getResponse()->getStatusCode());
        self::assertSame([], $this->call('GET', '/api/meanings'));
        self::assertSame('unknown', $this->roleOfBashies());
    }

    public function testWhatIsNoIngredientIsLeftOutNextTime(): void
    {
        $this->call('POST', '/api/meanings', ['source' => '500 g bashies', 'food' => 'bashies', 'role' => '', 'ignored' => true], 201);
        $read = $this->call('POST', '/api/recipes/read', ['text' => self::RECIPE_WITH_BASHIES]);

        self::assertTrue(self::in($read, 'draft.ingredients.2.ignored'));
        self::assertFalse(self::in($read, 'draft.ingredients.1.ignored'));
        self::assertSame('not an ingredient', self::in($this->call('GET', '/api/meanings'), '0.text'));
    }

    public function testAStoredBraiseFollowsWhatTheHouseHasLearned(): void
    {
        $draft = $this->draft();
        $read = $this->call('POST', '/api/recipes/read', ['text' => self::RECIPE_WITH_BASHIES])['draft'];
        self::assertIsArray($read);
        $id = self::text(
            $this->call('POST', '/api/braises', [...$read, 'cookerId' => $draft['cookerId'], 'serveAt' => '2026-11-26T19:00'], 201), 'id',
        );
        $this->call('POST', '/api/meanings', ['source' => '500 g bashies', 'food' => 'swede', 'role' => '', 'ignored' => false], 201);

        self::assertSame('vegetable', self::in($this->call('GET', "/api/braises/$id"), 'understood.2.role'));
    }

    public function testLinesAreReadOneByOneWhenSplitOrJoined(): void
    {
        $lines = $this->call('POST', '/api/recipes/lines', ['sources' => ['2 onions', '3 cups stock'], 'line' => 4, 'measures' => 'us']);

        self::assertSame(
            [['2', 'onions', 4], ['3 cups', 'stock', 4]],
            array_map(static fn (mixed $l): array => \is_array($l) ? [$l['amount'], $l['food'], $l['line']] : [], $lines),
        );
        $this->call('POST', '/api/recipes/lines', ['sources' => [], 'line' => 1, 'measures' => ''], 422);
        $this->call('POST', '/api/meanings', ['source' => '', 'food' => 'swede', 'role' => '', 'ignored' => false], 422);
    }

    public function testTheChoiceOfCupsChangesWhatIsPoured(): void
    {
        $draft = [
            ...$this->draft(),
            'ingredients' => [[
                'line' => 1, 'source' => '2 cups stock', 'amount' => '2 cups', 'food' => 'stock', 'role' => '', 'ignored' => false,
            ]],
        ];
        $quantity = fn (string $measures): string => self::text(
            $this->call('POST', '/api/braises/preview', [...$draft, 'measures' => $measures]), 'understood.0.quantity',
        );

        self::assertSame(['480 mL', '500 mL'], [$quantity('us'), $quantity('metric')]);
    }

    public function testACorrectedStepIsTakenSo(): void
    {
        $draft = $this->draft();
        $steps = $draft['steps'];
        self::assertIsArray($steps);
        $steps[0] = [...(array) $steps[0], 'kind' => 'blanch', 'minutes' => '7'];
        $view = $this->call('POST', '/api/braises/preview', [...$draft, 'steps' => $steps]);

        self::assertSame(['blanch', '7 min'], [self::text($view, 'steps.0.kind'), self::text($view, 'steps.0.time')]);
    }

    private function roleOfBashies(): string
    {
        return self::text($this->call('POST', '/api/recipes/read', ['text' => self::RECIPE_WITH_BASHIES]), 'understood.2.role');
    }

    public function testWhenAndWithWhatASentencesWorkIsDoneIsTheCooks(): void
    {
        $draft = $this->draft();
        $steps = $draft['steps'];
        $lines = $draft['ingredients'];
        self::assertIsArray($steps);
        self::assertIsArray($lines);
        $onion = ((array) $lines[1])['id'];
        $steps[] = [
            ...(array) $steps[0], 'source' => 'Add the onions.', 'id' => 'own-1',
            'when' => 'before-end', 'offset' => '45', 'foods' => [$onion],
        ];
        $view = $this->call('POST', '/api/braises/preview', [...$draft, 'steps' => $steps]);
        $last = \count($steps) - 1;
        self::assertSame(
            [$onion, '45 min before the end'], [self::text($view, "steps.$last.foods.0"), self::text($view, "steps.$last.when")],
        );

        $steps[$last] = [...(array) $steps[$last], 'offset' => 'soon'];
        $view = $this->call('POST', '/api/braises/preview', [...$draft, 'steps' => $steps]);
        $problems = array_column((array) $view['problems'], 'message', 'path');
        self::assertSame(
            'How long before or after? “soon” is no time. Write 45, 1 h 30 or 20 minutes.', $problems["steps.$last.offset"],
        );
    }
}
