<?php

declare(strict_types=1);

namespace App\Devices;

use App\Support\DiskFull;

/** The label printer that ships: each label lands as a PDF in a folder, the oldest make room for the newest. */
final readonly class LabelTray implements LabelPrinter
{
    /** Labels that lie in the tray. */
    private const MOST = 200;

    public function __construct(private string $folder) {}

    public function print(string $name, string $pdf): void
    {
        if (!is_dir($this->folder)) {
            @mkdir($this->folder, 0o770, true);
        }
        $plain = trim((string) preg_replace('~[^\w .-]+~u', '-', $name), ' .-');
        $path = sprintf('%s/%s %s.pdf', $this->folder, now()->format('Y-m-d His.u'), mb_substr($plain, 0, 80));
        if (@file_put_contents($path, $pdf) !== strlen($pdf)) {
            @unlink($path);
            throw DiskFull::at($this->folder);
        }
        $labels = glob("{$this->folder}/*.pdf") ?: [];
        sort($labels);
        array_map(unlink(...), array_slice($labels, 0, max(0, count($labels) - self::MOST)));
    }
}
