<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use App\Library\Library;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Match\FalseFriend;
use Zebrafinch\Core\Match\FalseFriends;
use Zebrafinch\Core\Match\FriendSide;
use Zebrafinch\Core\Match\Stripe;
use Zebrafinch\Core\Match\StripeCell;
use Zebrafinch\Core\Match\Stripes;
use Zebrafinch\Core\Usage\Importance;

/** How alike the applications of a kit are, and which chords mislead. */
final readonly class MatchController
{
    public function __construct(private Library $library, private KitReader $kit)
    {
    }

    public function stripes(SeatRequest $request): JsonResponse
    {
        $seat = $request->seat();
        $keymaps = $this->keymaps($request);
        $stripes = new Stripes($keymaps, $this->library->vocabulary(), new Importance($this->library->vocabulary()));
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

    public function falseFriends(SeatRequest $request): JsonResponse
    {
        $keymaps = $this->keymaps($request);
        $printer = $request->seat()->printer();

        return new JsonResponse(['false_friends' => array_map(fn (FalseFriend $one): array => [
            'chord' => Shapes::chordAt($printer, Chord::parse($one->press)),
            'is_dangerous' => $one->isDangerous(),
            'expected' => array_map(fn (FriendSide $side): array => $this->side($side, $request->seat()), $one->expected),
            'instead' => $this->side($one->instead, $request->seat()),
        ], (new FalseFriends($keymaps, $this->library->vocabulary(), new Importance($this->library->vocabulary())))->all())]);
    }

    /** @return array<string, mixed> */
    private function side(FriendSide $side, Seat $seat): array
    {
        return [
            'application' => ['id' => $side->application->id, 'name' => $side->application->name],
            'intent' => $side->intent === null ? null : $this->library->vocabulary()->intent($side->intent)->name,
            'tooltip' => $side->command->tooltip,
            ...(new Shapes($side->application, $seat))->binding($side->binding),
        ];
    }

    /** @return non-empty-list<LoadedKeymap> those of the applications that are asked for; all of them if none is */
    private function keymaps(SeatRequest $request): array
    {
        $all = $this->kit->all($request->person());
        $names = explode(',', $request->string('applications')->toString());
        $chosen = array_values(array_filter($all, static fn (CurrentKeymap $one): bool => in_array($one->application->id, $names, true)));
        /** @var non-empty-list<LoadedKeymap> $loaded */
        $loaded = array_map(static fn (CurrentKeymap $one): LoadedKeymap => $one->at($request->seat()), $chosen === [] ? $all : $chosen);

        return $loaded;
    }
}
