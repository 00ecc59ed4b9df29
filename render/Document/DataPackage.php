<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Kit\Kit;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;

/**
 * The description of a kit folder: datapackage.json of a Frictionless Data Package (specification version 1, data packages
 * and table schema).
 *
 * @phpstan-type Described array<string, mixed>
 */
final readonly class DataPackage
{
    /** Columns of the tables that Chiralex itself gives a meaning: name to type. */
    private const TYPES = [
        'quantity' => 'integer',
        'qty' => 'integer',
        'x' => 'number',
        'y' => 'number',
        'rotation' => 'number',
        'pieces' => 'integer',
        'grams' => 'number',
        'unit_price' => 'number',
        'minimum' => 'integer',
        'multiple' => 'integer',
        'value' => 'string',
        'date' => 'date',
        'build' => 'integer',
        'minutes' => 'number',
    ];
    private const ENCODINGS = ['UTF-8' => 'utf-8', 'UTF-16' => 'utf-16', 'Windows-1252' => 'windows-1252'];

    /**
     * @param array<string, string> $files of the folder, name to bytes
     * @return array<string, mixed>
     */
    public function of(Kit $kit, array $files): array
    {
        $resources = [];
        ksort($files);
        foreach ($files as $name => $bytes) {
            $resources[] = $this->resource($name, $bytes);
        }

        return [
            'profile' => 'data-package',
            'name' => $this->name("{$kit->head->name} {$kit->head->revision}"),
            'title' => "{$kit->head->name}, revision {$kit->head->revision}",
            'version' => $kit->head->revision,
            'resources' => $resources,
        ];
    }

    /** @return Described */
    private function resource(string $path, string $bytes): array
    {
        $facts = [
            'name' => $this->name($path),
            'path' => $path,
            'bytes' => strlen($bytes),
            'hash' => 'sha256:' . hash('sha256', $bytes),
        ];
        if (preg_match('~\.(csv|tsv|txt)$~', $path) === 1) {
            try {
                return $facts + $this->table((new CsvReader())->read($bytes, $path));
            } catch (UnreadableTable) {
                // A file that is no table is still part of the folder.
                return $facts + ['format' => pathinfo($path, PATHINFO_EXTENSION)];
            }
        }

        return $facts +
            match (pathinfo($path, PATHINFO_EXTENSION)) {
                'json' => ['format' => 'json', 'mediatype' => 'application/json', 'encoding' => 'utf-8'],
                default => ['format' => pathinfo($path, PATHINFO_EXTENSION)],
            };
    }

    /** @return Described */
    private function table(Table $table): array
    {
        $fields = [];
        foreach ($table->headers as $index => $header) {
            $name = $header === '' ? 'column ' . ($index + 1) : $header;
            $fields[] = [
                'name' => $name,
                'type' => $this->type($table, $index, self::TYPES[mb_strtolower($name)] ?? 'string'),
            ];
        }

        return [
            'profile' => 'tabular-data-resource',
            'format' => 'csv',
            'mediatype' => 'text/csv',
            'encoding' => self::ENCODINGS[$table->encoding] ?? 'utf-8',
            'dialect' => ['delimiter' => $table->separator, 'header' => true, 'skipInitialSpace' => true],
            'schema' => ['fields' => $fields, 'missingValues' => ['']],
        ];
    }

    /** A type that some cell does not have is none: `12.3mm` is a string. */
    private function type(Table $table, int $column, string $type): string
    {
        $pattern = match ($type) {
            'integer' => '~^-?\d+$~',
            'number' => '~^-?\d+(\.\d+)?$~',
            'date' => '~^\d{4}-\d\d-\d\d$~',
            default => null,
        };
        foreach ($table->rows as $row) {
            $cell = $row->cell($column);
            if ($pattern !== null && $cell !== '' && preg_match($pattern, $cell) !== 1) {
                return 'string';
            }
        }

        return $type;
    }

    /** Small letters, figures, points, dashes and underscores. */
    private function name(string $text): string
    {
        return trim((string) preg_replace('~[^a-z0-9._-]+~', '-', mb_strtolower($text)), '-') ?: 'kit';
    }
}
