<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Http\Problem;
use App\Models\Formation;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jacotaxis\Core\Concept\Document\FormationDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\StaffBook;

/** Sets the staff saved: each name is a word of the call line. */
class FormationController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function index(): JsonResponse
    {
        $this->authorize('viewAny', Formation::class);
        /** @var Collection<int, Formation> $all */
        $all = Formation::query()->orderBy('name')->get();

        return new JsonResponse([
            'formations' => $all->map(fn (Formation $f): array => $f->toArray() + ['men' => $this->men($f)])->values(),
        ]);
    }

    public function show(Formation $formation): JsonResponse
    {
        $this->authorize('view', $formation);

        return $this->answer($formation);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Formation::class);

        return $this->answer(Formation::query()->create($this->attributes($request) + ['user_id' => $request->user()
            ->id, 'version' => 1]), 201);
    }

    public function update(Request $request, Formation $formation): JsonResponse
    {
        $this->authorize('update', $formation);

        return $this->answer($formation->saveOn($this->basedOn($request), $this->attributes($request, $formation)));
    }

    public function destroy(Formation $formation): Response
    {
        $this->authorize('delete', $formation);
        $formation->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private function attributes(Request $request, ?Formation $formation = null): array
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60', 'regex:/^[\pL][\pL\d -]*$/u'],
            'document' => 'required|array',
        ]);
        self::isFree($given['name'], $formation);
        $this->schemas->check('formation', $request->input('document'));

        return self::named($given['name'], $request->input('document'));
    }

    /** Refuses a name that the call line cannot tell from another set's: capitals make no other word. */
    private static function isFree(string $name, ?Formation $own): void
    {
        foreach (Formation::query()->where('id', '!=', $own->id ?? '')->pluck('name') as $other) {
            if (StaffBook::name($other) === StaffBook::name($name)) {
                throw Problem::content(
                    '/name',
                    "A set is called \"$other\" already, and the call line takes \"$name\" for the same word. ".
                        'Give it another name.',
                );
            }
        }
    }

    /**
     * What is saved of a set under a name.
     *
     * @param  array<string, mixed>  $document  already checked against the schema
     * @return array{name: string, words: string, document: array<string, mixed>}
     */
    public static function named(string $name, array $document): array
    {
        if (
            in_array(
                StaffBook::name($name),
                [...array_map(mb_strtolower(...), Sets::names()), ...Sets::quarterbacks()],
                true,
            )
        ) {
            throw Problem::content('/name', "\"$name\" is a word of the call line already. Give the set another name.");
        }
        $set = FormationDocument::read($document, Situation::of());

        return ['name' => $name, 'words' => $set->words(),
            'document' => ['kind' => FormationDocument::KIND, 'version' => 1] + FormationDocument::write($set)];
    }

    /**
     * Where the men stand in the middle of the field, for a small picture.
     *
     * @return list<array{letter: string, xYd: float, yYd: float}>
     */
    private function men(Formation $formation): array
    {
        $men = FormationDocument::read($formation->document, Situation::of())->men(Situation::of()->frame());

        return array_values(array_map(fn (Man $m): array => ['letter' => $m->letter, 'xYd' => round($m->xYd, 1),
            'yYd' => round($m->yYd, 1)], $men));
    }

    private function answer(Formation $formation, int $status = 200): JsonResponse
    {
        return new JsonResponse($formation, $status, ['ETag' => "\"{$formation->version}\""]);
    }
}
