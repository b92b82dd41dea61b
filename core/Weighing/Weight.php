<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** What a plan and a way of working produce: mean and where the spread comes from. Standard uncertainties, all in g. */
final readonly class Weight
{
    /**
     * @param  float  $fillU  of the fills themselves, each on its own: levelling, or reading a line
     * @param  float  $toolU  of the tools' sizes, common to all fills of one tool
     * @param  float  $batchU  of the package, common to all
     * @param  float  $habitU  of people's habits with a handling that is not the reference, common to all
     * @param  float  $residueU  of what stays in the tool
     */
    public function __construct(
        public float $mean,
        public float $fillU = 0.0,
        public float $toolU = 0.0,
        public float $batchU = 0.0,
        public float $habitU = 0.0,
        public float $residueU = 0.0,
    ) {
    }

    /** Everything together. */
    public function u(): float
    {
        return sqrt($this->fillU ** 2 + $this->toolU ** 2 + $this->batchU ** 2 + $this->habitU ** 2 + $this->residueU ** 2);
    }
}
