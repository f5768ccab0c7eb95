<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests;

use PHPUnit\Framework\Assert;
use RuntimeException;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\DialectSpelling;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyPosition;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Reach\ReservedChords;

/** Things that tests need: the shipped data, and small worlds written as text. */
final class World
{
    /** @var array<string, string> those that were asked for */
    private static array $longKeyFiles = [];

    /** @var array<string, mixed> shipped files that were asked for; tests read them again and again */
    private static array $decoded = [];

    private static ?Dialects $dialects = null;

    /** @var array<string, Seat> those that were asked for */
    private static array $seats = [];

    public static function path(string $relative): string
    {
        return dirname(__DIR__, 2).'/'.$relative;
    }

    public static function bytes(string $relative): string
    {
        return (string) file_get_contents(self::path($relative));
    }

    public static function json(string $relative): mixed
    {
        return self::$decoded[$relative] ??= json_decode(self::bytes($relative), true, 64, JSON_THROW_ON_ERROR);
    }

    public static function board(string $id = 'full-ansi', System $system = System::Linux): Board
    {
        return Board::fromData(self::json("boards/{$id}.json"), $system);
    }

    public static function layout(string $id, System $system = System::Linux): Layout
    {
        return Layout::fromData(self::json("boards/layouts/{$id}.json"), $system);
    }

    public static function seat(System $system = System::MacOs, string $board = 'full-ansi', string $layout = 'us'): Seat
    {
        return self::$seats["{$system->value} {$board} {$layout}"] ??= new Seat(
            self::board($board, $system),
            self::layout($layout, $system),
            $system,
        );
    }

    public static function reserved(): ReservedChords
    {
        return ReservedChords::fromData(self::json('boards/reserved.json')['reserved']);
    }

    /** @return list<string> the ids of all shipped boards */
    public static function boardIds(): array
    {
        return array_map(static fn (string $path): string => basename($path, '.json'), glob(self::path('boards/*-*.json')) ?: []);
    }

    /** @return list<string> the ids of all shipped layouts */
    public static function layoutIds(): array
    {
        return array_column(self::json('boards/layouts/sources.json')['layouts'], 'id');
    }

    /**
     * Whether this one of very many cases is among the fixed tenth that is tried each time; all of them are with EVERY_SEAT set
     * (`./zebrafinch test slow`).
     */
    public static function isSampled(string $case): bool
    {
        return getenv('EVERY_SEAT') !== false || crc32($case) % 10 === 0;
    }

    /**
     * Passes a test over where a Debian package is missing, and says which. `./zebrafinch test` installs them all, and there it fails.
     *
     * @param  string  $file  of the package, or the name of a program
     */
    public static function needs(string $package, string $file): void
    {
        static $has = [];
        $has[$file] ??= str_contains($file, '/') ? is_file($file) : shell_exec('command -v '.escapeshellarg($file)) !== null;
        if ($has[$file]) {
            return;
        }
        $said = "This needs Debian's package {$package}: apt-get install {$package}";
        getenv('ALL_TEST_PACKAGES') === false ? Assert::markTestSkipped($said) : Assert::fail($said);
    }

    public static function cutloom(): Application
    {
        return self::application('cutloom');
    }

    public static function faderloft(): Application
    {
        return self::application('faderloft');
    }

    public static function application(string $id): Application
    {
        return self::spelled((new CatalogueReader())->application(self::json("catalogues/{$id}/catalogue.json")));
    }

    /** @return list<string> the ids of all shipped applications */
    public static function applicationIds(): array
    {
        return array_map(
            static fn (string $path): string => basename(dirname($path)),
            glob(self::path('catalogues/*/catalogue.json')) ?: [],
        );
    }

    /** @return array<string, Application> all shipped ones by id, and the desktop over them */
    public static function applicationsAndDesktop(): array
    {
        $applications = array_combine(self::applicationIds(), array_map(self::application(...), self::applicationIds()));

        return [...$applications, DesktopCatalogue::ID => self::spelled(DesktopCatalogue::of($applications))];
    }

    /** Those of the shipped applications and of the desktop. */
    public static function dialects(): Dialects
    {
        return self::$dialects ??= Dialects::of(
            ...array_map(
                static fn (string $path): Dialect => Dialect::fromData(json_decode((string) file_get_contents($path), true)),
                glob(self::path('catalogues/*/dialect.json')) ?: [],
            ),
        );
    }

    private static function spelled(Application $application): Application
    {
        return $application->spelledBy(new DialectSpelling(self::dialects()->for($application)));
    }

    /** The bytes of the key file that an application comes with. */
    public static function factoryBytes(string $id): string
    {
        return (string) file_get_contents((glob(self::path("catalogues/{$id}/factory.*")) ?: [''])[0]);
    }

    public static function factory(Application $application, System $system = System::MacOs): LoadedKeymap
    {
        $bytes = self::factoryBytes($application->id);

        return new LoadedKeymap(
            $application,
            self::dialects()->for($application)->read($bytes, $application)->bindings(),
            self::seat($system),
        );
    }

    /** A key file with that many bindings, all of different chords. */
    public static function longKeyFile(Application $application, int $count): string
    {
        return self::$longKeyFiles["{$application->id} {$count}"] ??= self::makeLongKeyFile($application, $count);
    }

    private static function makeLongKeyFile(Application $application, int $count): string
    {
        $keys = array_values(
            array_filter(
                Key::cases(),
                static fn (Key $key): bool => ! $key->isOnlyHeld() &&
                    preg_match(
                        '/^(Intl|Key|Digit|Minus|Equal|Bracket|Backslash|Semicolon|Quote|Backquote|Comma|Period|Slash)/',
                        $key->value,
                    ) !== 1,
            ),
        );
        $command = $application->commands()[0];
        $bindings = [];
        for ($number = 0; $number < $count; $number++) {
            $held = array_filter(
                Modifier::cases(),
                static fn (Modifier $one): bool => (intdiv($number, count($keys)) & $one->bit()) !== 0,
            );
            $context = $application->contexts->all()[intdiv($number, count($keys) * 64) % count($application->contexts->all())];
            $bindings[] = new Binding(
                $application->naming->write(Chord::of($keys[$number % count($keys)], ...$held), self::seat()),
                $command->id,
                $context->id,
            );
        }
        $dialect = self::dialects()->for($application);

        return (new KeyFileWriter($dialect))->write($dialect->read($dialect->blank(), $application), Bindings::of(...$bindings));
    }

    /** That many bindings of one application, spread over its contexts and all layers, the same ones at every call. */
    public static function manyBindings(Application $application, int $count): Bindings
    {
        mt_srand(11);
        $keys = array_map(static fn (KeyPosition $one): Key => $one->key, self::board()->keys());
        $keys = array_values(array_filter($keys, static fn (Key $key): bool => ! $key->isOnlyHeld()));
        $held = [Modifier::Shift, Modifier::Alt, Modifier::Primary, Modifier::Control];
        $contexts = $application->contexts->all();
        $commands = $application->commands();
        $bindings = [];
        while (count($bindings) < $count) {
            $modifiers = array_filter($held, static fn (): bool => mt_rand(0, 2) === 0);
            $chord = $application->naming->write(Chord::of($keys[mt_rand(0, count($keys) - 1)], ...$modifiers), self::seat());
            $gesture = $application->tellsHold && mt_rand(0, 3) === 0 ? Gesture::Hold : Gesture::Tap;
            $binding = new Binding(
                $chord,
                $commands[mt_rand(0, count($commands) - 1)]->id,
                $contexts[mt_rand(0, count($contexts) - 1)]->id,
                $gesture,
            );
            $bindings["{$binding->context} {$binding->chord->id()} {$gesture->value}"] = $binding;
        }

        return Bindings::of(...array_values($bindings));
    }

    /**
     * Applications whose commands are put together from the words of the shipped ones and made-up ones, the same at every call.
     *
     * @return list<Application>
     */
    public static function manyCommands(int $applications, int $commands): array
    {
        mt_srand(3);
        $words = [];
        foreach ([...self::cutloom()->commands(), ...self::faderloft()->commands()] as $command) {
            array_push($words, ...preg_split('/\W+/', "{$command->name} {$command->tooltip}", -1, PREG_SPLIT_NO_EMPTY) ?: []);
        }
        for ($made = 0; $made < 1_500; $made++) {
            $words[] = implode('', array_map(static fn (): string => 'abcdefghijklmnoprstuvw'[mt_rand(0, 21)], range(1, mt_rand(4, 9))));
        }
        $some = static fn (int $count): string => implode(
            ' ',
            array_map(static fn (): string => $words[mt_rand(0, count($words) - 1)], range(1, $count)),
        );

        return array_map(
            static fn (int $number): Application => Application::of(
                "many-{$number}",
                "Many {$number}",
                'measuring',
                self::cutloom()->contexts,
                Precedence::DeeperFirst,
                LoadingRule::LastLineWins,
                'none',
                Commands::of(
                    array_map(
                        static fn (int $id): Command => new Command("c{$id}", $some(3), [$some(1), $some(2)], $some(9), 'everywhere'),
                        range(1, $commands),
                    ),
                ),
            ),
            range(1, $applications),
        );
    }

    public static function vocabulary(): Vocabulary
    {
        return Vocabulary::fromData(
            self::json('catalogues/intents.json')['intents'],
            array_combine(
                self::applicationIds(),
                array_map(static fn (string $id): array => self::json("catalogues/{$id}/matches.json")['matches'], self::applicationIds()),
            ),
        );
    }

    /**
     * Everywhere > Desk > Drawer, Everywhere > Shelf, Everywhere > Note (text entry); Shelf coexists with Wall.
     *
     * @param  list<string>  $everywhereFirstFor
     */
    public static function workshop(
        LoadingRule $loading = LoadingRule::LastLineWins,
        Precedence $precedence = Precedence::DeeperFirst,
        bool $tellsHold = false,
        array $everywhereFirstFor = [],
    ): Application {
        $contexts = ContextTree::of(
            new Context('everywhere', 'Everywhere', null),
            new Context('desk', 'Desk', 'everywhere'),
            new Context('drawer', 'Drawer', 'desk'),
            new Context('shelf', 'Shelf', 'everywhere', coexistsWith: ['wall']),
            new Context('wall', 'Wall', 'everywhere'),
            new Context('note', 'Note', 'everywhere', textEntry: true),
        );
        $command = static fn (string $name): Command => new Command(strtolower($name), $name, [], "Does {$name}", 'everywhere');
        $commands = array_map($command, ['Saw', 'Plane', 'Glue', 'Sand', 'Paint']);

        return Application::of(
            'workshop',
            'Workshop',
            'tests',
            $contexts,
            $precedence,
            $loading,
            'none',
            Commands::of($commands),
            $tellsHold,
            everywhereFirstFor: $everywhereFirstFor,
        );
    }

    /** Another application with the workshop's commands, and its contexts if there are no others. */
    public static function likeWorkshop(string $id, ?ContextTree $contexts = null): Application
    {
        $like = self::workshop();

        return Application::of(
            $id,
            ucfirst($id),
            'tests',
            $contexts ?? $like->contexts,
            $like->precedence,
            $like->loading,
            'none',
            Commands::of($like->commands()),
        );
    }

    /** One binding a line: `context chord command`, and `hold` behind it where it is one. */
    public static function bindings(string $text): Bindings
    {
        return Bindings::of(
            ...array_map(static function (string $line): Binding {
                $words = preg_split('/\s+/', trim($line)) ?: throw new RuntimeException("Unreadable line {$line}");

                return new Binding(Chord::parse($words[1]), $words[2], $words[0], Gesture::from($words[3] ?? 'tap'));
            }, array_filter(explode("\n", $text), static fn (string $line): bool => trim($line) !== '')),
        );
    }

    public static function loaded(string $bindings, ?Application $application = null, System $system = System::MacOs): LoadedKeymap
    {
        return new LoadedKeymap($application ?? self::workshop(), self::bindings($bindings), self::seat($system));
    }
}
