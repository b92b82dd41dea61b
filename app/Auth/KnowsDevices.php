<?php

declare(strict_types=1);

namespace App\Auth;

/** Where sessions are kept: it can say on which devices teachers are signed in. */
interface KnowsDevices
{
    /**
     * @param  array<int|string>  $teachers  ids
     * @return list<TeachersDevice> whose sessions have not ended by their idle time
     */
    public function devicesOf(array $teachers): array;
}
