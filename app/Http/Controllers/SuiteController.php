<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SuiteKeyboardRequest;
use App\Http\Requests\SuiteRequest;
use App\Library\Library;
use App\Models\Order;
use App\Models\OrderKind;
use App\Models\OrderState;
use App\Models\Release;
use App\Models\Suite;
use App\Models\SuiteFile;
use App\Suites\Handover;
use App\Suites\NoReportedFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Suite\InstalledFile;
use Zebrafinch\Core\Suite\Standing;

/** The rooms: what is installed there, and the ways to change that. */
final readonly class SuiteController
{
    private const RECENT_ORDERS = 6;

    public function __construct(private Library $library, private Handover $handover)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['suites' => Suite::query()->with('files.release.preset')->orderBy('name')->get()->map($this->suite(...))->all()]);
    }

    /** Notes which keyboard stands in the room. */
    public function update(SuiteKeyboardRequest $request, Suite $suite): JsonResponse
    {
        $suite->update(['board' => $request->validated('board'), 'layout' => $request->validated('layout')]);

        return new JsonResponse($this->suite($suite->load('files.release.preset')));
    }

    public function handOver(SuiteRequest $request, Suite $suite): JsonResponse
    {
        $release = Release::query()->with('preset')->findOrFail($request->integer('release'));
        Gate::authorize('view', $release->preset);
        $this->handover->handOver($suite, $release, $request->person());

        return new JsonResponse($this->suite($suite->load('files.release.preset')), 202);
    }

    public function putBack(SuiteRequest $request, Suite $suite): JsonResponse
    {
        $this->handover->putBack($suite, $request->string('copy')->toString(), $request->person());

        return new JsonResponse($this->suite($suite->load('files.release.preset')), 202);
    }

    /** Takes the key file that a room has reported in as if somebody had brought it in. */
    public function takeIn(SuiteRequest $request, Suite $suite, KeyFileController $keyFiles): JsonResponse
    {
        $application = $this->library->application($request->string('application')->toString());
        $bytes = $suite->files()->where('application', $application->id)->value('reported_bytes') ?? throw NoReportedFile::of($suite, $application->name);
        $this->library->dialect($application)->read($bytes, $application);
        $file = $request->person()->kit->keyFiles()->create(['application' => $application->id, 'name' => "{$suite->name}, as it is there", 'bytes' => $bytes]);

        return $keyFiles->report($file, $request, 201);
    }

    /** @return array<string, mixed> */
    private function suite(Suite $suite): array
    {
        $open = $suite->orders()->whereIn('state', OrderState::open())->where('kind', '!=', OrderKind::Press)->exists();

        return [
            'id' => $suite->slug,
            'name' => $suite->name,
            'board' => ['id' => $suite->board, 'name' => $this->library->board($suite->board, $suite->system)->name],
            'layout' => ['id' => $suite->layout, 'name' => $this->library->layout($suite->layout)->name],
            'system' => $suite->system->value,
            'applications' => $suite->applications,
            'is_online' => $suite->isOnline(),
            'is_read_only' => $suite->read_only,
            'last_seen_at' => $suite->last_seen_at?->toIso8601String(),
            'is_busy' => $open,
            'files' => array_map(fn (string $owner): array => $this->file($owner, $suite->files->firstWhere('application', $owner)), $this->shownOwners($suite)),
            'copies' => $suite->copies,
            'orders' => $suite->orders()->where('kind', '!=', OrderKind::Press)->orderByDesc('id')->limit(self::RECENT_ORDERS)->get()->map($this->order(...))->all(),
        ];
    }

    /** @return list<string> the room's applications, and the desktop where something was ever installed for it */
    private function shownOwners(Suite $suite): array
    {
        return array_values(array_filter($suite->keyFileOwners(), static fn (string $owner): bool => in_array($owner, $suite->applications, true) || $suite->files->firstWhere('application', $owner)?->installed_sha256 !== null));
    }

    /** @return array<string, mixed> */
    private function file(string $application, ?SuiteFile $file): array
    {
        $isShipped = in_array($application, [...$this->library->applicationIds(), DesktopCatalogue::ID], true);
        $release = $file?->release;
        $standing = $file === null
            ? Standing::NeverHandedOver
            : (new InstalledFile($file->installed_sha256, $file->reported_sha256, $release?->isNewest() ?? false))->standing();

        return [
            'application' => ['id' => $application, 'name' => $isShipped ? $this->library->application($application)->name : ucfirst($application)],
            'standing' => $standing->value,
            'release' => $release === null ? null : ['id' => $release->id, 'preset' => $release->preset->name, 'number' => $release->number],
            'may_take_in' => $isShipped && $file?->reported_bytes !== null,
            'changed_at' => $file?->changed_at?->toIso8601String(),
        ];
    }

    /** @return array<string, mixed> */
    private function order(Order $order): array
    {
        return [
            'id' => $order->id,
            'kind' => $order->kind->value,
            'state' => $order->state->value,
            'title' => $order->payload['title'] ?? $order->payload['copy'] ?? '',
            'error' => $order->answer['error'] ?? null,
            'created_at' => $order->created_at->toIso8601String(),
        ];
    }
}
