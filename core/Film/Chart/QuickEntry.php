<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use Jacotaxis\Core\Field\Hash;
use LogicException;

/**
 * One snap in one short line: "3 2 k1 c8" is the third predicted call against the second predicted look, the first
 * thing its key can choose, complete for eight. docs/charting.md has the grammar. What is not said stays as predicted
 * and is listed as assumed.
 */
final class QuickEntry
{
    public const GRAMMAR = [
        ['1 to 9',
            'the first figure is the call of the list, the second the look; 32 is both; of their own film the look '
                .'alone'],
        ['#23', 'the call of the sheet under this number'],
        ['.', 'the call, then the look, as predicted first'],
        ['?', 'the look (the second time: the call) is not known yet'],
        ['k1 k2  ksit', 'what the key chose, by the figure of the list or by the letters it begins with'],
        ['c i d w x r m s f l y n',
            'complete, incomplete, dropped, thrown away, intercepted, run, scramble, sack, fumble lost, kneel, '
                .'spike, no play; the gain follows: c8, r-2'],
        ['t at the end', 'a touchdown: c14t'],
        ['>H', 'the man the ball went to'],
        ['2&6', 'down and distance'],
        ['@-41  @35', 'ball on own 41, on their 35; @50 is midfield'],
        ['hl hm hr', 'hash left, middle, right'],
        ['q3  5:31  =14-7  v4', 'quarter, clock, score ours first, series'],
        ['p11', 'personnel: one back, one tight end'],
        ['b7', 'men in the box as you count them'],
        ['ss-trigger  lc-fall', 'what a defender did: who by his letters, and the act by its word or how it begins'],
        ['fs@12  fs@8>12  lc@7i',
            'where a defender stood before the snap, yards deep: when they had lined up, and after > at the snap; '
                .'i, h, o: inside, head up, outside'],
        ['(gun trips right, H jet)', 'the formation, and after the comma the motion, where no call says them'],
        ['/us10 /them15', 'a penalty in yards; with n the snap is wiped out'],
        ['"words"', 'a note'],
    ];

    /** Who, how deep, how deep at the snap, and on which side of his man. */
    private const PLACE = '/^([a-z]{1,2})@(\d{1,2}(?:\.\d)?)(?:>(\d{1,2}(?:\.\d)?))?([iho])?$/';

    private Chart $chart;

    private ?string $call = null;

    private ?string $look = null;

    private ?string $choice = null;

    /** Figures and points read so far. */
    private int $place = 0;

    private bool $unknownLook = false;

    private bool $unknownCall = false;

    /**
     * @param  callable(string, string): list<string>  $choices  what the key can choose, by words of call and look
     * @param  array<int, string>  $numbers  words of the calls of the sheet
     */
    private function __construct(
        private readonly Prediction $prediction,
        private readonly mixed $choices,
        private readonly array $numbers,
    ) {
        $this->chart = $prediction->chart;
    }

    /**
     * @param  callable(string, string): list<string>  $choices  what the key can choose, by words of call and look
     * @param  array<int, string>  $numbers  words of the calls of the sheet, by their numbers on the wristband
     * @return array{chart: Chart, call: string|null, look: string|null, choice: string|null, assumed: list<string>}
     *
     * @throws BadEntry naming the token
     */
    public static function read(string $line, Prediction $prediction, callable $choices, array $numbers = []): array
    {
        $entry = new self($prediction, $choices, $numbers);
        preg_match_all('/"[^"]*"|\([^)]*\)|\S+/u', trim($line), $found);
        $later = [];
        foreach ($found[0] as $token) {
            if (preg_match('/^k(?:\d|[a-z]+)$/', $token) === 1) {
                $later[] = $token;
            } else {
                $entry->token($token);
            }
        }
        $assumed = $entry->assume();
        array_map($entry->choice(...), $later);

        return ['chart' => $entry->chart, 'call' => $entry->call, 'look' => $entry->look, 'choice' => $entry->choice,
            'assumed' => $assumed];
    }

    private function token(string $token): void
    {
        $set = match (true) {
            preg_match('/^(?:[1-9.]{1,2})$/', $token) === 1 => $this->listed($token),
            preg_match('/^#(\d{1,2})$/', $token, $m) === 1 => $this->numbered($token, (int) $m[1]),
            $token === '?' => $this->unknown(),
            preg_match('/^([cidwxrmsflyn])(-?\d{1,2})?(t)?$/', $token, $m) === 1 => $this->result(
                $m[1],
                $m[2] ?? '',
                ($m[3] ?? '') === 't',
            ),
            preg_match('/^([1-4])&(\d{1,2})$/', $token, $m) === 1 => ['down' => (int) $m[1], 'toGoYd' => (float) $m[2]],
            preg_match('/^@(-?)(\d{1,2})$/', $token, $m) === 1 => [
                'ballOnYd' => $this->spot($token, $m[1] === '-', (float) $m[2]),
            ],
            preg_match('/^h([lmr])$/', $token, $m) === 1 => [
                'hash' => ['l' => Hash::Left, 'm' => Hash::Middle, 'r' => Hash::Right][$m[1]],
            ],
            preg_match('/^q([1-9])$/', $token, $m) === 1 => ['quarter' => (int) $m[1]],
            preg_match('/^(\d{1,2}):([0-5]\d)$/', $token, $m) === 1 => ['clockS' => 60 * (int) $m[1] + (int) $m[2]],
            preg_match('/^=(\d{1,2})-(\d{1,2})$/', $token, $m) === 1 => [
                'score' => ['us' => (int) $m[1], 'them' => (int) $m[2]],
            ],
            preg_match('/^v(\d{1,2})$/', $token, $m) === 1 => ['series' => (int) $m[1]],
            preg_match('/^p(\d\d)$/', $token, $m) === 1 => ['personnel' => $m[1]],
            preg_match('/^b(\d{1,2})$/', $token, $m) === 1 => ['box' => $this->box($token, (int) $m[1])],
            preg_match('/^([a-z]{1,2})-([a-z]+)$/', $token, $m) === 1 => $this->act($token, $m[1], $m[2]),
            preg_match(self::PLACE, $token, $m) === 1 => $this->stood($token, $m),
            preg_match('/^\(([^)]+)\)$/u', $token, $m) === 1 => self::formation($m[1]),
            preg_match('/^>([A-Z#]\w?)$/i', $token, $m) === 1 => ['carrier' => strtoupper($m[1])],
            preg_match('#^/(us|them)(\d{1,2})$#', $token,
                $m) === 1 => ['penalty' => ['by' => $m[1], 'yards' => (float) $m[2], 'what' => '',
                    'nullified' => $this->chart->result === Result::NoPlay]],
            preg_match('/^"([^"]*)"$/u', $token, $m) === 1 => ['note' => mb_substr($m[1], 0, 300)],
            default => throw BadEntry::token($token),
        };
        $this->chart = $this->chart->with($set);
    }

    /** @return array<string, mixed> */
    private function listed(string $token): array
    {
        // Nobody's calls are listed of film of another offense: what is counted off is the look.
        $this->place = $this->prediction->calls === [] ? max(1, $this->place) : $this->place;
        foreach (str_split($token) as $figure) {
            $list = $this->place === 0 ? $this->prediction->calls : $this->prediction->looks;
            $name = $this->place === 0 ? 'call' : 'look';
            if ($this->place > 1) {
                throw BadEntry::tooMany($token);
            }
            $n = $figure === '.' ? 0 : (int) $figure - 1;
            $words = $list[$n] ?? throw BadEntry::notListed($figure, $name, count($list));
            $this->place === 0 ? $this->call = $words : $this->look = $words;
            $this->place++;
        }

        return [];
    }

    /** @return array{} */
    private function numbered(string $token, int $number): array
    {
        $this->call = $this->numbers[$number] ?? throw BadEntry::notOnTheSheet($token, array_keys($this->numbers));
        // What follows is the look.
        $this->place = max(1, $this->place);

        return [];
    }

    /** @return array<string, mixed> */
    private function unknown(): array
    {
        if ($this->unknownLook) {
            $this->unknownCall = true;
        }
        $this->unknownLook = true;

        return [];
    }

    /** @return array<string, mixed> */
    private function result(string $letter, string $gain, bool $touchdown): array
    {
        $result = Result::byLetter($letter) ?? throw new LogicException("No result has the letter $letter.");
        if ($gain === '' && $result->moves() && ! $touchdown) {
            throw BadEntry::noGain($result);
        }
        if ($gain !== '' && ! $result->moves()) {
            throw BadEntry::gainWithout($result, $gain);
        }
        $yards = match (true) {
            $gain !== '' => (float) $gain,
            $touchdown && $this->chart->ballOnYd !== null => 100.0 - $this->chart->ballOnYd,
            default => null,
        };

        return ['result' => $result, 'gainYd' => $yards, 'touchdown' => $touchdown] +
            ($this->chart->penalty === null
                ? []
                : ['penalty' => ['nullified' => $result === Result::NoPlay] + $this->chart->penalty]);
    }

    private function box(string $token, int $men): int
    {
        return $men >= 1 && $men <= 11 ? $men : throw BadEntry::box($token);
    }

    /** @return array{acts: list<DefenderSeen>} */
    private function act(string $token, string $who, string $begins): array
    {
        $role = DefenderSeen::ROLES[$who] ?? throw BadEntry::defender($token, array_keys(DefenderSeen::ROLES));
        $fits = DefenderAct::begins($begins);
        $exact = array_values(array_filter($fits, fn (DefenderAct $a): bool => $a->key() === $begins));
        $fits = $exact === [] ? $fits : $exact;
        if (count($fits) !== 1) {
            throw BadEntry::act($token, $fits === [] ? DefenderAct::cases() : $fits);
        }

        return ['acts' => [...$this->chart->acts, new DefenderSeen($role, $fits[0])]];
    }

    /**
     * @param  array<int, string>  $m  who, how deep, at the snap, side
     * @return array{stood: list<DefenderStood>}
     */
    private function stood(string $token, array $m): array
    {
        $role = DefenderSeen::ROLES[$m[1]] ?? throw BadEntry::defender($token, array_keys(DefenderSeen::ROLES));
        $linedUp = (float) $m[2];
        $atSnap = ($m[3] ?? '') === '' ? $linedUp : (float) $m[3];
        if (max($linedUp, $atSnap) > DefenderStood::DEEPEST_YD) {
            throw BadEntry::depth($token);
        }
        $stood = new DefenderStood($role, $linedUp, $atSnap, Leverage::byLetter($m[4] ?? ''));

        return ['stood' => [...$this->chart->stood, $stood]];
    }

    /** @return array<string, string> */
    private static function formation(string $words): array
    {
        [$formation, $motion] = array_map(trim(...), explode(',', $words, 2)) + [1 => ''];

        return array_filter(['formation' => $formation, 'motion' => $motion], fn (string $w): bool => $w !== '');
    }

    private function spot(string $token, bool $own, float $yard): float
    {
        if ($yard < 1.0 || $yard > 50.0) {
            throw BadEntry::spot($token);
        }

        return $own ? $yard : 100.0 - $yard;
    }

    /**
     * Fills in what was not said.
     *
     * @return list<string>
     */
    private function assume(): array
    {
        $assumed = [];
        if ($this->call === null && ! $this->unknownCall) {
            $this->call = $this->prediction->calls[0] ?? null;
            $assumed[] = $this->call === null ? 'no call' : "call: {$this->call}";
        }
        if ($this->look === null && ! $this->unknownLook) {
            $this->look = $this->prediction->looks[0] ?? null;
            $assumed[] = $this->look === null ? 'no look' : "look: {$this->look}";
        }
        foreach (['down' => 'down', 'ballOnYd' => 'ball on', 'hash' => 'hash'] as $field => $name) {
            if ($this->chart->$field !== null && $this->chart->$field === $this->prediction->chart->$field) {
                $assumed[] =
                    match (true) {
                        $field === 'ballOnYd' => 'ball on '.Chart::spot((float) $this->chart->ballOnYd),
                        $field === 'down' => sprintf('%d & %g', $this->chart->down, $this->chart->toGoYd),
                        default => "$name {$this->chart->hash?->value}",
                    };
            }
        }

        return $assumed;
    }

    private function choice(string $token): void
    {
        $begins = substr($token, 1);
        if ($this->call === null || $this->look === null) {
            throw BadEntry::noKey($token);
        }
        $all = ($this->choices)($this->call, $this->look);
        $exact = array_values(array_filter($all, fn (string $c): bool => $c === $begins));
        $fits = match (true) {
            ctype_digit($begins) => array_slice($all, max(0, (int) $begins - 1), (int) $begins > 0 ? 1 : 0),
            $exact !== [] => $exact,
            default => array_values(
                array_filter($all, fn (string $c): bool => str_starts_with(str_replace(' ', '', $c), $begins)),
            ),
        };
        if ($fits === []) {
            throw BadEntry::choice($begins, $all);
        }
        $this->choice = count($fits) === 1 ? $fits[0] : throw BadEntry::either($begins, $fits, $all);
    }
}
