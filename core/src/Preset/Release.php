<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use JsonException;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Text\CanonicalJson;

/**
 * What a release of a preset holds: the bindings of each application, and which of them are fixed. Its digest is over exactly this.
 *
 * @phpstan-type BindingData array{chord: string, command: string, context: string, gesture: string}
 */
final readonly class Release
{
    /** The interchange format's version; part of the digest. */
    private const FORMAT = 'zebrafinch-preset/1';

    /** @param  array<string, Bindings>  $keymaps by application */
    private function __construct(public array $keymaps, public FixedChords $fixed)
    {
    }

    /**
     * @param  array<string, Bindings>  $keymaps by application; at least one
     * @param  array<string, Bindings>  $fixed by application; part of the keymaps
     *
     * @throws EmptyPreset|FixedChordMissing
     */
    public static function of(array $keymaps, array $fixed = []): self
    {
        if ($keymaps === []) {
            throw EmptyPreset::noKeymap();
        }
        ksort($keymaps);

        return new self($keymaps, FixedChords::in($fixed, $keymaps));
    }

    /**
     * Reads the interchange format.
     *
     * @throws UnreadablePreset|\Zebrafinch\Core\Keyboard\UnreadableChord|EmptyPreset|FixedChordMissing
     */
    public static function fromJson(string $text): self
    {
        try {
            $data = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw UnreadablePreset::notJson($error->getMessage());
        }
        if (! is_array($data) || ($data['format'] ?? null) !== self::FORMAT) {
            throw UnreadablePreset::otherFormat(self::FORMAT);
        }

        return self::of(self::keymapsIn($data, 'keymaps'), isset($data['fixed']) ? self::keymapsIn($data, 'fixed') : []);
    }

    /**
     * @param  array<mixed>  $data
     * @return array<string, Bindings>
     */
    private static function keymapsIn(array $data, string $name): array
    {
        $keymaps = [];
        $all = self::listIn($data, $name);
        foreach (array_keys($all) as $application) {
            $read = [];
            foreach (self::listIn($all, (string) $application) as $number => $binding) {
                $read[] = self::binding($binding, "{$name}/{$application}/{$number}");
            }
            $keymaps[(string) $application] = Bindings::of(...$read);
        }

        return $keymaps;
    }

    /**
     * @param  array<mixed>  $data
     * @return array<mixed>
     */
    private static function listIn(array $data, string $name): array
    {
        return is_array($data[$name] ?? null) ? $data[$name] : throw UnreadablePreset::broken($name, 'a list of bindings or keymaps');
    }

    private static function binding(mixed $data, string $where): Binding
    {
        foreach (['chord', 'command', 'context'] as $name) {
            if (! is_array($data) || ! is_string($data[$name] ?? null)) {
                throw UnreadablePreset::broken("{$where}/{$name}", 'a text');
            }
        }
        $gesture = $data['gesture'] ?? Gesture::Tap->value;

        return new Binding(
            Chord::parse($data['chord']),
            $data['command'],
            $data['context'],
            Gesture::tryFrom(is_string($gesture) ? $gesture : '') ?? throw UnreadablePreset::broken("{$where}/gesture", 'tap or hold'),
        );
    }

    /**
     * What {@see toData()} gave.
     *
     * @param  array{keymaps: array<string, list<BindingData>>, fixed?: array<string, list<BindingData>>}  $data
     */
    public static function fromData(array $data): self
    {
        return self::of(array_map(Bindings::fromData(...), $data['keymaps']), array_map(Bindings::fromData(...), $data['fixed'] ?? []));
    }

    /** @return array{format: string, keymaps: array<string, list<BindingData>>, fixed?: array<string, list<BindingData>>} */
    public function toData(): array
    {
        return [
            'format' => self::FORMAT,
            'keymaps' => array_map(static fn (Bindings $bindings): array => $bindings->toData(), $this->keymaps),
            // What has none fixed is the same content as ever, with the same digest.
            ...$this->fixed->count() === 0 ? [] : ['fixed' => $this->fixed->toData()],
        ];
    }

    /** SHA-256 over the canonical JSON (RFC 8785) of {@see toData()}, in lower-case hex. */
    public function digest(): string
    {
        return CanonicalJson::digest($this->toData());
    }
}
