<?php

declare(strict_types=1);

namespace App\Remap\Http;

use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Keyboard\Seat;

/** One change of many bindings. A preview: nothing here writes. */
final readonly class BulkEditController
{
    public function __construct(private KitReader $kit, private Docket $docket, private Library $library)
    {
    }

    public function __invoke(BulkEditRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): BulkEditResource
    {
        $keymap = $this->kit->of($user, $application)->at($seat);
        $change = $request->change($keymap);
        foreach ($change->added as $binding) {
            $this->library->dialect($application)->spell($binding);
        }

        return new BulkEditResource($keymap, $change, $this->docket);
    }
}
