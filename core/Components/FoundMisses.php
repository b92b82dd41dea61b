<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** Who makes the miss, as it was found and is kept: without a single weighing, and with people by what they were called when asked. */
final readonly class FoundMisses
{
    /**
     * Shares beyond this (as a logarithm: about a fifth too much or too little) are another kind of slip: a fill missing, a dip into the
     * bin, a wrong unit. They say nothing of bag, cup or hand, and one of them would be taken for its tool's doing.
     */
    private const FARTHEST = 0.2;

    /**
     * @param  int  $n  weighings
     * @param  int  $odd  more of them that are so far off that they were set aside
     * @param  Phrase|null  $why  nothing could be found
     * @param  list<Effect>  $effects
     * @param  list<Effect>  $foods  that weigh otherwise than their targets say, whoever measures them
     * @param  array<string, float>  $spread  shares of all spread, %, by source and `chance`
     */
    private function __construct(
        public int $n, public int $odd, public ?Phrase $why, public array $effects, public array $foods, public array $spread,
    ) {
    }

    /** @param  list<Weighed>  $weighings */
    public static function of(array $weighings): self
    {
        $near = array_values(array_filter($weighings, static fn (Weighed $one): bool => abs($one->share()) <= self::FARTHEST));
        try {
            $found = MissComponents::of($near);
        } catch (InvalidInput $refusal) {
            return new self(count($near), count($weighings) - count($near), $refusal->phrase, [], [], []);
        }

        return new self(count($near), count($weighings) - count($near), null, $found->effects, $found->foods(), $found->spread());
    }

    /**
     * One sentence for each part that is surely there, foods first, then the largest; one that says so where there is none.
     *
     * @param  array<string, string>  $names  of what stands for people and foods
     * @return list<Phrase>
     */
    public function inWords(array $names = []): array
    {
        if ($this->why !== null) {
            return [$this->why];
        }
        $told = array_values(array_filter($this->effects, static fn (Effect $one): bool => $one->isTold()));
        usort($told, static fn (Effect $a, Effect $b): int => abs($b->percent()) <=> abs($a->percent()));
        $foods = array_values(array_filter($this->foods, static fn (Effect $one): bool => $one->isTold()));
        $said = array_map(static function (Effect $one) use ($names): Phrase {
            $what = count($one->sources) > 1 ? 'together' : $one->sources[0]->value;

            return Phrase::of("components.$what".($one->share > 0 ? '.more' : '.less'), [
                'name' => strtr($one->id, $names), 'grams' => round(abs($one->grams()), abs($one->grams()) < 2 ? 1 : 0),
            ]);
        }, [...$foods, ...$told]);

        return $said === [] ? [Phrase::of('components.none')] : $said;
    }

    /** What a certain bag of a food, or tool, multiplies a weight by, as far as it is surely known; 1 where it is not. */
    public function factorOf(Source $source, string $id): float
    {
        $effects = $source === Source::Bag ? [...$this->foods, ...$this->effects] : $this->effects;
        foreach ($effects as $one) {
            if ($one->sources === [$source] && $one->id === $id && $one->isTold()) {
                return exp($one->share);
            }
        }

        return 1.0;
    }

    /** The best guess of what a certain tool multiplies a weight by, however sure: it is shrunk by how little is known. */
    public function likelyOf(Source $source, string $id): float
    {
        foreach ($this->effects as $one) {
            if ($one->sources === [$source] && $one->id === $id) {
                return exp($one->share);
            }
        }

        return 1.0;
    }

    /**
     * What a weighing's bag and tool are surely known to multiply it by: known before anybody's technique is blamed.
     *
     * @param  string|null  $tool  null where its true size is known already
     */
    public function knownOf(string $bag, ?string $tool): float
    {
        return $this->factorOf(Source::Bag, $bag) * ($tool === null ? 1.0 : $this->factorOf(Source::Tool, $tool));
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        $stored = static fn (Effect $one): array => $one->toArray();

        return [
            'n' => $this->n, 'odd' => $this->odd, 'why' => $this->why?->toArray(), 'effects' => array_map($stored, $this->effects),
            'foods' => array_map($stored, $this->foods), 'spread' => $this->spread,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $shares = new JsonInput($stored->listOrMap('spread'));
        $spread = [];
        foreach (array_keys($stored->listOrMap('spread')) as $source) {
            $spread[(string) $source] = $shares->number((string) $source);
        }

        return new self(
            $stored->whole('n'), $stored->whole('odd'), $stored->has('why') ? Phrase::fromArray($stored->listOrMap('why')) : null,
            array_map(Effect::fromArray(...), $stored->objects('effects')), array_map(Effect::fromArray(...),
                $stored->objects('foods')), $spread,
        );
    }
}
