<?php

namespace App\Documents;

use BackedEnum;
use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Blocking\Trick;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Concept\StaffRule;
use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Film\Chart\DefenderAct;
use Jacotaxis\Core\Film\Chart\Leverage;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\Call\RunParser;
use RuntimeException;
use stdClass;

/**
 * Lists of names in the schemas that the catalogues own: a scheme, a tag or a set that is added to its catalogue is
 * taken over HTTP too. `php artisan jx:schemas` writes them.
 */
final class NamedLists
{
    /**
     * Places in a schema, and the list that stands there.
     *
     * @return array<string, array<string, list<string|null>>> by schema and pointer
     */
    public static function all(): array
    {
        $values = self::values(...);

        return [
            'call' => [
                '/properties/set' => Sets::names(),
                '/properties/protection/oneOf/1/properties/name' => $values(Scheme::cases()),
                '/properties/fake/oneOf/1/properties/run' => [...Fake::runs(), Fake::FREEZE],
                '/properties/fake/oneOf/1/properties/trick' => [...$values(Trick::cases()), null],
                '/properties/kill/properties/when' => $values(KillRule::cases()),
                '/properties/run/oneOf/1/properties/scheme' => Schemes::names(),
                '/properties/run/oneOf/1/properties/tags/items/properties/name' => Tags::names(),
                '/properties/run/oneOf/1/properties/orders/items/properties/job' => RunParser::VERBS,
                '/properties/assignments/items/properties/route' => array_map(strval(...), array_keys(Routes::all())),
                '/properties/rules/items/properties/act' => StaffRule::ACTS,
                '/properties/rules/items/properties/phase' => StaffRule::PHASES,
                '/properties/rules/items/properties/action' => [...StaffRule::ACTIONS, null],
            ],
            'film' => [
                '/properties/chart/properties/acts/items/properties/act' => $values(DefenderAct::cases()),
                '/properties/chart/properties/stood/items/properties/leverage' => [...$values(Leverage::cases()), null],
            ],
            'formation' => ['/properties/set' => Sets::names()],
            'look' => [
                '/properties/changes/items/properties/movement/oneOf/1/properties/kind' => $values(
                    MovementKind::cases(),
                ),
                '/properties/changes/items/properties/leverage/items' => array_keys(Change::LEVERAGES),
            ],
        ];
    }

    /**
     * @param  list<BackedEnum>  $cases
     * @return list<string>
     */
    private static function values(array $cases): array
    {
        return array_map(fn (BackedEnum $c): string => (string) $c->value, $cases);
    }

    /** A schema with its lists as the catalogues have them, as text. */
    public static function written(string $name): string
    {
        $schema = json_decode((string) file_get_contents(self::path($name)), flags: JSON_THROW_ON_ERROR);
        foreach (self::all()[$name] ?? [] as $pointer => $names) {
            $at = $schema;
            foreach (explode('/', trim($pointer, '/')) as $part) {
                $at = is_array($at) ? ($at[(int) $part] ?? null) : (get_object_vars($at)[$part] ?? null);
            }
            if (! $at instanceof stdClass) {
                throw new RuntimeException("schemas/$name.schema.json has nothing at $pointer.");
            }
            $at->enum = $names;
        }
        $text = json_encode(
            $schema,
            JSON_PRETTY_PRINT |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION |
                JSON_THROW_ON_ERROR,
        );

        return preg_replace_callback(
            '/^ +/m',
            fn (array $m): string => str_repeat(' ', intdiv(strlen($m[0]), 2)),
            $text,
        )."\n";
    }

    /** Whether the file says what the catalogues say. */
    public static function current(string $name): bool
    {
        return self::written($name) === file_get_contents(self::path($name));
    }

    public static function path(string $name): string
    {
        return base_path("schemas/$name.schema.json");
    }
}
