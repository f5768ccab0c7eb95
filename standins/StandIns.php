<?php

declare(strict_types=1);

namespace Standins;

use Standins\Boardwick\Boardwick;
use Standins\Cutloom\Cutloom;
use Standins\Described\Described;
use Standins\Desktop\Desktop;
use Standins\Easeframe\Easeframe;
use Standins\Faderloft\Faderloft;
use Standins\Gradewell\Gradewell;
use Standins\Rotomere\Rotomere;

/** All stand-ins, and the desktop in front of them. */
final class StandIns
{
    /** @var array<string, Simulated> by application */
    public array $applications;

    private Desktop $desktop;

    /** @var array<string, mixed> menu titles by application */
    private array $menus = [];

    /** @param  string  $catalogues  the folder of the catalogues and factory files */
    public function __construct(string $catalogues)
    {
        $file = static fn (string $path): string => (string) file_get_contents("{$catalogues}/{$path}");
        $this->applications = [
            'cutloom' => new Cutloom($file('cutloom/factory.xml')),
            'faderloft' => new Faderloft($file('faderloft/factory.tsv')),
            'easeframe' => new Easeframe($file('easeframe/factory.keys')),
            'gradewell' => new Gradewell($file('gradewell/factory.json')),
            'rotomere' => new Rotomere($file('rotomere/factory.yaml')),
            'boardwick' => new Boardwick($file('boardwick/factory.csv')),
        ];
        foreach (array_keys($this->applications) as $id) {
            $this->menus[$id] = Desktop::menus(json_decode($file("{$id}/catalogue.json"), true));
        }
        $this->desktop = new Desktop($this->menus);
    }

    /**
     * An application that nobody simulates, by its description; it can be said anew when the description has changed.
     *
     * @param  array{catalogue: array<string, mixed>, dialect: array<string, mixed>, factory: string}  $data
     */
    public function describe(string $application, array $data): void
    {
        if (! isset($this->applications[$application]) || $this->applications[$application] instanceof Described) {
            $this->applications[$application] = new Described($data);
            $this->menus[$application] = Desktop::menus($data['catalogue']);
            $this->desktop = new Desktop($this->menus);
        }
    }

    /**
     * What a press does, asked of the desktop first.
     *
     * @param  string|null  $bytes  the key file of the application; null while there is none
     * @param  string|null  $titles  the desktop's file; null while there is none
     * @return array<string, mixed> with the state of the strip
     */
    public function press(
        string $application,
        ?string $bytes,
        ?string $titles,
        string $system,
        string $focus,
        KeyPress $press,
        Strip $strip,
    ): array {
        $strip->borrowed = null;
        $inFront = $this->applications[$application];
        $did =
            $this->desktop->press($titles, $system, $application, $inFront, $press, $strip) ??
            $inFront->press($bytes, $system, $focus, $press, $strip);

        return $did + ['file' => $bytes === null ? null : hash('sha256', $bytes), 'state' => $strip->toArray()];
    }

    /**
     * Whether an application takes a key file.
     *
     * @return string|null why it does not; null when it does
     */
    public function refusal(string $application, string $bytes, string $system): ?string
    {
        $asked = $this->applications[$application] ?? null;

        return $asked instanceof Refusing ? $asked->refusal($bytes, $system) : null;
    }

    /**
     * The key that was held goes up.
     *
     * @return array<string, mixed> with the state of the strip
     */
    public function letGo(Strip $strip): array
    {
        return Answer::nothing('The key went up.', $strip->letGo()) + ['state' => $strip->toArray()];
    }
}
