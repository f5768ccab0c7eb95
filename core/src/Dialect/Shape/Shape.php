<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

/** One of the forms in which key files are written. It knows where parts begin and end, and nothing of keys. */
interface Shape
{
    /**
     * @param  string  $text  UTF-8, with or without a byte order mark
     * @return iterable<Step, Part> parts as they begin and end, the outer ones around the inner ones
     *
     * @throws \Zebrafinch\Core\Text\MalformedText where the text stops having this form
     */
    public function walk(string $text): iterable;

    /**
     * What is written for a value where another stands.
     *
     * @param  string  $old  what is written there now: quotes, or none, are taken over
     */
    public function written(string $value, string $old): string;

    /**
     * A further value beside one that is there, under a name of its own, as it is written.
     *
     * @param  Part  $beside  in whose place it stands behind
     * @return string|null null where the form has no such thing
     */
    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string;
}
