<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use Chiralex\Limits;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\KitDocuments;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use ZipArchive;

/**
 * A kit of which one file is damaged, dropped under its name: read and, where it is small enough to be done at once, looked at.
 *
 * An input is the name of the file, a line feed, and its bytes; `list.xlsx+PART` is a workbook of which one part has these bytes.
 */
final class ReaderSubject implements Subject
{
    /** Kits of more parts are worked out by a process of their own. */
    private const SMALL = 120;

    private const LAYER = "%FSLAX46Y46*%\n%MOMM*%\n%TF.FileFunction,Copper,L1,Top*%\n%ADD10C,1.6*%\n%ADD11R,1.5X2*%\n%ADD12RoundRect,0.25X1X1X-1X1X-1X-1X1X-1*%\n%AMRoundRect*\n0 comment*\n21,1,\$1X2,1,0,0,0*%\nD10*\nX10000000Y10000000D03*\nD11*\nX20000000Y10000000D03*\nG01*\nX0Y0D02*\nX50000000Y0D01*\nG75*\nG02*\nX60000000Y10000000I0J10000000D01*\nG36*\nX1000000Y1000000D02*\nX5000000Y1000000D01*\nX5000000Y5000000D01*\nX1000000Y1000000D01*\nG37*\nM02*\n";

    private const SHEET = 'xl/worksheets/sheet1.xml';

    /** @var array<string, string> */
    private array $kit = [];
    /** @var list<string> */
    private array $samples = [];

    public function samples(): array
    {
        if ($this->samples === []) {
            $root = dirname(__DIR__, 2) . '/database/demo';
            foreach (['kiln-watch', 'frost-bell', 'halt-signal'] as $kit) {
                foreach (array_filter((array) glob("{$root}/{$kit}/*"), is_file(...)) as $path) {
                    $this->samples[] = basename((string) $path) . "\n" . file_get_contents((string) $path);
                }
            }
            $list = (string) file_get_contents("{$root}/kiln-watch/bom.csv");
            array_push(
                $this->samples,
                "top.gbr\n" . self::LAYER,
                "list.xlsx\n" . self::workbook(),
                'list.xlsx+' . self::SHEET . "\n" . self::part(self::SHEET),
                "list.xlsx+xl/sharedStrings.xml\n" . self::part('xl/sharedStrings.xml'),
                "kit.zip\n" .
                    self::zip(['bom.csv' => $list, 'kit.json' => '{"format": 1, "name": "Z", "revision": "A"}']),
                "masses.csv\nDesignator,Mass\nR1,0.25 g\nC1,1.2\n",
                'bom.tsv' . "\n" . str_replace(',', "\t", $list),
            );
        }

        return $this->samples;
    }

    public function take(string $input): void
    {
        [$name, $bytes] = explode("\n", $input, 2) + ['', ''];
        $this->kit =
            $this->kit === []
                ? (new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/kiln-watch')
                : $this->kit;
        try {
            [$file, $part] = explode('+', $name, 2) + ['', ''];
            $read = (new KitFiles())->fromBytes(
                $file,
                $part === '' ? $bytes : self::zip([$part => $bytes], self::workbook()),
            );
            $kit = (new KitReader())->read($read + $this->kit);
            if (count($kit->parts) <= self::SMALL) {
                $documents = new KitDocuments($kit);
                foreach (['parts', 'check', 'marks'] as $document) {
                    json_encode($documents->document($document), JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
                }
            }
        } catch (UnusableFile | ChiralexException $why) {
            if (trim($why->getMessage()) === '' || strlen($why->getMessage()) > Limits::CELL) {
                throw new UnclearRefusal($why);
            }
        }
    }

    private static function workbook(): string
    {
        static $bytes = null;
        if (is_string($bytes)) {
            return $bytes;
        }
        $book = new Spreadsheet();
        $book
            ->getActiveSheet()
            ->fromArray([
                ['Ref', 'Value', 'Package', 'Qty'],
                ['R1,R2', '10k', 'Axial 1/4W', 2],
                ['C1', '100n', 'disc 5mm', 1],
                ['D1', '1N4148', 'DO-35', 1],
            ]);
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        (new Xlsx($book))->save($path);
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    private static function part(string $name): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($path, self::workbook());
        $part = (string) file_get_contents("zip://{$path}#{$name}");
        unlink($path);

        return $part;
    }

    /** @param array<string, string> $files */
    private static function zip(array $files, string $into = ''): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kit');
        file_put_contents($path, $into);
        $zip = new ZipArchive();
        $zip->open($path, $into === '' ? ZipArchive::OVERWRITE : 0);
        foreach ($files as $name => $bytes) {
            $zip->addFromString((string) $name, $bytes);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
