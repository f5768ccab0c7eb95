<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Order;
use App\Models\OrderState;
use App\Models\Release;
use App\Models\ReleaseFile;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\SerializesModels;

/** Puts the files of a release that concern a suite into the order that its agent will fetch. */
final class PrepareHandover implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 3;

    public function __construct(public readonly Order $order)
    {
    }

    public function handle(): void
    {
        $release = Release::query()->with('preset')->findOrFail((int) $this->order->payload['release']);
        $files = $release
            ->files()
            ->whereIn('application', $this->order->suite->keyFileOwners())
            ->get();
        $this->order->update([
            'state' => OrderState::Waiting,
            'payload' => [
                'release' => $release->id,
                'title' => "{$release->preset->name} {$release->number}",
                'files' => $files
                    ->map(
                        static fn (ReleaseFile $file): array => [
                            'application' => $file->application,
                            'file_name' => $file->file_name,
                            'sha256' => $file->sha256,
                            'bytes' => base64_encode($file->bytes),
                        ],
                    )
                    ->all(),
            ],
        ]);
    }

    public function failed(): void
    {
        $this->order->update(['state' => OrderState::Failed, 'answer' => ['error' => 'The files could not be put together.']]);
    }
}
