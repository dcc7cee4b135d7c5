<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Jacotaxis\Core\Practice\Load;
use Jacotaxis\Core\Practice\Period;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\RunDay;
use Jacotaxis\Core\Practice\ScriptRow;

/**
 * A practice: its day, its periods and what is run in them.
 *
 * @property string $id
 * @property string $held_on year, month, day
 * @property string $title
 * @property string $opponent whose looks are run against
 * @property string $starts_at hours and minutes
 * @property list<array{kind: string, minutes: int, contact: bool, where: string, emphasis: string,
 *     script: list<array{call: string, look: string|null, hash: string}>, drills?: list<string>}> $periods
 * @property RunDay $runs whose day it is in the run game
 * @property int $version
 */
class Practice extends Model
{
    use HasUlids, SoftDeletes, Versioned;

    public const HASHES = ['left', 'middle', 'right'];

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'periods' => '[]', 'opponent' => '', 'starts_at' => '15:30',
        'runs' => 'any'];

    protected function casts(): array
    {
        return ['periods' => 'array', 'runs' => RunDay::class, 'version' => 'integer'];
    }

    /** Whose day it was when that weekday was practiced last; the usual one before that. */
    public static function runsOn(string $day): RunDay
    {
        $date = CarbonImmutable::parse($day);
        /** @var Collection<int, self> $before */
        $before = self::query()->where('held_on', '<', $day)->orderByDesc('held_on')->limit(30)->get();
        $same = $before->first(
            fn (self $p): bool => CarbonImmutable::parse($p->held_on)->dayOfWeekIso === $date->dayOfWeekIso,
        );

        return $same->runs ?? RunDay::usual($date);
    }

    /** @return list<Period> */
    public function planned(): array
    {
        return array_map(fn (array $p): Period => new Period(
            PeriodKind::from($p['kind']),
            $p['minutes'],
            $p['contact'],
            array_map(fn (array $row): ScriptRow => new ScriptRow($row['call'], $row['look']), $p['script']),
        ), $this->periods);
    }

    public function asks(): Load
    {
        return Load::of($this->planned());
    }

    /** @return array{string, string} the Monday and the Sunday of its week */
    public function week(): array
    {
        $day = CarbonImmutable::parse($this->held_on);

        return [$day->startOfWeek()->format('Y-m-d'), $day->endOfWeek()->format('Y-m-d')];
    }

    /** @return Builder<static> every practice of its week, this one among them */
    public function inWeek(): Builder
    {
        [$monday, $sunday] = $this->week();

        return static::query()->where('held_on', '>=', $monday)->where('held_on', '<=', $sunday);
    }
}
