<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Clip;
use App\Models\Grade;
use App\Models\Player;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

class GradeController extends Controller
{
    /** Saves the grade of one man on a clip: version 0 makes a new one. */
    public function update(Request $request, Clip $clip, string $man): JsonResponse
    {
        $this->authorize('update', $clip);
        $based = $this->basedOn($request);
        $given = $request->validate([
            'mark' => 'required|integer|in:-1,0,1', 'asked' => 'required|string|max:200', 'done' => 'present|nullable|string|max:300',
            'decision' => 'nullable|in:right,right but late,wrong,forced', 'reason' => 'present|nullable|string|max:1000',
            'faults' => 'present|array|max:20', 'faults.*' => 'string|max:80',
        ]);
        $player = Player::query()->where('letter', $man)->first()
            ?? throw new Problem(422, 'Nobody to grade', "No player on the roster plays $man. Add him first.");
        $attributes = ['done' => $given['done'] ?? '', 'reason' => $given['reason'] ?? '', 'user_id' => $request->user()->id] + $given;
        $grade = Grade::query()->where(['clip_id' => $clip->id, 'man' => $man])->first();
        if ($grade === null) {
            $grade = Grade::query()->create(['clip_id' => $clip->id, 'player_id' => $player->id, 'man' => $man, 'version' => 1] + $attributes);

            return new JsonResponse($grade, 201, ['ETag' => '"1"']);
        }
        $grade = $grade->saveOn($based, $attributes);

        return new JsonResponse($grade, 200, ['ETag' => "\"{$grade->version}\""]);
    }
}
