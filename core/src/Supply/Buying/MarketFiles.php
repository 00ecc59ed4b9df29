<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Supply\Exception\UnusableMarket;
use Chiralex\Table\ColumnCells;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Row;
use Chiralex\Table\Table;

/** offers.csv, suppliers.csv and shelf.csv; a row that cannot be used is told, the others are read. */
final readonly class MarketFiles
{
    private const PIECES = '~^[1-9]\d{0,8}$~D';
    private const PRICE = '~^\d{1,7}(?:[.,]\d{1,10})?$~D';
    private const AMOUNT = '~^\d{1,9}(?:[.,]\d{1,2})?$~D';
    private const QUANTITY = '~^\d{1,9}(?:[.,]\d{1,3})?$~D';
    private const CURRENCY = '~^[A-Z]{3}$~D';

    /** @param array<string, int> $lines names that a file may call a line by, in small letters, to its row in the parts list */
    public function __construct(private array $lines) {}

    /**
     * @param list<Problem> $problems what cannot be used is told here
     * @return list<Supplier>
     * @throws UnreadableTable when a column is missing
     */
    public function suppliers(Table $table, array &$problems): array
    {
        $columns = ColumnCells::of($table, ['supplier', 'currency', 'shipping']);
        $all = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            $currency = strtoupper($cell('currency'));
            $fault = match (true) {
                $cell('supplier') === '' => ['supplier', 'buy.no-supplier'],
                isset($all[mb_strtolower($cell('supplier'))]) => ['supplier', 'buy.supplier-twice'],
                preg_match(self::CURRENCY, $currency) !== 1 => ['currency', 'buy.currency'],
                !self::isAmount($cell('shipping')) => ['shipping', 'buy.amount'],
                !self::isAmount($cell('free_from')) => ['free_from', 'buy.amount'],
                !self::isAmount($cell('least_order')) => ['least_order', 'buy.amount'],
                preg_match('~^\d{0,4}$~D', $cell('lead_days')) !== 1 => ['lead_days', 'buy.days'],
                default => null,
            };
            if ($fault !== null) {
                $problems[] = self::told($table, $row, $fault[1], $fault[0], $cell($fault[0]));
                continue;
            }
            $all[mb_strtolower($cell('supplier'))] = new Supplier(
                $cell('supplier'),
                $currency,
                self::minor($cell('shipping')) ?? 0,
                self::minor($cell('free_from')),
                self::minor($cell('least_order')),
                $cell('lead_days') === '' ? null : (int) $cell('lead_days'),
            );
        }

        return array_values($all);
    }

    /**
     * @param list<Supplier> $suppliers one that is asked and not listed ships without cost
     * @param list<Problem> $problems
     * @return array{list<Supplier>, array<int, list<Tariff>>} all suppliers, and tariffs by the row of the line
     * @throws UnreadableTable when a column is missing
     */
    public function offers(Table $table, array $suppliers, bool $isListed, array &$problems): array
    {
        $columns = ColumnCells::of($table, ['part', 'supplier', 'currency', 'from', 'unit_price']);
        $known = [];
        foreach ($suppliers as $at => $supplier) {
            $known[mb_strtolower($supplier->name)] = $at;
        }
        $book = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            $fault = $this->wrong($cell);
            $name = mb_strtolower($cell('supplier'));
            $currency = strtoupper($cell('currency'));
            if ($fault === null && !isset($known[$name]) && $isListed) {
                $fault = ['supplier', 'buy.unlisted'];
            }
            if ($fault === null && !isset($known[$name])) {
                $known[$name] = count($suppliers);
                $suppliers[] = new Supplier($cell('supplier'), $currency);
            }
            if ($fault === null && $suppliers[$known[$name]]->currency !== $currency) {
                $fault = ['currency', 'buy.other-currency'];
            }
            if ($fault !== null) {
                $problems[] = self::told($table, $row, $fault[1], $fault[0], $cell($fault[0]));
                continue;
            }
            $line = $this->lines[mb_strtolower($cell('part'))] ?? null;
            if ($line === null) {
                $problems[] = self::told($table, $row, 'buy.stranger', 'part', $cell('part'), ProblemSeverity::Warning);
                continue;
            }
            $this->note($table, $row, $cell, $line, $known[$name], $book, $problems);
        }

        return [$suppliers, $this->tariffs($book, $table, $problems)];
    }

    /**
     * Pieces on the shelf by the row of the line.
     *
     * @param list<Problem> $problems
     * @return array<int, BigDecimal>
     * @throws UnreadableTable when a column is missing
     */
    public function shelf(Table $table, array &$problems): array
    {
        $columns = ColumnCells::of($table, ['part', 'quantity']);
        $shelf = [];
        foreach ($table->rows as $row) {
            $part = $columns->cell($row, 'part');
            $quantity = $columns->cell($row, 'quantity');
            if ($part === '' || preg_match(self::QUANTITY, $quantity) !== 1) {
                $problems[] = self::told(
                    $table,
                    $row,
                    $part === '' ? 'buy.no-part' : 'buy.quantity',
                    $part === '' ? 'part' : 'quantity',
                    $quantity,
                );
                continue;
            }
            $line = $this->lines[mb_strtolower($part)] ?? null;
            if ($line === null) {
                $problems[] = self::told($table, $row, 'buy.stranger', 'part', $part, ProblemSeverity::Warning);
                continue;
            }
            $shelf[$line] = ($shelf[$line] ?? BigDecimal::zero())->plus(self::decimal($quantity));
        }

        return $shelf;
    }

    /**
     * @param callable(string): string $cell
     * @return ?array{string, string} the column that cannot be read, and what is said of it
     */
    private function wrong(callable $cell): ?array
    {
        return match (true) {
            $cell('part') === '' => ['part', 'buy.no-part'],
            $cell('supplier') === '' => ['supplier', 'buy.no-supplier'],
            preg_match(self::CURRENCY, strtoupper($cell('currency'))) !== 1 => ['currency', 'buy.currency'],
            preg_match(self::PIECES, $cell('from')) !== 1 => ['from', 'buy.pieces'],
            preg_match(self::PRICE, $cell('unit_price')) !== 1 => ['unit_price', 'buy.price'],
            $cell('minimum') !== '' && preg_match(self::PIECES, $cell('minimum')) !== 1 => ['minimum', 'buy.pieces'],
            $cell('multiple') !== '' && preg_match(self::PIECES, $cell('multiple')) !== 1 => ['multiple', 'buy.pieces'],
            preg_match('~^\d{0,9}$~D', $cell('available')) !== 1 => ['available', 'buy.pieces'],
            default => null,
        };
    }

    /**
     * @param callable(string): string $cell
     * @param array<string, array{line: int, supplier: int, row: int, terms: array{string, string, string}, breaks: array<int, array{price: BigDecimal, row: int}>}> $book
     * @param list<Problem> $problems
     */
    private function note(
        Table $table,
        Row $row,
        callable $cell,
        int $line,
        int $supplier,
        array &$book,
        array &$problems,
    ): void {
        $key = "{$line} {$supplier}";
        $terms = [$cell('minimum'), $cell('multiple'), $cell('available')];
        $book[$key] ??= [
            'line' => $line,
            'supplier' => $supplier,
            'row' => $row->number,
            'terms' => $terms,
            'breaks' => [],
        ];
        foreach (['minimum', 'multiple', 'available'] as $at => $name) {
            if ($terms[$at] !== '' && $book[$key]['terms'][$at] !== '' && $terms[$at] !== $book[$key]['terms'][$at]) {
                $problems[] = self::told(
                    $table,
                    $row,
                    'buy.disagree',
                    $name,
                    "{$terms[$at]}, row {$book[$key]['row']}: {$book[$key]['terms'][$at]}",
                );

                return;
            }
            $book[$key]['terms'][$at] = $book[$key]['terms'][$at] === '' ? $terms[$at] : $book[$key]['terms'][$at];
        }
        $from = (int) $cell('from');
        $before = $book[$key]['breaks'][$from] ?? null;
        if ($before !== null && !$before['price']->isEqualTo(self::decimal($cell('unit_price')))) {
            $problems[] = self::told($table, $row, 'buy.break-twice', 'from', "{$from}, row {$before['row']}");

            return;
        }
        $book[$key]['breaks'][$from] ??= ['price' => self::decimal($cell('unit_price')), 'row' => $row->number];
    }

    /**
     * @param array<string, array{line: int, supplier: int, row: int, terms: array{string, string, string}, breaks: array<int, array{price: BigDecimal, row: int}>}> $book
     * @param list<Problem> $problems
     * @return array<int, list<Tariff>>
     */
    private function tariffs(array $book, Table $table, array &$problems): array
    {
        $tariffs = [];
        foreach ($book as $each) {
            $breaks = [];
            foreach ($each['breaks'] as $from => $break) {
                $breaks[] = ['from' => $from, 'price' => $break['price']];
            }
            if ($breaks === []) {
                continue;
            }
            [$minimum, $multiple, $available] = $each['terms'];
            $tariff = Tariff::with(
                $each['supplier'],
                $breaks,
                $minimum === '' ? 1 : (int) $minimum,
                $multiple === '' ? 1 : (int) $multiple,
                $available === '' ? null : (int) $available,
            );
            if ($tariff->rises()) {
                $problems[] = new Problem(
                    ProblemSeverity::Warning,
                    'buy.rises',
                    ['text' => ''],
                    $table->file,
                    $each['row'],
                    'unit_price',
                );
            }
            $tariffs[$each['line']][] = $tariff;
        }

        return $tariffs;
    }

    private static function told(
        Table $table,
        Row $row,
        string $code,
        string $column,
        string $text,
        ProblemSeverity $severity = ProblemSeverity::Error,
    ): Problem {
        return new Problem($severity, $code, ['text' => $text], $table->file, $row->number, $column);
    }

    private static function isAmount(string $text): bool
    {
        return $text === '' || preg_match(self::AMOUNT, $text) === 1;
    }

    private static function minor(string $text): ?int
    {
        return $text === '' ? null : self::decimal($text)->withPointMovedRight(2)->toScale(0)->toInt();
    }

    private static function decimal(string $text): BigDecimal
    {
        return BigDecimal::of(str_replace(',', '.', $text));
    }

    /**
     * The market of those that sell a part of the kit, with what their money is worth.
     *
     * @param list<Supplier> $suppliers
     * @param array<string, Rate> $rates by currency
     * @param array<int, list<Tariff>> $tariffs by row
     * @return array{Market, array<int, list<Tariff>>} tariffs name suppliers by their place in the market
     * @throws UnusableMarket when a currency has no rate
     */
    public static function asked(string $currency, array $suppliers, array $rates, array $tariffs): array
    {
        $places = $sellers = [];
        foreach ($tariffs as $each) {
            foreach ($each as $tariff) {
                $places[$tariff->supplier] = true;
            }
        }
        ksort($places);
        foreach (array_keys($places) as $place => $was) {
            $places[$was] = $place;
            $sellers[] = $suppliers[$was];
        }
        $moved = array_map(
            static fn(array $each): array => array_map(
                static fn(Tariff $tariff): Tariff => $tariff->of((int) $places[$tariff->supplier]),
                $each,
            ),
            $tariffs,
        );

        return [
            new Market(
                $currency,
                $sellers,
                array_map(
                    static fn(Supplier $supplier): Rate => $supplier->currency === $currency
                        ? Rate::same()
                        : $rates[$supplier->currency] ??
                            throw UnusableMarket::noRate($supplier->currency, $supplier->name, $currency),
                    $sellers,
                ),
            ),
            $moved,
        ];
    }
}
