<?php

declare(strict_types=1);

namespace Tests\Browser;

use ZipArchive;

/** The files of a demo kit as another program in another country would have written them, and no kit file among them. */
final readonly class ForeignExport
{
    private const HEADERS = [
        'Reference' => 'Bauteil',
        'Qty' => 'Menge',
        'Value' => 'Wert',
        'Package' => 'Gehäuse',
        'Description' => 'Beschreibung',
    ];
    private const LAYERS = [
        'edge.gbr' => 'rahmen.gko',
        'legend-top.gbr' => 'druck.gto',
        'holes.drl' => 'bohrungen.drl',
        'mounting.drl' => 'befestigung.drl',
    ];
    private const MIL = 0.0254;

    public function __construct(private string $folder) {}

    /** @return array<string, string> name to bytes: a list with semicolons, places in mil, layers in an archive without attributes */
    public function files(): array
    {
        return [
            'Stückliste.csv' => $this->list(),
            'Bestückung.csv' => $this->places(),
            'Fertigung.zip' => $this->layers(),
        ];
    }

    private function list(): string
    {
        $rows = array_map($this->fields(...), $this->lines('bom.csv'));
        $keep = array_keys(array_intersect($rows[0], array_keys(self::HEADERS)));
        $rows[0] = array_map(static fn(string $name): string => self::HEADERS[$name] ?? $name, $rows[0]);

        return $this->written(
            array_map(
                static fn(array $row): array => array_map(static fn(int $at): string => $row[$at] ?? '', $keep),
                $rows,
            ),
        );
    }

    private function places(): string
    {
        $rows = array_map($this->fields(...), array_slice($this->lines('placements.csv'), 1));
        $mil = static fn(string $mm): string => number_format((float) $mm / self::MIL, 1, ',', '');

        return $this->written([
            ['Bauteil', 'X (mil)', 'Y (mil)', 'Drehung', 'Seite'],
            ...array_map(
                static fn(array $row): array => [
                    $row[0],
                    $mil($row[1]),
                    $mil($row[2]),
                    $row[3],
                    $row[4] === 'bottom' ? 'unten' : 'oben',
                ],
                $rows,
            ),
        ]);
    }

    private function layers(): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'layers');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach (self::LAYERS as $from => $to) {
            // What programs without attributes leave out: %TF in layers, `#@!` in drill files.
            $lines = array_filter(
                $this->lines($from),
                static fn(string $line): bool => preg_match('~%T[FAOD]|#@!|^G04~', $line) !== 1,
            );
            $zip->addFromString("fertigung/{$to}", implode("\r\n", $lines) . "\r\n");
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return list<string> */
    private function lines(string $name): array
    {
        return explode("\n", trim((string) file_get_contents("{$this->folder}/{$name}")));
    }

    /** @return list<string> */
    private function fields(string $line): array
    {
        return array_map(strval(...), str_getcsv($line, ',', '"', ''));
    }

    /** @param list<list<string>> $rows */
    private function written(array $rows): string
    {
        $cell = static fn(string $text): string => preg_match('~[;"]~', $text) === 1
            ? '"' . str_replace('"', '""', $text) . '"'
            : $text;

        return implode(
            "\r\n",
            array_map(static fn(array $row): string => implode(';', array_map($cell, $row)), $rows),
        ) . "\r\n";
    }
}
