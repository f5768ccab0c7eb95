<?php

declare(strict_types=1);

namespace App\Usage\Http;

use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Usage\UsageLogs;
use App\Usage\UsageSource;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Zebrafinch\Core\Export\CsvWriter;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Usage\UsageLog;

/** How often somebody uses commands: what is known, all of it in a file, and the way to forget it. */
final readonly class UsageController
{
    public function __construct(private Library $library, private KitReader $kit, private UsageLogs $logs)
    {
    }

    public function show(#[CurrentUser] User $user, Seat $seat): UsageResource
    {
        return new UsageResource(
            $this->logs->sum($user->kit) ?? UsageLog::empty(),
            $this->logs->sources($user->kit),
            $this->kit->each($user),
            $this->library,
            $seat,
        );
    }

    public function csv(#[CurrentUser] User $user): StreamedResponse
    {
        return response()->streamDownload(
            function () use ($user): void {
                echo CsvWriter::write([UsageLog::COLUMNS]);
                foreach ($this->logs->days($user->kit)->rows() as $row) {
                    echo CsvWriter::write([array_map(strval(...), array_values($row))]);
                }
            },
            'usage.csv',
            ['Content-Type' => 'text/csv; charset=utf-8; header=present'],
        );
    }

    public function store(UsageRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $this->logs->bring($user, $request->uploadName(), $request->upload()->getContent());

        return $this->show($user, $seat)->withStatus(201);
    }

    public function destroy(#[CurrentUser] User $user, Seat $seat): UsageResource
    {
        $this->logs->forget($user);

        return $this->show($user, $seat);
    }

    public function destroySource(#[CurrentUser] User $user, Seat $seat, UsageSource $usageSource): UsageResource
    {
        $this->logs->forgetSource($usageSource);

        return $this->show($user, $seat);
    }
}
