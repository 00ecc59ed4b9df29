<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Queries\Stock\PartNames;
use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;

/** Receipts from a table: `part, lot, quantity, unit_cost, received, supplier`, a row for each lot. */
final readonly class ShelfCsv
{
    private const NEEDED = ['part', 'lot', 'quantity'];
    private const DAY = '~^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])$~D';
    private const LOT = 40;
    private const MOST = '99999999';

    public function __construct(private PartNames $names) {}

    /**
     * @return non-empty-list<Receipt>
     * @throws UnreadableTable when it is no table, or lacks a column
     * @throws ImpossibleLot when rows are unusable; all of them are named, and nothing is booked
     */
    public function read(string $bytes, string $name, string $today): array
    {
        $table = (new CsvReader())->read($bytes, $name);
        $columns = array_flip(
            array_map(static fn(string $header): string => mb_strtolower(trim($header)), $table->headers),
        );
        foreach (self::NEEDED as $needed) {
            if (!isset($columns[$needed])) {
                throw UnreadableTable::noColumn($name, $needed, $table->headers);
            }
        }
        $known = $this->names->all();
        $receipts = $faults = $seen = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $column): string => isset($columns[$column])
                ? trim($row->cell($columns[$column]))
                : '';
            $prints = $known[mb_strtolower($cell('part'))] ?? [];
            $lot = mb_strtolower("{$cell('part')}|{$cell('lot')}");
            $fault = $this->fault($cell, $prints, $seen[$lot] ?? null);
            $seen[$lot] ??= $row->number;
            if ($fault !== null) {
                $faults[] = "{$name}, row {$row->number}, {$fault}";
                continue;
            }
            $receipts[] = new Receipt(
                $prints[0],
                $cell('lot'),
                self::number($cell('quantity')) ?? BigDecimal::zero(),
                self::number($cell('unit_cost')) ?? BigDecimal::zero(),
                $cell('received') === '' ? $today : $cell('received'),
                mb_substr($cell('supplier'), 0, 80),
            );
        }
        if ($faults !== [] || $receipts === []) {
            throw ImpossibleLot::rows($faults === [] ? ["{$name} holds no lots."] : $faults);
        }

        return $receipts;
    }

    /**
     * @param callable(string): string $cell
     * @param list<string> $prints of parts with that name
     */
    private function fault(callable $cell, array $prints, ?int $before): ?string
    {
        return match (true) {
            $cell('part') === '' => 'column part: it is empty; write the part number or the value.',
            $prints === [] => "column part: no kit has \"{$cell(
                'part',
            )}\"; write the part number of the Library, or the value.",
            count($prints) > 1 => "column part: \"{$cell(
                'part',
            )}\" is the name of several parts; give them numbers in the Library.",
            $cell('lot') === '' => 'column lot: it is empty; write the code on the bag, or the day.',
            mb_strlen($cell('lot')) > self::LOT => 'column lot: it is longer than 40 characters; shorten it.',
            $before !== null => "column lot: row {$before} has the same part and lot; put both into one row.",
            default => $this->wrongFigure($cell),
        };
    }

    /** @param callable(string): string $cell */
    private function wrongFigure(callable $cell): ?string
    {
        $quantity = self::number($cell('quantity'));
        $cost = $cell('unit_cost') === '' ? BigDecimal::zero() : self::number($cell('unit_cost'));

        return match (true) {
            $quantity === null || !$quantity->isGreaterThan(0) || $quantity->isGreaterThan(self::MOST)
                => "column quantity: \"{$cell('quantity')}\" is no count above 0; write it like 200.",
            $cost === null => "column unit_cost: \"{$cell('unit_cost')}\" is no price; write it like 0.0125.",
            $cell('received') !== '' && preg_match(self::DAY, $cell('received')) !== 1 => "column received: \"{$cell(
                'received',
            )}\" is no day; write it like 2026-11-03.",
            default => null,
        };
    }

    public static function number(string $text): ?BigDecimal
    {
        if (preg_match('~^\d{1,12}(?:[.,]\d{1,8})?$~D', $text) !== 1) {
            return null;
        }
        try {
            return BigDecimal::of(str_replace(',', '.', $text));
        } catch (MathException) {
            return null;
        }
    }
}
