<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use ZipArchive;

/** Packs the files of a kit folder into a ZIP; the same files always give the same names and contents. */
final readonly class KitArchive
{
    /**
     * @param array<string, string> $files name to bytes
     * @param string $folder the folder inside
     * @return string the bytes of the archive
     * @throws UnusableFile when it cannot be written
     */
    public function zip(array $files, string $folder): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kit');
        try {
            $zip = new ZipArchive();
            if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
                throw UnusableFile::unwritable("{$folder}.zip");
            }
            foreach ($files as $name => $bytes) {
                $zip->addFromString("{$folder}/" . basename($name), $bytes);
            }
            if (!$zip->close()) {
                throw UnusableFile::unwritable("{$folder}.zip");
            }

            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }
}
