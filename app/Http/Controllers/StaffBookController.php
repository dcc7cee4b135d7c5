<?php

namespace App\Http\Controllers;

use App\Documents\NotValid;
use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Documents\WordList;
use App\Http\Problem;
use App\Models\Formation;
use App\Models\Look;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Concept\Document\Same;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Concept\Families\OwnFamily;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\School\OpenValues;
use Jacotaxis\Core\School\Question;
use Jacotaxis\Core\School\Questions;
use Jacotaxis\Core\Words\BookDocument;

/**
 * The staff's book as a whole: every choice with its owner and date, words and families of its own, in and out as one
 * file.
 */
class StaffBookController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function show(): JsonResponse
    {
        $this->authorize('viewAny', Look::class);

        return $this->answer(StaffWords::current());
    }

    /** Saves lists of the book; entries that changed get the saver as owner and today as their date. */
    public function update(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);
        $words = StaffWords::current();
        $book = $words->document();
        foreach (array_intersect(StaffWords::LISTS, array_keys($request->all())) as $list) {
            $book[$list] = $this->owned(
                array_values((array) $request->input($list)),
                $words->$list ?? [],
                BookDocument::LISTS[$list],
                $request->user()->name,
            );
        }

        return $this->answer($this->save($words, $this->basedOn($request), $book));
    }

    /** The book as a file. */
    public function export(): Response
    {
        $this->authorize('viewAny', Look::class);
        $json = json_encode(
            StaffWords::current()->document(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );

        return new Response($json, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="staff-book.json"',
        ]);
    }

    /** What a book would bring, and where it clashes with ours. Nothing is saved. */
    public function preview(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);

        return new JsonResponse(
            BookDocument::compare($this->plain(StaffWords::current()->document()), $this->given($request)),
        );
    }

    /** Takes a book in: what is new, and of the clashes those named in `take`. */
    public function import(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);
        $given = $request->validate(['take' => 'array', 'take.*' => 'string|max:100']);
        $words = StaffWords::current();
        $merged = BookDocument::merge($this->plain($words->document()), $this->given($request), $given['take'] ?? []);

        return $this->answer($this->save($words, $this->basedOn($request), $merged));
    }

    /** What a table of words would bring, and what is wrong with the rest. Nothing is saved. */
    public function words(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);
        $given = $request->validate(['csv' => 'required|string|max:200000']);

        return new JsonResponse(WordList::read($given['csv'], $this->plain(StaffWords::current()->document())));
    }

    /** The family drawn in a call, as the book keeps it: still without how it is said, read and protected. */
    public function family(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);
        $given = $request->validate(ProofInput::RULES + ['document' => 'required|array',
            'name' => ['required', 'string', 'max:40', 'regex:/^[\pL][\pL\pN -]*$/u'],
            'side' => 'nullable|in:left,right']);
        $input = ProofInput::from($request, $this->schemas);
        $call = $input->call();
        $lineup = $call->lineup($input->setting($call)->situation, StaffWords::current()->book()->clock());

        return new JsonResponse(
            OwnFamily::drawn($given['name'], $call, $lineup, Side::tryFrom($given['side'] ?? '') ?? $lineup->strong),
        );
    }

    /** @return array<string, mixed> */
    private function given(Request $request): array
    {
        $book = $request->input('book');
        if (! is_array($book)) {
            throw Problem::content(
                '/book',
                'Choose a file that was written as a staff book: JSON with "kind": "jacotaxis.book".',
            );
        }
        $this->schemas->check('book', ['groups' => (object) ($book['groups'] ?? [])] + $book);
        BookDocument::read($book);

        return $book;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function plain(array $document): array
    {
        return ['groups' => (array) $document['groups']] + $document;
    }

    /**
     * Checks the whole book, then saves the record and the sets together.
     *
     * @param  array<string, mixed>  $book
     *
     * @throws NotValid
     */
    private function save(StaffWords $words, int $based, array $book): StaffWords
    {
        $this->schemas->check('book', ['groups' => (object) $book['groups']] + $book);
        BookDocument::read($this->plain($book));

        return DB::transaction(function () use ($words, $based, $book): StaffWords {
            $saved = $words->saveOn($based, ['letters' => $book['letters'], 'groups' => (array) $book['groups'],
                'school' => $book['techniques'], 'cadence' => $book['cadence']]
                + array_intersect_key($book, array_flip(StaffWords::LISTS)));
            foreach ($book['sets'] ?? [] as $set) {
                $formation = Formation::query()->where('name', $set['name'])->first();
                if ($formation === null) {
                    Formation::query()->create(
                        FormationController::named($set['name'], $set['formation']) + ['version' => 1],
                    );
                } elseif (! Same::documents($formation->document, $set['formation'])) {
                    $formation->saveOn(
                        $formation->version,
                        FormationController::named($set['name'], $set['formation']),
                    );
                }
            }

            return $saved;
        });
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  list<array<string, mixed>>  $before
     * @return list<array<string, mixed>>
     */
    private function owned(array $entries, array $before, string $key, string $owner): array
    {
        $was = array_column($before, null, $key);
        $bare = fn (array $e): array => array_diff_key($e, ['owner' => 1, 'on' => 1]);

        $owned = function (array $entry) use ($was, $key, $bare, $owner): array {
            $name = $entry[$key] ?? null;
            $known = is_string($name) ? $was[$name] ?? null : null;

            return $known !== null && Same::documents($bare($known), $bare($entry))
                ? $known
                : $bare($entry) + ['owner' => $owner, 'on' => date('Y-m-d')];
        };

        return array_values(array_map($owned, array_filter($entries, is_array(...))));
    }

    private function answer(StaffWords $words): JsonResponse
    {
        return new JsonResponse([
            'book' => $words->document(), 'version' => $words->version, 'leftOut' => $words->leftOut(),
            'questions' => array_values(array_map(fn (Question $q): array => ['id' => $q->id,
                'question' => $q->question, 'schools' => $q->schools, 'default' => $q->default, 'why' => $q->why,
                'changes' => $q->changes()], Questions::all())),
            'open' => array_map(fn (array $v, string $id): array => ['id' => $id] + $v, OpenValues::all(),
                array_keys(OpenValues::all())),
            'families' => array_values(array_map(fn ($f): array => ['name' => $f->name,
                'definition' => $f->definition()], Families::all())),
        ], 200, ['ETag' => "\"{$words->version}\""]);
    }
}
