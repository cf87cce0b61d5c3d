<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Wording;

use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Sureness;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Tenderness\Doneness;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Every code that the core can answer with has its words. */
final class CatalogueTest extends TestCase
{
    /** @var array<string, mixed> */
    private static array $words;

    public static function setUpBeforeClass(): void
    {
        /** @var array<string, mixed> $words */
        $words = Yaml::parseFile(\dirname(__DIR__, 3).'/translations/pausis+intl-icu.en.yaml');
        self::$words = $words;
    }

    public function testEveryValueOfEveryChoiceHasALabel(): void
    {
        $choices = [
            'role' => Role::cases(), 'level' => LevelSchool::cases(), 'texture' => Doneness::cases(), 'thickness' => Thickness::cases(),
            'thickener' => Thickener::cases(), 'method' => Method::cases(), 'fork' => ForkAnswer::cases(), 'step' => StepKind::cases(),
            'setting' => [...ProgramChoice::cases(), ...Setting::cases()], 'clash-short' => ClashReason::cases(),
            'task' => TaskKind::cases(), 'sureness' => Sureness::cases(), 'sureness-hint' => Sureness::cases(), 'doubt' => Doubt::cases(),
            'measures' => UnitSystem::cases(), 'measures-hint' => UnitSystem::cases(),
        ];
        foreach ($choices as $name => $cases) {
            foreach ($cases as $case) {
                self::assertTrue($this->has("$name.$case->value"), "$name.$case->value");
            }
        }
        foreach (LiquidFate::cases() as $fate) {
            self::assertTrue(LiquidFate::Kept === $fate || $this->has("ledger.liquid-$fate->value.why"), $fate->value);
        }
        foreach (ClashReason::cases() as $reason) {
            self::assertTrue($this->has("verdict.$reason->value"), $reason->value);
        }
    }

    public function testEveryProblemFindingTermAndLedgerEntryNamedInTheSourceHasItsWords(): void
    {
        $patterns = [
            'problem' => '/(?:roblems->add\(|->wrong\([^,]+,)\s*\'([a-z0-9-]+)\'/',
            'finding' => '/new Finding\(\s*\'([a-z0-9-]+)\'/',
            'term' => '/new Term\(\s*\'([a-z0-9-]+)\'[,)]/',
            'sum' => '/new Sum\(\s*\'([a-z0-9-]+)\'/',
            'ledger' => '/(?:new LedgerEntry|->entry)\(\s*\'([a-z0-9-]+)\'[,)]/',
            'method-step' => '/->(?:otherwise|told)\(\'([a-z-]+)\'|Deed::added\([^;\']*\'([a-z-]+)\'/',
            'ledger.step-' => '/->gone\(\'([a-z-]+)\'|refusable\(\$d, \'([a-z-]+)\'/',
            'job' => '/(?:ofTerm\(\$d, [^;]*?Uses::\w+, |new Chore\()\'(?!night-|add-)([a-z-]+)\'/',
        ];
        $found = 0;
        foreach (self::sources() as $source) {
            foreach ($patterns as $family => $pattern) {
                preg_match_all($pattern, $source, $codes);
                foreach (array_filter([...$codes[1], ...($codes[2] ?? [])]) as $code) {
                    $path = str_ends_with($family, '-') ? "$family$code.why" : "$family.$code";
                    self::assertTrue($this->has($path), $path);
                    ++$found;
                }
            }
        }
        self::assertGreaterThan(60, $found);
    }

    public function testNoWordsOfTheCatalogueAreBroken(): void
    {
        array_walk_recursive(self::$words, static function (mixed $text, string|int $key): void {
            self::assertIsString($text, (string) $key);
            if ('' === $text) {
                return;
            }
            self::assertInstanceOf(\MessageFormatter::class, new \MessageFormatter('en', $text), $text);
        });
    }

    public function testNoSentenceKeepsAQuantityInUnitsThatTheHouseMayNotUse(): void
    {
        array_walk_recursive(self::$words, static function (string $text, string|int $key): void {
            $both = 1 === preg_match('/ (?:lb|in|cups|°F)\b|\bcup \d|^pint |^tablespoon /', $text);
            self::assertTrue($both || 1 !== preg_match('/\d ?(?:°C|cm|mL|kg)(?!\w)/', $text), "$key: $text");
        });
    }

    private function has(string $path): bool
    {
        $node = self::$words;
        foreach (explode('.', $path) as $key) {
            if (!\is_array($node) || !\array_key_exists($key, $node)) {
                return false;
            }
            $node = $node[$key];
        }

        return true;
    }

    /** @return iterable<string> */
    private static function sources(): iterable
    {
        $root = \dirname(__DIR__, 3);
        foreach (["$root/core", "$root/app"] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder)) as $file) {
                if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                    yield (string) file_get_contents($file->getPathname());
                }
            }
        }
    }
}
