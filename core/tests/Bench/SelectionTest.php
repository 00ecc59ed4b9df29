<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\Selection;
use Chiralex\Bench\Selections;
use Chiralex\Kit\Measurement;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Measured pieces put together; against trying every choice on small lots, recomputed. */
final class SelectionTest extends TestCase
{
    /** @return iterable<string, array{list<float>, int, float, list<list<float>>, list<float>}> */
    public static function lots(): iterable
    {
        yield 'two that fit and one that does not' => [[1.0, 5.0, 1.2], 2, 0.5, [[1.0, 1.2]], [5.0]];
        yield 'a chain makes more pairs when the ends go first' => [
            [1.0, 2.0, 3.0, 4.0],
            2,
            1.0,
            [[1.0, 2.0], [3.0, 4.0]],
            [],
        ];
        yield 'the closer of two pairs, where only one is possible' => [[1.0, 1.9, 2.0], 2, 1.0, [[1.9, 2.0]], [1.0]];
        yield 'exactly the difference allowed' => [[0.6, 0.602], 2, 0.002, [[0.6, 0.602]], []];
        yield 'three of a kit' => [[1.0, 1.1, 1.2, 5.0, 5.1, 9.0], 3, 0.3, [[1.0, 1.1, 1.2]], [5.0, 5.1, 9.0]];
        yield 'one of a kit' => [[2.0, 1.0], 1, 0.0, [[1.0], [2.0]], []];
        yield 'nothing fits' => [[1.0, 2.0], 2, 0.5, [], [1.0, 2.0]];
    }

    /**
     * @param list<float> $values
     * @param int<1, max> $places
     * @param list<list<float>> $kits
     * @param list<float> $left
     */
    #[DataProvider('lots')]
    public function test_most_kits_first_then_least_difference(
        array $values,
        int $places,
        float $most,
        array $kits,
        array $left,
    ): void {
        $found = Selection::of(self::pieces($values), $places, $most);

        self::assertSame(
            $kits,
            array_map(
                static fn(array $kit): array => array_map(static fn(Measurement $piece): float => $piece->value, $kit),
                $found->kits,
            ),
        );
        self::assertSame($left, array_map(static fn(Measurement $piece): float => $piece->value, $found->left));
    }

    public function test_on_random_small_lots_it_is_as_good_as_trying_everything(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($round = 0; $round < 120; ++$round) {
            $places = $random->getInt(2, 3);
            $values = [];
            for ($i = $random->getInt(2, $places === 2 ? 9 : 8); $i > 0; --$i) {
                $values[] = $random->getInt(0, 60) / 10;
            }
            $most = $random->getInt(2, 15) / 10;
            $found = Selection::of(self::pieces($values), $places, $most);
            [$kits, $total] = self::everything($values, $places, $most);

            self::assertCount($kits, $found->kits, "round {$round}");
            self::assertEqualsWithDelta($total, $found->total, 1e-9, "round {$round}");
            self::assertSame(count($values), $kits * $places + count($found->left));
        }
    }

    public function test_pieces_measured_for_the_value_count_for_the_parts_of_that_value(): void
    {
        $files = KitMaker::files(
            ['D1,1N4148,DO-35,diode', 'D2,1N4148,DO-35,diode'],
            [],
            ['groups' => ['selected' => [['parts' => ['D1', 'D2'], 'maxDifference' => '2 mV']]]],
        );
        $kit = (new \Chiralex\Kit\KitReader())->read(
            $files + [
                'measurements.csv' =>
                    "part,lot,piece,quantity,value\n1N4148,L1,1,forward voltage,612 mV\nD1,L1,2,forward voltage,\"613,5 mV\"\n1N4148,L1,3,gain,120\n1N4148,L1,4,forward voltage,about 6\n",
            ],
        );
        $selected = Selections::of($kit)[0];

        self::assertSame([2, 'forward voltage'], [$selected['pieces'], $selected['quantity']]);
        self::assertCount(1, $selected['selection']->kits ?? []);
        self::assertSame(
            ['measurement.value'],
            array_values(
                array_filter(
                    array_map(static fn($problem): string => $problem->code, $kit->findings->problems),
                    static fn(string $code): bool => str_starts_with($code, 'measurement'),
                ),
            ),
        );
        self::assertNull(Selections::difference('close'));
    }

    public function test_one_piece_is_counted_and_the_quantity_named_first_is_taken(): void
    {
        $files = KitMaker::files(
            ['D1,1N4148,DO-35,diode'],
            [],
            ['groups' => ['selected' => [['parts' => ['D1'], 'maxDifference' => '2 mV']]]],
        );
        $selected = static fn(string $rows): array => Selections::of(
            (new \Chiralex\Kit\KitReader())->read(
                $files + ['measurements.csv' => "part,lot,piece,quantity,value\n{$rows}"],
            ),
        )[0];
        $one = $selected("D1,L1,1,gain,120\n");
        $both = $selected("D1,L1,1,gain,120\nD1,L1,2,forward voltage,612 mV\n");

        self::assertSame(['gain', 1], [$one['quantity'], count($one['selection']->kits ?? [])]);
        self::assertSame(['gain', 1], [$both['quantity'], $both['pieces']]);
    }

    /**
     * @param list<float> $values
     * @return array{int, float} kits, total difference
     */
    private static function everything(array $values, int $places, float $most): array
    {
        if (count($values) < $places) {
            return [0, 0.0];
        }
        $first = array_shift($values);
        $best = self::everything($values, $places, $most);
        foreach (self::choices(count($values), $places - 1) as $choice) {
            $kit = [$first, ...array_map(static fn(int $index): float => $values[$index], $choice)];
            $spread = max($kit) - min($kit);
            if ($spread <= $most + 1e-9) {
                [$kits, $total] = self::everything(
                    array_values(array_diff_key($values, array_flip($choice))),
                    $places,
                    $most,
                );
                if ($kits + 1 > $best[0] || ($kits + 1 === $best[0] && $total + $spread < $best[1])) {
                    $best = [$kits + 1, $total + $spread];
                }
            }
        }

        return $best;
    }

    /** @return list<list<int>> */
    private static function choices(int $count, int $take, int $from = 0): array
    {
        if ($take === 0) {
            return [[]];
        }
        $choices = [];
        for ($i = $from; $i <= $count - $take; ++$i) {
            foreach (self::choices($count, $take - 1, $i + 1) as $rest) {
                $choices[] = [$i, ...$rest];
            }
        }

        return $choices;
    }

    /**
     * @param list<float> $values
     * @return list<Measurement>
     */
    private static function pieces(array $values): array
    {
        return array_map(
            static fn(float $value, int $index): Measurement => new Measurement(
                'D',
                'L1',
                (string) ($index + 1),
                '',
                $value,
            ),
            $values,
            array_keys($values),
        );
    }
}
