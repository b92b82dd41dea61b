<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

/** What a weight may come from, best first. */
final readonly class Diagnosis
{
    /**
     * @param  list<LikelyCause>  $causes  likeliest first; with what nothing explains, their p add up to 1
     * @param  float  $unexplained  0 to 1: how likely it is that none of them is it
     */
    public function __construct(public array $causes, public float $unexplained)
    {
    }

    /** False where nonsense is likelier than all causes together: then nobody is blamed. */
    public function isExplained(): bool
    {
        return $this->unexplained < 0.5;
    }

    /** @return list<LikelyCause> */
    public function best(int $most = 3): array
    {
        return array_slice($this->causes, 0, $most);
    }

    public function first(): ?LikelyCause
    {
        return $this->causes[0] ?? null;
    }
}
