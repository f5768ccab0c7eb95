<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\File;
use Throwable;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\DialectSpelling;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Intent\SearchIndex;
use Zebrafinch\Core\Intent\TradeWords;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\FileOrder;

/**
 * Hands the core its data: applications from the shelves, intents from catalogues/, and the keyboards. One instance serves one process.
 *
 * @phpstan-import-type CatalogueData from CatalogueReader
 */
final class Library
{
    /** @var array<string, Application> those that were asked for, by id */
    private array $applications = [];

    /** @var array<string, Dialect> those that were asked for, by application */
    private array $dialects = [];

    /** @var array<string, ApplicationData> those that were asked for, by id */
    private array $data = [];

    /** @var array<string, array{Shelf, string}>|null where each application is, with its stamp */
    private ?array $found = null;

    /** @var list<string>|null */
    private ?array $putAway = null;

    /** @var array<string, LibraryRefused>|null */
    private ?array $broken = null;

    private ?Vocabulary $vocabulary = null;

    /** @var array<string, FileOrder> those that were asked for, by application and the digest of the file */
    private array $orders = [];

    /** @param  list<Shelf>  $shelves  the first that has an application is asked for it */
    public function __construct(
        private readonly string $root,
        private array $shelves,
        private readonly CompiledData $compiled,
        public readonly Keyboards $keyboards,
    ) {
    }

    /** Further applications, before those that are known. */
    public function add(Shelf $shelf): void
    {
        $this->shelves = [$shelf, ...$this->shelves];
        $this->forget();
    }

    /** Whatever is known of applications is asked for again: one has come, gone or changed. */
    public function forget(): void
    {
        $this->applications = $this->dialects = $this->data = $this->orders = [];
        $this->found = $this->broken = $this->putAway = $this->vocabulary = null;
    }

    /** @return array<string, Application> by id, in the order in which they are listed */
    public function applications(): array
    {
        return array_combine($this->applicationIds(), array_map($this->application(...), $this->applicationIds()));
    }

    /**
     * One of the applications in use, or the desktop over all of them.
     *
     * @throws LibraryRefused
     */
    public function application(string $id): Application
    {
        if ($id === DesktopCatalogue::ID) {
            return $this->applications[$id] ??= $this->spelled(DesktopCatalogue::of($this->applications()));
        }
        if (! isset($this->applications[$id])) {
            $broken = $this->broken()[$id] ?? null;
            if ($broken !== null) {
                throw $broken;
            }
            if (! $this->knows($id)) {
                throw LibraryRefused::unknownApplication($id, $this->applicationIds());
            }
            $this->applications[$id] = $this->spelled((new CatalogueReader())->application($this->catalogue($id)));
        }

        return $this->applications[$id];
    }

    /** @return CatalogueData */
    private function catalogue(string $id): array
    {
        return $this->compiled->keyed("catalogue-{$id}", $this->stamp($id), fn (): array => $this->data($id)->catalogue());
    }

    /** What people call an application, whether it is one of those that are known here or not. */
    public function nameOf(string $id): string
    {
        return $this->knows($id) ? $this->application($id)->name : ucfirst($id);
    }

    private function spelled(Application $application): Application
    {
        return $application->spelledBy(new DialectSpelling($this->dialect($application)));
    }

    /** @return list<string> in the order in which they are listed; without the desktop, those that are broken, and those put away */
    public function applicationIds(): array
    {
        $found = array_keys($this->found());
        $this->putAway ??= array_merge(...array_map(static fn (Shelf $shelf): array => $shelf->putAway(), $this->shelves));

        return array_values(array_diff($found, array_keys($this->broken()), $this->putAway));
    }

    /** Whether an application can be asked for: one that is put away can, one that is broken cannot. */
    public function knows(string $id): bool
    {
        return $id === DesktopCatalogue::ID || (isset($this->found()[$id]) && ! isset($this->broken()[$id]));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> those of them that can be asked for
     */
    public function known(array $ids): array
    {
        return array_values(array_filter($ids, $this->knows(...)));
    }

    /** @return array<string, array{Shelf, string}> */
    private function found(): array
    {
        if ($this->found === null) {
            $this->found = [];
            foreach ($this->shelves as $shelf) {
                foreach ($shelf->stamps() as $id => $stamp) {
                    $this->found[$id] ??= [$shelf, $stamp];
                }
            }
        }

        return $this->found;
    }

    /** Another one whenever the data of an application is another. */
    public function stamp(string $id): string
    {
        return $this->found()[$id][1] ?? '';
    }

    /** @throws LibraryRefused */
    public function data(string $id): ApplicationData
    {
        $shelf = $this->found()[$id][0] ?? throw LibraryRefused::unknownApplication($id, $this->applicationIds());

        return $this->data[$id] ??= $shelf->data($id);
    }

    /** Whether the house brought it; the others come with the product. */
    public function isBrought(string $id): bool
    {
        return isset($this->found()[$id]) && ! ($this->found()[$id][0] instanceof ShippedShelf);
    }

    /** @return array<string, LibraryRefused> applications that cannot be used, by id, with what is wrong */
    public function broken(): array
    {
        if ($this->broken === null) {
            $this->broken = [];
            foreach (array_keys($this->found()) as $id) {
                /** @var array{error: string|null, remedy: string, where: string|null} $verdict */
                $verdict = $this->compiled->keyed("verdict-{$id}", $this->stamp($id), fn (): array => $this->verdict($id));
                if ($verdict['error'] !== null) {
                    $this->broken[$id] = LibraryRefused::brokenBefore($verdict['error'], $verdict['remedy'], $verdict['where']);
                }
            }
        }

        return $this->broken;
    }

    /** @return array{error: string|null, remedy: string, where: string|null} */
    private function verdict(string $id): array
    {
        try {
            $data = $this->data($id);
            $application = (new CatalogueReader())->application($data->catalogue());
            Dialect::fromData($data->dialect)->read($data->factory, $application);
            Vocabulary::fromData($this->decode("{$this->root}/catalogues/intents.json")['intents'], [$id => $data->matches()]);

            return ['error' => null, 'remedy' => '', 'where' => null];
        } catch (Throwable $error) {
            $broken = LibraryRefused::broken($id, $error);

            return ['error' => $broken->getMessage(), 'remedy' => $broken->remedy, 'where' => $broken->where];
        }
    }

    public function dialect(Application $application): Dialect
    {
        return $this->dialects[$application->id] ??= Dialect::fromData(
            $application->id === DesktopCatalogue::ID
                ? $this->decode("{$this->root}/catalogues/".DesktopCatalogue::ID.'/dialect.json')
                : $this->compiled->keyed(
                    "dialect-{$application->id}",
                    $this->stamp($application->id),
                    fn (): array => $this->data($application->id)->dialect,
                ),
        );
    }

    /**
     * For which application a key file is written; null where it is for none.
     *
     * @param  array<Application>  $applications
     */
    public function recognise(string $bytes, array $applications): ?Application
    {
        return $this->dialectsOf($applications)->recognise($bytes, $applications);
    }

    /** @param  array<Application>  $applications */
    private function dialectsOf(array $applications): Dialects
    {
        return Dialects::of(...array_map($this->dialect(...), array_values($applications)));
    }

    /** @throws \Zebrafinch\Core\Dialect\UnreadableKeyFile which says so where the file is one of another application */
    public function readFor(Application $application, string $bytes): KeyFile
    {
        return $this->dialectsOf([$application, ...$this->applications()])->readFor($application, $bytes, $this->applications());
    }

    /** The key file that the application comes with; the desktop comes with an empty store. */
    public function factoryBytes(Application $application): string
    {
        return $application->id === DesktopCatalogue::ID ? $this->dialect($application)->blank() : $this->data($application->id)->factory;
    }

    public function factoryBindings(Application $application): Bindings
    {
        if ($application->id === DesktopCatalogue::ID) {
            return Bindings::of()->inOrderOf(fn (): FileOrder => $this->fileOrder($application, $this->factoryBytes($application)));
        }

        $bindings = Bindings::fromData(
            $this->compiled->keyed(
                "factory-{$application->id}",
                $this->stamp($application->id),
                fn (): array => $this->dialect($application)->read($this->factoryBytes($application), $application)->bindings()->toData(),
            ),
        );

        return $bindings->inOrderOf(fn (): FileOrder => $this->fileOrder($application, $this->factoryBytes($application)));
    }

    /**
     * A key file that says these bindings.
     *
     * @param  string  $source  the file they came from; all in it that is no binding stays
     */
    public function keyFile(Application $application, Bindings $bindings, string $source): string
    {
        $dialect = $this->dialect($application);

        return (new KeyFileWriter($dialect))->write($dialect->read($source, $application), $bindings);
    }

    /** @param  string  $bytes  a key file of the application */
    public function fileOrder(Application $application, string $bytes): FileOrder
    {
        return $this->orders[$application->id.' '.hash('xxh128', $bytes)] ??= $this->dialect($application)
            ->read($bytes, $application)
            ->order();
    }

    public function vocabulary(): Vocabulary
    {
        if ($this->vocabulary === null) {
            $matches = [];
            foreach ($this->applicationIds() as $id) {
                $matches[$id] = $this->compiled->keyed("matches-{$id}", $this->stamp($id), fn (): array => $this->data($id)->matches());
            }
            $path = "{$this->root}/catalogues/intents.json";
            $intents = $this->compiled->array('intents', [$path], fn (): array => $this->decode($path)['intents']);
            $this->vocabulary = Vocabulary::fromData($intents, $matches);
        }

        return $this->vocabulary;
    }

    public function tradeWords(): TradeWords
    {
        return TradeWords::fromData($this->decode("{$this->root}/catalogues/words.json"));
    }

    public function search(): Search
    {
        $make = fn (): array => SearchIndex::of(array_values($this->applications()), $this->vocabulary())->toData();

        return new Search(
            SearchIndex::fromData(
                $this->compiled->keyed(
                    'search',
                    implode("\n", array_map($this->stamp(...), $this->applicationIds())).
                        CompiledData::stamp(array_values(File::glob("{$this->root}/catalogues/*.json"))),
                    $make,
                ),
            ),
        );
    }

    /** The same by other words than the shipped ones. */
    public function searchBy(Vocabulary $vocabulary): Search
    {
        return new Search(SearchIndex::of(array_values($this->applications()), $vocabulary));
    }

    private function decode(string $path): mixed
    {
        return json_decode(File::get($path), true, 64, JSON_THROW_ON_ERROR);
    }
}
