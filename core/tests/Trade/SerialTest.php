<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Tests\KitMaker;
use Chiralex\Trade\Exception\InvalidSerial;
use Chiralex\Trade\KitCode;
use Chiralex\Trade\Serial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SerialTest extends TestCase
{
    /** ISO/IEC 7064 MOD 37-36 as used by the GRid standard; its worked example A1-2425G-ABC1234002-M, from memory. */
    public function test_the_check_character_is_that_of_the_published_example(): void
    {
        self::assertSame('M', Serial::checkOf('A12425GABC1234002'));
    }

    public function test_a_serial_reads_as_it_was_written(): void
    {
        $serial = Serial::of('FB', 'B', 147);
        self::assertMatchesRegularExpression('~^FB-B-00147-[0-9A-Z]$~', $serial->text());
        self::assertEquals($serial, Serial::parse($serial->text()));
        self::assertEquals($serial, Serial::parse(' ' . strtolower(str_replace('-', ' ', $serial->text()))));
    }

    public function test_every_single_wrong_character_is_found(): void
    {
        $text = Serial::of('FB', 'B', 147)->text();
        $refused = $tried = 0;
        foreach ([5, 6, 7, 8, 9, 11] as $at) {
            foreach (str_split($at === 11 ? '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ' : '0123456789') as $other) {
                if ($text[$at] !== $other) {
                    ++$tried;
                    try {
                        Serial::parse(substr_replace($text, $other, $at, 1));
                    } catch (InvalidSerial) {
                        ++$refused;
                    }
                }
            }
        }
        self::assertSame(80, $tried);
        self::assertSame($tried, $refused);
    }

    public function test_new_serials_pass_over_check_characters_that_hands_read_as_figures(): void
    {
        $serials = Serial::following('FB', 'A', 10, 200);

        self::assertSame(200, count($serials));
        self::assertSame(
            [],
            array_filter($serials, static fn(Serial $each): bool => in_array($each->check(), ['O', 'I'], true)),
        );
        self::assertGreaterThan(10, $serials[0]->number);
        $numbers = array_map(static fn(Serial $each): int => $each->number, $serials);
        self::assertSame(array_values(array_unique($numbers)), $numbers);
        foreach (array_diff(range(11, 210), $numbers) as $passed) {
            $old = Serial::of('FB', 'A', $passed);
            self::assertContains($old->check(), ['O', 'I']);
            self::assertSame($passed, Serial::parse($old->text())->number, 'a serial printed before stays valid');
        }
    }

    public function test_neighbours_that_were_swapped_are_found(): void
    {
        $text = Serial::of('FB', 'B', 12345)->text();
        foreach ([5, 6, 7, 8] as $at) {
            $swapped = $text;
            [$swapped[$at], $swapped[$at + 1]] = [$text[$at + 1], $text[$at]];
            try {
                Serial::parse($swapped);
                self::fail("{$swapped} was taken");
            } catch (InvalidSerial $fault) {
                self::assertStringContainsString('wrong character', $fault->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function noSerials(): iterable
    {
        yield 'nothing' => [''];
        yield 'words' => ['no idea, the label is gone'];
        yield 'four digits' => ['FB-B-0147-K'];
        yield 'markup' => ['<script>alert(1)</script>'];
        yield 'number zero' => ['FB-B-00000-0'];
    }

    #[DataProvider('noSerials')]
    public function test_what_is_none_is_refused_with_a_word_on_what_one_looks_like(string $text): void
    {
        $this->expectException(InvalidSerial::class);
        Serial::parse($text);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function codes(): iterable
    {
        yield 'said in kit.json' => [['code' => 'fb', 'name' => 'Frost Bell'], 'FB'];
        yield 'initials' => [['name' => 'Halt Signal'], 'HS'];
        yield 'one word' => [['name' => 'Kilnwatch'], 'KIL'];
        yield 'no letters at all' => [['name' => '...'], 'KIT'];
    }

    /** @param array<string, string> $json */
    #[DataProvider('codes')]
    public function test_the_code_of_a_kit_comes_from_kit_json_or_its_name(array $json, string $code): void
    {
        self::assertSame($code, KitCode::of(KitMaker::kit(['R1,1k,Axial 1/4W,'], [], $json)));
    }
}
