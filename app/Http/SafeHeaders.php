<?php

namespace App\Http;

use Closure;
use Illuminate\Foundation\Vite;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a browser is told on every answer: nothing from elsewhere and no script that stands in the page, no frames
 * around it, no guessing of types, no address given away.
 */
final class SafeHeaders
{
    /**
     * Styles may stand in the page: the libraries of windows and notices put theirs there while they run. The second
     * word of scripts lets the library that follows men in a film run its compiled code, and nothing else.
     */
    private const POLICY = [
        'default-src' => "'self'",
        'script-src' => "'self' 'wasm-unsafe-eval'",
        'style-src' => "'self' 'unsafe-inline'",
        'img-src' => "'self' data: blob:",
        'media-src' => "'self' blob:",
        'font-src' => "'self' data:",
        'object-src' => "'none'",
        'base-uri' => "'self'",
        'form-action' => "'self'",
        'frame-ancestors' => "'none'",
    ];

    private const HEADERS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(), geolocation=(), payment=(), usb=()',
    ];

    private const A_YEAR_ON_TLS = 'max-age=31536000';

    public function __construct(private readonly Vite $vite)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }
        // While the front end is worked on, its own server sends the scripts.
        if (! $this->vite->isRunningHot()) {
            $response->headers->set('Content-Security-Policy', self::policy());
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', self::A_YEAR_ON_TLS);
        }

        return $response;
    }

    private static function policy(): string
    {
        return implode('; ', array_map(
            fn (string $what, string $from): string => "$what $from",
            array_keys(self::POLICY),
            self::POLICY,
        ));
    }
}
