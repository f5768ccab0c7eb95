<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MeantRequest;
use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KitReader;
use App\Models\MeantClash;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Remedies;
use Zebrafinch\Core\Clash\Settle\Repair;
use Zebrafinch\Core\Clash\Settle\SettleAll;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** The docket of an application's keymap, the ways out of each clash and of all, and the clashes that are meant. */
final readonly class ClashController
{
    public function __construct(private KitReader $kit, private Docket $docket)
    {
    }

    public function index(SeatRequest $request): JsonResponse
    {
        $current = $this->kit->of($request->person(), $request->application());
        $shapes = new Shapes($current->application, $request->seat());
        $docket = $request->boolean('parallels') ? $this->docket->withParallels() : $this->docket;
        $clashes = $docket->of($current->at($request->seat()));
        $meant = $request->person()->kit->meantClashes()->where('application', $current->application->id)->whereIn('clash', array_keys($clashes))->get();

        return new JsonResponse([
            'keymap' => $current->name(),
            'clashes' => array_map($shapes->clash(...), array_values($clashes)),
            'meant' => (object) $meant->mapWithKeys(static fn (MeantClash $one): array => [$one->clash => ['reason' => $one->reason, 'since' => $one->created_at->toIso8601String()]])->all(),
        ]);
    }

    public function show(SeatRequest $request, string $application, string $clash): JsonResponse
    {
        $keymap = $this->loaded($request);
        $found = $this->find($clash, $keymap);
        $shapes = new Shapes($keymap->application, $request->seat());
        $remedies = (new Remedies($this->docket, $this->kit->freeChords($request->person(), $keymap->application, $keymap->seat)))->for($found, $keymap);

        return new JsonResponse(['clash' => $shapes->clash($found), 'remedies' => array_map($shapes->remedy(...), $remedies)]);
    }

    /** Accepts a clash as it is. */
    public function mean(MeantRequest $request, string $application, string $clash): JsonResponse
    {
        $keymap = $this->loaded($request);
        $found = $this->find($clash, $keymap);
        DB::transaction(fn () => $request->person()->kit->meantClashes()->updateOrCreate(
            ['application' => $keymap->application->id, 'clash' => $found->id()], ['reason' => $request->string('reason')->trim()->toString()],
        ));

        return $this->index($request);
    }

    public function unmean(SeatRequest $request, string $application, string $clash): JsonResponse
    {
        DB::transaction(fn () => $request->person()->kit->meantClashes()->where('application', $request->application()->id)->where('clash', $clash)->delete());

        return $this->index($request);
    }

    /** A cheapest way to leave no fault but those that are meant; nothing is written. */
    public function settlement(SeatRequest $request): JsonResponse
    {
        $keymap = $this->loaded($request);
        $shapes = new Shapes($keymap->application, $request->seat());
        $meant = array_values(array_map(strval(...), $request->person()->kit->meantClashes()->where('application', $keymap->application->id)->pluck('clash')->all()));
        $settlement = SettleAll::of($keymap, $this->docket->ignoring($meant), $this->kit->freeChords($request->person(), $keymap->application, $keymap->seat));

        return new JsonResponse([
            'repairs' => array_map(fn (Repair $one): array => [
                'id' => $one->press,
                'chord' => $shapes->chord($one->change->removed[0]->chord),
                'steps' => $one->steps,
                'cost' => round($one->cost, 1),
                'change' => $one->change->toData(),
                'consequences' => $shapes->consequences(Consequences::of($keymap, $one->change, $this->docket)),
            ], $settlement->repairs),
            'cost' => round($settlement->cost, 1),
            'bound' => round($settlement->bound, 1),
            'is_cheapest' => $settlement->isCheapest(),
            'sentence' => $settlement->sentence(),
        ]);
    }

    private function loaded(SeatRequest $request): LoadedKeymap
    {
        return $this->kit->of($request->person(), $request->application())->at($request->seat());
    }

    private function find(string $clash, LoadedKeymap $keymap): Clash
    {
        return $this->docket->withParallels()->of($keymap)[$clash] ?? abort(404);
    }
}
