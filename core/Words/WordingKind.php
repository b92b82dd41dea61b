<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/** What a kitchen may say in its own words. Everything else is the application's: names, figures, refusals. */
enum WordingKind: string
{
    case Step = 'step';
    case Reason = 'reason';
    case Note = 'note';
    case Caution = 'caution';
    case Slip = 'slip';
    case Consequence = 'consequence';
    case Tool = 'tool';

    /** By the phrase's id; null where it is not to be corrected. */
    public static function of(string $id): ?self
    {
        $parts = explode('.', $id);
        $isReason = in_array('why', $parts, true) || in_array('because', $parts, true);

        return match (true) {
            $isReason && in_array($parts[0], ['step', 'safety', 'family'], true) => self::Reason,
            $parts[0] === 'step' => self::Step,
            in_array($parts[0], ['then', 'watch'], true) => self::Note,
            in_array($parts[0], ['caution', 'safety', 'check'], true) => self::Caution,
            $parts[0] === 'cause' => self::Slip,
            $parts[0] === 'bake' => self::Consequence,
            str_starts_with($id, 'library.tool.') => self::Tool,
            default => null,
        };
    }

    /** Characters at most: a step is read at arm's length. */
    public function longest(): int
    {
        return $this === self::Step ? 60 : 240;
    }
}
