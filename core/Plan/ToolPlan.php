<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** One way to measure an amount with owned tools. */
final readonly class ToolPlan
{
    /**
     * @param  list<Fill>  $fills  largest first; empty when pieces are counted
     * @param  float  $errorPct  of the nominal volume against the amount; 0 when exact
     * @param  float  $meanG  what good technique gives, g
     * @param  float  $uG  its standard uncertainty, g
     * @param  Mark|null  $waterTo  of fat measured under water: where the water stands first
     */
    public function __construct(
        public array $fills,
        public bool $exact,
        public float $errorPct,
        public float $meanG,
        public float $uG,
        public Phrase $why,
        public ?Mark $waterTo = null,
    ) {
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'fills' => array_map(static fn (Fill $fill): array => $fill->toArray(), $this->fills),
            'exact' => $this->exact,
            'error_pct' => $this->errorPct,
            'mean_g' => $this->meanG,
            'u_g' => $this->uG,
            'why' => $this->why->toArray(),
            'water_to' => $this->waterTo?->toArray(),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            array_map(Fill::fromArray(...), $stored->objects('fills')),
            $stored->flag('exact', true),
            $stored->number('error_pct'),
            $stored->number('mean_g'),
            $stored->number('u_g'),
            Phrase::fromArray($stored->listOrMap('why')),
            $stored->has('water_to') ? Mark::fromArray($stored->object('water_to')) : null,
        );
    }

    /** The same plan, and why. */
    public function because(Phrase $why): self
    {
        return new self($this->fills, $this->exact, $this->errorPct, $this->meanG, $this->uG, $why, $this->waterTo);
    }

    /**
     * The same with the tools of one station; null where one of them is not there.
     *
     * @param  list<Tool>  $drawer
     */
    public function with(array $drawer, Density $density): ?self
    {
        $tools = array_column($drawer, null, 'id');
        $fills = [];
        foreach ($this->fills as $fill) {
            $tool = $tools[$fill->tool->id] ?? null;
            $mark = $fill->toMark === null ? null : $tool?->markAt($fill->toMark->ml);
            if ($tool === null || ($fill->toMark !== null && $mark === null)) {
                return null;
            }
            $fills[] = new Fill($tool, $fill->count, $mark);
        }
        if ($fills === []) {
            return $this;
        }
        $weight = $this->waterTo === null ? WeightModel::of($fills, $density)
            : WeightModel::displaced($fills[0], $fills[0]->eachMl()->minus($this->waterTo->ml), $density);

        return new self($fills, $this->exact, $this->errorPct, $weight->mean, $weight->u(), $this->why, $this->waterTo);
    }

    public function fillCount(): int
    {
        return array_sum(array_map(static fn (Fill $fill): int => $fill->count, $this->fills));
    }

    public function distinctTools(): int
    {
        return count(array_unique(array_map(static fn (Fill $fill): string => $fill->tool->id, $this->fills)));
    }
}
