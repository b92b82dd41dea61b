<?php

declare(strict_types=1);

namespace App\Casts;

use Hovik\Core\JsonInput;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use WeakMap;

/**
 * A value of the core, stored whole as JSON: `AsStored::class.':'.FrozenLine::class`. Its class has toArray() and fromArray(). With
 * `',kept'` what was read stays in the server's memory: for what every tablet of a lab reads all day, since it never changes.
 *
 * @implements CastsAttributes<object, object>
 */
final class AsStored implements CastsAttributes
{
    /** @var WeakMap<object, string>|null what each was stored as: they never change, and a model asks whenever it looks at itself */
    private static ?WeakMap $texts = null;

    /** @param  class-string  $class */
    public function __construct(private readonly string $class, private readonly ?string $kept = null)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?object
    {
        if (! is_string($value)) {
            return null;
        }
        // By its text: another text is another value, and an equal one reads the same.
        $object = $this->kept === null ? $this->read($key, $value) : Cache::store('memory')->rememberForever(
            "stored:$this->class:".hash('xxh128', $value), fn (): object => $this->read($key, $value),
        );
        self::texts()[$object] = $value;

        return $object;
    }

    private function read(string $key, string $value): object
    {
        $stored = json_decode($value, true, 64, JSON_THROW_ON_ERROR);

        return $this->class::fromArray(new JsonInput(is_array($stored) ? $stored : [], "$key."));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        if (! is_object($value) || ! method_exists($value, 'toArray')) {
            return null;
        }

        return self::texts()[$value] ??= json_encode($value->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @return WeakMap<object, string> */
    private static function texts(): WeakMap
    {
        return self::$texts ??= new WeakMap;
    }
}
