<?php

namespace App\Policies;

use App\Models\Cutup;
use App\Models\User;

/** A cut-up is its maker's; a shared one is read by the whole staff. */
class CutupPolicy extends StaffDocumentPolicy
{
    public function update(User $user, ?Cutup $cutup = null): bool
    {
        return $user->role->isStaff() && $cutup?->user_id === $user->id;
    }

    public function delete(User $user, ?Cutup $cutup = null): bool
    {
        return $this->update($user, $cutup);
    }
}
