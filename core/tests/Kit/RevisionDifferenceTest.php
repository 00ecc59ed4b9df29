<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PartDifference;
use Chiralex\Kit\RevisionDifference;
use Chiralex\Manual\ManualPlanner;
use Chiralex\Manual\Touched;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** All kits here are invented. */
final class RevisionDifferenceTest extends TestCase
{
    private const ROWS = ['R1,10k 5%,Axial 1/4W,', 'R2,47k 5%,Axial 1/4W,', 'D1,1N4148,DO-35,'];
    private const PLACES = ['R1,10,10,0,top', 'R2,10,20,0,top', 'D1,30,20,90,top'];

    public function test_two_revisions_alike_differ_in_nothing(): void
    {
        self::assertSame(
            [],
            self::words(
                KitMaker::kit(self::ROWS, self::PLACES),
                KitMaker::kit(array_reverse(self::ROWS), array_reverse(self::PLACES)),
            ),
        );
    }

    /** @return iterable<string, array{list<string>, list<string>, array<string, mixed>, list<string>}> rows, places, kit file, differences */
    public static function changes(): iterable
    {
        yield 'a part more' => [
            [...self::ROWS, 'C1,100n,disc 5mm,ceramic'],
            [...self::PLACES, 'C1,50,20,0,top'],
            [],
            ['added C1'],
        ];
        yield 'a part less' => [array_slice(self::ROWS, 0, 2), array_slice(self::PLACES, 0, 2), [], ['removed D1']];
        yield 'another value' => [
            ['R1,22k 5%,Axial 1/4W,', self::ROWS[1], self::ROWS[2]],
            self::PLACES,
            [],
            ['substituted R1: value'],
        ];
        yield 'the same value spelt another way is none' => [
            ['R1,10K 5%,Axial 1/4W,', self::ROWS[1], self::ROWS[2]],
            self::PLACES,
            [],
            [],
        ];
        yield 'another tolerance' => [
            ['R1,10k 1%,Axial 1/4W,', self::ROWS[1], self::ROWS[2]],
            self::PLACES,
            [],
            ['substituted R1: value'],
        ];
        yield 'another body' => [
            ['R1,10k 5%,Axial 1/2W,', self::ROWS[1], self::ROWS[2]],
            self::PLACES,
            [],
            ['substituted R1: outline height'],
        ];
        yield 'turned round' => [
            self::ROWS,
            [self::PLACES[0], self::PLACES[1], 'D1,30,20,270,top'],
            [],
            ['changed D1: place'],
        ];
        yield 'moved by a hair is none' => [
            self::ROWS,
            ['R1,10.2,10.2,0,top', self::PLACES[1], self::PLACES[2]],
            [],
            [],
        ];
        yield 'moved' => [self::ROWS, ['R1,40,40,0,top', self::PLACES[1], self::PLACES[2]], [], ['changed R1: place']];
        yield 'a full turn is none' => [self::ROWS, ['R1,10,10,360,top', self::PLACES[1], self::PLACES[2]], [], []];
        yield 'renumbered' => [
            [self::ROWS[0], 'R7,47k 5%,Axial 1/4W,', self::ROWS[2]],
            [self::PLACES[0], 'R7,10,20,0,top', self::PLACES[2]],
            [],
            ['renumbered R2 to R7'],
        ];
        yield 'another part at the place of one that is gone is no renumbering' => [
            [self::ROWS[0], 'R7,1M 5%,Axial 1/4W,', self::ROWS[2]],
            [self::PLACES[0], 'R7,10,20,0,top', self::PLACES[2]],
            [],
            ['removed R2', 'added R7'],
        ];
        yield 'no longer fitted' => [
            self::ROWS,
            self::PLACES,
            ['lines' => ['D1' => ['supply' => 'not-fitted']]],
            ['changed D1: supply'],
        ];
        yield 'another mark' => [
            self::ROWS,
            self::PLACES,
            ['lines' => ['D1' => ['polarity' => ['mark' => 'dot', 'terminal' => 'cathode', 'pin' => '1']]]],
            ['changed D1: mark'],
        ];
        yield 'what the board prints' => [
            self::ROWS,
            self::PLACES,
            ['lines' => ['R1' => ['legend' => 'value']]],
            ['changed R1: legend'],
        ];
    }

    /**
     * @param list<string> $rows
     * @param list<string> $places
     * @param array<string, mixed> $json
     * @param list<string> $differences
     */
    #[DataProvider('changes')]
    public function test_each_change_is_told_by_its_kind(
        array $rows,
        array $places,
        array $json,
        array $differences,
    ): void {
        self::assertSame(
            $differences,
            self::words(KitMaker::kit(self::ROWS, self::PLACES), KitMaker::kit($rows, $places, $json)),
        );
    }

    public function test_rows_without_designators_are_known_by_what_they_are(): void
    {
        $before = KitMaker::kit([...self::ROWS, ',M3x6,,screw', ',M3x10,,standoff', ',,,PCB']);
        self::assertSame(
            ['added C1'],
            self::words(
                $before,
                KitMaker::kit([
                    ...self::ROWS,
                    'C1,100n,disc 5mm,ceramic',
                    ',,,PCB',
                    ',M3x10,,standoff',
                    ',M3x6,,screw',
                ]),
            ),
        );
        self::assertSame(
            ['removed ~6', 'added ~6'],
            self::words($before, KitMaker::kit([...self::ROWS, ',M3x6,,screw', ',M3x12,,standoff', ',,,PCB'])),
        );
    }

    public function test_a_part_touches_its_steps_bag_callout_and_tests(): void
    {
        $kit = KitMaker::kit(self::ROWS, self::PLACES, [
            'gates' => [['name' => 'supply', 'needs' => ['D1'], 'protects' => [], 'expect' => '5 V']],
            'tests' => [['name' => 'rail', 'gate' => 'supply', 'expect' => '5 V', 'otherwise' => 'check D1 and R2']],
        ]);
        $order = KitMaker::order($kit);
        $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));
        $diode = Touched::by('D1', $manual);
        self::assertSame([true, ['rail', 'supply']], [$diode->callout, $diode->tests]);
        self::assertCount(1, $diode->steps);
        self::assertNotNull($diode->bag);
        self::assertSame([false, ['rail']], [Touched::by('R2', $manual)->callout, Touched::by('R2', $manual)->tests]);
        self::assertSame(
            [[], null, []],
            [Touched::by('X9', $manual)->steps, Touched::by('X9', $manual)->bag, Touched::by('X9', $manual)->tests],
        );
        // R1 is no part of "check D1 and R12".
        self::assertSame([], Touched::by('R1', $manual)->tests);
    }

    /** @return list<string> */
    private static function words(Kit $before, Kit $after): array
    {
        return array_map(
            static fn(PartDifference $each): string => $each->change->value .
                ' ' .
                ($each->was !== '' && $each->was !== $each->designator ? "{$each->was} to " : '') .
                $each->designator .
                ($each->fields === [] ? '' : ': ' . implode(' ', $each->fields)),
            (new RevisionDifference())->between($before, $after),
        );
    }
}
