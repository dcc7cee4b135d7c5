<?php

namespace App\Documents;

use App\Aside\Aside;
use App\Http\Problem;
use App\Models\Call;
use App\Models\Look;
use App\Models\Practice;
use App\Models\PutAside;
use App\Models\StaffTrigger;
use App\Models\User;
use Carbon\CarbonImmutable;

/** What was thrown away and can be taken back: calls, looks, practices and triggers, films, snaps and film files. */
final class ThrownAway
{
    /** @var array<string, class-string<Call|Look|Practice|StaffTrigger>> marked where they are, by the word for it */
    private const MARKED = ['call' => Call::class, 'look' => Look::class, 'practice' => Practice::class,
        'trigger' => StaffTrigger::class];

    /** @return list<string> */
    public static function kinds(): array
    {
        return [...array_keys(self::MARKED), ...array_keys(PutAside::KINDS)];
    }

    /** @return list<array{kind: string, id: string, name: string, at: string}> the latest first */
    public static function all(): array
    {
        $all = [];
        foreach (self::MARKED as $kind => $model) {
            foreach ($model::onlyTrashed()->get() as $one) {
                $all[] = [
                    'kind' => $kind,
                    'id' => $one->id,
                    'name' => self::name($one),
                    'at' => CarbonImmutable::parse($one->getAttribute('deleted_at'))->toIso8601String(),
                ];
            }
        }
        foreach (PutAside::query()->get(['id', 'kind', 'name', 'created_at']) as $one) {
            $all[] = [
                'kind' => $one->kind,
                'id' => $one->id,
                'name' => $one->name,
                'at' => $one->created_at->toIso8601String(),
            ];
        }
        usort($all, fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $all;
    }

    /** @throws Problem where it is not among what was thrown away */
    public static function find(string $kind, string $id): Call|Look|Practice|StaffTrigger|PutAside
    {
        $found = isset(self::MARKED[$kind])
            ? self::MARKED[$kind]::onlyTrashed()->find($id)
            : PutAside::query()->where('kind', $kind)->find($id);

        return $found ??
            throw Problem::gone("This $kind is not among what was thrown away: somebody took it back already.");
    }

    public static function restore(Call|Look|Practice|StaffTrigger|PutAside $thing, User $user): void
    {
        if ($thing instanceof PutAside) {
            Aside::back($thing, $user);
        } else {
            $thing->restore();
        }
    }

    public static function forGood(Call|Look|Practice|StaffTrigger|PutAside $thing): void
    {
        if ($thing instanceof PutAside) {
            Aside::forGood($thing);
        } else {
            $thing->forceDelete();
        }
    }

    /** @return list<Call|Look|Practice|StaffTrigger|PutAside> what was thrown away before this moment */
    public static function before(CarbonImmutable $moment): array
    {
        $old = PutAside::query()->where('created_at', '<', $moment)->get()->all();
        foreach (self::MARKED as $model) {
            $old = [...$old, ...$model::onlyTrashed()->where('deleted_at', '<', $moment)->get()->all()];
        }

        return array_values($old);
    }

    private static function name(Call|Look|Practice|StaffTrigger $one): string
    {
        return match (true) {
            $one instanceof Practice => "$one->title, $one->held_on",
            $one instanceof StaffTrigger => (string) $one->document['name'],
            $one instanceof Look => $one->opponent === null || $one->opponent === ''
                ? $one->words
                : "$one->words, $one->opponent",
            default => $one->name,
        };
    }
}
