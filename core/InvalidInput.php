<?php

declare(strict_types=1);

namespace Hovik\Core;

use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

/** Something given to the core cannot be used. Names the field, and says why in one plain sentence of the reader's language. */
final class InvalidInput extends \DomainException
{
    private function __construct(public readonly string $field, public readonly Phrase $phrase)
    {
        parent::__construct(Phrasebook::in('en')->say($phrase));
    }

    /** @param  Phrase  $phrase  `refusal.ID` of the phrasebook, or another sentence of it */
    public static function because(string $field, Phrase $phrase): self
    {
        return new self($field, $phrase);
    }
}
