<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Chiralex\Board\Files\RoleFinder;
use Chiralex\Kit\RoleList;
use ChiralexAdapters\Circuit\CircuitDrawings;
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
        'suppliers.csv',
        'shelf.csv',
        'shipped.csv',
        'measurements.csv',
        'reports.csv',
        'pilot.csv',
    ];

    /** @param ?string $list which of several tables is the parts list, as the maker says */
    public function __construct(private ?string $list = null) {}

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
        $isArchive = str_starts_with($bytes, "PK\x03\x04") && !str_ends_with(strtolower($name), '.xlsx');
        if ($isArchive && !OldManual::isOne($name)) {
            return $this->withWorkbook($this->archive($name, $bytes));
        }
        if (OldManual::isOne($name)) {
            return [OldManual::asMarkdown($name) => (new OldManual())->markdown($name, $bytes)];
        }
        if (str_ends_with(strtolower($name), '.md')) {
            return [strtolower(basename($name)) => $bytes];
        }
        if (CircuitDrawings::isDrawing($name)) {
            $isDrawing = str_starts_with(ltrim($bytes), '%PDF') || stripos(substr($bytes, 0, 8_000), '<svg') !== false;

            return $isDrawing
                ? [strtolower(basename($name)) => $bytes]
                : throw UnusableFile::badDrawing($name, 'it is neither SVG nor PDF');
        }
        if (self::isKnown($name) || RoleFinder::isOfBoard($bytes)) {
            return $this->withWorkbook([strtolower(basename($name)) => $bytes], $name);
        }

        return str_ends_with(strtolower($name), '.xlsx')
            ? TableList::of([$name => $bytes])->beside([], $this->list)
            : [TableList::LIST => $bytes];
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

        $tables = [];
        $said = array_change_key_case(RoleList::of($files['kit.json'] ?? null));
        foreach (array_slice(scandir($path) ?: [], 0, self::MOST_ENTRIES) as $name) {
            if (isset($files[strtolower($name)]) || !is_file("{$path}/{$name}")) {
                continue;
            }
            if (self::isOpenTable($name) && !isset($said[strtolower($name)])) {
                $tables[$name] = $this->file("{$path}/{$name}");
            } elseif (count($files) < count(self::KNOWN) + self::MOST_LAYERS) {
                $files += $this->boardFile($path, $name, isset($said[strtolower($name)]));
            }
        }

        return $tables === [] ? $files : TableList::of($tables)->beside($files, $this->list);
    }

    /**
     * @param bool $isSaid the maker says what it is
     * @return array<string, string> nothing for a file that is of no board
     * @throws UnusableFile
     */
    private function boardFile(string $path, string $name, bool $isSaid): array
    {
        if (!$isSaid && !self::isTaken(strtolower($name))) {
            return [];
        }
        $bytes = $this->file("{$path}/{$name}");
        if (OldManual::isOne($name)) {
            return [OldManual::asMarkdown($name) => (new OldManual())->markdown($name, $bytes)];
        }

        return !self::isDoubtful($name) || $isSaid || RoleFinder::isOfBoard($bytes)
            ? [strtolower($name) => $bytes]
            : [];
    }

    /** True for an entry of a ZIP that may belong to a kit. */
    private static function isTaken(string $name): bool
    {
        return self::isKnown($name) ||
            self::isDoubtful($name) ||
            self::isOpenTable($name) ||
            CircuitDrawings::isDrawing($name) ||
            OldManual::isOne($name) ||
            str_ends_with($name, '.md');
    }

    /** True for a table whose name says nothing of what it is. */
    public static function isOpenTable(string $name): bool
    {
        return TableList::isTable($name) && !in_array(strtolower($name), self::KNOWN, true);
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
            $files = $tables = [];
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
                    !self::isTaken($base) ||
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
                if (self::isOpenTable($base)) {
                    $tables[$base] = $unpacked;
                } elseif (OldManual::isOne($base)) {
                    $files += [OldManual::asMarkdown($base) => (new OldManual())->markdown($base, $unpacked)];
                } elseif (!self::isDoubtful($base) || RoleFinder::isOfBoard($unpacked)) {
                    $files[$base] = $unpacked;
                }
            }
            $zip->close();

            return $tables === [] ? $files : TableList::of($tables)->beside($files, $this->list);
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
        $book = $files['bom.xlsx'] ?? null;
        if ($book !== null) {
            $sheets = (new Workbook())->sheets($name, $book);
            unset($files['bom.xlsx']);
            $files +=
                count($sheets) === 1
                    ? [TableList::LIST => reset($sheets)]
                    : TableList::of([$name => $book])->beside($files, $this->list);
        }

        return $files;
    }
}
