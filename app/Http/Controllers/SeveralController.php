<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeveralRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KitReader;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;

/** Previews one change of many bindings; nothing here writes. */
final readonly class SeveralController
{
    public function __invoke(SeveralRequest $request, KitReader $kit, Docket $docket): JsonResponse
    {
        $application = $request->application();
        $keymap = $kit->of($request->person(), $application)->at($request->seat());
        $change = $request->change($keymap);
        foreach ($change->added as $binding) {
            $request->library()->dialect($application)->spell($binding);
        }

        return new JsonResponse(['change' => $change->toData(), 'consequences' => (new Shapes($application, $request->seat()))->consequences(Consequences::of($keymap, $change, $docket))]);
    }
}
