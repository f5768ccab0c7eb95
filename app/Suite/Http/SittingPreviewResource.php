<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use App\Models\Keymap;
use App\Models\Suite;
use App\Preset\FittedFile;
use App\Resources\JsonAnswer;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Preset\Problem;

/** What somebody's keys would be in a suite, before they sit down. */
final class SittingPreviewResource extends JsonAnswer
{
    /**
     * @param  array<string, FittedFile>  $fits  by application
     * @param  Collection<string, Keymap>  $keymaps  by application
     */
    public function __construct(
        private readonly Suite $suite,
        private readonly array $fits,
        private readonly Collection $keymaps,
        private readonly Library $library,
    ) {
        parent::__construct($suite);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $there = $this->suite->sitting;

        return [
            'suite' => ['id' => $this->suite->slug, 'name' => $this->suite->name],
            'taken_by' => $there === null || $there->user_id === Auth::id() ? null : $there->user->name,
            'may_sit_down' => Gate::allows('sitDown', $this->suite),
            'applications' => array_map($this->application(...), $this->suite->applications),
        ];
    }

    /** @return array<string, mixed> */
    private function application(string $id): array
    {
        $fit = $this->fits[$id] ?? null;

        return [
            'application' => ['id' => $id, 'name' => $this->library->nameOf($id)],
            'keymap' => $fit === null ? null : $this->keymaps[$id]->name ?? null,
            'replaced' => $fit->replaced ?? [],
            'lost_to_fixed' => $fit->lostToFixed ?? [],
            'problems' => array_map(static fn (Problem $one): array => $one->toData(), $fit->problems ?? []),
        ];
    }
}
