<?php

namespace App\Policies;

use App\Models\User;

/** Calls, looks and film: the staff reads and writes, only the coordinator throws away, players have their own page. */
class StaffDocumentPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function view(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function update(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function delete(User $user): bool
    {
        return $user->role === \App\Models\Role::Coordinator;
    }
}
