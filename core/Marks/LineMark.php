<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** What one ingredient adds to a criterion, and where it came from. */
final readonly class LineMark
{
    /** @param  int  $score  % of the points, whole, half up: as it is shown; the criterion is worked out from the exact one */
    public function __construct(public LineEvidence $line, public int $score, public Phrase $because)
    {
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return ['line' => $this->line->toArray(), 'score' => $this->score, 'because' => $this->because->toArray()];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            LineEvidence::fromArray($stored->object('line')), $stored->whole('score'), Phrase::fromArray($stored->listOrMap('because')),
        );
    }
}
