<?php

declare(strict_types=1);

namespace App\Preset;

use Zebrafinch\Core\Preset\Release as ReleaseContent;

/** A release before it has a number. */
final readonly class ReleaseDraft
{
    /** @param  array<string, string>  $files  key files by application, which say what the content says */
    public function __construct(public ReleaseContent $content, public array $files)
    {
    }
}
