<?php

namespace App\Http;

use App\Documents\NotValid;
use DomainException;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Words\NotUnderstood;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Turns every failure of the API into a problem document that names the fault and the cure. */
final class ProblemResponses
{
    public static function for(Throwable $e): JsonResponse
    {
        $problem = self::problem($e);

        return new JsonResponse(['type' => 'about:blank', 'title' => $problem->title, 'status' => $problem->status,
            'detail' => $problem->getMessage()] + $problem->more,
            $problem->status, ['Content-Type' => 'application/problem+json']);
    }

    private static function problem(Throwable $e): Problem
    {
        return match (true) {
            $e instanceof Problem => $e,
            $e instanceof NotValid => new Problem(422, 'Not a valid document', $e->getMessage(), [
                'pointer' => $e->pointer,
                'errors' => $e->errors,
            ]),
            $e instanceof BadDocument => Problem::content($e->pointer, $e->getMessage()),
            $e instanceof NotUnderstood => new Problem(422, 'Not understood', $e->getMessage(), [
                'word' => $e->word,
                'suggestions' => $e->suggestions,
                'meanings' => $e->meanings,
            ]),
            $e instanceof BadCalibration => new Problem(422, 'These points do not place the picture', $e->getMessage()),
            $e instanceof DomainException => new Problem(422, 'This cannot be right', $e->getMessage()),
            $e instanceof ValidationException => new Problem(422, 'Something is missing or wrong',
                implode(' ', array_merge(...array_values($e->errors()))), ['errors' => $e->errors()]),
            $e instanceof AuthenticationException => new Problem(401, 'Sign in first', 'Sign in to see this.'),
            $e instanceof AuthorizationException, $e instanceof HttpExceptionInterface
                && $e->getStatusCode() === 403 => new Problem(403, 'Not yours to see or change',
                    'Your role does not allow this. Ask the coordinator.'),
            $e instanceof ModelNotFoundException => new Problem(404, 'Not found',
                'There is nothing under this address any more.'),
            $e instanceof TokenMismatchException, $e instanceof HttpExceptionInterface
                && $e->getStatusCode() === 419 => new Problem(419, 'The page is too old',
                    'Reload the page and try again; what you entered is kept.'),
            $e instanceof PostTooLargeException, $e instanceof HttpExceptionInterface
                && $e->getStatusCode() === 413 => new Problem(413, 'The file is too large',
                    'A clip may have at most '.config('film.most_mb').' MB. Cut it to the snap or export it smaller.'),
            $e instanceof HttpExceptionInterface => new Problem($e->getStatusCode(), $e->getStatusCode() === 404
                ? 'Not found' : 'Not possible', $e->getMessage() ?: 'There is nothing under this address.'),
            default => new Problem(500, 'Something broke on the server',
                'Nothing was changed. Try again; if it stays, tell whoever runs this program.'),
        };
    }
}
