<?php

declare(strict_types=1);

namespace Hovik\Core\Library;

use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Weighing\WorkingHabit;

/** The common mistakes of a family, weighed by the same model as the bench and the diagnosis. */
final class Mistakes
{
    /** A slip of less than this part of the weight is not worth a picture. */
    private const WORTH_TELLING = 0.012;

    /** What hands do, by the cause it will be called; asked for in this order. */
    private const HANDS = [
        'dipped' => ['filling' => 'dipped'], 'not-loosened' => ['preparation' => 'settled'], 'tapped' => ['settling' => 'tapped'],
        'pressed' => ['settling' => 'pressed'],
        'sifted' => ['preparation' => 'sifted'], 'unsifted' => [], 'loose-sugar' => ['filling' => 'loose'],
        'lumps' => ['preparation' => 'lumpy'], 'air-pockets' => ['filling' => 'gaps'],
        'heaped' => ['levelling' => 'heaped'], 'hollow' => ['levelling' => 'hollow'],
    ];

    private const POURED = [
        'eye-above' => ['eye_deg' => 30.0], 'eye-below' => ['eye_deg' => -30.0], 'far-edge' => [
            'eye_deg' => 30.0, 'share_across' => WorkingHabit::FAR_EDGE,
        ], 'top-of-curve' => ['curve' => 'top'],
    ];

    /** Powders weigh so little of it, and thick foods so much, that only these keep a film worth weighing. */
    private const LEAVE_SOME = [Family::Oil, Family::ViscousLiquid, Family::ThickDairyPuree, Family::NutButter, Family::SolidFat];

    /**
     * @param  Target  $target  what the class's own way should weigh
     * @param  bool  $sifts  the class sifts before it measures
     * @return list<Mistake>
     */
    public static function of(Simulator $bench, Target $target, bool $sifts, bool $packs): array
    {
        $found = [];
        $family = $bench->ingredient->family;
        $isRead = $bench->plan->fills[0]->toMark !== null;
        $ways = $isRead ? self::POURED : self::HANDS;
        if (in_array($family, self::LEAVE_SOME, true)) {
            $ways['residue'] = ['scraped' => false];
        }
        foreach ($ways as $id => $given) {
            $cause = Cause::from($id);
            if (! self::applies($cause, $family, $sifts, $packs)) {
                continue;
            }
            try {
                $hands = HandlingChoices::of($given, $bench->ingredient, $bench->pantry);
            } catch (InvalidInput) {
                continue; // not something that can be done to this food
            }
            $grams = $bench->weight($hands)->mean;
            $error = $grams - $target->grams;
            if (abs($error) >= self::WORTH_TELLING * $target->grams) {
                $found[] = new Mistake($cause, $grams, $error, self::verdict($error, $target), $target->inTolerances($error), $hands);
            }
        }

        return $found;
    }

    private static function applies(Cause $cause, Family $family, bool $sifts, bool $packs): bool
    {
        return match ($cause) {
            Cause::Sifted => $family === Family::FinePowder && ! $sifts,
            Cause::Unsifted => $sifts,
            Cause::LooseSugar => $packs,
            Cause::Dipped => $family === Family::FinePowder,
            default => true,
        };
    }

    private static function verdict(float $error, Target $target): Verdict
    {
        return match (true) {
            $error >= $target->toleranceG() => Verdict::Heaped,
            $error <= -$target->toleranceG() => Verdict::Shy,
            default => Verdict::Level,
        };
    }
}
