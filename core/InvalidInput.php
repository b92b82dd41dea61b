<?php

declare(strict_types=1);

namespace Hovik\Core;

use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

/** Something given to the core cannot be used. Names the field, and says why in one plain sentence. */
final class InvalidInput extends \DomainException
{
    /** @param  Phrase|null  $phrase the same for people, in any language, where a person may have typed it */
    public function __construct(public readonly string $field, string $message, public readonly ?Phrase $phrase = null)
    {
        parent::__construct($message);
    }

    public static function because(string $field, Phrase $phrase): self
    {
        return new self($field, Phrasebook::in('en')->say($phrase), $phrase);
    }
}
