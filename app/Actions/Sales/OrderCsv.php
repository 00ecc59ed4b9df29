<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Shop;
use Chiralex\Kit\OptionChoice;
use Chiralex\Table\CsvReader;
use Chiralex\Table\DayColumn;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Row;
use Chiralex\Trade\Dealing;

/** Orders from a table, a row for each line; what it calls its columns, its days and its articles is found, or said. */
final readonly class OrderCsv
{
    /** What all rows of an order have in common. */
    private const ONCE = ['date', 'customer', 'email'];

    /**
     * @throws UnreadableTable when it is no table
     * @throws BadOrders when a column is missing that somebody said
     */
    public function read(string $bytes, string $name, OrderReading $how): OrderRows
    {
        $table = (new CsvReader())->read($bytes, $name);
        $columns = OrderColumns::of($table, $how->columns);
        if ($columns->missing() !== []) {
            return new OrderRows($table, $columns, [], [], [], false);
        }
        $sold = SoldNames::all($how->names);
        $ours = Shop::ours()->currency;
        $days = DayColumn::of(
            array_map(static fn(Row $row): string => $columns->cell($row, 'date'), $table->rows),
            $how->dayFirst,
        );
        $orders = $faults = $unknown = $bad = $firsts = [];
        $open = false;
        foreach ($table->rows as $row) {
            $number = $columns->cell($row, 'number');
            $first = $firsts["n {$number}"] ??= $row;
            // Shops name the customer in the first row of an order only.
            $cell = static fn(string $field): string => $columns->cell($row, $field) === '' &&
            in_array($field, self::ONCE, true)
                ? $columns->cell($first, $field)
                : $columns->cell($row, $field);
            $open = $open || $days->isOpen($cell('date'));
            if ($cell('kit') !== '' && $sold->find($cell('kit')) === null) {
                $unknown[$cell('kit')] = true;
            }
            $fault = self::fault($cell, $sold, $days) ?? self::otherwise($cell, $columns, $first);
            if ($fault !== null) {
                $faults[] = ['row' => $row->number, 'number' => $number, 'field' => $fault[0], 'says' => $fault[1]];
                $bad["n {$number}"] = true;
                continue;
            }
            $orders["n {$number}"]['rows'][] = $row->number;
            $orders["n {$number}"]['first'] = $first;
            $orders["n {$number}"]['lines'][] = [
                'article' => self::article($cell, $sold),
                'quantity' => (int) $cell('quantity'),
                'unitPrice' => self::minor($cell('price')) ?? 0,
                'currency' => $cell('currency') === '' ? $ours : strtoupper($cell('currency')),
            ];
        }
        $good = [];
        foreach (array_diff_key($orders, $bad) as $order) {
            $first = $order['first'];
            $good[] = [
                'rows' => $order['rows'],
                'order' => new NewOrder(
                    $columns->cell($first, 'number'),
                    $days->day($columns->cell($first, 'date')) ?? '',
                    mb_substr($columns->cell($first, 'customer'), 0, 120),
                    mb_substr($columns->cell($first, 'email'), 0, 190),
                    mb_substr($columns->address($first), 0, 1000),
                    $order['lines'],
                ),
            ];
        }

        return new OrderRows($table, $columns, $good, $faults, array_map(strval(...), array_keys($unknown)), $open);
    }

    /**
     * @param callable(string): string $cell
     * @return ?array{string, string} field in which two rows of one order disagree
     */
    private static function otherwise(callable $cell, OrderColumns $columns, Row $first): ?array
    {
        foreach (self::ONCE as $field) {
            $said = $columns->cell($first, $field);
            if ($said !== '' && $said !== $cell($field)) {
                return [$field, "\"{$cell($field)}\", but row {$first->number} of the same order says \"{$said}\"."];
            }
        }

        return null;
    }

    /** @param callable(string): string $cell */
    private static function article(callable $cell, SoldNames $sold): int|PackedAs
    {
        $named = $sold->find($cell('kit')) ?? ['kit' => null, 'article' => 0];

        return $named['article'] ??
            new PackedAs(
                $named['kit'] ?? 0,
                OptionChoice::plain(str_replace(',', ';', $cell('options'))),
                (int) ($cell('pack') === '' ? '1' : $cell('pack')),
                Dealing::tryFrom($cell('dealing')) ?? Dealing::Single,
            );
    }

    /** @return ?int minor units of a price such as 18.50; null when it is none */
    public static function minor(string $price): ?int
    {
        $price = $price === '' ? '0' : str_replace(',', '.', $price);

        return preg_match('~^(\d{1,7})(?:\.(\d{1,2}))?$~', $price, $found) === 1
            ? (int) $found[1] * 100 + (int) str_pad($found[2] ?? '', 2, '0')
            : null;
    }

    /**
     * @param callable(string): string $cell
     * @return ?array{string, string} field and what is wrong with it
     */
    private static function fault(callable $cell, SoldNames $sold, DayColumn $days): ?array
    {
        $says = static fn(string $field, string $text): array => [
            $field,
            str_replace('{}', '"' . mb_substr($cell($field), 0, 60) . '"', $text),
        ];

        return match (true) {
            $cell('number') === '' => $says('number', 'an order needs one.'),
            mb_strlen($cell('number')) > 40 => $says('number', '{} has more than 40 characters.'),
            $days->isOpen($cell('date')) => $says('date', '{}: say whether the day or the month stands first.'),
            $days->day($cell('date')) === null => $says('date', '{} is none; write it like 2026-11-25.'),
            $cell('customer') === '' => $says('customer', 'nobody named.'),
            $sold->find($cell('kit')) === null => $says('kit', '{} is not on the Shelf, nor an article of Stock.'),
            preg_match('~^[1-9]\d{0,2}$~', $cell('quantity')) !== 1 => $says(
                'quantity',
                '{} is no whole number from 1 to 999.',
            ),
            self::minor($cell('price')) === null => $says('price', '{} is none; write it like 18.50.'),
            preg_match('~^([A-Za-z]{3})?$~', $cell('currency')) !== 1 => $says(
                'currency',
                '{} is none; write three letters like EUR.',
            ),
            !in_array($cell('pack'), ['', '1', '5', '10', '20'], true) => $says(
                'pack',
                '{} is none; a class pack has 5, 10 or 20 kits, a single kit 1.',
            ),
            !in_array($cell('dealing'), ['', 'kind', 'pupil'], true) => $says(
                'dealing',
                '{} is none; write kind or pupil.',
            ),
            default => null,
        };
    }
}
