<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\RecipePresenter;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\PlanBraise;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookerRecord;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\Households;
use Pausis\App\Store\HouseRecord;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pausis:demo', 'Fills an empty store with a sample house: two cookers, three recipes, a braise planned around a working day.')]
final readonly class DemoCommand
{
    public function __construct(
        private Households $households,
        private Cookers $cookers,
        private Braises $braises,
        private RecipeReader $reader,
        private RecipePresenter $recipes,
        private BraisePresenter $presenter,
        private PlanBraise $plan,
        private Drafts $drafts,
        private House $house,
    ) {
    }

    public function __invoke(OutputInterface $output): int
    {
        if ([] !== $this->cookers->all() || [] !== $this->braises->all()) {
            $output->writeln('The store holds something already; nothing was added.');

            return Command::SUCCESS;
        }
        $this->households->change($this->households->get()->revision, static function (HouseRecord $house): void {
            $house->altitudeMetres = 640.0;
            $house->people = [['id' => 't', 'name' => 'Tamsin', 'habits' => ''], ['id' => 'j', 'name' => 'Joris', 'habits' => '']];
            $house->pans = [28.0, 24.0];
        });
        $small = new CookerRecord('Grandmother’s round one', 3.3, Shape::Round, 180.0, 0.9, null);
        $large = new CookerRecord('The big oval', 6.5, Shape::Oval, 270.0, 1.0, 12.0);
        $this->cookers->save($small);
        $this->cookers->save($large);

        $tomorrow = $this->house->now()->modify('tomorrow');
        $this->add(
            'venison-barley',
            ['cookerId' => $large->id, 'serveAt' => $tomorrow->modify('+4 days 18:30')->format('Y-m-d\TH:i'), 'level' => 'a-third'],
        );
        $this->add(
            'pork-perry',
            ['cookerId' => $large->id, 'serveAt' => $tomorrow->modify('+2 days 19:00')->format('Y-m-d\TH:i'), 'texture' => 'pulls'],
        );
        $this->add('lamb-shanks', [
            'cookerId' => $large->id,
            'serveAt' => $tomorrow->format('Y-m-d').'T19:00',
            'sides' => ['mash', 'steamed-greens', 'warm-loaf'],
            'away' => [
                [
                    'from' => $tomorrow->format('Y-m-d').'T08:10', 'to' => $tomorrow->format('Y-m-d').'T17:20', 'who' => 't',
                    'what' => 'away',
                ],
                [
                    'from' => $tomorrow->format('Y-m-d').'T05:40', 'to' => $tomorrow->format('Y-m-d').'T14:15', 'who' => 'j',
                    'what' => 'away',
                ],
                [
                    'from' => $tomorrow->format('Y-m-d').'T17:00', 'to' => $tomorrow->format('Y-m-d').'T18:30', 'who' => 'j',
                    'what' => 'busy',
                ],
            ],
        ]);
        $output->writeln('A sample house with two cookers and three braises is ready.');

        return Command::SUCCESS;
    }

    /** @param array<string, mixed> $said over what the recipe itself says */
    private function add(string $sample, array $said): void
    {
        $text = (string) file_get_contents(__DIR__."/sample/$sample.txt");
        $problems = new Problems();
        $reading = $this->reader->read($text, $problems);
        $problems->throwIfAny();
        \assert(null !== $reading);
        $draft = $this->drafts->fromArray([...$this->drafts->toArray($this->recipes->present($reading)->draft), ...$said]);
        $braise = new BraiseRecord($draft->title, $this->drafts->toArray($draft), $this->house->now());
        $worked = $this->plan->work($braise->id, $draft);
        $this->presenter->note($braise, $worked, $this->presenter->view($braise->id, 1, $worked, null));
        $this->braises->add($braise);
    }
}
