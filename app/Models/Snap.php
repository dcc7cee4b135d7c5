<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A snap: its film document stored whole, beside it the columns that are searched (App\Film\SnapIndex fills them).
 *
 * @property string $id
 * @property string $reel_id
 * @property int $place order in the reel
 * @property array<string, mixed> $document schemas/film.schema.json
 * @property int $version
 * @property int|null $number
 * @property string|null $call
 * @property string|null $choice
 * @property string|null $result
 * @property float|null $gain_yd
 * @property float|null $snap_s moment of the snap on its film, seconds
 * @property string|null $family
 * @property string|null $front
 * @property string|null $shell
 * @property int|null $down
 * @property float|null $to_go_yd
 * @property float|null $ball_on_yd
 * @property string|null $formation
 * @property string|null $motion
 * @property bool $run
 * @property int|null $box
 * @property string|null $defender
 * @property-read Reel $reel
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Clip> $clips
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Grade> $grades
 */
class Snap extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer', 'place' => 'integer', 'run' => 'boolean',
            'touchdown' => 'boolean', 'nullified' => 'boolean', 'gave' => 'boolean'];
    }

    /** @return BelongsTo<Reel, $this> */
    public function reel(): BelongsTo
    {
        return $this->belongsTo(Reel::class);
    }

    /** @return HasMany<Clip, $this> */
    public function clips(): HasMany
    {
        $clips = $this->hasMany(Clip::class);
        $clips->orderByRaw("angle = 'wide' desc");

        return $clips;
    }

    /** @return HasMany<Grade, $this> */
    public function grades(): HasMany
    {
        return $this->hasMany(Grade::class);
    }
}
