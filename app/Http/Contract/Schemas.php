<?php

declare(strict_types=1);

namespace App\Http\Contract;

use App\Http\Views\JsonMap;
use App\Http\Views\View;
use BackedEnum;
use OpenApi\Annotations\AdditionalProperties;
use OpenApi\Annotations\Items;
use OpenApi\Annotations\Property;
use OpenApi\Annotations\Schema;
use phpDocumentor\Reflection\DocBlock\Tags\Param;
use phpDocumentor\Reflection\DocBlockFactory;
use phpDocumentor\Reflection\DocBlockFactoryInterface;
use phpDocumentor\Reflection\PseudoTypes\Generic;
use phpDocumentor\Reflection\PseudoTypes\List_;
use phpDocumentor\Reflection\PseudoTypes\StringValue;
use phpDocumentor\Reflection\Type;
use phpDocumentor\Reflection\Types\Boolean;
use phpDocumentor\Reflection\Types\Compound;
use phpDocumentor\Reflection\Types\ContextFactory;
use phpDocumentor\Reflection\Types\Float_;
use phpDocumentor\Reflection\Types\Integer;
use phpDocumentor\Reflection\Types\Mixed_;
use phpDocumentor\Reflection\Types\Null_;
use phpDocumentor\Reflection\Types\Nullable;
use phpDocumentor\Reflection\Types\Object_;
use phpDocumentor\Reflection\Types\String_;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use RuntimeException;

/**
 * The schemas of views, from the types of their constructor's properties; of each view it meets it makes one, by its short name.
 *
 * @phpstan-type SchemaParts array<string, mixed>
 */
final class Schemas
{
    /** @var array<string, Schema> by name */
    private array $made = [];

    /** @var array<string, class-string> by name */
    private array $classes = [];

    private readonly DocBlockFactoryInterface $docs;

    public function __construct()
    {
        $this->docs = DocBlockFactory::createInstance();
    }

    /** @return list<Schema> by name */
    public function all(): array
    {
        ksort($this->made);

        return array_values($this->made);
    }

    /** @return SchemaParts what a schema says of this type */
    public function ofType(Type $type): array
    {
        return match (true) {
            $type instanceof StringValue => ['type' => 'string', 'enum' => [$type->getValue()]], // a string, too: so it comes first
            $type instanceof Nullable => self::orNull($this->ofType($type->getActualType())),
            $type instanceof Compound => $this->ofChoices(iterator_to_array($type, false)),
            $type instanceof List_ => ['type' => 'array', 'items' => new Items($this->ofType($type->getValueType()))],
            $type instanceof Generic => [
                'type' => 'object', 'additionalProperties' => new AdditionalProperties($this->ofType($type->getTypes()[0])),
            ],
            $type instanceof Object_ => $this->ofClass(ltrim((string) $type->getFqsen(), '\\')),
            $type instanceof Integer => ['type' => 'integer'],
            $type instanceof Float_ => ['type' => 'number'],
            $type instanceof Boolean => ['type' => 'boolean'],
            $type instanceof String_ => ['type' => 'string'],
            $type instanceof Mixed_ => [],
            default => throw new RuntimeException("No schema for $type"),
        };
    }

    /** @return SchemaParts */
    public function ofClass(string $class): array
    {
        if (is_a($class, BackedEnum::class, true)) {
            return ['type' => 'string', 'enum' => array_map(static fn (BackedEnum $one): string => (string) $one->value, $class::cases())];
        }
        if (! is_a($class, View::class, true)) {
            throw new RuntimeException("$class is no view.");
        }
        $name = class_basename($class);
        if (($this->classes[$name] ??= $class) !== $class) {
            throw new RuntimeException("Two views are called $name: {$this->classes[$name]} and $class.");
        }
        if (! isset($this->made[$name])) {
            $this->made[$name] = new Schema(['schema' => $name]); // it may hold itself
            $this->made[$name] = $this->view($name, new ReflectionClass($class));
        }

        return ['ref' => "#/components/schemas/$name"];
    }

    /** @param  ReflectionClass<View>  $class */
    private function view(string $name, ReflectionClass $class): Schema
    {
        $constructor = $class->getConstructor() ?? throw new RuntimeException("$name has no constructor.");
        $context = (new ContextFactory)->createFromReflector($class);
        $doc = $constructor->getDocComment();
        $params = $doc === false ? [] : $this->docs->create($doc, $context)->getTagsByName('param');
        $documented = [];
        foreach ($params as $param) {
            if ($param instanceof Param) {
                $documented[(string) $param->getVariableName()] = $param;
            }
        }
        $about = $class->getDocComment();
        $properties = [];
        foreach ($constructor->getParameters() as $parameter) {
            $properties[] = $this->property($parameter, $documented[$parameter->getName()] ?? null);
        }
        $says = $about === false ? '' : $this->docs->create($about)->getSummary();

        return new Schema([
            'schema' => $name,
            'type' => 'object',
            'required' => array_map(static fn (ReflectionParameter $one): string => $one->getName(), $constructor->getParameters()),
            'properties' => $properties,
            'additionalProperties' => false,
        ] + ($says === '' ? [] : ['description' => $says]));
    }

    private function property(ReflectionParameter $parameter, ?Param $param): Property
    {
        $type = $param?->getType();
        $description = trim((string) $param?->getDescription());
        $native = $parameter->getType();
        $is = $type !== null
                ? $this->ofType($type)
                : $this->ofNative($native instanceof ReflectionNamedType ? $native : throw new RuntimeException("$parameter has no type."));

        return new Property(
            ['property' => $parameter->getName()] + $is + ($description === '' || isset($is['ref']) ? [] : ['description' => $description]),
        );
    }

    /** @return SchemaParts */
    private function ofNative(ReflectionNamedType $type): array
    {
        $is = match ($type->getName()) {
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'bool' => ['type' => 'boolean'],
            'string' => ['type' => 'string'],
            'mixed' => [],
            JsonMap::class, 'array' => throw new RuntimeException("A {$type->getName()} needs a documented type."),
            default => $this->ofClass($type->getName()),
        };

        return $type->allowsNull() && $is !== [] ? self::orNull($is) : $is;
    }

    /**
     * @param  list<Type>  $types
     * @return SchemaParts
     */
    private function ofChoices(array $types): array
    {
        $there = array_values(array_filter($types, static fn (Type $one): bool => ! $one instanceof Null_));
        $values = [];
        foreach ($there as $one) {
            if ($one instanceof StringValue) {
                $values[] = $one->getValue();
            }
        }
        $is = match (true) {
            count($values) === count($there) => ['type' => 'string', 'enum' => $values],
            ! isset($there[1]) => $this->ofType($there[0]),
            default => throw new RuntimeException('A choice of several types: '.implode('|', array_map(strval(...), $types))),
        };

        return count($there) < count($types) ? self::orNull($is) : $is;
    }

    /**
     * @param  SchemaParts  $is
     * @return SchemaParts
     */
    private static function orNull(array $is): array
    {
        if (isset($is['ref'])) {
            return ['oneOf' => [new Schema($is), new Schema(['type' => 'null'])]];
        }
        if (isset($is['enum']) && is_array($is['enum'])) {
            $is['enum'][] = null;
        }

        return ['nullable' => true] + $is;
    }
}
