<?php

namespace App\Http\Controllers;

use App\Http\EndedSessions;
use App\Http\Problem;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

class SessionController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse($this->user($request->user()));
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => 'required|string|max:255', 'password' => 'required|string|max:255']);
        if (! Auth::attempt($given)) {
            throw new Problem(422, 'Not signed in', 'This address and password do not belong together. Check both; the demo prints its sign-ins when it starts.');
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
        return ['id' => $user->id, 'name' => $user->name, 'role' => $user->role->value, 'staff' => $user->role->isStaff(), 'playerId' => $user->player_id];
    }
}
