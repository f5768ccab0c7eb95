<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Zebrafinch\Core\Export\Grouping;
use Zebrafinch\Core\Export\KeyList;
use Zebrafinch\Core\Export\ListFormat;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Refusal;

/** Prints what key files and presets have, as a list. Ends with 0, or with 2 when something could not be read. */
final class ListKeys extends Command
{
    use FileOptions;

    private const BAD_INPUT = 2;

    protected $signature = 'list-keys
        {files* : Key files or presets}
        {--by=context : context, menu or key}
        {--as=text : text, csv, markdown or page}
        {--all : With the commands that have no chord}
        {--application= : Whose key files they are, where that is not plain; or a file of an application}
        {--system=linux : macos, windows or linux}
        {--board=full-ansi : The board they are pressed on}
        {--layout=us : Its layout}';

    protected $description = 'Print the chords of key files and presets as a list';

    public function handle(Library $library, KeymapFiles $files): int
    {
        try {
            $seat = $this->seat($library);
            $grouping = Grouping::tryFrom($this->text('by')) ?? throw BadFile::option('by', array_column(Grouping::cases(), 'value'));
            $format = ListFormat::tryFrom($this->text('as')) ?? throw BadFile::option('as', array_column(ListFormat::cases(), 'value'));
            $lists = [];
            foreach ((array) $this->argument('files') as $path) {
                foreach ($files->read((string) $path, $this->text('application')) as $read) {
                    $keymap = new LoadedKeymap($read->application, $read->bindings, $seat);
                    $lists[] = KeyList::of($keymap, basename($read->path), $grouping, $this->option('all') === true);
                }
            }
        } catch (Refusal $error) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln("{$error->getMessage()} {$error->remedy}");

            return self::BAD_INPUT;
        }
        $this->getOutput()->write($format->writer()->write($lists), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
