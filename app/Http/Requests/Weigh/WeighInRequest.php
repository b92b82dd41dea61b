<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Exceptions\Refusal;
use App\Http\Requests\ApiRequest;
use App\Http\Requests\TypedNumber;
use App\Http\Views\Weigh\StationWork;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use App\Weighings\WeighIn;
use App\Weighings\WeighPlace;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\CupOnScale;
use Hovik\Core\Weighing\Doubt;
use Hovik\Core\Weighing\ReadingSource;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\ScaleReport;
use Hovik\Core\Weighing\ScaleUnit;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Gate;

/** A weigh-in as a device sends it. Whose it is and where it belongs is settled here, before anything is stored. */
final class WeighInRequest extends ApiRequest
{
    public const FROM_ADDRESS = ['id'];

    /** A sheet is typed in by the teacher. */
    private const OF_DEVICES = [ReadingSource::Typed, ReadingSource::Scale, ReadingSource::Practice];

    private const DIGITS = 'regex:/^-?\d{1,12}(\.\d{1,6})?$/';

    private ?WeighPlace $place = null;

    private WeighIn $given;

    /** Before anything is said of what is in it. */
    public function authorize(): bool
    {
        $actor = $this->user();
        $station = $actor instanceof Student ? $actor->station_id : ($actor instanceof Station ? $actor->id : null);
        $this->place = WeighPlace::of($this->id('line_id'), $this->id('scale_id'), $this->id('student_id'), $station ?? 0);

        return $this->place === null || Gate::allows('weigh', $this->place->line->lab);
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers('grams');
        if (is_array($this->input('cups'))) {
            $this->merge(['cups' => array_map(
                static fn (mixed $cup): mixed => is_array($cup) ? array_map(TypedNumber::read(...), $cup) : $cup, $this->input('cups'),
            )]);
        }
        $this->merge(['id' => $this->route('weighing')]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'line_id' => ['required', 'integer'],
            'student_id' => ['required', 'integer'],
            'scale_id' => ['required', 'integer'],
            'grams' => ['required_without:cups', 'nullable', 'numeric', self::DIGITS],
            'cups' => ['nullable', 'array', 'list', 'max:'.CupOnScale::MOST],
            'cups.*.full_g' => ['required', 'numeric', self::DIGITS],
            'cups.*.empty_g' => ['nullable', 'numeric', self::DIGITS],
            'unit' => ['nullable', 'string', 'in:'.implode(',', array_column(ScaleUnit::cases(), 'value'))],
            'together' => ['nullable', 'prohibits:cups', 'integer', 'between:1,'.ScaleFitness::MOST_TOGETHER],
            'left_out' => ['nullable', 'integer', 'between:0,200'],
            // Somebody is looking: what no usual slip explains is asked before it is stored.
            'ask' => ['nullable', 'boolean'],
            'way' => ['nullable', 'string', 'in:'.implode(',', array_column(OtherWay::cases(), 'value'))],
            'predicted' => ['nullable', 'string', 'in:level,heaped,shy'],
            // Not Rule::enum: it is written out anew at every look at the rules, a twentieth of a weigh-in's time.
            'source' => ['nullable', 'string', 'in:'.implode(',', array_map(
                static fn (ReadingSource $one): string => $one->value, self::OF_DEVICES,
            ))],
            // The bytes that the scale sent, by the number they are: `grams`, or `full0`, `empty0`, ... of a cup.
            'reports' => ['nullable', 'array', 'max:40'],
            'reports.*' => ['string', 'max:16'],
            'ticked' => ['present', 'array', 'list', 'max:40'],
            'ticked.*' => ['string', 'max:40'],
        ];
    }

    protected function passedValidation(): void
    {
        $place = $this->place ?? self::refuse('line_id', 'refusal.no-such-line');
        $line = $place->line;
        [$station, $student] = $this->who($place);
        foreach ([$station, $student] as $one) {
            $one->setRelation('section', $line->lab->section); // of the lab they may weigh in: read once for all
        }
        if (! $line->lab->takes($station)) {
            throw new Refusal('refusal.lab-not-open');
        }
        if ($line->target_g === null) {
            self::refuse('line_id', 'refusal.not-weighed');
        }
        if (! $line->isAt($station->placeId())) {
            self::refuse('line_id', 'refusal.not-here');
        }
        $way = $this->way($line);
        $scale = $place->scale ?? self::refuse('scale_id', 'refusal.no-such-scale');
        $this->given = new WeighIn(
            id: strtoupper($this->string('id')->toString()),
            line: $line,
            station: $station,
            student: $student,
            scale: $scale,
            reading: $this->asked($line, $this->reading($scale)),
            ticked: $this->ticked($line->measuredBy($way, $station)),
            source: $this->source(),
            predicted: Verdict::tryFrom($this->string('predicted')->toString()),
            together: $this->together(),
            cups: $this->cups(),
            way: $way,
            leftOut: $this->input('left_out') === null ? null : $this->integer('left_out'),
            earlier: $place->earlier,
        );
    }

    public function given(): WeighIn
    {
        return $this->given;
    }

    /** @return array{Station, Student} */
    private function who(WeighPlace $place): array
    {
        $actor = $this->user();
        if ($actor instanceof Station) {
            return $place->student?->station_id === $actor->id ? [$actor, $place->student]
                : self::refuse('student_id', 'refusal.not-at-station');
        }
        if (! $actor instanceof Student || $actor->id !== $this->integer('student_id')) {
            self::refuse('student_id', 'refusal.not-at-station');
        }

        return [$actor->station ?? throw new Refusal('refusal.not-seated'), $actor];
    }

    /** What the scale showed, for one measure. */
    private function reading(Scale $scale): ScaleReading
    {
        $cups = $this->cups();

        return $cups === []
            ? ScaleReading::fromDisplay($this->unit()->grams($this->float('grams')), $scale->toCore())->sharedBy($this->together())
            : ScaleReading::byDifference($cups, $scale->toCore());
    }

    /** @return list<CupOnScale> */
    private function cups(): array
    {
        return array_map(fn (int $i): CupOnScale => new CupOnScale(
            $this->unit()->grams($this->float("cups.$i.full_g")),
            $this->input("cups.$i.empty_g") === null ? null : $this->unit()->grams($this->float("cups.$i.empty_g")),
        ), array_keys((array) $this->input('cups')));
    }

    private function unit(): ScaleUnit
    {
        return ScaleUnit::tryFrom($this->string('unit')->toString()) ?? ScaleUnit::Gram;
    }

    private function asked(LabLine $line, ScaleReading $reading): ScaleReading
    {
        $doubt = $this->boolean('ask') ? Doubt::about($line->target(), $reading) : null;

        return $doubt === null ? $reading : throw InvalidInput::because('ask', $doubt);
    }

    /** A number counts as the scale's with the scale's own bytes, and as typed without: nothing is lost for that. */
    private function source(): ReadingSource
    {
        return match (ReadingSource::tryFrom($this->string('source')->toString())) {
            ReadingSource::Scale => $this->isReported() ? ReadingSource::Scale : ReadingSource::Typed,
            ReadingSource::Practice => config('hovik.simulated_scale') === true ? ReadingSource::Practice : ReadingSource::Typed,
            default => ReadingSource::Typed,
        };
    }

    private function isReported(): bool
    {
        $numbers = $this->input('cups') === null ? ['grams' => $this->input('grams')] : [];
        foreach (array_keys((array) $this->input('cups')) as $i) {
            $numbers = [...$numbers, "full$i" => $this->input("cups.$i.full_g"), "empty$i" => $this->input("cups.$i.empty_g")];
        }
        foreach (array_filter($numbers, is_numeric(...)) as $slot => $number) {
            if (ScaleReport::read($this->string("reports.$slot")->toString())?->shows((float) $number) !== true) {
                return false;
            }
        }

        return $this->unit() === ScaleUnit::Gram;
    }

    /** What is not allowed here, or does not lead there, is no way. */
    private function way(LabLine $line): ?OtherWay
    {
        $way = OtherWay::tryFrom($this->string('way')->toString());
        if ($way === null) {
            return null;
        }
        $actor = $this->user();
        $allowed = $actor instanceof Student || $actor instanceof Station ? StationWork::ways($actor) : [];
        if (! in_array($way, $allowed, true) || $line->lab->frozen?->by($line->frozen, $way) === null) {
            self::refuse('way', 'refusal.answer-choice');
        }

        return $way;
    }

    /** @return list<Step> */
    private function ticked(FrozenLine $line): array
    {
        $steps = $line->steps();

        return array_map(static function (string $id) use ($steps): Step {
            $step = Step::tryFrom($id);

            return $step !== null && in_array($step, $steps, true) ? $step : self::refuse('ticked', 'refusal.unknown-step');
        }, $this->texts('ticked'));
    }

    private function together(): int
    {
        return $this->input('together') === null ? 1 : $this->integer('together');
    }

    private static function refuse(string $field, string $id): never
    {
        throw InvalidInput::because($field, Phrase::of($id));
    }
}
