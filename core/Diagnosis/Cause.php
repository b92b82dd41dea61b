<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\InvalidInput;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** What a weight may come from. Words: `cause.ID` (what happened), `cause.ID.tell` (how to tell), `cause.ID.next` (what to do). */
enum Cause: string
{
    case Sound = 'sound';
    case Dipped = 'dipped';
    case Tapped = 'tapped';
    case Pressed = 'pressed';
    case NotLoosened = 'not-loosened';
    case Sifted = 'sifted';
    case Unsifted = 'unsifted';
    case LooseSugar = 'loose-sugar';
    case AirPockets = 'air-pockets';
    case Lumps = 'lumps';
    case Heaped = 'heaped';
    case Hollow = 'hollow';
    case FillMissing = 'fill-missing';
    case FillExtra = 'fill-extra';
    case NeighbourTool = 'neighbour-tool';
    /** A teaspoon where a tablespoon was wanted. */
    case TspForTbsp = 'tsp-for-tbsp';
    /** A tablespoon where a teaspoon was wanted. */
    case TbspForTsp = 'tbsp-for-tsp';
    case JugForDry = 'jug-for-dry';
    case EyeAbove = 'eye-above';
    case EyeBelow = 'eye-below';
    case FarEdge = 'far-edge';
    case TopOfCurve = 'top-of-curve';
    case InHand = 'in-hand';
    case JugTilted = 'jug-tilted';
    case WrongColumn = 'wrong-column';
    case Residue = 'residue';
    case NotTared = 'not-tared';
    case WrongUnit = 'wrong-unit';
    case DecimalSlip = 'decimal-slip';
    case SwappedDigits = 'swapped-digits';
    case FlOzForOz = 'floz-for-oz';
    case WrongIngredient = 'wrong-ingredient';
    case SaltCrystal = 'salt-crystal';
    case ToolOffSize = 'tool-off-size';
    case NotScaled = 'not-scaled';
    case ScaledTwice = 'scaled-twice';
    case NeighbourLine = 'neighbour-line';
    /** The next line of the jug, the next mark of the wrapper. */
    case NextMark = 'next-mark';
    /** Filled well under the rim. */
    case UnderFilled = 'under-filled';
    /** Weighed out: too much, and none taken out again. */
    case Overshot = 'overshot';
    case StoppedShort = 'stopped-short';
    case EggSize = 'egg-size';
    case InShell = 'in-shell';

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'cause'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such', ['id' => $id]));
    }

    /**
     * The steps that keep it from happening: skipped, it is likelier; all ticked, less so.
     *
     * @return list<Step>
     */
    public function guards(): array
    {
        return match ($this) {
            self::Dipped => [Step::SpoonHeaped],
            self::NotLoosened => [Step::Loosen],
            self::Unsifted => [Step::Sift],
            self::LooseSugar => [Step::Pack, Step::TurnOut],
            self::AirPockets => [Step::PressOutAir],
            self::Lumps => [Step::CrushLumps],
            self::Heaped => [Step::SweepLevel, Step::SweepKnife, Step::SmoothFingertip, Step::Settle],
            self::Hollow => [Step::HoldLevel],
            self::EyeAbove, self::EyeBelow, self::FarEdge => [Step::EyeLevel],
            self::TopOfCurve => [Step::TopUpCurve],
            self::InHand, self::JugTilted => [Step::FlatSurface],
            self::Residue => [Step::ScrapeOut, Step::OilTool],
            self::UnderFilled => [Step::SpoonHeaped, Step::DipHeaped, Step::Fill],
            self::NextMark => [Step::CutAtMark],
            self::InShell => [Step::CrackApart],
            self::Overshot => [Step::AddSlowly, Step::TakeOut],
            self::NotTared => [Step::ZeroBowl],
            self::WrongUnit => [Step::ScaleReady],
            default => [],
        };
    }

    /** Where it happens. Of a pair of causes each comes from another place. */
    public function place(): string
    {
        return match ($this) {
            self::Sound => 'none',
            self::Dipped, self::Tapped, self::Pressed, self::NotLoosened, self::Sifted, self::Unsifted, self::LooseSugar,
            self::AirPockets, self::Lumps, self::JugForDry => 'filling',
            self::Heaped, self::Hollow, self::EyeAbove, self::EyeBelow, self::FarEdge, self::TopOfCurve, self::InHand,
            self::JugTilted, self::Residue, self::UnderFilled => 'level',
            self::FillMissing, self::FillExtra, self::NeighbourTool, self::TspForTbsp, self::TbspForTsp, self::WrongColumn,
            self::ToolOffSize, self::NextMark => 'tool',
            self::Overshot, self::StoppedShort, self::NotTared, self::WrongUnit, self::DecimalSlip, self::SwappedDigits => 'scale',
            self::WrongIngredient, self::SaltCrystal, self::EggSize, self::InShell => 'food',
            self::FlOzForOz, self::NotScaled, self::ScaledTwice, self::NeighbourLine => 'recipe',
        };
    }

    public function said(): Phrase
    {
        return Phrase::of("cause.{$this->value}");
    }

    /**
     * One way to tell it from others.
     *
     * @param  bool  $isTicked  a step that keeps it from happening is ticked: the words respect that
     */
    public function tell(bool $isTicked = false): Phrase
    {
        $tell = Phrase::of("cause.{$this->value}.tell");

        return $isTicked && $this->guards() !== [] ? Phrase::of('cause.ticked', ['tell' => $tell]) : $tell;
    }

    public function next(): Phrase
    {
        return Phrase::of("cause.{$this->value}.next");
    }
}
