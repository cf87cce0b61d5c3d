<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\Failure;
use Pausis\Core\Problem\InvalidInput;
use Psr\Log\LoggerInterface;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** One braise that can't be worked out, through a fault of ours, takes nothing else down: it is logged, and said in its place. */
final readonly class Faults
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    /**
     * @template T
     * @template I
     *
     * @param callable(): T $work
     * @param callable(): I $instead
     *
     * @return T|I
     */
    public function or(callable $work, callable $instead): mixed
    {
        try {
            return $work();
        } catch (\Throwable $error) {
            if ($error instanceof InvalidInput || $error instanceof HttpExceptionInterface || null !== Failure::of($error)) {
                throw $error;
            }
            $this->logger->error($error->getMessage(), ['exception' => $error]);

            return $instead();
        }
    }
}
