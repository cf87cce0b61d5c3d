<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Meat\Thawing;
use Pausis\Core\Recipe\ActKind;

/** Meat from the freezer lies in the fridge till it is soft: a job of its own, days before where it has to be. */
final readonly class Thawed implements Rule
{
    public const CODE = 'thaw';

    public function applied(Process $process, Circumstances $in): Process
    {
        $meat = $in->order->meat;
        if (!$meat->beforehand->thaws) {
            return $process;
        }
        $told = [
            'hours' => Thawing::of($meat->all())->inHours(), 'kg' => $meat->all()->boneless()->kilograms,
            'what' => $meat->joint->cut->name,
        ];

        return $process->inserted(Deed::added(ActKind::Prepare, Stage::Evening, 'thaw', [], $told), ...ActKind::cases());
    }
}
