<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Vite;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What can be asked of the API, to read and to try, and the description itself for programs. */
final readonly class ApiDescriptionController
{
    public function page(Vite $vite): View
    {
        return view('api-description', ['vite' => $vite]);
    }

    public function document(): BinaryFileResponse
    {
        return response()->file(base_path('docs/openapi.yaml'), ['Content-Type' => 'application/yaml']);
    }
}
