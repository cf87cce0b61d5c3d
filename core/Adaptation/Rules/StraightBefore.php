<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;

/** Nothing browned or part-cooked is kept, and no filled insert: for safety, so that it can't be refused. */
final readonly class StraightBefore implements Rule
{
    private const HEATS = [ActKind::Brown, ActKind::Render, ActKind::Fry, ActKind::FryBase, ActKind::Cook, ActKind::Blanch];

    public function applied(Process $process, Circumstances $in): Process
    {
        $ahead = PreparedAhead::in($in->order->recipe->dish->acts());
        $told = $entries = [];
        $process = $process->map(static function (Deed $d) use ($ahead, $in, &$told, &$entries): Deed {
            $sentence = $d->sentence();
            $code = match (true) {
                \in_array($sentence, $ahead->browned, true) => 'brown-just-before',
                \in_array($sentence, $ahead->filled, true) => 'load-just-before',
                \in_array($sentence, $ahead->kept, true) => 'not-kept-overnight',
                default => null,
            };
            if (null === $code || (Stage::Before !== $d->stage && Stage::Evening !== $d->stage)) {
                return $d;
            }
            if (isset($told[$sentence])) {
                return $d->gone();
            }
            $told[$sentence] = true;
            $own = PreparedAhead::straightBefore($d->act->source);
            $safe = match ($code) {
                'brown-just-before' => self::heated($d, $own),
                'load-just-before' => $d->in(Stage::Before)->otherwise($code),
                default => $d->gone($code),
            };
            array_push($entries, ...$in->step($safe));

            return $safe;
        });

        return $process->noting(...$entries);
    }

    private static function heated(Deed $deed, string $own): Deed
    {
        $brown = $deed->is(...self::HEATS) ? $deed : new Deed($deed->act->as(ActKind::Brown), $deed->stage);

        return $brown->in(Stage::Before)->otherwise('brown-just-before', ['what' => $own, 'own' => '' === $own ? 'no' : 'yes']);
    }
}
