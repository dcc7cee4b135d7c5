<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/** What a coach sees a defender do on a snap, besides the choice of the man who is read. The value is the word. */
enum DefenderAct: string
{
    case Triggers = 'triggers';
    case FallsOff = 'falls off';
    case TacklesInTheBox = 'tackles in the box';
    case FliesUp = 'flies up on the pitch';
    case FitsTheJet = 'fits the jet';
    case Scrapes = 'scrapes at the jet';
    case FiresOut = 'fires out at the motion';
    case Sinks = 'sinks';
    case Contains = 'contains';
    case SinksUnderSticks = 'sinks under the sticks';
    case Squeezes = 'squeezes';
    case Peels = 'peels with the back';

    /** Its word in the quick entry: "ss-trigger", or the letters it begins with. */
    public function key(): string
    {
        return match ($this) {
            self::Triggers => 'trigger',
            self::FallsOff => 'fall',
            self::TacklesInTheBox => 'tackle',
            self::FliesUp => 'pitch',
            self::FitsTheJet => 'jet',
            self::Scrapes => 'scrape',
            self::FiresOut => 'motion',
            self::Sinks => 'sink',
            self::Contains => 'contain',
            self::SinksUnderSticks => 'under',
            self::Squeezes => 'squeeze',
            self::Peels => 'peel',
        };
    }

    /** @return list<self> the acts whose word begins so */
    public static function begins(string $letters): array
    {
        return array_values(array_filter(self::cases(), fn (self $a): bool => str_starts_with($a->key(), $letters)));
    }

    /** The act a read man's choice is, or null where it is another. */
    public static function ofChoice(string $choice): ?self
    {
        return match (true) {
            str_contains($choice, 'trigger') => self::Triggers,
            str_contains($choice, 'fall off') => self::FallsOff,
            str_contains($choice, 'sink') => self::Sinks,
            str_contains($choice, 'squeeze') => self::Squeezes,
            default => null,
        };
    }
}
