<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

/**
 * What one station has at hand, where some of its tools are certain ones: those of its own set as they were checked, a shelf's only one of
 * its kind, and nothing that is out. The rest as the kitchen counts them.
 */
final readonly class StationDrawers
{
    /**
     * @param  list<Tool>  $counted  the kitchen's, without those that are out
     * @param  list<OwnTool>  $own
     * @param  int  $stations  that have a set
     */
    public function __construct(private array $counted, private array $own, private int $stations)
    {
    }

    /** @return list<Tool> for everybody: a certain tool only where there is no other of its kind */
    public function everywhere(): array
    {
        return array_map(function (Tool $tool): Tool {
            $only = $tool->count === 1 ? $this->inUse($tool, null) : [];

            return count($only) === 1 && $tool->inSet === 0 ? $tool->known($only[0]) : $tool;
        }, $this->counted);
    }

    /**
     * @param  string  $set  a station by name
     * @return list<Tool>|null  null where it has nothing that the others do not have
     */
    public function at(string $set): ?array
    {
        $isOwn = false;
        $drawer = [];
        foreach ($this->everywhere() as $tool) {
            $here = array_values(array_filter($this->own, static fn (OwnTool $one): bool => $one->kind === $tool->id && $one
                ->set === $set));
            $used = array_values(array_filter($here, static fn (OwnTool $one): bool => ! $one->isOut));
            $isOwn = $isOwn || $here !== [];
            if ($used !== []) {
                $drawer[] = $tool->known($used[0]);
            } elseif ($here === [] || $tool->inSet > count($here)) {
                $drawer[] = $tool;
            } elseif ($tool->count - $tool->inSet * ($this->stations - 1) > 0) {
                $drawer[] = $tool->counted($tool->count, 0); // its own are out: one from the shelf
            }
        }

        return $isOwn ? $drawer : null;
    }

    /** @return list<OwnTool> */
    private function inUse(Tool $tool, ?string $set): array
    {
        return array_values(array_filter(
            $this->own, static fn (OwnTool $one): bool => $one->kind === $tool->id && ! $one->isOut && $one->set === $set,
        ));
    }
}
