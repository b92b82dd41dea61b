<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\TermWeighing as KeptWeighing;
use App\Models\Weighing;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Technique\Step;

/** A weighing with all that is known of it. */
final readonly class ReviewedWeighing
{
    public FrozenLine $line;

    /**
     * @param  KeptWeighing|null  $kept  null where it was weighed out
     * @param  array<string, string>  $seen  done or not-done by step, as the teacher saw it
     * @param  int  $nth  of this student's tries
     */
    public function __construct(
        public Weighing $weighing, public ?KeptWeighing $kept, public ?Cause $cause, public array $seen, public int $nth,
    ) {
        $this->line = $weighing->measured();
    }

    public function said(): TermWeighing
    {
        return $this->kept === null
            ? TermWeighing::of($this->weighing->judgement, $this->line, 1.0)
            : TermWeighing::known($this->kept->share, $this->kept->known, $this->kept->careful, $this->kept->tolerance);
    }

    /** @return list<Step> as the teacher saw it; where nobody looked, as the student checked off */
    public function done(): array
    {
        return $this->seen !== [] ? $this->stepsSeen('done') : array_values($this->weighing->ticked->all());
    }

    /** @return list<Step> of what was done, what was not; none where nobody said anything */
    public function missed(): array
    {
        if ($this->seen !== []) {
            return $this->stepsSeen('not-done');
        }
        $ticked = array_values($this->weighing->ticked->all());

        return $ticked === [] ? [] : array_values(array_filter(
            $this->line->steps(), static fn (Step $step): bool => ! in_array($step, $ticked, true),
        ));
    }

    /** Their own weighing of it came before, and with it what to do better. */
    public function isCoached(): bool
    {
        return $this->nth > 1;
    }

    /** @return list<Step> */
    private function stepsSeen(string $which): array
    {
        return array_map(Step::from(...), array_keys(array_filter($this->seen, static fn (string $one): bool => $one === $which)));
    }
}
