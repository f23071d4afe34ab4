<?php

declare(strict_types=1);

namespace App\Http\Downloads;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;

/** A page for paper as a PDF, A4. It is made from our own view and our own style sheet; nothing is fetched from anywhere. */
class PdfDownload
{
    /** @param  view-string  $view */
    public static function of(string $view, object $page, string $name): Response
    {
        $pdf = new Dompdf((new Options)->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false)
            ->setChroot([resource_path('pdf')])->setTempDir(sys_get_temp_dir())->setFontCache(storage_path('framework/cache/data'))->setDefaultFont('DejaVu Sans'));
        $pdf->setPaper('A4');
        // Its style stands within it: a path to one would be taken for an address.
        $style = '<style>'.File::get(resource_path('pdf/sheet.css')).'</style>';
        $pdf->loadHtml(str_replace('</head>', "{$style}</head>", view($view, ['page' => $page])->render()), 'UTF-8');
        $pdf->render();

        return response((string) $pdf->output(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "attachment; filename=\"{$name}.pdf\""]);
    }
}
