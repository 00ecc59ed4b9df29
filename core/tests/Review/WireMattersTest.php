<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Review\WireMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Swapped jack and supply wires are the commonest fault of all: common practice, no source. */
final class WireMattersTest extends TestCase
{
    /** @return iterable<string, array{float, list<int>}> millimetres of a wire between places 50 mm apart, what is needed */
    public static function lengths(): iterable
    {
        yield 'with slack' => [55.0, []];
        yield 'a little too short' => [54.9, [55]];
        yield 'far too short' => [20.0, [55]];
    }

    /** @param list<int> $needed */
    #[DataProvider('lengths')]
    public function test_a_wire_is_longer_than_its_way(float $millimetres, array $needed): void
    {
        $kit = KitMaker::kit(
            ['TP1,in,,test point', 'TP2,out,,test point'],
            ['TP1,10,20,0,top', 'TP2,40,60,0,top'],
            ['wires' => [['name' => 'W1', 'from' => 'TP1', 'to' => 'TP2', 'mm' => $millimetres, 'colour' => 'red']]],
        );

        self::assertSame($needed, array_column(Told::by(new WireMatters(), $kit, 'marks.wire-short'), 'needed'));
    }

    private const BOM = [
        'J1,3 way,1x3,pin header',
        'J2,2 way,5.08,screw terminal block',
        'SW1,toggle,,switch',
        'R1,1k,,',
    ];

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>}> wires, codes */
    public static function wires(): iterable
    {
        $wire = static fn(string $name, string $from, string $to, string $colour, ?string $face = 'top'): array => [
            'name' => $name,
            'from' => $from,
            'to' => $to,
            'colour' => $colour,
        ] + ($face === null ? [] : ['face' => $face]);
        $all = [
            $wire('W1', 'J1.1', 'SW1.a', 'red'),
            $wire('W2', 'J1.2', 'SW1.b', 'black'),
            $wire('W3', 'J1.3', 'SW1.c', 'white'),
        ];
        yield 'all different, all wired' => [$all, []];
        yield 'two of one colour at one part can be swapped' => [
            [$all[0], ['colour' => 'Red'] + $all[1], $all[2]],
            ['marks.wires-alike'],
        ];
        yield 'one colour far apart is no matter' => [
            [...$all, $wire('W4', 'J2.1', 'R1.1', 'red'), $wire('W5', 'J2.2', 'R1.2', 'black')],
            [],
        ];
        yield 'a terminal left over' => [[$all[0], $all[1]], ['marks.terminal-unwired']];
        yield 'no colour' => [[['colour' => ''] + $all[0], $all[1], $all[2]], ['marks.wire-colour']];
        yield 'an end that is nowhere' => [[['to' => 'SW9.a'] + $all[0], $all[1], $all[2]], ['marks.wire-end']];
        yield 'a ribbon that does not say which face looks up' => [
            [$wire('W1', 'J1.1', 'SW1.a', 'red edge ribbon', null)],
            ['marks.ribbon-face'],
        ];
        yield 'a switch nobody wires' => [
            [$wire('W4', 'J2.1', 'R1.1', 'red'), $wire('W5', 'J2.2', 'R1.2', 'black')],
            ['marks.part-unwired'],
        ];
        yield 'a kit without wires says nothing of them' => [[], []];
    }

    /**
     * @param list<array<string, mixed>> $wires
     * @param list<string> $codes
     */
    #[DataProvider('wires')]
    public function test_ends_differ_and_every_terminal_has_its_wire(array $wires, array $codes): void
    {
        $kit = KitMaker::kit(
            self::BOM,
            [],
            ['wires' => $wires, 'lines' => ['SW1' => ['supply' => 'loose', 'usedAt' => 'W1']]],
        );
        $found = array_values(
            array_unique(
                array_map(
                    static fn(Matter $matter): string => $matter->code,
                    (new Reviewer())->matters($kit, KitMaker::order($kit)),
                ),
            ),
        );

        self::assertSame(
            $codes,
            array_values(
                array_filter(
                    $found,
                    static fn(string $code): bool => preg_match(
                        '~^marks\.(wire|ribbon|part-un|terminal-unw)~',
                        $code,
                    ) === 1,
                ),
            ),
        );
    }
}
