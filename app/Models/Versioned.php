<?php

namespace App\Models;

use App\Http\Problem;
use Illuminate\Database\Eloquent\Model;

/**
 * Saves that carry the version they were based on; a stale one is refused with both versions.
 *
 * @mixin Model
 */
trait Versioned
{
    /**
     * Saves the attributes when $based is still the current version.
     *
     * @param  array<string, mixed>  $attributes
     *
     * @throws Problem when somebody saved in between
     */
    public function saveOn(int $based, array $attributes): static
    {
        $this->fill($attributes);
        $changes = $this->getDirty();
        $changed = static::query()->whereKey($this->getKey())->where('version', $based)
            ->update([...$changes, 'version' => $based + 1, 'updated_at' => $this->freshTimestampString()]);
        $now = static::query()->whereKey($this->getKey())->firstOrFail();
        if ($changed === 0) {
            throw Problem::stale((int) $now->getAttribute('version'), $now->toArray(), $this->toArray());
        }

        return $now;
    }
}
