<?php

namespace App\Http\Controllers;

use App\Http\EndedSessions;
use App\Http\Problem;
use App\Models\User;
use App\People\SignedIn;
use App\People\WrongPasswords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

class SessionController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(SignedIn::told($request->user()));
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => 'required|string|max:255', 'password' => 'required|string|max:255']);
        $given['email'] = User::address($given['email']);
        $tries = new WrongPasswords($given['email'], $request->ip());
        $tries->mayTry();
        if (! Auth::validate($given)) {
            $tries->wrong();
            throw new Problem(422, 'Not signed in',
                'This address and password do not belong together. Check both; the demo prints its sign-ins when it '
                    .'starts.');
        }
        $user = User::query()->where('email', $given['email'])->firstOrFail();
        if ($user->disabled_at !== null) {
            throw new Problem(403, 'Not signed in', 'You are not let in any more. Ask your coordinator.');
        }
        SignedIn::begin($request, $user);

        return new JsonResponse(SignedIn::told($user) + ['wrongSince' => $tries->right()]);
    }

    public function destroy(Request $request): Response
    {
        EndedSessions::end($request->session());
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }
}
