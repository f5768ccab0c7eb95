<?php

declare(strict_types=1);

namespace App\Preset;

use App\Library\Library;
use Illuminate\Support\Facades\Cache;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\TitleBindings;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Preset\FixedChords;
use Zebrafinch\Core\Suite\FittedKeymap;
use Zebrafinch\Core\Travel\TravelCheck;
use Zebrafinch\Core\Travel\TravelFinding;

/** Makes key files fit for a keyboard: fixed chords first, then what cannot be pressed there, then what is wrong with the result. */
final class Fitter
{
    private const DAYS = 30;

    /** @var array<string, FittedFile> those that were asked for, by all that they depend on */
    private array $fits = [];

    public function __construct(private readonly Library $library, private readonly Docket $docket)
    {
    }

    /**
     * @param  string  $bytes  a key file of the application
     * @param  string|null  $titles  the key file of the desktop that comes with it
     * @param  list<string>  $accepted  ids of clashes that whoever it belongs to wants as they are
     */
    public function fit(
        Application $application,
        string $bytes,
        Seat $seat,
        FixedChords $fixed,
        ?string $titles = null,
        array $accepted = [],
    ): FittedFile {
        $fixedHere = array_map(static fn (Binding $one): string => $one->id(), $fixed->of($application->id));
        $key = 'fitted '.hash('sha256', serialize([$application->id, $bytes, self::name($seat), $fixedHere, $titles, $accepted]));

        return $this->fits[$key] ??= FittedFile::fromData(
            Cache::remember(
                $key,
                now()->addDays(self::DAYS),
                fn (): array => $this->made($application, $bytes, $seat, $fixed, $titles, $accepted)->toData(),
            ),
        );
    }

    public static function name(Seat $seat): string
    {
        return "{$seat->board->id} {$seat->layout->id} {$seat->system->value}";
    }

    /** @param  list<string>  $accepted */
    private function made(
        Application $application,
        string $bytes,
        Seat $seat,
        FixedChords $fixed,
        ?string $titles,
        array $accepted,
    ): FittedFile {
        $read = $this->library->dialect($application)->read($bytes, $application);
        $desktop = $application->id === DesktopCatalogue::ID || $titles === null ? null : $this->titles($application, $titles, $seat);
        $fitted = FittedKeymap::of(
            new LoadedKeymap($application, $read->bindings(), $seat, $desktop),
            $fixed,
            new TravelCheck($this->library->keyboards->reserved(), new Offers([], [], $this->library->keyboards->reserved())),
            $this->docket->ignoring($accepted),
        );
        $printer = $seat->printer();

        return new FittedFile(
            $this->library->keyFile($application, $fitted->bindings(), $bytes),
            $fitted->problems(self::name($seat)),
            array_map(
                static fn (TravelFinding $one): string => "{$application->commandName($one->binding->command)}: ".
                    $printer->label($one->replacement->chord ?? $one->binding->chord).
                    " in place of {$printer->label($one->binding->chord)}",
                $fitted->replaced(),
            ),
            array_map(
                static fn (Binding $one): string => "{$application->commandName($one->command)} loses {$printer->label($one->chord)}, ".
                    'which the house has fixed',
                $fitted->lostToFixed,
            ),
        );
    }

    private function titles(Application $application, string $titles, Seat $seat): TitleBindings
    {
        $desktop = $this->library->application(DesktopCatalogue::ID);

        return TitleBindings::for(
            $application,
            new LoadedKeymap($desktop, $this->library->dialect($desktop)->read($titles, $desktop)->bindings(), $seat),
        );
    }
}
