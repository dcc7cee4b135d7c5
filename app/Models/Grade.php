<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Jacotaxis\Core\Grade\Owners\Charge;

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
 * @property string $done
 * @property string $reason what the mark rests on
 * @property string|null $decision
 * @property list<string> $faults ids of the library
 * @property string $correction what to do instead
 * @property string $caveat what the mark leaves open
 * @property bool $certain false for a guess
 * @property bool $hard a hard job
 * @property string|null $caused_by letter of the man whose play led to it
 * @property string|null $charged_to whose it is instead, one of Charge::others()
 * @property bool $counts whether it is added up
 * @property-read string|null $not_counted why it is not
 * @property int $version
 * @property-read Snap $snap
 * @property-read Player $player
 */
class Grade extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'bust' => false, 'impact' => false, 'done' => '', 'correction' => '',
        'caveat' => '', 'certain' => true, 'hard' => false, 'caused_by' => null, 'charged_to' => null,
        'counts' => true];

    // The framework says no more than "array" of it.
    /** @var list<string> */
    protected $appends = ['not_counted']; // @phpstan-ignore property.phpDocType

    protected function casts(): array
    {
        return ['faults' => 'array', 'marks' => 'array', 'mark' => 'integer', 'version' => 'integer',
            'bust' => 'boolean', 'impact' => 'boolean', 'certain' => 'boolean', 'hard' => 'boolean',
            'counts' => 'boolean'];
    }

    /**
     * These values with whether the grade counts under them, to be saved.
     *
     * @param  array<string, mixed>  $attributes
     * @return array<string, mixed>
     */
    public function counted(array $attributes): array
    {
        return $attributes + ['counts' => (clone $this)->fill($attributes)->not_counted === null];
    }

    /** Why it is not added up, in words. */
    protected function notCounted(): Attribute
    {
        return Attribute::get(
            fn (): ?string => Charge::why($this->man, $this->mark, $this->charged_to, $this->caused_by, $this->certain),
        );
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
