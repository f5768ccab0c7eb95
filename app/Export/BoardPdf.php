<?php

declare(strict_types=1);

namespace App\Export;

use Dompdf\Dompdf;
use Dompdf\Options;
use Zebrafinch\Core\Export\BoardDrawing;

/** The drawing of a board on a sheet of exactly its own size, so that it prints in true millimetres. */
final readonly class BoardPdf
{
    private const POINTS_PER_MM = 72 / 25.4;

    /** @return string bytes */
    public static function of(BoardDrawing $drawing): string
    {
        [$width, $height] = $drawing->size();
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $pdf = new Dompdf($options);
        // The size stands in the sheet; the drawing itself is given without a font that the sheet would have to look for.
        $image = base64_encode(str_replace('font-family="sans-serif"', 'font-family="DejaVu Sans"', $drawing->svg()));
        $style = "position:absolute;left:0;top:0;width:{$width}mm;height:{$height}mm";
        $pdf->loadHtml(
            '<html><head><style>@page{margin:0}body{margin:0}</style></head><body>'.
                "<img style=\"{$style}\" src=\"data:image/svg+xml;base64,{$image}\"></body></html>",
        );
        $pdf->setPaper([0, 0, $width * self::POINTS_PER_MM, $height * self::POINTS_PER_MM]);
        $pdf->render();

        return (string) $pdf->output();
    }
}
