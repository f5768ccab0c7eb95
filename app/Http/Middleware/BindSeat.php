<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Library\Keyboards;
use App\Library\Library;
use Closure;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\Response;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/**
 * Reads the keyboard that somebody sits at from the query, once for the whole request: whoever is handed a {@see Seat} gets that one.
 * It is made when it is asked for first.
 */
final readonly class BindSeat
{
    public function __construct(private Library $library, private Container $container)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $named = Validator::make(
            $request->query->all(),
            [
                'system' => ['sometimes', Rule::enum(System::class)],
                'board' => ['sometimes', Rule::in($this->library->keyboards->boardIds())],
                'layout' => ['sometimes', Rule::in($this->library->keyboards->layoutIds())],
            ],
            [
                'system' => 'The system is one of macos, windows, linux.',
                'board' => 'There is no board of that name.',
                'layout' => 'There is no layout of that name.',
            ],
        )->validate();
        $seat = null;
        $this->container->bind(Seat::class, function () use (&$seat, $named): Seat {
            return $seat ??= $this->library->keyboards->seat(
                $named['board'] ?? Keyboards::DEFAULT_BOARD,
                $named['layout'] ?? Keyboards::DEFAULT_LAYOUT,
                System::from($named['system'] ?? Keyboards::DEFAULT_SYSTEM->value),
            );
        });

        return $next($request);
    }
}
