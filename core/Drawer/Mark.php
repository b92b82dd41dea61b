<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Brick\Math\BigRational;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Words\Phrase;

/**
 * A line on a tool's wall or wrapper: its lettering, `3/4 cup`, the volume below it in mL, exact, and the same as an amount (null
 * where imperial).
 */
final readonly class Mark
{
    /** mL, rounded as floats are: quick to compare before the exact comparison. */
    public float $about;

    /**
     * @param  float|null  $trueMl  what is below it in truth; null while nobody has checked it
     * @param  float|null  $trueU  relative standard uncertainty of that
     */
    public function __construct(
        public string $text, public BigRational $ml, public ?Amount $amount, public ?float $trueMl = null, public ?float $trueU = null,
    ) {
        $this->about = $ml->toFloat();
    }

    /** `2-cup`, `1/2 cup`: before the word for a line. */
    public function sized(): Phrase|string
    {
        return Tool::sizeBefore($this->amount, $this->text);
    }

    /** The same line, as it was checked. */
    public function known(?TrueSize $size): self
    {
        return $size === null ? $this : new self($this->text, $this->ml, $this->amount, $size->ml, $size->u);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return ['text' => $this->text, 'ml' => (string) $this->ml, 'amount' => $this->amount?->toArray()]
            + ($this->trueMl === null ? [] : ['true_ml' => $this->trueMl, 'true_u' => $this->trueU]);
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->text('text'), $stored->rational('ml'),
            $stored->has('amount') ? Amount::fromArray($stored->object('amount')) : null,
            $stored->numberOr('true_ml', null), $stored->numberOr('true_u', null),
        );
    }

    /** Exactly this volume; $about is the same volume as a float. */
    public function isAt(BigRational $ml, float $about): bool
    {
        return abs($this->about - $about) < 1e-6 && $this->ml->isEqualTo($ml);
    }
}
