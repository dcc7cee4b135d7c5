<?php

namespace App\People;

use App\Http\Problem;
use App\Models\User;
use Illuminate\Support\Str;

/**
 * Links by which a man sets his own password: shown once, good for a week and for one use. Only their hash is kept. A
 * link ends every session of his, and his old password.
 */
final class Links
{
    private const GOOD_FOR_DAYS = 7;

    /** A new link for somebody, which replaces the one before. */
    public static function for(User $user): string
    {
        $token = Str::random(40);
        $user->forceFill([
            'link_hash' => hash('sha256', $token),
            'link_until' => now()->addDays(self::GOOD_FOR_DAYS),
            'password' => Str::random(64),
            'sessions' => $user->sessions + 1,
        ])->save();

        return url("/join/$token");
    }

    /** Whose link it is. */
    public static function owner(string $token): User
    {
        $user = User::query()->where('link_hash', hash('sha256', $token))->first();
        if ($user === null || $user->link_until?->isPast() !== false || $user->disabled_at !== null) {
            throw new Problem(
                404,
                'This link does not open anything',
                'It was used, is more than a week old, or there is a newer one. Ask your coordinator for another.',
            );
        }

        return $user;
    }

    /** Sets the password the owner chose and uses the link up. */
    public static function redeem(string $token, string $password): User
    {
        $user = self::owner($token);
        $user->forceFill(['password' => $password, 'link_hash' => null, 'link_until' => null])->save();

        return $user;
    }
}
