<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Chiralex\Board\Files\RoleFinder;
use Chiralex\Kit\RoleList;
use ZipArchive;

/** Collects the files of a kit folder, from a folder, a ZIP or a single parts list. */
final readonly class KitFiles
{
    public const LIMIT = 10 * 1_048_576;
    private const UNPACKED_LIMIT = 40 * 1_048_576;
    /** Endings of layer files, drill files and net lists. */
    private const LAYERS = [
        ...['gbr', 'ger', 'gko', 'gm1', 'gml', 'gxc', 'gto', 'gbo', 'gts', 'gbs', 'gtl', 'gbl'],
        ...['drl', 'xln', 'exc', 'ipc', 'd356', '356'],
    ];
    /** Endings that such files have too, and other files as well: what is in them decides. */
    private const DOUBTFUL = ['txt', 'art', 'pho', 'gbx', 'tap', 'nc', 'ncd', 'cnc', 'drd', 'net'];
    private const MOST_LAYERS = 24;
    private const MOST_ENTRIES = 2_000;
    private const KNOWN = [
        'kit.json',
        'bom.csv',
        'bom.tsv',
        'bom.txt',
        'bom.xlsx',
        'placements.csv',
        'placements.tsv',
        'placements.txt',
        'masses.csv',
        'offers.csv',
        'measurements.csv',
        'reports.csv',
        'pilot.csv',
    ];

    /**
     * @return array<string, string> name to bytes
     * @throws UnusableFile when nothing can be read there
     */
    public function fromPath(string $path): array
    {
        if (is_dir($path)) {
            return $this->withWorkbook($this->folder($path));
        }
        if (!is_file($path)) {
            throw UnusableFile::absent($path);
        }

        return $this->fromBytes(basename($path), $this->file($path));
    }

    /**
     * Every file of a folder or a ZIP, known or not; a single file alone.
     *
     * @return array<string, string> name to bytes, a workbook as it is
     * @throws UnusableFile when nothing can be read there
     */
    public function everything(string $path): array
    {
        if (!is_dir($path)) {
            return $this->fromPath($path);
        }
        $files = [];
        $total = 0;
        foreach (array_slice(scandir($path) ?: [], 0, self::MOST_ENTRIES) as $name) {
            if (is_file("{$path}/{$name}") && !str_starts_with($name, '.')) {
                $files[$name] = $this->file("{$path}/{$name}");
                $total += strlen($files[$name]);
            }
            if ($total > self::UNPACKED_LIMIT) {
                throw UnusableFile::tooLarge(basename($path), $total);
            }
        }

        return $files;
    }

    /** True for a name that the kit folder format gives a meaning. */
    public static function isKnown(string $name): bool
    {
        return in_array(strtolower($name), self::KNOWN, true) || self::isLayer($name);
    }

    private static function isLayer(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), self::LAYERS, true);
    }

    private static function isDoubtful(string $name): bool
    {
        return !in_array(strtolower($name), self::KNOWN, true) &&
            in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), self::DOUBTFUL, true);
    }

    /**
     * A dropped file: a ZIP of a kit folder, or a parts list under any name.
     *
     * @return array<string, string> name to bytes
     * @throws UnusableFile when it is too large or cannot be unpacked
     */
    public function fromBytes(string $name, string $bytes): array
    {
        if (strlen($bytes) > self::LIMIT) {
            throw UnusableFile::tooLarge($name, strlen($bytes));
        }
        if (str_starts_with($bytes, "PK\x03\x04") && !str_ends_with(strtolower($name), '.xlsx')) {
            return $this->withWorkbook($this->archive($name, $bytes));
        }
        if (self::isKnown($name) || RoleFinder::isOfBoard($bytes)) {
            return $this->withWorkbook([strtolower(basename($name)) => $bytes], $name);
        }

        return $this->withWorkbook(
            [str_ends_with(strtolower($name), '.xlsx') ? 'bom.xlsx' : 'bom.csv' => $bytes],
            $name,
        );
    }

    /**
     * @return array<string, string>
     * @throws UnusableFile
     */
    private function folder(string $path): array
    {
        $files = [];
        foreach (self::KNOWN as $name) {
            if (is_file("{$path}/{$name}")) {
                $files[$name] = $this->file("{$path}/{$name}");
            }
        }

        $said = array_change_key_case(RoleList::of($files['kit.json'] ?? null));
        foreach (array_slice(scandir($path) ?: [], 0, self::MOST_ENTRIES) as $name) {
            if (
                (self::isLayer($name) || isset($said[strtolower($name)]) || self::isDoubtful($name)) &&
                !isset($files[strtolower($name)]) &&
                is_file("{$path}/{$name}") &&
                count($files) < count(self::KNOWN) + self::MOST_LAYERS
            ) {
                $bytes = $this->file("{$path}/{$name}");
                if (!self::isDoubtful($name) || isset($said[strtolower($name)]) || RoleFinder::isOfBoard($bytes)) {
                    $files[strtolower($name)] = $bytes;
                }
            }
        }

        return $files;
    }

    /** @throws UnusableFile */
    private function file(string $path): string
    {
        $size = (int) filesize($path);
        if ($size > self::LIMIT) {
            throw UnusableFile::tooLarge(basename($path), $size);
        }
        $bytes = file_get_contents($path);
        if ($bytes === false) {
            throw UnusableFile::absent($path);
        }

        return $bytes;
    }

    /**
     * @return array<string, string>
     * @throws UnusableFile
     */
    private function archive(string $name, string $bytes): array
    {
        $temporary = (string) tempnam(sys_get_temp_dir(), 'kit');
        file_put_contents($temporary, $bytes);
        $zip = new ZipArchive();
        try {
            if ($zip->open($temporary, ZipArchive::RDONLY) !== true) {
                throw UnusableFile::badArchive($name, 'it is damaged');
            }
            $files = [];
            $total = 0;
            if ($zip->numFiles > self::MOST_ENTRIES) {
                throw UnusableFile::badArchive(
                    $name,
                    'it holds more than ' . number_format(self::MOST_ENTRIES) . ' files',
                );
            }
            for ($i = 0; $i < $zip->numFiles; ++$i) {
                $entry = $zip->statIndex($i);
                $base = strtolower(basename((string) ($entry['name'] ?? '')));
                if (
                    $entry === false ||
                    !(self::isKnown($base) || self::isDoubtful($base)) ||
                    isset($files[$base]) ||
                    count($files) >= count(self::KNOWN) + self::MOST_LAYERS
                ) {
                    continue;
                }
                $unpacked = Unpacked::bytes(
                    $zip,
                    (string) $entry['name'],
                    min(self::LIMIT, self::UNPACKED_LIMIT - $total),
                );
                if ($unpacked === null) {
                    throw UnusableFile::badArchive(
                        $name,
                        "{$base} unpacks to more than 10 MB, or all of it to more than 40 MB",
                    );
                }
                $total += strlen($unpacked);
                if (!self::isDoubtful($base) || RoleFinder::isOfBoard($unpacked)) {
                    $files[$base] = $unpacked;
                }
            }
            $zip->close();

            return $files;
        } finally {
            unlink($temporary);
        }
    }

    /**
     * @param array<string, string> $files
     * @return array<string, string> a workbook turned into delimited text
     * @throws UnusableFile
     */
    private function withWorkbook(array $files, string $name = 'bom.xlsx'): array
    {
        if (isset($files['bom.xlsx'])) {
            $files['bom.csv'] ??= (new Workbook())->firstSheet($name, $files['bom.xlsx']);
            unset($files['bom.xlsx']);
        }

        return $files;
    }
}
