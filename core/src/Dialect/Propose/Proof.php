<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\CannotBeWritten;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** What a description did on the file it came with. Only one that stands the proof can be used. */
final readonly class Proof
{
    private const MOST_LEFT = 200;

    /**
     * @param  int  $bindings  how many were read
     * @param  int  $lines  of the file
     * @param  array<int, string>  $left  why lines were not read, by number; the first of them
     * @param  int  $leftCount  how many there are
     * @param  bool  $isSame  whether the file comes out byte for byte when nothing is changed
     * @param  string|null  $changed  which binding was given which chord, for a try; null where none could be
     * @param  bool  $isUndone  whether the file was byte for byte the first one after that was changed back
     * @param  string|null  $dead  the first line that the application would not obey, with the reason
     */
    private function __construct(
        public int $bindings,
        public int $lines,
        public array $left,
        public int $leftCount,
        public bool $isSame,
        public ?string $changed,
        public bool $isUndone,
        public ?string $dead,
    ) {
    }

    /** @throws \Zebrafinch\Core\Dialect\UnreadableKeyFile */
    public static function of(Dialect $dialect, Application $application, string $bytes): self
    {
        $file = $dialect->read($bytes, $application);
        $marking = Marking::of($dialect->description, $file->text);
        [$changed, $isUndone] = self::tried($dialect, $file, $bytes);
        $dead = LoadingFindings::of($file, $application)[0] ?? null;

        return new self(
            count($file->entries),
            $file->lineCount(),
            array_slice($marking->left(), 0, self::MOST_LEFT, true),
            count($marking->left()),
            (new KeyFileWriter($dialect))->write($file, $file->bindings()) === $bytes,
            $changed,
            $isUndone,
            $dead === null ? null : "Line {$dead->line}: {$dead->sentence}",
        );
    }

    public function holds(): bool
    {
        return $this->bindings > 0 && $this->isSame && $this->changed !== null && $this->isUndone;
    }

    /**
     * Gives one binding another chord, and the first one back.
     *
     * @return array{string|null, bool}
     */
    private static function tried(Dialect $dialect, KeyFile $file, string $bytes): array
    {
        $writer = new KeyFileWriter($dialect);
        foreach ($file->entries as $entry) {
            foreach (self::chords($file) as $chord) {
                $old = $entry->binding;
                try {
                    $wanted = $file->bindings()->minus($old)->plus($old->at($chord));
                    $after = $writer->write($file, $wanted);
                    $again = $dialect->read($after, $file->application);
                    $isThere = Change::between($again->bindings(), $wanted)->isEmpty();
                    $back = $writer->write($again, $file->bindings());
                } catch (UnreadableChord|CannotBeWritten) {
                    continue;
                }
                $name = $file->application->commandName($old->command);

                return ["{$name}: {$old->chord->id()} to {$chord->id()}", $isThere && $after !== $bytes && $back === $bytes];
            }
            // What cannot be written for one binding is tried at a few others before it is said.
            if ($entry->line > ($file->entries[20] ?? $entry)->line) {
                break;
            }
        }

        return [null, false];
    }

    /** @return list<Chord> that are not bound in the file */
    private static function chords(KeyFile $file): array
    {
        $bound = [];
        foreach ($file->entries as $entry) {
            $bound[$entry->binding->chord->id()] = true;
        }
        $keys = [Key::F9, Key::F10, Key::F11, Key::KeyQ, Key::KeyW, Key::KeyX, Key::KeyY, Key::Digit7];
        $held = $file->entries === [] ? [] : $file->entries[0]->binding->chord->modifiers->all();
        $chords = [
            ...array_map(static fn (Key $key): Chord => Chord::of($key), $keys),
            ...array_map(static fn (Key $key): Chord => Chord::of($key, ...$held), $keys),
        ];

        return array_values(array_filter($chords, static fn (Chord $one): bool => ! isset($bound[$one->id()])));
    }

    /** @return array<string, mixed> */
    public function toData(): array
    {
        return [
            'holds' => $this->holds(),
            'bindings' => $this->bindings,
            'lines' => $this->lines,
            'left' => array_map(
                static fn (int $line, string $why): array => ['line' => $line, 'sentence' => $why],
                array_keys($this->left),
                array_values($this->left),
            ),
            'left_count' => $this->leftCount,
            'same' => $this->isSame,
            'changed' => $this->changed,
            'undone' => $this->isUndone,
            'dead' => $this->dead,
        ];
    }
}
