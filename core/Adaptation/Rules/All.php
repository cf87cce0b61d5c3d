<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** Every rule, in the order in which they are applied; the ledger tells them in it. */
final readonly class All
{
    /** @return list<Rule> */
    public static function inTurn(): array
    {
        return [
            new OnlyWhatIsSaid(), new SidesNotMade(), new StraightBefore(), new NeverAsPrinted(),
            new SameDay(), new Hours(), new LeftToYou(), new InThePan(), new Preparing(), new Liquids(),
            new LateOrLarger(),
            new Salting(),
            new Reducing(), new Skimming(), new Thickening(), new NoOven(), new BeansFirst(), new Thawed(), new FromThePot(),
            new SidesCut(), new NothingForgotten(), new TakesOut(), new ChilledOvernight(),
        ];
    }

    public static function applied(Circumstances $in): Process
    {
        $process = Process::of($in->order);
        foreach (self::inTurn() as $rule) {
            $process = $rule->applied($process, $in);
        }

        return $process->inTurn();
    }
}
