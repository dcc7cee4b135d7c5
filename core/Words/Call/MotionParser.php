<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Motion\Sound;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\Tokens;

/** Reads the motions of a call. */
final readonly class MotionParser
{
    /** How deep a man ends who crosses behind the line, when no depth is said, yards. */
    private const BEHIND_YD = 2.2;

    /** Motions whose man need not be named: he crosses the formation. */
    private const UNNAMED = ['jet motion' => MotionKind::Jet, 'orbit motion' => MotionKind::Orbit];

    public function __construct(
        private Tokens $tokens,
        private FormationSide $sides,
        private CallDraft $draft,
        private StaffBook $book,
    ) {
    }

    /**
     * "H jet left", "Z shift to 9 wide".
     *
     * @throws NotUnderstood
     */
    public function named(): void
    {
        $who = strtoupper((string) $this->tokens->next());
        $kind =
            $this->tokens->phrase(array_column(MotionKind::cases(), 'value')) ??
            throw NotUnderstood::word(
                $this->tokens->peek() ?? '',
                "motion for $who",
                array_column(MotionKind::cases(), 'value'),
            );
        $this->tokens->skip('motion');
        $side = $this->sides->next();
        $to = null;
        if ($this->tokens->take('to') !== null) {
            $wide = $this->tokens->number('yards wide');
            $this->tokens->skip('wide');
            $deep = is_numeric($this->tokens->peek()) ? $this->tokens->number('yards deep') : self::BEHIND_YD;
            $this->tokens->skip('deep');
            $to = [($side ?? Side::Right)->sign() * $wide, -$deep];
        }

        $this->draft->motions[] = new Motion(
            $who,
            MotionKind::from($kind),
            $side,
            $this->tokens->take('on') === null ? null : $this->sound(),
            $to,
        );
    }

    /**
     * "jet motion right": by the slot away from there, or who is wide where there is none, as assumed; false where no
     * such motion comes next.
     *
     * @throws NotUnderstood
     */
    public function unnamed(): bool
    {
        $said = $this->tokens->phrase(array_keys(self::UNNAMED));
        if ($said === null) {
            return false;
        }
        $kind = self::UNNAMED[$said];
        $side = $this->sides->next() ?? $this->draft->formation->side;
        $now = $this->draft->context ?? Situation::of();
        $men = $this->draft->formation->men($now->frame());
        $count = Lineup::of($men, $now->frame(), $now->hash, $this->draft->formation->side)->count;
        $from = $count->on($side->opposite());
        $letter = $from[1] ?? $from[0] ?? throw NotUnderstood::nobody("#1 {$side->opposite()->value}");
        $this->draft->assumed[] = "$kind->value motion by $letter";
        $this->draft->motions[] = new Motion($letter, $kind, $side);

        return true;
    }

    private function sound(): Sound
    {
        $last = $this->tokens->take('first', 'last') === 'last';
        $this->tokens->skip('sound', 'of');
        $word =
            $this->tokens->phrase(($this->book->cadence ?? Cadence::of())->words) ??
            throw NotUnderstood::word(
                $this->tokens->peek() ?? '',
                'word of the cadence',
                ($this->book->cadence ?? Cadence::of())->words,
            );

        return new Sound($word, $last);
    }
}
