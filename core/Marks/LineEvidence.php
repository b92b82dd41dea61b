<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** What a student did with one ingredient: steps that were looked at, and tries that were weighed, first to last. */
final readonly class LineEvidence
{
    /**
     * @param  string  $id  of the line, for whoever asks
     * @param  list<Step>  $done  seen done
     * @param  list<Step>  $missed  seen not done; a step that nobody looked at, or that an approved other way has not, is in neither
     * @param  list<TryEvidence>  $tries
     * @param  bool  $isOtherWay  measured by an approved alternative
     */
    public function __construct(
        public string $id, public Family $family, public array $done, public array $missed, public array $tries,
        public bool $isOtherWay = false,
    ) {
    }

    /** Share of the steps looked at that were done, whole %, half up; null where nobody looked. */
    public function stepsPct(): ?int
    {
        $all = count($this->done) + count($this->missed);

        return $all === 0 ? null : intdiv(200 * count($this->done) + $all, 2 * $all);
    }

    public function first(): ?TryEvidence
    {
        return $this->tries[0] ?? null;
    }

    /** The one that came nearest; of equals the earlier. */
    public function best(): ?TryEvidence
    {
        $best = null;
        foreach ($this->tries as $try) {
            $best = $best === null || $try->offPct() < $best->offPct() ? $try : $best;
        }

        return $best;
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'family' => $this->family->value, 'done' => array_column($this->done, 'value'),
            'missed' => array_column($this->missed, 'value'),
            'tries' => array_map(static fn (TryEvidence $try): array => $try->toArray(), $this->tries), 'other_way' => $this->isOtherWay,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $given): self
    {
        $steps = static fn (string $field): array => $given->has($field) ? $given->enums($field, Step::class) : [];
        [$done, $missed] = [$steps('done'), $steps('missed')];
        if (array_intersect(array_column($done, 'value'), array_column($missed, 'value')) !== []) {
            throw InvalidInput::because('lines', Phrase::of('refusal.mark-both'));
        }

        return new self(
            $given->text('id', 60), $given->enum('family', Family::class), $done, $missed,
            array_map(TryEvidence::fromArray(...), $given->has('tries') ? $given->objects('tries') : []), $given->flag('other_way', false),
        );
    }
}
