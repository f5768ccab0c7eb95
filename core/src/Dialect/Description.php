<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Throwable;
use Zebrafinch\Core\Dialect\Shape\CallsShape;
use Zebrafinch\Core\Dialect\Shape\ElementsShape;
use Zebrafinch\Core\Dialect\Shape\JsonShape;
use Zebrafinch\Core\Dialect\Shape\LinesShape;
use Zebrafinch\Core\Dialect\Shape\Shape;
use Zebrafinch\Core\Dialect\Shape\TableShape;
use Zebrafinch\Core\Dialect\Shape\YamlShape;
use Zebrafinch\Core\Dialect\Spelling\ChordSpelling;
use Zebrafinch\Core\Text\TextEncoding;

/**
 * How one application's key file is written, as data: its shape, where things stand in it, how chords are spelled, and a sample.
 *
 * @phpstan-import-type LocatorData from Locator
 * @phpstan-import-type ChordSpellingData from ChordSpelling
 *
 * @phpstan-type ShapeData array{
 *     kind: string,
 *     syntax?: string,
 *     between?: string,
 *     section?: array{string, string},
 *     comments?: list<string>,
 *     separator?: string,
 *     quotes?: bool,
 *     header?: list<string>,
 *     name_element?: string,
 * }
 * @phpstan-type ChordData array{
 *     whole?: LocatorData,
 *     between?: string,
 *     held?: LocatorData,
 *     flags?: array<string, LocatorData>,
 *     key?: LocatorData,
 * }
 * @phpstan-type DescriptionData array{
 *     id: string,
 *     file_name: string,
 *     encoding?: string,
 *     shape: ShapeData,
 *     path: list<string|null>,
 *     outside?: bool,
 *     context?: LocatorData,
 *     command: LocatorData,
 *     commands_by_context?: bool,
 *     title?: LocatorData,
 *     chords: list<ChordData>,
 *     gesture?: array{at: LocatorData, tap: string, hold: string},
 *     beside?: list<string>,
 *     lists_unbound?: bool,
 *     spelling: ChordSpellingData,
 *     sample: string,
 * }
 */
final readonly class Description
{
    /**
     * @param  list<string|null>  $path  the names of the parts from the outermost to the one that holds a binding; null for any name
     * @param  bool  $outside  whether bindings may stand before the first section, for Everywhere
     * @param  Locator|null  $context  null where all bindings are for Everywhere
     * @param  bool  $commandsByContext  whether one word is another command in another context
     * @param  Locator|null  $title  where the name of a command stands for people to read
     * @param  non-empty-list<ChordLocator>  $chords
     * @param  list<string>  $beside  names in the part of a binding that are known to say nothing of keys
     * @param  bool  $listsUnbound  whether a command without a chord stays in the file
     * @param  string  $sample  a short file of this dialect with one binding, after which new ones are written
     */
    private function __construct(
        public string $id,
        public string $fileName,
        public TextEncoding $encoding,
        public string $kind,
        public Shape $shape,
        public array $path,
        public bool $outside,
        public ?Locator $context,
        public Locator $command,
        public bool $commandsByContext,
        public ?Locator $title,
        public array $chords,
        public ?GestureLocator $gesture,
        public array $beside,
        public bool $listsUnbound,
        public ChordSpelling $spelling,
        public string $sample,
    ) {
    }

    /**
     * @param  array<mixed>  $data  in the form of catalogues/schema/dialect.schema.json
     *
     * @throws InvalidDescription
     */
    public static function fromData(array $data): self
    {
        try {
            /** @var DescriptionData $data */
            return self::read($data);
        } catch (InvalidDescription $error) {
            throw $error;
        } catch (Throwable $error) {
            // Types and names that the form does not allow show as errors of PHP's own; what they say is said as one of ours.
            throw InvalidDescription::because(is_string($data['id'] ?? null) ? $data['id'] : '', $error->getMessage());
        }
    }

    /** @param  DescriptionData  $data */
    private static function read(array $data): self
    {
        $encoding = TextEncoding::from($data['encoding'] ?? TextEncoding::Utf8->value);
        $chords = array_map(ChordLocator::fromData(...), $data['chords']);
        if ($chords === []) {
            throw InvalidDescription::because($data['id'], 'it does not say where a chord stands');
        }
        if ($data['path'] === []) {
            throw InvalidDescription::because($data['id'], 'it does not say which parts hold bindings');
        }

        return new self(
            $data['id'],
            $data['file_name'],
            $encoding,
            $data['shape']['kind'],
            self::shape($data['shape'], $encoding, $data['id']),
            $data['path'],
            $data['outside'] ?? false,
            isset($data['context']) ? Locator::fromData($data['context']) : null,
            Locator::fromData($data['command']),
            $data['commands_by_context'] ?? false,
            isset($data['title']) ? Locator::fromData($data['title']) : null,
            array_values($chords),
            isset($data['gesture'])
                ? new GestureLocator(Locator::fromData($data['gesture']['at']), $data['gesture']['tap'], $data['gesture']['hold'])
                : null,
            $data['beside'] ?? [],
            $data['lists_unbound'] ?? false,
            ChordSpelling::fromData($data['spelling']),
            $data['sample'],
        );
    }

    /**
     * @param  ShapeData  $data
     *
     * @throws InvalidDescription
     */
    public static function shape(array $data, TextEncoding $encoding, string $id): Shape
    {
        $comments = $data['comments'] ?? [];
        $section = $data['section'] ?? null;
        $between = $data['between'] ?? '=' ?: throw InvalidDescription::because($id, 'nothing stands between name and value');
        $separator = $data['separator'] ?? ',' ?: throw InvalidDescription::because($id, 'nothing separates the columns');

        return match ($data['kind'].' '.($data['syntax'] ?? '')) {
            'lines ' => new LinesShape($between, $section, $comments),
            'table ' => new TableShape($separator, $data['quotes'] ?? false, $data['header'] ?? null, $section, $comments),
            'elements ' => new ElementsShape(
                $data['name_element'] ?? null,
                match ($encoding) {
                    TextEncoding::Utf8 => ['UTF-8', 'US-ASCII'],
                    TextEncoding::Latin1 => ['ISO-8859-1', 'LATIN1', 'US-ASCII'],
                    default => ['UTF-16', $encoding->label()],
                },
            ),
            'members json' => new JsonShape(),
            'members yaml' => new YamlShape(),
            'calls ' => new CallsShape($comments),
            default => throw InvalidDescription::because($id, "there is no shape \"{$data['kind']}\""),
        };
    }

    /** How many parts further out than the binding its context stands; 0 where it stands beside it, or there is none. */
    public function contextUp(): int
    {
        return $this->context->up ?? 0;
    }

    /** Whether each binding has one text for its chord and stands alone, so that a chord is written over without looking further. */
    public function isPlain(): bool
    {
        return count($this->chords) === 1 && $this->chords[0]->isOne() && ! $this->listsUnbound;
    }

    /** Whether a command is the name of a member with one chord as its value, of which there can be no second in one context. */
    public function hasOneChordEach(): bool
    {
        return $this->kind === 'members' && $this->command->isOwnName() && $this->isPlain();
    }

    /** Whether the name of a command says its context, too. */
    public function saysContextInCommand(): bool
    {
        $context = $this->context;

        return $context !== null &&
            $context->before !== '' &&
            $context->up === $this->command->up &&
            $context->in === $this->command->in &&
            $context->isName === $this->command->isName;
    }
}
