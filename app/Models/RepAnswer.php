<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Jacotaxis\Core\Reps\Answer;
use Jacotaxis\Core\Reps\Kind;
use LogicException;

/**
 * What a player answered to a question, as it stood then. Never changed; it goes only with him.
 *
 * @property string $id
 * @property string $player_id
 * @property string $question id of the question
 * @property Kind $kind
 * @property string $call_id
 * @property string $call its name
 * @property string $look in words
 * @property string $answer
 * @property bool $right
 * @property float $took_s seconds from the moment the question stood still
 * @property \Illuminate\Support\Carbon $created_at
 */
class RepAnswer extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => Kind::class, 'right' => 'boolean', 'took_s' => 'float', 'created_at' => 'datetime'];
    }

    protected static function booted(): void
    {
        static::updating(fn () => throw new LogicException('What was answered is never changed afterwards.'));
    }

    public function given(): Answer
    {
        return new Answer($this->kind, $this->right, $this->took_s, $this->created_at->toDateTimeImmutable());
    }
}
