<?php

declare(strict_types=1);

namespace App\Rehearse;

use App\Export\Exporter;
use App\Library\Library;
use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Standins\KeyPress;
use Standins\StandIns;
use Standins\Strip;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;

/** What somebody has now, rehearsed without a release and without a suite: the stand-in reads the very file that would be written. */
final readonly class DraftRehearsal
{
    private const MINUTES = 60;

    private StandIns $standIns;

    public function __construct(private Exporter $exporter, private Library $library)
    {
        // The stand-ins stand apart from the product, and so are found in a way of their own.
        require_once base_path('standins/workstation/autoload.php');
        $this->standIns = new StandIns(base_path('catalogues'));
    }

    /**
     * @param  string  $rehearsal  names the strip that is played with
     * @return array<string, mixed>|null what the stand-in says; null where the keyboard has no press for the chord
     */
    public function press(
        User $user,
        string $rehearsal,
        Application $application,
        Context $focus,
        Chord $chord,
        Gesture $gesture,
        Seat $seat,
    ): ?array {
        $bytes = $this->exporter->inUse($user, $application)->bytes;
        $titles = $this->exporter->inUse($user, $this->library->application(DesktopCatalogue::ID))->bytes;
        $made = PressAtSeat::of($chord, $seat);

        return $made === null
            ? null
            : $this->onStrip(
                $user,
                $rehearsal,
                fn (Strip $strip): array => $this->asked($application, $bytes, $titles, $seat, $focus, $made, $gesture, $strip),
            );
    }

    /**
     * A press on a strip that nobody has played with, and nobody will.
     *
     * @param  string  $bytes  the key file that the stand-in reads
     * @param  string|null  $titles  the desktop's
     * @return array<string, mixed>|null as {@see press()}
     */
    public function once(
        Application $application,
        string $bytes,
        ?string $titles,
        Seat $seat,
        Context $focus,
        Chord $chord,
        Gesture $gesture,
    ): ?array {
        $made = PressAtSeat::of($chord, $seat);

        return $made === null ? null : $this->asked($application, $bytes, $titles, $seat, $focus, $made, $gesture, new Strip());
    }

    /** @return array<string, mixed> the strip that nobody has played with */
    public static function freshStrip(): array
    {
        return (new Strip())->toArray();
    }

    /** @return array<string, mixed> */
    private function asked(
        Application $application,
        string $bytes,
        ?string $titles,
        Seat $seat,
        Context $focus,
        PressAtSeat $made,
        Gesture $gesture,
        Strip $strip,
    ): array {
        if (! isset($this->standIns->applications[$application->id])) {
            $data = $this->library->data($application->id);
            $this->standIns->describe($application->id, [
                'catalogue' => $data->catalogue,
                'dialect' => $data->dialect,
                'factory' => $data->factory,
            ]);
        }
        $press = new KeyPress($made->code, $made->held, $made->characters, $made->dead, $gesture === Gesture::Hold);

        return $this->standIns->press($application->id, $bytes, $titles, $seat->system->value, $focus->id, $press, $strip);
    }

    /** @return array<string, mixed> */
    public function letGo(User $user, string $rehearsal): array
    {
        return $this->onStrip($user, $rehearsal, $this->standIns->letGo(...));
    }

    /**
     * @param  callable(Strip): array<string, mixed>  $act
     * @return array<string, mixed>
     */
    private function onStrip(User $user, string $rehearsal, callable $act): array
    {
        $name = "draft-rehearsal {$user->id} {$rehearsal}";
        $strip = Cache::get($name);
        $strip = $strip instanceof Strip ? $strip : new Strip();
        $answer = $act($strip);
        Cache::put($name, $strip, now()->addMinutes(self::MINUTES));

        return $answer;
    }
}
