<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** Criteria whose weights come to 100 (the craft's page, section 13). */
final readonly class Rubric
{
    private const LONGEST_NAME = 60;

    private const MOST_CRITERIA = 10;

    /** Families that a usual lab has; a criterion for none of them is worth a second look. */
    private const USUAL = [
        Family::FinePowder, Family::GranularSugar, Family::MoistSugar, Family::LeavenerSpice, Family::SolidFat, Family::ThinLiquid,
        Family::Oil, Family::Counted,
    ];

    /** @param  non-empty-list<Criterion>  $criteria */
    private function __construct(public string $name, public array $criteria)
    {
    }

    /**
     * @param  list<Criterion>  $criteria
     *
     * @throws InvalidInput for weights that are not 100 together
     */
    public static function of(string $name, array $criteria): self
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME || ! mb_check_encoding($name, 'UTF-8')) {
            throw InvalidInput::because('name', Phrase::of('refusal.letters', ['most' => self::LONGEST_NAME]));
        }
        if ($criteria === [] || count($criteria) > self::MOST_CRITERIA) {
            throw InvalidInput::because('criteria', Phrase::of('refusal.range', ['least' => 1, 'most' => self::MOST_CRITERIA]));
        }
        $sum = array_sum(array_map(static fn (Criterion $one): int => $one->weight, $criteria));
        if ($sum !== 100) {
            throw InvalidInput::because('criteria', Phrase::of('refusal.mark-weights', ['sum' => $sum]));
        }
        if (count(array_unique(array_column($criteria, 'id'))) !== count($criteria)) {
            throw InvalidInput::because('criteria', Phrase::of('refusal.mark-twice'));
        }

        return new self($name, $criteria);
    }

    /** @return list<Criterion> that no usual lab can show: worth a second look, and no refusal */
    public function unusual(): array
    {
        return array_values(array_filter(
            $this->criteria, static fn (Criterion $one): bool => array_filter(self::USUAL, $one->looksAt(...)) === [],
        ));
    }

    /**
     * Whether a lab can show all of it.
     *
     * @param  list<FrozenLine>  $lines  of the lab
     *
     * @throws InvalidInput naming the first criterion that no ingredient of it can show
     */
    public function mustFit(array $lines): void
    {
        foreach ($this->criteria as $criterion) {
            $shows = static fn (FrozenLine $line): bool => $criterion->looksAt($line->food->ingredient->family) && (
                $criterion->kind === CriterionKind::Process ? $line->steps() !== [] : $line->target !== null
            );
            if ($criterion->kind->isByLine() && array_filter($lines, $shows) === []) {
                throw InvalidInput::because('rubric', Phrase::of('refusal.mark-cannot-show', ['name' => $criterion->said()]));
            }
        }
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return ['name' => $this->name, 'criteria' => array_map(static fn (Criterion $one): array => $one->toArray(), $this->criteria)];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $given): self
    {
        $criteria = [];
        foreach ($given->objects('criteria') as $i => $one) {
            $criteria[] = Criterion::fromArray($one, (string) ($i + 1), "criteria.$i.");
        }

        return self::of($given->text('name', 200), $criteria);
    }
}
