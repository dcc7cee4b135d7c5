<?php

namespace App\Documents;

use App\Http\Problem;
use App\Models\Call;
use App\Models\Look;
use App\Models\Practice;
use App\Models\StaffTrigger;
use Carbon\CarbonImmutable;

/** What was thrown away and can be taken back: calls, looks, practices and triggers. */
final class ThrownAway
{
    /** @var array<string, class-string<Call|Look|Practice|StaffTrigger>> by the word for it */
    private const KINDS = ['call' => Call::class, 'look' => Look::class, 'practice' => Practice::class,
        'trigger' => StaffTrigger::class];

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::KINDS);
    }

    /** @return list<array{kind: string, id: string, name: string, at: string}> the latest first */
    public static function all(): array
    {
        $all = [];
        foreach (self::KINDS as $kind => $model) {
            foreach ($model::onlyTrashed()->get() as $one) {
                $all[] = [
                    'kind' => $kind,
                    'id' => $one->id,
                    'name' => self::name($one),
                    'at' => CarbonImmutable::parse($one->getAttribute('deleted_at'))->toIso8601String(),
                ];
            }
        }
        usort($all, fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $all;
    }

    /** @throws Problem where it is not among what was thrown away */
    public static function find(string $kind, string $id): Call|Look|Practice|StaffTrigger
    {
        return self::KINDS[$kind]::onlyTrashed()->find($id) ??
            throw Problem::gone("This $kind is not among what was thrown away: somebody took it back already.");
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
