<?php

declare(strict_types=1);

namespace App\Live;

use Hovik\Core\Lab\EventKind;
use JsonException;

/** Something happened at a station. */
final readonly class Happening
{
    /**
     * @param  EventKind|null  $kind  null: a line was weighed
     * @param  string  $locale  of whoever did it: what has no name of its own is said so
     */
    public function __construct(
        public int $lab, public int $section, public int $station, public ?EventKind $kind, public string $locale,
    ) {
    }

    public function toText(): string
    {
        return json_encode([$this->lab, $this->section, $this->station, $this->kind?->value, $this->locale], JSON_THROW_ON_ERROR);
    }

    /** @throws JsonException where it is none */
    public static function fromText(string $text): self
    {
        $of = json_decode($text, true, 2, JSON_THROW_ON_ERROR);
        [$lab, $section, $station, $kind, $locale] = [...(is_array($of) ? array_values($of) : []), null, null, null, null, null];
        if (! is_int($lab) || ! is_int($section) || ! is_int($station) || ! is_string($locale)) {
            throw new JsonException('no happening');
        }

        return new self($lab, $section, $station, is_string($kind) ? EventKind::tryFrom($kind) : null, $locale);
    }

    /** @return array<string, int|string|null> the fact, without what changed by it */
    public function fact(): array
    {
        return [
            'what' => $this->kind === null ? 'weighing-stored' : 'happened', 'kind' => $this->kind?->value, 'station' => $this->station,
        ];
    }

    /** What the tools at hand are is said in the reader's language: screens ask for that. */
    public function isInWords(): bool
    {
        return $this->kind?->changesWhatIsAtHand() === true;
    }
}
