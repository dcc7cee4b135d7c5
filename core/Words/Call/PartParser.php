<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Tokens;

/** Reads one part of a call after the colon: a family, or a man with his route or job. */
final readonly class PartParser
{
    /** What keeps a man in on a pass. */
    private const STAYS = ['block', 'blocks', 'stay', 'stays', 'protect', 'protects'];

    /** Everybody who has not been given a route yet stays in. */
    private const REST = ['the rest block', 'the rest blocks', 'the rest stay in', 'rest block', 'rest blocks',
        'rest stay in', 'everybody else blocks', 'everyone else blocks', 'everybody else block', 'everyone else block',
        'all others block', 'the others block'];

    /** Every receiver who has no route yet. */
    private const OTHERS = ['the rest', 'rest', 'everybody else', 'everyone else', 'all others', 'the others'];

    private LooseRoutes $loose;

    public function __construct(private Tokens $tokens, private MenWords $men, private CallDraft $draft)
    {
        $this->loose = new LooseRoutes($tokens, $men, $draft);
    }

    /**
     * Takes the part that comes next.
     *
     * @throws NotUnderstood
     */
    public function part(): void
    {
        if ($this->tokens->phrase(self::REST) !== null) {
            array_push($this->draft->stays, ...array_diff(
                $this->men->letters(),
                array_keys($this->draft->routes),
                $this->draft->stays,
            ));

            return;
        }
        if ($this->others()) {
            return;
        }
        $family = $this->family();
        if ($family !== null) {
            if ($family->needs !== null) {
                throw NotUnderstood::because(
                    "{$family->name} is not ready to be called (CAL-15): {$family->needs}.",
                    $family->name,
                );
            }
            $sides = $this->men->sides();
            $by = $this->tokens->take('by') !== null || $this->men->alone();
            $letter = $by ? $this->men->man('man') : null;
            $taken = $this->takenBy($family, $letter);
            $this->draft->families[] = ['family' => $taken, 'sides' => $sides, 'by' => $letter];

            return;
        }
        $each = $this->men->each();
        if ($each !== []) {
            $route = $this->men->route($each[0]);
            array_map(fn (string $l) => $this->loose->give($l, $route), $each);

            return;
        }
        $letter = $this->men->who();
        if ($letter === null) {
            $this->loose->route();

            return;
        }
        $said = [...array_keys($this->draft->routes), ...$this->draft->stays, ...$this->draft->clears];
        if (in_array($letter, $said, true)) {
            throw NotUnderstood::twice($letter);
        }
        if ($this->draft->run === null && $this->tokens->take(...self::STAYS) !== null) {
            $this->tokens->skip('in', 'block', 'blocks');
            $this->draft->stays[] = $letter;

            return;
        }
        if ($this->draft->run === null && $this->tokens->take('clear', 'clears') !== null) {
            $this->tokens->skip('out');
            $this->draft->clears[] = $letter;

            return;
        }
        $his = $this->draft->run === null && ! $this->isRoute() ? $this->family() : null;
        if ($his !== null) {
            $this->draft->families[] =
                ['family' => $this->takenBy($his, $letter), 'sides' => $this->men->sides(), 'by' => $letter];

            return;
        }
        if (! (new RunParser($this->tokens, $this->men, $this->draft))->order($letter)) {
            $this->draft->routes[$letter] = $this->men->route($letter);
        }
    }

    /**
     * A family that a man may be named for: its one route is anybody's, or it has a back and he is one.
     *
     * @throws NotUnderstood
     */
    private function takenBy(Family $family, ?string $letter): Family
    {
        $takes = array_filter(
            $family->forms,
            fn (Form $f): bool => count($f->any) === 1 || $f->back !== null && $this->men->isBack((string) $letter),
        );
        if ($letter !== null && $takes === []) {
            throw NotUnderstood::because(
                "{$family->name} is run by several men ({$family->definition()}): say its side, or what $letter runs.",
                $family->name,
            );
        }

        return $family;
    }

    /** "everyone else hitch": the receivers nobody has given a route yet; backs keep what they have. */
    private function others(): bool
    {
        $mark = $this->tokens->mark();
        if ($this->tokens->phrase(self::OTHERS) === null) {
            return false;
        }
        $said = [...array_keys($this->draft->routes), ...$this->draft->stays];
        $open = array_values(array_diff($this->men->receivers(), $said));
        if ($open === [] || ! $this->isRoute()) {
            $this->tokens->back($mark);

            return false;
        }
        $route = $this->men->route($open[0]);
        array_map(fn (string $l) => $this->loose->give($l, $route), $open);

        return true;
    }

    /** The family that comes next; peeking, nothing is taken. */
    public function family(bool $peek = false): ?Family
    {
        $families = Drawn::catalogue($this->draft->own);
        $mark = $this->tokens->mark();
        $name = $this->tokens->phrase(array_map(strval(...), array_keys($families)));
        $longer = $name === null ? null : $this->longerRoute($mark, $name);
        if ($peek) {
            $this->tokens->back($mark);
        }

        return $name === null || $longer === true ? null : $families[$name];
    }

    /** Whether a route comes next, and no family with a longer name. */
    private function isRoute(): bool
    {
        $mark = $this->tokens->mark();
        $route = $this->tokens->phrase(array_keys(Routes::all()));
        $this->tokens->back($mark);
        $family = $route === null ? null : $this->family(peek: true);

        return $route !== null && strlen($family->name ?? '') <= strlen($route);
    }

    /** Whether what looks like a family is a route said before its man: "post-corner by Z". */
    private function longerRoute(int $mark, string $name): bool
    {
        $after = $this->tokens->mark();
        $this->tokens->back($mark);
        $route = $this->tokens->phrase(array_keys(Routes::all()));
        $is = $route !== null && strlen($route) > strlen($name);
        $this->tokens->back($is ? $mark : $after);

        return $is;
    }
}
