<?php

declare(strict_types=1);

namespace Hovik\Core\Library;

/** What stands beside the measuring tools, and the mug that is none. Words: `library.tool.ID`, `.use`, `.mind`, `.also`. */
enum Utensil: string
{
    case Scale = 'scale';
    case StraightEdge = 'straight-edge';
    case Sifter = 'sifter';
    case Scraper = 'scraper';
    case Paper = 'paper';
    case SmallBowl = 'small-bowl';
    case Mug = 'mug';
}
