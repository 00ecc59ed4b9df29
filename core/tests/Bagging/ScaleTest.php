<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Weighing\BagAlarm;
use Chiralex\Bagging\Weighing\BagProof;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bagging\Weighing\ScaleProof;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a scale proves of a bag; the Tide Lamp's figures are worked out by hand in the project's example `scale`. */
final class ScaleTest extends TestCase
{
    private const ROWS = [
        'R1-R3,330,Axial 1/4W,resistor',
        'R4,3k3,Axial 1/4W,resistor',
        '"C1,C2",47uF 25V,Radial electrolytic 6.3x11,electrolytic',
        'BZ1,5 V,Buzzer 12x9.5,buzzer',
    ];
    private const BAGS = ['R1' => 'A', 'R2' => 'A', 'R3' => 'A', 'BZ1' => 'A', 'R4' => 'B', 'C1' => 'C', 'C2' => 'C'];
    private const RESISTORS = ['10,2.12', '10,2.15', '20,4.26', '20,4.30', '40,8.55'];
    private const MASSES = [
        'R1' => self::RESISTORS,
        'R4' => ['10,2.14', '10,2.11', '20,4.24', '20,4.28', '40,8.52'],
        'C1' => ['5,2.74', '5,2.78', '10,5.52'],
        'BZ1' => ['2,10.82', '2,10.70', '3,16.14', '2,10.78', '3,16.21'],
    ];

    public function test_a_heavy_part_hides_light_ones_and_the_window_says_how_well(): void
    {
        [$bag] = self::proofs(self::MASSES);
        [$resistors, $buzzer] = $bag->lines;

        self::assertNotNull($bag->contents);
        self::assertNotNull($bag->window);
        self::assertEqualsWithDelta(6.0289, $bag->contents->mean, 0.00005);
        self::assertEqualsWithDelta(0.03967, $bag->contents->deviation(), 0.000005);
        self::assertEqualsWithDelta(5.948, $bag->contents->freedom(), 0.0005);
        self::assertSame([5.88, 6.18], [$bag->window->low, $bag->window->high]);
        self::assertEqualsWithDelta(0.9239, $resistors->missing, 0.00005);
        self::assertEqualsWithDelta(0.9166, $resistors->extra, 0.00005);
        self::assertEqualsWithDelta(0.0093, $resistors->swapped['probability'] ?? 9.0, 0.00005);
        self::assertSame([false, true], [$resistors->isProved, $buzzer->isProved]);
        self::assertSame('BZ1', $resistors->hidden['with']->designators[0] ?? null);
        self::assertNull($buzzer->swapped);
    }

    /** @return iterable<string, array{float, bool, ?string, ?string}> grams, inside, what most likely, of which line */
    public static function readings(): iterable
    {
        yield 'as it should be' => [6.03, true, null, null];
        yield 'a resistor too few' => [5.81, false, 'missing', 'R1'];
        yield 'a resistor too many' => [6.25, false, 'extra', 'R1'];
        yield 'the buzzer missing' => [0.64, false, 'missing', 'BZ1'];
        yield 'two buzzers' => [11.42, false, 'extra', 'BZ1'];
        yield 'another bag' => [52.0, false, null, null];
    }

    #[DataProvider('readings')]
    public function test_a_finished_bag_says_what_most_likely_is_wrong(
        float $grams,
        bool $inside,
        ?string $what,
        ?string $part,
    ): void {
        $alarm = BagAlarm::of(self::proofs(self::MASSES)[0], new Scale(), $grams);
        self::assertNotNull($alarm);
        self::assertSame($inside, $alarm->isInside);
        self::assertSame(
            [$what, $part],
            $what === null ? [null, null] : [$alarm->suspects[0]->what, $alarm->suspects[0]->item->designators[0]],
        );
        self::assertLessThanOrEqual($alarm->real + 1e-9, array_sum(array_column($alarm->suspects, 'chance')));
    }

    public function test_an_alarm_is_as_likely_real_as_the_two_hypotheses_weigh_by_hand(): void
    {
        $alarm = BagAlarm::of(self::proofs(self::MASSES)[0], new Scale(), 5.86, 0.01);
        self::assertNotNull($alarm);
        // Student's t at 5.948 degrees of freedom: 4.258 deviations of 0.03967 g from right, density 0.0750 a gram; 1.155 of
        // 0.0394 g from one resistor too few, 4.809. Prior 0.99 against 0.01 x 0.6 / 2 lines: 0.01443 / (0.01443 + 0.0742).
        self::assertEqualsWithDelta(0.163, $alarm->suspects[0]->chance, 0.01);
        self::assertSame('missing', $alarm->suspects[0]->what);
        $worse = BagAlarm::of(self::proofs(self::MASSES)[0], new Scale(), 5.86, 0.1);
        self::assertGreaterThan($alarm->real, $worse->real ?? 0.0, 'a shop that errs more is warned sooner');
    }

    public function test_a_bag_without_a_window_raises_no_alarm(): void
    {
        $proof = self::proofs(['BZ1' => array_slice(self::MASSES['BZ1'], 0, 4)] + self::MASSES)[0];
        self::assertNull(BagAlarm::of($proof, new Scale(), 6.03));
    }

    public function test_a_line_alone_in_its_bag_is_proved_but_for_its_look_alike(): void
    {
        $bag = self::proofs(self::MASSES)[1];

        self::assertEqualsWithDelta(452.96, $bag->contents?->freedom() ?? 0.0, 0.005);
        self::assertSame([0.17, 0.26], [$bag->window?->low, $bag->window?->high]);
        self::assertSame([], $bag->byEye());
        self::assertNull($bag->lines[0]->hidden);
        self::assertEqualsWithDelta(0.0039, $bag->lines[0]->swapped['probability'] ?? 9.0, 0.00005);
    }

    /** @return iterable<string, array{list<string>, bool, list<string>}> */
    public static function counts(): iterable
    {
        yield 'four weighings: none' => [array_slice(self::RESISTORS, 0, 4), false, ['scale.weigh 1']];
        yield 'five: one' => [self::RESISTORS, true, []];
    }

    /**
     * @param list<string> $weighings
     * @param list<string> $advice
     */
    #[DataProvider('counts')]
    public function test_a_bag_has_a_window_from_five_weighings_on(array $weighings, bool $has, array $advice): void
    {
        [$bag] = self::proofs(['R4' => $weighings], ['R4,3k3,Axial 1/4W,resistor'], ['R4' => 'A']);

        self::assertSame($has, $bag->window !== null);
        self::assertSame(
            $advice,
            array_map(static fn(Reason $each): string => "{$each->code} {$each->args['more']}", $bag->advice),
        );
        self::assertCount($has ? 0 : 1, $bag->byEye());
    }

    public function test_what_is_not_proved_is_told_where_it_would_be(): void
    {
        $rows = ['R1,330,Axial 1/4W,resistor', 'BZ1,5 V,Buzzer 12x9.5,buzzer', 'R4,1M,Axial 1/4W,resistor'];
        $masses = ['R1' => self::RESISTORS, 'R4' => self::MASSES['R4'], 'BZ1' => self::MASSES['BZ1']];
        $told = static fn(array $bags, Scale $scale): array => array_map(
            static fn(Reason $each): string => trim($each->code . ' ' . ($each->args['bag'] ?? '')),
            self::proofs($masses, $rows, $bags, $scale)[0]->advice,
        );
        $together = ['R1' => 'A', 'BZ1' => 'A'];

        self::assertSame(['scale.lighter B'], $told($together + ['R4' => 'B'], new Scale()));
        self::assertSame(['scale.alone', 'scale.alone'], $told($together + ['R4' => 'A'], new Scale()));
        self::assertSame(['scale.no-bag'], $told($together + ['R4' => 'B'], new Scale(0.1, 0.1)));
    }

    public function test_whole_counted_bags_have_a_window_of_their_own(): void
    {
        $bags = ['1,6.01', '1,6.03', '1,6.05', '1,6.04', '1,6.02'];
        $whole = self::proofs(['bag:A' => $bags] + self::MASSES)[0]->whole;

        self::assertNotNull($whole);
        self::assertEqualsWithDelta(6.03, $whole->mean, 1e-9);
        self::assertEqualsWithDelta(0.0158114, $whole->deviation, 1e-7);
        // t(4, 0.995) = 4.604095 from the handbook, times 0.0158114 times sqrt(1.2).
        self::assertEqualsWithDelta(6.03 - 0.079746, $whole->low, 1e-6);
        self::assertNull(self::proofs(['bag:A' => array_slice($bags, 1)] + self::MASSES)[0]->whole);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badRows(): iterable
    {
        yield 'zero mass' => ['R4,10,0', 'mass.grams', 'error'];
        yield 'a mass that is a word' => ['R4,10,heavy', 'mass.grams', 'error'];
        yield 'no piece' => ['R4,0,2.1', 'mass.pieces', 'error'];
        yield 'half a piece' => ['R4,1.5,2.1', 'mass.pieces', 'error'];
        yield 'no part' => [',10,2.1', 'mass.no-part', 'error'];
        yield 'a part of another kit' => ['Q9,10,2.1', 'mass.stranger', 'warning'];
        yield 'ten times what the others weigh' => ['R1,10,21.5', 'mass.wild', 'warning'];
    }

    #[DataProvider('badRows')]
    public function test_a_bad_row_is_told_with_its_row_and_the_rest_is_read(
        string $row,
        string $code,
        string $how,
    ): void {
        $kit = self::kit(['R1' => self::RESISTORS], self::ROWS, self::BAGS, "{$row}\n");

        self::assertSame(
            [[$code, $how, 'masses.csv', 7]],
            array_map(
                static fn(Problem $each): array => [$each->code, $each->severity->value, $each->file, $each->row],
                $kit->findings->problems,
            ),
        );
        // A row that can be read is kept, even where nothing is made of it.
        self::assertCount($how === 'warning' ? 6 : 5, $kit->logs->weighings);
    }

    public function test_a_file_without_its_columns_is_refused(): void
    {
        $this->expectException(UnreadableTable::class);
        $this->expectExceptionMessage('grams');

        (new KitReader())->read(KitMaker::files(self::ROWS) + ['masses.csv' => "part,pieces\nR1,10\n"]);
    }

    /**
     * @param array<string, list<string>> $masses
     * @param list<string> $rows
     * @param array<string, string> $bags
     * @return list<BagProof>
     */
    private static function proofs(
        array $masses,
        array $rows = self::ROWS,
        array $bags = self::BAGS,
        Scale $scale = new Scale(),
    ): array {
        $kit = self::kit($masses, $rows, $bags);

        return ScaleProof::of($kit, (new BagPlanner())->plan($kit, null), $scale);
    }

    /**
     * @param array<string, list<string>> $masses
     * @param list<string> $rows
     * @param array<string, string> $bags
     */
    private static function kit(array $masses, array $rows, array $bags, string $more = ''): Kit
    {
        $table = "part,pieces,grams\n";
        foreach ($masses as $part => $weighings) {
            foreach ($weighings as $weighing) {
                $table .= "{$part},{$weighing}\n";
            }
        }
        $overrides = [];
        foreach ($bags as $part => $bag) {
            $overrides[] = ['part' => $part, 'bag' => $bag];
        }

        return (new KitReader())->read(
            KitMaker::files(
                $rows,
                [],
                [
                    'lines' => $rows === self::ROWS ? ['R1' => ['lookAlike' => ['R4']]] : (object) [],
                    'overrides' => ['bags' => $overrides],
                ],
            ) + ['masses.csv' => $table . $more],
        );
    }
}
