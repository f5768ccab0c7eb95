<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Order;
use App\Models\OrderKind;
use App\Models\OrderState;
use App\Models\Suite;
use App\Models\SuiteFile;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What a suite's agent says when it calls, and what it is given to do. */
final readonly class CheckIn
{
    /** While somebody rehearses in the suite, its agent calls this often. In ms. */
    private const POLL_REHEARSING = 150;

    private const POLL_IDLE = 1200;

    private const REHEARSAL_ENDS_AFTER_MINUTES = 2;

    /**
     * @param  list<array{application: string, sha256: string|null, bytes?: string|null}>  $files  bytes in base64, sent when they changed
     * @param  list<array{name: string, application: string, sha256: string, taken_at: string}>  $copies
     * @param  array{application: string, context: string}|null  $focus  what has the focus there; null where it does not tell
     * @return array{orders: Collection<int, Order>, poll_after_ms: int}
     */
    public function take(Suite $suite, array $files, array $copies, bool $readOnly, ?array $focus = null): array
    {
        return DB::transaction(function () use ($suite, $files, $copies, $readOnly, $focus): array {
            $suite->update(['last_seen_at' => now(), 'copies' => $copies, 'read_only' => $readOnly, 'focus' => $focus]);
            foreach ($files as $file) {
                if (in_array($file['application'], $suite->keyFileOwners(), true)) {
                    $this->noteFile($suite, $file);
                }
            }
            $orders = $suite->orders()->where('state', OrderState::Waiting)->orderBy('id')->lockForUpdate()->get();
            $orders->each(fn (Order $order) => $order->update(['state' => OrderState::Sent]));

            return ['orders' => $orders, 'poll_after_ms' => $this->isRehearsing($suite) ? self::POLL_REHEARSING : self::POLL_IDLE];
        });
    }

    /** @param  array<string, mixed>  $answer */
    public function answer(Order $order, bool $done, array $answer): void
    {
        DB::transaction(function () use ($order, $done, $answer): void {
            $locked = Order::query()->lockForUpdate()->findOrFail($order->id);
            $locked->update(['state' => $done ? OrderState::Done : OrderState::Failed, 'answer' => $answer]);
            if ($done && $locked->kind === OrderKind::Install) {
                $this->noteInstalled($locked);
            }
            if ($done && $locked->kind === OrderKind::PutBack) {
                $this->notePutBack($locked, (string) ($answer['sha256'] ?? ''));
            }
        });
    }

    /** @param  array{application: string, sha256: string|null, bytes?: string|null}  $file */
    private function noteFile(Suite $suite, array $file): void
    {
        $known = $suite->files()->firstOrNew(['application' => $file['application']]);
        if ($known->exists && $known->reported_sha256 === $file['sha256']) {
            return;
        }
        $bytes = isset($file['bytes']) ? base64_decode($file['bytes'], true) : null;
        $known
            ->fill([
                'reported_sha256' => $file['sha256'],
                // A key file in an encoding that the database cannot hold is still reported as changed.
                'reported_bytes' => is_string($bytes) && mb_check_encoding($bytes, 'UTF-8') && ! str_contains($bytes, "\0") ? $bytes : null,
                'changed_at' => now(),
            ])
            ->save();
    }

    private function noteInstalled(Order $order): void
    {
        foreach ($order->payload['files'] as $file) {
            $known = SuiteFile::query()->firstOrNew(['suite_id' => $order->suite_id, 'application' => $file['application']]);
            $known
                ->fill([
                    'release_id' => $order->payload['release'],
                    'installed_sha256' => $file['sha256'],
                    'reported_sha256' => $file['sha256'],
                    'reported_bytes' => base64_decode($file['bytes'], true) ?: null,
                    'changed_at' => now(),
                ])
                ->save();
        }
    }

    /** A copy that was put back is what an earlier handover wrote, or something that no handover wrote. */
    private function notePutBack(Order $order, string $sha256): void
    {
        $earlier = Order::query()
            ->where('suite_id', $order->suite_id)
            ->where('kind', OrderKind::Install)
            ->where('state', OrderState::Done)
            ->orderByDesc('id')
            ->get()
            ->first(static fn (Order $install): bool => in_array($sha256, array_column($install->payload['files'], 'sha256'), true));
        SuiteFile::query()
            ->where('suite_id', $order->suite_id)
            ->where('application', $order->payload['application'])
            ->update([
                'release_id' => $earlier?->payload['release'],
                'installed_sha256' => $earlier === null ? null : $sha256,
            ]);
    }

    private function isRehearsing(Suite $suite): bool
    {
        return $suite
            ->orders()
            ->where('kind', OrderKind::Press)
            ->where('created_at', '>', now()->subMinutes(self::REHEARSAL_ENDS_AFTER_MINUTES))
            ->exists();
    }
}
