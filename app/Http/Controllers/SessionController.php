<?php

namespace App\Http\Controllers;

use App\Http\EndedSessions;
use App\Http\Problem;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

class SessionController extends Controller
{
    /** So many wrong passwords a minute from one place: a whole staff may sign in behind one address. */
    private const WRONG_A_MINUTE = 20;

    public function show(Request $request): JsonResponse
    {
        return new JsonResponse($this->user($request->user()));
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => 'required|string|max:255', 'password' => 'required|string|max:255']);
        $from = "sign-in {$request->ip()}";
        if (RateLimiter::tooManyAttempts($from, self::WRONG_A_MINUTE)) {
            $wait = RateLimiter::availableIn($from);
            throw new Problem(
                429,
                'Too many wrong passwords',
                "Too many wrong passwords came from here. Wait $wait seconds and try again.",
            );
        }
        if (! Auth::attempt($given)) {
            RateLimiter::hit($from);
            throw new Problem(422, 'Not signed in',
                'This address and password do not belong together. Check both; the demo prints its sign-ins when it starts.');
        }
        $request->session()->regenerate();

        return new JsonResponse($this->user($request->user()));
    }

    public function destroy(Request $request): Response
    {
        EndedSessions::end($request->session());
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private function user(User $user): array
    {
        return ['id' => $user->id, 'name' => $user->name, 'role' => $user->role->value,
            'staff' => $user->role->isStaff(), 'playerId' => $user->player_id];
    }
}
