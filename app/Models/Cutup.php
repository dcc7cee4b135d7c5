<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A saved filter over all snaps.
 *
 * @property string $id
 * @property string $name
 * @property array<string, mixed> $filter
 * @property bool $shared with the whole staff
 * @property string $user_id
 * @property int $version
 */
class Cutup extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'shared' => false];

    protected function casts(): array
    {
        return ['filter' => 'array', 'shared' => 'boolean', 'version' => 'integer'];
    }
}
