<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

/** What a man does on a run, in a coach's word. */
enum Verb: string
{
    case Double = 'double';
    case Check = 'check';
    case Help = 'help';
    case Base = 'base';
    case Reach = 'reach';
    case Down = 'down';
    case Scoop = 'scoop';
    case Close = 'close';
    case Hinge = 'hinge';
    case Climb = 'climb';
    case Release = 'release';
    case Kick = 'kick';
    case Wrap = 'wrap';
    case Lead = 'lead';
    case Fill = 'fill';
    case Fold = 'fold';
    case Hook = 'hook';
    case Load = 'load';
    case Block = 'block';
    case Edge = 'edge';
    case Arc = 'arc';
    case Bluff = 'bluff';
    case Split = 'split';
    case Crack = 'crack';
    case CutOff = 'cut off';
    case Stalk = 'stalk';
    case Quarterback = 'quarterback';
    case Carry = 'carry';
    case Pitch = 'pitch';
    case Fake = 'fake';
    case Route = 'route';

    /** Has the ball, fakes or runs a route: nobody is blocked by it. */
    public function isBallJob(): bool
    {
        return in_array($this, [self::Quarterback, self::Carry, self::Pitch, self::Fake, self::Route], true);
    }

    /** Leaves his place in the line: nobody has to run around him. */
    public function leaves(): bool
    {
        return $this->pulls() || $this->isBallJob() || in_array(
            $this,
            [self::Split, self::Arc, self::Bluff, self::Lead, self::Fold, self::Hook, self::Release, self::Load,
                self::Climb, self::Block],
            true,
        );
    }

    /** A lineman who does it runs behind the line. */
    public function pulls(): bool
    {
        return $this === self::Kick || $this === self::Wrap;
    }

    /** A job that has a meaning although its man is not there: he turns up, leads through, fills. */
    public function standsAlone(): bool
    {
        return in_array(
            $this,
            [self::Kick, self::Wrap, self::Lead, self::CutOff, self::Close, self::Hinge, self::Fill],
            true,
        );
    }
}
