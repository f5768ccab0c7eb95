<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\BoardwickTable\BoardwickTable;
use Zebrafinch\Core\Dialect\CutloomXml\CutloomXml;
use Zebrafinch\Core\Dialect\DesktopTitles\DesktopTitles;
use Zebrafinch\Core\Dialect\EaseframeSections\EaseframeSections;
use Zebrafinch\Core\Dialect\FaderloftTable\FaderloftTable;
use Zebrafinch\Core\Dialect\GradewellMaps\GradewellMaps;
use Zebrafinch\Core\Dialect\RotomereList\RotomereList;

/** The dialects that come with the product. Nothing else names one. */
final readonly class BuiltInDialects
{
    public static function all(): Dialects
    {
        return Dialects::of(
            new CutloomXml(),
            new FaderloftTable(),
            new EaseframeSections(),
            new GradewellMaps(),
            new RotomereList(),
            new BoardwickTable(),
            new DesktopTitles(),
        );
    }
}
