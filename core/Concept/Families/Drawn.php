<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * What recognition looks at: routes by letter, the count, the strength, where the passer rolls, and which families
 * there are.
 */
final readonly class Drawn
{
    /**
     * @param  array<string, RouteSpec>  $routes  by letter
     * @param  array<string, Family>  $families  in the order in which they are tested
     */
    public function __construct(
        public array $routes,
        public ReceiverCount $count,
        public Side $strong,
        public ?Side $rolls,
        public array $families,
    ) {
    }

    /** @param  list<Family>  $own  a staff's families, tested first */
    public static function of(Call $call, ReceiverCount $count, Side $strong, array $own = []): self
    {
        // Who only clears out belongs to no family's picture.
        $routes = array_filter($call->routes, fn (RouteSpec $r): bool => $r->flag !== Flag::Clear);

        return new self(
            $routes,
            $count,
            $strong,
            self::roll($call->protection, $call->fake, $strong),
            self::catalogue($own),
        );
    }

    /**
     * @param  list<Family>  $own
     * @return array<string, Family>
     */
    public static function catalogue(array $own): array
    {
        return array_column(array_map(fn (Family $f): array => [$f->name, $f], $own), 1, 0) + Families::all();
    }

    /** The side the passer rolls to: as said, else away from the fake, else to the strength; null when he stays. */
    public static function roll(?Protecting $protection, ?Fake $fake, Side $strong): ?Side
    {
        return $protection === null || ! $protection->scheme->rolls()
            ? null
            : $protection->side ?? ($fake === null ? $strong : ($fake->side ?? $strong)->opposite());
    }
}
