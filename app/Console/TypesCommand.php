<?php

declare(strict_types=1);

namespace Pausis\App\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\TypeIdentifier;

#[AsCommand('pausis:types', 'Writes the TypeScript types of the API from its wire types.')]
final readonly class TypesCommand
{
    private const SPACE = 'Pausis\App\Api\Wire\\';

    public function __construct(
        private PropertyInfoExtractorInterface $properties,
        #[Autowire('%kernel.project_dir%')] private string $root,
    ) {
    }

    public function __invoke(OutputInterface $output, #[Option('Only say whether the written file is up to date')] bool $check = false): int
    {
        $file = $this->root.'/web/src/api/types.ts';
        $text = $this->generated();
        if ($check) {
            $fresh = is_file($file) && file_get_contents($file) === $text;
            $output->writeln(
                $fresh ? 'web/src/api/types.ts is up to date.' : 'web/src/api/types.ts is stale: run bin/console pausis:types.',
            );

            return $fresh ? Command::SUCCESS : Command::FAILURE;
        }
        file_put_contents($file, $text);

        return Command::SUCCESS;
    }

    private function generated(): string
    {
        $text = "// Generated from app/Api/Wire by bin/console pausis:types. Not edited by hand.\n";
        $files = glob($this->root.'/app/Api/Wire/*.php') ?: [];
        sort($files);
        foreach ($files as $file) {
            $class = self::SPACE.basename($file, '.php');
            \assert(class_exists($class));
            $text .= "\n".$this->comment($class).'export type '.basename($file, '.php')." = {\n";
            foreach ($this->properties->getProperties($class) ?? [] as $name) {
                $text .= "  $name: ".$this->typeScript(
                    $this->properties->getType($class, $name) ?? throw new \LogicException("No type of $class::$name."),
                ).";\n";
            }
            $text .= "};\n";
        }

        return $text;
    }

    /** @param class-string $class */
    private function comment(string $class): string
    {
        $doc = (string) (new \ReflectionClass($class))->getDocComment();

        return preg_match('/\/\*\* (.*) \*\//', $doc, $m) ? "/** $m[1] */\n" : '';
    }

    private function typeScript(Type $type): string
    {
        return match (true) {
            $type instanceof NullableType => $this->typeScript($type->getWrappedType()).' | null',
            $type instanceof CollectionType
                && !$type->isList()
                && TypeIdentifier::MIXED === self::builtin($type->getCollectionValueType()) => 'Record<string, unknown>',
            $type instanceof CollectionType => $this->typeScript($type->getCollectionValueType()).'[]',
            $type instanceof ObjectType => substr($type->getClassName(), (int) strrpos($type->getClassName(), '\\') + 1),
            $type instanceof BuiltinType => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT, TypeIdentifier::FLOAT => 'number',
                TypeIdentifier::STRING => 'string',
                TypeIdentifier::BOOL => 'boolean',
                default => throw new \LogicException("No TypeScript for $type."),
            },
            default => throw new \LogicException("No TypeScript for $type."),
        };
    }

    private static function builtin(Type $type): ?TypeIdentifier
    {
        return $type instanceof BuiltinType ? $type->getTypeIdentifier() : null;
    }
}
