<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A batch shared out in pieces of one weight: what each should weigh, how those weighed already are, and what is left for the rest. */
final readonly class EqualPortions
{
    public const MOST = 60;

    /** How far a piece may be off: a tenth more and it bakes longer than the others; half of that is kept. */
    private const TOLERANCE_PCT = 5.0;

    private const FLOOR_G = 1.0;

    /**
     * @param  Target  $each  of a piece
     * @param  list<Judgement>  $pieces  in the order weighed
     * @param  float|null  $restG  for each that is not weighed yet, so that nothing is left over; null when all are, or nothing is left
     */
    private function __construct(public Target $each, public array $pieces, public ?float $restG)
    {
    }

    /**
     * @param  float  $totalG  of the whole batch, up to 20 kg
     * @param  int  $count  2 to 60
     * @param  list<float>  $pieces  weighed already, g, as the scale shows them
     *
     * @throws InvalidInput at `total_g`, `count` or `pieces`
     */
    public static function of(float $totalG, int $count, array $pieces, Scale $scale): self
    {
        if ($totalG <= 0 || $totalG > 20000 || ! is_finite($totalG)) {
            throw InvalidInput::because('total_g', Phrase::of('refusal.range', ['least' => 1, 'most' => 20000]));
        }
        if ($count < 2 || $count > self::MOST) {
            throw InvalidInput::because('count', Phrase::of('refusal.range', ['least' => 2, 'most' => self::MOST]));
        }
        if (count($pieces) > $count) {
            throw InvalidInput::because('pieces', Phrase::of('refusal.range', ['least' => 0, 'most' => $count]));
        }
        $each = Target::of($totalG / $count, Tolerance::of(self::TOLERANCE_PCT, self::FLOOR_G));
        $left = $totalG - array_sum($pieces);
        $open = $count - count($pieces);

        return new self($each, array_map(
            static fn (float $grams): Judgement => Judge::judge($each, ScaleReading::fromDisplay($grams, $scale, 'pieces')), $pieces,
        ), $open === 0 || $left <= 0 || $pieces === [] ? null : $left / $open);
    }
}
