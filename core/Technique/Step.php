<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

/** The steps of all techniques. Instruction, reason and the error prevented are in the phrasebook: `step.ID`, `step.ID.why`. */
enum Step: string
{
    case CleanDryEmpty = 'clean-dry-empty';
    case Loosen = 'loosen';
    case Sift = 'sift';
    case CrushLumps = 'crush-lumps';
    case OverPaper = 'over-paper';
    case SpoonHeaped = 'spoon-heaped';
    case DipHeaped = 'dip-heaped';
    case Fill = 'fill';
    case Pack = 'pack';
    case PressOutAir = 'press-out-air';
    case Settle = 'settle';
    case SweepLevel = 'sweep-level';
    case SweepKnife = 'sweep-knife';
    case SmoothFingertip = 'smooth-fingertip';
    case TurnOut = 'turn-out';
    case ReturnExcess = 'return-excess';
    case DiscardExcess = 'discard-excess';
    case FlatSurface = 'flat-surface';
    case PourNear = 'pour-near';
    case EyeLevel = 'eye-level';
    case ReadAbove = 'read-above';
    case TopUpCurve = 'top-up-curve';
    case HoldLevel = 'hold-level';
    case OilTool = 'oil-tool';
    case ScrapeOut = 'scrape-out';
    case LeaveInCup = 'leave-in-cup';
    case CrackApart = 'crack-apart';
    case CheckShell = 'check-shell';
    case CutAtMark = 'cut-at-mark';
    case ScaleReady = 'scale-ready';
    case ZeroBowl = 'zero-bowl';
    case AddSlowly = 'add-slowly';
    case TakeOut = 'take-out';
    case Weigh = 'weigh';

    /** Weighed out instead of measured: the scale is worked with the care of a technique. */
    public const WEIGHING_OUT = [self::CleanDryEmpty, self::ScaleReady, self::ZeroBowl, self::AddSlowly, self::TakeOut, self::Weigh];

    /** What is done at the scale before it is read. */
    public function isPartOfWeighing(): bool
    {
        return match ($this) {
            self::ScaleReady, self::ZeroBowl, self::AddSlowly, self::TakeOut => true,
            default => false,
        };
    }

    /** What to fetch for it besides the measuring tools (phrasebook `helper.ID`); null when nothing. */
    public function helper(): ?string
    {
        return match ($this) {
            self::SweepLevel => 'straight-edge',
            self::OverPaper => 'paper',
            self::SpoonHeaped => 'spoon',
            self::Sift => 'sifter',
            self::PressOutAir, self::ScrapeOut => 'scraper',
            self::CrackApart => 'small-bowl',
            self::SweepKnife, self::CutAtMark => 'knife',
            default => null,
        };
    }
}
