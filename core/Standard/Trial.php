<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Words\Phrase;

/** One careful fill of a tool, weighed: for a kitchen's own weight of a food. */
final readonly class Trial
{
    /**
     * @param  float  $grams  of one fill
     * @param  string|null  $weighing  by id: where it is one of a lab's
     * @param  string|null  $where  the station, for the one who looks
     * @param  string  $day  `2026-11-28`
     * @param  bool  $isLeftOut  somebody decided so; it stays in the record
     *
     * @throws InvalidInput
     */
    public function __construct(
        public float $grams, public ?string $weighing, public ?string $where, public string $day, public bool $isLeftOut,
    ) {
        if (! is_finite($grams) || $grams <= 0 || $grams > 5000) {
            throw InvalidInput::because('grams', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 5000]));
        }
    }

    /** g of one fill, of a weighing of several of them: to a milligram. */
    public static function gramsOf(ScaleReading $reading, Fill $fill): float
    {
        return round($reading->trueGrams() / $fill->count, 3);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'grams' => $this->grams, 'weighing' => $this->weighing, 'where' => $this->where, 'day' => $this->day,
            'left_out' => $this->isLeftOut,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->number('grams'), $stored->has('weighing') ? $stored->text('weighing') : null,
            $stored->has('where') ? $stored->text('where') : null, $stored->text('day'), $stored->flag('left_out', false),
        );
    }
}
