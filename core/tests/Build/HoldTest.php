<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Internal\Holding;
use Chiralex\Build\StepPart;
use Chiralex\Part\Hold;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How parts are held while the board is upside down. */
final class HoldTest extends TestCase
{
    /** @return iterable<string, array{string, Hold}> row, hold when the table does not reach the part */
    public static function parts(): iterable
    {
        yield 'axial wires are bent' => ['ZZ1,1k,Axial 1/4W,resistor', Hold::Bend];
        yield 'a signal diode is bent' => ['ZZ1,1N4148,DO-35,', Hold::Bend];
        yield 'radial wires are splayed' => ['ZZ1,100n,disc 5mm,ceramic', Hold::Splay];
        yield 'an LED is splayed' => ['ZZ1,red,LED 5mm,', Hold::Splay];
        yield 'a transistor is splayed' => ['ZZ1,BC337,TO-92,', Hold::Splay];
        yield 'a tact switch locks in its holes' => ['ZZ1,go,6x6,tact switch', Hold::OwnLock];
        yield 'a socket is tacked' => ['ZZ1,8 way,DIP-8,IC socket', Hold::Tack];
        yield 'a header is taped' => ['ZZ1,arm,1x4,pin header', Hold::Tape];
        yield 'a socket strip is taped' => ['ZZ1,row,1x8,socket strip', Hold::Tape];
        yield 'a jack is held by putty' => ['ZZ1,in,,barrel jack', Hold::Putty];
        yield 'a slide switch is held by putty' => ['ZZ1,on,,slide switch', Hold::Putty];
    }

    #[DataProvider('parts')]
    public function test_a_part_out_of_the_tables_reach_is_held_by_its_kind(string $row, Hold $hold): void
    {
        // A tall can on either side keeps the table away from the part between them.
        $kit = KitMaker::kit(
            ['C8,1000u,18x36,', 'C9,1000u,18x36,', $row],
            ['C8,12,30,0,top', 'C9,68,30,0,top', 'ZZ1,40,30,0,top'],
            ['overrides' => ['order' => [['parts' => ['ZZ1'], 'after' => ['C8', 'C9'], 'sameStep' => false]]]],
        );

        self::assertSame($hold, self::part($kit, 'ZZ1')->hold);
    }

    public function test_a_stiff_part_that_is_the_tallest_so_far_is_held_by_the_table(): void
    {
        $part = self::part(
            KitMaker::kit(['J1,2 way,5.08,terminal block', 'R1,1k,,resistor'], ['J1,40,30,0,top', 'R1,60,50,0,top']),
            'J1',
        );

        self::assertSame(Hold::Table, $part->hold);
        self::assertEqualsWithDelta(0.0, (float) $part->gap, 0.5);
    }

    public function test_soldering_from_the_front_on_plated_holes_needs_no_hold(): void
    {
        $row = ['J1,2 way,5.08,terminal block'];
        $front = ['settings' => ['solderFrom' => 'front']];

        self::assertSame(Hold::NoneNeeded, self::part(KitMaker::kit($row, ['J1,40,30,0,top'], $front), 'J1')->hold);
    }

    public function test_soldering_from_the_front_needs_plated_holes_or_a_board_that_says_nothing(): void
    {
        $row = ['J1,2 way,5.08,terminal block'];
        $front = static fn(bool $plated): array => [
            'settings' => ['solderFrom' => 'front'],
            'board' => ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]], 'plated' => $plated],
        ];
        $hold = static fn($kit): Hold => Holding::of($kit)->hold($kit->part('J1') ?? self::fail(), null);

        self::assertSame(Hold::NoneNeeded, $hold(KitMaker::kit($row, [], $front(false))), 'without a place');
        self::assertSame(Hold::NoneNeeded, $hold(KitMaker::kit($row, ['J1,40,30,0,top'], $front(true))));
        self::assertSame(Hold::Tape, $hold(KitMaker::kit($row, ['J1,40,30,0,top'], $front(false))));
    }

    public function test_what_the_maker_says_goes_before_the_rule(): void
    {
        $kit = KitMaker::kit(['R1,1k,,resistor'], ['R1,40,30,0,top'], ['lines' => ['R1' => ['hold' => 'putty']]]);

        self::assertSame(Hold::Putty, self::part($kit, 'R1')->hold);
        self::assertSame(1, KitMaker::order($kit)->score->hanging);
    }

    public function test_lead_that_shows_is_lead_less_board_less_gap(): void
    {
        $kit = KitMaker::kit(
            ['C8,1000u,18x36,', 'C9,1000u,18x36,', 'ZZ1,8 way,DIP-8,IC socket'],
            ['C8,12,30,0,top', 'C9,68,30,0,top', 'ZZ1,40,30,0,top'],
            ['overrides' => ['order' => [['parts' => ['ZZ1'], 'after' => ['C8', 'C9'], 'sameStep' => false]]]],
        );
        $part = self::part($kit, 'ZZ1');
        $lead = array_values(
            array_filter($part->reasons, static fn($reason): bool => $reason->code === 'lead.showing'),
        )[0]->args;

        // Socket pins 3.2 mm, board 1.6 mm, gap 36 - 4.75 = 31.25 mm when the board lies level.
        self::assertEqualsWithDelta(31.25, (float) $part->gap, 0.01);
        self::assertEqualsWithDelta(3.2 - 1.6 - 31.25, (float) $lead['mm'], 0.01);
    }

    private static function part(\Chiralex\Kit\Kit $kit, string $name): StepPart
    {
        foreach (KitMaker::order($kit)->steps as $step) {
            foreach ($step->parts as $part) {
                if ($part->designator === $name && $step->action->value === 'solder') {
                    return $part;
                }
            }
        }
        self::fail("{$name} is soldered in no step");
    }
}
