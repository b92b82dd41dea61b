<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

/** One certain tool with a name of its own: where it lies, and how much it holds in truth. The rest of its kind are counted. */
final readonly class OwnTool
{
    /**
     * @param  string  $kind  id in the catalogue
     * @param  string|null  $set  the station in whose set it lies; null: on the shelf
     * @param  bool  $isOut  out of every plan
     * @param  array<string, TrueSize>  $sizes  by the line as lettered; '' for the rim
     */
    public function __construct(public string $kind, public string $name, public ?string $set, public bool $isOut, public array $sizes)
    {
    }

    public function rim(): ?TrueSize
    {
        return $this->sizes[''] ?? null;
    }

    public function at(Mark $mark): ?TrueSize
    {
        return $this->sizes[$mark->text] ?? null;
    }
}
