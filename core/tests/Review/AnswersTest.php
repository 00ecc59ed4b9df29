<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Board\Point;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\DroppedRule;
use Chiralex\Build\GivenUp;
use Chiralex\Build\Score;
use Chiralex\Kit\School;
use Chiralex\Reason\Reason;
use Chiralex\Review\BenchMatters;
use Chiralex\Review\OrderMatters;
use Chiralex\Review\PartMatters;
use Chiralex\Review\PrintMatters;
use Chiralex\Review\SafetyMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Matters with all that they tell. */
final class AnswersTest extends TestCase
{
    /** @return iterable<string, array{?string, string, array<string, mixed>}> bleeder, code, figures; 470 uF at 325 V */
    public static function bleeders(): iterable
    {
        // 470 uF at 325 V hold 24.8 J; 60 V may be touched (IEC 60204-1, 6.2.4, from memory), reached after ln(325/60) = 1.690 time
        // constants: in 5 s with 6.3 kohm, which then takes 325^2 / 6297 = 17 W
        $held = ['volts' => 325.0, 'joules' => 24.8, 'limit' => 5.0, 'left' => 60.0, 'ohms' => 6296, 'watts' => 17.0];
        yield 'without one' => [null, 'parts.no-bleeder', $held + ['seconds' => 0.0, 'bleeder' => '']];
        // 22 kohm by 470 uF by 1.690 = 17.5 s
        yield 'a slow one' => ['22k', 'parts.slow-bleeder', $held + ['seconds' => 17.5, 'bleeder' => 'R1']];
        yield 'a fast one' => ['5k6', '', []];
    }

    /** @param array<string, mixed> $figures */
    #[DataProvider('bleeders')]
    public function test_a_capacitor_that_stays_full_is_told_with_what_empties_it(
        ?string $bleeder,
        string $code,
        array $figures,
    ): void {
        $kit = KitMaker::kit(
            ['C1,470u 400V,,electrolytic', 'R1,' . ($bleeder ?? '1k') . ',Axial 2W,'],
            [],
            ['nets' => ['C1' => ['across' => '325 V'] + ($bleeder === null ? [] : ['bleeder' => 'R1'])]],
        );
        foreach (['parts.no-bleeder', 'parts.slow-bleeder'] as $each) {
            $told = Told::by(new SafetyMatters(), $kit, $each);
            self::assertEquals($each === $code ? [['designator' => 'C1'] + $figures] : [], $told, $each);
        }
        self::assertSame([], Told::by(new SafetyMatters(), $kit, 'parts.charge-unsaid'));
    }

    public function test_a_capacitor_of_which_only_the_rating_is_known_is_told_as_that(): void
    {
        $told = Told::by(new SafetyMatters(), KitMaker::kit(['C1,470u 400V,,electrolytic']), 'parts.charge-unsaid');

        // half of 470 uF times 400 V squared is 37.6 J
        self::assertSame([['designator' => 'C1', 'volts' => 400.0, 'joules' => 37.6]], $told);
        self::assertSame(
            [],
            Told::by(new SafetyMatters(), KitMaker::kit(['C1,470u 25V,,electrolytic']), 'parts.charge-unsaid'),
        );
    }

    public function test_what_contradicts_a_no_is_named_or_else_the_supply(): void
    {
        $of = static fn(array $bom, array $json, string $code): array => array_map(
            static fn(array $args): array => [$args['hazard'], $args['by']],
            Told::by(new SafetyMatters(), KitMaker::kit($bom, [], $json), $code),
        );

        self::assertSame(
            [['hot', ['HS1']]],
            $of(['HS1,clip,,heat sink'], ['ruledOut' => ['hot' => '']], 'safety.contradicted'),
        );
        self::assertSame([], $of(['HS1,clip,,heat sink'], [], 'safety.contradicted'));
        self::assertSame(
            [['high-voltage', ['the supply']]],
            $of(['R1,1k,,'], ['supply' => ['volts' => 200], 'ruledOut' => ['high-voltage' => 'no']], 'safety.stands'),
        );
    }

    public function test_questions_that_nobody_answered_are_counted_and_none_is_told_of_none(): void
    {
        $all = ['battery', 'coin-cell', 'mains', 'high-voltage', 'stored-charge', 'hot', 'strong-field', 'radio'];
        $all = [...$all, 'laser', 'bright-light', 'small-magnets', 'glue', 'drilling', 'small-parts'];
        $of = static fn(array $said): array => Told::by(
            new SafetyMatters(),
            KitMaker::kit(['R1,1k,,'], [], ['ruledOut' => array_fill_keys($said, 'no')]),
            'safety.unanswered',
        );

        self::assertSame([], $of($all));
        self::assertSame([['count' => 1, 'hazards' => ['laser']]], $of(array_values(array_diff($all, ['laser']))));
    }

    public function test_a_part_that_nothing_reaches_is_told_with_its_place_to_a_tenth(): void
    {
        $of = static fn(bool $always, ?float $room): array => (new OrderMatters())->matters(
            new \Chiralex\Review\Subject(
                KitMaker::kit(['R1,1k,,', 'C1,100u,,']),
                new BuildOrder(
                    School::LowestFirst,
                    [],
                    new Score(0, 0, 0, 0, 0, 0, 0, 0, 0),
                    [],
                    [],
                    [],
                    new GivenUp([
                        new DroppedRule(
                            'R1',
                            ['C1'],
                            new Reason('order.iron'),
                            $always,
                            new Point(12.26, 7.84),
                            'main',
                            $room,
                        ),
                    ]),
                ),
            ),
        );
        $codes = static fn(bool $always, ?float $room): string => $of($always, $room)[0]->code;

        self::assertSame('board.closed-in', $codes(true, null));
        self::assertSame('board.closed-in-room', $codes(true, 1.5));
        self::assertSame('board.closed-by-rule', $codes(false, null));
        self::assertSame('board.closed-by-rule-room', $codes(false, 1.5));
        self::assertSame(
            [
                'designator' => 'R1',
                'by' => ['C1'],
                'why' => 'need.iron',
                'x' => 12.3,
                'y' => 7.8,
                'board' => 'main',
                'room' => 1.5,
            ],
            $of(true, 1.5)[0]->args,
        );
    }

    public function test_what_the_builder_brings_is_named_and_nothing_is_said_of_nothing(): void
    {
        $of = static fn(array $lines): array => Told::by(
            new PartMatters(),
            KitMaker::kit(['R1,1k,,', 'BT1,9 V,,battery'], [], $lines === [] ? [] : ['lines' => $lines]),
            'parts.builder-brings',
        );

        self::assertSame([], $of([]));
        self::assertSame([['designators' => ['BT1']]], $of(['BT1' => ['supply' => 'builder']]));
    }

    public function test_parts_taken_for_each_other_are_told_in_pairs_or_as_a_group(): void
    {
        $pair = Told::by(
            new PartMatters(),
            KitMaker::kit(['R1,470 5%,Axial 1/4W,', 'R2,47k 5%,Axial 1/4W,']),
            'parts.look-alikes',
        );
        self::assertSame(
            [[['R1'], ['R2']]],
            array_map(static fn(array $args): array => [$args['these'], $args['those']], $pair),
        );

        $group = Told::by(
            new PartMatters(),
            KitMaker::kit(['Q1,BC547,TO-92,', 'Q2,BC557,TO-92,', 'Q3,BS170,TO-92,']),
            'parts.look-alike-group',
        );
        self::assertSame(
            [[['Q1'], ['Q2', 'Q3'], 'alike.same-body']],
            array_map(static fn(array $args): array => [$args['these'], $args['those'], $args['why']], $group),
        );

        $two = Told::by(new PartMatters(), KitMaker::kit(['Q1,BC547,TO-92,', 'Q2,BC557,TO-92,']), 'parts.look-alikes');
        self::assertSame(
            [[['Q1'], ['Q2']]],
            array_map(static fn(array $args): array => [$args['these'], $args['those']], $two),
        );
        self::assertSame([], Told::by(new PartMatters(), KitMaker::kit(['Q1,BC547,TO-92,']), 'parts.look-alikes'));
    }

    public function test_an_adjuster_that_does_not_reach_in_every_kit_is_told_with_how_many(): void
    {
        $of = static fn(string $expect): array => Told::by(
            new BenchMatters(),
            KitMaker::kit(
                ['R1,1k 5%,Axial 1/4W,', 'RV1,1k,trimmer 6mm,trimmer'],
                [],
                [
                    'tests' => [
                        [
                            'name' => 't',
                            'gate' => 'g',
                            'expect' => $expect,
                            'adjusts' => 'RV1',
                            'points' => ['R1', 'RV1'],
                        ],
                    ],
                    'gates' => [['name' => 'g', 'needs' => ['R1'], 'protects' => []]],
                ],
            ),
            'bench.reach',
        );

        self::assertSame([], $of('1400 to 1600 ohm = R1 + RV1'));
        // the top of the trimmer lies between 800 and 1200 ohm, and 1 kohm stands before it: 2 kohm are reached by half of the kits
        $told = $of('1990 to 2010 ohm = R1 + RV1');
        self::assertSame('RV1', $told[0]['adjuster']);
        self::assertEqualsWithDelta(500, $told[0]['short'], 25);
    }

    public function test_the_value_of_a_layer_file_is_held_against_the_list(): void
    {
        $of = static fn(string $prints, string $value): int => count(
            Told::by(
                new PrintMatters(),
                KitMaker::kit(["U1,{$value},DIP-8,timer"], [], ['lines' => ['U1' => ['prints' => $prints]]]),
                'board.prints-another',
            ),
        );

        self::assertSame(0, $of('NE 555', 'NE555'));
        self::assertSame(1, $of('LM358', 'NE555'));
        self::assertSame(0, $of('', 'NE555'));
    }
}
