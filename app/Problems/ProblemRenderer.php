<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Text\TextSize;

/** The one place where errors become HTTP: problem details, RFC 9457. */
final readonly class ProblemRenderer
{
    private const TITLES = [
        400 => 'The request cannot be understood',
        401 => 'Not signed in',
        403 => 'Not allowed',
        404 => 'Not found',
        405 => 'Not possible here',
        409 => 'Somebody else was faster',
        413 => 'Too large',
        419 => 'The page was open too long',
        422 => 'Not accepted',
        429 => 'Too many tries',
        500 => 'Something went wrong here',
        503 => 'Not ready',
    ];

    public function render(Throwable $error, Request $request): ?JsonResponse
    {
        if (! $request->is('api/*')) {
            return null;
        }
        $status = $this->status($error);
        $problem = [
            'type' => 'about:blank',
            'title' => self::TITLES[$status] ?? 'The request failed',
            'status' => $status,
            'kind' => $this->kind($error, $status),
            'detail' => $this->detail($error, $status),
            'remedy' => $this->remedy($error, $status),
            'where' => $error instanceof Refusal ? $error->where : null,
            'fields' => (object) ($error instanceof ValidationException ? array_map(array_first(...), $error->errors()) : []),
            ...$error instanceof AppRefusal ? $error->extension() : [],
        ];
        $headers = $error instanceof HttpExceptionInterface ? $error->getHeaders() : [];

        return new JsonResponse($problem, $status, ['Content-Type' => 'application/problem+json'] + $headers);
    }

    private function status(Throwable $error): int
    {
        return match (true) {
            $error instanceof AppRefusal => $error->getStatusCode(),
            $error instanceof Refusal, $error instanceof ValidationException => 422,
            $error instanceof AuthenticationException => 401,
            $error instanceof AuthorizationException => 403,
            $error instanceof TokenMismatchException => 419,
            $error instanceof UniqueConstraintViolationException => 409,
            self::isAway($error) => 503,
            $error instanceof HttpExceptionInterface => $error->getStatusCode(),
            default => 500,
        };
    }

    /** The connection was refused, lost, or ended by the server (SQLSTATE classes 08 and 57P), or all of them are taken. */
    private static function isAway(Throwable $error): bool
    {
        return $error instanceof PDOException &&
            preg_match(
                '/^(08|57P|53300)|SQLSTATE\[(08|57P|53300)|server closed the connection|no connection to the server/',
                $error->getCode().' '.$error->getMessage(),
            ) === 1;
    }

    private function kind(Throwable $error, int $status): string
    {
        return match (true) {
            $error instanceof Refusal => $error->kind(),
            $error instanceof ValidationException => 'invalid-input',
            default => match ($status) {
                401 => 'not-signed-in',
                403 => 'not-allowed',
                404 => 'not-found',
                413 => 'too-large',
                419 => 'page-too-old',
                409 => 'there-already',
                429 => 'too-many-tries',
                503 => 'away',
                default => 'failed',
            },
        };
    }

    private function detail(Throwable $error, int $status): string
    {
        return match (true) {
            $error instanceof Refusal => $error->getMessage(),
            $error instanceof ValidationException => (string) array_first(array_merge(...array_values($error->errors()))),
            default => match ($status) {
                401 => 'This needs somebody who is signed in.',
                403 => 'Your role does not allow this.',
                404 => 'There is nothing at this address, or it is not yours.',
                413 => 'The file is too large to be a key file; up to '.TextSize::inWords().' are read. Nothing was taken in.',
                419 => 'The page was open longer than its session.',
                409 => 'Somebody, perhaps you in another window, has just made the same or changed it. Nothing was written a second time.',
                429 => 'There were too many tries from here.',
                503 => 'The database of the house does not answer at the moment.',
                default => 'The server could not finish this, and does not know how far it came.',
            },
        };
    }

    private function remedy(Throwable $error, int $status): string
    {
        return match (true) {
            $error instanceof Refusal => $error->remedy,
            $error instanceof ValidationException => 'Correct the marked field and try again.',
            default => match ($status) {
                401 => 'Sign in and try again.',
                403 => 'Ask the suite keeper.',
                404 => 'Go back and choose it from the list.',
                413 => 'Choose the key file of the application.',
                419 => 'Reload the page and try again.',
                409 => 'Load it again and look.',
                429 => 'Wait a little and try again.',
                503 => 'Wait a few seconds; it goes on by itself. Whether a change that was under way was made shows then.',
                default => 'Look whether it was done before you try again; if it happens once more, tell the suite keeper.',
            },
        };
    }
}
