<?php

declare(strict_types=1);

/*
 * How windows hold in simulated households: php bench/households.php [houses [seed]], and with --write into docs/model.md.
 * Some 25 minutes of one core for 400.
 */

use Pausis\Tests\Core\Learning\Simulated\Survey;

require __DIR__.'/../vendor/autoload.php';

$numbers = array_values(array_filter(array_slice($argv, 1), is_numeric(...)));
$houses = (int) ($numbers[0] ?? 40);
$seed = (int) ($numbers[1] ?? 900_000);
$survey = new Survey($houses, $seed);
$lines = ['| | Low | High | Low, broken | High, broken |', '|---|---|---|---|---|'];
$columns = [
    $survey->windows(true, false), $survey->windows(false, false), $survey->windows(true, true), $survey->windows(false, true),
];
foreach (array_keys($columns[0]) as $row) {
    $lines[] = "| $row | ".implode(' | ', array_map(static fn (array $of): string => (string) ($of[$row] ?? '–'), $columns)).' |';
}
$few = new Survey((int) ceil($houses / 4), $seed + 10_000);
$lines = [...$lines, '', '| | Low | High |', '|---|---|---|'];
foreach ([
    'heat of 0.75 from the fifth cook on, the seventh' => static fn (bool $low): string => (string) $few->changed($low, 0.75),
    'heat of 1.25, the seventh' => static fn (bool $low): string => (string) $few->changed($low, 1.25),
    'asked in vain whether something has changed, in eight cooks' => static fn (bool $low): string => (string) $few->askedInVain($low),
    'a second pot\'s first window' => static fn (bool $low): string => (string) $few->secondPot($low),
    'after a false "slides in", taken back' => static fn (bool $low): string => (string) $few->corrected($low),
    'first window, median hours' => static fn (bool $low): string => vsprintf('%s, %.1f h', $few->probed($low, false)),
    'with one reading in the liquid' => static fn (bool $low): string => vsprintf('%s, %.1f h', $few->probed($low, true)),
    'need\'s error after five cooks, of the unlearned' => static fn (bool $low): string => sprintf('%.0f %%', 100 * $few->need($low)),
    'with a reading each time' => static fn (bool $low): string => sprintf('%.0f %%', 100 * $few->need($low, true)),
] as $row => $of) {
    $lines[] = "| $row | {$of(true)} | {$of(false)} |";
}
$lines[] = sprintf('| need\'s error, both settings in turn | %.0f %% | |', 100 * $few->need(null));
$table = implode("\n", $lines);
echo "$houses houses from seed $seed\n$table\n";
if (in_array('--write', $argv, true)) {
    $file = __DIR__.'/../docs/model.md';
    $text = (string) preg_replace(
        '/(<!-- households -->\n).*?(<!-- \/households -->)/s', "\$1\n$houses houses from seed $seed on.\n\n$table\n\n\$2",
        (string) file_get_contents($file),
    );
    file_put_contents($file, $text);
}
