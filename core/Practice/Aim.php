<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Words\Phrase;

/** Something to be shown in practice: a skill with any food, or a safety point. */
final readonly class Aim
{
    /** A safety point is mixed in after so many skills. */
    private const POINT_EVERY = 2;

    private function __construct(public Skill $skill, public ?SafetyPoint $point)
    {
    }

    /** Keeping safe is aimed at point by point, never as a whole. */
    public static function skill(Skill $skill): self
    {
        return $skill === Skill::KeepSafe ? throw new \LogicException('Aim at a safety point.') : new self($skill, null);
    }

    public static function point(SafetyPoint $point): self
    {
        return new self(Skill::KeepSafe, $point);
    }

    /** @throws InvalidInput when it is neither a skill nor a safety point */
    public static function named(string $id, string $field = 'aims'): self
    {
        $point = SafetyPoint::tryFrom($id);
        $skill = $point === null ? Skill::named($id, $field) : null;

        if ($skill === Skill::KeepSafe) {
            throw InvalidInput::because($field, Phrase::of('refusal.safety-points'));
        }

        return $point !== null ? self::point($point) : self::skill($skill ?? Skill::named($id, $field));
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

    public function id(): string
    {
        return $this->point->value ?? $this->skill->value;
    }

    public function said(): Phrase
    {
        return $this->point === null ? $this->skill->said() : $this->point->named();
    }

    /** Whether something answered was about it. */
    public function covers(Skill $skill, Family|SafetyPoint|null $about): bool
    {
        return $this->skill === $skill && ($this->point === null || $this->point === $about);
    }
}
