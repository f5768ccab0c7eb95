<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/**
 * Makes an application from its catalogue, as decoded from catalogues/<id>/catalogue.json.
 *
 * @phpstan-type ContextData array{
 *     id: string,
 *     name: string,
 *     parent?: string,
 *     text_entry?: bool,
 *     coexists_with?: list<string>,
 *     written?: list<string>,
 * }
 * @phpstan-type CommandData array{
 *     id: string,
 *     name: string,
 *     menu?: list<string>,
 *     tooltip: string,
 *     context: string,
 *     traits?: list<string>,
 *     written?: string,
 * }
 * @phpstan-type CatalogueData array{
 *     id: string,
 *     name: string,
 *     purpose: string,
 *     precedence: string,
 *     loading: string,
 *     dialect: string,
 *     chords?: string,
 *     tells_hold?: bool,
 *     everywhere_first_for?: list<string>,
 *     contexts: list<ContextData>,
 *     commands: list<CommandData>,
 * }
 */
final readonly class CatalogueReader
{
    /**
     * @param  CatalogueData  $data  valid against catalogues/schema/catalogue.schema.json
     *
     * @throws InvalidCatalogue|UnknownContext
     */
    public function application(array $data): Application
    {
        return Application::of(
            $data['id'],
            $data['name'],
            $data['purpose'],
            ContextTree::of(...array_map($this->context(...), $data['contexts'])),
            Precedence::from($data['precedence']),
            LoadingRule::from($data['loading']),
            $data['dialect'],
            Commands::fromData($data['commands']),
            $data['tells_hold'] ?? false,
            KeyNaming::from($data['naming'] ?? KeyNaming::Position->value),
            $data['everywhere_first_for'] ?? [],
        );
    }

    /** @param  ContextData  $data */
    private function context(array $data): Context
    {
        return new Context(
            $data['id'],
            $data['name'],
            $data['parent'] ?? null,
            $data['text_entry'] ?? false,
            $data['coexists_with'] ?? [],
            $data['written'] ?? [],
        );
    }
}
