<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * What the staff said of a trigger in one game: taken, put off, or told wrong, which is kept and counts against it.
 *
 * @property string $id
 * @property string $reel_id
 * @property string $trigger
 * @property string $picture
 * @property string $answer
 */
class TriggerAnswer extends Model
{
    use HasUlids;

    public const ANSWERS = ['taken', 'off', 'wrong'];

    protected $guarded = [];
}
