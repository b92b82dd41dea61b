<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Words\Phrase;

/** One of the things that an experiment compares: a way of filling, a tool, or a kind of the food. */
final readonly class Arm
{
    /**
     * @param  string  $id  `a`, `b`, ...
     * @param  Handling|null  $handling  null: as the food is usually filled
     * @param  string|null  $tool  by id in the catalogue; null: the experiment's
     * @param  string|null  $food  by id; null: the experiment's
     */
    public function __construct(
        public string $id, public string $name, public ?Handling $handling, public ?string $tool, public ?string $food,
    ) {
        if (trim($name) === '' || mb_strlen($name) > 40) {
            throw InvalidInput::because('name', Phrase::of('refusal.must-be-text', ['name' => 'name']));
        }
    }

    /** @return array<string, string|null> to be stored */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'handling' => $this->handling?->value, 'tool' => $this->tool, 'food' => $this->food,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->text('id'), $stored->text('name'), $stored->has('handling') ? $stored->enum('handling', Handling::class) : null,
            $stored->has('tool') ? $stored->text('tool') : null, $stored->has('food') ? $stored->text('food') : null,
        );
    }
}
