<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Vite;

/** The one page; the browser's router does the rest. */
final readonly class PageController
{
    public function __invoke(Vite $vite): View
    {
        return view('page', ['vite' => $vite]);
    }
}
