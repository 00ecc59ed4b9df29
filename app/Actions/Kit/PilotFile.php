<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use Chiralex\Table\CsvReader;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Exception\UnreadableTable;

/** The bytes of pilot.csv, row by row. */
final readonly class PilotFile
{
    public const FIELDS = ['build', 'step', 'minutes', 'snag', 'settled', 'photo', 'reading'];
    private const LONGEST = [
        'build' => 4,
        'step' => 400,
        'minutes' => 12,
        'snag' => 500,
        'settled' => 3,
        'photo' => 64,
        'reading' => 40,
    ];

    /** @param ?string $bytes null where nothing is logged */
    public function __construct(public ?string $bytes) {}

    /**
     * A row put behind the others.
     *
     * @return array{self, Change} and what takes it back
     * @throws UnknownChange when the value is no row
     */
    public function with(mixed $value): array
    {
        $rows = $this->rows();
        $rows[] = self::row($value);

        return [self::of($rows), new Change('pilot', (string) count($rows), '', null)];
    }

    /**
     * A row replaced or taken out; with the field `insert` put in before the row of that number.
     *
     * @param int $number from 1
     * @return array{self, Change} and what takes it back
     * @throws UnknownChange when there is no such row, or the value is none
     */
    public function at(int $number, string $field, mixed $value): array
    {
        $rows = $this->rows();
        if ($field === 'insert' && $value !== null) {
            array_splice($rows, $number - 1, 0, [self::row($value)]);

            return [self::of($rows), new Change('pilot', (string) $number, '', null)];
        }
        $before = $rows[$number - 1] ?? throw UnknownChange::row((string) $number, 'pilot.csv');
        if ($value === null) {
            array_splice($rows, $number - 1, 1);

            return [self::of($rows), new Change('pilot', (string) $number, 'insert', $before)];
        }
        $rows[$number - 1] = self::row($value);

        return [self::of($rows), new Change('pilot', (string) $number, '', $before)];
    }

    /** @return list<array<string, string>> */
    public function rows(): array
    {
        if ($this->bytes === null) {
            return [];
        }
        try {
            $table = (new CsvReader())->read($this->bytes, 'pilot.csv');
        } catch (UnreadableTable) {
            return [];
        }
        $columns = array_flip(
            array_map(static fn(string $header): string => mb_strtolower(trim($header)), $table->headers),
        );

        return array_map(
            static fn($row): array => array_combine(
                self::FIELDS,
                array_map(
                    static fn(string $field): string => isset($columns[$field]) ? $row->cell($columns[$field]) : '',
                    self::FIELDS,
                ),
            ),
            $table->rows,
        );
    }

    /**
     * @return array<string, string>
     * @throws UnknownChange
     */
    private static function row(mixed $value): array
    {
        $row = [];
        foreach (self::FIELDS as $field) {
            $cell = is_array($value) ? $value[$field] ?? '' : null;
            if (!is_scalar($cell) || mb_strlen((string) $cell) > self::LONGEST[$field]) {
                throw UnknownChange::pilot($field);
            }
            $row[$field] = trim((string) preg_replace('~\s+~u', ' ', (string) $cell));
        }
        if (
            $row['step'] === '' ||
            ($row['photo'] !== '' && preg_match('~^[0-9a-f]{64}$~', $row['photo']) !== 1) ||
            ($row['minutes'] !== '' && !is_numeric($row['minutes']))
        ) {
            throw UnknownChange::pilot($row['step'] === '' ? 'step' : ($row['photo'] === '' ? 'minutes' : 'photo'));
        }

        return $row;
    }

    /** @param list<array<string, string>> $rows */
    private static function of(array $rows): self
    {
        if ($rows === []) {
            return new self(null);
        }
        $records = [1 => self::FIELDS];
        foreach ($rows as $row) {
            $records[] = array_map(static fn(string $field): string => $row[$field] ?? '', self::FIELDS);
        }

        return new self((new CsvWriter())->records($records));
    }
}
