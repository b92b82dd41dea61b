<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/** Something that sentences name: it knows the phrase for itself. */
interface Sayable
{
    public function phrase(): Phrase;
}
