<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the maker wrote, and voltages declared, read against the list. Kits are invented; lengths and products are recomputed. */
final class ProseMattersTest extends TestCase
{
    /** @return iterable<string, array{string, ?string, array<string, mixed>}> text, code, numbers */
    public static function texts(): iterable
    {
        // 2 in = 50.8 mm; the same length given as 2 in and 5 mm is a unit error (facts of the trade, common practice).
        yield 'two inches are no five millimetres' => [
            'Cut the wire to 2 in (5 mm).',
            'manual.units-differ',
            ['inch' => '2', 'mm' => 50.8],
        ];
        yield 'two inches are about 51 mm' => ['Cut the wire to 2 in (51 mm).', null, []];
        yield 'a hundredth of an inch is about a quarter of a millimetre' => ['Wire of 0.025 in / 0.635 mm.', null, []];
        yield 'the inch sign' => ['Leave 1" or 2 mm.', 'manual.units-differ', ['inch' => '1', 'mm' => 25.4]];
        // 18 V at 1.5 A is 27 W (facts of the trade, recomputed).
        yield 'a product that is right' => ['The supply gives 18 V at 1.5 A, that is 27 W.', null, []];
        yield 'a product that is wrong' => [
            'The supply gives 18 V at 1.5 A, that is 18 W.',
            'manual.watts-differ',
            ['watts' => 27.0],
        ];
        yield 'milliamperes' => ['9 V at 50 mA are 0.45 W.', null, []];
        yield 'a designator that is not there' => [
            'Now bend R9 upright.',
            'manual.unknown-designator',
            ['designators' => ['R9']],
        ];
        yield 'a designator that is there' => ['Now bend R1 upright.', null, []];
        yield 'a thread is no designator' => ['Use the M3 screws and a DO35 body.', null, []];
        yield 'a count that is right' => ['Tighten all four screws.', null, []];
        yield 'a count that is wrong' => ['Tighten all six screws.', 'manual.count-differs', ['listed' => 4]];
        yield 'a count of some is none of all' => ['Take two resistors.', null, []];
        yield 'the two resistors are three' => ['Solder the two resistors.', 'manual.count-differs', ['listed' => 3]];
    }

    /** @param array<string, mixed> $numbers */
    #[DataProvider('texts')]
    public function test_words_are_read_against_figures_and_the_list(string $text, ?string $code, array $numbers): void
    {
        $found = self::found(['overrides' => ['words' => ['step.R1.note' => $text]]], 'manual.');
        self::assertSame(
            $code === null ? [] : [$code],
            array_map(static fn(Matter $matter): string => $matter->code, $found),
        );
        self::assertEquals($numbers, array_intersect_key($found[0]->args ?? [], $numbers));
    }

    public function test_notes_tests_and_wires_are_read_too(): void
    {
        $found = self::found(
            [
                'tests' => [['name' => 'rail', 'gate' => 'g', 'expect' => '5 V', 'otherwise' => 'check R8']],
                'gates' => [['name' => 'g', 'needs' => ['R1'], 'protects' => [], 'expect' => '5 V']],
                'wires' => [['name' => 'W1', 'from' => 'a', 'to' => 'b', 'relief' => 'loop of 1 in (5 mm)']],
            ],
            'manual.',
        );
        self::assertSame(
            ['manual.units-differ', 'manual.unknown-designator'],
            array_map(static fn(Matter $matter): string => $matter->code, $found),
        );
    }

    /** @return iterable<string, array{string, string, ?string, array<string, float>}> part, across, code, numbers */
    public static function voltages(): iterable
    {
        // (9 - 2) / 1000 = 7 mA; (9 - 2) / 100 = 70 mA; 200 ohm at 5 V - 2 V: 15 mA (recomputed).
        yield 'an LED within its limit' => ['R1', '9 V - 2 V', null, []];
        yield 'an LED driven too hard' => [
            'R2',
            '9 V - 2 V',
            'parts.led-bright',
            ['milliamps' => 70.0, 'limit' => 20.0],
        ];
        yield 'an LED that is hardly seen' => ['R3', '5 V - 3 V', 'parts.led-dim', ['milliamps' => 0.02]];
        yield 'a difference that is no LED' => ['R2', '9 V - 8.5 V', null, []];
        yield 'an electrolytic with room' => ['C1', '9.6 V', null, []];
        yield 'an electrolytic at its limit' => [
            'C1',
            '15 V',
            'parts.capacitor-voltage',
            ['rating' => 16.0, 'needed' => 18.0],
        ];
        yield 'a film capacitor needs no room' => ['C2', '63 V', null, []];
        yield 'a film capacitor beyond its rating' => [
            'C2',
            '70 V',
            'parts.capacitor-voltage',
            ['rating' => 63.0, 'needed' => 70.0],
        ];
    }

    /** @param array<string, float> $numbers */
    #[DataProvider('voltages')]
    public function test_declared_voltages_are_read_against_leds_and_capacitors(
        string $part,
        string $across,
        ?string $code,
        array $numbers,
    ): void {
        $found = array_values(
            array_filter(
                self::found(['nets' => [$part => ['across' => $across]]], 'parts.'),
                static fn(Matter $matter): bool => in_array(
                    $matter->code,
                    ['parts.led-bright', 'parts.led-dim', 'parts.capacitor-voltage'],
                    true,
                ),
            ),
        );
        self::assertSame(
            $code === null ? [] : [$code],
            array_map(static fn(Matter $matter): string => $matter->code, $found),
        );
        self::assertEquals($numbers, array_intersect_key($found[0]->args ?? [], $numbers));
    }

    /**
     * @param array<string, mixed> $json
     * @return list<Matter>
     */
    private static function found(array $json, string $begins): array
    {
        $kit = KitMaker::kit(
            [
                'R1,1k 5%,Axial 1/4W,',
                'R2,100 5%,Axial 1/4W,',
                'R3,100k 5%,Axial 1/4W,',
                'C1,100u 16V,6.3x11,',
                'C2,1u 63V,box 5mm,film',
                ',M3x6,,"screw, M3"',
                ',M3x6,,screw',
                ',M3x6,,screw',
                ',M3x6,,screw',
            ],
            [],
            $json,
        );

        return array_values(
            array_filter(
                (new Reviewer())->matters($kit, KitMaker::order($kit)),
                static fn(Matter $matter): bool => str_starts_with($matter->code, $begins),
            ),
        );
    }
}
