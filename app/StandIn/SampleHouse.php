<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\RecipePresenter;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Exchange\HouseFile;
use Pausis\App\Exchange\TakeInHouse;
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

/** The house that is shown: two cookers, recipes, a braise planned around a working day, and the year that it has cooked. */
final readonly class SampleHouse
{
    private const YEAR = __DIR__.'/sample/year.json';
    /** What only its year cooks. */
    private const OF_THE_YEAR = ['oxtail-stout' => '@large', 'goat-chickpeas' => '@small'];

    public function __construct(
        private Households $households, private Cookers $cookers, private Braises $braises, private RecipeReader $reader,
        private RecipePresenter $recipes, private BraisePresenter $presenter, private PlanBraise $plan, private Drafts $drafts,
        private House $house, private HouseFile $files, private TakeInHouse $takeIn,
    ) {
    }

    public function isEmpty(): bool
    {
        return [] === $this->cookers->all() && [] === $this->braises->all();
    }

    /** @return array<string, string> ids of its cookers and braises, by their names in the year's file: @large */
    public function fill(): array
    {
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
        $day = $tomorrow->format('Y-m-d');
        $venison = $this->add(
            'venison-barley',
            ['cookerId' => $large->id, 'serveAt' => $tomorrow->modify('+4 days 18:30')->format('Y-m-d\TH:i'), 'level' => 'a-third'],
        );
        $pork = $this->add(
            'pork-perry',
            ['cookerId' => $large->id, 'serveAt' => $tomorrow->modify('+2 days 19:00')->format('Y-m-d\TH:i'), 'texture' => 'pulls'],
        );
        $lamb = $this->add('lamb-shanks', [
            'cookerId' => $large->id,
            'serveAt' => $day.'T19:00',
            'sides' => ['mash', 'steamed-greens', 'warm-loaf'],
            'away' => [
                ['from' => $day.'T08:10', 'to' => $day.'T17:20', 'who' => 't', 'what' => 'away'],
                ['from' => $day.'T05:40', 'to' => $day.'T14:15', 'who' => 'j', 'what' => 'away'],
                ['from' => $day.'T17:00', 'to' => $day.'T18:30', 'who' => 'j', 'what' => 'busy'],
            ],
        ]);

        return [
            '@large' => $large->id, '@small' => $small->id, '@venison-barley' => $venison->id, '@pork-perry' => $pork->id,
            '@lamb-shanks' => $lamb->id,
        ];
    }

    /**
     * What only its year cooks, the dinner long over.
     *
     * @param array<string, string> $ids
     *
     * @return array<string, BraiseRecord> by their names in the year's file
     */
    public function addOfTheYear(array $ids): array
    {
        $added = [];
        $over = $this->house->now()->modify('-12 days')->format('Y-m-d').'T19:00';
        foreach (self::OF_THE_YEAR as $sample => $cooker) {
            $added["@$sample"] = $this->add($sample, ['cookerId' => $ids[$cooker], 'serveAt' => $over]);
        }

        return $added;
    }

    /**
     * The year that it has cooked, its days as far back from today as they were when it was written.
     *
     * @param array<string, string> $ids
     */
    public function remember(array $ids): void
    {
        $json = (string) file_get_contents(self::YEAR);
        $written = preg_match('/"written":\s*"([^"]+)"/', $json, $m) ? new \DateTimeImmutable($m[1]) : $this->house->now();
        $now = $this->house->now();
        $days = (int) $written->setTimezone($now->getTimezone())->setTime(0, 0)->diff($now->setTime(0, 0))->format('%r%a');
        $json = (string) preg_replace_callback(
            '/"(\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:Z|[+-]\d{2}:\d{2}))"/',
            static fn (array $m): string => '"'.(new \DateTimeImmutable($m[1]))->setTimezone($now->getTimezone())
                ->modify(\sprintf('%+d days', $days))->format(\DATE_ATOM).'"',
            $json,
        );
        $problems = new Problems();
        $file = $this->files->read(strtr($json, $ids), $now, $problems, array_values($ids));
        $problems->throwIfAny();
        \assert(null !== $file);
        $this->takeIn->take($file, false);
        // Its days are planned by what it knows now.
        foreach ($this->braises->all() as $braise) {
            $this->plan($braise, $this->drafts->fromArray($braise->draft));
        }
        $this->braises->save();
    }

    /** @param array<string, mixed> $said over what the recipe itself says */
    private function add(string $sample, array $said): BraiseRecord
    {
        $text = (string) file_get_contents(__DIR__."/sample/$sample.txt");
        $problems = new Problems();
        $reading = $this->reader->read($text, $problems);
        $problems->throwIfAny();
        \assert(null !== $reading);
        $draft = $this->drafts->fromArray([...$this->drafts->toArray($this->recipes->present($reading)->draft), ...$said]);
        $braise = new BraiseRecord($draft->title, $this->drafts->toArray($draft), $this->house->now());
        $this->plan($braise, $draft);
        $this->braises->add($braise);

        return $braise;
    }

    private function plan(BraiseRecord $braise, BraiseDraft $draft): void
    {
        $worked = $this->plan->work($braise->id, $draft);
        $this->presenter->note($braise, $worked, $this->presenter->view($braise->id, $braise->revision, $worked, null));
    }
}
