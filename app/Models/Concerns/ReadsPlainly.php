<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * Eloquent asks at every look at an attribute whether a method stands for it, and puts the list of casts together anew: a tenth of a
 * weigh-in. No model of ours has such a method; `ModelsTest` sees to it.
 */
trait ReadsPlainly
{
    /** @var array<string, mixed>|null */
    private ?array $allCasts = null;

    /** @return array<string, mixed> */
    public function getCasts()
    {
        return $this->allCasts ??= parent::getCasts();
    }

    /** @param  array<array-key, mixed>  $casts */
    public function mergeCasts($casts)
    {
        $this->allCasts = null;

        return parent::mergeCasts($casts);
    }

    public function hasGetMutator($key)
    {
        return false;
    }

    public function hasSetMutator($key)
    {
        return false;
    }

    public function hasAttributeMutator($key)
    {
        return false;
    }

    public function hasAttributeGetMutator($key)
    {
        return false;
    }

    public function hasAttributeSetMutator($key)
    {
        return false;
    }

    /**
     * Of what happens to a model only the end is listened for: asking who listens whenever one is read is for nothing.
     *
     * @param  string  $event
     * @param  bool  $halt
     */
    protected function fireModelEvent($event, $halt = true): mixed
    {
        return $event === 'deleted' ? parent::fireModelEvent($event, $halt) : true;
    }
}
