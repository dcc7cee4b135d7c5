<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $id
 * @property string $clip_id
 * @property string $player_id
 * @property string $man
 * @property int $mark plus 1, minus 1 or 0
 * @property int $version
 * @property-read Clip $clip
 */
class Grade extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['faults' => 'array', 'mark' => 'integer', 'version' => 'integer'];
    }

    /** @return BelongsTo<Clip, $this> */
    public function clip(): BelongsTo
    {
        return $this->belongsTo(Clip::class);
    }

    /** @return BelongsTo<Player, $this> */
    public function player(): BelongsTo
    {
        return $this->belongsTo(Player::class);
    }
}
