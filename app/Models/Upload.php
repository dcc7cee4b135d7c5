<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A film on its way to the server, part by part.
 *
 * @property string $id
 * @property string $reel_id
 * @property string $user_id
 * @property string $name as the browser called it
 * @property int $size bytes
 * @property int $received bytes
 * @property string $angle
 * @property string|null $snap_id
 * @property string|null $clip_id the clip it became
 */
class Upload extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['received' => 0, 'angle' => 'wide'];

    protected function casts(): array
    {
        return ['size' => 'integer', 'received' => 'integer'];
    }

    public function path(): string
    {
        return Clip::folder()."/{$this->id}.part";
    }
}
