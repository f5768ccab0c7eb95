<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\HouseApplication;
use App\Library\Library;
use App\Library\LibraryRefused;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** The applications that the house brought, and those of all that cannot be used. */
final class HouseApplicationsResource extends JsonAnswer
{
    /** @param  array<HouseApplication>  $rows */
    public function __construct(private readonly array $rows, private readonly User $user, private readonly Library $library)
    {
        parent::__construct($rows);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'applications' => array_map(fn (HouseApplication $row): array => self::brief($row, $this->user), array_values($this->rows)),
            'broken' => array_map(
                static fn (string $id, LibraryRefused $error): array => [
                    'id' => $id,
                    'sentence' => $error->getMessage(),
                    'remedy' => $error->remedy,
                    'where' => $error->where,
                ],
                array_keys($this->library->broken()),
                array_values($this->library->broken()),
            ),
            'may_bring' => $this->user->can('create', HouseApplication::class),
        ];
    }

    /** @return array<string, mixed> the schema `HouseApplicationBrief` */
    public static function brief(HouseApplication $row, User $user): array
    {
        return [
            'id' => $row->id,
            'slug' => $row->slug,
            'name' => $row->name,
            'state' => $row->state->value,
            'by' => $row->user?->name,
            'version' => $row->version,
            'command_count' => count((array) ($row->catalogue['commands'] ?? [])),
            'may_change' => $user->can('change', $row),
            'may_confirm' => $user->can('confirm', $row),
        ];
    }
}
