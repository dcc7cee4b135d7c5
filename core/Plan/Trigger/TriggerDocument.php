<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Trigger;

use DomainException;
use Jacotaxis\Core\Film\Chart\DefenderAct;

/**
 * A trigger of the staff's own, put together from lists: who, what, how often, on what, in which picture; then what to
 * call and why.
 *
 * @phpstan-type NeedSaid array{kind: string, acts: list<string>, box: int|null, times: int}
 * @phpstan-type TriggerSaid array{name: string, on: list<string>, needs: list<NeedSaid>, any: bool, then: list<string>,
 *     why: string, formation: string|null, within: int|null}
 */
final class TriggerDocument
{
    /** Kinds of defenders, "" for anybody. */
    public const KINDS = ['', 'safety', 'corner', 'backer', 'end'];

    /**
     * @param  array<string, mixed>  $said  of the shape of TriggerSaid
     *
     * @throws DomainException that says what is missing, and how to cure it
     */
    public static function read(string $id, array $said): Trigger
    {
        /** @var TriggerSaid $d */
        $d = $said;
        if ($d['needs'] === []) {
            throw new DomainException('Say what has to be seen: who does what, and how often.');
        }
        if ($d['then'] === []) {
            throw new DomainException('Say what to call then: a family, a run, or the name of a call of the book.');
        }
        $needs = array_map(self::need(...), $d['needs']);
        $most = max(array_map(fn (Need $need): int => $need->times, $needs));
        if ($d['within'] !== null && $d['within'] < $most) {
            throw new DomainException("It can never come: $most times are wanted in the last {$d['within']} snaps.");
        }

        return new Trigger(
            $id,
            $d['name'],
            $d['on'] === [] ? null : $d['on'],
            $needs,
            $d['any'],
            $d['then'],
            $d['why'],
            $d['formation'],
            $d['within'],
        );
    }

    /** @param  NeedSaid  $n */
    private static function need(array $n): Need
    {
        if ($n['box'] !== null) {
            return Need::box($n['box'], $n['times']);
        }
        if (! in_array($n['kind'], self::KINDS, true)) {
            $kinds = implode(', ', array_slice(self::KINDS, 1));
            throw new DomainException("There is no kind of defender \"{$n['kind']}\": say one of $kinds, or nobody.");
        }
        if ($n['acts'] === []) {
            throw new DomainException('Say what he has to do: choose an act, or so many men in the box.');
        }

        return Need::act($n['kind'], $n['times'], ...array_map(
            fn (string $act): DefenderAct => DefenderAct::tryFrom($act)
                ?? throw new DomainException("No act is called \"$act\": choose one of the list."),
            $n['acts'],
        ));
    }
}
