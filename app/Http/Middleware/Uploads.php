<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The files that come with a request, however deep its form has them. */
final readonly class Uploads
{
    /** @return list<UploadedFile> */
    public static function of(Request $request): array
    {
        $files = [];
        $form = $request->files->all();
        array_walk_recursive($form, static function (mixed $file) use (&$files): void {
            if ($file instanceof UploadedFile) {
                $files[] = $file;
            }
        });

        return $files;
    }
}
