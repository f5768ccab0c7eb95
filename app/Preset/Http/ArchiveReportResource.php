<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Library\Library;
use App\Models\Release;
use App\Models\User;
use App\Preset\ReadArchive;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keymap\Comparison;

/** What is in an archive, who signed it, and what is different here. */
final class ArchiveReportResource extends JsonAnswer
{
    /** @param  Release|null  $release  what it was taken in as; null while it was only looked at */
    public function __construct(
        private readonly ReadArchive $archive,
        private readonly ?Release $release,
        private readonly User $user,
        private readonly Library $library,
    ) {
        parent::__construct($archive);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $about = $this->archive->about;
        $text = static fn (string $name): ?string => is_string($about[$name] ?? null) ? $about[$name] : null;

        return [
            'signer' => $this->archive->signer->value,
            'house' => $this->archive->house,
            'public_key' => $this->archive->publicKey,
            'preset' => $text('preset'),
            'number' => is_int($about['number'] ?? null) ? $about['number'] : null,
            'author' => $text('author'),
            'note' => $text('note'),
            'applications' => array_map($this->application(...), array_keys($this->archive->draft->content->keymaps)),
            'not_read' => $this->archive->notRead,
            'foreign' => [...array_keys($this->archive->foreign['members']), ...array_keys($this->archive->foreign['files'])],
            'release' => $this->release?->id,
        ];
    }

    /** @return array<string, mixed> */
    private function application(string $id): array
    {
        $application = $this->library->application($id);
        $here = $this->user->kit->inUse($id)->bindings ?? $this->library->factoryBindings($application);
        $there = $this->archive->draft->content->keymaps[$id];

        return [
            'application' => ['id' => $id, 'name' => $application->name],
            'bindings' => count($there),
            'different' => count(Comparison::between($here, $there)->differences),
        ];
    }
}
