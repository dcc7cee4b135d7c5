<?php

namespace App\Http\Controllers\Film;

use App\Documents\Schemas;
use App\Film\Breakdown;
use App\Film\SnapIndex;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Reel;
use App\Models\Snap;
use Generator;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Film\Chart\Columns;

/** Reads a breakdown of somebody else's: shown with its mapping and errors first, kept when the coach says so. */
class BreakdownController extends Controller
{
    /** Rows a preview shows. */
    private const SHOWN = 30;

    /** Rows kept at once, and rows whose errors an answer lists. */
    private const PART = 500;

    private const ERRORS = 500;

    public function preview(Request $request, Reel $reel): JsonResponse
    {
        $this->authorize('update', $reel);
        $table = Breakdown::table($this->text($request));
        $mapping = $this->mapping($request, $table);
        $snaps = Breakdown::snaps(array_slice($table['rows'], 0, self::SHOWN), $mapping, $reel->kind);

        return new JsonResponse(['headings' => $table['headings'], 'rows' => count($table['rows']),
            'mapping' => $mapping, 'fields' => Columns::headings(), 'preview' => $snaps,
            'first' => array_slice($table['rows'], 0, 5)]);
    }

    public function import(Request $request, Reel $reel, Schemas $schemas): JsonResponse
    {
        $this->authorize('update', $reel);
        set_time_limit(600);
        $document = json_decode($this->text($request), true);
        $parts =
            is_array($document) && ($document['kind'] ?? null) === 'jacotaxis.reel'
                ? [$this->documents($document, $schemas)]
                : $this->rows($request, $reel);
        $place = (int) $reel->snaps()->max('place');
        $kept = 0;
        $errors = [];
        DB::transaction(function () use ($parts, $reel, &$place, &$kept, &$errors): void {
            foreach ($parts as $snaps) {
                foreach ($snaps as $snap) {
                    Snap::query()->create(
                        ['reel_id' => $reel->id, 'place' => ++$place] + SnapIndex::of($snap['document']),
                    );
                    $kept++;
                    if ($snap['errors'] !== []) {
                        $errors[] = ['row' => $snap['row'], 'errors' => $snap['errors']];
                    }
                }
            }
        });

        return new JsonResponse(
            ['kept' => $kept, 'wrong' => count($errors), 'errors' => array_slice($errors, 0, self::ERRORS)],
            201,
        );
    }

    /**
     * @param  array<string, mixed>  $reel
     * @return list<array{row: int, document: array<string, mixed>, errors: list<mixed>}>
     */
    private function documents(array $reel, Schemas $schemas): array
    {
        $snaps = [];
        foreach (array_values($reel['snaps'] ?? []) as $n => $document) {
            $schemas->check('film', json_decode(json_encode($document, JSON_THROW_ON_ERROR)));
            $snaps[] = ['row' => $n + 1, 'document' => $document, 'errors' => []];
        }

        return $snaps;
    }

    /**
     * A long table is read in parts, so that it need not be held twice.
     *
     * @return Generator<int, list<array{row: int, document: array<string, mixed>, errors: list<array{field: string,
     *     cell: string, why: string}>}>>
     */
    private function rows(Request $request, Reel $reel): Generator
    {
        $table = Breakdown::table($this->text($request));
        $mapping = $this->mapping($request, $table);
        for ($at = 0; $at < count($table['rows']); $at += self::PART) {
            yield Breakdown::snaps(array_slice($table['rows'], $at, self::PART), $mapping, $reel->kind, $at + 2);
        }
    }

    private function text(Request $request): string
    {
        $file = $request->file('file');

        if ($file instanceof UploadedFile && $file->isValid()) {
            return (string) $file->get();
        }

        return (string) $request->input('text') ?:
            throw new Problem(422, 'No table arrived', 'Choose a CSV or JSON file and send it again.');
    }

    /**
     * @param  array{headings: list<string>, mapping: array<int, string|null>}  $table
     * @return array<int, string|null>
     */
    private function mapping(Request $request, array $table): array
    {
        $given = $request->input('mapping');
        $given = is_string($given) ? json_decode($given, true) : $given;
        if (! is_array($given)) {
            return $table['mapping'];
        }
        $used = [];
        foreach ($given as $column => $field) {
            if ($field !== null && (! isset(Columns::headings()[$field]) || isset($used[$field]))) {
                throw Problem::content(
                    "/mapping/$column",
                    isset($used[$field])
                        ? "Two columns are mapped to $field: leave one out."
                        : "There is no field \"$field\".",
                );
            }
            $used[(string) $field] = true;
        }

        return array_map(fn (int $column): ?string => $given[$column] ?? null, array_keys($table['headings']));
    }
}
