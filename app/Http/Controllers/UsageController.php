<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Http\Requests\UsageRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KitReader;
use App\Library\Library;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\UsageLog;
use Zebrafinch\Core\Usage\Uses;

/** How often commands are used, from a log that an application or a workstation wrote. */
final readonly class UsageController
{
    public function __construct(private Library $library, private KitReader $kit)
    {
    }

    public function show(SeatRequest $request): JsonResponse
    {
        $stored = $request->person()->kit->usage()->first();
        $each = $this->kit->each($request->person());
        $uses = array_values(array_filter($stored?->log()->all() ?? [], fn (Uses $one): bool => in_array($one->application, $this->library->applicationIds(), true)));

        return new JsonResponse([
            'name' => $stored?->name, 'days' => $stored->days ?? 0,
            'uses' => array_map(static function (Uses $one) use ($each, $request): array {
                $current = $each($one->application);
                $shapes = new Shapes($current->application, $request->seat());

                return [
                    'application' => ['id' => $one->application, 'name' => $current->application->name], 'command' => $shapes->commandName($one->command),
                    'by_key' => $one->byKey, 'by_mouse' => $one->byMouse,
                    'chords' => array_map(static fn (Binding $binding): array => $shapes->chord($binding->chord), $current->bindings->ofCommand($one->command)),
                ];
            }, $uses),
        ]);
    }

    /** Takes the place of the log that was there. */
    public function store(UsageRequest $request): JsonResponse
    {
        $log = UsageLog::fromCsv($request->upload()->getContent());
        DB::transaction(fn () => $request->person()->kit->usage()->updateOrCreate([], ['name' => mb_substr($request->upload()->getClientOriginalName(), 0, 120), 'days' => $log->days, 'uses' => $log->toData()]));

        return $this->show($request)->setStatusCode(201);
    }

    public function destroy(SeatRequest $request): JsonResponse
    {
        DB::transaction(fn () => $request->person()->kit->usage()->delete());

        return $this->show($request);
    }
}
