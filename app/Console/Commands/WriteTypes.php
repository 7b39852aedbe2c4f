<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Queries\Labelled;
use App\Queries\Props;
use BackedEnum;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use JsonSerializable;
use ReflectionClass;
use ReflectionEnum;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionUnionType;
use RuntimeException;

/** Writes the TypeScript types of page props from the PHP classes that make them, so that nobody types them twice. */
final class WriteTypes extends Command
{
    protected $signature = 'types:write';

    protected $description = 'Write resources/js/generated/props.ts from the classes of app/Queries';

    /** @var array<string, string> enums by name */
    private array $enums = [];

    /** @var array<string, array<string, string>> what their choices are called, by name */
    private array $labels = [];

    public function handle(): int
    {
        $types = [];

        foreach (File::allFiles(app_path('Queries')) as $file) {
            $class = 'App\\Queries\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());

            if (is_subclass_of($class, Props::class)) {
                $reflection = new ReflectionClass($class);
                $types[$reflection->getShortName()] = $this->type($reflection);
            }
        }

        ksort($types);
        ksort($this->enums);
        ksort($this->labels);
        File::ensureDirectoryExists(resource_path('js/generated'));
        File::put(
            resource_path('js/generated/props.ts'),
            "// Written by `php artisan types:write` from app/Queries.\n\n".implode("\n", [...$this->enums, ...$types]),
        );
        File::put(
            resource_path('js/generated/labels.ts'),
            "// Written by `php artisan types:write` from the enums of app/Queries that are Labelled.\n\nexport const labels = ".
                json_encode($this->labels, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE).
                " as const;\n",
        );
        $this->components->info(count($types).' types written.');

        return self::SUCCESS;
    }

    /** @param ReflectionClass<Props> $class */
    private function type(ReflectionClass $class): string
    {
        $constructor = $class->getConstructor() ?? throw new RuntimeException("{$class->getName()} has no constructor to read.");
        $docs = (string) $constructor->getDocComment();
        $lines = array_map(
            fn(ReflectionParameter $field): string => "    {$field->getName()}: {$this->fieldType($field, $docs)};\n",
            $constructor->getParameters(),
        );

        return "export interface {$class->getShortName()} {\n".implode('', $lines)."}\n";
    }

    private function fieldType(ReflectionParameter $field, string $docs): string
    {
        $type = $field->getType();

        return match (true) {
            $type instanceof ReflectionNamedType && $type->getName() === 'array' => $this->arrayType($field, $docs),
            $type instanceof ReflectionNamedType => $this->named($type->getName()).($type->allowsNull() ? ' | null' : ''),
            $type instanceof ReflectionUnionType => implode(
                ' | ',
                array_map(
                    fn($part): string => $part instanceof ReflectionNamedType ? $this->named($part->getName()) : 'never',
                    $type->getTypes(),
                ),
            ),
            default => throw new RuntimeException("The type of \${$field->getName()} cannot be read."),
        };
    }

    /** From its docblock: `list<Goal>` or `array<string, mixed>`. */
    private function arrayType(ReflectionParameter $field, string $docs): string
    {
        if (preg_match('/@param\s+(\??)(list|array)<(?:string,\s*)?(\w+)>\S*\s+\$'.$field->getName().'\b/', $docs, $part) !== 1) {
            throw new RuntimeException("Say in the docblock what \${$field->getName()} is a list of.");
        }

        $of = $this->named($this->imported($field, $part[3]));

        return ($part[2] === 'list' ? $of.'[]' : "Record<string, $of>").($part[1] === '?' ? ' | null' : '');
    }

    /** The full name of an enum that a docblock calls by its short one; anything else as it is. */
    private function imported(ReflectionParameter $field, string $short): string
    {
        $file = (string) file_get_contents((string) $field->getDeclaringClass()?->getFileName());
        $isImported = preg_match('/^use ([\w\\\\]+\\\\'.$short.');$/m', $file, $use) === 1;

        return $isImported && enum_exists($use[1]) ? $use[1] : $short;
    }

    private function named(string $name): string
    {
        return match (true) {
            in_array($name, ['int', 'float'], true) => 'number',
            $name === 'bool' => 'boolean',
            $name === 'string' => 'string',
            $name === 'mixed' => 'unknown',
            $name === 'null' => 'null',
            is_subclass_of($name, BackedEnum::class) => $this->enum($name),
            is_subclass_of($name, JsonSerializable::class) => 'string',
            default => basename(str_replace('\\', '/', $name)),
        };
    }

    /** @param class-string<BackedEnum> $name */
    private function enum(string $name): string
    {
        $short = (new ReflectionEnum($name))->getShortName();
        $this->enums[$short] =
            "export type $short = ".
            implode(' | ', array_map(static fn(BackedEnum $case): string => "'$case->value'", $name::cases())).
            ";\n";

        foreach ($name::cases() as $case) {
            if ($case instanceof Labelled) {
                $this->labels[$short][(string) $case->value] = $case->label();
            }
        }

        return $short;
    }
}
