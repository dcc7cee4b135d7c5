<?php

namespace App\People;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** A session that has begun: who is in it, and the number by which it ends with all his others. */
final class SignedIn
{
    private const NUMBER = 'sessions';

    /** Signs somebody in. */
    public static function begin(Request $request, User $user): void
    {
        Auth::login($user);
        $request->session()->regenerate();
        $request->session()->put(self::NUMBER, $user->sessions);
        $user->forceFill(['signed_in_at' => now()])->save();
    }

    /** Whether a session still holds: he may come in, and his sessions were not ended since it began. */
    public static function holds(Request $request, User $user): bool
    {
        return $user->disabled_at === null &&
            (int) $request->session()->get(self::NUMBER, 0) === $user->sessions;
    }

    /** @return array{id: string, name: string, role: string, staff: bool, playerId: string|null} */
    public static function told(User $user): array
    {
        return [
            'id' => $user->id,
            'name' => $user->name,
            'role' => $user->role->value,
            'staff' => $user->role->isStaff(),
            'playerId' => $user->player_id,
        ];
    }
}
