<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Experiment;
use Illuminate\Contracts\Auth\Authenticatable;

/** An experiment is its class's: who runs the class runs it. */
final readonly class ExperimentPolicy
{
    public function __construct(private SectionPolicy $sections)
    {
    }

    public function run(Authenticatable $actor, Experiment $experiment): bool
    {
        return $this->sections->run($actor, $experiment->section);
    }
}
