<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Drawer\ToolCatalogue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Carbon;

/**
 * A scale a kitchen owns. Its type is in the catalogue; what its last check found is here.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $catalogue_id
 * @property string|null $calibration_g
 * @property Carbon|null $checked_on
 */
final class Scale extends Model
{
    protected $guarded = [];

    protected $casts = ['checked_on' => 'date'];

    /**
     * The scales of the kitchen that a section uses.
     *
     * @return Builder<self>
     */
    public static function ofSection(int $section): Builder
    {
        return self::query()->where('kitchen_id', fn (QueryBuilder $kitchen) => $kitchen->select('kitchen_id')->from('sections')->where('id', $section));
    }

    public function toCore(): CoreScale
    {
        return ToolCatalogue::scale($this->catalogue_id, $this->calibration_g === null ? null : (float) $this->calibration_g);
    }
}
