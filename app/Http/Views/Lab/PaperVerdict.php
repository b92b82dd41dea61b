<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\Verdict;

final readonly class PaperVerdict extends View
{
    /**
     * @param  string|null  $problem  what cannot be about it
     */
    public function __construct(
        public string $id,
        public ?Verdict $verdict,
        public ?float $error_g,
        public ?float $tolerances,
        public ?string $problem,
    ) {
    }

    public static function of(string $id, Judgement $judgement): self
    {
        return new self($id, $judgement->verdict, $judgement->errorG, $judgement->inTolerances(), null);
    }

    public static function problem(string $id, string $problem): self
    {
        return new self($id, null, null, null, $problem);
    }
}
