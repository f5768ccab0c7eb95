<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

/** Tells whether somebody's keymaps are still those that an answer was made from, without reading one. */
final readonly class KitETag
{
    public function __construct(private Library $library)
    {
    }

    /**
     * @return array<string, string> by application: another one whenever its keymap, its catalogue, or what the desktop takes before it is
     *     another
     */
    public function of(User $user): array
    {
        $own = DB::table('keymaps')
            ->where('kit_id', $user->kit->id)
            ->where('in_use', true)
            ->whereNull('deleted_at')
            ->selectRaw("application, name || ' ' || md5(bindings::text) as stamp")
            ->pluck('stamp', 'application');
        $desktop = $own[DesktopCatalogue::ID] ?? '';
        $stamps = [];
        foreach ($this->library->applicationIds() as $id) {
            $stamps[$id] = "{$id} {$this->library->stamp($id)} ".($own[$id] ?? '')." {$desktop}";
        }

        return $stamps;
    }
}
