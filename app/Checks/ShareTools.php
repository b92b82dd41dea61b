<?php

declare(strict_types=1);

namespace App\Checks;

use App\Exceptions\Refusal;
use App\Models\Lab;
use App\Models\NamedTool;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Calibration\SharedTools;
use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Words\Phrase;

/** Makes a class's tool lab. */
final class ShareTools
{
    /** To be prepared; who checks what is settled when it opens, by the drawer as it is then. */
    public function among(Section $section): Lab
    {
        if (! $section->stations()->exists()) {
            throw new Refusal('refusal.no-stations');
        }
        if (self::of($section)->count() === 0) {
            throw new Refusal('refusal.no-tools');
        }

        return $section->labs()->create([
            'title' => Said::phrase(Phrase::of('tool-lab.title')), 'kind' => 'tools', 'planned_for' => $section->today(),
            'factor' => Factor::of('1'), 'retry_pct' => 0,
        ]);
    }

    /** The drawer as it is now, shared out. */
    public static function of(Section $section): SharedTools
    {
        $kitchen = $section->kitchen;

        return SharedTools::among(
            $kitchen->drawer($section->standard),
            array_values($kitchen->namedTools->map(static fn (NamedTool $one): OwnTool => $one->toCore())->all()),
            $section->stations->pluck('name', 'id')->all(),
            // A jug of a cup is another tool than a cup.
            static fn (Tool $tool): string => $tool->kind->isMarked() ? Said::phrase($tool->called()) : Said::size($tool),
            Said::phrase(Phrase::of('tool-lab.shelf')),
        );
    }
}
