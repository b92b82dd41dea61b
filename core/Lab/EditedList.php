<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/**
 * How a teacher changed a list that Hovik proposes: points of their own, and points that are out. What is proposed anew comes in by
 * itself.
 */
final readonly class EditedList
{
    public const MOST = 20;

    public const LONGEST = 160;

    /** A point of the teacher's own is kept under such a key. */
    public const OWN = 'own-';

    /**
     * @param  list<string>  $own  as written
     * @param  list<string>  $without  keys of proposed points that are out
     */
    public function __construct(public array $own = [], public array $without = [])
    {
    }

    /** What a proposed sentence is remembered by: another sentence is another point. */
    public static function key(Phrase $said): string
    {
        return substr(hash('sha256', json_encode($said->toArray(), JSON_THROW_ON_ERROR)), 0, 16);
    }

    /** @return array<string, string> by key, in order */
    public function ownByKey(): array
    {
        $own = [];
        foreach ($this->own as $text) {
            $own[self::OWN.substr(hash('sha256', $text), 0, 16)] = $text;
        }

        return $own;
    }

    public function hasOut(string $key): bool
    {
        return in_array($key, $this->without, true);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return ['own' => $this->own, 'without' => $this->without];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self($stored->texts('own'), $stored->texts('without'));
    }
}
