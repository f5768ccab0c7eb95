<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Illuminate\Console\Command;
use Zebrafinch\Core\Across\CarryOver\CarriedBinding;
use Zebrafinch\Core\Across\CarryOver\CarryOver;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Usage\Importance;

/** Carries key files over to another application and prints the account as JSON. Ends with 0, or 2 when something could not be read. */
final class CarryFiles extends Command
{
    use FileOptions;

    private const BAD_INPUT = 2;

    protected $signature = 'carry
        {files* : Key files or presets to carry over}
        {--to= : The application that they are carried to}
        {--onto= : Its key file; its factory keymap without one}
        {--write= : Where the key file that comes of it is written}
        {--application= : Whose key files they are, where that is not plain; or a file of an application}
        {--system=linux : macos, windows or linux}
        {--board=full-ansi : The board at which the result is used}
        {--layout=us : Its layout}';

    protected $description = 'Carry key files over to another application';

    public function handle(Library $library, KeymapFiles $files): int
    {
        try {
            $seat = $this->seat($library);
            $files->know($this->text('application'));
            $target = $library->application($this->text('to'));
            $onto = $this->text('onto') === '' ? null : $files->read($this->text('onto'), $target->id)[0];
            $sources = array_merge(
                ...array_map(
                    fn (mixed $path): array => $files->read((string) $path, $this->text('application')),
                    array_values((array) $this->argument('files')),
                ),
            );
            $account = CarryOver::of(
                array_map(
                    static fn (ReadKeymap $read): LoadedKeymap => new LoadedKeymap($read->application, $read->bindings, $seat),
                    $sources,
                ),
                new LoadedKeymap($target, $onto->bindings ?? $library->factoryBindings($target), $seat),
                $library->vocabulary(),
                new Importance($library->vocabulary()),
                $library->keyboards->reserved(),
            );
            $this->writeKeyFile($files, $target, $onto?->path, $account->result);
        } catch (Refusal $error) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln("{$error->getMessage()} {$error->remedy}");

            return self::BAD_INPUT;
        }
        $this->printJson([
            'target' => $target->id,
            'counts' => $account->counts(),
            'lines' => array_map($this->lineData(...), $account->lines),
            'bindings' => $account->result->toData(),
        ]);

        return self::SUCCESS;
    }

    private function writeKeyFile(KeymapFiles $files, Application $target, ?string $onto, Bindings $result): void
    {
        if ($this->text('write') !== '') {
            $files->write($this->text('write'), $target, $onto, $result);
        }
    }

    /** @return array<string, mixed> */
    private function lineData(CarriedBinding $line): array
    {
        return [
            'from' => $line->from->application->id,
            'binding' => $line->binding->toData(),
            'ending' => $line->ending->value,
            'sentence' => $line->sentence,
            'to' => $line->to?->toData(),
            'displaced' => array_map(static fn (Binding $lost): array => $lost->toData(), $line->displaced),
            'is_accepted' => $line->isAccepted,
        ];
    }
}
