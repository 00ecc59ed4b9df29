<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bom;

use Chiralex\Bom\Designators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DesignatorsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function cells(): iterable
    {
        yield 'one' => ['R7', ['R7']];
        yield 'a list with commas' => ['R1, R2,R3', ['R1', 'R2', 'R3']];
        yield 'blanks, semicolons and plus signs' => ['C1 C2;C3+C4', ['C1', 'C2', 'C3', 'C4']];
        yield 'a range with a hyphen' => ['R1-R4', ['R1', 'R2', 'R3', 'R4']];
        yield 'a range with dots' => ['R1..R3', ['R1', 'R2', 'R3']];
        yield 'a range that names its letters once' => ['C3-5', ['C3', 'C4', 'C5']];
        yield 'list and range' => ['C1, C3-5', ['C1', 'C3', 'C4', 'C5']];
        yield 'a dash as typesetters write it' => ["R1\u{2013}R3", ['R1', 'R2', 'R3']];
        yield 'a range in words' => ['R1 to R3', ['R1', 'R2', 'R3']];
        yield 'a range in German' => ['R1 bis R3', ['R1', 'R2', 'R3']];
        yield 'long letters' => ['LED1-LED2, XU1', ['LED1', 'LED2', 'XU1']];
        yield 'small letters stay as they are' => ['r1-r2', ['r1', 'r2']];
        yield 'a part with a unit letter' => ['U1A', ['U1A']];
        yield 'nothing' => ['', []];
    }

    /** @param list<string> $names */
    #[DataProvider('cells')]
    public function test_a_cell_is_read_as_the_names_it_means(string $cell, array $names): void
    {
        $read = Designators::read($cell);
        self::assertSame([$names, []], [$read->names, $read->problems]);
    }

    /** @return iterable<string, array{string}> */
    public static function faults(): iterable
    {
        yield 'a range that runs backwards' => ['R4-R1'];
        yield 'a range over two letters' => ['R1-C4'];
        yield 'a range without end' => ['R1-R99999'];
        yield 'a bare number' => ['17'];
        yield 'a question' => ['R1?'];
    }

    #[DataProvider('faults')]
    public function test_what_is_no_designator_is_told_and_the_rest_is_kept(string $fault): void
    {
        $read = Designators::read("C1, {$fault}, C2");
        self::assertContains('C1', $read->names);
        self::assertContains('C2', $read->names);
        self::assertNotSame([], $read->problems);
    }

    public function test_names_are_sorted_as_people_count(): void
    {
        $names = ['R10', 'R2', 'C1', 'R1', 'LED2'];
        usort($names, Designators::compare(...));
        self::assertSame(['C1', 'LED2', 'R1', 'R2', 'R10'], $names);
    }

    /** Property: a range read and written again as a list is the same range. */
    public function test_every_range_holds_its_ends_and_all_between(): void
    {
        mt_srand(4);
        for ($i = 0; $i < 200; ++$i) {
            $from = mt_rand(1, 500);
            $to = $from + mt_rand(0, 60);
            $names = Designators::read("R{$from}-R{$to}")->names;
            self::assertSame($to - $from + 1, count($names));
            self::assertSame(["R{$from}", "R{$to}"], [$names[0], $names[count($names) - 1]]);
            self::assertSame($names, Designators::read(implode(', ', $names))->names);
        }
    }

    public function test_letters_before_the_number_are_the_prefix(): void
    {
        self::assertSame(
            ['XU', 'R', ''],
            [Designators::prefix('XU1'), Designators::prefix('r7'), Designators::prefix('~12')],
        );
    }
}
