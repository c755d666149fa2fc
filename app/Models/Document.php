<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A document: sheets that belong together, with one history.
 *
 * @property string $id
 * @property string $name
 * @property Carbon $updated_at
 * @property-read Collection<int, Sheet> $sheets
 *
 * @method static Builder<self> withTrashed()
 */
final class Document extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $fillable = ['name'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return HasMany<Sheet, $this> those that are not deleted, in their order */
    public function sheets(): HasMany
    {
        $sheets = $this->hasMany(Sheet::class);
        $sheets->where('removed', false)->orderBy('position')->orderBy('id');

        return $sheets;
    }

    /** @return HasMany<HistoryLine, $this> */
    public function history(): HasMany
    {
        return $this->hasMany(HistoryLine::class);
    }
}
