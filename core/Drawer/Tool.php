<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Brick\Math\BigRational;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** A measuring tool of the catalogue, or one of a school's own with its volume found by weighing water. */
final readonly class Tool
{
    /** Relative standard uncertainty of a volume that is known without its doubt. */
    public const CHECKED_U = 0.005;

    /** Nominal mL, rounded as floats are: for the statistical model. */
    public float $aboutMl;

    /**
     * @param  string  $nominal  what is stamped on it: `1/2 cup`
     * @param  Amount|null  $size  that as an amount; null where it is imperial
     * @param  BigRational  $nominalMl  that, exact, in the standard in force
     * @param  list<Mark>  $marks  lowest first
     * @param  float|null  $diameterMm  inside, at the rim
     * @param  float  $tolerance  relative, 0 to 1: how far tools of this kind commonly are off
     * @param  float|null  $trueMl  as calibrated; null while nobody has checked it
     * @param  int  $count  how many the school owns
     * @param  MeasuringSystem  $system  whose measure it is
     * @param  int  $inSet  how many of them lie in every station's own set; 0: all stand on the shared shelf
     * @param  float|null  $trueU  relative standard uncertainty of the true volume; null while nobody has checked it
     * @param  string|null  $own  its own name, where it is one certain tool: `Hazel's red half cup`
     */
    public function __construct(
        public string $id,
        public string $name,
        public ToolKind $kind,
        public string $nominal,
        public ?Amount $size,
        public BigRational $nominalMl,
        public array $marks,
        public ?float $diameterMm,
        public float $tolerance,
        public ?float $trueMl = null,
        public int $count = 1,
        public MeasuringSystem $system = MeasuringSystem::Us,
        public int $inSet = 0,
        public ?float $trueU = null,
        public ?string $own = null,
    ) {
        $this->aboutMl = $nominalMl->toFloat();
    }

    /** @return array<string, mixed> to be stored, so that it stays as it was */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'nominal' => $this->nominal,
            'size' => $this->size?->toArray(),
            'ml' => (string) $this->nominalMl,
            'marks' => array_map(static fn (Mark $mark): array => $mark->toArray(), $this->marks),
            'diameter_mm' => $this->diameterMm,
            'tolerance' => $this->tolerance,
            'true_ml' => $this->trueMl,
            'count' => $this->count,
            'system' => $this->system->value,
            'in_set' => $this->inSet,
            'true_u' => $this->trueU,
            'own' => $this->own,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            id: $stored->text('id'),
            name: $stored->text('name'),
            kind: $stored->enum('kind', ToolKind::class),
            nominal: $stored->text('nominal'),
            size: $stored->has('size') ? Amount::fromArray($stored->object('size')) : null,
            nominalMl: $stored->rational('ml'),
            marks: array_map(Mark::fromArray(...), $stored->objects('marks')),
            diameterMm: $stored->numberOr('diameter_mm', null),
            tolerance: $stored->number('tolerance'),
            trueMl: $stored->numberOr('true_ml', null),
            count: $stored->whole('count'),
            system: $stored->has('system') ? $stored->enum('system', MeasuringSystem::class) : ToolCatalogue::systemOf($stored->text('id')),
            inSet: $stored->has('in_set') ? $stored->whole('in_set') : 0,
            trueU: $stored->numberOr('true_u', null),
            own: $stored->has('own') ? $stored->text('own') : null,
        );
    }

    /**
     * Relative standard uncertainty of its volume, common to all its fills: rectangular over the tolerance, or what a calibration leaves.
     */
    public function relativeUncertainty(): float
    {
        return $this->trueMl === null ? $this->tolerance / sqrt(3.0) : $this->trueU ?? self::CHECKED_U;
    }

    /** Whether anything of it was checked: its rim, or one of its lines. */
    public function isChecked(): bool
    {
        return $this->trueMl !== null || array_filter($this->marks, static fn (Mark $mark): bool => $mark->trueMl !== null) !== [];
    }

    /** The same, one certain tool of this kind: with its own name and its true sizes. */
    public function known(OwnTool $own): self
    {
        $rim = $own->rim();

        return new self(
            $this->id, $this->name, $this->kind, $this->nominal, $this->size, $this->nominalMl,
            array_map(static fn (Mark $mark): Mark => $mark->known($own->at($mark)), $this->marks),
            $this->diameterMm, $this->tolerance, $rim->ml ?? $this->trueMl, $this->count, $this->system, $this->inSet,
            $rim->u ?? $this->trueU, $own->name,
        );
    }

    /** So many of it, of which so many lie in every set. */
    public function counted(int $count, int $inSet): self
    {
        return new self(
            $this->id, $this->name, $this->kind, $this->nominal, $this->size, $this->nominalMl, $this->marks, $this->diameterMm,
            $this->tolerance, $this->trueMl, $count, $this->system, $inSet, $this->trueU, $this->own,
        );
    }

    /** True volume over nominal: 1 until calibrated. */
    public function bias(): float
    {
        return $this->trueMl === null ? 1.0 : $this->trueMl / $this->aboutMl;
    }

    /** So few on the shelf, and none in a station's own set, that so many stations must wait for each other. */
    public function isScarce(int $stations): bool
    {
        return $this->inSet === 0 && $this->count < $stations;
    }

    /** `1/2 cup measure`, in any language. */
    public function called(): Phrase
    {
        return Phrase::of("tool.{$this->kind->value}", ['size' => $this->sized()]);
    }

    /** `2-cup`, `1/2 cup`: its size before its name; as stamped where that is no amount of ours. */
    public function sized(): Phrase|string
    {
        return self::sizeBefore($this->size, $this->nominal);
    }

    /** An amount as it stands before the name of a thing: `the 2-cup line`. */
    public static function sizeBefore(?Amount $size, string $stamped): Phrase|string
    {
        if ($size === null || $size->unit !== Unit::Cup) {
            return $size?->phrase() ?? $stamped;
        }
        $isWhole = $size->number->simplified()->getDenominator()->isEqualTo(1);

        return Phrase::of('size.cup', [...$size->phrase()->with, 'whole' => $isWhole ? 'yes' : 'no']);
    }

    /** The mark at exactly this volume, or null. */
    public function markAt(BigRational $ml): ?Mark
    {
        $about = $ml->toFloat();
        foreach ($this->marks as $mark) {
            if ($mark->isAt($ml, $about)) {
                return $mark;
            }
        }

        return null;
    }
}
