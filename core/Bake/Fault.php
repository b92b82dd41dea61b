<?php

declare(strict_types=1);

namespace Hovik\Core\Bake;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Words\Phrase;

/** How a bake came out, when it did not come out as it should. Words: `fault.ID`. */
enum Fault: string
{
    case Dry = 'dry';
    case Tough = 'tough';
    case Dense = 'dense';
    case Flat = 'flat';
    case Spread = 'spread';
    case Sunken = 'sunken';
    case Cracked = 'cracked';
    case Gummy = 'gummy';
    case Greasy = 'greasy';
    case Pale = 'pale';
    case Dark = 'dark';
    case Bitter = 'bitter';
    case Salty = 'salty';
    case Bland = 'bland';
    case Crumbly = 'crumbly';

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'fault'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such-fault'));
    }

    public function said(): Phrase
    {
        return Phrase::of("fault.{$this->value}");
    }

    /**
     * The measuring slips that lead here: the role, whether too much (1) or too little (-1), and how telling, 0 to 1.
     *
     * @return list<array{Role, int, float}>
     */
    public function leadsFrom(): array
    {
        return match ($this) {
            self::Dry => [
                [Role::Flour, 1, 1.0], [Role::Liquid, -1, 1.0], [Role::Fat, -1, 0.7], [Role::Sugar, -1, 0.6], [Role::Egg, -1, 0.5],
            ],
            self::Tough => [[Role::Flour, 1, 1.0], [Role::Fat, -1, 1.0]],
            self::Dense => [[Role::Flour, 1, 1.0], [Role::Leavener, -1, 0.9], [Role::Egg, -1, 0.5], [Role::Liquid, 1, 0.3]],
            self::Flat => [[Role::Leavener, -1, 1.0], [Role::Salt, 1, 0.6], [Role::Flour, -1, 0.5], [Role::Liquid, 1, 0.4]],
            self::Spread => [[Role::Flour, -1, 1.0], [Role::Sugar, 1, 0.9], [Role::Fat, 1, 0.9], [Role::Liquid, 1, 0.5]],
            self::Sunken => [[Role::Leavener, 1, 1.0], [Role::Liquid, 1, 0.9], [Role::Flour, -1, 0.8], [Role::Sugar, 1, 0.5]],
            self::Cracked => [[Role::Liquid, -1, 1.0], [Role::Flour, 1, 0.8], [Role::Leavener, 1, 0.5]],
            self::Gummy => [[Role::Liquid, 1, 1.0], [Role::Flour, -1, 0.7], [Role::Egg, 1, 0.5], [Role::Sugar, 1, 0.4]],
            self::Greasy => [[Role::Fat, 1, 1.0], [Role::Flour, -1, 0.3]],
            self::Pale => [[Role::Sugar, -1, 1.0]],
            self::Dark => [[Role::Sugar, 1, 1.0]],
            self::Bitter => [[Role::Leavener, 1, 1.0], [Role::Flavour, 1, 0.4]],
            self::Salty => [[Role::Salt, 1, 1.0]],
            self::Bland => [[Role::Salt, -1, 1.0], [Role::Flavour, -1, 0.8], [Role::Sugar, -1, 0.4]],
            self::Crumbly => [[Role::Egg, -1, 1.0], [Role::Liquid, -1, 0.8], [Role::Flour, 1, 0.6], [Role::Fat, 1, 0.4]],
        };
    }

    /**
     * What else leads here that no scale would show; kept apart from the weights. Words: `other.ID`.
     *
     * @return list<Phrase>
     */
    public function otherCauses(): array
    {
        $ids = match ($this) {
            self::Dry => ['over-baked', 'oven-hot'],
            self::Tough => ['over-mixed'],
            self::Dense => ['over-mixed', 'stood', 'oven-cool'],
            self::Flat => ['old-leavener', 'stood', 'oven-cool'],
            self::Spread => ['warm-dough', 'oven-cool', 'pan'],
            self::Sunken => ['door', 'under-baked'],
            self::Cracked => ['oven-hot', 'pan'],
            self::Gummy => ['under-baked'],
            self::Greasy => ['oven-cool', 'warm-dough'],
            self::Pale => ['oven-cool', 'under-baked'],
            self::Dark => ['oven-hot', 'over-baked'],
            self::Bitter => ['not-mixed', 'over-baked'],
            self::Salty, self::Bland => ['not-mixed'],
            self::Crumbly => ['over-baked', 'not-mixed'],
        };

        return array_map(static fn (string $id): Phrase => Phrase::of("other.$id"), $ids);
    }
}
