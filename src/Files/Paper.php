<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use Dompdf\Dompdf;
use Dompdf\Options;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** Sheets that the server makes itself, as PDF; what a page shows is printed by the browser. */
final readonly class Paper
{
    public function __construct(private Environment $twig, private string $runDir)
    {
    }

    /**
     * @param string               $template in `templates/paper/`
     * @param array<string, mixed> $facts
     */
    public function answer(string $file, string $template, array $facts): Response
    {
        return new Response($this->pdf($template, $facts), headers: [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $file), 'Cache-Control' => 'no-store',
        ]);
    }

    /** @param array<string, mixed> $facts */
    public function pdf(string $template, array $facts): string
    {
        $folder = $this->runDir.'/paper';
        is_dir($folder) || @mkdir($folder, 0o700, true);
        // Nothing is fetched, nothing outside is read, no script runs: names and wishes of customers stand in it.
        $paper = new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'isFontSubsettingEnabled' => true,
            'allowedProtocols' => [], 'defaultFont' => 'DejaVu Serif', 'defaultPaperSize' => 'a4', 'tempDir' => $folder, 'fontCache' => $folder,
            'logOutputFile' => '',
        ]));
        $paper->loadHtml($this->twig->render('paper/'.$template, $facts), 'UTF-8');
        $paper->render();

        return (string) $paper->output();
    }
}
