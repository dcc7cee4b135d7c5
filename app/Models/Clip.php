<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A film file, or a cut of one: one angle of a snap, or not put to a snap yet.
 *
 * @property string $id
 * @property string $reel_id
 * @property string|null $snap_id
 * @property string $angle wide or tight
 * @property string $name
 * @property string $file name in the film folder
 * @property string $mime
 * @property string $status one of STATUSES
 * @property string $reason why it was refused
 * @property array{fps: float, widthPx: int, heightPx: int, durationS: float}|null $video
 * @property float $from_s where the cut begins in the file, seconds
 * @property float|null $to_s where it ends; null at the end of the file
 * @property float|null $sync_s seconds to add to the clock of the wide angle to get this one's; null while not
 *     synchronised
 * @property int $version
 * @property-read Reel $reel
 * @property-read Snap|null $snap
 */
class Clip extends Model
{
    use HasUlids, Versioned;

    public const STATUSES = ['waiting', 'working', 'ready', 'refused', 'broken'];

    protected $guarded = [];

    protected $hidden = ['file'];

    protected $attributes = ['version' => 1, 'angle' => 'wide', 'status' => 'waiting', 'reason' => '', 'from_s' => 0.0,
        'mime' => '', 'name' => ''];

    protected function casts(): array
    {
        return ['video' => 'array', 'version' => 'integer', 'from_s' => 'float', 'to_s' => 'float',
            'sync_s' => 'float'];
    }

    /** @return BelongsTo<Reel, $this> */
    public function reel(): BelongsTo
    {
        return $this->belongsTo(Reel::class);
    }

    /** @return BelongsTo<Snap, $this> */
    public function snap(): BelongsTo
    {
        return $this->belongsTo(Snap::class);
    }

    /** Where films are kept. */
    public static function folder(): string
    {
        return storage_path('app/private/'.config('film.folder'));
    }

    public function path(): string
    {
        return self::folder()."/{$this->file}";
    }

    public function thumbnail(): string
    {
        return $this->path().($this->from_s > 0.0 ? '.'.(int) round($this->from_s * 1000) : '').'.jpg';
    }
}
