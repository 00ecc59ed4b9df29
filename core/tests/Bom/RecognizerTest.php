<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bom;

use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kinds by letters (IEEE 315, from memory), value, package and words together; rows are invented. */
final class RecognizerTest extends TestCase
{
    /** @return iterable<string, array{string, string}> row, kind */
    public static function rows(): iterable
    {
        yield 'a resistor by its letters and value' => ['R1,4k7,Axial 1/4W,', 'resistor'];
        yield 'a trimmer by its word' => ['R1,10k,,"trimmer, top adjust"', 'trimmer'];
        yield 'a trimmer by its letters' => ['RV1,10k,trimmer 10mm,', 'trimmer'];
        yield 'a network by its word' => ['RN1,10k,SIP-8,resistor network', 'network'];
        yield 'a can is an electrolytic' => ['C1,47u,6.3x11,', 'electrolytic'];
        yield 'a disc is ceramic' => ['C1,100n,disc 5mm,', 'ceramic'];
        yield 'a large capacitor without a type' => ['C1,100u,,', 'electrolytic'];
        yield 'a small capacitor without a type' => ['C1,22p,,', 'ceramic'];
        yield 'a film by its word' => ['C1,1u,box 5mm,film', 'film'];
        yield 'a tantalum by its word' => ['C1,10u,,tantalum bead', 'tantalum'];
        yield 'an LED that indicates a relay' => ['LED1,red,LED 5mm,relay indicator', 'led'];
        yield 'a capacitor of a display' => ['C1,100n,disc 5mm,decoupling of the display', 'ceramic'];
        yield 'a transistor that drives a relay' => ['Q1,BC337,TO-92,relay driver', 'transistor'];
        yield 'a screw by its letter' => ['M1,M3x8,,screw', 'screw'];
        yield 'an audio socket holds no IC' => ['J1,5 pin,DIN,five-pin audio socket', 'jack'];
        yield 'a trim pot in two words' => ['RV1,103,9.5mm,trim pot', 'trimmer'];
        yield 'an infrared emitter' => ['D5,IR,5mm,infrared emitter', 'led'];
        yield 'an infrared detector' => ['D6,IR,5mm,infrared detector', 'photo'];
        yield 'a chip that drives a motor' => ['U1,L293D,,motor driver', 'ic'];
        yield 'a capacitor that quiets a motor' => ['C5,100n,,motor suppression', 'ceramic'];
        yield 'a signal diode' => ['D1,1N4148,DO-35,', 'diode'];
        yield 'a Zener by its word' => ['D1,5V1,DO-35,Zener diode', 'zener'];
        yield 'a Zener by its letters' => ['ZD1,5V1,DO-35,', 'zener'];
        yield 'a rectifier by its word' => ['D1,1N5819,DO-41,Schottky rectifier', 'rectifier'];
        yield 'an LED by its letters' => ['LED1,red,LED 5mm,', 'led'];
        yield 'an LED among the diodes' => ['D5,red,LED 5mm,', 'led'];
        yield 'a transistor' => ['Q1,BC337,TO-92,NPN transistor', 'transistor'];
        yield 'a regulator among the ICs' => ['U1,7805,TO-220,regulator', 'regulator'];
        yield 'an IC' => ['U1,LM393,DIP-8,', 'ic'];
        yield 'a socket' => ['XU1,8 way,DIP-8,IC socket', 'ic-socket'];
        yield 'a crystal' => ['X1,4 MHz,HC-49/S,', 'crystal'];
        yield 'a relay' => ['K1,5 V,,', 'relay'];
        yield 'a buzzer' => ['BZ1,5 V,12x9.5,buzzer', 'buzzer'];
        yield 'a terminal block by its words' => ['J1,2 way,5.08,screw terminal block', 'terminal-block'];
        yield 'a barrel jack' => ['J1,9 V,barrel,', 'barrel-jack'];
        yield 'a pin header' => ['J1,1x4,,pin header', 'pin-header'];
        yield 'a thermistor by its word' => ['RT1,10k,,NTC', 'thermistor'];
        yield 'a screw without a designator' => [',M3x6,,screw', 'screw'];
        yield 'a standoff' => [',M3x10,,standoff', 'standoff'];
        yield 'a case' => ['BOX1,plain,,enclosure with lid', 'enclosure'];
        yield 'a battery' => ['BT1,9 V,,battery', 'battery'];
    }

    public function test_a_motor_is_no_screw_and_asks_what_it_is(): void
    {
        $part = KitMaker::kit(['M1,6V,,motor'])->part('M1');

        self::assertSame(['unknown', true], [$part?->kind()->value, $part?->recognition->needsAnswer()]);
    }

    /** @return iterable<string, array{string, string}> row, ohms: a trimmer is printed with a code, a resistor listed in ohms */
    public static function ohms(): iterable
    {
        yield 'a trimmer by its print' => ['RV1,103,9.5mm,trim pot', '10000'];
        yield 'a trimmer whose number is no code' => ['RV1,100,9.5mm,trim pot', '100'];
        yield 'a trimmer in words' => ['RV1,10k,9.5mm,trim pot', '10000'];
        yield 'a resistor' => ['R1,103,Axial 1/4W,resistor', '103'];
    }

    #[DataProvider('ohms')]
    public function test_a_bare_number_is_what_the_kind_is_listed_by(string $row, string $ohms): void
    {
        $parts = KitMaker::kit([$row])->parts;

        self::assertSame($ohms, (string) $parts[array_key_first($parts) ?? '']->recognition->value?->value->amount);
    }

    #[DataProvider('rows')]
    public function test_a_row_is_taken_for_what_it_is_with_a_reason(string $row, string $kind): void
    {
        $parts = KitMaker::kit([$row])->parts;
        $part = $parts[array_key_first($parts) ?? ''] ?? null;
        self::assertNotNull($part);
        self::assertSame([$kind, false], [$part->kind()->value, $part->recognition->needsAnswer()]);
        self::assertNotSame([], $part->recognition->reasons);
    }

    /** @return iterable<string, array{string}> */
    public static function riddles(): iterable
    {
        yield 'letters that stand for several kinds' => ['J1,2 way,5.08,'];
        yield 'letters that stand for nothing' => ['ZZ1,thing,,'];
    }

    #[DataProvider('riddles')]
    public function test_what_cannot_be_told_is_asked(string $row): void
    {
        $parts = KitMaker::kit([$row])->parts;
        self::assertTrue($parts[array_key_first($parts) ?? '']->recognition->needsAnswer());
    }

    public function test_what_the_maker_says_wins_and_is_sure(): void
    {
        $part = KitMaker::kit(['J1,2 way,5.08,'], [], ['lines' => ['J1' => ['kind' => 'terminal-block']]])->part('J1');
        self::assertNotNull($part);
        self::assertSame(
            ['terminal-block', false, 'kind.said'],
            [$part->kind()->value, $part->recognition->needsAnswer(), $part->recognition->reasons[0]->code],
        );
    }
}
