<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bom;

use Chiralex\Bom\Designators;
use Chiralex\Bom\PartsList;
use Chiralex\Bom\PartsReader;
use Chiralex\Bom\Provision;
use Chiralex\Bom\Recognizer;
use Chiralex\Part\Kind;
use Chiralex\Reason\Problem;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PartsReaderTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function cells(): iterable
    {
        yield 'a list' => ['R1, R2;R3 R4', ['R1', 'R2', 'R3', 'R4']];
        yield 'a range with a dash' => ['R1-R4', ['R1', 'R2', 'R3', 'R4']];
        yield 'a range with dots' => ['R1..R3', ['R1', 'R2', 'R3']];
        yield 'a range without the second letters' => ['C1, C3-5', ['C1', 'C3', 'C4', 'C5']];
        yield 'a range with an en dash' => ["D1 \u{2013} D3", ['D1', 'D2', 'D3']];
        yield 'a name without a number' => ['PANEL', ['PANEL']];
        yield 'a suffix' => ['SW1A', ['SW1A']];
    }

    /** @param list<string> $names */
    #[DataProvider('cells')]
    public function test_designator_cells_are_read(string $cell, array $names): void
    {
        self::assertSame($names, Designators::read($cell)->names);
    }

    public function test_a_range_that_runs_backwards_or_across_letters_is_a_fault(): void
    {
        self::assertSame('bom.designator', Designators::read('R4-R1')->problems[0]->code);
        self::assertSame('bom.designator', Designators::read('R1-C4')->problems[0]->code);
    }

    public function test_a_duplicate_is_reported_at_the_later_row_and_names_the_earlier(): void
    {
        $list = self::read("Ref,Value\nR1,1k\n\nR1,2k\n");
        $duplicate = self::problem($list, 'bom.duplicate');

        self::assertSame([4, 2, 'Ref'], [$duplicate->row, $duplicate->args['earlier'], $duplicate->column]);
        self::assertTrue($list->hasErrors());
        self::assertCount(1, $list->lines);
    }

    public function test_a_quantity_against_its_designators_is_a_warning_in_its_column(): void
    {
        $problem = self::problem(self::read("Qty,Ref,Value\n3,\"R1,R2\",1k\n"), 'bom.quantity');

        self::assertSame(['warning', 2, 'Qty'], [$problem->severity->value, $problem->row, $problem->column]);
    }

    public function test_a_row_without_designator_is_kept_and_may_be_a_length(): void
    {
        $lines = self::read("Ref,Qty,Description\n,8,M3 screw\n,0.5 m,wire\n")->lines;

        self::assertSame([['~2'], 8, null], [$lines[0]->designators, $lines[0]->quantity, $lines[0]->length]);
        self::assertSame([['~3'], 500.0], [$lines[1]->designators, $lines[1]->length]);
    }

    public function test_headers_are_known_in_other_languages(): void
    {
        self::assertSame(['R1'], self::read("Bezeichner;Menge;Wert;Bauform\nR1;1;4,7k;Axial\n")->lines[0]->designators);
        self::assertSame('10k', self::read("Repère;Quantité;Valeur\nR1;1;10k\n")->lines[0]->cells->value);
        self::assertSame(['R7'], self::read("Part\tValue\nR7\t1k\n")->lines[0]->designators);
        self::assertSame(['R1'], self::read("Reference(s),Qty.,Part\nR1,1,resistor\n")->lines[0]->designators);
    }

    public function test_do_not_fit_is_known_in_its_usual_spellings(): void
    {
        foreach (
            [
                "Ref,Value\nR1,DNP\n",
                "Ref,Value,DNP\nR1,1k,x\n",
                "Ref,Value,Fitted\nR1,1k,no\n",
                "Ref,Value,Supply\nR1,1k,not-fitted\n",
            ] as $text
        ) {
            self::assertSame(Provision::NotFitted, self::read($text)->lines[0]->supply, $text);
        }
    }

    public function test_a_column_of_parts_left_out_is_known_in_other_languages(): void
    {
        foreach (
            [
                "Bezeichner;Wert;nicht bestückt\nR1;1k;ja\n",
                "Repère;Valeur;Ne pas monter\nR1;1k;oui\n",
                "Referencia;Valor;Montado\nR1;1k;no\n",
                "Referentie;Waarde;Niet monteren\nR1;1k;x\n",
                "Oznaczenie;Wartość;Nie montować\nR1;1k;tak\n",
            ] as $text
        ) {
            self::assertSame(Provision::NotFitted, self::read($text)->lines[0]->supply, $text);
        }
    }

    public function test_a_row_of_nothing_but_designators_names_the_row_it_may_be_merged_with(): void
    {
        $list = self::read("Ref,Value,Description\nR1,10k,carbon film\nR2,,\n");
        $merged = self::problem($list, 'bom.merged-row');

        self::assertSame([3, 2, '10k'], [$merged->row, $merged->args['earlier'], $merged->args['value']]);
        self::assertSame(2, self::problem(self::read("Ref,Value\nR1,\n"), 'bom.bare-row')->row);
    }

    public function test_a_row_that_contradicts_itself_names_both_of_its_words(): void
    {
        $volts = self::problem(
            self::read("Ref,Value,Description\nC1,100u 16V,electrolytic 25 V\n"),
            'bom.contradiction',
        );
        $percent = self::problem(self::read("Ref,Value,Tolerance\nR1,10k 5%,1\n"), 'bom.contradiction');

        self::assertSame(["16\u{2009}V", "25\u{2009}V"], [$volts->args['one'], $volts->args['other']]);
        self::assertSame(["5\u{2009}%", "1\u{2009}%"], [$percent->args['one'], $percent->args['other']]);
        self::assertSame(
            [],
            array_filter(
                self::read("Ref,Value,Description\nR1,10k 5%,carbon film 1/4W 5%\n")->problems,
                static fn(Problem $problem): bool => $problem->code === 'bom.contradiction',
            ),
        );
    }

    public function test_a_file_without_a_designator_column_names_what_it_has(): void
    {
        $this->expectException(UnreadableTable::class);
        $this->expectExceptionMessage('no designator column among: Colour, Size');

        self::read("Colour,Size\nred,5\n");
    }

    /** @return iterable<string, array{string, Kind, bool}> row `ref,value,package,description`, kind, sure */
    public static function rows(): iterable
    {
        yield 'resistor by letter' => ['R1,10k,,', Kind::Resistor, true];
        yield 'carbon film resistor is no film capacitor' => [
            'R1,10k,Axial,carbon film resistor',
            Kind::Resistor,
            true,
        ];
        yield 'small capacitor' => ['C1,100n,,', Kind::Ceramic, true];
        yield 'can by size' => ['C1,47u,6.3x11,', Kind::Electrolytic, true];
        yield 'large capacitor' => ['C1,470u,,', Kind::Electrolytic, true];
        yield 'film by word' => ['C1,100n,,polyester film', Kind::Film, true];
        yield 'Zener by word' => ['ZD1,5V1,DO-35,', Kind::Zener, true];
        yield 'signal diode by number' => ['D1,1N4148,,', Kind::Diode, true];
        yield 'rectifier by number' => ['D1,1N4007,,', Kind::Rectifier, true];
        yield 'LED behind D' => ['D5,red,LED 5mm,', Kind::Led, true];
        yield 'IC by letter' => ['U1,LM393,DIP-8,', Kind::Ic, true];
        yield 'socket by word' => ['XU1,8 way,DIP-8,IC socket', Kind::IcSocket, true];
        yield 'regulator behind U' => ['U2,78L05,TO-92,', Kind::Regulator, true];
        yield 'crystal by frequency' => ['X1,8MHz,,', Kind::Crystal, true];
        yield 'J alone is a question' => ['J1,2 way,,', Kind::PinHeader, false];
        yield 'unknown letters are a question' => ['ZZ9,thing,,', Kind::Unknown, false];
    }

    #[DataProvider('rows')]
    public function test_a_line_is_recognised_or_asked_about(string $row, Kind $kind, bool $sure): void
    {
        $recognition = Recognizer::standard()->recognise(
            self::read("Ref,Value,Package,Description\n{$row}\n")->lines[0],
        );

        self::assertSame([$kind, $sure], [$recognition->kind, !$recognition->needsAnswer()]);
    }

    private static function read(string $text): PartsList
    {
        return (new PartsReader())->read((new CsvReader())->read($text, 'bom.csv'));
    }

    private static function problem(PartsList $list, string $code): Problem
    {
        $found = array_values(
            array_filter($list->problems, static fn(Problem $problem): bool => $problem->code === $code),
        );
        self::assertCount(1, $found);

        return $found[0];
    }
}
