<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Hovik\Core\JsonInput;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** The mistake most worth warning of, and which way it sends the weight. */
final readonly class Watch
{
    public function __construct(public Phrase $phrase, public Verdict $leadsTo)
    {
    }

    /** @return array{phrase: array<string, mixed>, leads_to: string} to be stored */
    public function toArray(): array
    {
        return ['phrase' => $this->phrase->toArray(), 'leads_to' => $this->leadsTo->value];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(Phrase::fromArray($stored->listOrMap('phrase')), $stored->enum('leads_to', Verdict::class));
    }
}
