<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * A grade given, changed or taken away: who did it, when, and what stood there before. Never changed; it goes only with
 * the player it is about.
 *
 * @property string $id
 * @property string $player_id
 * @property string|null $snap_id null once the snap is gone
 * @property string|null $user_id
 * @property string $man
 * @property string $of the reel and the snap in words
 * @property array<string, mixed>|null $before by SAID; null for a grade that was new
 * @property array<string, mixed>|null $after by SAID; null for one that was taken away
 * @property \Illuminate\Support\Carbon $created_at
 * @property-read User|null $user
 */
class GradeChange extends Model
{
    use HasUlids;

    /** What a coach says in a grade. */
    public const SAID = ['mark', 'marks', 'bust', 'impact', 'faults', 'decision', 'correction', 'caveat', 'certain',
        'hard', 'caused_by', 'charged_to'];

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['before' => 'array', 'after' => 'array', 'created_at' => 'datetime'];
    }

    protected static function booted(): void
    {
        static::updating(fn () => throw new LogicException('What a grade was is never changed afterwards.'));
    }

    /** Keeps that somebody made this of what it was; nothing when it says the same. */
    public static function keep(User $user, ?Grade $before, ?Grade $after): void
    {
        $grade = $after ?? $before ?? throw new LogicException('A change of no grade.');
        $was = $before?->only(self::SAID);
        $is = $after?->only(self::SAID);
        if ($was === $is) {
            return;
        }
        $snap = $grade->loadMissing('snap.reel')->snap;
        self::query()->create([
            'player_id' => $grade->player_id,
            'snap_id' => $grade->snap_id,
            'user_id' => $user->id,
            'man' => $grade->man,
            'of' => $snap->reel->title.', snap '.($snap->number ?? $snap->place),
            'before' => $was,
            'after' => $is,
        ]);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
