<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Board\Lie;
use Chiralex\Board\Plane;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Board\Prop;
use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Score;
use Chiralex\Build\Soldering;
use Chiralex\Build\Step;
use Chiralex\Build\StepPart;
use Chiralex\Build\StepWork;
use Chiralex\Build\Task;
use Chiralex\Build\Verb;
use Chiralex\Kit\School;
use Chiralex\Part\Hold;
use Chiralex\Reason\Reason;
use Chiralex\Review\HardwareMatters;
use Chiralex\Review\MarkMatters;
use Chiralex\Review\OrderMatters;
use Chiralex\Review\PrintMatters;
use Chiralex\Review\ProseMatters;
use Chiralex\Review\SnagMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Both sides of every limit of counts, steps, prints and figures in words. */
final class CountLimitsTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int, list<string>}> screws, nuts, standoffs, washers, codes */
    public static function hardware(): iterable
    {
        yield 'a fastener at either end' => [4, 0, 2, 0, []];
        yield 'screws and nuts together' => [2, 2, 2, 0, []];
        yield 'one end open' => [3, 0, 2, 0, ['parts.standoff-stack']];
        yield 'a standoff with nothing' => [0, 0, 1, 0, ['parts.standoff-stack']];
        yield 'a nut for each screw' => [2, 2, 0, 0, []];
        yield 'a nut on a standoff' => [1, 2, 1, 0, []];
        yield 'a nut too many' => [2, 3, 0, 0, ['parts.nuts-without-screws']];
        yield 'two washers for each fastener' => [1, 1, 0, 4, []];
        yield 'a washer too many' => [1, 1, 0, 5, ['parts.washers-without-screws']];
        yield 'washers alone' => [0, 0, 0, 1, ['parts.washers-without-screws']];
        yield 'screws alone' => [2, 0, 0, 0, []];
    }

    /** @param list<string> $codes */
    #[DataProvider('hardware')]
    public function test_hardware_adds_up(int $screws, int $nuts, int $standoffs, int $washers, array $codes): void
    {
        $kinds = ['screw' => $screws, 'nut' => $nuts, 'standoff' => $standoffs, 'washer' => $washers];
        $bom = ['R1,1k,,'];
        foreach ($kinds as $kind => $count) {
            for ($i = 1; $i <= $count; ++$i) {
                $bom[] =
                    ['screw' => 'SCR', 'nut' => 'NUT', 'standoff' => 'ST', 'washer' => 'WSH'][$kind] .
                    "{$i},M3,,{$kind}";
            }
        }
        $found = [];
        foreach (['parts.standoff-stack', 'parts.nuts-without-screws', 'parts.washers-without-screws'] as $code) {
            $told = Told::by(new HardwareMatters(), KitMaker::kit($bom), $code);
            if ($told !== []) {
                $found[] = $code;
                self::assertSame(
                    [
                        'thread' => 'M3',
                        'screws' => $screws,
                        'nuts' => $nuts,
                        'standoffs' => $standoffs,
                        'washers' => $washers,
                    ],
                    array_diff_key($told[0], ['needed' => 0]),
                );
            }
        }

        self::assertSame($codes, $found);
    }

    /** @return iterable<string, array{float, ?string}> millimetres of lead that show, code; a joint needs half a millimetre (common practice) */
    public static function leads(): iterable
    {
        yield 'what a joint needs' => [0.5, null];
        yield 'a little less' => [0.49, 'order.short-joint'];
        yield 'up to the hole and no further' => [0.0, 'order.short-joint'];
        yield 'not through the hole' => [-0.01, 'order.falls-out'];
    }

    #[DataProvider('leads')]
    public function test_a_part_that_hangs_shows_enough_lead(float $left, ?string $code): void
    {
        $kit = KitMaker::kit(['R1,1k,,']);
        $order = self::order(self::step(1, [new Reason('lead.showing', ['mm' => $left, 'gap' => 2.0])]));
        foreach (['order.short-joint', 'order.falls-out'] as $each) {
            self::assertSame(
                $each === $code ? [['step' => 1, 'designator' => 'R1', 'mm' => $left, 'gap' => 2.0]] : [],
                Told::by(new OrderMatters(), $kit, $each, $order),
            );
        }
        self::assertSame(
            [],
            Told::by(
                new OrderMatters(),
                $kit,
                'order.short-joint',
                self::order(self::step(1, [new Reason('height', ['mm' => 0.5])])),
            ),
        );
    }

    /** @return iterable<string, array{float, bool, ?string}> tilt in degrees, whether a prop is told, code */
    public static function tilts(): iterable
    {
        yield 'five degrees' => [4.9999, false, null];
        yield 'a little steeper' => [5.04, false, 'order.tilted'];
        yield 'a little steeper, with a prop' => [5.06, true, 'order.prop'];
    }

    #[DataProvider('tilts')]
    public function test_a_board_lies_up_to_five_degrees_steep(float $tilt, bool $propped, ?string $code): void
    {
        $kit = KitMaker::kit(['R1,1k,,', 'C1,100u,10x16,'], ['R1,10,10,0,top', 'C1,70.26,30.24,0,top']);
        $slope = tan(deg2rad($tilt));
        $lie = new Lie(new Plane(0.0, $slope, 0.0), [], false, null, new Point(0.0, 0.0), [0, 1, 2]);
        $body = $kit->part('C1')?->place->body;
        $outline = new Polygon([
            new Point(0.0, 0.0),
            new Point(80.0, 0.0),
            new Point(80.0, 61.0),
            new Point(0.0, 61.0),
        ]);
        $prop = $propped && $body !== null ? Prop::under($lie, $outline, [$body]) : null;
        $order = self::order(self::step(7, [], $lie, $prop));
        foreach (['order.tilted', 'order.prop'] as $each) {
            $told = Told::by(new OrderMatters(), $kit, $each, $order);
            self::assertSame($each === $code ? [round($tilt, 1)] : [], array_column($told, 'tilt'), $each);
            self::assertSame($each === $code ? [7] : [], array_column($told, 'step'), $each);
            if ($each === 'order.prop' && $told !== []) {
                // Whatever the figure, a tenth of a millimetre is the last that is told.
                foreach (['height', 'x', 'y'] as $figure) {
                    self::assertSame(round((float) $told[0][$figure], 1), $told[0][$figure]);
                }
                self::assertSame(
                    [16.0, 'left', 0.0, 30.5],
                    [$told[0]['height'], $told[0]['edge'], $told[0]['x'], $told[0]['y']],
                );
            }
        }
        $held = KitMaker::kit(['R1,1k,,'], [], ['settings' => ['workholding' => 'frame']]);
        self::assertSame([], Told::by(new OrderMatters(), $held, 'order.tilted', $order));
    }

    public function test_look_alikes_that_could_not_be_kept_apart_are_counted_with_the_soldered_steps(): void
    {
        $of = static fn(int $pairs): array => Told::by(
            new OrderMatters(),
            KitMaker::kit(['R1,1k,,']),
            'order.look-alikes',
            new BuildOrder(
                School::LowestFirst,
                [
                    self::step(1),
                    self::step(2),
                    new Step(3, new Task(Verb::Gate, '', Action::Gate, []), [], [], self::work()),
                ],
                new Score(0, 0, $pairs, 0, 0, 0, 0, 0, 2),
                [],
                [],
                [],
            ),
        );

        self::assertSame([], $of(0));
        self::assertSame([['pairs' => 1, 'steps' => 2]], $of(1));
    }

    public function test_parts_ordered_without_a_place_are_named(): void
    {
        $order = new BuildOrder(School::LowestFirst, [], new Score(0, 0, 0, 0, 0, 0, 0, 0, 0), [], ['R1'], []);

        self::assertSame(
            [['designators' => ['R1']]],
            Told::by(new OrderMatters(), KitMaker::kit(['R1,1k,,']), 'order.unplaced', $order),
        );
        self::assertSame([], Told::by(new OrderMatters(), KitMaker::kit(['R1,1k,,']), 'order.unplaced', self::order()));
    }

    public function test_a_snag_is_told_at_the_step_that_holds_most_of_its_parts_until_it_is_settled(): void
    {
        $kit = static fn(string $row): array => [
            'bom.csv' => "Reference,Value,Package\nR1,1k,Axial 1/4W\nR2,1k,Axial 1/4W\nR3,1k,Axial 1/4W\n",
            'pilot.csv' => "build,step,minutes,snag,settled\n{$row}\n",
        ];
        $told = static fn(string $row, BuildOrder $order): array => array_column(
            Told::by(new SnagMatters(), (new \Chiralex\Kit\KitReader())->read($kit($row)), 'order.snag', $order),
            'step',
        );
        $steps = self::order(self::step(1, [], null, null, 'R1'), self::step(2, [], null, null, 'R2', 'R3'));

        self::assertSame(['2'], $told('1,"solder:R1,R2,R3",2,too tight,', $steps));
        self::assertSame(['1'], $told('1,"solder:R1",2,too tight,', $steps));
        self::assertSame(['solder:R9'], $told('1,solder:R9,2,too tight,', $steps));
        self::assertSame(['insert:R1'], $told('1,insert:R1,2,too tight,', $steps));
        self::assertSame([], $told('1,"solder:R1",2,too tight,yes', $steps));
        self::assertSame([], $told('1,"solder:R1",2,,', $steps));
        // Where two steps hold as many, the first.
        self::assertSame(['1'], $told('1,"solder:R1,R2",2,too tight,', $steps));
    }

    /** @return iterable<string, array{string, ?string, array<string, mixed>}> words, code, figures */
    public static function prose(): iterable
    {
        yield 'an inch' => ['a hole of 1 in (25.4 mm)', null, []];
        // 6 % between two figures is rounding: 1 in is 25.4 mm, 6 % of it 1.524
        yield 'an inch rounded down' => ['a hole of 1 in (23.88 mm)', null, []];
        yield 'an inch rounded too far' => ['a hole of 1 in (23.87 mm)', 'manual.units-differ', ['mm' => 25.4]];
        yield 'an eighth with many digits' => ['a hole of 0.128 inch / 5 mm', 'manual.units-differ', ['mm' => 3.3]];
        yield 'volts by amperes' => ['12 V at 2 A, 24 W', null, []];
        yield 'watts rounded down' => ['12 V at 2 A, 22.57 W', null, []];
        yield 'watts rounded too far' => ['12 V at 2 A, 22.55 W', 'manual.watts-differ', ['watts' => 24.0]];
        yield 'milliamperes' => ['3.3 V at 333 mA, 9 W', 'manual.watts-differ', ['watts' => 1.099]];
        yield 'a stranger' => ['turn R9', 'manual.unknown-designator', ['designators' => ['R9']]];
        yield 'two of two' => ['the two resistors', null, []];
        yield 'as a figure' => ['all 3 resistors', 'manual.count-differs', ['listed' => 2]];
        foreach (['three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'twelve'] as $word) {
            yield "{$word} of two" => ["all {$word} resistors", 'manual.count-differs', ['listed' => 2]];
        }
    }

    /** @param array<string, mixed> $figures */
    #[DataProvider('prose')]
    public function test_what_the_maker_wrote_agrees_with_itself_and_the_list(
        string $words,
        ?string $code,
        array $figures,
    ): void {
        $kit = KitMaker::kit(['R1,1k,,', 'R2,1k,,'], [], ['overrides' => ['words' => ['text.intro' => $words]]]);
        $codes = ['manual.units-differ', 'manual.watts-differ', 'manual.unknown-designator', 'manual.count-differs'];
        foreach ($codes as $each) {
            $told = Told::by(new ProseMatters(), $kit, $each);
            self::assertCount($each === $code ? 1 : 0, $told, $each);
            self::assertSame($each === $code ? $figures : [], array_intersect_key($told[0] ?? [], $figures));
        }
    }

    /** @return iterable<string, array{int, string}> */
    public static function numbers(): iterable
    {
        foreach (
            [
                'two' => 2,
                'three' => 3,
                'four' => 4,
                'five' => 5,
                'six' => 6,
                'seven' => 7,
                'eight' => 8,
                'nine' => 9,
                'ten' => 10,
                'twelve' => 12,
            ] as $word => $count
        ) {
            yield $word => [$count, $word];
        }
    }

    #[DataProvider('numbers')]
    public function test_a_number_in_words_is_that_number(int $count, string $word): void
    {
        $bom = array_map(static fn(int $i): string => "R{$i},1k,,", range(1, $count));
        $kit = KitMaker::kit($bom, [], ['overrides' => ['words' => ['text.intro' => "the {$word} resistors"]]]);

        self::assertSame([], Told::by(new ProseMatters(), $kit, 'manual.count-differs'));
    }

    /** @return iterable<string, array{string, string, list<array<string, mixed>>}> row, what is printed, figures told */
    public static function prints(): iterable
    {
        yield 'its value' => ['R1,4k7,,', '4k7', []];
        yield 'its code' => ['R1,4k7,,', '472', []];
        // 4.7 kohm is 213.6 % of 2.2 kohm
        yield 'another value' => ['R1,4k7,,', '2k2', [['percent' => 213.6]]];
        // a bare number is read as one before it is read as a code
        yield 'another number' => ['R1,4k7,,', '222', [['percent' => 2117.1]]];
    }

    /** @param list<array<string, mixed>> $figures */
    #[DataProvider('prints')]
    public function test_the_board_prints_what_the_list_says(string $row, string $prints, array $figures): void
    {
        $kit = KitMaker::kit([$row], [], ['lines' => ['R1' => ['prints' => $prints]]]);

        self::assertSame(
            $figures,
            array_map(
                static fn(array $args): array => array_intersect_key($args, ['percent' => 0]),
                Told::by(new PrintMatters(), $kit, 'board.prints-value'),
            ),
        );
    }

    public function test_a_print_of_nothing_is_another_print_and_so_is_one_that_says_no_value(): void
    {
        $of = static fn(string $prints): int => count(
            Told::by(
                new PrintMatters(),
                KitMaker::kit(['R1,4k7,,'], [], ['lines' => ['R1' => ['prints' => $prints]]]),
                'board.prints-another',
            ),
        );

        self::assertSame(1, $of('0'));
        self::assertSame(1, $of('link'));
        self::assertSame(0, $of('4k7'));
        self::assertSame(0, $of(''));
    }

    public function test_a_direction_is_told_where_the_board_shows_none_or_the_mark_has_no_place(): void
    {
        $of = static fn(string $row, array $placements, array $line, string $code): int => count(
            Told::by(
                new MarkMatters(),
                KitMaker::kit([$row], $placements, $line === [] ? [] : ['lines' => [explode(',', $row)[0] => $line]]),
                $code,
            ),
        );
        $diode = 'D1,1N4148,DO-35,';
        $at = ['D1,10,10,0,top'];

        self::assertSame(0, $of($diode, $at, [], 'marks.no-direction'));
        self::assertSame(0, $of($diode, $at, [], 'marks.no-board-mark'));
        self::assertSame(1, $of($diode, $at, ['legend' => 'nothing'], 'marks.no-board-mark'));
        self::assertSame(0, $of($diode, [], ['legend' => 'nothing'], 'marks.no-board-mark'));
        self::assertSame(
            1,
            $of(
                $diode,
                $at,
                ['polarity' => ['mark' => 'band', 'terminal' => 'cathode', 'pin' => '9']],
                'marks.no-direction',
            ),
        );
        self::assertSame(
            0,
            $of(
                $diode,
                [],
                ['polarity' => ['mark' => 'band', 'terminal' => 'cathode', 'pin' => '9']],
                'marks.no-direction',
            ),
        );
        self::assertSame(0, $of($diode, $at, [], 'marks.no-mark'));
        self::assertSame(1, $of($diode, $at, ['polarity' => ['terminal' => 'cathode']], 'marks.no-mark'));
    }

    public function test_a_kind_that_faces_several_ways_is_told_once(): void
    {
        $of = static fn(string ...$places): array => Told::by(
            new MarkMatters(),
            KitMaker::kit(
                array_map(static fn(int $i): string => "D{$i},1N4148,DO-35,", range(1, count($places))),
                array_map(static fn(int $i): string => "D{$i}," . $places[$i - 1], range(1, count($places))),
            ),
            'marks.several-ways',
        );

        self::assertSame([], $of('10,10,0,top', '10,20,0,top'));
        self::assertSame([['D1', 'D2']], array_column($of('10,10,0,top', '10,20,90,top'), 'designators'));
    }

    private static function order(Step ...$steps): BuildOrder
    {
        return new BuildOrder(
            School::LowestFirst,
            array_values($steps),
            new Score(0, 0, 0, 0, 0, 0, 0, 0, count($steps)),
            [],
            [],
            [],
        );
    }

    /** @param list<Reason> $reasons of its first part */
    private static function step(
        int $number,
        array $reasons = [],
        ?Lie $lie = null,
        ?Prop $prop = null,
        string ...$names,
    ): Step {
        $parts = array_map(
            static fn(string $name): StepPart => new StepPart(
                $name,
                2.5,
                $lie === null ? Hold::Bend : Hold::Tack,
                null,
                $reasons,
            ),
            $names === [] ? ['R1'] : array_values($names),
        );

        return new Step($number, new Task(Verb::Solder, 'R1', Action::Solder, []), $parts, [], self::work($lie, $prop));
    }

    private static function work(?Lie $lie = null, ?Prop $prop = null): StepWork
    {
        return new StepWork($lie, $prop, 2, 1.0, new Soldering(0.0, null, false), null, []);
    }
}
