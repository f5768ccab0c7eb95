<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Xml;

enum XmlTokenKind
{
    case Open;
    case Close;
    /** Opens and closes at once. */
    case Single;
    /** What stands between tags. */
    case Text;
}
