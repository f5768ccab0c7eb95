<?php

declare(strict_types=1);

namespace App\Travel\Http;

use App\Keymap\CurrentKeymap;
use App\Keymap\Http\KeymapResource;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Offer\KitOffers;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Travel\TravelCheck;

/** A whole kit against another keyboard, and keymaps for the road. */
final readonly class TravelController
{
    public function __construct(private KitReader $kit, private KitOffers $offers, private KeymapStarter $starter, private Library $library)
    {
    }

    public function show(TravelRequest $request, #[CurrentUser] User $user, Seat $seat): TravelResource
    {
        $checks = array_map(
            fn (CurrentKeymap $keymap): array => [
                $keymap,
                new TravelCheck($this->library->keyboards->reserved(), $this->offers->of($user, $keymap->application, $seat)),
            ],
            $this->kit->all($user),
        );

        return new TravelResource($checks, $seat, $request->there($this->library));
    }

    /** A keymap that follows the one in use and has other chords where the road needs them. What is in use here stays in use. */
    public function store(StartVariantRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): JsonResponse
    {
        $change = $request->change($application, $this->library->dialect($application));
        $current = $this->kit->of($user, $application);
        $variant = $this->starter->variant($user, $current, $request->string('name')->toString(), $change);

        return (new KeymapResource($this->kit->with($variant->refresh()), $seat))->withStatus(201);
    }
}
