<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use App\Library\Library;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Match\Stripe;
use Zebrafinch\Core\Match\StripeCell;
use Zebrafinch\Core\Match\Stripes;

/** How alike the applications of a kit are. */
final readonly class StripeController
{
    public function __construct(private Library $library, private KitReader $kit)
    {
    }

    public function __invoke(SeatRequest $request): JsonResponse
    {
        $seat = $request->seat();
        /** @var non-empty-list<LoadedKeymap> $keymaps */
        $keymaps = array_map(static fn (CurrentKeymap $one): LoadedKeymap => $one->at($seat), $this->chosen($request));
        $stripes = new Stripes($keymaps, $this->library->vocabulary());
        $all = $stripes->all();

        return new JsonResponse([
            'applications' => array_map(static fn (LoadedKeymap $one): array => ['id' => $one->application->id, 'name' => $one->application->name], $keymaps),
            'agreement' => $stripes->overall($all),
            'stripes' => array_map(fn (Stripe $stripe): array => [
                'intent' => ['id' => $stripe->intent->id, 'name' => $stripe->intent->name, 'group' => $stripe->intent->group],
                'state' => $stripe->state->value,
                'agreement' => $stripe->agreement,
                'cells' => array_map(static function (StripeCell $cell) use ($seat): array {
                    $shapes = new Shapes($cell->application, $seat);

                    return [
                        'application' => $cell->application->id,
                        'command' => $cell->command === null ? null : $shapes->commandName($cell->command->id),
                        'context' => $cell->command?->home,
                        'difference' => $cell->match?->difference,
                        'chords' => array_map(static fn (Binding $one): array => $shapes->chord($one->chord), $cell->bindings),
                        'runs_on' => $cell->runsOn,
                    ];
                }, $stripe->cells),
            ], $all),
        ]);
    }

    /** @return list<CurrentKeymap> those of the applications that are asked for; all of them if none is */
    private function chosen(SeatRequest $request): array
    {
        $all = $this->kit->all($request->person());
        $names = explode(',', $request->string('applications')->toString());
        $chosen = array_values(array_filter($all, static fn (CurrentKeymap $one): bool => in_array($one->application->id, $names, true)));

        return $chosen === [] ? $all : $chosen;
    }
}
