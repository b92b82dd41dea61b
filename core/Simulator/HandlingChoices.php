<?php

declare(strict_types=1);

namespace Hovik\Core\Simulator;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Weighing\WorkingHabit;
use Hovik\Core\Words\Phrase;

/** What somebody at the bench does, choice by choice. Only choices that mean something for the food are offered. */
final readonly class HandlingChoices
{
    public const PREPARATIONS = ['stirred', 'settled', 'sifted', 'lumpy'];

    public const FILLINGS = ['spooned', 'dipped', 'poured', 'loose', 'packed', 'pressed-in', 'gaps'];

    public const SETTLINGS = ['none', 'tapped', 'pressed'];

    public const LEVELLINGS = ['level', 'heaped', 'hollow'];

    /** s of a mound, or of a dish, as the bench draws it. */
    private const MOUND = 0.7;

    public function __construct(
        public string $preparation, public string $filling, public string $settling, public string $levelling,
        public float $eyeDeg, public float $shareAcross, public bool $topOfCurve, public bool $held, public ?bool $scraped,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $given  preparation, filling, settling, levelling; eye_deg, share_across, curve, held, scraped
     *
     * @throws InvalidInput naming the field
     */
    public static function of(array $given, Ingredient $ingredient, Pantry $pantry, string $path = ''): self
    {
        $offered = self::offered($ingredient, $pantry);
        $choice = static function (string $field) use ($given, $offered, $path): string {
            $value = $given[$field] ?? $offered[$field][0];

            return is_string($value) && in_array($value, $offered[$field], true) ? $value
                : throw InvalidInput::because($path.$field, Phrase::of('refusal.no-choice-for-food'));
        };
        $number = static function (string $field, float $otherwise) use ($given, $path): float {
            $value = $given[$field] ?? $otherwise;

            return is_int($value)
                    || is_float($value) ? (float) $value : throw InvalidInput::because(
                        $path.$field, Phrase::of('refusal.must-be-number', ['name' => $field]),
                    );
        };
        $oneOf = static function (string $field, mixed $otherwise, mixed ...$known) use ($given, $path): mixed {
            $value = $given[$field] ?? $otherwise;

            return in_array($value, [$otherwise, ...$known], true)
                    ? $value
                    : throw InvalidInput::because($path.$field, Phrase::of('refusal.answer-choice'));
        };
        $scraped = $oneOf('scraped', null, true, false);
        $hands = new self(
            $choice('preparation'), $choice('filling'), $choice('settling'), $choice('levelling'),
            $number('eye_deg', 0.0), $number('share_across', WorkingHabit::NEAR_WALL),
            $oneOf('curve', 'bottom', 'top') === 'top', $oneOf('held', false, true) === true, is_bool($scraped) ? $scraped : null,
        );
        $hands->way($path); // refuses impossible angles here, at the edge

        return $hands;
    }

    /** Good technique by the food's usual way. */
    public static function good(Ingredient $ingredient, Pantry $pantry): self
    {
        $offered = self::offered($ingredient, $pantry);

        return new self(
            $offered['preparation'][0], $offered['filling'][0], $offered['settling'][0], $offered['levelling'][0], 0.0,
            WorkingHabit::NEAR_WALL, false, false, null,
        );
    }

    /**
     * @return array<'preparation'|'filling'|'settling'|'levelling', non-empty-list<string>> choices that mean something, the right one
     *   first
     */
    public static function offered(Ingredient $ingredient, Pantry $pantry): array
    {
        $knows = static fn (Handling $handling): bool => $pantry->handlingFactor($ingredient, $handling) !== null;
        $fillings = array_values(
            array_filter(self::FILLINGS, static fn (string $filling): bool => $knows(self::filled($filling, 'stirred', $knows))),
        );
        // The reference comes first: spooned for flour, dipped for sugar, packed for brown sugar.
        usort(
            $fillings,
            static fn (string $a, string $b): int => (self::filled($b, 'stirred', $knows) === $ingredient->referenceHandling)
                <=> (self::filled($a, 'stirred', $knows) === $ingredient->referenceHandling),
        );
        $isPoured = $ingredient->family->isPoured();

        return [
            'preparation' => $isPoured
                    ? ['stirred']
                    : self::whereKnown(
                        [
                            'stirred' => null, 'settled' => [Handling::Spooned, Handling::DippedCompactedBin],
                            'sifted' => [Handling::Sifted], 'lumpy' => [Handling::Lumpy],
                        ],
                        $knows,
                    ),
            'filling' => $fillings === [] ? throw new \LogicException("No filling has a figure for $ingredient->id.") : $fillings,
            'settling' => self::whereKnown(['none' => null, 'tapped' => [Handling::Tapped], 'pressed' => [Handling::PressedLight]], $knows),
            'levelling' => $isPoured ? ['level'] : self::LEVELLINGS,
        ];
    }

    /** The handling that all of it comes to; what was done last to the whole tool decides. */
    public function handling(Ingredient $ingredient, Pantry $pantry): Handling
    {
        $knows = static fn (Handling $handling): bool => $pantry->handlingFactor($ingredient, $handling) !== null;
        $handling = match (true) {
            $this->filling === 'packed' => Handling::PackedFirm,
            $this->settling === 'pressed' => Handling::PressedLight,
            $this->settling === 'tapped' => Handling::Tapped,
            $this->preparation === 'lumpy' => Handling::Lumpy,
            $this->preparation === 'sifted' => Handling::Sifted,
            default => self::filled($this->filling, $this->preparation, $knows),
        };

        return $knows($handling) ? $handling : throw new \LogicException("No figure for $ingredient->id, $handling->value.");
    }

    /** @throws InvalidInput for impossible angles */
    public function way(string $path = ''): WorkingHabit
    {
        return WorkingHabit::of(
            heaped: $this->levelling === 'heaped' ? self::MOUND : 0.0, hollow: $this->levelling === 'hollow' ? self::MOUND : 0.0,
            eyeDeg: $this->eyeDeg, shareAcross: $this->shareAcross, topOfCurve: $this->topOfCurve, held: $this->held,
            scraped: $this->scraped, path: $path,
        );
    }

    /**
     * Loosened or not is one and the same where the figures know no difference.
     *
     * @param  callable(Handling): bool  $knows
     */
    private static function filled(string $filling, string $preparation, callable $knows): Handling
    {
        [$loosened, $settled] = $filling === 'dipped'
            ? [Handling::Dipped, Handling::DippedCompactedBin] : [Handling::StirredSpooned, Handling::Spooned];
        $ways = $preparation === 'settled' ? [$settled, $loosened] : [$loosened, $settled];

        return match ($filling) {
            'poured' => Handling::Poured,
            'loose' => Handling::Loose,
            'packed' => Handling::PackedFirm,
            'pressed-in' => Handling::PressedIntoTool,
            'gaps' => Handling::AirPockets,
            default => $knows($ways[0]) ? $ways[0] : $ways[1],
        };
    }

    /**
     * @param  non-empty-array<string, list<Handling>|null>  $choices  each with the handlings it needs one of; null: always
     * @param  callable(Handling): bool  $knows
     * @return non-empty-list<string>
     */
    private static function whereKnown(array $choices, callable $knows): array
    {
        $offered = [];
        foreach ($choices as $choice => $needs) {
            if ($needs === null || array_filter($needs, $knows) !== []) {
                $offered[] = $choice;
            }
        }

        return $offered === [] ? [array_key_first($choices)] : $offered;
    }
}
