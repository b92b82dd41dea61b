<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\JsonInput;
use Hovik\Core\Plan\Plans;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Technique\Technique;
use Hovik\Core\Words\Phrase;

/** One way to measure a line, with the tools and the technique as they were; for all stations, or for some. */
final readonly class FrozenWay
{
    /**
     * @param  ToolPlan|null  $plan  null where the line is weighed out
     * @param  list<ToolPlan|JsonInput>  $others  other tools that would do: as stored until somebody asks, since they are most of a line
     *   and only the teacher's sheet shows them
     * @param  list<int>|null  $stations  ids; null: for every station
     * @param  list<Phrase>  $notes  why it is no other, for the teacher
     */
    public function __construct(
        public ?ToolPlan $plan, private array $others, public Technique $technique, public ?array $stations = null,
        public array $notes = [],
    ) {
    }

    /** @param  list<int>|null  $stations */
    public static function of(Plans $plans, ?array $stations = null): self
    {
        return new self($plans->best(), array_slice($plans->plans, 1), $plans->technique, $stations, $plans->notes);
    }

    /** @return list<ToolPlan> other tools that would do, best first */
    public function alternatives(): array
    {
        return array_map(
            static fn (ToolPlan|JsonInput $one): ToolPlan => $one instanceof ToolPlan ? $one : ToolPlan::fromArray($one), $this->others,
        );
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'plan' => $this->plan?->toArray(),
            'alternatives' => array_map(static fn (ToolPlan $plan): array => $plan->toArray(), $this->alternatives()),
            'technique' => $this->technique->toArray(),
            'stations' => $this->stations,
            'notes' => array_map(static fn (Phrase $note): array => $note->toArray(), $this->notes),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->has('plan') ? ToolPlan::fromArray($stored->object('plan')) : null,
            $stored->objects('alternatives'),
            Technique::fromArray($stored->object('technique')),
            $stored->has('stations') ? $stored->wholes('stations') : null,
            $stored->has('notes') ? $stored->phrases('notes') : [],
        );
    }
}
