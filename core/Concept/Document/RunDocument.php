<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Document;

use Jacotaxis\Core\Blocking\Run\Order;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\Tag;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Concept\StaffRule;
use Jacotaxis\Core\Field\Side;

/** The run of a call and the staff's own rules as parts of its document (schemas/call.schema.json). */
final class RunDocument
{
    /** @return array<string, mixed> */
    public static function write(RunCall $run): array
    {
        return array_filter([
            'scheme' => $run->scheme, 'side' => $run->side->value, 'man' => $run->who,
            'tags' => array_map(fn (Tag $t): array => ['name' => $t->name, 'side' => $t->side?->value], $run->tags),
            'orders' => array_map(fn (string $l, Order $o): array => ['man' => $l, 'job' => $o->verb->value,
                'target' => $o->target], array_keys($run->orders), $run->orders),
            'giveOnly' => $run->giveOnly ?: null,
        ], fn (mixed $v): bool => $v !== null && $v !== []);
    }

    /** @param  array<string, mixed>  $run */
    public static function read(array $run): RunCall
    {
        $orders = [];
        foreach ($run['orders'] ?? [] as $n => $order) {
            if (isset($orders[$order['man']])) {
                throw new BadDocument("/run/orders/$n/man", "{$order['man']} has two jobs (CAL-01): keep one of them.");
            }
            $orders[$order['man']] = new Order(Verb::from($order['job']), $order['target'] ?? null);
        }

        return new RunCall(
            $run['scheme'],
            Side::from($run['side']),
            $run['man'] ?? null,
            array_map(
                fn (array $t): Tag => new Tag($t['name'], Side::tryFrom($t['side'] ?? '')),
                array_values($run['tags'] ?? []),
            ),
            $orders,
            $run['giveOnly'] ?? false,
        );
    }

    /**
     * @param  list<StaffRule>  $rules
     * @return list<array<string, mixed>>
     */
    public static function writeRules(array $rules): array
    {
        return array_map(
            fn (StaffRule $r): array => array_filter(get_object_vars($r), fn (mixed $v): bool => $v !== null),
            $rules,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $rules
     * @return list<StaffRule>
     */
    public static function readRules(array $rules): array
    {
        return array_map(function (array $r, int $n): StaffRule {
            if (($r['action'] ?? null) === null && (($r['man'] ?? null) === null || ($r['job'] ?? null) === null)) {
                throw new BadDocument("/rules/$n", 'A rule needs what follows: an action, or a man and his job.');
            }

            return new StaffRule(
                $r['defender'],
                $r['act'],
                $r['phase'],
                $r['action'] ?? null,
                $r['man'] ?? null,
                $r['job'] ?? null,
            );
        },
            $rules,
            array_keys($rules),
        );
    }
}
