<?php

declare(strict_types=1);

namespace Chiralex\Tests\Part;

use Chiralex\Part\BodyShape;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Outlines;
use Chiralex\Part\PackageText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every string of the kit folder format, Package text. */
final class PackageTextTest extends TestCase
{
    /** @return iterable<string, array{string, Kind, string, float}> text, kind, outline, height */
    public static function texts(): iterable
    {
        yield '6.3x11 is diameter by height' => ['6.3x11', Kind::Electrolytic, 'radial-6.3x11', 11.0];
        yield 'the diameter alone' => ['CP_Radial_D10.0mm', Kind::Electrolytic, 'radial-10x12.5', 12.5];
        yield 'the diameter alone, without its unit' => ['CP_Radial_D5', Kind::Electrolytic, 'radial-5x11', 11.0];
        yield 'a large transistor' => ['TO-247', Kind::Transistor, 'TO-247', 24.0];
        yield 'a metal can' => ['TO-5', Kind::Transistor, 'TO-5', 9.6];
        yield '10x16' => ['10x16', Kind::Electrolytic, 'radial-10x16', 16.0];
        yield '5.08 behind a terminal block is the pitch' => ['5.08', Kind::TerminalBlock, 'terminal-2x5.08', 10.0];
        yield 'three ways' => ['3 way 5.08', Kind::TerminalBlock, 'terminal-3x5.08', 10.0];
        yield '5mm behind disc is the pitch' => ['disc 5mm', Kind::Ceramic, 'disc-5mm', 6.0];
        yield '5mm behind axial is the pitch' => ['axial 5mm', Kind::Resistor, 'axial-5mm', 2.5];
        yield 'LED 5mm is the lens' => ['LED 5mm', Kind::Led, 'led-5mm', 8.7];
        yield 'LED 3mm is the lens' => ['LED 3mm', Kind::Led, 'led-3mm', 5.3];
        yield 'Axial 1/4W is a rating' => ['Axial 1/4W', Kind::Resistor, 'axial-1/4W', 2.5];
        yield '1W is a rating' => ['1W', Kind::Resistor, 'axial-1W', 4.5];
        yield 'HC-49/S is literal' => ['HC-49/S', Kind::Crystal, 'HC-49/S', 3.5];
        yield 'HC-49/U is literal' => ['HC-49/U', Kind::Crystal, 'HC-49/U', 13.5];
        yield 'DIP of a socket' => ['DIP-14', Kind::IcSocket, 'socket-DIP-14', 4.75];
        yield 'DIP of an IC' => ['DIP-14', Kind::Ic, 'DIP-14', 5.33];
        yield 'header rows by columns' => ['1x4', Kind::PinHeader, 'header-1x4', 8.5];
    }

    #[DataProvider('texts')]
    public function test_a_package_text_names_its_outline(string $text, Kind $kind, string $name, float $height): void
    {
        $outline = (new PackageText(Outlines::standard()))->outline($text, $kind);

        self::assertNotNull($outline);
        self::assertSame($name, $outline->name);
        self::assertEqualsWithDelta($height, $outline->height, 1e-9);
    }

    public function test_every_kind_has_a_row_with_a_known_outline(): void
    {
        foreach (Kind::cases() as $kind) {
            $row = Kinds::standard()->row($kind);
            self::assertSame($kind, $row->kind);
            self::assertNotNull(
                Outlines::standard()->find($row->body->outline),
                "{$kind->value}: {$row->body->outline}",
            );
        }
    }

    public function test_dip_pins_count_down_the_left_and_up_the_right(): void
    {
        // IEC 61188-7 level A, from memory: pin 1 upper left.
        $pins = Outlines::standard()->named('DIP-8')->pins;

        self::assertSame([-3.81, 3.81], $pins['1']);
        self::assertSame([-3.81, -3.81], $pins['4']);
        self::assertSame([3.81, -3.81], $pins['5']);
        self::assertSame([3.81, 3.81], $pins['8']);
        self::assertSame(BodyShape::Box, Outlines::standard()->named('DIP-8')->shape);
    }
}
