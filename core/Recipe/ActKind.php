<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One thing that is done in a recipe. core/data/acts.json has the words for each. */
enum ActKind: string
{
    case Preheat = 'preheat';
    case Soak = 'soak';
    case Marinate = 'marinate';
    case Prepare = 'prepare';
    /** What is stirred, whisked or pounded together: a rub, a paste, a marinade. */
    case Mix = 'mix';
    case Cut = 'cut';
    case Tie = 'tie';
    case Dry = 'dry';
    case Season = 'season';
    case Flour = 'flour';
    case WarmInsert = 'warm-insert';
    case Blanch = 'blanch';
    case Render = 'render';
    case Brown = 'brown';
    case Toast = 'toast';
    case FryBase = 'fry-base';
    case Fry = 'fry';
    case Deglaze = 'deglaze';
    case BoilDown = 'boil-down';
    case BoilBeans = 'boil-beans';
    case HeatUp = 'heat-up';
    case Load = 'load';
    case Cook = 'cook';
    case Add = 'add';
    case TurnSetting = 'turn-setting';
    case LidOff = 'lid-off';
    case PokeDown = 'poke-down';
    case Check = 'check';
    case Test = 'test';
    case TakeOut = 'take-out';
    case Lift = 'lift';
    case Rest = 'rest';
    case Skim = 'skim';
    case Strain = 'strain';
    case Blend = 'blend';
    case Sieve = 'sieve';
    case Reduce = 'reduce';
    case Glaze = 'glaze';
    case Slurry = 'slurry';
    case ButterAndStarch = 'butter-and-starch';
    case CreamOrYoghurtIn = 'cream-or-yoghurt-in';
    case Shred = 'shred';
    /** Meat in slices, or portions, once it is out. */
    case Carve = 'carve';
    case BackIntoTheJuice = 'back-into-the-juice';
    case Mash = 'mash';
    case Crisp = 'crisp';
    case SeasonToTaste = 'season-to-taste';
    case Garnish = 'garnish';
    case SideWork = 'side-work';
    case Serve = 'serve';
    case Portion = 'portion';
    case Other = 'other';

    /** Whether it belongs to what is done with the sauce and the meat once that is tender. */
    public function finishes(): bool
    {
        return \in_array($this, [
            self::Lift, self::Rest, self::Skim, self::Strain, self::Blend, self::Sieve, self::Reduce, self::Glaze, self::Slurry,
            self::ButterAndStarch, self::CreamOrYoghurtIn, self::Shred, self::Carve, self::BackIntoTheJuice, self::Mash, self::Crisp,
            self::SeasonToTaste, self::Garnish, self::Serve, self::Portion,
        ], true);
    }

    /** Whether it thickens with starch. */
    public function thickens(): bool
    {
        return self::Slurry === $this || self::ButterAndStarch === $this;
    }

    /** @param bool $meat whether it is about the meat */
    public static function ofStep(StepKind $kind, bool $meat = true): ?self
    {
        return match ($kind) {
            StepKind::Cook => self::Cook,
            StepKind::Strain => self::Strain,
            StepKind::Shred => $meat ? self::Shred : self::Prepare,
            StepKind::Glaze => self::Glaze,
            StepKind::Blanch => self::Blanch,
            StepKind::Brown => self::Brown,
            StepKind::Deglaze => self::Deglaze,
            StepKind::Reduce => self::Reduce,
            StepKind::Thicken => self::Slurry,
            StepKind::FryBase => self::FryBase,
            StepKind::Soak => self::Soak,
            StepKind::AddLate => self::Add,
            StepKind::LiftOut => self::Lift,
            StepKind::Skim => self::Skim,
            StepKind::Check => self::Check,
            StepKind::Rest => self::Rest,
            StepKind::Garnish => self::Garnish,
            StepKind::Side => self::SideWork,
            StepKind::Serve => self::Serve,
            StepKind::Coat => self::Flour,
            StepKind::Dry => self::Dry,
            StepKind::Season => self::Season,
            StepKind::Preheat => self::Preheat,
            StepKind::Load => self::Load,
            StepKind::Prepare => self::Prepare,
            StepKind::Other => null,
        };
    }
}
