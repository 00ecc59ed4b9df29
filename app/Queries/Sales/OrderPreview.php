<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Actions\Sales\NewOrder;
use App\Actions\Sales\OrderColumns;
use App\Actions\Sales\OrderCsv;
use App\Actions\Sales\OrderDifference;
use App\Actions\Sales\OrderReading;
use App\Actions\Sales\OrderRows;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Row;

/** What a table of orders would book, row by row, before anything is booked. */
final readonly class OrderPreview
{
    private const SAMPLES = 3;
    /** Rows that are shown; all are counted. */
    private const SHOWN = 200;

    public function __construct(private OrderCsv $csv) {}

    /**
     * @return array<string, mixed>
     * @throws UnreadableTable when it is no table
     */
    public function of(string $bytes, string $name, OrderReading $how): array
    {
        $read = $this->csv->read($bytes, $name, $how);
        $rows = $this->rows($read);
        $count = static fn(string $state): int => count(
            array_filter($rows, static fn(array $row): bool => $row['state'] === $state),
        );

        return [
            'name' => $name,
            'headers' => array_map(
                static fn(int $column, string $header): array => [
                    'header' => $header === '' ? 'column ' . ($column + 1) : $header,
                    'samples' => self::samples($read, $column),
                ],
                array_keys($read->table->headers),
                $read->table->headers,
            ),
            'columns' => array_map(
                static fn(string $field): array => [
                    'field' => $field,
                    'column' => $read->columns->columns[$field] ?? null,
                    'needed' => in_array($field, OrderColumns::NEEDED, true),
                ],
                array_keys(OrderColumns::FIELDS),
            ),
            'daysOpen' => $read->daysOpen || $how->dayFirst !== null,
            'dayFirst' => $how->dayFirst,
            'unknown' => $read->unknown,
            'new' => $count('new'),
            'known' => $count('known'),
            'differ' => $count('differs'),
            'bad' => count($read->faults),
            'rows' => array_slice($rows, 0, self::SHOWN),
            'more' => max(0, count($rows) - self::SHOWN),
        ];
    }

    /** @return list<array{row: int, number: string, customer: string, state: string, says: list<string>}> an order each, and each bad row, as the table has them */
    private function rows(OrderRows $read): array
    {
        $told = OrderDifference::of(array_column($read->orders, 'order'));
        $rows = [];
        foreach ($read->orders as ['order' => $order, 'rows' => $at]) {
            $differs = $told[$order->number] ?? null;
            $rows[] = [
                'row' => $at[0],
                'number' => $order->number,
                'customer' => $order->name,
                'state' => match ($differs) {
                    null => 'new',
                    [] => 'known',
                    default => 'differs',
                },
                'says' => $differs ?? [self::sum($order)],
            ];
        }
        foreach ($read->faults as $fault) {
            $rows[] = [
                'row' => $fault['row'],
                'number' => $fault['number'],
                'customer' => '',
                'state' => 'bad',
                'says' => ["{$fault['field']}: {$fault['says']}"],
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $a['row'] <=> $b['row']);

        return $rows;
    }

    private static function sum(NewOrder $order): string
    {
        $pieces = array_sum(array_column($order->lines, 'quantity'));
        $minor = array_sum(
            array_map(static fn(array $line): int => $line['quantity'] * $line['unitPrice'], $order->lines),
        );

        return "{$order->placedOn}, {$pieces} " .
            ($pieces === 1 ? 'piece' : 'pieces') .
            ', ' .
            number_format($minor / 100, 2, '.', '') .
            " {$order->lines[0]['currency']}";
    }

    /** @return list<string> */
    private static function samples(OrderRows $read, int $column): array
    {
        $cells = array_map(static fn(Row $row): string => mb_substr($row->cell($column), 0, 40), $read->table->rows);

        return array_slice(
            array_values(array_unique(array_filter($cells, static fn(string $cell): bool => $cell !== ''))),
            0,
            self::SAMPLES,
        );
    }
}
