<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Blocking\Run\Catalogue\KeyRow;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;
use Jacotaxis\Core\Blocking\Run\Order;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\Tag;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\StaffRule;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\DefenderWords;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Tokens;

/**
 * Reads the run part of a call: "F belly right", "tag arc left", "X crack free safety", "if will insert then throw H".
 */
final readonly class RunParser
{
    /** Jobs that may be given by hand, in the words of a coach. */
    public const VERBS = ['block', 'base', 'reach', 'down', 'scoop', 'climb', 'release', 'kick', 'wrap', 'lead', 'fill',
        'fold', 'hook', 'load', 'edge', 'arc', 'bluff', 'split', 'crack', 'cut off', 'stalk'];

    /** Other words for them. */
    private const SAID = ['insert' => 'lead', 'pull' => 'wrap', 'trap' => 'kick', 'seal' => 'down', 'pin' => 'down',
        'log' => 'hook', 'chase' => 'cut off'];

    /** How a phase is said. */
    private const PHASES = [
        'before snap' => 'before the snap',
        'before' => 'before the snap',
        'on fake' => 'fake',
        'fake' => 'fake',
        'on stem' => 'stem',
        'stem' => 'stem',
        'on break' => 'break',
        'break' => 'break',
    ];

    public function __construct(private Tokens $tokens, private MenWords $men, private CallDraft $draft)
    {
    }

    /** The run that comes next, or null when none does. */
    public function run(Side $strong): ?RunCall
    {
        $mark = $this->tokens->mark();
        $who = $this->carrier();
        $scheme = $this->longer(Schemes::names()) ? null : $this->tokens->phrase(Schemes::names());
        if ($scheme === null) {
            $this->tokens->back($mark);

            return null;
        }
        $side = $this->men->side();
        if ($side === null) {
            $way = $this->wayOfMotion($scheme);
            $stands = Schemes::get($scheme)->screen === null ? null : $this->sideOf($who);
            $side = $way ?? $stands ?? $strong;
            $why = match (true) {
                $way !== null => 'the way of the motion',
                $stands !== null => "where $who stands",
                default => 'the strength',
            };
            $this->draft->assumed[] = "$scheme {$side->value}, $why";
        }
        $only = $this->tokens->take('give') !== null;
        $this->tokens->skip('only');
        $run = new RunCall($scheme, $side, $who, giveOnly: $only);

        return $this->isRead($run) ? $run->withTag(new Tag('read')) : $run;
    }

    /** The side a receiver stands on; null for a back. */
    private function sideOf(?string $letter): ?Side
    {
        return match (true) {
            $letter === null => null,
            in_array($letter, $this->men->on(Side::Left), true) => Side::Left,
            in_array($letter, $this->men->on(Side::Right), true) => Side::Right,
            default => null,
        };
    }

    /** Where a man in motion goes whose motion has the name of the run, where that is said: "H jet right: jet". */
    private function wayOfMotion(string $scheme): ?Side
    {
        foreach ($this->draft->motions as $motion) {
            if ($motion->kind->value === $scheme && $motion->side !== null) {
                return $motion->side;
            }
        }

        return null;
    }

    /**
     * "counter left read": a run that reads nobody of its own, or not from every set, with nobody named whom the
     * quarterback reads next.
     */
    private function isRead(RunCall $run): bool
    {
        $mark = $this->tokens->mark();
        $said = $this->tokens->take('read') !== null
            && (in_array($this->tokens->peek(), [null, ';', ','], true) || $this->routeIsNext());
        if (! $said) {
            $this->tokens->back($mark);
        }
        $scheme = $run->scheme();

        $always = array_filter($scheme->keys, fn (KeyRow $key): bool => in_array($key->when, ['', 'gun'], true));
        $reads = $always !== [] || $scheme->kind === RunKind::Zone && $scheme->keys !== [];

        return $said && ! $reads && in_array($scheme->kind, Tags::get('read')->kinds, true);
    }

    /** "tag tackle arc", "tag arc left" */
    public function tag(): void
    {
        $name =
            $this->tokens->phrase(Tags::names()) ??
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'tag', Tags::names());
        $run = $this->draft->run ?? throw NotUnderstood::because('A tag goes with a run: say the run first.', 'tag');
        $data = Tags::get($name);
        if (! in_array($run->scheme()->kind, $data->kinds, true)) {
            throw NotUnderstood::because(
                "The tag $name does not go with {$run->scheme}: it changes ".
                    implode(' and ', array_map(fn (RunKind $k): string => $k->value, $data->kinds)).
                    ' runs.',
                $name,
            );
        }
        $this->draft->run = $run->withTag(new Tag($name, $this->men->side()));
    }

    /** "zone right with arc": a tag whose word is no run, said without "tag". */
    public function bareTag(): bool
    {
        $mark = $this->tokens->mark();
        $runs = Schemes::names();
        $name = $this->draft->run === null ? null : $this->tokens->phrase(Tags::names());
        $this->tokens->back($mark);
        if ($name === null || in_array($name, $runs, true) || $name === 'read') {
            return false;
        }
        $this->tag();

        return true;
    }

    /** "crack free safety" after a letter; false when no job comes next. */
    public function order(string $letter): bool
    {
        $known = [...self::VERBS, ...array_keys(self::SAID)];
        $verbs = [...$known, ...array_map(fn (string $v): string => "{$v}s", $known)];
        $run = $this->draft->run;
        $verb = $run === null || $this->longer($verbs) ? null : $this->tokens->phrase($verbs);
        if ($verb === null || $run === null) {
            return false;
        }
        $verb = in_array($verb, $known, true) ? $verb : substr($verb, 0, -1);
        $verb = self::SAID[$verb] ?? $verb;
        $target = $this->tokens->phrase(DefenderWords::roles());
        if (isset($run->orders[$letter])) {
            throw NotUnderstood::twice($letter);
        }
        $this->draft->run = new RunCall(
            $run->scheme,
            $run->side,
            $run->who,
            $run->tags,
            [...$run->orders, $letter => new Order(Verb::from($verb), $target)],
            $run->giveOnly,
        );

        return true;
    }

    /** "if will insert then throw H", "if left end crash before the snap then H arc" */
    public function rule(): void
    {
        $defender =
            $this->tokens->phrase(DefenderWords::roles()) ??
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'defender', DefenderWords::roles());
        $acts = array_merge(...array_map(fn (string $a): array => [$a => str_replace('the ', '', $a)],
            StaffRule::ACTS));
        $said = $this->tokens->phrase([
            ...array_values($acts),
            ...array_map(fn (string $a): string => "{$a}s", array_values($acts)),
        ]);
        $act = false;
        foreach ($said === null ? [] : [$said, substr($said, 0, -1)] as $one) {
            $act = $act === false ? array_search($one, $acts, true) : $act;
        }
        if ($act === false) {
            throw NotUnderstood::word($this->tokens->peek() ?? '', "act of the $defender", StaffRule::ACTS);
        }
        $phase = self::PHASES[$this->tokens->phrase(array_keys(self::PHASES)) ?? 'fake'];
        $action = $this->tokens->take(...StaffRule::ACTIONS);
        if ($action === 'throw') {
            $this->draft->rules[] = new StaffRule($defender, $act, $phase, $action, $this->men->man('man to throw to'));

            return;
        }
        if ($action !== null) {
            $this->draft->rules[] = new StaffRule($defender, $act, $phase, $action);

            return;
        }
        $letter = $this->men->man('man, or give, pull, keep, pitch, throw');
        $verb = $this->tokens->phrase(self::VERBS);
        $target = $verb === null ? null : $this->tokens->phrase(DefenderWords::roles());
        $job = $verb === null ? $this->men->route($letter)->name : trim("$verb $target");
        $this->draft->rules[] = new StaffRule($defender, $act, $phase, null, $letter, $job);
    }

    /**
     * Whether a route with a longer name comes next: a crack seam is no crack.
     *
     * @param  list<string>  $phrases
     */
    private function longer(array $phrases): bool
    {
        $mark = $this->tokens->mark();
        $one = $this->tokens->phrase($phrases);
        $this->tokens->back($mark);
        $route = $this->tokens->phrase(array_keys(Routes::all()));
        $this->tokens->back($mark);

        return $one !== null && $route !== null && strlen($route) > strlen($one);
    }

    private function routeIsNext(): bool
    {
        $mark = $this->tokens->mark();
        $route = $this->tokens->phrase(array_keys(Routes::all()));
        $this->tokens->back($mark);

        return $route !== null;
    }

    private function carrier(): ?string
    {
        $letter = strtoupper($this->tokens->peek() ?? '');
        if (! in_array($letter, $this->men->letters(), true) || in_array($letter, Man::LINEMEN, true)) {
            return null;
        }
        $this->tokens->next();

        return $letter;
    }
}
