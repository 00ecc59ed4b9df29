<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** Prints a page that needs nothing from elsewhere, by Debian's Chromium without network and, where possible, without rights. */
final readonly class ChromiumPdf
{
    private const ARGUMENTS = [
        '--headless=new',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-default-apps',
        '--disable-extensions',
        '--host-resolver-rules=MAP * ~NOTFOUND',
        '--no-pdf-header-footer',
        '--generate-pdf-document-outline',
    ];

    /**
     * @param string $html a whole page
     * @return string the bytes of the PDF
     * @throws UnusableProgram when Chromium is missing, fails or takes more than two minutes
     */
    public function print(string $html): string
    {
        $folder = sys_get_temp_dir() . '/chiralex-print-' . bin2hex(random_bytes(8));
        if (!mkdir($folder, 0o700)) {
            throw UnusableProgram::failed('chromium', "{$folder} cannot be made");
        }
        try {
            file_put_contents("{$folder}/page.html", $html);
            $print = [
                'chromium',
                ...self::ARGUMENTS,
                "--user-data-dir={$folder}/profile",
                "--print-to-pdf={$folder}/page.pdf",
                "file://{$folder}/page.html",
            ];
            // Text that people typed is never printed as root.
            if (function_exists('posix_geteuid') && posix_geteuid() === 0 && posix_getpwnam('www-data') !== false) {
                chown($folder, 'www-data');
                chown("{$folder}/page.html", 'www-data');
                $print = ['runuser', '-u', 'www-data', '--', ...$print];
            }
            Program::run($print, '', 120);
            $pdf = @file_get_contents("{$folder}/page.pdf");
        } finally {
            Program::run(['rm', '-rf', $folder]);
        }

        return $pdf === false || !str_starts_with($pdf, '%PDF')
            ? throw UnusableProgram::failed('chromium', 'no PDF came out')
            : $pdf;
    }
}
