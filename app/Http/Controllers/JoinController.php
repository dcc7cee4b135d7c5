<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\People\Links;
use App\People\Passwords;
use App\People\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
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
        SignedIn::begin($request, Links::redeem($token, $given['password']));

        return new JsonResponse(SignedIn::told($request->user()), 201);
    }

    /** A new password of one's own; every other session of his ends. */
    public function update(Request $request): JsonResponse
    {
        $given = $request->validate(['old' => 'required|string|max:255', 'password' => 'required|string|max:1000']);
        $user = $request->user();
        if (! Hash::check($given['old'], $user->password)) {
            throw Problem::content(
                '/old',
                'This is not your password now. Forgotten? Ask your coordinator for a link.',
            );
        }
        Passwords::check($given['password'], $user->name, $user->email);
        $user->forceFill(['password' => $given['password'], 'sessions' => $user->sessions + 1])->save();
        SignedIn::begin($request, $user);

        return new JsonResponse(SignedIn::told($user));
    }
}
