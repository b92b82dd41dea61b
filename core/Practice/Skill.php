<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** What is practised before and between labs (the craft's page, section 12). Each has one maker of questions. Words: `skill.ID`. */
enum Skill: string
{
    case NameTool = 'name-tool';
    case ChooseTools = 'choose-tools';
    case CombineTools = 'combine-tools';
    case LevelsItself = 'levels-itself';
    case SweepLevel = 'sweep-level';
    case OrderSteps = 'order-steps';
    case SpotStep = 'spot-step';
    case PickCup = 'pick-cup';
    case ReadJug = 'read-jug';
    case JugColumn = 'jug-column';
    case CountRings = 'count-rings';
    case SpotMug = 'spot-mug';
    case Equivalents = 'equivalents';
    case RankWeights = 'rank-weights';
    case ScaleRecipe = 'scale-recipe';
    case FindSlip = 'find-slip';
    case Convert = 'convert';
    case ReadWording = 'read-wording';
    case WorkScale = 'work-scale';
    case GuessVerdict = 'guess-verdict';
    case SpotPicture = 'spot-picture';
    /** Asked point by point: see {@see \Hovik\Core\Safety\SafetyPoint}. */
    case KeepSafe = 'keep-safe';

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'skill'): self
    {
        return self::tryFrom($id)
                ?? throw InvalidInput::because(
                    $field, Phrase::of('refusal.one-of', ['known' => implode(', ', array_column(self::cases(), 'value'))]),
                );
    }

    /** @return non-empty-list<self> all but keeping safe */
    public static function measuring(): array
    {
        return array_slice(self::cases(), 0, -1); // it is the last one
    }

    /**
     * Of foods of which it is another skill each time: who can sweep flour need not know how honey is measured. None where one is as
     * good as another.
     *
     * @return list<Family>
     */
    public function families(): array
    {
        $not = match ($this) {
            self::ChooseTools => [Family::Counted, Family::WholeIrregular],
            self::LevelsItself => [Family::LeavenerSpice],
            self::SweepLevel => [Family::Shredded, Family::Counted, Family::WholeIrregular],
            self::OrderSteps, self::SpotStep => [Family::Shredded], // two steps are no order
            default => Family::cases(),
        };

        return array_values(array_filter(Family::cases(), static fn (Family $family): bool => ! in_array($family, $not, true)));
    }

    public function said(): Phrase
    {
        return Phrase::of("skill.{$this->value}");
    }

    public function maker(): Maker
    {
        return match ($this) {
            self::NameTool => new Makers\NameTool,
            self::ChooseTools => new Makers\ChooseTools(isCombined: false),
            self::CombineTools => new Makers\ChooseTools(isCombined: true),
            self::LevelsItself => new Makers\LevelsItself,
            self::SweepLevel => new Makers\SweepLevel,
            self::OrderSteps => new Makers\OrderSteps,
            self::SpotStep => new Makers\SpotStep,
            self::PickCup => new Makers\PickCup,
            self::ReadJug => new Makers\ReadJug,
            self::JugColumn => new Makers\JugColumn,
            self::CountRings => new Makers\CountRings,
            self::SpotMug => new Makers\SpotMug,
            self::Equivalents => new Makers\EquivalentMeasures,
            self::RankWeights => new Makers\RankWeights,
            self::ScaleRecipe => new Makers\ScaleRecipe,
            self::FindSlip => new Makers\FindSlip,
            self::Convert => new Makers\ConvertToGrams,
            self::ReadWording => new Makers\ReadWording,
            self::WorkScale => new Makers\WorkScale,
            self::GuessVerdict => new Makers\GuessVerdict,
            self::SpotPicture => new Makers\SpotPicture,
            self::KeepSafe => new Makers\KeepSafe,
        };
    }
}
