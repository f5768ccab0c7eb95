<?php

declare(strict_types=1);

namespace App\Clash\Http;

use App\Keymap\AcceptedClashes;
use App\Keymap\KitETag;
use App\Keymap\KitReader;
use App\Library\ConditionalGet;
use App\Library\Library;
use App\Models\User;
use App\Offer\KitOffers;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Remedies;
use Zebrafinch\Core\Clash\Settle\SettleAll;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;

/** The docket of an application's keymap, the ways out of each clash and of all, and the clashes that are accepted. */
final readonly class ClashController
{
    public function __construct(
        private KitReader $kit, private KitOffers $offers,
        private Docket $docket,
        private AcceptedClashes $accepted,
        private Library $library,
        private KitETag $stamps,
        private ConditionalGet $answers,
    ) {
    }

    public function index(Request $request, #[CurrentUser] User $user, Application $application, Seat $seat): JsonResponse
    {
        $stamps = [
            $this->stamps->of($user)[$application->id] ?? '',
            $this->accepted->stamp($user, $application->id),
            $this->library->keyboards->stamp($seat),
        ];

        return $this->answers->of($request, $stamps, fn (): ClashesResource => $this->clashes($request, $user, $application, $seat));
    }

    private function clashes(Request $request, User $user, Application $application, Seat $seat): ClashesResource
    {
        $current = $this->kit->of($user, $application);
        $docket = $request->boolean('parallels') ? $this->docket->withNotes() : $this->docket;
        $clashes = $docket->of($current->at($seat));

        return new ClashesResource($current, $clashes, $this->accepted->among($user, $application->id, array_keys($clashes)), $seat);
    }

    public function show(#[CurrentUser] User $user, Application $application, Seat $seat, string $clash): ClashRemediesResource
    {
        $keymap = $this->kit->of($user, $application)->at($seat);
        $found = $this->find($clash, $keymap);
        $remedies = new Remedies($this->docket, $this->offers->of($user, $application, $seat));

        return new ClashRemediesResource($found, $remedies->for($found, $keymap), $keymap);
    }

    public function accept(
        Request $request,
        #[CurrentUser] User $user,
        Application $application,
        Seat $seat,
        string $clash,
    ): ClashesResource {
        $request->validate(['reason' => ['required', 'string', 'max:200']], ['reason' => 'Say in up to 200 characters why it is meant.']);

        $found = $this->find($clash, $this->kit->of($user, $application)->at($seat));
        $this->accepted->accept($user, $application->id, $found->id(), $request->string('reason')->trim()->toString());

        return $this->clashes($request, $user, $application, $seat);
    }

    public function withdraw(
        Request $request,
        #[CurrentUser] User $user,
        Application $application,
        Seat $seat,
        string $clash,
    ): ClashesResource {
        $this->accepted->withdraw($user, $application->id, $clash);

        return $this->clashes($request, $user, $application, $seat);
    }

    /** A cheapest way to leave no fault but those that are accepted; nothing is written. */
    public function settlement(Request $request, #[CurrentUser] User $user, Application $application, Seat $seat): SettlementResource
    {
        $keymap = $this->kit->of($user, $application)->at($seat);
        $docket = $this->docket->ignoring($this->accepted->all($user, $application->id));

        return new SettlementResource(
            SettleAll::of($keymap, $docket, $this->offers->of($user, $application, $seat), $request->boolean('warnings')),
            $keymap,
            $this->docket,
        );
    }

    private function find(string $clash, LoadedKeymap $keymap): Clash
    {
        return $this->docket->withNotes()->of($keymap)[$clash] ?? abort(404);
    }
}
