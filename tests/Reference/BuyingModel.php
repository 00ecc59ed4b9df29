<?php

declare(strict_types=1);

namespace Tests\Reference;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;
use ChiralexAdapters\Program;
use Random\Randomizer;

/** What to buy where, as an integer program of its own: a whole number of multiples in each tier of each tariff. */
final class BuyingModel
{
    private const BIG = 1_000_000;

    /** @return array{Market, list<Demand>, list<array{line: int, supplier: int, from: int, to: int, price: int, multiple: int}>} prices in minor units */
    public static function random(Randomizer $random, int $lines, int $shops): array
    {
        $suppliers = [];
        for ($at = 0; $at < $shops; ++$at) {
            $suppliers[] = new Supplier(
                "S{$at}",
                'EUR',
                $random->getInt(0, 3) === 0 ? 0 : $random->getInt(200, 700),
                $random->getInt(0, 2) === 0 ? null : $random->getInt(1000, 6000),
                $random->getInt(0, 2) === 0 ? $random->getInt(500, 2500) : null,
            );
        }
        $demands = $rows = [];
        for ($line = 0; $line < $lines; ++$line) {
            $tariffs = [];
            $base = $random->getInt(3, 60);
            for ($at = 0; $at < $shops; ++$at) {
                if ($random->getInt(0, 4) === 0) {
                    continue;
                }
                $price = (int) ceil(($base * $random->getInt(80, 130)) / 100);
                $froms = [
                    1,
                    ...array_values(array_filter([10, 25, 50], static fn(): bool => $random->getInt(0, 1) === 1)),
                ];
                $multiple = [1, 1, 5, 10][$random->getInt(0, 3)];
                $available = $random->getInt(0, 4) === 0 ? $random->getInt(10, 60) : null;
                $breaks = [];
                foreach ($froms as $index => $from) {
                    $breaks[] = ['from' => $from, 'price' => BigDecimal::ofUnscaledValue($price, 2)];
                    $to = isset($froms[$index + 1]) ? $froms[$index + 1] - 1 : self::BIG;
                    $rows[] = [
                        'line' => $line,
                        'supplier' => $at,
                        'from' => max($from, $multiple),
                        'to' => min($to, $available ?? self::BIG),
                        'price' => $price,
                        'multiple' => $multiple,
                    ];
                    $price = max(1, (int) floor(($price * $random->getInt(70, 97)) / 100));
                }
                $tariffs[] = Tariff::with($at, $breaks, $multiple, $multiple, $available);
            }
            $demands[] = new Demand(["R{$line}"], "R{$line}", $random->getInt(5, 60), $tariffs);
        }

        return [new Market('EUR', $suppliers, array_fill(0, $shops, Rate::same())), $demands, $rows];
    }

    /**
     * @param list<Demand> $demands
     * @param list<array{line: int, supplier: int, from: int, to: int, price: int, multiple: int}> $rows
     * @return ?int minor units; null where the optimum is not proved in those seconds
     */
    public static function solve(Market $market, array $demands, array $rows, int $seconds = 60): ?int
    {
        $cost = $limits = $whole = $binary = $need = $goods = $one = [];
        foreach ($rows as $at => $row) {
            if ($row['to'] < $row['from']) {
                continue;
            }
            $worth = $row['price'] * $row['multiple'];
            $cost[] = "{$worth} n{$at}";
            $need[$row['line']][] = "{$row['multiple']} n{$at}";
            $goods[$row['supplier']][] = "{$worth} n{$at}";
            $one["{$row['line']} {$row['supplier']}"][] = "y{$at}";
            $most = min($row['to'], 4000);
            $limits[] = "{$row['multiple']} n{$at} - {$most} y{$at} <= 0";
            $limits[] = "{$row['multiple']} n{$at} - {$row['from']} y{$at} >= 0";
            $limits[] = "y{$at} - u{$row['supplier']} <= 0";
            $whole[] = "n{$at}";
            $binary[] = "y{$at}";
        }
        foreach ($one as $ys) {
            $limits[] = implode(' + ', $ys) . ' <= 1';
        }
        foreach ($demands as $line => $demand) {
            $limits[] = implode(' + ', $need[$line] ?? ['0 u0']) . " >= {$demand->needed}";
        }
        foreach ($market->suppliers as $at => $supplier) {
            $sum = implode(' + ', $goods[$at] ?? ['0 u0']);
            $binary[] = "u{$at}";
            $binary[] = "f{$at}";
            // What ships is paid for unless it is free.
            $cost[] = "{$supplier->shipping} u{$at}";
            $cost[] = "-{$supplier->shipping} f{$at}";
            $limits[] = "f{$at} - u{$at} <= 0";
            $limits[] = $supplier->freeFrom === null ? "f{$at} = 0" : "{$sum} - {$supplier->freeFrom} f{$at} >= 0";
            $limits[] = $supplier->leastOrder === null ? "u{$at} <= 1" : "{$sum} - {$supplier->leastOrder} u{$at} >= 0";
            // Who is used sells something.
            $limits[] = "{$sum} - u{$at} >= 0";
        }
        $base = sys_get_temp_dir() . '/chiralex-buying-' . bin2hex(random_bytes(4));
        file_put_contents(
            "{$base}.lp",
            "Minimize\n " .
                str_replace('+ -', '- ', implode(' + ', $cost)) .
                "\nSubject To\n " .
                implode("\n ", $limits) .
                "\nGeneral\n " .
                implode("\n ", $whole) .
                "\nBinary\n " .
                implode("\n ", $binary) .
                "\nEnd\n",
        );
        Program::run(
            ['glpsol', '--cuts', '--tmlim', (string) $seconds, '--lp', "{$base}.lp", '-w', "{$base}.sol"],
            '',
            $seconds + 30,
        );
        $solution = (string) file_get_contents("{$base}.sol");
        array_map(unlink(...), ["{$base}.lp", "{$base}.sol"]);

        return preg_match('~^s mip \d+ \d+ o (\d+)~m', $solution, $found) === 1 ? (int) $found[1] : null;
    }
}
