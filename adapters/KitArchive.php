<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use ZipArchive;

/** Packs the files of a kit folder into a ZIP; the same files always give the same names and contents. */
final readonly class KitArchive
{
    /**
     * A kit folder with its description, in a folder named after the kit.
     *
     * @param array<string, string> $files name to bytes
     * @param array<string, mixed> $package the description
     * @return string the bytes of the archive
     * @throws UnusableFile when it cannot be written
     */
    public function described(array $files, array $package, string $title): string
    {
        $json =
            json_encode(
                $package,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            ) . "\n";

        return $this->zip(
            ['datapackage.json' => $json] + $files,
            strtolower(trim((string) preg_replace('~[^A-Za-z0-9]+~', '-', $title), '-')) ?: 'kit',
        );
    }

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
