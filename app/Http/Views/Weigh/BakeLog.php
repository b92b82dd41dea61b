<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Weighings\BakeReport;
use App\Words\Said;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Words\Phrase;

/** How a station's bake came out, and which of its own weights could have led there. */
final readonly class BakeLog extends View
{
    /**
     * @param  list<FaultChoice>  $faults
     * @param  list<BakeSuspect>  $suspects  most suspect first
     * @param  list<string>  $others  what no scale shows
     */
    public function __construct(
        public string $lab,
        public array $faults,
        public array $suspects,
        public ?string $no_suspect,
        public array $others,
    ) {
    }

    public static function of(BakeReport $report): self
    {
        $others = array_merge(...array_map(static fn (Fault $fault): array => $fault->otherCauses(), $report->faults));

        return new self(
            lab: $report->lab->title,
            faults: array_map(
                static fn (Fault $fault): FaultChoice => new FaultChoice(
                    $fault, Said::phrase($fault->said()), in_array($fault, $report->faults, true),
                ),
                Fault::cases(),
            ),
            suspects: array_map(
                static fn (array $one): BakeSuspect => new BakeSuspect(
                    $one['weighing']->id, $one['weighing']->verdict, Said::phrase($one['said']),
                ),
                $report->suspects,
            ),
            no_suspect: $report->faults !== [] && $report->suspects === [] ? Said::phrase(Phrase::of('suspect.none')) : null,
            others: array_values(array_unique(array_map(Said::phrase(...), $others))),
        );
    }
}
