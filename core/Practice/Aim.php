<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Words\Phrase;

/** Something to be shown in practice: a skill, where the family matters with foods of one family; or a safety point. */
final readonly class Aim
{
    /** A safety point is mixed in after so many skills. */
    private const POINT_EVERY = 2;

    /** Between a skill's id and its family's. */
    private const OF = '.';

    private function __construct(public Skill $skill, public ?SafetyPoint $point, public ?Family $family = null)
    {
    }

    /** Keeping safe is aimed at point by point, never as a whole. Without a family: with every food that was asked about. */
    public static function skill(Skill $skill, ?Family $family = null): self
    {
        return $skill === Skill::KeepSafe ? throw new \LogicException('Aim at a safety point.') : new self($skill, null, $family);
    }

    /** Of this family where the skill is another one for another family. */
    public static function with(Skill $skill, Family $family): self
    {
        return self::skill($skill, in_array($family, $skill->families(), true) ? $family : null);
    }

    public static function point(SafetyPoint $point): self
    {
        return new self(Skill::KeepSafe, $point);
    }

    /** @throws InvalidInput when it is neither a skill nor a safety point */
    public static function named(string $id, string $field = 'aims'): self
    {
        $point = SafetyPoint::tryFrom($id);
        if ($point !== null) {
            return self::point($point);
        }
        $parts = explode(self::OF, $id, 2);
        $skill = Skill::named($parts[0], $field);
        $of = $parts[1] ?? null;
        if ($skill === Skill::KeepSafe) {
            throw InvalidInput::because($field, Phrase::of('refusal.safety-points'));
        }
        $family = $of === null ? null : Family::tryFrom($of);
        if ($of !== null && ($family === null || ! in_array($family, $skill->families(), true))) {
            throw InvalidInput::because($field, Phrase::of('refusal.answer-offered'));
        }

        return self::skill($skill, $family);
    }

    /** @return non-empty-list<self> all there is, safety points among the skills */
    public static function all(): array
    {
        $points = array_map(self::point(...), SafetyPoint::cases());
        $all = [];
        foreach (Skill::measuring() as $i => $skill) {
            $all[] = self::skill($skill);
            if ($i % self::POINT_EVERY === self::POINT_EVERY - 1) {
                array_push($all, ...array_splice($points, 0, 1));
            }
        }

        return [...$all, ...$points];
    }

    /**
     * The same for a class: a skill that is another one for another family comes once for each that the class meets; first all
     * skills, each with another family, then the rest of them.
     *
     * @param  list<Family>  $families
     * @param  list<SafetyPoint>|null  $points  that the class meets; null: all of them
     * @return list<self>
     */
    public static function allWith(array $families, ?array $points = null): array
    {
        $later = [];
        $first = [];
        foreach (self::all() as $i => $aim) {
            if ($aim->point !== null && $points !== null && ! in_array($aim->point, $points, true)) {
                continue;
            }
            $met = array_values(array_intersect_key($families, array_filter(
                $families, static fn (Family $family): bool => in_array($family, $aim->skill->families(), true),
            )));
            if ($met === []) {
                $first[] = $aim;

                continue;
            }
            foreach ($met as $turn => $family) {
                $one = self::skill($aim->skill, $family);
                $place = ($turn - $i % count($met) + count($met)) % count($met);
                $place === 0 ? $first[] = $one : $later[$place][] = $one;
            }
        }
        ksort($later);

        return [...$first, ...array_merge(...array_values($later))];
    }

    public function id(): string
    {
        return $this->point->value ?? $this->skill->value.($this->family === null ? '' : self::OF.$this->family->value);
    }

    public function said(): Phrase
    {
        return match (true) {
            $this->point !== null => $this->point->named(),
            $this->family !== null => Phrase::of(
                'practice.skill-of', ['skill' => $this->skill->said(), 'family' => Phrase::of("family.{$this->family->value}")],
            ),
            default => $this->skill->said(),
        };
    }

    public function about(): Family|SafetyPoint|null
    {
        return $this->point ?? $this->family;
    }

    /** Whether something answered was about it. */
    public function covers(Skill $skill, Family|SafetyPoint|null $about): bool
    {
        return $this->skill === $skill && ($this->about() === null || $this->about() === $about);
    }
}
