<?php

declare(strict_types=1);

namespace Chiralex\Tests\Marking;

use Chiralex\Marking\Codes;
use Chiralex\Marking\Eia96;
use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Marking\MarkingWriter;
use Chiralex\Quantity\Data\SeriesTable;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Codes of IEC 60062 and EIA-96. */
final class CodesTest extends TestCase
{
    /** @return iterable<string, array{string, ?Unit, list<string>}> code, unit, readings in order */
    public static function codes(): iterable
    {
        yield '104 capacitor = 100 nF (IEC 60062)' => ['104', Unit::Farad, ['0.0000001 capacitor-code']];
        yield '103 capacitor = 10 nF (IEC 60062)' => ['103', Unit::Farad, ['0.00000001 capacitor-code']];
        yield '105 capacitor = 1 uF (IEC 60062)' => ['105', Unit::Farad, ['0.000001 capacitor-code']];
        yield '683 capacitor = 68 nF (IEC 60062)' => ['683', Unit::Farad, ['0.000000068 capacitor-code']];
        yield '229 capacitor = 2.2 pF (IEC 60062, third digit from memory)' => [
            '229',
            Unit::Farad,
            ['0.0000000000022 capacitor-code'],
        ];
        yield '200 is the printed value before the code (practice)' => [
            '200',
            Unit::Ohm,
            ['200 printed', '20 three-digit'],
        ];
        yield '2000 is 200 ohm in the four-digit code (practice)' => [
            '2000',
            Unit::Ohm,
            ['2000 printed', '200 four-digit'],
        ];
        yield '472: only the code is a usual value' => ['472', Unit::Ohm, ['4700 three-digit', '472 printed']];
        yield 'R notation' => ['4k7', Unit::Ohm, ['4700 letter']];
        yield 'R notation below one' => ['R47', Unit::Ohm, ['0.47 letter']];
        yield 'R notation and EIA-96 both fit' => ['68R', Unit::Ohm, ['68 letter', '4.99 eia-96']];
        yield 'EIA-96' => ['01C', Unit::Ohm, ['10000 eia-96']];
        yield 'zero ohm' => ['000', Unit::Ohm, ['0 three-digit']];
        yield 'inductor code counts microhenries' => ['101', Unit::Henry, ['0.0001 inductor-code']];
        // IEC 60062: R stands for the point, in picofarads.
        yield 'R is the point of a capacitor' => ['4R7C', Unit::Farad, ['0.0000000000047 letter']];
        yield 'R is the point of an inductor' => ['4R7', Unit::Henry, ['0.0000047 letter']];
        yield 'no kind: all kinds' => [
            '104',
            null,
            ['100000 three-digit', '0.0000001 capacitor-code', '0.1 inductor-code', '104 printed'],
        ];
    }

    /** @param list<string> $expected */
    #[DataProvider('codes')]
    public function test_a_code_has_all_its_legal_readings_and_only_those(
        string $code,
        ?Unit $unit,
        array $expected,
    ): void {
        $readings = array_map(
            static fn($reading): string => "{$reading->value->plain()} {$reading->scheme->value}",
            (new Codes())->read($code, $unit),
        );

        self::assertSame($expected, $readings);
    }

    /** @return iterable<string, array{string, string}> tolerance letters of IEC 60062 */
    public static function tolerances(): iterable
    {
        yield 'K' => ['104K', '10'];
        yield 'J' => ['104J', '5'];
        yield 'M' => ['104M', '20'];
        yield 'Z is lopsided' => ['104Z', '-20/+80'];
        yield 'C below 10 pF is absolute' => ['479C', '0.25pF'];
        yield 'D below 10 pF is absolute' => ['479D', '0.5pF'];
    }

    #[DataProvider('tolerances')]
    public function test_a_tolerance_letter_is_read_with_its_unit(string $code, string $tolerance): void
    {
        self::assertSame($tolerance, (new Codes())->read($code, Unit::Farad)[0]->tolerance);
    }

    public function test_a_letter_o_has_no_reading(): void
    {
        $this->expectException(NoDecoding::class);

        (new Codes())->read('1OK');
    }

    public function test_value_to_code_to_value_is_the_identity(): void
    {
        foreach (SeriesTable::members(24) as $member) {
            foreach ([-1, 0, 1, 2, 3, 4, 5] as $power) {
                $value = EngineeringValue::scaled((string) $member, $power, Unit::Ohm);
                $three = (new MarkingWriter())->three($value);
                self::assertNotNull($three);
                $found = array_filter(
                    (new Codes())->read($three, Unit::Ohm),
                    static fn($reading): bool => $reading->value->equals($value),
                );
                self::assertNotSame([], $found, "{$value->display()} as {$three}");
            }
        }
        foreach (SeriesTable::members(96) as $member) {
            $value = EngineeringValue::scaled((string) $member, 1, Unit::Ohm);
            $code = (new Eia96())->write($value);
            self::assertNotNull($code);
            self::assertTrue((new Eia96())->read($code)?->value->equals($value));
        }
    }
}
