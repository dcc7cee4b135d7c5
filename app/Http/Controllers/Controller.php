<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;

abstract class Controller
{
    use AuthorizesRequests;

    /** The version named in If-Match. */
    protected function basedOn(Request $request): int
    {
        $tag = trim($request->headers->get('If-Match') ?? '', ' "W/');

        return ctype_digit($tag) ? (int) $tag : throw Problem::unversioned();
    }
}
