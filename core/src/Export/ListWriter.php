<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Writes key lists in one format. A further format is a class of this kind and a case of {@see ListFormat}. */
interface ListWriter
{
    /** As HTTP names it, with its character set. */
    public function mediaType(): string;

    /** Of a file, without the dot. */
    public function extension(): string;

    /** @param  list<KeyList>  $lists */
    public function write(array $lists): string;
}
