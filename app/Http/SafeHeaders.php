<?php

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a browser is told on every answer: no frames around it, no guessing of types, no address given away. */
final class SafeHeaders
{
    private const HEADERS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Content-Security-Policy' => "frame-ancestors 'none'; object-src 'none'; base-uri 'self'; form-action 'self'",
        'Permissions-Policy' => 'camera=(), geolocation=(), payment=(), usb=()',
    ];

    private const A_YEAR_ON_TLS = 'max-age=31536000';

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', self::A_YEAR_ON_TLS);
        }

        return $response;
    }
}
