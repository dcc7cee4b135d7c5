<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Route\Finish;
use Jacotaxis\Core\Route\RouteShape;

/**
 * Where the ball was put, said by eye, against where it belongs by what its man does and who chases him (PRG-18,
 * PRG-19).
 */
final readonly class Placement
{
    /** Where a ball can be put. */
    public const PLACES = ['lead', 'chest', 'back shoulder', 'face mask', 'high', 'low', 'behind'];

    /** What is said of a ball at a place. */
    private const SAID = ['lead' => 'led', 'chest' => 'on the chest', 'back shoulder' => 'at the back shoulder',
        'face mask' => 'at the face mask', 'high' => 'high', 'low' => 'low', 'behind' => 'behind him'];

    public function __construct(private Measures $measures)
    {
    }

    /** Whether it was put where it belongs; null while nobody said, or nobody knows to whom it was thrown. */
    public function isRight(): ?bool
    {
        $at = $this->said();
        $wanted = $this->wanted();

        return $at === null || $wanted === [] ? null : in_array($at, $wanted, true);
    }

    /** Where it was and where it belongs, in a sentence; empty where nothing is to be said. */
    public function told(): string
    {
        $at = $this->said();
        $right = $this->isRight();
        if ($at === null || $right === null) {
            return '';
        }
        $belongs = implode(' or ', array_map(fn (string $place): string => self::SAID[$place], $this->wanted()));

        return $right
            ? sprintf('The ball was %s, where it belongs.', self::SAID[$at])
            : sprintf('The ball was %s; it belongs %s.', self::SAID[$at], $belongs);
    }

    /** @return list<string> right places, the usual first; none while nobody knows to whom it was thrown */
    public function wanted(): array
    {
        $to = $this->measures->film->thrownTo();
        $run = $to === null ? null : $this->measures->proof?->scene()->routes[$to] ?? null;
        if ($to === null || $run === null) {
            return [];
        }
        $places = self::of($run->spec->shape(), $run->spec->finish(), $this->chased($to));

        // Who rolls away from his throwing hand has nothing on a ball he leaves behind (PRG-19).
        $scene = $this->measures->proof->scene();
        $offHand = ($scene->setting->men['Q']->throws ?? 'right') === 'right' ? Side::Left : Side::Right;

        return $scene->rolls() === $offHand
            ? array_values(array_diff($places, ['back shoulder']))
            : $places;
    }

    /**
     * Where a ball belongs by the route it is thrown to.
     *
     * @param  bool  $chased  whether a man has the receiver man to man
     * @return non-empty-list<string>
     */
    private static function of(RouteShape $shape, Finish $finish, bool $chased): array
    {
        return match (true) {
            // A man who stops deep and is thrown to in rhythm turns for it.
            $finish === Finish::Settle && $shape->rhythm => ['back shoulder'],
            $finish === Finish::ComeBack => ['face mask', 'chest'],
            $finish === Finish::Settle => ['chest', 'back shoulder'],
            // Straight up the field a man over him leaves the shoulder away from him.
            $shape->deep && $shape->straight() => $chased ? ['lead', 'back shoulder'] : ['lead'],
            $shape->deep, $shape->passesYd !== [] => ['lead'],
            $shape->inward => $chased ? ['lead'] : ['chest', 'lead'],
            default => ['lead', 'chest'],
        };
    }

    private function said(): ?string
    {
        $value = $this->measures->film->seen('Q', 'ball at')?->value;

        return is_string($value) && in_array($value, self::PLACES, true) ? $value : null;
    }

    private function chased(string $receiver): bool
    {
        return array_filter(
            $this->measures->proof?->scene()->defenders ?? [],
            fn (Defender $d): bool => $d->job->kind === JobKind::Man && $d->takes === $receiver,
        ) !== [];
    }
}
