<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Look;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Words\StaffBook;

/** The staff's letters, school of technique names and cadence. */
class StaffWordsController extends Controller
{
    public function show(): JsonResponse
    {
        $this->authorize('viewAny', Look::class);

        return $this->answer(StaffWords::current());
    }

    public function update(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);
        $given = $request->validate([
            'letters' => 'required|array', 'letters.*' => 'required|string|size:1',
            'school' => ['required', Rule::in(Technique::SCHOOLS)],
            'groups' => 'array|max:12', 'groups.*' => ['required', 'regex:/^[0-2][0-3]$/'],
            'cadence.words' => 'required|array|min:2|max:8', 'cadence.words.*' => 'required|string|max:20|alpha',
            'cadence.beatS' => 'required|numeric', 'cadence.soundS' => 'required|numeric',
        ]);
        $given['letters'] = array_map(strtoupper(...), $given['letters']);
        if (! StaffBook::fits($given['letters'])) {
            throw Problem::content('/letters', 'Give each of the six men a letter of his own, A to Z without Q and C.');
        }
        $cadence = Cadence::of(
            $given['cadence']['words'],
            (float) $given['cadence']['beatS'],
            (float) $given['cadence']['soundS'],
        );

        return $this->answer(StaffWords::current()->saveOn($this->basedOn($request),
            ['letters' => $given['letters'], 'groups' => self::groups($given['groups'] ?? []),
                'school' => $given['school'],
                'cadence' => ['words' => $cadence->words, 'beatS' => $cadence->beatS, 'soundS' => $cadence->soundS]]));
    }

    /**
     * @param  array<string, string>  $groups
     * @return array<string, string>
     */
    private static function groups(array $groups): array
    {
        foreach (array_keys($groups) as $name) {
            if (preg_match('/^[\pL][\pL -]{0,30}$/u', (string) $name) !== 1) {
                throw Problem::content('/groups', "\"$name\" is not a name for a personnel group: use letters.");
            }
        }

        return array_change_key_case($groups);
    }

    private function answer(StaffWords $words): JsonResponse
    {
        return new JsonResponse($words, 200, ['ETag' => "\"{$words->version}\""]);
    }
}
