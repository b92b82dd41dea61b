<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** How one ingredient is measured with one kind of tool. */
final readonly class Technique
{
    /**
     * @param  list<Step>  $steps  in order
     * @param  Watch|null  $watch  the mistake most worth warning of, with what it weighs
     * @param  list<Phrase>  $cautions  safety, next to the steps
     */
    public function __construct(public array $steps, public ?Watch $watch, public array $cautions)
    {
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'steps' => array_column($this->steps, 'value'),
            'watch' => $this->watch?->toArray(),
            'cautions' => array_map(static fn (Phrase $caution): array => $caution->toArray(), $this->cautions),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->enums('steps', Step::class),
            $stored->has('watch') ? Watch::fromArray($stored->object('watch')) : null,
            $stored->phrases('cautions'),
        );
    }

    /** The same, levelled and cleared the way a class does it with this family. */
    public function levelledAs(HouseRules $schools, Family $family): self
    {
        $level = $schools->levels(in_array(Step::Pack, $this->steps, true));

        return new self(array_map(static fn (Step $step): Step => match ($step) {
            Step::SweepLevel => $level,
            Step::ReturnExcess => $schools->clears($family),
            default => $step,
        }, $this->steps), $this->watch, $this->cautions);
    }

    /** @return list<string> helper ids to fetch, each once */
    public function helpers(): array
    {
        $helpers = array_map(static fn (Step $step): ?string => $step->helper(), $this->steps);

        return array_values(array_unique(array_filter($helpers, static fn (?string $helper): bool => $helper !== null)));
    }
}
