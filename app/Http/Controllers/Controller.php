<?php

declare(strict_types=1);

namespace App\Http\Controllers;

/** What an action's first sentence says is its summary in docs/openapi.json; what it takes and gives is read from its types. */
abstract class Controller
{
}
