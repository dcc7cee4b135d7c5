<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property string $id
 * @property string $name
 * @property string $words
 * @property array<string, mixed> $document
 * @property int $version
 * @property int $shown how often the opponent was seen in it
 * @property string|null $opponent
 */
class Look extends Model
{
    use HasUlids, SoftDeletes, Versioned;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }
}
