<?php

declare(strict_types=1);

namespace App\Library;

use Zebrafinch\Core\Application\CatalogueReader;

/**
 * All that is known of one application, as data that nothing was made of yet.
 *
 * @phpstan-import-type CatalogueData from CatalogueReader
 */
final readonly class ApplicationData
{
    /**
     * @param  array<mixed>  $catalogue  in the form of catalogues/schema/catalogue.schema.json
     * @param  array<mixed>  $dialect  in the form of catalogues/schema/dialect.schema.json
     * @param  string  $factory  the bytes of the key file that it comes with
     * @param  list<array<mixed>>  $matches  as in catalogues/schema/matches.schema.json
     */
    public function __construct(
        public string $id,
        public array $catalogue,
        public array $dialect,
        public string $factory,
        public array $matches,
    ) {
    }

    /** @return CatalogueData  as far as it is one; what it lacks shows as an error where it is read */
    public function catalogue(): array
    {
        /** @var CatalogueData */
        return $this->catalogue;
    }

    /** @return list<array{command: string, intent: string, difference?: string}> */
    public function matches(): array
    {
        /** @var list<array{command: string, intent: string, difference?: string}> */
        return $this->matches;
    }
}
