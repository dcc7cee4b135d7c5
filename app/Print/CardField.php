<?php

namespace App\Print;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Telling\Run\RunJobs;
use Jacotaxis\Core\Proof\Telling\Run\RunStage;
use Jacotaxis\Core\Route\Finish;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;
use Jacotaxis\Core\Words\StaffBook;

/** The field of a card: men as they stand, routes as coaches draw them, the number of each read at its break. */
final readonly class CardField
{
    /** Yards drawn behind the line and up the field. */
    private const BACK_YD = 8.0;

    private const UP_YD = 24.0;

    private const RUN_UP_YD = 15.0;

    /** The box reaches so far to either side of the ball, and has this share of the width. */
    private const BOX_YD = 7.5;

    private const BOX_SHARE = 0.56;

    /** Seconds of a route drawn after its break. */
    private const TAIL_S = 0.9;

    public function __construct(
        private Drawing $page,
        private Call $call,
        private Situation $situation,
        private StaffBook $book,
        private ?string $player,
        private ?Look $look = null,
    ) {
    }

    public function draw(float $x, float $y, float $w, float $h, float $small): void
    {
        $frame = $this->situation->frame();
        $left = $frame->sidelineX(Side::Left);
        $right = $frame->sidelineX(Side::Right);
        $k = min($w / ($right - $left), $h / (self::BACK_YD + $this->upYd()));
        $x += ($w - $k * ($right - $left)) / 2;
        $width = $k * ($right - $left);
        $at = fn (float $xYd, float $yYd): array => [
            $x + $width * $this->across($xYd, $left, $right),
            $y + ($this->upYd() - $yYd) * $k,
        ];
        $this->paint($at, $left, $right, $small);
        $this->run($at);
        foreach ($this->call->snap($frame, $this->book->clock())->men as $letter => $man) {
            if (isset($this->call->routes[$letter])) {
                $spec = $this->call->routes[$letter]->in($this->situation);
                $this->route(
                    RouteRunner::path($man, $spec, $frame, Level::HighSchool->receiver()),
                    $at,
                    $this->player === null || $this->player === $letter,
                    $small,
                );
            }
        }
        foreach ($this->call->men($frame, $this->book->clock()) as $man) {
            $this->man($man, $at($man->xYd, $man->yYd), $small);
        }
    }

    /** A run is read in the box: less field, and that drawn larger. */
    private function upYd(): float
    {
        return $this->call->run === null ? self::UP_YD : self::RUN_UP_YD;
    }

    /** Share of the width at which a place stands: of a run the box has more than half of it. */
    private function across(float $xYd, float $left, float $right): float
    {
        if ($this->call->run === null) {
            return ($xYd - $left) / ($right - $left);
        }
        $outer = (1.0 - self::BOX_SHARE) / ($right - $left - 2 * self::BOX_YD);
        $from = (-self::BOX_YD - $left) * $outer;

        return match (true) {
            $xYd < -self::BOX_YD => ($xYd - $left) * $outer,
            $xYd > self::BOX_YD => $from + self::BOX_SHARE + ($xYd - self::BOX_YD) * $outer,
            default => $from + self::BOX_SHARE * ($xYd + self::BOX_YD) / (2 * self::BOX_YD),
        };
    }

    /** @param  callable(float, float): array{float, float}  $at */
    private function paint(callable $at, float $left, float $right, float $small): void
    {
        for ($yd = -5; $yd <= $this->upYd() - 4.0; $yd += 5) {
            $this->page->line(
                [$at($left, $yd), $at($right, $yd)],
                $yd === 0 ? 1.4 : 0.5,
                $yd === 0 ? Drawing::SOFT : Drawing::FAINT,
            );
            if ($yd > 0) {
                [$tx, $ty] = $at($left, $yd);
                $this->page->text($tx + 2, $ty - 2, (string) $yd, $small * 0.8, Drawing::SOFT);
            }
        }
        if ($this->situation->down >= 3 && $this->situation->toGoYd <= $this->upYd()) {
            $this->page->line(
                [$at($left, $this->situation->toGoYd), $at($right, $this->situation->toGoYd)],
                1.0,
                Drawing::BALL,
                true,
            );
        }
    }

    /**
     * The blocks and tracks of a run against its look, or the usual one, whose men stand there in grey.
     *
     * @param  callable(float, float): array{float, float}  $at
     */
    private function run(callable $at): void
    {
        $proof = RunJobs::proof($this->call, $this->situation, $this->look);
        if ($proof === null) {
            return;
        }
        $stage = RunStage::of($proof);
        $points = fn (array $line): array => array_map(
            fn (array $p): array => $at($p[0], min($this->upYd(), $p[1])),
            array_values($line),
        );
        foreach ($stage['tracks'] as $track) {
            $rule = $track['rule'] === true;
            $his = $this->player === null ? $rule : $track['man'] === $this->player;
            $this->page->line(
                $points($track['line']),
                $his ? 1.6 : 0.8,
                $his ? Drawing::BALL : Drawing::SOFT,
                ! $rule,
            );
        }
        foreach ($stage['blocks'] as $block) {
            $line = $points($block['line']);
            $color = $this->player === null || $this->player === $block['man'] ? Drawing::INK : Drawing::FAINT;
            [$x, $y] = $line[count($line) - 1];
            [$fx, $fy] = $line[count($line) - 2];
            $turn = atan2($y - $fy, $x - $fx) + M_PI_2;
            $this->page->line($line, 1.0, $color);
            $this->page->line(
                [[$x + 3.5 * cos($turn), $y + 3.5 * sin($turn)], [$x - 3.5 * cos($turn), $y - 3.5 * sin($turn)]],
                1.3,
                $color,
            );
        }
        foreach ($proof->scene->defenders as $d) {
            if ($d->yYd <= $this->upYd()) {
                [$x, $y] = $at($d->xYd, $d->yYd);
                $this->page->text($x, $y, $d->letter, 6.5, Drawing::SOFT, false, 'middle');
            }
        }
    }

    /** @param  callable(float, float): array{float, float}  $at */
    private function route(RunRoute $run, callable $at, bool $his, float $small): void
    {
        $until = min(Path::STEPS - 1, (int) ceil(($run->break()->t + self::TAIL_S) / Path::STEP));
        $points = [];
        for ($i = 0; $i <= $until; $i += 2) {
            if ($run->path->y[$i] <= $this->upYd()) {
                $points[] = $at($run->path->x[$i], $run->path->y[$i]);
            }
        }
        $read = $this->call->readNumber($run->letter);
        $color = match (true) {
            ! $his => Drawing::FAINT,
            $read === 1 && $this->player === null => Drawing::BALL,
            default => Drawing::INK,
        };
        $this->page->line(
            $points,
            match (true) {
                ! $his => 0.8,
                $read === null => 0.9,
                default => 1.6,
            },
            $color,
            $run->spec->flag !== null && $read === null,
        );
        $this->end($points, $run->spec->finish() !== Finish::Run, $color, $small);
        if ($read !== null && $his) {
            [$bx, $by] = $at($run->break()->xYd, min($this->upYd(), $run->break()->yYd));
            $this->page->circle($bx, $by, $small * 0.7, '#ffffff', $color, 0.8);
            $this->page->text($bx, $by + $small * 0.34, (string) $read, $small, $color, true, 'middle');
        }
    }

    /**
     * An arrow where he runs on, a bar where he sits down.
     *
     * @param  list<array{float, float}>  $points
     */
    private function end(array $points, bool $sits, string $color, float $small): void
    {
        $n = count($points);
        if ($n < 3) {
            return;
        }
        [$x, $y] = $points[$n - 1];
        $back = $n - 2;
        while ($back > 0 && hypot($x - $points[$back][0], $y - $points[$back][1]) < 1.0) {
            $back--;
        }
        $turn = atan2($y - $points[$back][1], $x - $points[$back][0]);
        $size = $small * 0.7;
        $tip = fn (float $angle, float $by): array => [$x + $by * cos($turn + $angle), $y + $by * sin($turn + $angle)];
        if ($sits) {
            $this->page->line([$tip(M_PI_2, $size), $tip(-M_PI_2, $size)], 1.4, $color);

            return;
        }
        $this->page->area([$tip(0.0, $size), $tip(2.5, $size), $tip(-2.5, $size)], $color);
    }

    /** @param  array{float, float}  $spot */
    private function man(Man $man, array $spot, float $small): void
    {
        [$x, $y] = $spot;
        $his = $this->player === $man->letter;
        $r = $small * 0.85;
        if ($man->isLineman()) {
            $this->page->area(
                [[$x - $r * 0.8, $y - $r * 0.8], [$x + $r * 0.8, $y - $r * 0.8], [$x + $r * 0.8, $y + $r * 0.8],
                    [$x - $r * 0.8, $y + $r * 0.8]],
                $his ? Drawing::INK : '#ffffff',
                Drawing::INK,
                0.8,
            );

            return;
        }
        $this->page->circle($x, $y, $r, $his ? Drawing::INK : '#ffffff', Drawing::INK, 0.8);
        $this->page->text(
            $x,
            $y + $small * 0.33,
            $this->book->letters[$man->letter] ?? $man->letter,
            $small * 0.95,
            $his ? '#ffffff' : Drawing::INK,
            true,
            'middle',
        );
    }
}
