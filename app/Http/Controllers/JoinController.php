<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Http\StillWelcome;
use App\Models\User;
use App\People\Links;
use App\People\Passwords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** Coming in by a link, and changing one's own password. */
class JoinController extends Controller
{
    public function show(string $token): JsonResponse
    {
        $owner = Links::owner($token);

        return new JsonResponse(['name' => $owner->name, 'email' => $owner->email]);
    }

    public function store(Request $request, string $token): JsonResponse
    {
        $given = $request->validate(['password' => 'required|string|max:1000']);
        $owner = Links::owner($token);
        Passwords::check($given['password'], $owner->name, $owner->email);
        self::signIn($request, Links::redeem($token, $given['password']));

        return new JsonResponse(SessionController::told($request->user()), 201);
    }

    /** A new password of one's own; every other session of his ends. */
    public function update(Request $request): JsonResponse
    {
        $given = $request->validate(['old' => 'required|string|max:255', 'password' => 'required|string|max:1000']);
        $user = $request->user();
        if (! Hash::check($given['old'], $user->password)) {
            throw Problem::content('/old', 'This is not your password now. Forgotten? Ask your coordinator for a link.');
        }
        Passwords::check($given['password'], $user->name, $user->email);
        $user->forceFill(['password' => $given['password'], 'sessions' => $user->sessions + 1])->save();
        self::signIn($request, $user);

        return new JsonResponse(SessionController::told($user));
    }

    /** Signs somebody in with a session of a new number. */
    public static function signIn(Request $request, User $user): void
    {
        Auth::login($user);
        $request->session()->regenerate();
        $request->session()->put(StillWelcome::NUMBER, $user->sessions);
        $user->forceFill(['signed_in_at' => now()])->save();
    }
}
