<?php

namespace App\Http;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Ends the sessions of somebody who may not come in any more, and those from before his sessions were ended. A session
 * carries the number his sessions had when it began.
 */
final class StillWelcome
{
    public const NUMBER = 'sessions';

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession() && ! self::welcome($user, $request)) {
            Auth::logout();
            $request->session()->invalidate();
        }

        return $next($request);
    }

    private static function welcome(User $user, Request $request): bool
    {
        return $user->disabled_at === null && (int) $request->session()->get(self::NUMBER, 0) === $user->sessions;
    }
}
