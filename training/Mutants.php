<?php

declare(strict_types=1);

namespace Pausis\Training;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** Draws places of the core by lot, and tries whether a test notices a change there. */
final readonly class Mutants
{
    private const SEED = 20261202;
    private const FIFTH = 1.2;
    private const FLIPPED = [
        '<' => '>=', '<=' => '>', '>' => '<=', '>=' => '<', '===' => '!==', '!==' => '===', '==' => '!=', '!=' => '==',
    ];
    /** Where nothing is computed: patterns of words, tables of vocabulary, trained weights. */
    private const NO_VALUES = '#^(?:data|Reading|Larder/Vocab)#';
    /** Tests of the same matter first, then all but those that take minutes. */
    private const SLOW = '~^(?!.*(?:LearningTest|RandomPlansTest|OrdersAsTypedTest|DaysThatExistTest|LineTrainingTest|StrangersTest'
        .'|ArchitectureTest))~';
    private const MOST_SECONDS = 600;

    private string $copy;

    public function __construct(private string $root)
    {
        $this->copy = sys_get_temp_dir().'/pausis-mutants-'.getmypid();
        mkdir($this->copy, recursive: true);
        foreach (['core', 'tests', 'training', 'corpus', 'app', 'phpunit.xml.dist', 'config', 'vendor', 'composer.json', '.env'] as $one) {
            exec(\sprintf('cp -r %s %s', escapeshellarg("$root/$one"), escapeshellarg($this->copy)));
        }
        if (null !== $fault = $this->red(["$this->copy/tests/Core/Heat"])) {
            throw new \RuntimeException("Nothing is changed, and yet the tests are red: $fault.");
        }
    }

    public function __destruct()
    {
        exec('rm -rf '.escapeshellarg($this->copy));
    }

    /** The test that notices it first; null where none does, and what is wrong where the place is gone. */
    public function killer(Mutant $mutant): ?string
    {
        $path = "$this->copy/core/$mutant->file";
        $source = (string) file_get_contents($path);
        $changed = $mutant->in($source);
        if (null === $changed) {
            return 'is gone';
        }
        file_put_contents($path, $changed);
        try {
            $area = "$this->copy/tests/Core/".\dirname($mutant->file);
            while (!is_dir($area)) {
                $area = \dirname($area);
            }
            $tests = 'Core' === basename($area) ? [] : [$area];

            return $this->red([...$tests, "$this->copy/tests/Core"]);
        } finally {
            file_put_contents($path, $source);
        }
    }

    /** @param list<string> $folders */
    private function red(array $folders): ?string
    {
        foreach ($folders as $folder) {
            $out = [];
            exec(\sprintf(
                'cd %s && timeout %d %s -d memory_limit=1G vendor/bin/phpunit --no-progress --stop-on-defect --filter %s %s 2>&1',
                escapeshellarg($this->copy), self::MOST_SECONDS, escapeshellarg(\PHP_BINARY), escapeshellarg(self::SLOW),
                escapeshellarg($folder),
            ), $out, $status);
            if (0 !== $status) {
                preg_match('/^1\) .*\\\\(\w+::\w+)/m', implode("\n", $out), $m);

                return $m[1] ?? 'by a fault';
            }
        }

        return null;
    }

    /**
     * @param list<Mutant> $but
     *
     * @return list<Mutant>
     */
    public static function drawn(string $core, int $count, array $but): array
    {
        $known = array_map(static fn (Mutant $m): string => $m->place(), $but);
        $all = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($core, \FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $name = $file instanceof \SplFileInfo ? substr($file->getPathname(), \strlen($core) + 1) : '';
            if (str_ends_with($name, '.php') && !preg_match(self::NO_VALUES, $name)) {
                array_push($all, ...self::of($name, (string) file_get_contents("$core/$name")));
            }
        }
        usort($all, static fn (Mutant $a, Mutant $b): int => strcmp($a->place(), $b->place()));
        mt_srand(self::SEED + \count($but));
        shuffle($all);

        return \array_slice(array_values(array_filter(
            $all, static fn (Mutant $m): bool => !\in_array($m->place(), $known, true),
        )), 0, $count);
    }

    /** @return list<Mutant> every constant, term and comparison of a file, changed in one way */
    private static function of(string $name, string $source): array
    {
        $nodes = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        $found = [];
        foreach ((new NodeFinder())->find($nodes, static fn (Node $n): bool => self::isPlace($n)) as $node) {
            [$from, $to, $at] = self::change($node, $source);
            $start = (int) strrpos(substr($source, 0, $at), "\n") + 1;
            $line = substr($source, $start, strcspn($source, "\n", $start));
            $indent = \strlen($line) - \strlen(ltrim($line));
            if (str_contains($from, "\n") || $at < $start + $indent) {
                continue;
            }
            $sooner = explode("\n", substr($source, 0, $start));
            $same = \count(array_filter($sooner, static fn (string $l): bool => trim($l) === trim($line)));
            $found[] = new Mutant($name, trim($line), $same, $at - $start - $indent, $from, $to);
        }

        return $found;
    }

    private static function isPlace(Node $node): bool
    {
        return match (true) {
            $node instanceof Node\Scalar\Float_ => !\in_array($node->value, [0.0], true),
            $node instanceof Node\Scalar\Int_ => $node->value > 1,
            $node instanceof Node\Expr\BinaryOp => isset(self::FLIPPED[$node->getOperatorSigil()])
                || ($node instanceof Node\Expr\BinaryOp\Plus || $node instanceof Node\Expr\BinaryOp\Minus),
            default => false,
        };
    }

    /** @return array{string, string, int} what stands there, what is put in its stead, and at which byte */
    private static function change(Node $node, string $source): array
    {
        $text = static fn (Node $n): string => substr($source, $n->getStartFilePos(), $n->getEndFilePos() + 1 - $n->getStartFilePos());
        if ($node instanceof Node\Expr\BinaryOp) {
            $at = $node->left->getEndFilePos() + 1;
            $sigil = $node->getOperatorSigil();
            $place = $at + (int) strpos(substr($source, $at), $sigil);

            return isset(self::FLIPPED[$sigil]) ? [$sigil, self::FLIPPED[$sigil], $place]
                : [rtrim(substr($source, $at, $node->right->getEndFilePos() + 1 - $at)), '', $at];
        }
        $value = $node instanceof Node\Scalar\Float_ || $node instanceof Node\Scalar\Int_ ? $node->value : 0;
        $moved = \is_int($value) ? (string) max($value + 1, (int) round(self::FIFTH * $value)) : var_export(self::FIFTH * $value, true);

        return [$text($node), $moved, $node->getStartFilePos()];
    }

    /** @return list<Mutant> */
    public static function listed(string $path): array
    {
        $rows = is_file($path) ? array_filter(explode("\n", (string) file_get_contents($path))) : [];

        return array_values(array_map(static function (string $row): Mutant {
            [$file, $which, $at, $from, $to, $line] = explode("\t", $row, 6);

            return new Mutant($file, $line, (int) $which, (int) $at, $from, $to);
        }, $rows));
    }

    /** @param list<Mutant> $mutants */
    public static function write(string $path, array $mutants): void
    {
        file_put_contents($path, implode('', array_map(
            static fn (Mutant $m): string => implode("\t", [$m->file, $m->which, $m->at, $m->from, $m->to, $m->line])."\n", $mutants,
        )));
    }

    /**
     * @param list<Mutant>            $mutants
     * @param array<int, string|null> $became
     */
    public static function report(string $path, array $mutants, array $became): void
    {
        $killed = array_filter($became, static fn (?string $one): bool => null !== $one);
        $text = \sprintf(
            "# What a changed value does\n\nWritten by `bin/mutants`: places of core/ (reading aside) drawn by lot before a test was"
                .' written for them, each moved by a fifth, dropped, or turned round. %d of %d are noticed, without the tests that'
                ." take minutes.\n\n| | where | noticed by |\n|---|---|---|\n", \count($killed), \count($became),
        );
        foreach ($became as $k => $by) {
            $text .= \sprintf("| %d | %s | %s |\n", $k + 1, str_replace('|', '\|', $mutants[$k]->place()), $by ?? '**nothing**');
        }
        file_put_contents($path, $text);
    }
}
