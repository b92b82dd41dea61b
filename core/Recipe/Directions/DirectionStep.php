<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Directions;

use Hovik\Core\JsonInput;
use Hovik\Core\Safety\LabSafety;
use Hovik\Core\Safety\SafetyPoint;

/**
 * One step of a recipe's directions as it is kept: its words; which lines it uses, who does it and whether in gloves, as proposed from the
 * words or as a teacher settled it; and the teacher's note.
 */
final readonly class DirectionStep
{
    public const LONGEST_NOTE = 300;

    /**
     * @param  list<string>  $lines  ids of the recipe's lines that it uses
     * @param  bool  $gloves  hands shape food that is not baked afterwards
     * @param  bool  $settled  by a teacher: then it stays so in later versions while its words stay
     */
    public function __construct(
        public string $text, public array $lines = [], public DoneBy $by = DoneBy::Student, public bool $gloves = false,
        public ?string $note = null, public bool $settled = false,
    ) {
    }

    /** @return list<SafetyPoint> what to mind at it */
    public function safety(): array
    {
        return LabSafety::ofWords($this->text);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'text' => $this->text,
            'lines' => $this->lines,
            'by' => $this->by->value,
            'gloves' => $this->gloves,
            'note' => $this->note,
            'settled' => $this->settled,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->text('text'),
            $stored->texts('lines'),
            $stored->enum('by', DoneBy::class),
            $stored->flag('gloves', false),
            $stored->has('note') ? $stored->text('note') : null,
            $stored->flag('settled', false),
        );
    }
}
