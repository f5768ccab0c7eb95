<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Spelling;

/** How a key file tells keys apart. */
enum KeysBy: string
{
    /** By words for where they are. */
    case Position = 'position';
    /** By what they type, and words for those that type nothing. */
    case Character = 'character';
    /** By their usage numbers on page 0x07 of the USB HID Usage Tables, or numbers of the application's own. */
    case Number = 'number';
}
