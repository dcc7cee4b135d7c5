<?php

namespace App\Policies;

use App\Models\Player;
use App\Models\Role;
use App\Models\User;

/** A player sees his own page; the staff sees every page. */
class PlayerPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Player $player): bool
    {
        return $user->role->isStaff() || $user->player_id === $player->id;
    }

    /** His own records are his; of the staff the coordinator hands them over. */
    public function records(User $user, Player $player): bool
    {
        return $user->role === Role::Coordinator || $user->player_id === $player->id;
    }

    public function erase(User $user): bool
    {
        return $user->role === Role::Coordinator;
    }

    public function create(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function update(User $user): bool
    {
        return $user->role->isStaff();
    }
}
