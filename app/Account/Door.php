<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use LogicException;

/** Letting somebody in, under a session of a new name, and out again. */
final readonly class Door
{
    public function open(Request $request, User $user): void
    {
        self::guard()->login($user);
        $request->session()->regenerate();
    }

    public function close(Request $request): void
    {
        self::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    private static function guard(): StatefulGuard
    {
        $guard = Auth::guard('web');

        return $guard instanceof StatefulGuard ? $guard : throw new LogicException('The guard of the page keeps sessions.');
    }
}
