<?php

declare(strict_types=1);

namespace App\Exchange;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Http\Response;

/** A page of ours as PDF: nothing is fetched from anywhere. */
final class Pdf
{
    /** @param  string  $name  of the file, without its ending */
    public static function answer(string $html, string $name): Response
    {
        $options = new Options([
            'defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'tempDir' => storage_path('app'),
            'fontCache' => storage_path('app'), 'chroot' => resource_path('views'),
        ]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->setPaper('A4');
        $pdf->render();

        return response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.$name.'.pdf"',
        ]);
    }
}
