<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\Program;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The worked examples of `buy` and `spares`, parts of the Reed Chime, their figures worked out by hand; and files that are no use. */
final class BuyExampleTest extends TestCase
{
    private const KIT = 'tests/kits/reed-chime';

    public function test_the_plan_is_the_one_worked_out_by_hand(): void
    {
        [$told, $exit] = self::run_('buy', self::KIT, '--kits 20 --currency EUR --rate GBP=1.16');
        self::assertSame([0, '35.14', true, '35.14'], [$exit, $told['total'], $told['proved'], $told['bound']]);
        self::assertSame(
            [['Harbour', '25.40', '0.00', '25.40'], ['Dune', '6.40', '2.00', '9.74']],
            array_map(
                static fn(array $each): array => [$each['supplier'], $each['goods'], $each['shipping'], $each['total']],
                $told['suppliers'],
            ),
        );
        self::assertSame(
            [
                [
                    80,
                    ['supplier' => 'Harbour', 'quantity' => 100, 'unitPrice' => '0.024', 'cost' => '2.40'],
                    ['supplier' => 'Dune', 'quantity' => 80, 'total' => '41.42'],
                ],
                [
                    40,
                    ['supplier' => 'Dune', 'quantity' => 40, 'unitPrice' => '0.16', 'cost' => '6.40'],
                    ['supplier' => 'Harbour', 'quantity' => 40, 'total' => '35.40'],
                ],
                [
                    20,
                    ['supplier' => 'Harbour', 'quantity' => 20, 'unitPrice' => '1.15', 'cost' => '23.00'],
                    ['supplier' => 'Dune', 'quantity' => 20, 'total' => '41.00'],
                ],
            ],
            array_map(
                static fn(array $line): array => [$line['needed'], $line['orders'][0], $line['nextBest']],
                $told['lines'],
            ),
        );
    }

    public function test_the_spares_are_those_worked_out_by_hand(): void
    {
        [$told, $exit] = self::run_(
            'spares',
            'tests/kits/reed-chime-spares',
            '--target 0.98 --currency EUR --rate GBP=1.16',
        );
        self::assertSame(
            [0, true, '0.17', [1, 1, 0]],
            [$exit, $told['proved'], $told['cost'], array_column($told['lines'], 'spares')],
        );
        self::assertSame(['0.0464', '0.12', '0.80'], array_column($told['lines'], 'unitCost'));
        self::assertEqualsWithDelta(0.993681, $told['probability'], 5e-7);
    }

    public function test_what_lies_on_the_shelf_is_not_bought_and_spares_are(): void
    {
        $shelf = ['shelf.csv' => "part,lot,quantity\n1k,L1,30\nQ1,L2,15.0\nR2,L3,100\n"];
        [$told] = self::run_('buy', self::folder($shelf), '--kits 20 --rate GBP=1.16 --shelf');
        self::assertSame([0, 25, 20], array_column($told['lines'], 'needed'));
        self::assertSame([], $told['lines'][0]['orders']);
        [$told] = self::run_('buy', self::folder($shelf), '--kits 20 --rate GBP=1.16 --spares');
        self::assertSame([100, 40, 20], array_column($told['lines'], 'needed'));
    }

    public function test_a_part_that_nobody_sells_is_named_and_the_rest_is_planned(): void
    {
        [$told, $exit] = self::run_(
            'buy',
            self::folder([
                'offers.csv' =>
                    "part,supplier,currency,from,unit_price\nR1,Harbour,EUR,1,0.05\nBZ1,Harbour,EUR,1,1.15\n",
            ]),
            '--kits 20',
        );
        self::assertSame([1, [['Q1', 'Q2']], '27.00'], [$exit, $told['noOffer'], $told['total']]);
    }

    /** @return iterable<string, array{string, string, string, int, string}> file, its bytes, column, row, words of the message */
    public static function bad(): iterable
    {
        $head = "part,supplier,currency,from,unit_price,minimum,multiple\n";
        yield 'a price with letters' => [
            'offers.csv',
            "{$head}R1,Harbour,EUR,1,cheap,,\n",
            'unit_price',
            2,
            'no price',
        ];
        yield 'a break of nothing' => ['offers.csv', "{$head}R1,Harbour,EUR,0,0.05,,\n", 'from', 2, 'pieces'];
        yield 'rows that disagree' => [
            'offers.csv',
            "{$head}R1,Harbour,EUR,1,0.05,5,\nR1,Harbour,EUR,100,0.02,10,\n",
            'minimum',
            3,
            'disagree',
        ];
        yield 'one break twice' => [
            'offers.csv',
            "{$head}R1,Harbour,EUR,1,0.05,,\nR1,Harbour,EUR,1,0.06,,\n",
            'from',
            3,
            'another price',
        ];
        yield 'another currency' => [
            'offers.csv',
            "{$head}R1,Harbour,USD,1,0.05,,\n",
            'currency',
            2,
            'not the currency',
        ];
        yield 'a supplier nobody listed' => [
            'offers.csv',
            "{$head}R1,Moon,EUR,1,0.05,,\n",
            'supplier',
            2,
            'suppliers.csv',
        ];
        yield 'a part of another kit' => ['offers.csv', "{$head}X9,Harbour,EUR,1,0.05,,\n", 'part', 2, 'no part X9'];
        yield 'a price that rises' => [
            'offers.csv',
            "{$head}R1,Harbour,EUR,1,0.05,,\nR1,Harbour,EUR,100,0.06,,\n",
            'unit_price',
            2,
            'rises',
        ];
        yield 'shipping that is no amount' => [
            'suppliers.csv',
            "supplier,currency,shipping\nHarbour,EUR,free\nDune,GBP,2\n",
            'shipping',
            2,
            'no amount',
        ];
    }

    #[DataProvider('bad')]
    public function test_a_row_that_is_no_use_is_named_with_its_place(
        string $file,
        string $bytes,
        string $column,
        int $row,
        string $words,
    ): void {
        [$told] = self::run_('buy', self::folder([$file => $bytes]), '--kits 2 --rate GBP=1.16');
        $problem = $told['problems'][0];
        self::assertSame([$file, $row, $column], [$problem['file'], $problem['row'], $problem['column']]);
        self::assertStringContainsString($words, $problem['message']);
    }

    public function test_a_price_with_a_comma_is_read(): void
    {
        $offers =
            "part;supplier;currency;from;unit_price\nR1;Harbour;EUR;1;0,05\nQ1;Harbour;EUR;1;0,25\nBZ1;Harbour;EUR;1;1,15\n";
        [$told] = self::run_('buy', self::folder(['offers.csv' => $offers]), '--kits 1');
        self::assertSame('6.35', $told['total']);
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function refused(): iterable
    {
        yield 'a currency without its rate' => ['buy FOLDER --kits 2', [], 'GBP'];
        yield 'no column' => [
            'buy FOLDER',
            ['offers.csv' => "part,price\nR1,2\n"],
            'offers.csv row 1: no supplier column',
        ];
        yield 'no target' => ['spares FOLDER --target 1 --rate GBP=1', [], '--target'];
        yield 'a rate of nothing' => ['buy FOLDER --rate GBP=0', [], '--rate'];
        yield 'no kits' => ['buy FOLDER --kits 0 --rate GBP=1', [], '--kits'];
    }

    /** @param array<string, string> $files */
    #[DataProvider('refused')]
    public function test_what_is_unusable_is_refused_in_one_line(string $call, array $files, string $words): void
    {
        exec(
            'php bin/chiralex ' .
                str_replace('FOLDER', escapeshellarg(self::folder($files)), $call) .
                ' 2>&1 >/dev/null',
            $said,
            $exit,
        );
        self::assertSame([2, 1], [$exit, count($said)], implode("\n", $said));
        self::assertStringContainsString($words, $said[0]);
    }

    /** @return array{array<string, mixed>, int} */
    private static function run_(string $verb, string $folder, string $flags): array
    {
        exec("php bin/chiralex {$verb} " . escapeshellarg($folder) . " {$flags} --json", $lines, $exit);

        return [(array) json_decode(implode("\n", $lines), true, 32, JSON_THROW_ON_ERROR), $exit];
    }

    /** @param array<string, string> $files in the place of those of the example */
    private static function folder(array $files): string
    {
        $folder = sys_get_temp_dir() . '/chiralex-buy-' . bin2hex(random_bytes(4));
        mkdir($folder);
        foreach (glob(self::KIT . '/*') ?: [] as $path) {
            copy($path, "{$folder}/" . basename($path));
        }
        foreach ($files as $name => $bytes) {
            file_put_contents("{$folder}/{$name}", $bytes);
        }
        register_shutdown_function(static fn() => Program::run(['rm', '-r', $folder], '', 10));

        return $folder;
    }
}
