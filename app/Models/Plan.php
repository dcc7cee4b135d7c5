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
 * @property list<string> $openers ids of those a game begins with, in their order
 * @property int $version
 */
class Plan extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'calls' => '[]', 'openers' => '[]'];

    protected function casts(): array
    {
        return ['calls' => 'array', 'openers' => 'array', 'version' => 'integer'];
    }

    /**
     * The calls a game begins with, of those that are on the sheet.
     *
     * @return list<string>
     */
    public function begins(): array
    {
        return array_values(array_intersect($this->openers, $this->calls));
    }
}
