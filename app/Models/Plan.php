<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * The calls that are on the sheet against an opponent.
 *
 * @property string $id
 * @property string $opponent
 * @property list<string> $calls ids of saved calls, in the order of the wristband
 * @property int $version
 */
class Plan extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'calls' => '[]'];

    protected function casts(): array
    {
        return ['calls' => 'array', 'version' => 'integer'];
    }
}
