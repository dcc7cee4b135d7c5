<?php

namespace App\Policies;

use App\Models\Clip;
use App\Models\User;

class ClipPolicy extends StaffDocumentPolicy
{
    /** A player may watch a clip he was graded on. */
    public function watch(User $user, Clip $clip): bool
    {
        return $user->role->isStaff()
            || ($user->player_id !== null && $clip->grades()->where('player_id', $user->player_id)->exists());
    }
}
