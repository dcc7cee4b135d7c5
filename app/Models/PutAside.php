<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Film that was thrown away, with every row that hung on it: in no list and no count until it is taken back. It keeps
 * the id it had.
 *
 * @property string $id
 * @property string $kind one of KINDS
 * @property string $name what it is called in the list of what was thrown away
 * @property string $reel_id the reel it is, or belongs to
 * @property string|null $user_id who threw it away
 * @property array<string, list<array<string, mixed>>> $rows as the database had them, by table, parents first; under
 *     LINKS what only pointed at it
 * @property \Illuminate\Support\Carbon $created_at
 */
class PutAside extends Model
{
    public const KINDS = ['film' => Reel::class, 'snap' => Snap::class, 'clip' => Clip::class];

    public const LINKS = 'links';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['rows' => 'array'];
    }
}
