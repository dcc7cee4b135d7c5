<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use DomainException;
use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Blocking\Trick;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\LineSplits;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\Tokens;
use Jacotaxis\Core\Words\Trade\TradeCalls;

/** Reads what stands before the colon: formation, line splits, motions, drop. */
final class FormationParser
{
    private const GROUPS = ['00', '01', '10', '11', '12', '20', '21', '22', '23', '30', '31', '32'];

    private Tokens $tokens;

    private FormationSide $sides;

    private MotionParser $motions;

    private function __construct(private readonly CallDraft $draft, private readonly StaffBook $book)
    {
    }

    /**
     * Fills the draft.
     *
     * @param  string  $all  the whole line: it tells which letters are used
     *
     * @throws NotUnderstood
     */
    public static function read(string $head, string $all, CallDraft $draft, ?StaffBook $book = null): void
    {
        $parser = new self($draft, $book ?? new StaffBook);
        $parser->tokens = new Tokens($head);
        $parser->sides = new FormationSide($parser->tokens, $draft);
        $parser->motions = new MotionParser($parser->tokens, $parser->sides, $draft, $parser->book);
        $group = $parser->group();
        $parser->set($all);
        $parser->rest();
        $parser->has($group);
    }

    /**
     * A formation alone, or that of a call.
     *
     * @throws NotUnderstood
     */
    public static function parse(string $words, ?Situation $situation = null, ?StaffBook $book = null): CallDraft
    {
        $draft = new CallDraft;
        $draft->context = $situation;
        // Of a call, and of "wing right, boot right" which the trade makes one, what stands before the routes is asked.
        $own = TradeCalls::call($words);
        $head = explode(':', substr($own, (int) strrpos("|$own", '|')), 2)[0];
        self::read($head, $head, $draft, $book);

        return $draft;
    }

    /** Personnel said first: the staff's name for it, or two figures and "personnel". */
    private function group(): ?string
    {
        $named = $this->tokens->phrase(array_map(strval(...), array_keys($this->book->groups)));
        if ($named !== null) {
            $this->tokens->skip('personnel');

            return $this->book->groups[$named];
        }
        $figures = $this->tokens->phrase(array_map(fn (string $g): string => "$g personnel", self::GROUPS));

        return $figures === null ? null : substr($figures, 0, 2);
    }

    /** The set must have the personnel said. */
    private function has(?string $group): void
    {
        $has = $this->draft->formation->personnel();
        if ($group !== null && ! $this->draft->formation->takes($group)) {
            throw NotUnderstood::because("{$this->draft->formation->set} has $has personnel (backs and tight ends), "
                ."not $group. Say another set or another group.", $group);
        }
    }

    private function set(string $all): void
    {
        $ours = array_map(strval(...), array_keys($this->book->sets));
        $saved = $this->tokens->phrase($ours);
        $quarterback = $saved === null ? $this->tokens->phrase(Sets::quarterbacks()) : null;
        $saved ??= $quarterback === null ? null : $this->tokens->phrase($ours);
        if ($saved !== null) {
            $this->saved($this->book->sets[$saved], $saved, $quarterback);

            return;
        }
        $modifier = $this->tokens->phrase(Formation::MODIFIERS);
        $set = $this->tokens->phrase(Sets::names());
        $quarterback ??= $this->tokens->phrase(Sets::quarterbacks());
        if ($set === null && $quarterback !== null && $this->setMayBeMissing()) {
            $set = '2x2';
            $this->draft->assumed[] = $set;
        }
        if ($set === null) {
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'set', [
                ...$quarterback === null ? Sets::quarterbacks() : [],
                ...Sets::names(),
                ...$ours,
            ]);
        }
        $modifier ??= $this->tokens->phrase(Formation::MODIFIERS);
        $quarterback ??= $this->tokens->phrase(Sets::quarterbacks());
        $side = $this->sides->next();
        $modifier ??= $this->tokens->phrase(Formation::MODIFIERS);
        $quarterback ??= $this->tokens->phrase(Sets::quarterbacks());
        $this->draft->sided = $side !== null;
        if ($quarterback === null) {
            $this->draft->assumed[] = Sets::usualQuarterback($set);
        }
        $formation = new Formation($quarterback ?? Sets::usualQuarterback($set), $set, $side ?? Side::Right, $modifier);
        $this->draft->formation = $this->standingIn($formation, $all);
    }

    /** Whether only a side or nothing follows where a set would stand. */
    private function setMayBeMissing(): bool
    {
        return in_array($this->tokens->peek(), [null, ',', 'left', 'right', 'field', 'boundary'], true);
    }

    /** A set the staff saved: its own side unless another is said; where the quarterback stands is saved with it. */
    private function saved(Formation $formation, string $name, ?string $quarterback): void
    {
        if ($quarterback !== null && $quarterback !== $formation->quarterback) {
            throw NotUnderstood::because(
                "Your set $name was saved with the quarterback $formation->quarterback, not $quarterback. ".
                    "Say \"$name\" alone, or save it again with him $quarterback.",
                $quarterback,
            );
        }
        $side = $this->sides->next();
        $this->draft->sided = true;
        $this->draft->formation = $side === null || $side === $formation->side ? $formation : $formation->mirrored();
    }

    /** The second back comes in for the first when the words name him and not the other. */
    private function standingIn(Formation $formation, string $all): Formation
    {
        $letters = $formation->letters();
        $said = preg_match_all('/(?<![\w#-])([rf])(?![\w-])/', mb_strtolower($all), $found) > 0
            ? array_unique($found[1])
            : [];
        foreach (['R' => 'F', 'F' => 'R'] as $in => $for) {
            if (
                in_array(strtolower($for), $said, true) &&
                ! in_array(strtolower($in), $said, true) &&
                ! in_array($for, $letters, true) &&
                in_array($in, $letters, true)
            ) {
                $this->draft->assumed[] = "$for in for $in";

                return new Formation(
                    $formation->quarterback,
                    $formation->set,
                    $formation->side,
                    $formation->modifier,
                    $formation->splits,
                    $formation->spots,
                    [$in => $for],
                );
            }
        }

        return $formation;
    }

    private function rest(): void
    {
        $this->tokens->skip(',');
        while (! $this->tokens->done()) {
            $word = (string) $this->tokens->peek();
            match (true) {
                $this->tokens->ahead('fake'),
                $this->tokens->ahead('flicker'),
                $this->tokens->ahead('back') && $this->tokens->ahead('pass') => $this->draft->fake = $this->fake(),
                $this->tokens->take('freeze') !== null => $this->draft->fake = $this->freeze(),
                $this->protects() => null,
                $this->tokens->take('splits', 'split') !== null => $this->splits(),
                $this->motions->unnamed() => null,
                in_array($word, array_column(Footwork::cases(), 'value'), true) => ($this->draft->drop = Footwork::from(
                    (string) $this->tokens->next(),
                )),
                $this->stands() => null,
                in_array(strtoupper($word), $this->draft->formation->letters(), true),
                in_array(strtoupper($word), Man::LINEMEN, true) => $this->motions->named(),
                default => throw $this->secondSet() ?? NotUnderstood::word($word, 'side, motion or drop', [
                    'left',
                    'right',
                    'field',
                    'boundary',
                    ...Formation::MODIFIERS,
                    ...array_map(strtolower(...), $this->draft->formation->letters()),
                    ...array_column(Footwork::cases(), 'value'),
                    ...array_column(Scheme::cases(), 'value'),
                    ...array_map(fn (string $r): string => "$r fake", Fake::runs()),
                    'splits',
                ]),
            };
            $this->tokens->skip(',', 'step', 'steps', 'drop', 'protection');
        }
    }

    /** Two sets said for one formation. */
    private function secondSet(): ?NotUnderstood
    {
        $second = $this->tokens->phrase(Sets::names());

        return $second === null ? null : NotUnderstood::because(
            "\"$second\" is a set, and {$this->draft->formation->set} was said before it: say one of them.",
            $second,
        );
    }

    private function freeze(): Fake
    {
        return new Fake(Fake::FREEZE, $this->sides->next());
    }

    /** "zone left fake", "F dive right fake" */
    private function fake(): Fake
    {
        $word = (string) $this->tokens->peek();
        $who = in_array(strtoupper($word), $this->draft->formation->letters(), true)
            ? strtoupper((string) $this->tokens->next())
            : null;
        $run =
            $this->tokens->phrase(Fake::runs()) ??
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'run to fake', Fake::runs());
        $side = $this->sides->ofFormation();
        $shown = $this->tokens->phrase(['fake', ...array_column(Trick::cases(), 'value')]);
        if ($shown === null) {
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'side or "fake" here', ['left', 'right', 'fake']);
        }

        return new Fake($run, $side, $who, Trick::tryFrom($shown));
    }

    private function protects(): bool
    {
        $scheme = $this->tokens->phrase(array_column(Scheme::cases(), 'value'));
        if ($scheme === null) {
            return false;
        }
        $this->tokens->skip('protection');
        $this->draft->protection = new Protecting(Scheme::from($scheme), $this->sides->ofFormation());

        return true;
    }

    /** "R left": a back beside the quarterback. */
    private function stands(): bool
    {
        $letter = strtoupper((string) $this->tokens->peek());
        $from = $this->tokens->mark();
        $this->tokens->next();
        $isBack = in_array($letter, $this->draft->formation->backLetters(), true);
        $side = $isBack ? $this->sides->next() : null;
        if ($side === null) {
            $this->tokens->back($from);

            return false;
        }
        $this->draft->formation = $this->draft->formation->withBack($letter, $side);

        return true;
    }

    private function splits(): void
    {
        $feet = [$this->tokens->number('feet')];
        if (is_numeric($this->tokens->peek())) {
            $feet[] = $this->tokens->number('feet');
        }
        $this->tokens->skip('ft', 'feet', 'foot');
        $centers = $this->tokens->phrase(['center to center', 'body to body']) !== null;
        if (! $centers) {
            $this->tokens->phrase(['foot to foot', 'to foot']);
        }
        try {
            $splits = LineSplits::of($feet[0], $feet[1] ?? $feet[0], ! $centers);
        } catch (DomainException $e) {
            throw NotUnderstood::because($e->getMessage(), 'splits');
        }
        $f = $this->draft->formation;
        $this->draft->formation = new Formation(
            $f->quarterback,
            $f->set,
            $f->side,
            $f->modifier,
            $splits,
            $f->spots,
            $f->standIns,
        );
    }
}
