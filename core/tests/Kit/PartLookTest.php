<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Build\LookAlikes;
use Chiralex\Kit\PartLook;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is printed on a part is told only where it can be known. */
final class PartLookTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?string}> */
    public static function prints(): iterable
    {
        yield 'a type' => ['U1', 'U1,LM393,DIP-8,comparator', 'LM393'];
        yield 'a type of a diode' => ['Q1', 'Q1,BC337-40,TO-92,transistor', 'BC337'];
        yield 'what is left of a frequency is no print' => ['X1', 'X1,32.768kHz,HC-49/S,crystal', null];
        yield 'a frequency is none' => ['X1', 'X1,455kHz,HC-49/S,crystal', null];
        yield 'a capacitor code' => ['C1', 'C1,100 nF,disc 5mm,ceramic', '104'];
    }

    public function test_an_infrared_emitter_and_its_detector_look_alike(): void
    {
        $kit = KitMaker::kit([
            'D1,IR emitter,LED 5mm,infrared LED 940nm',
            'D2,IR receiver,LED 5mm,infrared phototransistor',
            'D3,red,LED 5mm,',
        ]);

        self::assertSame(['D2'], LookAlikes::of($kit)->to('D1'));
        self::assertSame([], LookAlikes::of($kit)->to('D3'));
    }

    #[DataProvider('prints')]
    public function test_a_print_is_no_piece_of_a_number(string $name, string $row, ?string $code): void
    {
        $part = KitMaker::kit([$row])->part($name);
        self::assertNotNull($part);

        self::assertSame($code, PartLook::of($part)->code);
    }
}
