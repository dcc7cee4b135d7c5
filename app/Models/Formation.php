<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A set the staff saved under its own name; the name is a word of the call line.
 *
 * @property string $id
 * @property string $name
 * @property string $words
 * @property array<string, mixed> $document
 * @property int $version
 */
class Formation extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }
}
