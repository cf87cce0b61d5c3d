<?php

declare(strict_types=1);

namespace Pausis\Training;

/** One place of the core, and what stands there instead. */
final readonly class Mutant
{
    /**
     * @param string $file  below core/
     * @param string $line  the source line, trimmed, by which it is found again where the file has grown
     * @param int    $which of the same line in the file, from 0
     * @param int    $at    byte in the trimmed line
     * @param string $from  what stands there
     * @param string $to    what is put in its stead
     */
    public function __construct(
        public string $file, public string $line, public int $which, public int $at, public string $from, public string $to,
    ) {
    }

    /** The source with it; null where the place is gone. */
    public function in(string $source): ?string
    {
        $seen = 0;
        $lines = explode("\n", $source);
        foreach ($lines as $k => $line) {
            if (trim($line) !== $this->line || $seen++ < $this->which) {
                continue;
            }
            $indent = \strlen($line) - \strlen(ltrim($line));
            if (substr($line, $indent + $this->at, \strlen($this->from)) !== $this->from) {
                return null;
            }
            $lines[$k] = substr_replace($line, $this->to, $indent + $this->at, \strlen($this->from));

            return implode("\n", $lines);
        }

        return null;
    }

    public function place(): string
    {
        return "$this->file: `$this->line`, ".('' === $this->to ? "without `$this->from`" : "`$this->to` for `$this->from`");
    }
}
