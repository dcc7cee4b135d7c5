<?php

namespace App\Models;

use App\Practice\ShippedDrills;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Drill\DrillDocument;

/**
 * A drill card the staff has drawn; one of the name of a card that ships stands in its place.
 *
 * @property string $id
 * @property string $name
 * @property array<string, mixed> $document
 * @property int $version
 */
class DrillCard extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    public function drill(): Drill
    {
        return DrillDocument::read($this->document);
    }

    /** @return array<string, Drill> every card by its name: those that ship, the staff's own in their place or after */
    public static function drills(): array
    {
        /** @var Collection<int, self> $own */
        $own = self::query()->orderBy('name')->get();

        return [...ShippedDrills::all(), ...$own->mapWithKeys(fn (self $c): array => [$c->name => $c->drill()])->all()];
    }
}
