<?php

declare(strict_types=1);

namespace App\Http\Controllers\Search;

use App\Http\Controllers\Controller;
use App\Http\Views\Search\Findable;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class SearchController extends Controller
{
    /**
     * Everything that can be found by its name: recipes, foods, labs, students, techniques.
     *
     * @return list<Findable>
     */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): array
    {
        return Findable::all($teacher);
    }
}
