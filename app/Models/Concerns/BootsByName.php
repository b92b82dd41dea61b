<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * Eloquent looks through some 300 methods of each model for attributes to boot by, once a class in every request: a tenth of a
 * request that meets eight of them. Ours boot by the names of their traits, as it always was; `ModelsTest` sees that nothing is missed.
 */
trait BootsByName
{
    /** @var array<class-string, array<string, string>> traits of what models are made of: the same for nearly all */
    private static array $inherited = [];

    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        $above = (string) get_parent_class(static::class);
        $traits = self::$inherited[$above] ??= class_uses_recursive($above);
        foreach ((array) class_uses(static::class) as $own) {
            $traits = [...$traits, $own, ...trait_uses_recursive($own)];
        }
        foreach ($traits as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot$name")) {
                forward_static_call([static::class, "boot$name"]);
            }
            if (method_exists(static::class, "initialize$name")) {
                static::$traitInitializers[static::class][] = "initialize$name";
            }
        }
    }

    /** No model has observers by attribute, which each would look for in itself and in all above it. */
    public static function bootHasEvents(): void
    {
    }

    /** Nor scopes. */
    public static function bootHasGlobalScopes(): void
    {
    }
}
