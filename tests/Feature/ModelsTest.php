<?php

declare(strict_types=1);

use App\Models\Concerns\BootsByName;
use App\Models\Model;
use App\Models\Person;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Attributes\ObservedBy;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

$models = array_values(array_filter(
    array_map(
        static fn (string $file): string => 'App\\Models\\'.basename($file, '.php'),
        (array) glob(dirname(__DIR__, 2).'/app/Models/*.php'),
    ),
    static fn (string $class): bool => ! in_array($class, [Model::class, Person::class], true),
));

it('boots every model with all that the framework would find', function (string $class) {
    $booted = new $class;
    $found = (new ReflectionProperty(Illuminate\Database\Eloquent\Model::class, 'traitInitializers'))->getValue()[$class];
    $names = array_map(
        static fn (string $trait): string => 'initialize'.class_basename($trait), array_values(class_uses_recursive($class)),
    );
    $expected = [];
    foreach ((new ReflectionClass($booted))->getMethods() as $method) {
        if (in_array($method->getName(), $names, true)) {
            $expected[] = $method->getName();
        }
        expect(
            [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)],
        )->toBe([], "$class::{$method->getName()} boots by an attribute");
    }
    expect(class_uses_recursive($class))->toContain(BootsByName::class)
        ->and($found)->toEqualCanonicalizing($expected)->not->toBe([]);
})->with($models);

it('has no observers and no scopes by attribute: models look for none', function (string $class) {
    $all = [$class, ...array_values(class_parents($class)), ...array_values(class_uses_recursive($class))];
    $found = array_filter($all, static fn (string $one): bool => [
        ...(new ReflectionClass($one))->getAttributes(ObservedBy::class), ...(new ReflectionClass($one))->getAttributes(ScopedBy::class),
    ] !== []);
    expect($found)->toBe([]);
})->with($models);

it('names every model\'s table, and it is there', function (string $class) {
    $table = (new $class)->getTable();
    expect(Schema::hasTable($table))->toBeTrue($table)
        ->and($table)->toBe(Str::snake(Str::pluralStudly(class_basename($class))));
})->with($models);

it('listens to the end of a model alone: models tell of nothing else', function (string $class) {
    new $class;
    $heard = array_filter(
        array_keys(app('events')->getRawListeners()), static fn (string $event): bool => str_starts_with($event, 'eloquent.')
            && ! str_starts_with($event, 'eloquent.deleted: '),
    );
    expect($heard)->toBe([]);
})->with($models);

it('has no method that stands for an attribute: models look for none', function (string $class) {
    $standing = array_filter((new ReflectionClass($class))->getMethods(), static fn (ReflectionMethod $method): bool => str_starts_with(
        (string) $method->getFileName(), app_path(),
    ) && (preg_match('/^[gs]et\w+Attribute$/', $method->getName()) === 1
        || (string) $method->getReturnType() === Illuminate\Database\Eloquent\Casts\Attribute::class));
    expect(array_column($standing, 'name'))->toBe([]);
})->with($models);
