<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Shape\UnexpectedForm;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\TextEdit;

/** How one application's key file is written, made of its description: one engine reads and writes all of them. */
final class Dialect
{
    private readonly ChordReading $chords;

    private ?Sample $sample = null;

    private function __construct(public readonly Description $description)
    {
        $this->chords = new ChordReading($description->spelling);
    }

    /**
     * @param  array<mixed>  $data  in the form of catalogues/schema/dialect.schema.json
     *
     * @throws InvalidDescription
     */
    public static function fromData(array $data): self
    {
        return new self(Description::fromData($data));
    }

    /** As the catalogue names it. */
    public function id(): string
    {
        return $this->description->id;
    }

    /** The file name that the application looks for. */
    public function fileName(): string
    {
        return $this->description->fileName;
    }

    /**
     * Reads without loss: all bytes stay in the result, understood or not.
     *
     * @throws UnreadableKeyFile when the bytes are not in this dialect at all
     */
    public function read(string $bytes, Application $application): KeyFile
    {
        $text = KeyFileText::of($bytes, $this->description->encoding);
        try {
            return (new Reading($this->description, $this->chords, $application, $text))->keyFile();
        } catch (UnexpectedForm $error) {
            throw UnreadableKeyFile::otherFormat($error->wanted, $error->found, $error->atLine);
        } catch (MalformedText $error) {
            throw UnreadableKeyFile::because($error);
        }
    }

    /** A key file of this application without any binding. */
    public function blank(): string
    {
        return $this->bytes($this->sample()->blank());
    }

    /**
     * The text of the chord as it stands in the file.
     *
     * @throws UnreadableChord when this dialect cannot say it
     */
    public function spell(Binding $binding): string
    {
        if ($binding->gesture === Gesture::Hold && $this->description->gesture === null) {
            throw UnreadableChord::onlyTap();
        }

        return $this->sample()->spelled($binding->chord);
    }

    /**
     * Some forms hold one chord for a command, or say the context in its name: what bindings could each be written, and not together.
     *
     * @throws CannotBeWritten
     */
    public function requireWritable(Bindings $bindings, Application $application): void
    {
        $words = new DialectWords($this->description, $application);
        $seen = [];
        foreach ($bindings as $binding) {
            $name = $application->commandName($binding->command);
            $claim = "{$binding->context} {$binding->command}";
            if ($this->description->hasOneChordEach() && isset($seen[$claim])) {
                throw CannotBeWritten::secondChord($name);
            }
            $seen[$claim] = true;
            $this->description->context === null ||
                $words->fitsContext($binding->context, $binding->command) ||
                throw CannotBeWritten::otherContext($name, $application->contexts->get($binding->context)->name);
        }
    }

    /**
     * What is to be written where, so that some bindings have other chords, some go and others come, in the style of the file.
     *
     * @param  list<array{Entry, Binding}>  $changed  with what is to stand there instead
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added  by context
     * @return list<TextEdit> that do not overlap
     *
     * @throws UnreadableChord when this dialect cannot say it
     */
    public function edits(KeyFile $file, array $changed, array $removed, array $added): array
    {
        if ($changed === [] && $removed === [] && $added === []) {
            return [];
        }
        foreach ([...array_column($changed, 1), ...array_merge(...array_values($added))] as $binding) {
            if ($binding->gesture === Gesture::Hold && $this->description->gesture === null) {
                throw UnreadableChord::onlyTap();
            }
        }

        return (new Writing(
            $this->description,
            $this->chords,
            $this->sample(),
            new DialectWords($this->description, $file->application),
            $file->text,
        ))->edits($changed, $removed, $added);
    }

    /**
     * The bytes of a text in the encoding of this dialect.
     *
     * @throws UnreadableChord when it has a character that the encoding lacks
     */
    public function bytes(string $text): string
    {
        return $this->description->encoding->bytes($text) ??
            throw UnreadableChord::unspeakable(
                '',
                "the file is written in {$this->description->encoding->label()}, which lacks a character of it",
            );
    }

    private function sample(): Sample
    {
        return $this->sample ??= Sample::of($this->description, $this->chords);
    }
}
