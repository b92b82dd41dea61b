<?php

declare(strict_types=1);

namespace App\Http\Contract;

use App\Http\Requests\ApiRequest;
use BackedEnum;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Annotations\AdditionalProperties;
use OpenApi\Annotations\Items;
use OpenApi\Annotations\Property;
use OpenApi\Annotations\Schema;
use ReflectionProperty;

/**
 * What a request brings, from its own validation rules.
 *
 * @phpstan-import-type SchemaParts from Schemas
 */
final class Inputs
{
    /** @return SchemaParts the schema of its body */
    public function body(ApiRequest $request): array
    {
        return $this->object($this->tree($request));
    }

    /** @return array<string, array{schema: Schema, required: bool}> by name, of an address's query */
    public function query(ApiRequest $request): array
    {
        return array_map(fn (array $node): array => [
            'schema' => new Schema($this->schema($node)), 'required' => in_array('required', $node['rules'], true),
        ], $this->tree($request));
    }

    /**
     * `entries.*.id` stands below `entries`.
     *
     * @return array<string, array{rules: list<mixed>, below: array<array-key, mixed>}>
     */
    private function tree(ApiRequest $request): array
    {
        $tree = [];
        foreach ($request->rules() as $path => $rules) {
            if (in_array($path, $request::FROM_ADDRESS, true)) {
                continue;
            }
            $at = &$tree;
            $parts = explode('.', $path);
            $last = array_pop($parts);
            foreach ($parts as $part) {
                $at[$part] ??= ['rules' => [], 'below' => []];
                $at = &$at[$part]['below'];
            }
            $at[$last] = ['rules' => $rules, 'below' => $at[$last]['below'] ?? []];
            unset($at);
        }

        return $tree;
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return SchemaParts
     */
    private function object(array $fields): array
    {
        $properties = $required = [];
        foreach ($fields as $name => $node) {
            $properties[] = new Property(['property' => (string) $name] + $this->schema($node));
            if (array_intersect(['required', 'present'], array_filter($node['rules'], is_string(...))) !== []) {
                $required[] = (string) $name;
            }
        }

        return [
            'type' => 'object', 'properties' => $properties, 'additionalProperties' => false,
            ...($required === [] ? [] : ['required' => $required]),
        ];
    }

    /**
     * @param  array{rules: list<mixed>, below: array<array-key, mixed>}  $node
     * @return SchemaParts
     */
    private function schema(array $node): array
    {
        $named = array_filter($node['rules'], is_string(...));
        $starts = static fn (string $with): ?string => array_values(
            array_filter($named, static fn (string $rule): bool => str_starts_with($rule, $with)),
        )[0] ?? null;
        $values = $this->values($node['rules'], $starts('in:'));
        $is = match (true) {
            $values !== null => ['type' => 'string', 'enum' => $values],
            isset($node['below']['*']) && ! in_array('list', $named, true) => [
                'type' => 'object', 'additionalProperties' => new AdditionalProperties($this->item($node['below']['*'])),
            ],
            isset($node['below']['*']) => ['type' => 'array', 'items' => new Items($this->item($node['below']['*']))],
            $node['below'] !== [] => $this->object($node['below']),
            in_array('array', $named, true) => ['type' => 'object', 'additionalProperties' => true],
            in_array('integer', $named, true) => ['type' => 'integer'],
            in_array('boolean', $named, true) => ['type' => 'boolean'],
            in_array('numeric', $named, true) => ['type' => ['number', 'string']],
            $starts('date_format:Y-m-d') !== null => ['type' => 'string', 'format' => 'date'],
            in_array('string', $named, true) => ['type' => 'string'],
            default => [],
        };
        if (in_array('nullable', $named, true) && isset($is['type'])) {
            $is = is_array($is['type']) ? ['type' => [...$is['type'], 'null']] + $is : ['nullable' => true] + $is;
            if (isset($is['enum'])) {
                $is['enum'][] = null;
            }
        }

        return $is;
    }

    /**
     * @param  array{rules: list<mixed>, below: array<array-key, mixed>}  $node
     * @return SchemaParts
     */
    private function item(array $node): array
    {
        return $node['below'] === [] ? $this->schema($node) : $this->object($node['below']);
    }

    /**
     * @param  list<mixed>  $rules
     * @return list<string|null>|null
     */
    private function values(array $rules, ?string $in): ?array
    {
        foreach ($rules as $rule) {
            if ($rule instanceof Enum) {
                /** @var class-string<BackedEnum> $enum */
                $enum = (new ReflectionProperty($rule, 'type'))->getValue($rule);

                return array_map(static fn (BackedEnum $one): string => (string) $one->value, $enum::cases());
            }
        }

        return $in === null ? null : explode(',', substr($in, strlen('in:')));
    }
}
