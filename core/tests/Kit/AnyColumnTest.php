<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Kit\PartLook;
use Chiralex\Reason\Problem;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Tolerance and voltage count wherever a row says them; letters are those of IEC 60062, from memory. */
final class AnyColumnTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?string}> headers, row, tolerance */
    public static function tolerances(): iterable
    {
        $four = 'Reference,Value,Package,Description';
        $with = 'Reference,Value,Package,Tolerance';
        yield 'in the value' => [$four, 'R1,10k 1%,1/4W,', '1'];
        yield 'in a description' => [$four, 'R1,10k,1/4W,Metal film 1%', '1'];
        yield 'in the package' => [$four, 'R1,10k,1/4W 2%,', '2'];
        yield 'in its own column' => [$with, 'R1,10k,1/4W,1%', '1'];
        yield 'as a bare number' => [$with, 'R1,10k,1/4W,5', '5'];
        yield 'with a sign' => [$with, 'R1,10k,1/4W,±0.5%', '0.5'];
        yield 'without a nought before the point' => [$four, 'R1,10k,1/4W,.5%', '0.5'];
        yield 'as a letter' => [$with, 'R1,10k,1/4W,J', '5'];
        yield 'a letter below ten picofarads' => [$with, 'C1,4.7pF,disc 5mm,C', '0.25pF'];
        yield 'in picofarads' => [$four, 'C1,4.7pF,disc 5mm,NP0 +/-0.25pF', '0.25pF'];
        yield 'lopsided' => [$four, 'C1,100n,disc 5mm,ceramic -20/+80%', '-20/+80'];
        yield 'of a Zener diode' => [$four, 'ZD1,5V1 2%,DO-35,', '2'];
        yield 'nowhere' => [$four, 'R1,10k,1/4W,carbon film', null];
    }

    #[DataProvider('tolerances')]
    public function test_a_tolerance_is_found_in_any_column(string $headers, string $row, ?string $tolerance): void
    {
        $kit = (new \Chiralex\Kit\KitReader())->read(['bom.csv' => "{$headers}\n{$row}\n"]);

        self::assertSame($tolerance, array_values($kit->parts)[0]->tolerance());
    }

    public function test_a_description_of_one_percent_prints_five_bands(): void
    {
        $part = KitMaker::kit(['R1,10k,1/4W,Metal film 1%'])->parts['R1'];

        self::assertSame(
            ['brown', 'black', 'black', 'red', 'brown'],
            array_map(static fn($colour): string => $colour->value, PartLook::of($part)->bands),
        );
    }

    /** @return iterable<string, array{string, ?float}> row, volts */
    public static function voltages(): iterable
    {
        yield 'in the value' => ['C1,10u 25V,5x11,', 25.0];
        yield 'in the description' => ['C1,10u,5x11,electrolytic 63 V', 63.0];
        yield 'in the package' => ['C1,10u,5x11 50V,', 50.0];
        yield 'alternating, by its peak' => ['C1,100n,15mm,X2 275VAC', 388.9];
        yield 'nowhere' => ['C1,10u,5x11,', null];
    }

    #[DataProvider('voltages')]
    public function test_a_rating_is_found_in_any_column(string $row, ?float $volts): void
    {
        self::assertSame($volts, KitMaker::kit([$row])->parts['C1']->ratedVolts());
    }

    /** @return iterable<string, array{string, list<string>}> row, problems */
    public static function long(): iterable
    {
        yield 'as many cells as headers' => ['R1,10k', []];
        yield 'empty cells behind' => ['R1,10k,,', []];
        yield 'a cell behind' => ['R1,10k,1/4W', ['bom.beyond-header']];
    }

    /** @param list<string> $problems */
    #[DataProvider('long')]
    public function test_a_cell_behind_the_last_header_is_a_problem(string $row, array $problems): void
    {
        $kit = (new \Chiralex\Kit\KitReader())->read(['bom.csv' => "Reference,Value\n{$row}\n"]);

        self::assertSame(
            $problems,
            array_values(
                array_filter(
                    array_map(static fn(Problem $problem): string => $problem->code, $kit->findings->problems),
                    static fn(string $code): bool => $code === 'bom.beyond-header',
                ),
            ),
        );
    }
}
