<?php

declare(strict_types=1);

namespace App\Remap\Http;

use App\Keymap\CurrentKeymap;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Offer\KitOffers;
use App\Suite\SuiteSeats;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Across\DestroysElsewhere;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;

/** A command, its chords, the best free ones, and, when a chord is named, the ways to get it. A preview: nothing here writes. */
final readonly class RemapController
{
    private const MOST_OFFERS = 8;

    public function __construct(
        private KitReader $kit,
        private KitOffers $offers,
        private Docket $docket,
        private SuiteSeats $seats,
        private Library $library,
    ) {
    }

    public function __invoke(RemapRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): RemapResource
    {
        $each = $this->kit->each($user);
        $keymap = $each($application->id)->at($seat);
        $command = $application->command($request->string('command')->toString());
        $context = $application->contexts->get($request->string('context', $command->home)->toString());
        $offers = $this->offers->of($user, $application, $seat, $this->seats->named($request->suites()), $each);
        $wanted = $request->filled('chord')
            ? new Binding($request->chord($seat, $application), $command->id, $context->id, $request->gesture())
            : null;

        return new RemapResource(
            $keymap,
            $command,
            $context,
            $offers->for($keymap, $command->id, $context->id, self::MOST_OFFERS),
            $wanted,
            $wanted === null ? [] : DestroysElsewhere::by($wanted->chord, $this->others($each, $application, $seat)),
            $wanted === null ? null : $this->inFront($user, $application, $wanted, $seat),
            $this->docket,
            $this->library->keyboards->reserved(),
        );
    }

    /**
     * @param  Closure(string): CurrentKeymap  $each
     * @return list<LoadedKeymap> of the other applications, as the person has them in use
     */
    private function others(Closure $each, Application $application, Seat $seat): array
    {
        return array_map(
            static fn (string $id): LoadedKeymap => $each($id)->at($seat),
            array_values(array_diff($this->library->applicationIds(), [$application->id])),
        );
    }

    /** The application that the desktop would take a chord from; null where the desktop is not asked. */
    private function inFront(User $user, Application $application, Binding $wanted, Seat $seat): ?LoadedKeymap
    {
        $isTitle = $application->id === DesktopCatalogue::ID && in_array($wanted->context, $this->library->applicationIds(), true);

        return $isTitle ? $this->kit->of($user, $this->library->application($wanted->context))->at($seat) : null;
    }
}
