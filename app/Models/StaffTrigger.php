<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Jacotaxis\Core\Plan\Trigger\Trigger;
use Jacotaxis\Core\Plan\Trigger\TriggerDocument;
use Jacotaxis\Core\Plan\Trigger\Triggers;

/**
 * A trigger the staff has written itself.
 *
 * @property string $id
 * @property array<string, mixed> $document
 * @property int $version
 */
class StaffTrigger extends Model
{
    use HasUlids, SoftDeletes, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    public function trigger(): Trigger
    {
        return TriggerDocument::read($this->id, $this->document);
    }

    /** @return list<Trigger> those that ship, then the staff's own */
    public static function triggers(): array
    {
        /** @var Collection<int, self> $own */
        $own = self::query()->orderBy('id')->get();

        return [...Triggers::shipped(), ...array_values($own->map(fn (self $t): Trigger => $t->trigger())->all())];
    }
}
