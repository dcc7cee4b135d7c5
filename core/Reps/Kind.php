<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

/** What a question asks of a man. */
enum Kind: string
{
    /** Which defender decides the call. */
    case Key = 'key';
    /** Where the ball goes once the defender has moved. */
    case Ball = 'ball';
    /** Which coverage he sees. */
    case Coverage = 'coverage';
    /** What he himself does. */
    case Job = 'job';
    /** Which call he sees drawn. */
    case Call = 'call';
    /** Whether the rule book lets them stand so. */
    case Legal = 'legal';

    /** Seconds in which an answer is ready to be played (product default). */
    public function allowedS(): float
    {
        return match ($this) {
            self::Ball => 3.0,
            self::Key => 5.0,
            self::Coverage, self::Call, self::Legal => 6.0,
            self::Job => 8.0,
        };
    }

    /** Whether he has to find out himself what the defense plays. */
    public function hidesLook(): bool
    {
        return $this === self::Coverage;
    }

    /** Whether he has to find out himself which call it is. */
    public function hidesCall(): bool
    {
        return $this === self::Call;
    }

    public function words(): string
    {
        return match ($this) {
            self::Key => 'The key',
            self::Ball => 'The ball',
            self::Coverage => 'The coverage',
            self::Job => 'His job',
            self::Call => 'The call',
            self::Legal => 'Legal or not',
        };
    }
}
