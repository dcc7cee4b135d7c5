<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;

/**
 * A series: the base run, its counter, the quarterback's keep and the play-action that look alike from one formation
 * and motion (PAC-01). Sameness is measured on the first 0.8 s of every man's path; the bind of the series is what its
 * members do together to one defender.
 */
final readonly class Series
{
    /** What a series wants. */
    public const WANTED = ['run', 'counter', 'keep', 'play-action'];

    /** How long paths are compared, seconds, and how far apart they may be, yards. */
    public const LOOKS_ALIKE_S = 0.8;

    private const APART_YD = 0.75;

    /** Acts by which a defender comes for the run, and by which he does not, as the proofs name them. */
    private const COMES = ['trigger', 'insert', 'crash', 'take the back', 'fall off'];

    private const STAYS = ['stay home', 'drop', 'take the quarterback', 'come up', 'sit', 'stay'];

    /**
     * @param  array<string, Call>  $members  by id
     * @param  array<string, Proven>  $proofs  by id
     * @param  array<string, string>  $kinds  by id: one of WANTED, or option, tag, pass
     */
    private function __construct(
        public ?RunCall $base,
        public ?string $baseId,
        public array $members,
        public array $proofs,
        public array $kinds,
    ) {
    }

    /**
     * Of many calls those that live in one series with a call.
     *
     * @param  array<string, Call>  $book  by id
     * @return array<string, Call>
     */
    public static function around(Call $call, array $book): array
    {
        return array_filter($book, fn (Call $other): bool => self::shape($other) === self::shape($call));
    }

    /** @param  array<string, Call>  $members  by id */
    public static function of(array $members, Look $look, Setting $setting): self
    {
        [$base, $baseId] = self::base($members);
        $proofs = $kinds = [];
        foreach ($members as $id => $call) {
            try {
                $proofs[$id] = Proving::of($call, $look, $setting);
            } catch (UnknownRun) {
                continue;
            }
            $kinds[$id] = self::kind($call, $base, $proofs[$id]);
        }

        return new self(
            $base,
            $baseId !== null && isset($proofs[$baseId]) ? $baseId : null,
            array_intersect_key($members, $proofs),
            $proofs,
            $kinds,
        );
    }

    /**
     * Members a series should have and this one has not. A run that is read brings its own keep.
     *
     * @return list<string>
     */
    public function missing(): array
    {
        $has = array_values($this->kinds);
        foreach ($this->proofs as $proof) {
            if ($proof instanceof RunProof && isset($proof->carriers['pull'])) {
                $has[] = 'keep';
            }
        }

        return array_values(array_diff(self::WANTED, $has));
    }

    /**
     * How much a member looks like the base run, and who gives it away.
     *
     * @return array{share: float, gives: list<array{man: string, atS: float, yd: float}>} share of the eleven, 0 to 1
     */
    public function sameness(string $id): array
    {
        if ($this->baseId === null || $id === $this->baseId) {
            return ['share' => 1.0, 'gives' => []];
        }
        $one = Told::frames($this->proofs[$this->baseId]);
        $two = Told::frames($this->proofs[$id]);
        $last = (int) round(self::LOOKS_ALIKE_S / $one['step']);
        $gives = [];
        foreach ($one['men'] as $n => $man) {
            $m = array_search($man, $two['men'], true);
            $apart = 0.0;
            $at = null;
            for ($i = 0; $i <= $last && $m !== false; $i++) {
                $away = hypot(
                    $one['at'][$i][2 * $n] - $two['at'][$i][2 * $m],
                    $one['at'][$i][2 * $n + 1] - $two['at'][$i][2 * $m + 1],
                );
                $at ??= $away > self::APART_YD ? round($i * $one['step'], 2) : null;
                $apart = max($apart, $away);
            }
            if ($at !== null) {
                $gives[] = ['man' => $man, 'atS' => $at, 'yd' => round($apart, 1)];
            }
        }
        usort($gives, fn (array $a, array $b): int => $a['atS'] <=> $b['atS']);

        return ['share' => round(1.0 - count($gives) / 11.0, 3), 'gives' => $gives];
    }

    /**
     * What the members do together to every man some of them reads: who beats him when he comes for the run, who when
     * he stays.
     *
     * @return list<array{defender: string, comes: list<string>, stays: list<string>, wrong: bool,
     *     missing: string|null}> ids
     */
    public function bind(): array
    {
        $rows = [];
        foreach ($this->roles() as $role) {
            $comes = $this->beating($role, self::COMES);
            $stays = $this->beating($role, self::STAYS);
            $missing = match (true) {
                $comes === [] => 'a pass over him, or a keep off him: nothing punishes him when he comes for the run',
                $stays === [] => 'a run at him that is sound: nothing punishes him when he stays home',
                default => null,
            };
            $rows[] = ['defender' => $role, 'comes' => $comes, 'stays' => $stays, 'wrong' => $missing === null,
                'missing' => $missing];
        }
        usort(
            $rows,
            fn (array $a, array $b): int => [$b['wrong'], count($b['comes']) + count($b['stays'])] <=> [
                $a['wrong'],
                count($a['comes']) + count($a['stays']),
            ],
        );

        return $rows;
    }

    /** @return list<string> */
    private function roles(): array
    {
        $roles = [];
        foreach ($this->proofs as $proof) {
            foreach ($this->keys($proof) as $key) {
                $roles[] = $key->role;
            }
        }

        return array_values(array_unique($roles));
    }

    /** @return list<RunKey|\Jacotaxis\Core\Proof\Keys\Key> */
    private function keys(Proven $proof): array
    {
        return $proof instanceof RunProof || $proof instanceof Proof ? $proof->keys : [];
    }

    /**
     * @param  list<string>  $acts
     * @return list<string> ids of members that are free when he does one of these
     */
    private function beating(string $role, array $acts): array
    {
        $ids = [];
        foreach ($this->proofs as $id => $proof) {
            foreach ($this->keys($proof) as $key) {
                foreach ($key->role === $role ? $key->acts : [] as $row) {
                    $free = $row['outcome'] instanceof RunOutcome ? $row['outcome']->free() : $row['outcome']->open();
                    if ($free && in_array($row['act']->name, $acts, true)) {
                        // What answers the man who stays home from a pass is the run it is shown with.
                        $ids[] =
                            $proof instanceof Proof && $row['outcome']->action === 'give' && $this->baseId !== null
                                ? $this->baseId
                                : (string) $id;
                    }
                }
            }
        }

        return array_values(array_unique($ids));
    }

    /** Formation and motion as one word. */
    private static function shape(Call $call): string
    {
        return $call->formation->words().'|'.implode('|', array_map(fn ($m): string => $m->words(), $call->motions));
    }

    /**
     * The run most of the members are about: called in its own right, else the one that is faked.
     *
     * @param  array<string, Call>  $members
     * @return array{RunCall|null, string|null}
     */
    private static function base(array $members): array
    {
        $faked = array_filter(
            array_map(
                fn (Call $c): ?string => $c->fake === null ? null : $c->fake->run.' '.($c->fake->side->value ?? ''),
                $members,
            ),
        );
        $first = null;
        foreach ($members as $id => $call) {
            if ($call->run !== null && $call->run->scheme()->flowYd >= 0.0) {
                $first ??= [$call->run, (string) $id];
                if (in_array("{$call->run->scheme} {$call->run->side->value}", $faked, true)) {
                    return [$call->run, (string) $id];
                }
            }
        }

        return $first ?? [null, null];
    }

    private static function kind(Call $call, ?RunCall $base, Proven $proof): string
    {
        if ($call->run === null) {
            $faked = $call->fake === null || $base === null ? null : $call->fake->run;

            return match (true) {
                $call->fake === null => 'pass',
                $faked !== null && $faked === $base->scheme && ($call->fake->side
                    ?? $base->side) === $base->side => 'play-action',
                $faked === null && Schemes::has($call->fake->run) => 'play-action',
                default => 'pass',
            };
        }

        return match (true) {
            $call->routes !== [] => 'option',
            $base === null || ($call->run->scheme === $base->scheme && $call->run->side === $base->side) => $call->run
                ->tags === []
                ? 'run'
                : 'tag',
            $call->run->scheme()->flowYd < 0.0 || $call->run->side !== $base->side => 'counter',
            $proof instanceof RunProof && ! $call->run->scheme()->gives => 'keep',
            default => 'run',
        };
    }
}
