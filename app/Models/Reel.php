<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The film of one game or practice, ours or an opponent's.
 *
 * @property string $id
 * @property string $title
 * @property string $kind one of Chart::KINDS
 * @property string $opponent
 * @property bool $ours whose offense is on the film
 * @property int $week
 * @property string|null $played_on
 * @property int $version
 */
class Reel extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'kind' => 'game', 'opponent' => '', 'ours' => true, 'week' => 0];

    protected function casts(): array
    {
        return ['ours' => 'boolean', 'week' => 'integer', 'version' => 'integer'];
    }

    /** @return HasMany<Snap, $this> */
    public function snaps(): HasMany
    {
        $snaps = $this->hasMany(Snap::class);
        $snaps->orderBy('place');

        return $snaps;
    }

    /** @return HasMany<Clip, $this> */
    public function clips(): HasMany
    {
        $clips = $this->hasMany(Clip::class);
        $clips->orderBy('id');

        return $clips;
    }
}
