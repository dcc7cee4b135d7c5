<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $title
 * @property string $reel
 * @property int $week
 * @property string $file path under the film folder
 * @property string $mime
 * @property array<string, mixed> $document
 * @property int $version
 */
class Clip extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $hidden = ['file'];

    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer', 'week' => 'integer'];
    }

    /** @return HasMany<Grade, $this> */
    public function grades(): HasMany
    {
        return $this->hasMany(Grade::class);
    }
}
