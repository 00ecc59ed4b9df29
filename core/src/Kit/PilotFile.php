<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Table\CsvReader;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Exception\UnreadableTable;

/**
 * pilot.csv row by row, as text; rows are counted from 1.
 *
 * @phpstan-type PilotRow array<string, string>
 */
final readonly class PilotFile
{
    public const NAME = 'pilot.csv';
    private const LONGEST = [
        'build' => 4,
        'step' => 400,
        'minutes' => 12,
        'snag' => 500,
        'settled' => 3,
        'photo' => 64,
        'reading' => 40,
    ];

    /** @param list<PilotRow> $rows a cell for each column */
    private function __construct(public array $rows) {}

    /**
     * @param ?string $bytes null where nothing is logged
     * @throws UnreadableTable when it is no table
     */
    public static function read(?string $bytes): self
    {
        if ($bytes === null) {
            return new self([]);
        }
        $table = (new CsvReader())->read($bytes, self::NAME);
        $columns = array_flip(
            array_map(static fn(string $header): string => mb_strtolower(trim($header)), $table->headers),
        );
        $rows = [];
        foreach ($table->rows as $row) {
            $cells = [];
            foreach (self::columns() as $name) {
                $cells[$name] = isset($columns[$name]) ? $row->cell($columns[$name]) : '';
            }
            $rows[] = $cells;
        }

        return new self($rows);
    }

    /**
     * @param int $before the number that the new row gets
     * @param PilotRow $row
     */
    public function withRow(int $before, array $row): self
    {
        $rows = $this->rows;
        array_splice($rows, $before - 1, 0, [$row]);

        return new self($rows);
    }

    /**
     * @param ?PilotRow $row null takes the row out
     * @throws UnusableEdit when there is no such row
     */
    public function withRowAt(int $number, ?array $row): self
    {
        $rows = $this->rows;
        $this->row($number);
        array_splice($rows, $number - 1, 1, $row === null ? [] : [$row]);

        return new self($rows);
    }

    /**
     * @return PilotRow
     * @throws UnusableEdit when there is no such row
     */
    public function row(int $number): array
    {
        return $this->rows[$number - 1] ?? throw UnusableEdit::row((string) $number, self::NAME, count($this->rows));
    }

    /** @return ?string null where nothing is logged */
    public function write(): ?string
    {
        if ($this->rows === []) {
            return null;
        }
        $records = [1 => self::columns()];
        foreach ($this->rows as $row) {
            $records[] = array_map(static fn(string $column): string => $row[$column] ?? '', self::columns());
        }

        return (new CsvWriter())->records($records);
    }

    /**
     * @param mixed $cells column to text; what is not named is empty
     * @return PilotRow
     * @throws UnusableEdit when a cell is too long or not of its column; the message names it
     */
    public static function checked(mixed $cells): array
    {
        if (!is_array($cells)) {
            throw UnusableEdit::value('a row of the log', 'its columns with their texts');
        }
        $unknown = array_diff(array_map(strval(...), array_keys($cells)), self::columns());
        if ($unknown !== []) {
            throw UnusableEdit::unknown('column of the log', array_values($unknown)[0], self::columns());
        }
        $row = [];
        foreach (self::LONGEST as $column => $longest) {
            $text = EditValue::text("{$column} in the log", $cells[$column] ?? '', $longest);
            $row[$column] = trim((string) preg_replace('~\s+~u', ' ', $text));
        }
        if ($row['step'] === '') {
            throw UnusableEdit::value('step in the log', 'said');
        }
        if ($row['photo'] !== '' && preg_match('~^[0-9a-f]{64}$~', $row['photo']) !== 1) {
            throw UnusableEdit::value('photo in the log', 'the name of a kept photograph');
        }
        if ($row['minutes'] !== '' && !is_numeric($row['minutes'])) {
            throw UnusableEdit::value('minutes in the log', 'a number');
        }

        return $row;
    }

    /** @return list<string> */
    private static function columns(): array
    {
        return array_keys(self::LONGEST);
    }
}
