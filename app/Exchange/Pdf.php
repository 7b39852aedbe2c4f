<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Queries\Parts\Markdown;
use Dompdf\Dompdf;
use Dompdf\Options;

/** A text in CommonMark as a PDF. Nothing is fetched for it: neither pictures nor styles from anywhere. */
final readonly class Pdf
{
    private const STYLE = <<<'CSS'
        @page { margin: 22mm 20mm; }
        body { font-family: "DejaVu Sans", sans-serif; font-size: 9.5pt; line-height: 1.45; color: #15231f; }
        h1 { font-size: 17pt; margin: 0 0 4mm; border-bottom: 1.5pt solid #15231f; padding-bottom: 2mm; }
        h2 { font-size: 11.5pt; margin: 6mm 0 1.5mm; border-top: 0.5pt solid #7f8d87; padding-top: 1.5mm; }
        p { margin: 0 0 2mm; }
        ul { margin: 0 0 2mm; padding-left: 5mm; }
        CSS;

    public static function of(string $title, string $markdown): string
    {
        $text = Markdown::html($markdown);
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setIsJavascriptEnabled(false);
        $options->setChroot(storage_path('framework'));
        $options->setTempDir(storage_path('framework'));
        $pdf = new Dompdf($options);
        $pdf->loadHtml(
            '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>'.
                e($title).
                '</title><style>'.
                self::STYLE.
                "</style></head><body>$text</body></html>",
        );
        $pdf->setPaper('A4');
        $pdf->render();

        return $pdf->output();
    }
}
