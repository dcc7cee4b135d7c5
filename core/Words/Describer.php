<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Document\Same;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Words\Call\KillWords;

/** Writes a call in words, as short as they can be while reading them back gives the same call. */
final class Describer
{
    private readonly ReceiverCount $count;

    private readonly Side $strong;

    private readonly Situation $situation;

    private function __construct(private readonly Call $call, ?Situation $context, private readonly ?StaffBook $book)
    {
        $situation = $this->situation = $call->situation ?? $context ?? Situation::of();
        $lineup = $call->lineup($situation, $book?->clock());
        $this->count = $lineup->count;
        $this->strong = $lineup->strong;
    }

    /**
     * @param  Situation|null  $context  where the call is made, when it does not say
     * @param  StaffBook|null  $book  for its cadence; letters stay those of the sets
     */
    public static function words(Call $call, ?Situation $context = null, ?StaffBook $book = null): string
    {
        return (new self($call, $context, $book?->plain()))->write();
    }

    /** The job of one man: "Corner at 10 yd, second read". */
    public static function job(Call $call, string $letter): string
    {
        $spec = $call->routes[$letter];
        $words = ($spec->checks ? 'Checks the rush, then ' : '').$spec->name;
        $words =
            ($spec->chips ? 'Chips the edge, then ' : '').
            $words.
            ($spec->side !== null ? ' '.$spec->side->value : '');
        $where =
            $spec->at === 'sticks'
                ? ' at the sticks'
                : ' at '.self::number($spec->depth()).' yd'.($spec->at === null ? '' : ", to the {$spec->at}");

        return ucfirst($words).
            $where.
            ($spec->finish === null ? '' : ", {$spec->finish}").
            ($spec->flag === null || $spec->checks
                ? ''
                : ', '.
                    match ($spec->flag) {
                        Flag::Clear => 'clears out',
                        Flag::Alert => 'alert',
                        Flag::Decoy => 'decoy',
                        Flag::CheckDown => 'check-down',
                    });
    }

    private function write(): string
    {
        if ($this->call->run !== null) {
            return $this->line($this->run($this->call->run));
        }
        $families = array_values(
            array_filter(
                Recognition::all(Drawn::of($this->call, $this->count, $this->strong, $this->book->families ?? [])),
                fn (array $f): bool => $f['family']->needs === null,
            ),
        );
        $bodies = array_map(
            fn (array $some): string => $this->body($this->families($some)),
            count($families) > 1 ? [...array_map(fn (array $one): array => [$one], $families), $families] : [$families],
        );
        usort($bodies, fn (string $a, string $b): int => strlen($a) <=> strlen($b));

        return $this->line($bodies[0]);
    }

    /** The run, the routes with it, its tags and the jobs given by hand. */
    private function run(RunCall $run): string
    {
        $routes = array_map(fn (string $l): string => $this->assignment($l), array_keys($this->call->routes));
        $words = $run->words().($routes === [] ? '' : ', rpo: '.implode('; ', $routes));
        foreach ($run->tags as $tag) {
            $words .= "; tag {$tag->words()}";
        }
        foreach ($run->orders as $letter => $order) {
            $words .= "; $letter {$order->words()}";
        }
        $usual = $this->back($words);
        if ($this->call->reads !== [] && $usual?->reads !== $this->call->reads) {
            $words .= '; read '.implode(', ', $this->call->reads);
        }

        return $words;
    }

    /**
     * What stands after the colon when these families are named; the rest may follow from who is said first, so the
     * order of the reads is tried as well where the other needs more words.
     *
     * @param  list<string>  $parts
     */
    private function body(array $parts): string
    {
        $letters = array_map(strval(...), array_keys($this->call->routes));
        // Who clears out or checks is said last.
        $filled = array_filter($letters, fn (string $l): bool => $this->call->routes[$l]->flag !== null);
        $usual = $this->inOrder($parts, [...array_diff($letters, $filled), ...$filled]);
        $reads = array_values(array_intersect($this->call->reads, $letters));
        $byReads = $this->inOrder($parts, [...$reads, ...array_diff($letters, $reads, $filled), ...$filled]);

        return strlen($byReads) < strlen($usual) ? $byReads : $usual;
    }

    /**
     * @param  list<string>  $parts  families
     * @param  list<string>  $letters  in the order in which they are said
     */
    private function inOrder(array $parts, array $letters): string
    {
        $said = [];
        foreach ($letters as $letter) {
            $words = implode('; ', [...$parts, ...array_map(fn (string $l): string => $this->assignment($l), $said)]);
            $back = $words === '' ? null : $this->back($words);
            if ($back === null || ! $this->sameRoute($back, $letter)) {
                $said[] = $letter;
            }
        }
        $body = [...$parts, ...array_map(fn (string $l): string => $this->assignment($l), $said)];
        $body = [...$body, ...$this->blocks($body)];
        if (! $this->same($this->back(implode('; ', $body))) && $this->call->reads !== []) {
            $body[] = 'read '.implode(', ', $this->call->reads);
        }
        if (! $this->same($this->back(implode('; ', $body)))) {
            $body = array_map(fn (string $l): string => $this->assignment($l), $letters);
            $body = [...$body, ...$this->blocks($body)];
            $body = $this->call->reads === [] ? $body : [...$body, 'read '.implode(', ', $this->call->reads)];
        }

        return implode('; ', $body);
    }

    /**
     * @param  list<array{family: \Jacotaxis\Core\Concept\Families\Family, side: Side}>  $families
     * @return list<string>
     */
    private function families(array $families): array
    {
        if (count($families) === 2 && $families[0]['family'] === $families[1]['family']) {
            return [$families[0]['family']->name.' both'];
        }

        return array_map(fn (array $f): string => "{$f['family']->name} {$f['side']->value}", $families);
    }

    /**
     * Men who stay in although the words so far would send them out.
     *
     * @param  list<string>  $parts  what is said so far
     * @return list<string>
     */
    private function blocks(array $parts): array
    {
        $back = $this->back(implode('; ', $parts));
        $out = array_keys(array_diff_key($back->routes ?? [], $this->call->routes));

        return array_map(fn (string $l): string => "$l block", $out);
    }

    private function assignment(string $letter): string
    {
        $r = $this->call->routes[$letter];
        $depth = $r->depthYd === null || $r->at === 'sticks' ? '' : ' '.self::number($r->depthYd);
        $flag = $r->flag === null || $r->flag === Flag::CheckDown ? '' : ' '.$r->flag->value;

        return $letter.
            ($r->checks ? ' check' : '').
            ($r->chips ? ' chip' : '').
            " {$r->name}$depth".
            ($r->at === null ? '' : " at {$r->at}").
            ($r->side === null ? '' : " {$r->side->value}").
            ($r->finish === null ? '' : " {$r->finish}").
            ($r->release === null ? '' : " {$r->release} release").
            $flag;
    }

    /** @param  string|null  $kill  the second call, as it stands in the words */
    private function line(string $body, ?string $kill = null): string
    {
        $situation = $this->call->situation === null ? '' : SituationParser::words($this->call->situation).' | ';
        $drop = $this->call->drop === null ? '' : ", {$this->call->drop->value}";
        $keys = implode('', array_map(fn (string $k): string => "; key $k", $this->call->keys));

        $keys .= $this->call->hot === null ? '' : "; hot {$this->call->hot}";
        foreach ($this->call->readsBy as $by => $reads) {
            $keys .= "; read $by ".implode(', ', $reads);
        }
        foreach ($this->call->rules as $rule) {
            $keys .= "; {$rule->words()}";
        }
        $head =
            ($this->call->fake === null ? '' : ", {$this->call->fake->words()}").
            ($this->call->protection === null ? '' : ", {$this->call->protection->words()}");

        $standing = self::standing($this->call);

        return "$situation$standing$head$drop: $body$keys".($kill ?? $this->kill());
    }

    /** Formation and motions: what two calls of one package share. */
    public static function standing(Call $call): string
    {
        $motions = implode('', array_map(fn (Motion $m): string => ", {$m->words()}", $call->motions));

        return $call->formation->words().$motions;
    }

    /** The second call and its rule, where there is one. */
    private function kill(): string
    {
        $kill = $this->call->kill;
        if ($kill === null) {
            return '';
        }
        $second = self::words($kill->to->with(['situation' => null]), $this->situation, $this->book);
        $body = substr($second, strlen(self::standing($kill->to)));

        return '; kill to '.ltrim($body, ' ,:').' '.KillWords::when($kill);
    }

    private function back(string $body): ?Call
    {
        try {
            return CallParser::own($this->line($body, ''), $this->situation, $this->book);
        } catch (NotUnderstood) {
            return null;
        }
    }

    private function same(?Call $other): bool
    {
        return $other !== null
            && $other->reads === $this->call->reads
            && Same::documents($other->readsBy, $this->call->readsBy)
            && count($other->routes) === count($this->call->routes)
            && array_filter(array_keys($this->call->routes),
                fn (string $l): bool => ! $this->sameRoute($other, $l)) === [];
    }

    private function sameRoute(Call $other, string $letter): bool
    {
        return isset($other->routes[$letter]) &&
            $this->key($other->routes[$letter]) === $this->key($this->call->routes[$letter]);
    }

    private function key(RouteSpec $r): string
    {
        return implode('|', [
            $r->name,
            $r->at === 'sticks' ? 'sticks' : $r->depth(),
            $r->at,
            $r->side?->value,
            $r->flag?->value,
            $r->checks ? 1 : 0,
            $r->chips ? 1 : 0,
            $r->finish,
            $r->release,
        ]);
    }

    private static function number(float $yd): string
    {
        return rtrim(rtrim(sprintf('%.2f', $yd), '0'), '.');
    }
}
