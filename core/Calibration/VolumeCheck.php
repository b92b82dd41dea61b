<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Drawer\TrueSize;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Words\Phrase;

/**
 * How much a tool really holds: the water in it is weighed, three times or more (the craft's page, section 10). Volume is mass over
 * density. Its uncertainty has one line for each thing that is not known exactly, and k = 2.
 */
final readonly class VolumeCheck
{
    /** Weighings without which nothing is said. */
    public const LEAST = 3;

    /** Beyond so many % a tool is retired. */
    private const RETIRE_PCT = 10.0;

    /** A line where a millimeter is more than this share of the amount gets no verdict. */
    private const WIDEST_SHARE = 0.1;

    /** How far a kitchen's thermometer may be off, degrees, as likely anywhere between. */
    private const THERMOMETER_C = 1.0;

    /** Coverage factor. */
    private const K = 2.0;

    /** mL. Spoons up to this size are weighed several together. */
    private const SMALL_SPOON_ML = 5.01;

    private const SPOONS_TOGETHER = 10;

    /** A cup of 236.6 mL is so wide at its rim, mm. */
    private const CUP_MM = 86.0;

    private const CUP_ML = 236.6;

    /** More weighings than these nobody is asked for. */
    private const MOST_MORE = 10;

    /**
     * @param  Sample  $readings  g, each of so many fills together
     * @param  int  $together  fills in a reading: spoons are weighed ten together
     * @param  float  $areaMm2  of the water's surface where it is filled to
     */
    private function __construct(
        public float $nominalMl, public Sample $readings, public int $together, public Water $water, public Scale $scale,
        public FillTo $to, public float $areaMm2, public float $tolerancePct,
    ) {
    }

    /**
     * @param  list<float>  $readingsG  net
     * @param  float  $diameterMm  inside, where it is filled to
     *
     * @throws InvalidInput naming the field
     */
    public static function of(
        float $nominalMl, array $readingsG, Water $water, Scale $scale, FillTo $to, float $diameterMm, float $tolerancePct,
        int $together = 1,
    ): self {
        $sizes = ['nominal_ml' => $nominalMl, 'diameter_mm' => $diameterMm, 'tolerance_pct' => $tolerancePct, 'together' => $together];
        foreach ($sizes as $field => $value) {
            if (! is_finite($value) || $value <= 0) {
                throw InvalidInput::because($field, Phrase::of('refusal.above-zero'));
            }
        }
        $readings = Sample::of($readingsG, 'readings_g');
        foreach ($readingsG as $i => $grams) {
            if ($grams <= 0) {
                throw InvalidInput::because("readings_g.$i", Phrase::of('refusal.above-zero'));
            }
        }
        if ($readings->n() < self::LEAST) {
            throw InvalidInput::because('readings_g', Phrase::of('refusal.readings', ['least' => self::LEAST]));
        }

        return new self($nominalMl, $readings, $together, $water, $scale, $to, M_PI * $diameterMm ** 2 / 4, $tolerancePct);
    }

    /**
     * Of a tool of the catalogue, to its rim or to one of its lines.
     *
     * @param  list<float>  $readingsG  net, each of {@see together} fills
     *
     * @throws InvalidInput
     */
    public static function ofTool(Tool $tool, ?Mark $mark, array $readingsG, Water $water, Scale $scale): self
    {
        $nominal = $mark->about ?? $tool->aboutMl;

        return self::of(
            $nominal, $readingsG, $water, $scale, self::filledTo($tool, $mark), self::diameterMm($tool->diameterMm, $nominal),
            self::usualTolerancePct($nominal), self::together($tool),
        );
    }

    public static function filledTo(Tool $tool, ?Mark $mark): FillTo
    {
        // The topmost ring of a dry measure is its rim.
        $isTop = $mark !== null && $tool->kind === ToolKind::GraduatedDryMeasure && $mark->about > $tool->aboutMl - 0.01;

        return $mark === null || $isTop ? FillTo::Rim : FillTo::Line;
    }

    /** Whether a scale can tell how much a tool holds: its own doubt leaves two thirds of what is allowed. */
    public static function canTell(Scale $scale, Tool $tool, ?Mark $mark = null): bool
    {
        $nominal = $mark->about ?? $tool->aboutMl;
        $grams = $nominal * self::together($tool);
        $u = self::K * hypot($scale->readabilityG / sqrt(6.0), $scale->calibrationUncertainty($grams));

        return $u <= self::usualTolerancePct($nominal) / 100 * $grams / 3 && ($scale->capacityG === null || $grams <= $scale->capacityG);
    }

    /** How many fills are weighed as one: of spoons up to 5 mL ten, since one drop is much of one. */
    public static function together(Tool $tool): int
    {
        return $tool->kind === ToolKind::Spoon && $tool->aboutMl <= self::SMALL_SPOON_ML ? self::SPOONS_TOGETHER : 1;
    }

    /** A measure whose opening nobody has measured is taken to be as wide as a cup of its size. */
    public static function diameterMm(?float $known, float $nominalMl): float
    {
        return $known ?? self::CUP_MM * (max(0.0, $nominalMl) / self::CUP_ML) ** (1 / 3);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'nominal_ml' => $this->nominalMl, 'readings_g' => $this->readings->readings, 'water_c' => $this->water->celsius,
            'scale' => $this->scale->toArray(), 'to' => $this->to->value, 'area_mm2' => $this->areaMm2,
            'tolerance_pct' => $this->tolerancePct, 'together' => $this->together,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->number('nominal_ml'), Sample::of($stored->numbers('readings_g')), $stored->whole('together'),
            Water::at($stored->number('water_c')), Scale::fromArray($stored->object('scale')), $stored->enum('to', FillTo::class),
            $stored->number('area_mm2'), $stored->number('tolerance_pct'),
        );
    }

    public function trueSize(): TrueSize
    {
        return new TrueSize($this->volumeMl(), $this->uncertaintyPct() / 100 / self::K);
    }

    /** What one fill holds, mL. */
    public function volumeMl(): float
    {
        return $this->water->volumeOf($this->scale->corrected($this->readings->mean())) / $this->together;
    }

    /** Standard deviation of its fills, % of their mean. */
    public function spreadPct(): float
    {
        return $this->readings->cvPct() ?? 0.0;
    }

    public function deviationPct(): float
    {
        return 100 * ($this->volumeMl() / $this->nominalMl - 1);
    }

    /** @return list<UncertaintyTerm> of the volume of one fill, largest first */
    public function budget(?int $weighings = null): array
    {
        $weighings ??= $this->readings->n();
        $density = $this->water->density();
        $perFill = 1 / $density / $this->together;
        // One fill's own spread; so many together spread as the root of their number.
        $kind = $this->to->heightSdMm() * $this->areaMm2 / 1000 / sqrt($this->together);
        $seen = $this->readings->sd() * $perFill;
        $celsius = $this->water->celsius;
        $other = Water::at($celsius + ($celsius < 20 ? 1 : -1) * self::THERMOMETER_C)->density();
        $terms = [
            new UncertaintyTerm('repeats', max($seen, $kind) / sqrt($weighings)),
            new UncertaintyTerm('steps', $this->scale->readabilityG / sqrt(6.0) * $perFill),
            new UncertaintyTerm('scale', $this->scale->calibrationUncertainty($this->readings->mean()) * $perFill),
            new UncertaintyTerm('temperature', abs($density / $other - 1) * $this->volumeMl() / sqrt(3.0)),
        ];
        usort($terms, static fn (UncertaintyTerm $a, UncertaintyTerm $b): int => $b->ml <=> $a->ml);

        return $terms;
    }

    /** Expanded uncertainty (k = 2) of what one fill holds, mL. */
    public function uncertaintyMl(): float
    {
        return $this->uncertaintyPct() / 100 * $this->nominalMl;
    }

    /** Expanded uncertainty (k = 2) of the deviation, % of what is stamped on it. */
    public function uncertaintyPct(?int $weighings = null): float
    {
        $squares = array_map(static fn (UncertaintyTerm $term): float => $term->ml ** 2, $this->budget($weighings));

        return 100 * self::K * sqrt(array_sum($squares)) / $this->nominalMl;
    }

    public function verdict(?int $weighings = null): ToolVerdict
    {
        $off = abs($this->deviationPct());
        $u = $this->uncertaintyPct($weighings);

        return match (true) {
            $this->to === FillTo::Line && $this->areaMm2 / 1000 > self::WIDEST_SHARE * $this->nominalMl => ToolVerdict::TooWide,
            $off + $u <= $this->tolerancePct => ToolVerdict::Fit,
            $off - $u > self::RETIRE_PCT => ToolVerdict::Retire,
            $off - $u >= $this->tolerancePct => ToolVerdict::UseWithCorrection,
            default => ToolVerdict::Undecided,
        };
    }

    /** How many more weighings like these would settle it; null where it is settled, or where no reasonable number would. */
    public function moreToSettle(): ?int
    {
        if ($this->verdict() !== ToolVerdict::Undecided) {
            return null;
        }
        for ($more = 1; $more <= self::MOST_MORE; $more++) {
            if ($this->verdict($this->readings->n() + $more) !== ToolVerdict::Undecided) {
                return $more;
            }
        }

        return null;
    }

    /** Allowed deviation of a measure, %: 5, of spoons up to 2.5 mL 10. */
    public static function usualTolerancePct(float $nominalMl): float
    {
        return $nominalMl <= 2.5 + 1e-9 ? 10.0 : 5.0;
    }
}
