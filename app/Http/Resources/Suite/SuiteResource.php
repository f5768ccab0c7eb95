<?php

declare(strict_types=1);

namespace App\Http\Resources\Suite;

use App\Library\Library;
use App\Models\Order;
use App\Models\Suite;
use App\Models\SuiteFile;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Suite\InstalledFile;
use Zebrafinch\Core\Suite\Standing;

final class SuiteResource extends JsonAnswer
{
    /** @param  Suite  $suite  as {@see \App\Suite\SuiteList} loads it */
    public function __construct(private readonly Suite $suite, private readonly Library $library)
    {
        parent::__construct($suite);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $suite = $this->suite;

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
            'is_busy' => $suite->openOrders->isNotEmpty(),
            'files' => array_map($this->file(...), $this->shownOwners()),
            'copies' => $suite->copies,
            'orders' => $suite->recentOrders->map(self::order(...))->all(),
        ];
    }

    /** @return list<string> the suite's applications, and the desktop where something was ever installed for it */
    private function shownOwners(): array
    {
        return array_values(
            array_filter(
                $this->suite->keyFileOwners(),
                fn (string $owner): bool => in_array($owner, $this->suite->applications, true) ||
                    $this->fileOf($owner)?->installed_sha256 !== null,
            ),
        );
    }

    private function fileOf(string $application): ?SuiteFile
    {
        return $this->suite->files->firstWhere('application', $application);
    }

    /** @return array<string, mixed> */
    private function file(string $application): array
    {
        $file = $this->fileOf($application);
        $isShipped = in_array($application, [...$this->library->applicationIds(), DesktopCatalogue::ID], true);
        $release = $file?->release;
        $standing =
            $file === null
                ? Standing::NeverHandedOver
                : (new InstalledFile($file->installed_sha256, $file->reported_sha256, $release?->isNewest() ?? false))->standing();

        return [
            'application' => [
                'id' => $application,
                'name' => $isShipped ? $this->library->application($application)->name : ucfirst($application),
            ],
            'standing' => $standing->value,
            'release' => $release === null
                ? null
                : ['id' => $release->id, 'preset' => $release->preset->name, 'number' => $release->number],
            'may_import' => $isShipped && $file?->has_reported_bytes === true,
            'changed_at' => $file?->changed_at?->toIso8601String(),
        ];
    }

    /** @return array<string, mixed> */
    private static function order(Order $order): array
    {
        return [
            'id' => $order->id,
            'kind' => $order->kind->value,
            'state' => $order->state->value,
            'title' => $order->payload['title'] ?? ($order->payload['copy'] ?? ''),
            'error' => $order->answer['error'] ?? null,
            'created_at' => $order->created_at->toIso8601String(),
        ];
    }
}
