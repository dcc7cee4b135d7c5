<?php

namespace App\Http\Controllers\Film;

use App\Film\Composed;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Grade;
use App\Models\Player;
use App\Models\Snap;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Marks;
use Jacotaxis\Core\Grade\Owners\Charge;
use Jacotaxis\Core\Offense\Man;

class GradeController extends Controller
{
    /**
     * Saves the grade of one man on a snap: version 0 makes a new one. The request gives marks, faults and remarks;
     * what was asked and done, the decision and the reason are composed here.
     */
    public function update(Request $request, Snap $snap, string $man): JsonResponse
    {
        $this->authorize('update', $snap);
        $based = $this->basedOn($request);
        $given = $request->validate([
            'mark' => 'required|integer|in:-1,0,1', 'bust' => 'boolean', 'impact' => 'boolean',
            'faults' => 'present|array|max:20', 'faults.*' => Rule::in(Library::ids()),
            'marks' => 'nullable|array:'.implode(',', Marks::WHAT), 'marks.*' => 'nullable|integer|in:-1,0,1',
            'correction' => 'nullable|string|max:300', 'caveat' => 'nullable|string|max:300', 'certain' => 'boolean',
            'hard' => 'boolean',
            'caused_by' => ['nullable', Rule::in([...Man::LINEMEN, 'Q', ...Man::SKILL])],
            'charged_to' => ['nullable', Rule::in(array_keys(Charge::others()))],
        ]);
        $words = array_map(strval(...), array_intersect_key($given, array_flip(['correction', 'caveat'])));
        $attributes = Composed::of($snap)->words($man) + $words + ['user_id' => $request->user()->id] + $given;
        $grade = Grade::query()->where(['snap_id' => $snap->id, 'man' => $man])->first();
        if ($grade === null) {
            $grade = new Grade(['snap_id' => $snap->id, 'player_id' => $this->player($man)->id, 'man' => $man]);
            $grade->fill($grade->counted($attributes))->save();

            return new JsonResponse($grade, 201, ['ETag' => '"1"']);
        }
        $grade = $grade->saveOn($based, $grade->counted($attributes));

        return new JsonResponse($grade, 200, ['ETag' => "\"{$grade->version}\""]);
    }

    /** Takes every proposal that has a mark and was not graded by hand: one key for the whole snap. */
    public function confirm(Request $request, Snap $snap): JsonResponse
    {
        $this->authorize('update', $snap);
        $composed = Composed::of($snap);
        $graded = $snap->grades()->pluck('man')->all();
        $players = Player::query()->orderByDesc('depth')->pluck('id', 'letter');
        $men = array_filter(
            array_diff($composed->proposed(), $graded),
            fn (string $man): bool => isset($players[$man]),
        );
        $made = DB::transaction(fn (): array => array_map(fn (string $man): Grade => Grade::query()->create(
            ['snap_id' => $snap->id, 'player_id' => $players[$man], 'man' => $man, 'user_id' => $request->user()->id]
            + $composed->proposal($man)
            + $composed->words($man),
        ), array_values($men)));

        return new JsonResponse(['grades' => $made], 201);
    }

    public function destroy(Snap $snap, string $man): JsonResponse
    {
        $this->authorize('update', $snap);
        $grade = Grade::query()->where(['snap_id' => $snap->id, 'man' => $man])->firstOrFail();
        $grade->delete();

        return new JsonResponse($grade);
    }

    private function player(string $man): Player
    {
        /** @var Player|null $player */
        $player = Player::query()->where('letter', $man)->orderBy('depth')->first();

        return $player ??
            throw new Problem(422, 'Nobody to grade', "No player on the roster plays $man. Add him first.");
    }
}
