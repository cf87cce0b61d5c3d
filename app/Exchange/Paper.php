<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Dompdf\Dompdf;
use Dompdf\Options;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Puts a page on paper: fonts, temporary files and nothing else are read and written in one folder; nothing is fetched, nothing is run. */
final readonly class Paper
{
    private const SIZES = ['a4', 'letter'];

    public function __construct(#[Autowire('%kernel.cache_dir%')] private string $cache)
    {
    }

    /** @return string a PDF */
    public function of(string $html, string $size): string
    {
        $folder = "$this->cache/sheet";
        is_dir($folder) || mkdir($folder, 0o700, true);
        $pdf = new Dompdf((new Options())->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false)
            ->setFontDir($folder)->setFontCache($folder)->setTempDir($folder)->setChroot([$folder])->setIsFontSubsettingEnabled(true));
        $pdf->setPaper(\in_array($size, self::SIZES, true) ? $size : self::SIZES[0]);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
