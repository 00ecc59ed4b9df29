<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Action;
use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\ExactOrder;
use Chiralex\Build\Internal\Holding;
use Chiralex\Build\Internal\Items;
use Chiralex\Build\Internal\JointFacts;
use Chiralex\Build\Internal\Overrides;
use Chiralex\Build\Internal\Scorer;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\RuleBook;
use Chiralex\Build\Score;
use Chiralex\Build\Step;
use Chiralex\Build\Task;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\OrderOverride;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the searches reckon with: twins, sets, inversions, switches, hanging parts; and what joins in one step. */
final class OrderPiecesTest extends TestCase
{
    public function test_an_order_of_nothing_costs_nothing(): void
    {
        self::assertSame(array_fill(0, 9, 0), array_values(get_object_vars(new Score())));
    }

    public function test_twins_differ_in_nothing_that_an_order_could_tell(): void
    {
        $bom = static fn(int $count): array => array_map(
            static fn(int $i): string => "R{$i},1k,Axial 1/4W,",
            range(1, $count),
        );
        $twins = static function (array $bom, array $json = []): array {
            [$items, $costs] = self::pieces(KitMaker::kit($bom, [], $json));

            return $costs->twins(range(0, $items->count() - 1));
        };

        self::assertSame([1 => 0, 2 => 1], $twins($bom(3)));
        self::assertSame([2 => 0], $twins(['R1,1k,Axial 1/4W,', 'R2,2k,Axial 1/4W,', 'R3,1k,Axial 1/4W,']));
        self::assertSame([], $twins($bom(2), ['lines' => ['R2' => ['height' => 3.0]]]));
        self::assertSame([2 => 1], $twins($bom(3), ['groups' => ['before' => [['R1', 'R2'], ['R1', 'R3']]]]));
        self::assertSame([], $twins($bom(2), ['groups' => ['block' => ['a' => ['R1'], 'b' => ['R2']]]]));
        self::assertSame([], $twins($bom(2), ['groups' => ['before' => [['R1', 'R2']]]]));
    }

    /** @return iterable<string, array{list<string>, int}> parts, sets: every choice, but of twins only how many */
    public static function sets(): iterable
    {
        $same = static fn(string $letter, string $value, int $count): array => array_map(
            static fn(int $i): string => "{$letter}{$i},{$value}",
            range(1, $count),
        );
        yield 'one part' => [$same('R', '1k,Axial 1/4W,', 1), 2];
        yield 'two twins: none, one, both' => [$same('R', '1k,Axial 1/4W,', 2), 3];
        yield 'five twins' => [$same('R', '1k,Axial 1/4W,', 5), 6];
        yield 'two twins and three' => [[...$same('R', '1k,Axial 1/4W,', 2), ...$same('C', '47u,6.3x11,', 3)], 12];
    }

    /** @param list<string> $bom */
    #[DataProvider('sets')]
    public function test_so_many_sets_of_parts_done_are_looked_at(array $bom, int $sets): void
    {
        [$items, $costs] = self::pieces(KitMaker::kit($bom));

        self::assertSame($sets, $costs->states(range(0, $items->count() - 1)));
    }

    public function test_the_exact_search_reaches_nine_parts_and_twelve_where_twins_leave_few_sets(): void
    {
        $reaches = static function (int $twins, int $others): bool {
            $bom = [];
            for ($i = 1; $i <= $twins; ++$i) {
                $bom[] = "R{$i},1k,Axial 1/4W,";
            }
            for ($i = 1; $i <= $others; ++$i) {
                $bom[] = "C{$i},{$i}0u,6.3x11,";
            }

            return ExactOrder::reaches(...self::pieces(KitMaker::kit($bom)));
        };

        self::assertSame([true, false], [$reaches(0, 9), $reaches(0, 10)]);
        // Six twins have 7 sets, six others 64: 448. Three twins have 4, seven others 128: 512; two have 3 and eight 256.
        self::assertSame([true, true, false], [$reaches(6, 6), $reaches(3, 7), $reaches(2, 8)]);
        self::assertSame([true, false], [$reaches(12, 0), $reaches(13, 0)]);
    }

    /** @return iterable<string, array{float, float, bool, bool}> heights of two parts, inverts, fit in one step */
    public static function heights(): iterable
    {
        yield 'as high' => [2.0, 2.0, false, true];
        yield 'half a millimetre higher' => [2.5, 2.0, false, true];
        yield 'a little more' => [2.51, 2.0, true, true];
        yield 'a millimetre higher' => [3.0, 2.0, true, true];
        yield 'a little more than that' => [3.01, 2.0, true, false];
        yield 'lower' => [2.0, 3.0, false, true];
    }

    #[DataProvider('heights')]
    public function test_the_higher_before_the_lower_is_an_inversion(
        float $first,
        float $then,
        bool $inverts,
        bool $fits,
    ): void {
        [$items, $costs] = self::pieces(self::two($first, $then));

        self::assertSame($inverts, $costs->inverts(0, 1));
        self::assertSame($fits, $costs->spreadFits(min($first, $then), max($first, $then)));
        self::assertSame($inverts ? 1 : 0, (new Scorer($items, $costs))->score([[0], [1]])->inversions);
        self::assertSame(0, (new Scorer($items, $costs))->score([[0, 1]])->inversions, 'in one step nothing is before');
    }

    public function test_what_a_rule_forces_and_what_lies_on_another_side_inverts_nothing(): void
    {
        [, $forced] = self::pieces(self::two(9.0, 2.0, ['groups' => ['before' => [['R1', 'R2']]]]));
        [, $apart] = self::pieces(self::two(9.0, 2.0, [], 'bottom'));

        self::assertSame([false, false], [$forced->inverts(0, 1), $apart->inverts(0, 1)]);
    }

    public function test_switches_are_counted_between_neighbours(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'R2,2k,Axial 1/4W,', 'R3,1k,Axial 1/4W,', 'C1,47u,6.3x11,'],
            ['R1,10,10,0,top', 'R2,10,20,0,bottom', 'R3,10,40,0,top', 'C1,60,40,0,top'],
            ['groups' => ['block' => ['a' => ['R1', 'C1'], 'b' => ['R2', 'R3']]]],
        );
        [$items, $costs] = self::pieces($kit);
        $at = array_flip(array_map(static fn($part): string => $part->designator, $items->parts));
        [$c, $r1, $r2, $r3] = [$at['C1'], $at['R1'], $at['R2'], $at['R3']];

        self::assertSame([0, 0, 0], $costs->switches(null, [$r1]));
        self::assertSame([1, 0, 1], $costs->switches($r1, [$r2]));
        self::assertSame([0, 1, 0], $costs->switches($r1, [$c]));
        self::assertSame([1, 1, 2], $costs->switches($c, [$r1, $r2, $r3]), 'a b b after a: one, and kinds and values');
        $score = (new Scorer($items, $costs))->score([[$r1], [$r2], [$r3], [$c]], 3);
        self::assertSame(
            [3, 2, 2, 1, 2, 4],
            [
                $score->violations,
                $score->flips,
                $score->blockSwitches,
                $score->kindSwitches,
                $score->valueSwitches,
                $score->steps,
            ],
        );
    }

    public function test_a_stiff_part_hangs_beside_a_higher_one_and_is_held_alone(): void
    {
        $kit = KitMaker::kit(
            [
                'K1,5 V,10x10x10,relay',
                'K2,5 V,10x10x10,relay',
                'K3,5 V,10x10x10,relay',
                'J1,2 way,5.08,terminal block',
                'R1,1k,Axial 1/4W,',
            ],
            ['K1,10,10,0,top', 'K2,70,10,0,top', 'K3,40,50,0,top', 'J1,40,25,0,top', 'R1,20,30,0,top'],
            ['lines' => ['J1' => ['height' => 9.0]]],
        );
        [$items, $costs] = self::pieces($kit);
        $at = array_flip(array_map(static fn($part): string => $part->designator, $items->parts));
        $relays = [$at['K1'], $at['K2'], $at['K3']];

        self::assertSame(0, $costs->hanging($relays, []));
        self::assertSame(1, $costs->hanging([...$relays, $at['J1']], []));
        self::assertSame(1, $costs->hanging([$at['J1']], $relays));
        self::assertSame(0, $costs->hanging([$at['R1']], $relays), 'bent wires hold it');
        self::assertSame(0, $costs->on($items->only([$at['R1']]), $relays)->hanging([0], []));
        self::assertSame(1, $costs->on($items->only([$at['J1']]), $relays)->hanging([0], []));
    }

    /** @return iterable<string, array{int}> how many look-alikes stand in one group: up to 64 they are written out */
    public static function crowds(): iterable
    {
        yield 'written out' => [64];
        yield 'looked up' => [65];
    }

    #[DataProvider('crowds')]
    public function test_look_alikes_are_known_however_many(int $count): void
    {
        $bom = ['D1,1N4148,DO-35,', 'D2,1N4148,DO-35,', 'R1,1k,Axial 1/4W,'];
        for ($i = 1; $i <= $count - 2; ++$i) {
            $bom[] = "ZD{$i},5V1,DO-35,Zener diode";
        }
        [$items] = self::pieces(KitMaker::kit($bom));
        $at = array_flip(array_map(static fn($part): string => $part->designator, $items->parts));

        self::assertTrue($items->areAlike($at['D1'], $at['ZD1']));
        self::assertTrue($items->areAlike($at['ZD9'], $at['D2']));
        self::assertFalse($items->areAlike($at['D1'], $at['D2']));
        self::assertFalse($items->areAlike($at['D1'], $at['R1']));
        self::assertSame(2, $items->lookAlikesIn([$at['D1'], $at['D2'], $at['ZD1']]));
        self::assertSame(1, $items->lookAlikesIn([$at['R1'], $at['ZD1'], $at['D2']]));
        self::assertSame([$at['D1'], $at['R1'], $at['ZD1']], $items->sorted([$at['ZD1'], $at['R1'], $at['D1']]));
    }

    public function test_within_a_step_values_rise_and_words_follow_the_alphabet(): void
    {
        [$items] = self::pieces(
            KitMaker::kit(['R1,10k,Axial 1/4W,', 'R2,9k1,Axial 1/4W,', 'R3,1M,Axial 1/4W,', 'R4,9k1,Axial 1/4W,']),
        );

        self::assertSame([1, 3, 0, 2], $items->sorted([0, 1, 2, 3]));
    }

    /** @return iterable<string, array{OrderOverride, list<list<string>>}> */
    public static function overrides(): iterable
    {
        yield 'before everything' => [new OrderOverride(['c'], [], false), [['c'], ['a', 'b'], ['d']]];
        yield 'after a part' => [new OrderOverride(['d'], ['a'], false), [['a', 'b'], ['d'], ['c']]];
        yield 'after the last of two' => [new OrderOverride(['a'], ['b', 'c'], false), [['b'], ['c'], ['a'], ['d']]];
        yield 'into the first step' => [new OrderOverride(['d'], ['a'], true), [['a', 'b', 'd'], ['c']]];
        yield 'into a later step' => [new OrderOverride(['b'], ['c'], true), [['a'], ['c', 'b'], ['d']]];
        yield 'in one step with nothing is before everything' => [
            new OrderOverride(['d'], [], true),
            [['d'], ['a', 'b'], ['c']],
        ];
        yield 'a part that is gone' => [new OrderOverride(['x'], ['a'], false), [['a', 'b'], ['c'], ['d']]];
        yield 'after a part that is gone' => [new OrderOverride(['d'], ['x'], false), [['a', 'b'], ['c'], ['d']]];
        yield 'after parts of which one is gone' => [
            new OrderOverride(['d'], ['x', 'a'], false),
            [['a', 'b'], ['d'], ['c']],
        ];
    }

    /** @param list<list<string>> $steps */
    #[DataProvider('overrides')]
    public function test_the_maker_moves_parts_to_others(OrderOverride $override, array $steps): void
    {
        self::assertSame($steps, (new Overrides())->apply([['a', 'b'], ['c'], ['d']], [$override]));
    }

    public function test_ics_of_one_side_go_in_together_and_wires_too_as_far_as_the_group_allows(): void
    {
        $bom = $places = $sockets = [];
        foreach (['top', 'top', 'bottom', 'top'] as $i => $side) {
            $n = $i + 1;
            array_push($bom, "XU{$n},8 way,DIP-8,IC socket", "U{$n},LM393,DIP-8,IC");
            $places[] = sprintf('XU%d,%d,30,0,%s', $n, 10 + 18 * $i, $side);
            $sockets[] = ["XU{$n}", "U{$n}"];
        }
        $words = static fn(int $group, array $before = []): array => array_values(
            array_filter(
                KitMaker::words(
                    KitMaker::order(
                        KitMaker::kit(
                            [...$bom, 'R1,1k,Axial 1/4W,'],
                            [...$places, 'R1,10,50,0,top'],
                            [
                                'settings' => ['group' => $group],
                                'groups' => ['sockets' => $sockets, 'before' => $before],
                                'wires' => [
                                    ['name' => 'W1', 'from' => 'R1.1', 'to' => 'XU1.1'],
                                    ['name' => 'W2', 'from' => 'R1.1', 'to' => 'XU2.1'],
                                ],
                            ],
                        ),
                    ),
                ),
                static fn(string $word): bool => preg_match('~^insert|W~', $word) === 1,
            ),
        );

        self::assertEqualsCanonicalizing(['insert U1 U2', 'insert U3', 'insert U4', 'solder W1 W2'], $words(2));
        self::assertEqualsCanonicalizing(
            ['insert U1', 'insert U2', 'insert U3', 'insert U4', 'solder W1', 'solder W2'],
            $words(1),
        );
        self::assertContains('solder W1', $words(2, [['W1', 'W2']]));
    }

    public function test_solder_is_reckoned_for_each_joint(): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,', 'XU1,8 way,DIP-8,IC socket', 'J1,2 way,5.08,terminal block']);
        $facts = new JointFacts($kit);
        $of = static fn(Verb $verb, Action $action, string ...$names): float => $facts->of([
            new Task($verb, 'it', $action, array_values($names)),
        ])->solder;
        $resistor = $of(Verb::Solder, Action::Solder, 'R1') / 2;

        self::assertEqualsWithDelta(8 * $resistor, $of(Verb::Solder, Action::Solder, 'XU1'), 2.5, 'thinner leads');
        self::assertEqualsWithDelta($resistor, $of(Verb::Tack, Action::Tack, 'R1'), 0.06);
        self::assertEqualsWithDelta(2 * $resistor, $of(Verb::Wire, Action::Solder, 'W1'), 0.06);
        self::assertSame(0.0, $of(Verb::Place, Action::Place, 'R1'));
        $none = $facts->of([new Task(Verb::Place, 'it', Action::Place, ['J1'])]);
        $tacked = $facts->of([new Task(Verb::Tack, 'it', Action::Tack, ['J1'])]);
        self::assertSame([null, false], [$none->iron, $none->heavy]);
        self::assertSame([340, true], [$tacked->iron, $tacked->heavy]);
    }

    public function test_an_ic_and_a_wire_are_moved_by_the_maker_too(): void
    {
        $kit = KitMaker::kit(
            ['XU1,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,IC', 'R1,1k,Axial 1/4W,', 'C1,47u,6.3x11,'],
            [],
            ['groups' => ['sockets' => [['XU1', 'U1']]]],
        );
        $words = static fn(OrderOverride ...$overrides): array => KitMaker::words(
            KitMaker::order($kit->withOrderOverrides(array_values($overrides))),
        );
        $moved = $words(new OrderOverride(['U1'], ['XU1'], false));

        self::assertSame('insert U1', array_slice($words(), -1)[0]);
        self::assertSame((int) array_search('solder XU1', $moved, true) + 1, array_search('insert U1', $moved, true));
        self::assertSame('insert U1', $words(new OrderOverride(['U1'], [], false))[0]);
        $order = KitMaker::order($kit->withOrderOverrides([new OrderOverride(['U1'], ['XU1'], false)]));
        self::assertSame(1, count($order->broken), 'the capacitor is soldered after it');
        self::assertSame(
            [['U1']],
            array_values(array_filter(array_map(static fn(Step $step): array => $step->overridden, $order->steps))),
        );
    }

    /** @return array{Items, Costs} */
    private static function pieces(Kit $kit): array
    {
        $book = TaskBook::of($kit);
        $items = Items::of($kit, $book, (new RuleBook())->precedence($kit, $book), LookAlikes::of($kit));

        return [$items, new Costs($items, Holding::of($kit), [])];
    }

    /** @param array<string, mixed> $json */
    private static function two(float $first, float $then, array $json = [], string $side = 'top'): Kit
    {
        return KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'R2,2k,Axial 1/4W,'],
            ['R1,10,10,0,top', "R2,60,40,0,{$side}"],
            $json + ['lines' => ['R1' => ['height' => $first], 'R2' => ['height' => $then]]],
        );
    }
}
