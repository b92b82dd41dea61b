<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One phrase as a kitchen says it, in one language.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $language
 * @property string $phrase  by its id
 * @property string $text  as typed
 */
final class OwnWording extends Model
{
    protected $table = 'own_wordings';

    protected $guarded = [];
}
