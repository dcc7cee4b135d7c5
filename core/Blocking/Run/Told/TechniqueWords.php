<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Told;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Field\Side;

/** Step, aim, angle and count of one block in words, with the feet of its side: everything turns over with the play. */
final readonly class TechniqueWords
{
    private string $play;

    private string $away;

    /** The side toward the ball from where he stands. */
    private string $inside;

    private string $outside;

    public function __construct(private Block $block, private Resolved $resolved)
    {
        $side = $resolved->run->side;
        $this->play = $side->value;
        $this->away = $side->opposite()->value;
        $u = $resolved->posts->u($block->letter) - $resolved->front->middle();
        $stands = $u >= 0.0 ? $side : $side->opposite();
        $this->outside = $stands->value;
        $this->inside = $stands->opposite()->value;
    }

    public function step(): string
    {
        return match ($this->block->verb) {
            Verb::Double, Verb::Check, Verb::Help => "{$this->helps()} foot 4 to 6 in sideways, shoulders square",
            Verb::Base => $this->base(),
            Verb::Reach, Verb::Edge => "{$this->play} foot 6 in to the {$this->play}, then crosses over",
            Verb::Down => "{$this->inside} foot flat down the line",
            Verb::Scoop, Verb::CutOff => "{$this->play} foot flat to the {$this->play}, no depth",
            Verb::Close, Verb::Hinge => "{$this->inside} foot to the hip of the next man",
            Verb::Climb, Verb::Release => "{$this->inside} foot first, past the shoulder of whom he leaves",
            Verb::Kick => $this->sets()."{$this->play} foot opens to the target, flat behind the line",
            Verb::Wrap => "{$this->play} foot skips back, then shuffles to the hole",
            Verb::Split => "{$this->toward()} foot opens, flat behind the line",
            Verb::Bluff => "{$this->toward()} foot opens, flat, passes in front of the end's face",
            Verb::Arc => $this->resolved->run->scheme()->isOption()
                ? "{$this->outside} foot flat"
                : "{$this->outside} foot first, straight, no hop",
            Verb::Fold, Verb::Hook => "{$this->inside} foot drops, around the next man",
            Verb::Load, Verb::Block => "{$this->toward()} foot first, at his man",
            Verb::Lead, Verb::Fill => $this->sets()."{$this->toward()} foot on the track, no false step",
            Verb::Crack => "{$this->inside} foot, flat and patient",
            Verb::Stalk => 'runs off the ball, then settles his feet',
            Verb::Quarterback => $this->quarterback(),
            Verb::Carry => $this->carry(),
            Verb::Pitch => $this->shovels()
                ? "{$this->play} foot flat down the line behind the linemen"
                : 'turns up with Q, shoulders parallel to the line',
            Verb::Fake => "{$this->play} foot on the track of the run",
            Verb::Route => 'the release of his route',
        };
    }

    public function aim(): string
    {
        return match ($this->block->verb) {
            Verb::Double, Verb::Check, Verb::Help => 'near hip of the down man, then the backer',
            Verb::Base => "{$this->play} number",
            Verb::Reach => "{$this->play} armpit",
            Verb::Edge => "{$this->outside} shoulder, one arm across if he cannot have it",
            Verb::Down => "{$this->inside} hip, head in front",
            Verb::Scoop, Verb::CutOff => 'far armpit, body between him and the ball',
            Verb::Close => 'hip of the backside guard: the gap is closed',
            Verb::Hinge => 'the inside gap, then the man who comes around',
            Verb::Climb, Verb::Release => "{$this->inside} knee",
            Verb::Kick => "{$this->inside} number, inside out",
            Verb::Wrap, Verb::Lead, Verb::Fill, Verb::Fold => 'play side number, head to the play',
            Verb::Hook => "{$this->outside} knee of the man he circles",
            Verb::Load => "{$this->outside} leg, stays on his feet",
            Verb::Block => "{$this->outside} number",
            Verb::Arc, Verb::Bluff => "{$this->outside} shoulder, midsection at the least",
            Verb::Split => "{$this->inside} hip of the end",
            Verb::Crack => 'front number, head in front, above the waist',
            Verb::Stalk => 'outside shoulder, one yard in front, hands repeat',
            Verb::Quarterback => $this->quarterbackAims(),
            Verb::Carry => $this->landmark(),
            Verb::Pitch => $this->shovels()
                ? $this->landmark().', inside the man who is read'
                : '4 to 5 yd wide and 1 yd deep of Q',
            Verb::Fake => 'the line of scrimmage, then the nearest free man',
            Verb::Route => 'the landmark of his route',
        };
    }

    /** Angle and count, where the trade has one. */
    public function count(): ?string
    {
        $scheme = $this->resolved->run->scheme();
        $posts = $this->resolved->posts;
        $man = $posts->lineup->men[$this->block->letter];

        return match (true) {
            $this->block->verb === Verb::Arc && $scheme->isOption() => 'three flat steps, then 45 degrees',
            $this->block->verb === Verb::Bluff => 'flat to the end, then 45 degrees',
            $this->block->verb === Verb::Load => 'four diagonal steps, then 60 degrees',
            $this->block->verb === Verb::Kick && $man->isLineman() => 'jumps the gap of the puller, two flat steps, '
                .'then up',
            $this->block->verb === Verb::Quarterback && ! $scheme->gives => 'skip step and a short delay',
            $this->block->verb === Verb::Quarterback && $posts->inGun() => 'feet at 45 degrees at the mesh',
            in_array($this->block->verb, [Verb::Double, Verb::Check, Verb::Help],
                true) => 'the second step back to the midline',
            default => null,
        };
    }

    /** The foot to the side he helps on. */
    private function helps(): string
    {
        $partner = $this->block->partner;
        if ($partner === null) {
            return $this->play;
        }
        $to = $this->resolved->posts->u($partner) - $this->resolved->posts->u($this->block->letter);

        return $to > 0.0 ? $this->play : $this->away;
    }

    /**
     * On zone the play side foot goes up and down and the other drives; behind the play he settles on it and passes his
     * man on.
     */
    private function base(): string
    {
        if ($this->resolved->run->scheme()->kind !== RunKind::Zone) {
            return "{$this->toward()} foot first, the other drives";
        }

        return $this->resolved->posts->u($this->block->letter) < $this->resolved->front->middle() - 0.1
            ? "settles on the {$this->play} foot, punches with the {$this->away} arm".
                ($this->resolved->run->side === Side::Left ? ' (inferred from zone right)' : '')
            : "{$this->play} foot up and down, {$this->away} foot drives";
    }

    /** The foot to the side his man is on. */
    private function toward(): string
    {
        $target = $this->block->target;
        if ($target === null) {
            return $this->play;
        }

        return $this->resolved->front->movedU($target) >= $this->resolved->posts->u($this->block->letter)
            ? $this->play
            : $this->away;
    }

    private function quarterback(): string
    {
        $scheme = $this->resolved->run->scheme();

        return match (true) {
            $scheme->screen !== null => $scheme->screen->passer,
            $scheme->isQuarterbacks() && $this->resolved->posts->inGun() => 'catches, shows his fake, '
                ."then {$this->play} foot up behind the lead",
            $scheme->isQuarterbacks() => "{$this->play} foot 6 in, pads down, both hands on the ball",
            $scheme->isOption() && $scheme->gives => "{$this->play} foot into the {$this->play} A gap, points the "
                .'ball back',
            $scheme->isOption() => "{$this->play} foot flat down the line, shoulders to it",
            $scheme->kind === RunKind::Jet => "{$this->play} foot opens, ball to the runner's belly",
            $this->resolved->posts->inGun() => "{$this->away} foot back, ball out and down",
            default => "{$this->play} foot opens past 6 o'clock, ball deep to the back",
        };
    }

    /** Whether the ball is pitched forward, inside the man who is read. */
    private function shovels(): bool
    {
        return $this->resolved->run->scheme()->shovels;
    }

    private function quarterbackAims(): string
    {
        $scheme = $this->resolved->run->scheme();
        $pitch = $this->resolved->key('pitch');
        if ($pitch !== null) {
            $shoulder = in_array($pitch, $this->resolved->front->overhangs, true) ? 'inside' : 'outside';

            return "the $shoulder shoulder of the $pitch";
        }
        $give = $this->resolved->key('give');
        if ($scheme->isQuarterbacks()) {
            return $this->landmark().', behind his lead';
        }

        if ($scheme->screen !== null) {
            return 'over the rush, at the number that turns him up';
        }

        return match (true) {
            $give !== null => "on a pull the spot the $give left, tight and vertical",
            $scheme->gives => 'the mesh, then carries out his fake',
            default => "the {$this->play} edge",
        };
    }

    private function carry(): string
    {
        $scheme = $this->resolved->run->scheme();

        return match (true) {
            $scheme->screen !== null => $scheme->screen->receiver,
            $scheme->kind === RunKind::Zone && $this->resolved->posts->inGun() => 'toward Q 4 to 6 in, then to the '
                .'midline, then the mesh',
            $scheme->isOption() => 'straight ahead off both feet, no false step',
            $scheme->kind === RunKind::Jet => "full speed through the mesh, no turn before the {$this->play} tackle",
            default => "{$this->play} foot to the landmark, pads down at the mesh",
        };
    }

    /** What a lineman does first who goes out with a screen. */
    private function sets(): string
    {
        $screen = $this->resolved->run->scheme()->screen;
        $man = $this->resolved->posts->lineup->men[$this->block->letter];

        return $screen === null || $screen->setS <= 0.0 || ! $man->isLineman() ? ''
            : sprintf('sets as on a pass %.1f s, lets his man go, then ', $screen->setS);
    }

    private function landmark(): string
    {
        $screen = $this->resolved->run->scheme()->screen;
        if ($screen !== null) {
            return sprintf('%g yd behind the line, then up behind the first block', $screen->behindYd);
        }
        $side = $this->resolved->run->side === Side::Right ? 'right' : 'left';

        return match ($this->resolved->run->scheme()->entry) {
            'center' => 'the midline of the center',
            'A' => "the $side A gap",
            'G' => "the outside leg of the $side guard",
            'B' => "the $side B gap",
            'C' => "outside the $side tackle",
            'D' => 'outside the kick',
            default => 'hash, numbers, sideline',
        };
    }
}
