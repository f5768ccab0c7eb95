<?php

declare(strict_types=1);

namespace App\Preset;

/** An archive as it was read and checked. */
final readonly class ReadArchive
{
    /**
     * @param  string|null  $house  what whoever signed it calls itself
     * @param  string|null  $publicKey  in hex
     * @param  array<string, mixed>  $about  as the manifest has it
     * @param  array{members: array<string, mixed>, files: array<string, string>}  $foreign  what is not known here; files in base64
     * @param  list<string>  $notRead  what could not be taken, in sentences
     */
    public function __construct(
        public Signer $signer,
        public ?string $house,
        public ?string $publicKey,
        public array $about,
        public ReleaseDraft $draft,
        public array $foreign,
        public array $notRead,
    ) {
    }
}
