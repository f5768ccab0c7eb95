<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\UploadedFile;

/** A request that uploads one file under the name `file`. */
trait TakesFile
{
    public function upload(): UploadedFile
    {
        return $this->validated('file');
    }

    /** As the person's machine calls it, cut to what is stored. */
    public function uploadName(): string
    {
        return mb_substr($this->upload()->getClientOriginalName(), 0, 120);
    }
}
