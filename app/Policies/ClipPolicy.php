<?php

namespace App\Policies;

use App\Models\Clip;
use App\Models\Grade;
use App\Models\User;

class ClipPolicy extends StaffDocumentPolicy
{
    /** A player may watch a clip of a snap he was graded on. */
    public function watch(User $user, Clip $clip): bool
    {
        return $user->role->isStaff()
            || ($user->player_id !== null && $clip->snap_id !== null
                && Grade::query()->where(['snap_id' => $clip->snap_id, 'player_id' => $user->player_id])->exists());
    }
}
