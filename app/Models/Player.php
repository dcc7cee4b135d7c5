<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Jacotaxis\Core\Offense\Athlete;

/**
 * @property string $id
 * @property string $name
 * @property string $letter
 * @property int $number
 * @property int $depth place on the depth chart, 1 starts
 * @property float|null $forty_s timed 40 yards, seconds
 * @property float|null $stride_yd length of a running step, yards
 * @property string $throws
 * @property list<string>|null $flags
 * @property int $version
 */
class Player extends Model
{
    use HasUlids, Versioned;

    protected $fillable = ['name', 'letter', 'number', 'depth', 'forty_s', 'stride_yd', 'throws', 'flags', 'version'];

    protected $attributes = ['depth' => 1, 'throws' => 'right', 'version' => 1];

    protected function casts(): array
    {
        return ['forty_s' => 'float', 'stride_yd' => 'float', 'depth' => 'integer', 'number' => 'integer',
            'flags' => 'array', 'version' => 'integer'];
    }

    /** @return HasMany<Grade, $this> */
    public function grades(): HasMany
    {
        return $this->hasMany(Grade::class);
    }

    public function athlete(): Athlete
    {
        return Athlete::of(
            $this->name,
            $this->number,
            $this->forty_s,
            $this->stride_yd,
            $this->throws,
            $this->flags ?? [],
        );
    }

    /**
     * The men who start, by letter.
     *
     * @return array<string, Athlete>
     */
    public static function starters(): array
    {
        /** @var Collection<int, Player> $men */
        $men = static::query()->orderByDesc('depth')->get();

        return $men->mapWithKeys(fn (self $p): array => [$p->letter => $p->athlete()])->all();
    }
}
