<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Pickup;
use Jacotaxis\Core\Blocking\Run\Hold;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\Conversions;
use Jacotaxis\Core\Route\Facing;
use Jacotaxis\Core\Route\Release;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;

/** A call and a look standing on the field: the twenty-two spots, the count and the timed routes. */
final readonly class Scene
{
    /** Share of his way that zone men underneath go along with a passer who rolls (product default). */
    private const ROLL_SHARE = 0.5;

    /** Time a yard of roll adds before the rush is there, seconds (product default). */
    private const ROLL_BUYS_S = 0.1;

    /** Time a run action keeps the rush busy with the run, seconds (settled by the truths). */
    private const FAKE_BUYS_S = 0.5;

    /** How much longer a throw is as hard as his for a man who is no quarterback (from memory). */
    private const NO_PASSER = 1.8;

    /** Least depth from which a drop begins after a run action, yards. */
    private const FAKE_DEPTH_YD = 3.0;

    /**
     * @param  array<string, Man>  $men  at the snap
     * @param  list<Defender>  $defenders  at the snap
     * @param  array<string, RunRoute>  $routes  as run against this look
     * @param  list<string>  $reads  letters in the order for this look
     * @param  array<string, Facing>  $facing  what each receiver sees, by letter
     * @param  array<string, Release>  $releases  against men in their faces, by letter
     * @param  array<string, string>  $stays  role of the rusher by letter of a man who checked and had to stay in
     * @param  array<string, string>  $press  what the man in a receiver's face does, by letter
     */
    private function __construct(
        public Call $call,
        public Look $look,
        public Setting $setting,
        public PlayFrame $frame,
        public Snap $snap,
        public Lineup $before,
        public Lineup $lineup,
        public array $men,
        public ReceiverCount $count,
        public Side $strong,
        public Aligned $aligned,
        public array $defenders,
        public array $routes,
        public Footwork $drop,
        public array $reads,
        public array $facing,
        public array $releases,
        public Pickup $pickup,
        public array $stays,
        public array $press,
        /**
         * Roles of defenders the run action does not hold.
         *
         * @var list<string>
         */
        public array $honest = [],
    ) {
    }

    /** @param  array<string, string>  $press  what the man in a receiver's face does, by letter (Release::REACTIONS) */
    public static function of(Call $call, Look $look, Setting $setting, array $press = []): self
    {
        $situation = $setting->situation;
        $frame = $situation->frame();
        $snap = $call->snap($frame, $setting->clock());
        $lineup = Lineup::of($snap->men, $frame, $situation->hash, $call->formation->side);
        $before =
            $call->motions === []
                ? $lineup
                : Lineup::of($snap->before, $frame, $situation->hash, $call->formation->side);
        $aligned = Alignment::of($look, $lineup, $before);
        $open = Shells::get($look->shell)->open;
        $reads = $call->readsAgainst(
            array_filter($aligned->defenders, fn (Defender $d): bool => $d->takes !== null) !== [],
            $open,
        );
        $routes = $facing = $releases = $planned = [];
        foreach ($call->routes as $letter => $spec) {
            $man = $snap->men[$letter];
            $law = $setting->law($letter);
            $called = $spec->in($situation);
            $sees = $facing[$letter] = Facing::of($man, $aligned->defenders, $open, $setting->schools);
            $run = Conversions::fires($called, $sees, $setting->schools)?->made($called) ?? $called;
            $release = $sees->pressed() && ! $run->shape()->stem->blocksFirst()
                ? Release::against($run, $sees, $setting->schools, $press[$letter] ?? 'sits')
                : null;
            if ($release !== null) {
                $releases[$letter] = $release;
            }
            $routes[$letter] = RouteRunner::path(
                $man,
                $run,
                $frame,
                $law,
                $release,
                $called,
                $lineup->count->number($letter) === 1,
            );
            $planned[$letter] =
                $release === null && $run === $called
                    ? $routes[$letter]
                    : RouteRunner::path($man, $called, $frame, $law, outside: $lineup->count->number($letter) === 1);
        }
        $drop = $call->drop ?? match ($call->run) {
            null => Drops::fitting($reads, $planned, $snap->men, $setting),
            default => Footwork::Quick,
        };
        $pickup = Protectors::of($call, $look, $lineup, $aligned->defenders, $routes, $reads, $setting->schools);
        $stays = array_filter(
            array_intersect_key($pickup->takes, $routes),
            fn (string $l): bool => $call->routes[$l]->checks,
            ARRAY_FILTER_USE_KEY,
        );

        return new self(
            call: $call,
            look: $look,
            setting: $setting,
            frame: $frame,
            snap: $snap,
            before: $before,
            lineup: $lineup,
            men: $snap->men,
            count: $lineup->count,
            strong: $lineup->strong,
            aligned: $aligned,
            defenders: $aligned->defenders,
            routes: array_diff_key($routes, $stays),
            drop: $drop,
            reads: $reads,
            facing: $facing,
            releases: $releases,
            pickup: $pickup,
            stays: $stays,
            press: $press,
        );
    }

    /** Letter of who throws the ball. */
    public function passer(): string
    {
        return $this->call->fake?->passer($this->lineup, $this->strong) ?? 'Q';
    }

    /** A throw as sure as one this long, yards: who is no quarterback throws a short ball as he throws a long one. */
    public function aimYd(float $distanceYd): float
    {
        return $distanceYd * ($this->passer() === 'Q' ? 1.0 : self::NO_PASSER);
    }

    /**
     * Where the passer throws from.
     *
     * @return array{float, float}
     */
    public function launch(): array
    {
        $q = $this->men['Q'];
        $trick = $this->call->fake?->trick?->throwsFrom();
        if ($trick !== null) {
            return [($this->flow() ?? $this->strong)->sign() * $trick[0], -$trick[1]];
        }
        $screen = $this->call->run?->scheme()->screen;
        if ($screen !== null) {
            return [$q->xYd, min($q->yYd - 0.5, -$screen->dropYd)];
        }
        if ($this->call->run !== null) {
            // Catch, step back, throw: from where the ball is ridden (CNT-10).
            return [$q->xYd, $q->yYd - 0.5];
        }
        $roll = $this->rolls();
        if ($roll !== null) {
            return [$roll->sign() * $this->rollYd(), -(float) $this->setting->schools->value('roll-depth')];
        }

        return [
            $q->xYd,
            min($q->yYd, $this->call->fake === null ? 0.0 : -self::FAKE_DEPTH_YD) - $this->drop->depthYd(),
        ];
    }

    /** How wide he rolls: the staff's width where it has one, else the protection's own, yards. */
    private function rollYd(): float
    {
        $own = $this->call->protection?->scheme->rollYd() ?? 0.0;

        return $own > 0.0 && isset($this->setting->schools->values['roll-width'])
            ? (float) $this->setting->schools->value('roll-width')
            : $own;
    }

    /**
     * When the rush is through its blockers, seconds: a run action and a launch point that moves away from it buy time.
     */
    public function pocket(): float
    {
        $fake = $this->call->fake === null ? 0.0 : self::FAKE_BUYS_S + ($this->call->fake->trick?->holdsS() ?? 0.0);

        return $this->setting->pocket + $fake + ($this->rolls() === null ? 0.0 : self::ROLL_BUYS_S * $this->rollYd());
    }

    /** The side he rolls to, or null. */
    public function rolls(): ?Side
    {
        return Drawn::roll($this->call->protection, $this->call->fake, $this->strong);
    }

    /** Seconds a defender stands still for the run action, by what he keys and how often the run is called. */
    public function hold(Defender $d): float
    {
        $action =
            $this->call->fake ??
            ($this->call->run === null ? null : new Fake($this->call->run->scheme, $this->call->run->side));
        if ($action === null || in_array($d->role, $this->honest, true)) {
            return 0.0;
        }
        $sold = $d->takes === null ? 0.0 : (($this->routes[$d->takes] ?? null)?->spec->shape()->sellS ?? 0.0);
        if ($sold > 0.0 && $d->job->kind === JobKind::Man) {
            // His man blocks for the run that is shown: he believes it as long as the block lasts.
            return $sold;
        }
        $side = $action->side ?? $this->flow() ?? $this->strong;
        $support = Edges::support($this->defenders, $this->look, $this->lineup, $side);
        // Who has no route shows run: the backs and the blockers; so does a back who fakes first and releases late.
        $actors = array_values(
            array_filter(
                $this->lineup->eligible(),
                fn (string $l): bool => ! isset($this->call->routes[$l]) ||
                    $this->call->routes[$l]->checks ||
                    $this->men[$l]->isBack(),
            ),
        );

        $holds = Hold::of(
            $d,
            $action->run === Fake::FREEZE,
            $action->side,
            $support,
            $actors,
            (float) $this->setting->schools->value('run-share') / 100.0,
        );

        return $holds > 0.0 ? $holds + ($this->call->fake?->trick?->holdsS() ?? 0.0) : 0.0;
    }

    /** The side a run action flows to, or null: a freeze flows nowhere. */
    public function flow(): ?Side
    {
        return $this->call->fake !== null && $this->call->fake->run !== Fake::FREEZE
            ? $this->call->fake->side ?? $this->rolls()?->opposite() ?? $this->strong
            : $this->call->run?->side;
    }

    /** How far zone men underneath move over with a passer who rolls, yards. */
    public function rollsBy(): float
    {
        $roll = $this->rolls();

        return $roll === null ? 0.0 : $roll->sign() * $this->rollYd() * self::ROLL_SHARE;
    }

    /**
     * The same scene in which some defenders do not believe the run action.
     *
     * @param  list<string>  $roles
     */
    public function honest(array $roles): self
    {
        return new self(...[...get_object_vars($this), 'honest' => $roles]);
    }

    /**
     * What a man in a receiver's face does first: until when, and his velocity as shares of his speed.
     *
     * @return array{float, float, float} seconds, sideways (+x), upfield
     */
    public function firstStep(Defender $d): array
    {
        foreach ($this->press as $letter => $reaction) {
            $facing = $this->facing[$letter] ?? null;
            if ($facing?->by?->role === $d->role && $facing->pressed()) {
                [$until, $sideways, $upfield] = Release::firstStep($reaction);
                $aim = Release::plan($this->routes[$letter]->spec, $facing, $this->setting->schools, $reaction)->aim;

                return [$until, $aim->sign() * $sideways, $upfield];
            }
        }

        return [0.0, 0.0, 0.0];
    }
}
