<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** What is to be planned: so many stations, each with all the lines, so many hands, and what they share. */
final readonly class Period
{
    /** Pairs of hands at a station (the craft's page, section 11). */
    public const HANDS = 2;

    /** Who checks the stations, one after the other: a resource like any other, and there is one. */
    public const TEACHER = 'teacher';

    public const MOST_STATIONS = 24;

    public const MOST_LINES = 40;

    /**
     * @param  list<PeriodLine>  $lines
     * @param  array<string, int>  $resources  how many there are, by id: scales, shared supplies, scarce tools
     * @param  array<string, int>  $fixed  s by {@see Fixed} id
     */
    private function __construct(
        public int $minutes, public int $stations, public int $hands, public array $lines, public array $resources,
        public array $fixed, public int $teachers = 1,
    ) {
    }

    /**
     * @param  list<PeriodLine>  $lines
     * @param  array<string, int>  $resources
     * @param  array<string, int>  $fixed
     *
     * @throws InvalidInput naming the field
     */
    public static function of(int $minutes, int $stations, int $hands, array $lines, array $resources, array $fixed = []): self
    {
        $ranges = [
            'minutes' => [$minutes, 1, 600],
            'stations' => [$stations, 1, self::MOST_STATIONS],
            'hands' => [$hands, 1, 8],
            'lines' => [count($lines), 0, self::MOST_LINES],
        ];
        foreach ($ranges as $field => [$value, $least, $most]) {
            if ($value < $least || $value > $most) {
                throw InvalidInput::because($field, Phrase::of('refusal.range', ['least' => $least, 'most' => $most]));
            }
        }
        foreach ($resources as $id => $count) {
            if ($count < 1) {
                throw InvalidInput::because('resources', Phrase::of('refusal.at-least-one', ['id' => $id]));
            }
        }
        $ids = array_map(static fn (PeriodLine $line): string => $line->id, $lines);
        if (count(array_unique($ids)) !== count($ids)) {
            throw InvalidInput::because('lines', Phrase::of('refusal.own-id'));
        }
        foreach ($lines as $i => $line) {
            foreach ([$line->needs, $line->weighNeeds] as $needs) {
                foreach (array_count_values($needs) as $need => $times) {
                    if (! isset($resources[$need])) {
                        throw InvalidInput::because("lines.$i.needs", Phrase::of('refusal.no-such', ['id' => $need]));
                    }
                    if ($times > $resources[$need]) {
                        throw InvalidInput::because("lines.$i.needs", Phrase::of('refusal.needs-more', [
                            'id' => $need, 'times' => $times, 'count' => $resources[$need],
                        ]));
                    }
                }
            }
        }

        return new self($minutes, $stations, $hands, $lines, $resources, $fixed);
    }

    /**
     * Some of its lines, with some of its blocks.
     *
     * @param  list<string>  $lines  ids
     * @param  list<Fixed>  $blocks
     */
    public function part(array $lines, array $blocks): self
    {
        $kept = array_column($blocks, 'value');

        return new self(
            $this->minutes, $this->stations, $this->hands,
            array_values(array_filter($this->lines, static fn (PeriodLine $line): bool => in_array($line->id, $lines, true))),
            $this->resources,
            array_filter($this->fixed, static fn (string $id): bool => in_array($id, $kept, true), ARRAY_FILTER_USE_KEY),
            $this->teachers,
        );
    }

    public function withOneMore(string $resource): self
    {
        return $resource === self::TEACHER ? new self(
            $this->minutes, $this->stations, $this->hands, $this->lines, $this->resources, $this->fixed, $this->teachers + 1,
        ) : new self(
            $this->minutes, $this->stations, $this->hands, $this->lines,
            [$resource => ($this->resources[$resource] ?? 0) + 1] + $this->resources, $this->fixed, $this->teachers,
        );
    }

    public function fixedS(Fixed $block): int
    {
        return $this->fixed[$block->value] ?? 0;
    }

    /** s before anything is measured. */
    public function beforeS(): int
    {
        return array_sum(array_map(fn (Fixed $block): int => $block->isBefore() ? $this->fixedS($block) : 0, Fixed::cases()));
    }

    /** s that all stations together hold one of a resource. */
    public function loadS(string $resource): int
    {
        $one = array_sum(
            array_map(
                static fn (PeriodLine $line): int => count(array_keys($line->needs, $resource, true)) * $line->measureS
                + count(array_keys($line->weighNeeds, $resource, true)) * $line->weighS,
                $this->lines,
            ),
        );

        return $one * $this->stations;
    }

    /** s that a station needs with all its hands and nobody in the way: its work shared out, and no less than its longest line. */
    public function pathS(): int
    {
        $each = array_map(static fn (PeriodLine $line): int => $line->seconds(), $this->lines);

        return $each === [] ? 0 : max((int) ceil(array_sum($each) / $this->hands), max($each));
    }

    /** s within which no plan can do it: the heaviest load of a resource, or the longest path of a station, whichever is larger. */
    public function lowerBoundS(): int
    {
        $loads = array_map(fn (string $id): int => (int) ceil($this->loadS($id) / $this->resources[$id]), array_keys($this->resources));
        $check = $this->fixedS(Fixed::Check);
        // Nobody is done before their path is, and the one teacher then checks one station after the other.
        $checked = max(max([0, ...$loads]) + $check, $this->pathS() + (int) ceil($this->stations / $this->teachers) * $check);

        return $this->beforeS() + $checked + $this->fixedS(Fixed::PutAway) + $this->fixedS(Fixed::Mixing) + $this->fixedS(Fixed::CleanUp);
    }
}
