<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Kit;
use App\Models\Shop;
use Chiralex\Kit\OptionChoice;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Trade\Dealing;

/**
 * Orders from a table: `number, date, customer, email, address, kit, quantity, price, currency, options, pack, dealing`, a row for each
 * line. `kit` may name any article of the shop.
 */
final readonly class OrderCsv
{
    private const NEEDED = ['number', 'date', 'customer', 'kit', 'quantity'];

    /**
     * @return list<NewOrder>
     * @throws UnreadableTable when it is no table
     * @throws BadOrders when rows are unusable; all of them are named, and nothing is booked
     */
    public function read(string $bytes, string $name): array
    {
        $table = (new CsvReader())->read($bytes, $name);
        $columns = array_flip(
            array_map(static fn(string $header): string => mb_strtolower(trim($header)), $table->headers),
        );
        $missing = array_values(array_diff(self::NEEDED, array_keys($columns)));
        if ($missing !== []) {
            throw BadOrders::columns($name, $missing);
        }
        $sold = $this->sold();
        $orders = $faults = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $column): string => isset($columns[$column])
                ? trim($row->cell($columns[$column]))
                : '';
            $fault = $this->fault($cell, $sold);
            if ($fault !== null) {
                $faults[] = "{$name}, row {$row->number}, {$fault}";
                continue;
            }
            $orders[$cell('number')]['first'] ??= [
                'date' => $cell('date'),
                'name' => mb_substr($cell('customer'), 0, 120),
                'email' => mb_substr($cell('email'), 0, 190),
                'address' => $cell('address'),
            ];
            $orders[$cell('number')]['lines'][] = [
                'article' => $this->article($cell, $sold),
                'quantity' => (int) $cell('quantity'),
                'unitPrice' => self::minor($cell('price')) ?? 0,
                'currency' => $cell('currency') === '' ? Shop::ours()->currency : strtoupper($cell('currency')),
            ];
        }
        if ($faults !== [] || $orders === []) {
            throw BadOrders::rows($faults === [] ? ["{$name} holds no orders"] : $faults);
        }

        return array_map(
            static fn(string|int $number, array $order): NewOrder => new NewOrder(
                (string) $number,
                $order['first']['date'],
                $order['first']['name'],
                $order['first']['email'],
                $order['first']['address'],
                $order['lines'],
            ),
            array_keys($orders),
            array_values($orders),
        );
    }

    /** @return array<string, array{kit: ?int, article: ?int}> name, in small letters, to the kit or the article of that name */
    private function sold(): array
    {
        $sold = [];
        foreach (Article::query()->whereNotNull('name')->whereNull('retired_at')->get() as $article) {
            $sold[mb_strtolower((string) $article->name)] = ['kit' => null, 'article' => $article->id];
        }
        foreach (Kit::query()->get() as $kit) {
            $sold[mb_strtolower($kit->name)] = ['kit' => $kit->id, 'article' => null];
        }

        return $sold;
    }

    /**
     * @param callable(string): string $cell
     * @param array<string, array{kit: ?int, article: ?int}> $sold
     */
    private function article(callable $cell, array $sold): int|PackedAs
    {
        $named = $sold[mb_strtolower($cell('kit'))] ?? ['kit' => null, 'article' => 0];

        return $named['article'] ??
            new PackedAs(
                $named['kit'] ?? 0,
                self::options($cell('options')),
                (int) ($cell('pack') === '' ? '1' : $cell('pack')),
                Dealing::tryFrom($cell('dealing')) ?? Dealing::Single,
            );
    }

    /** `Box = drilled, power=jack` as one text. */
    public static function options(string $text): string
    {
        $pairs = OptionChoice::parse(str_replace(',', ';', $text));

        return implode(
            ';',
            array_map(static fn(string $name, string $value): string => "{$name}={$value}", array_keys($pairs), $pairs),
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
     * @param array<string, array{kit: ?int, article: ?int}> $sold
     */
    private function fault(callable $cell, array $sold): ?string
    {
        return match (true) {
            $cell('number') === '' || mb_strlen($cell('number')) > 40
                => 'number: an order needs one of at most 40 characters.',
            preg_match('~^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$~', $cell('date')) !== 1 => "date: \"{$cell(
                'date',
            )}\" is none; write it like 2026-11-25.",
            $cell('customer') === '' => 'customer: nobody named.',
            !isset($sold[mb_strtolower($cell('kit'))]) => "kit: \"{$cell(
                'kit',
            )}\" is not on the Shelf, nor an article of Stock.",
            preg_match('~^[1-9]\d{0,2}$~', $cell('quantity')) !== 1 => "quantity: \"{$cell(
                'quantity',
            )}\" is no whole number from 1 to 999.",
            self::minor($cell('price')) === null => "price: \"{$cell('price')}\" is none; write it like 18.50.",
            preg_match('~^([A-Za-z]{3})?$~', $cell('currency')) !== 1 => "currency: \"{$cell(
                'currency',
            )}\" is none; write three letters like EUR.",
            !in_array($cell('pack'), ['', '1', '5', '10', '20'], true) => "pack: \"{$cell(
                'pack',
            )}\" is none; a class pack has 5, 10 or 20 kits, a single kit 1.",
            !in_array($cell('dealing'), ['', 'kind', 'pupil'], true) => "dealing: \"{$cell(
                'dealing',
            )}\" is none; write kind or pupil.",
            default => null,
        };
    }
}
