<?php

namespace App\Http\Controllers\Film;

use App\Film\ChangeWords;
use App\Film\Composed;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Grade;
use App\Models\GradeChange;
use App\Models\Player;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Database\Eloquent\Collection;
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
            DB::transaction(function () use ($request, $grade, $attributes): void {
                $grade->fill($grade->counted($attributes))->save();
                GradeChange::keep($request->user(), null, $grade);
            });

            return new JsonResponse($grade, 201, ['ETag' => '"1"']);
        }
        $grade = DB::transaction(function () use ($request, $grade, $based, $attributes): Grade {
            $before = clone $grade;
            $after = $grade->saveOn($based, $grade->counted($attributes));
            GradeChange::keep($request->user(), $before, $after);

            return $after;
        });

        return new JsonResponse($grade, 200, ['ETag' => "\"{$grade->version}\""]);
    }

    /**
     * Takes every proposal that has a mark and was not graded by hand: one key for the whole snap. Where all others did
     * their job, whoever has no grade gets one.
     */
    public function confirm(Request $request, Snap $snap): JsonResponse
    {
        $this->authorize('update', $snap);
        $others = (bool) ($request->validate(['others' => 'boolean'])['others'] ?? false);
        $composed = Composed::of($snap);
        $graded = $snap->grades()->pluck('man')->all();
        $players = Player::query()->orderByDesc('depth')->pluck('id', 'letter');
        $men = array_filter(
            array_diff($others ? $composed->men() : $composed->proposed(), $graded),
            fn (string $man): bool => isset($players[$man]),
        );
        $give = function (string $man) use ($request, $snap, $players, $composed, $others): Grade {
            $whose = ['snap_id' => $snap->id, 'player_id' => $players[$man], 'man' => $man,
                'user_id' => $request->user()->id];
            $given = $others ? $composed->didHisJob($man) : $composed->proposal($man);
            $grade = Grade::query()->create($whose + $given + $composed->words($man));
            GradeChange::keep($request->user(), null, $grade);

            return $grade;
        };
        $made = DB::transaction(fn (): array => array_map($give, array_values($men)));

        return new JsonResponse(['grades' => $made], 201);
    }

    /** Who gave, changed and took away the grade of a man on a snap, the latest first. */
    public function history(Snap $snap, string $man): JsonResponse
    {
        $this->authorize('update', $snap);
        /** @var Collection<int, GradeChange> $changes */
        $changes = GradeChange::query()
            ->where(['snap_id' => $snap->id, 'man' => $man])
            ->with('user:id,name')
            ->latest('id')
            ->get();

        $keys = StaffWords::current()->faultKeys();

        return new JsonResponse(['changes' => $changes->map(fn (GradeChange $c): array => [
            'id' => $c->id,
            'at' => $c->created_at->toIso8601String(),
            'who' => $c->user->name ?? 'somebody who is gone',
            'what' => ChangeWords::of($c, $keys),
        ])->all()]);
    }

    public function destroy(Request $request, Snap $snap, string $man): JsonResponse
    {
        $this->authorize('update', $snap);
        $grade = Grade::query()->where(['snap_id' => $snap->id, 'man' => $man])->firstOrFail();
        DB::transaction(function () use ($request, $grade): void {
            GradeChange::keep($request->user(), $grade, null);
            $grade->delete();
        });

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
