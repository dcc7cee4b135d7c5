<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one man did on one snap.
 *
 * @property string $id
 * @property string $snap_id
 * @property string $player_id
 * @property string $man
 * @property int $mark plus 1, minus 1 or 0
 * @property array<string, int|null>|null $marks by Marks::WHAT
 * @property bool $bust a mental error
 * @property bool $impact a plus play
 * @property string $asked
 * @property string|null $decision
 * @property list<string> $faults ids of the library
 * @property int $version
 * @property-read Snap $snap
 * @property-read Player $player
 */
class Grade extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'bust' => false, 'impact' => false, 'done' => ''];

    protected function casts(): array
    {
        return ['faults' => 'array', 'marks' => 'array', 'mark' => 'integer', 'version' => 'integer', 'bust' => 'boolean', 'impact' => 'boolean'];
    }

    /** @return BelongsTo<Snap, $this> */
    public function snap(): BelongsTo
    {
        return $this->belongsTo(Snap::class);
    }

    /** @return BelongsTo<Player, $this> */
    public function player(): BelongsTo
    {
        return $this->belongsTo(Player::class);
    }
}
