<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\CutloomXml;

enum XmlTokenKind
{
    case Open;
    case Close;
    /** Opens and closes at once. */
    case Single;
}
