<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Models\Diagnosis;
use App\Models\Guess;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Bake\Consequence;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\KeptCause;
use Hovik\Core\Weighing\Explanation;

/** What a weighing may come from. Where the class asks for a guess first, the ranking stays away until it is there. */
final readonly class WeighingCauses extends View
{
    /**
     * @param  list<CauseChoice>  $choices
     * @param  list<LikelyCauseRow>  $causes  likeliest first
     */
    public function __construct(
        public bool $asks_first,
        public ?Cause $guess,
        public array $choices,
        public array $causes,
        public ?NoCause $none,
        public ?string $consequence,
    ) {
    }

    private const SHOWN = 3;

    public static function of(Weighing $weighing, Diagnosis $diagnosis, bool $forTeacher = false): self
    {
        $guess = Guess::query()->find($weighing->id)?->cause;
        $asksFirst = ! $forTeacher && $weighing->line->lab->section->asks_guess && $guess === null && $diagnosis->causes !== [];
        $consequence = Consequence::of($weighing->line->frozen->food->ingredient->role, $weighing->verdict);
        $places = Explanation::targetDecimals($weighing->judgement);
        $shown = array_slice($diagnosis->causes, 0, self::SHOWN);

        return new self(
            asks_first: $asksFirst,
            guess: $guess,
            choices: self::choices($diagnosis),
            causes: $asksFirst ? [] : array_map(
                static fn (KeptCause $cause): LikelyCauseRow => LikelyCauseRow::of($cause, $places, $guess), $shown,
            ),
            none: $diagnosis->causes === [] ? NoCause::said() : null,
            consequence: $consequence === null ? null : Said::phrase($consequence),
        );
    }

    /** @return list<CauseChoice> as the craft's list has them, so that their order tells nothing */
    private static function choices(Diagnosis $diagnosis): array
    {
        $named = array_column($diagnosis->causes, 'cause');
        $causes = array_filter(Cause::cases(), static fn (Cause $cause): bool => in_array($cause, $named, true));

        return array_values(array_map(CauseChoice::of(...), $causes));
    }
}
