<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Evaluate\OutcomeStore;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;

/** Outcomes in the cache, no more of them than there is room for: losing one costs only the time to work it out again. */
final readonly class KeptOutcomes implements OutcomeStore
{
    /** One in so many that are kept looks how much there is. */
    private const LOOKS_ONE_IN = 40;

    public function __construct(
        private CacheInterface $outcomes,
        #[Autowire('%kernel.cache_dir%/pools/app')] private string $folder,
        private int $mostBytes = 40_000_000,
    ) {
    }

    public function outcome(string $key, callable $run): Outcome
    {
        return $this->outcomes->get($key, function () use ($key, $run): Outcome {
            if (0 === hexdec(substr($key, 0, 6)) % self::LOOKS_ONE_IN) {
                $this->prune();
            }

            return $run();
        });
    }

    /** Half of what there may be is left, the newest. */
    public function prune(): void
    {
        if (!is_dir($this->folder)) {
            return;
        }
        $files = [];
        $bytes = 0;
        $found = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->folder, \FilesystemIterator::SKIP_DOTS));
        foreach ($found as $file) {
            if ($file instanceof \SplFileInfo && $file->isFile()) {
                $files[$file->getPathname()] = [(int) $file->getMTime(), (int) $file->getSize()];
                $bytes += (int) $file->getSize();
            }
        }
        if ($bytes <= $this->mostBytes) {
            return;
        }
        uasort($files, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($files as $path => [, $size]) {
            if ($bytes <= $this->mostBytes / 2) {
                return;
            }
            @unlink($path);
            $bytes -= $size;
        }
    }
}
