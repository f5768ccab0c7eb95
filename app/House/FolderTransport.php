<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Letters as files in a folder that only the server may read, for a house without a mail server. */
final class FolderTransport extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'folder';
    }

    protected function doSend(SentMessage $message): void
    {
        File::ensureDirectoryExists($this->folder, 0700);
        File::put($this->folder.'/'.now()->format('Y-m-d-His').'-'.Str::lower(Str::random(6)).'.eml', $message->toString());
    }
}
