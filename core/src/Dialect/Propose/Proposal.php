<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/**
 * How a key file that nobody has described yet is likely to be written.
 *
 * @phpstan-import-type DescriptionData from \Zebrafinch\Core\Dialect\Description
 * @phpstan-import-type ContextData from \Zebrafinch\Core\Application\CatalogueReader
 * @phpstan-import-type CommandData from \Zebrafinch\Core\Application\CatalogueReader
 */
final readonly class Proposal
{
    /**
     * @param  DescriptionData  $description
     * @param  list<ContextData>  $contexts
     * @param  list<CommandData>  $commands
     * @param  bool  $isByCharacter  whether the file names keys by what they type
     * @param  bool  $tellsHold  whether it tells a tap from a hold
     * @param  list<Certainty>  $certainties
     */
    public function __construct(
        public array $description,
        public array $contexts,
        public array $commands,
        public bool $isByCharacter,
        public bool $tellsHold,
        public array $certainties,
    ) {
    }
}
