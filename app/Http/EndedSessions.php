<?php

namespace App\Http;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session that was signed out of stays so. A request that was under way while somebody signed out saves what it had
 * read before and sends the old cookie again: without this he would be signed in once more.
 */
final class EndedSessions
{
    /** Ends a session for good; called before it is made invalid. */
    public static function end(Session $session): void
    {
        Cache::put(self::key($session), true, 60 * (int) config('session.lifetime', 120));
    }

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->hasSession() && Cache::has(self::key($request->session()))) {
            $request->session()->invalidate();
        }

        return $next($request);
    }

    private static function key(Session $session): string
    {
        return 'ended session '.hash('sha256', $session->getId());
    }
}
