<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** One part of a rubric: what it looks at, how many points of 100, and which result is worth how much of them. */
final readonly class Criterion
{
    /** Of first and best try, half each. */
    public const FIRST_SHARE = 50;

    private const LONGEST_NAME = 60;

    private const MOST_BANDS = 20;

    /** No band begins or ends above. */
    private const FARTHEST = 100_000;

    /**
     * @param  string  $id  within its rubric
     * @param  string|null  $name  the teacher's own; null: by its kind
     * @param  list<Family>  $families  whose ingredients it looks at; none: all of them
     * @param  non-empty-list<Band>  $bands
     * @param  int  $firstShare  of accuracy: % that the first try counts; the best one counts the rest
     */
    private function __construct(
        public string $id, public CriterionKind $kind, public ?string $name, public int $weight, public array $families,
        public array $bands, public int $firstShare,
    ) {
    }

    /**
     * @param  list<Family>  $families
     * @param  list<Band>  $bands  none: the usual ones of its kind
     *
     * @throws InvalidInput for a weight, gap, overlap or order that cannot be
     */
    public static function of(
        string $id, CriterionKind $kind, int $weight, array $families = [], array $bands = [], int $firstShare = self::FIRST_SHARE,
        ?string $name = null, string $path = '',
    ): self {
        $name = $name === null || trim($name) === '' ? null : trim($name);
        if ($weight < 1 || $weight > 100) {
            throw InvalidInput::because("{$path}weight", Phrase::of('refusal.range', ['least' => 1, 'most' => 100]));
        }
        if ($firstShare < 0 || $firstShare > 100) {
            throw InvalidInput::because("{$path}first_share", Phrase::of('refusal.range', ['least' => 0, 'most' => 100]));
        }
        if ($name !== null && (mb_strlen($name) > self::LONGEST_NAME || ! mb_check_encoding($name, 'UTF-8'))) {
            throw InvalidInput::because("{$path}name", Phrase::of('refusal.letters', ['most' => self::LONGEST_NAME]));
        }
        if (! $kind->isByLine() && $families !== []) {
            throw InvalidInput::because("{$path}families", Phrase::of('refusal.mark-no-families'));
        }
        $bands = $bands === [] ? $kind->usualBands() : $bands;
        self::check($kind, $bands, $path);

        return new self($id, $kind, $name, $weight, array_values(array_unique($families, SORT_REGULAR)), $bands, $firstShare);
    }

    public function said(): Phrase
    {
        return $this->name === null ? Phrase::of("mark.{$this->kind->value}") : Phrase::of('mark.own', ['words' => $this->name]);
    }

    /** What a result is worth, % of the points. */
    public function score(int $value): int
    {
        foreach ($this->bands as $band) {
            if ($band->holds($value)) {
                return $band->score;
            }
        }

        throw new \LogicException("No band of $this->id holds $value."); // it was checked when it was made
    }

    public function looksAt(Family $family): bool
    {
        return $this->families === [] || in_array($family, $this->families, true);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind->value, 'name' => $this->name, 'weight' => $this->weight,
            'families' => array_column($this->families, 'value'),
            'bands' => array_map(static fn (Band $band): array => $band->toArray(), $this->bands),
            'first_share' => $this->firstShare,
        ];
    }

    /**
     * @param  string  $path  before the names of its fields in a refusal
     *
     * @throws InvalidInput
     */
    public static function fromArray(JsonInput $given, string $id, string $path = ''): self
    {
        $bands = array_map(static fn (JsonInput $band): Band => new Band(
            $band->whole('from'), $band->has('to') ? $band->whole('to') : null, $band->whole('score'),
        ), $given->has('bands') ? $given->objects('bands') : []);

        return self::of(
            $given->has('id') ? $given->text('id', 40) : $id, $given->enum('kind', CriterionKind::class), $given->whole('weight'),
            $given->has('families') ? $given->enums('families', Family::class) : [], $bands,
            $given->has('first_share') ? $given->whole('first_share') : self::FIRST_SHARE,
            $given->has('name') ? $given->text('name') : null, $path,
        );
    }

    /** @param  list<Band>  $bands */
    private static function check(CriterionKind $kind, array $bands, string $path): void
    {
        $refuse = static fn (int $i, string $id, int $at = 0, int $to = 0): never => throw InvalidInput::because(
            "{$path}bands.$i", Phrase::of($id, ['at' => $at, 'to' => $to]),
        );
        if (count($bands) > self::MOST_BANDS) {
            $refuse(self::MOST_BANDS, 'refusal.mark-bands', at: self::MOST_BANDS);
        }
        $next = $kind->least();
        $before = null;
        foreach ($bands as $i => $band) {
            if ($band->score < 0 || $band->score > 100) {
                $refuse($i, 'refusal.mark-score');
            }
            if (($band->to !== null && $band->to < $band->from) || $band->from < 0 || ($band->to ?? $band->from) > self::FARTHEST) {
                $refuse($i, 'refusal.mark-backwards');
            }
            if ($before !== null && $band->from < $before->from) {
                $refuse($i, 'refusal.mark-order');
            }
            if ($before !== null && ($before->to === null || $band->from <= $before->to)) {
                $refuse($i, 'refusal.mark-overlap', at: $band->from);
            }
            if ($band->from > $next) {
                $refuse($i, 'refusal.mark-gap', at: $next, to: $band->from - 1);
            }
            if ($band->from < $next) {
                $refuse($i, 'refusal.mark-overlap', at: $band->from);
            }
            if ($before !== null && ($kind->rises() ? $band->score < $before->score : $band->score > $before->score)) {
                $refuse($i, 'refusal.mark-falls');
            }
            $next = ($band->to ?? self::FARTHEST) + 1;
            $before = $band;
        }
        $last = count($bands) - 1;
        $most = $kind->most();
        if ($before === null || $before->to !== $most) {
            $before !== null && $most !== null && ($before->to === null || $before->to > $most)
                ? $refuse($last, 'refusal.mark-beyond', at: $most)
                : $refuse(max(0, $last), $most === null ? 'refusal.mark-open-end' : 'refusal.mark-gap', at: $next, to: $most ?? $next);
        }
    }
}
