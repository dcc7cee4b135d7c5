<?php

namespace Database\Seeders;

use App\Film\SnapIndex;
use App\Models\Reel;
use App\Models\Snap;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Film\Chart\Leverage;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The demo's scouted opponents: three charted games each against others, made from a seed with habits hidden in them.
 * All invented.
 */
final class DemoScouting
{
    public const SNAPS = 52;

    private const QUARTER_S = 720;

    private const GAME_S = 4 * self::QUARTER_S;

    private const SEED = 20261130;

    /** Looks by how often they are shown where no habit holds. */
    private const LOOKS = [
        'Granite Pass' => ['4-2 nickel, cover 2' => 32, '4-2 nickel, cover 3' => 10, '4-2 nickel, cover 4' => 25,
            '4-2 nickel, cover 3, shows cover 2' => 12, '4-2 nickel, cover 1' => 13, '4-2 nickel, cover 6' => 5,
            'bear, cover 0, six rush' => 3],
        'Larkspur Valley' => ['3-4, cover 3' => 44, 'tite, cover 4' => 28,
            '3-4, cover 1, safety rotates weak, walked will' => 16,
            '5-2, cover 3, edge pressure field' => 12],
    ];

    /** What is hidden: in this case this look, so often out of a hundred. */
    public const HABITS = [
        'Granite Pass' => [
            ['situation' => '3rd and long', 'look' => '4-2 nickel, cover 4', 'of100' => 80],
            ['formation' => 'gun trips', 'look' => '4-2 nickel, cover 3', 'of100' => 80],
        ],
        'Larkspur Valley' => [
            ['hash' => 'right', 'look' => '5-2, cover 3, edge pressure field', 'of100' => 60],
        ],
    ];

    /** Yards deep, when they have lined up and at the snap; by defender, then by coverage, '' for any other. */
    private const DEPTHS = [
        'Granite Pass' => [
            'left corner' => ['cover 4' => [8.0, 8.0], '' => [5.5, 5.5]],
            'right corner' => ['cover 4' => [8.0, 8.0], '' => [5.5, 5.5]],
            'free safety' => ['' => [12.0, 12.0]],
            'strong safety' => ['shows cover 2' => [11.0, 7.5], 'cover 1' => [8.0, 8.0], 'cover 3' => [8.0, 8.0],
                '' => [11.0, 11.0]],
        ],
        'Larkspur Valley' => [
            'left corner' => ['' => [6.5, 6.5]],
            'right corner' => ['' => [6.5, 6.5]],
            'free safety' => ['' => [12.0, 12.0]],
            'strong safety' => ['' => [9.5, 9.5]],
        ],
    ];

    /** One standard deviation of a depth as it is charted, yards. */
    private const SPREAD_YD = 0.8;

    private const FINE = 1000000;

    private const AGAINST = [
        'Granite Pass' => ['Harrow Lake', 'Pine Hollow', 'Stony Ford'],
        'Larkspur Valley' => ['Basin Ridge', 'Stony Ford', 'Harrow Lake'],
    ];

    private const FORMATIONS = ['gun 2x2' => 45, 'gun trips' => 25, 'under center wing' => 20, 'gun empty' => 10];

    private const PERSONNEL = ['gun 2x2' => '10', 'gun trips' => '11', 'under center wing' => '12',
        'gun empty' => '10'];

    private Randomizer $chance;

    public function run(): void
    {
        $this->chance = new Randomizer(new Mt19937(self::SEED));
        foreach (self::AGAINST as $opponent => $others) {
            foreach ($others as $n => $other) {
                $reel = Reel::query()->create(['title' => "$opponent against $other", 'kind' => 'game',
                    'opponent' => $opponent, 'ours' => false, 'week' => $n + 1,
                    'played_on' => date('Y-m-d', strtotime('2026-08-28') + 7 * 86400 * $n)]);
                foreach ($this->game($opponent) as $place => $document) {
                    Snap::query()->create(['reel_id' => $reel->id, 'place' => $place + 1] + SnapIndex::of($document));
                }
            }
        }
    }

    /** @return list<array<string, mixed>> film documents */
    private function game(string $opponent): array
    {
        $documents = [];
        $ahead = 0;
        [$ball, $down, $toGo, $series] = [30.0, 1, 10.0, 1];
        for ($n = 0; $n < self::SNAPS; $n++) {
            $pass = $this->chance->getInt(1, 100) <= ($down === 3 ? 75 : 45);
            $gain = (float) min(100.0 - $ball, $this->gain($pass));
            $before = new Chart(
                number: $n + 1,
                score: ['us' => max(0, $ahead), 'them' => max(0, -$ahead)],
                series: $series,
                down: $down,
                toGoYd: $toGo,
                ballOnYd: $ball,
                result: $this->result($pass, $gain),
                gainYd: $pass && $gain === 0.0 ? null : $gain,
                touchdown: $ball + $gain >= 100.0,
            );
            $documents[] = $this->snap($opponent, $before);
            [$ball, $toGo, $down] = [$ball + $gain, $toGo - $gain, $down + 1];
            if ($before->touchdown || ($down > 3 && $toGo > 2.0) || $down > 4) {
                // What the other side does meanwhile is not on this film, but on the board.
                $ahead += ($before->touchdown ? 7 : 0) - ($this->chance->getInt(1, 100) <= 20 ? 7 : 0);
                [$ball, $down, $toGo, $series] = [(float) $this->chance->getInt(15, 45), 1, 10.0, $series + 1];
            } elseif ($toGo <= 0.0) {
                [$down, $toGo] = [1, min(10.0, 100.0 - $ball)];
            }
        }

        return $documents;
    }

    /**
     * @param  Chart  $before  the situation and what came of it
     * @return array<string, mixed> film document
     */
    private function snap(string $opponent, Chart $before): array
    {
        $hash = $this->one(['left' => 35, 'middle' => 30, 'right' => 35]);
        $formation = $this->one(self::FORMATIONS);
        $look = $this->look($opponent, [
            'situation' => Groups::situation($before->down, $before->toGoYd),
            'hash' => $hash,
            'formation' => $formation,
        ]);
        $second = (int) (self::GAME_S * ($before->number - 1) / self::SNAPS);
        $chart = $before->with([
            'quarter' => 1 + intdiv($second, self::QUARTER_S),
            'clockS' => self::QUARTER_S - $second % self::QUARTER_S,
            'hash' => Hash::from($hash),
            'personnel' => self::PERSONNEL[$formation],
            'formation' => $formation,
            'stood' => $this->stood($opponent, $look),
        ]);

        return ['kind' => 'jacotaxis.film', 'version' => 1, 'call' => null, 'look' => $look] + $chart->write();
    }

    private function result(bool $pass, float $gain): Result
    {
        return match (true) {
            ! $pass => Result::Run,
            $gain > 0.0 => Result::Complete,
            default => Result::Incomplete,
        };
    }

    private function gain(bool $pass): int
    {
        return match (true) {
            $this->chance->getInt(1, 100) <= 48 => $pass ? 0 : $this->chance->getInt(-2, 2),
            default => $this->chance->getInt(2, $pass ? 18 : 8),
        };
    }

    /** @param  array<string, string>  $case */
    private function look(string $opponent, array $case): string
    {
        foreach (self::HABITS[$opponent] as $habit) {
            $of100 = $habit['of100'];
            $look = $habit['look'];
            unset($habit['of100'], $habit['look']);
            if (array_intersect_assoc($habit, $case) === $habit && $this->chance->getInt(1, 100) <= $of100) {
                return $look;
            }
        }

        return $this->one(self::LOOKS[$opponent]);
    }

    /** @return list<DefenderStood> */
    private function stood(string $opponent, string $look): array
    {
        $stood = [];
        foreach (self::DEPTHS[$opponent] as $defender => $by) {
            [$linedUp, $atSnap] = $by[''];
            foreach ($by as $shown => $depths) {
                if ($shown !== '' && str_contains($look, (string) $shown)) {
                    [$linedUp, $atSnap] = $depths;
                    break;
                }
            }
            $off = $this->normal() * self::SPREAD_YD;
            $stood[] = new DefenderStood(
                $defender,
                round(2.0 * ($linedUp + $off)) / 2.0,
                round(2.0 * ($atSnap + $off)) / 2.0,
                str_ends_with($defender, 'corner') ? $this->chance->shuffleArray(Leverage::cases())[0] : null,
            );
        }

        return $stood;
    }

    /** A draw from the standard normal distribution (Box and Muller 1958). */
    private function normal(): float
    {
        return sqrt(-2.0 * log($this->share())) * cos(2.0 * M_PI * $this->share());
    }

    /** Over 0, at most 1. */
    private function share(): float
    {
        return $this->chance->getInt(1, self::FINE) / self::FINE;
    }

    /** @param  array<string, int>  $weights */
    private function one(array $weights): string
    {
        $left = $this->chance->getInt(1, array_sum($weights));
        foreach ($weights as $name => $weight) {
            $left -= $weight;
            if ($left <= 0) {
                return $name;
            }
        }

        return (string) array_key_last($weights);
    }
}
