<?php

namespace App\Http;

use App\Models\User;
use App\People\SignedIn;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Ends the sessions of somebody who may not come in any more, and those from before his sessions were ended.
 */
final class StillWelcome
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession() && ! SignedIn::holds($request, $user)) {
            Auth::logout();
            $request->session()->invalidate();
        }

        return $next($request);
    }
}
