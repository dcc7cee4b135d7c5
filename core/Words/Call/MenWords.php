<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteShape;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\UnknownRoute;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Tokens;

/** Reads men, sides and routes of the call language, as a set on the field has them. */
final readonly class MenWords
{
    /** Routes past the line that an inside receiver runs where nobody is named. */
    private const INSIDE = ['seam', 'bender', 'slide', 'flat', 'arrow', 'sit', 'choice', 'wheel'];

    public function __construct(
        private Tokens $tokens,
        private Lineup $lineup,
        private Hash $hash,
        private ?CallDraft $draft = null,
    ) {
    }

    /**
     * A letter, "#2 right", "backside #1" or "frontside #2": of a run its sides, else those of the set; null when none
     * comes next.
     */
    public function who(): ?string
    {
        $word = $this->tokens->peek();
        if ($word === null) {
            return null;
        }
        $relative = in_array($word, ['backside', 'frontside'], true) ? $word : null;
        if ($relative !== null) {
            $this->tokens->next();
            $word = $this->tokens->peek() ?? '';
        }
        if (preg_match('/^#(\d)$/', $word, $m) === 1) {
            $this->tokens->next();
            $side = $relative === null ? $this->side() ?? $this->lineup->strong : $this->relative($relative);
            $letter =
                $this->lineup->count->letter($side, (int) $m[1]) ?? throw NotUnderstood::nobody("$word {$side->value}");
            if ($relative !== null && $this->draft?->run !== null) {
                $this->draft->assumed[] = "$relative $word is $letter: the $relative of the run";
            }

            return $letter;
        }
        $letter = strtoupper($word);
        if ($letter === 'Q') {
            throw NotUnderstood::because('Q throws; he cannot go out on a route.', $word);
        }
        if (in_array($letter, [...$this->letters(), ...Man::LINEMEN], true)) {
            $this->tokens->next();

            return $letter;
        }

        return null;
    }

    /**
     * "#2 both": the men of a number on both sides, where they stand; "insides": everybody inside of an outside man;
     * "everybody": all who are counted on either side;
     * none when no such words come next.
     *
     * @return list<string>
     */
    public function each(): array
    {
        if ($this->tokens->take('insides') !== null) {
            $strong = $this->lineup->strong;
            $men = [...array_slice($this->on($strong), 1), ...array_slice($this->on($strong->opposite()), 1)];

            return $men === [] ? throw NotUnderstood::nobody('inside') : $men;
        }
        if ($this->tokens->take('everybody') !== null) {
            return [...$this->on($this->lineup->strong), ...$this->on($this->lineup->strong->opposite())];
        }
        $mark = $this->tokens->mark();
        $number = preg_match('/^#(\d)$/', (string) $this->tokens->next(), $m) === 1 ? (int) $m[1] : 0;
        if ($number === 0 || $this->tokens->take('both') === null) {
            $this->tokens->back($mark);

            return [];
        }
        $strong = $this->lineup->strong;
        $letters = array_map(
            fn (Side $side): ?string => $this->lineup->count->letter($side, $number),
            [$strong, $strong->opposite()],
        );

        $there = array_values(array_filter($letters, fn (?string $l): bool => $l !== null));

        return $there === [] ? throw NotUnderstood::nobody("#$number") : $there;
    }

    /**
     * Who runs a route with a run when nobody is named: a throw at the line and a route of inside men the inside
     * receiver away from the run, another the outside receiver there; where nobody stands there, on the run's side.
     * Null where nobody stands.
     *
     * @param  Side|null  $side  where the throw is said to go
     */
    public function usual(RouteShape $route, ?Side $side = null): ?string
    {
        $front = $this->draft?->run->side ?? $this->lineup->strong;
        $other = $this->relative('backside');
        $isInside = $route->depthYd <= 0.0 || in_array($route->name, self::INSIDE, true);
        foreach ($side === null ? [$other, $front] : [$side] as $there) {
            $men = $this->lineup->count->on($there);
            if (! $isInside && $men !== []) {
                return $men[0];
            }
            if ($isInside && count($men) > 1) {
                return $men[1];
            }
        }

        return null;
    }

    /** Whether a letter comes next and nothing is said of him: "texas R" is texas by R. */
    public function alone(): bool
    {
        $mark = $this->tokens->mark();
        $alone = $this->who() !== null && in_array($this->tokens->peek(), [null, ';', ','], true);
        $this->tokens->back($mark);

        return $alone;
    }

    public function isBack(string $letter): bool
    {
        return in_array($letter, $this->lineup->count->backs, true);
    }

    public function strong(): Side
    {
        return $this->lineup->strong;
    }

    /** @return list<string> receivers of a side, the outside one first */
    public function on(Side $side): array
    {
        return $this->lineup->count->on($side);
    }

    /** @throws NotUnderstood */
    public function number(int $number, Side $side): string
    {
        return $this->lineup->count->letter($side, $number) ?? throw NotUnderstood::nobody("#$number {$side->value}");
    }

    /** The back, where there is one and no other; of several the one who stands on a side. */
    public function back(?Side $side = null): ?string
    {
        $backs = $this->lineup->count->backs;
        $there = $side === null ? [] : array_values(array_filter(
            $backs,
            fn (string $letter): bool => $this->lineup->men[$letter]->xYd * $side->sign() > 0.0,
        ));

        return match (true) {
            count($backs) === 1 => $backs[0],
            count($there) === 1 => $there[0],
            default => null,
        };
    }

    /**
     * The outside receivers.
     *
     * @param  list<Side>  $sides
     * @return list<string>
     */
    public function outside(array $sides): array
    {
        return array_values(array_filter(
            array_map(fn (Side $s): ?string => $this->lineup->count->letter($s, 1), $sides),
            fn (?string $letter): bool => $letter !== null,
        ));
    }

    /** The side a word means that says where the play goes: the run's, else that said of a family, else the set's. */
    private function relative(string $word): Side
    {
        $families = array_values(array_filter(
            array_column($this->draft->families ?? [], 'sides'),
            fn (array $sides): bool => count($sides) === 1,
        ));
        $front = $this->draft?->run->side ?? ($families[0][0] ?? $this->lineup->strong);

        return $word === 'frontside' ? $front : $front->opposite();
    }

    /**
     * Who can go out on a route.
     *
     * @return list<string>
     */
    public function letters(): array
    {
        return [...$this->lineup->count->left, ...$this->lineup->count->right, ...$this->lineup->count->backs];
    }

    /** @return list<string> who stands outside the backfield */
    public function receivers(): array
    {
        return [...$this->lineup->count->left, ...$this->lineup->count->right];
    }

    /**
     * As {@see who}, and somebody must come.
     *
     * @throws NotUnderstood
     */
    public function man(string $what): string
    {
        return $this->who() ??
            throw NotUnderstood::word($this->tokens->peek() ?? '', $what, array_map(strtolower(...), $this->letters()));
    }

    /**
     * "left", "both", or nothing.
     *
     * @return list<Side>
     */
    public function sides(): array
    {
        if ($this->tokens->take('both') !== null) {
            return [$this->lineup->strong, $this->lineup->strong->opposite()];
        }
        $side = $this->awayAlone() ?? $this->side();

        return $side === null ? [] : [$side];
    }

    /** "backside" where nobody and nothing follows that it belongs to. */
    private function awayAlone(): ?Side
    {
        $mark = $this->tokens->mark();
        $said = $this->tokens->take('backside', 'frontside');
        if ($said !== null && in_array($this->tokens->peek(), [null, ',', ';'], true)) {
            return $this->relative($said);
        }
        $this->tokens->back($mark);

        return null;
    }

    /** A side, by the field too; null when none comes next. */
    public function side(): ?Side
    {
        return match ($this->tokens->take('left', 'right', 'field', 'boundary', 'strong', 'weak')) {
            'left' => Side::Left,
            'right' => Side::Right,
            'field' => $this->fieldSide(),
            'boundary' => $this->fieldSide()->opposite(),
            'strong' => $this->lineup->strong,
            'weak' => $this->lineup->strong->opposite(),
            default => null,
        };
    }

    private function fieldSide(): Side
    {
        return $this->hash->fieldSide() ?? $this->draft->fieldSide ?? $this->lineup->strong;
    }

    /**
     * "check flat left", "dig 12 at hash settling"
     *
     * @throws NotUnderstood
     */
    public function route(string $letter): RouteSpec
    {
        $checks = $this->tokens->take('check') !== null;
        $names = array_keys(Routes::all());
        $name = $this->tokens->phrase($names);
        $chips = $name === null && $this->tokens->take('chip') !== null;
        $name ??= $this->tokens->phrase($names);
        if ($name === null) {
            throw NotUnderstood::word($this->tokens->peek() ?? '', "route for $letter", $names);
        }
        $depth = is_numeric($this->tokens->peek()) ? (float) $this->tokens->next() : null;
        $at = $this->tokens->take(...RouteSpec::LANDMARKS);
        $side = $this->side();
        $finish = $this->tokens->take(...RouteSpec::FINISHES);
        $release = $this->tokens->take(...RouteSpec::RELEASES);
        $this->tokens->skip('release');
        $flag = Flag::tryFrom($this->tokens->take('clear', 'alert', 'decoy') ?? '');
        try {
            $default = Routes::get($name)->depthYd;

            return RouteSpec::of(
                $name,
                $depth === $default ? null : $depth,
                $side,
                $flag ?? ($checks ? Flag::CheckDown : null),
                $checks,
                $chips,
                $at,
                $finish,
                $release,
            );
        } catch (UnknownRoute $e) {
            throw NotUnderstood::because($e->getMessage(), (string) ($depth ?? $at));
        }
    }
}
