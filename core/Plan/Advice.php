<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

/** What the planner tells besides its plans. */
enum Advice: string
{
    case WeighInstead = 'weigh-instead';
    case NoSuitableTool = 'no-suitable-tool';
    case BelowSmallestMark = 'below-smallest-mark';
    case AboveHighestMark = 'above-highest-mark';
    case BetweenMarks = 'between-marks';
    case CountInstead = 'count-instead';
    /** More than anybody should fill without a word. */
    case ManyFills = 'many-fills';
    /** By another measuring system than the class's own. */
    case OtherSystem = 'other-system';
}
