<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Release;
use App\Models\ReleaseFile;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class ReleaseResource extends JsonAnswer
{
    public function __construct(private readonly Release $release)
    {
        parent::__construct($release);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $this->release->loadMissing(['author', 'files', 'preset']);

        return [
            'id' => $this->release->id,
            'preset' => $this->release->preset->name,
            'number' => $this->release->number,
            'note' => $this->release->note,
            'author' => $this->release->author->name,
            'digest' => $this->release->digest,
            'created_at' => $this->release->created_at->toIso8601String(),
            'accepted' => $this->release->accepted,
            'reason' => $this->release->reason,
            'fixed' => $this->fixed(),
            'applications' => $this->release->files
                ->map(static fn (ReleaseFile $file): array => ['id' => $file->application, 'file_name' => $file->file_name])
                ->all(),
        ];
    }

    /** How many chords it has fixed, from what was loaded of it. */
    private function fixed(): int
    {
        $attributes = $this->release->getAttributes();
        $fixed = array_key_exists('fixed', $attributes)
            ? json_decode((string) ($attributes['fixed'] ?? '[]'), true)
            : ($this->release->content['fixed'] ?? []);

        return array_sum(array_map(count(...), $fixed));
    }
}
