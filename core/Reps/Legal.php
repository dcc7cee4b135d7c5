<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Offense\Man;

/**
 * "Is it legal as they stand?": the call as it is, or with one man a step up to the line or off it who makes it
 * illegal. What is right is what the rule book's check says.
 */
final readonly class Legal
{
    private const LEGAL = 'legal';

    /** What may be wrong, by the code of the finding. */
    private const FAULTS = ['backfield' => 'Not legal: too many are off the line',
        'covered' => 'Not legal: a covered man goes out'];

    /** A step up to the line and off it, yards behind the ball. */
    private const ON_YD = -0.5;

    private const OFF_YD = -1.5;

    /** Who stands deeper than this is no end and no wing, yards. */
    private const NEAR_YD = 2.5;

    /** @param  Call  $call  as it is shown */
    private function __construct(public Call $call, public Question $question)
    {
    }

    /**
     * @param  string  $letter  of the man who is asked: his own step first
     * @param  string  $seed  which of them is shown hangs on it alone
     * @return self|null null where the call is illegal itself, or no single step makes it so
     */
    public static function of(Call $call, Situation $situation, string $letter, string $seed): ?self
    {
        if (self::fault($call, $situation) !== null) {
            return null;
        }
        $wrong = self::wrong($call, $situation);
        if ($wrong === []) {
            return null;
        }
        $pick = crc32($seed);
        if ($pick % 2 === 0) {
            return new self($call, self::question('', [self::LEGAL], 'Seven are on the line, and whoever goes out'
                .' stands at an end of it or off it.'));
        }
        $man = isset($wrong[$letter]) ? $letter : array_keys($wrong)[intdiv($pick, 2) % count($wrong)];
        [$shown, $finding] = $wrong[$man];

        return new self($shown, self::question(
            $man,
            [$finding->code],
            trim("$finding->text $finding->fix ".($finding->rule === null ? '' : "($finding->rule)")),
        ));
    }

    /** @param  non-empty-list<string>  $right */
    private static function question(string $about, array $right, string $why): Question
    {
        $choices = [new Choice(self::LEGAL, 'Legal')];
        foreach (self::FAULTS as $code => $label) {
            $choices[] = new Choice($code, $label);
        }

        return new Question(Kind::Legal, $about, 'Is it legal as they stand?', $choices, $right, $why);
    }

    /**
     * Who makes the call illegal by one step, with the call as it then is.
     *
     * @return array<string, array{Call, Finding}> by letter
     */
    private static function wrong(Call $call, Situation $situation): array
    {
        $moving = array_column($call->motions, 'who');
        $wrong = [];
        foreach ($call->formation->men($situation->frame()) as $letter => $man) {
            if (! self::mayStep($man) || in_array($letter, $moving, true)) {
                continue;
            }
            $y = $man->onLine() ? self::OFF_YD : self::ON_YD;
            $spots = [$letter => [$man->xYd, $y]] + $call->formation->spots;
            $shown = $call->with(['formation' => $call->formation->withSpots($spots)]);
            $fault = self::fault($shown, $situation);
            if ($fault !== null && isset(self::FAULTS[$fault->code])) {
                $wrong[$letter] = [$shown, $fault];
            }
        }

        return $wrong;
    }

    private static function mayStep(Man $man): bool
    {
        return ! $man->isLineman() && ! $man->isQuarterback() && $man->yYd >= -self::NEAR_YD;
    }

    /** The first thing that is against the rules. */
    private static function fault(Call $call, Situation $situation): ?Finding
    {
        $snap = $call->snap($situation->frame());
        foreach (Legality::check($snap, $situation->rules, array_keys($call->routes)) as $finding) {
            if ($finding->severity === Finding::FAULT) {
                return $finding;
            }
        }

        return null;
    }
}
