<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\Tool;

/** Whether the small measures of a set add up to a large one: three teaspoons to a tablespoon (the craft's page, section 10). */
final readonly class SetCheck
{
    /** Further apart than this, %, they do not agree: what household measures are commonly allowed. */
    private const AGREE_PCT = 5.0;

    /** Nobody fills a spoon more often than this to fill a cup: eight tablespoons are half a cup. */
    private const MOST_TIMES = 8;

    /**
     * @param  int  $times  so many of the small one
     * @param  float  $smallMl  one of them in truth
     */
    private function __construct(
        public string $small, public string $large, public int $times, public float $smallMl, public float $largeMl,
        public ?string $set,
    ) {
    }

    /** What so many small ones hold together, mL. */
    public function smallsMl(): float
    {
        return $this->times * $this->smallMl;
    }

    /** What so many small ones hold more than the large one, %. */
    public function apartPct(): float
    {
        return 100 * ($this->smallsMl() / $this->largeMl - 1);
    }

    public function agrees(): bool
    {
        return abs($this->apartPct()) <= self::AGREE_PCT;
    }

    /**
     * Of each set, every two measures of which one is a whole number of times the other, both checked and in use; each large one with the
     * largest small one that makes it.
     *
     * @param  list<OwnTool>  $own
     * @param  array<string, Tool>  $kinds  by id
     * @return list<self>
     */
    public static function of(array $own, array $kinds): array
    {
        $checks = [];
        $known = array_values(array_filter(
            $own, static fn (OwnTool $one): bool => ! $one->isOut && $one->rim() !== null && isset($kinds[$one->kind]),
        ));
        foreach ($known as $large) {
            $best = null;
            foreach ($known as $small) {
                $times = $kinds[$large->kind]->aboutMl / $kinds[$small->kind]->aboutMl;
                $isWhole = abs($times - round($times)) < 0.01 && $times > 1.5 && $times <= self::MOST_TIMES;
                if ($isWhole && $small->set === $large->set && ($best === null || $times < $best->times)) {
                    $best = new self(
                        $small->name, $large->name, (int) round($times), $small->rim()->ml ?? 0.0, $large->rim()->ml ?? 1.0, $large->set,
                    );
                }
            }
            if ($best !== null) {
                $checks[] = $best;
            }
        }

        return $checks;
    }
}
