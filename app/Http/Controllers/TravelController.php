<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StartVariantRequest;
use App\Http\Requests\TravelRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KeymapStarter;
use App\Keymaps\KitReader;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Travel\TravelCheck;
use Zebrafinch\Core\Travel\TravelFinding;

/** A whole kit against another keyboard, and keymaps for the road. */
final readonly class TravelController
{
    public function __construct(private KitReader $kit, private KeymapStarter $starter)
    {
    }

    public function show(TravelRequest $request): JsonResponse
    {
        return new JsonResponse([
            'board' => $request->there()->board->name,
            'layout' => $request->there()->layout->name,
            'applications' => array_map(fn (CurrentKeymap $current): array => $this->application($current, $request), $this->kit->all($request->person())),
        ]);
    }

    /** A keymap that follows the one in use and has other chords where the road needs them. It is in use from then on. */
    public function store(StartVariantRequest $request, KeymapController $keymaps): JsonResponse
    {
        $current = $this->kit->of($request->person(), $request->application());
        $this->starter->variant($request->person(), $current, $request->string('name')->toString(), $request->change($current->application));

        return $keymaps->current($request)->setStatusCode(201);
    }

    /** @return array<string, mixed> */
    private function application(CurrentKeymap $current, TravelRequest $request): array
    {
        $there = $current->at($request->there());
        $shapes = new Shapes($current->application, $request->there());
        $check = new TravelCheck($request->library()->reserved(), $this->kit->freeChords($request->person(), $current->application, $request->seat()));
        $findings = $check->of($there);

        return [
            'application' => ['id' => $current->application->id, 'name' => $current->application->name],
            'keymap' => $current->name(),
            'bindings' => count($current->bindings),
            'findings' => array_map(static fn (TravelFinding $one): array => [
                'binding' => $shapes->binding($one->binding),
                'is_lost' => $one->isLost(),
                'reach' => Shapes::reach($request->there()->printer(), $one->reach),
                'replacement' => $one->replacement === null ? null : [
                    ...$shapes->freeChord($one->replacement),
                    'binding' => $one->binding->at($one->replacement->chord)->toData(),
                    'replaces' => $one->binding->toData(),
                ],
            ], $findings),
            'renamed' => array_map(static fn (Binding $one): array => [
                'binding' => $shapes->binding($one), 'here' => $request->seat()->printer()->label($one->chord),
            ], $check->renamed($current->at($request->seat()), $there)),
        ];
    }
}
