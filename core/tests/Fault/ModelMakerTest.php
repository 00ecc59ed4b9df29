<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Fault\Data\Odds;
use Chiralex\Fault\Diagnosis\Answer;
use Chiralex\Fault\Diagnosis\Diagnosis;
use Chiralex\Fault\Diagnosis\Diagnostician;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Found;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ShippedKit;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\TestCase;

/** A box with two jacks, a switch that passes the signal by, a lamp, a chip in a socket, and a relay with its clamp and driver. */
final class ModelMakerTest extends TestCase
{
    private const KIT = [
        'name' => 'Pass Box',
        'supply' => ['volts' => [9, 9], 'amps' => 0.1, 'current' => 'dc'],
        'groups' => [
            'sockets' => [['XU1', 'U1']],
            'block' => [
                'jacks' => ['J1', 'J2', 'SW1'],
                'supply' => ['J3', 'D1', 'C1'],
                'lamp' => ['LED1', 'R1'],
                'tone' => ['U1', 'R2', 'R3', 'R5', 'C2'],
                'relay' => ['K1', 'D2', 'Q1', 'R4'],
            ],
        ],
        'feeds' => ['supply' => ['lamp', 'tone', 'relay'], 'tone' => ['relay']],
        'symptoms' => [
            ['name' => 'no signal even switched past', 'blocks' => ['jacks']],
            ['name' => 'switched past, but no lamp', 'blocks' => ['supply']],
            ['name' => 'no lamp', 'blocks' => ['lamp']],
            ['name' => 'no sound', 'blocks' => ['tone']],
            ['name' => 'the relay does not pull', 'blocks' => ['relay']],
        ],
        'nets' => ['D2' => ['clamps' => 'K1'], 'K1' => ['drivenBy' => 'Q1'], 'Q1' => ['drivenBy' => 'U1']],
        'tests' => [
            [
                'name' => 'a tenth of the rail',
                'power' => 'on',
                'instrument' => 'multimeter',
                'points' => ['R2', 'R5'],
                'expect' => 'divider(9 V, R2, R5)',
                'otherwise' => '',
            ],
        ],
    ];
    private const BOM = "Ref,Value,Package,Description\nJ1,in,jack 6.3,jack for the signal\nJ2,out,jack 6.3,jack for the signal\nSW1,past,toggle,toggle switch\nJ3,9 V,barrel,barrel jack for the supply\nD1,1N4001,DO-41,rectifier\nC1,100u 16V,6.3x11,electrolytic\nLED1,green,LED 5mm,LED\nR1,680,Axial 1/4W,resistor\nR2,10k 5%,Axial 1/4W,resistor\nR3,220k,Axial 1/4W,resistor\nR5,1k 5%,Axial 1/4W,resistor\nC2,100n,disc 5mm,ceramic\nXU1,8 way,DIP-8,IC socket\nU1,LM358,DIP-8,dual amplifier\nK1,5 V,relay cube,relay\nD2,1N4148,DO-35,signal diode\nQ1,BC337,TO-92,NPN transistor\nR4,2k2,Axial 1/4W,resistor\n";

    public function test_no_signal_even_switched_past_points_at_the_jacks(): void
    {
        $now = self::asked('no signal even switched past');
        self::assertSame([], array_diff($now->causes[0]['suspect']->designators, ['J1', 'J2', 'SW1']));
        self::assertGreaterThan((1.0 - $now->none) / 2.0, self::of($now, 'J1', 'J2', 'SW1'), 'of all that is a fault');
    }

    public function test_switched_past_but_no_lamp_points_at_the_supply(): void
    {
        $now = self::asked('switched past, but no lamp', ['no signal even switched past']);
        self::assertGreaterThan(0.5, self::of($now, 'J3', 'D1', 'C1'));
    }

    public function test_lamp_and_no_sound_and_a_good_supply_point_at_the_chip_turned(): void
    {
        $now = self::asked('no sound', ['no lamp'], [Answer::of('supply at the terminals', Found::Good)]);
        self::assertSame('U1 reversed', $now->causes[0]['suspect']->name);
    }

    public function test_no_new_chip_goes_in_before_what_kills_it_is_cleared(): void
    {
        $check = self::model()->check('known good U1');
        self::assertSame(['D2 as drawn', 'Q1 by diode test'], $check?->after);
        $asked = static fn(Answer ...$answers): bool => in_array(
            'known good U1',
            array_map(
                static fn($look): string => $look->check->name,
                self::asked('the relay does not pull', [], array_values($answers))->looks,
            ),
            true,
        );
        self::assertFalse($asked());
        self::assertFalse($asked(Answer::of('D2 as drawn', Found::Bad)));
        self::assertTrue($asked(Answer::of('D2 as drawn', Found::Good), Answer::of('Q1 by diode test', Found::Good)));
    }

    public function test_a_reversed_supply_and_a_dry_joint_are_found_one_after_the_other_and_together(): void
    {
        $model = self::model();
        $dry = array_values(
            array_filter(
                $model->suspects,
                static fn(Suspect $each): bool => str_starts_with($each->name, 'dry joint') &&
                    in_array('LED1', $each->designators, true),
            ),
        )[0];
        $supply = Answer::of('supply at the terminals', Found::Bad);
        $looks = [Answer::of("step {$dry->step}: joints", Found::Bad), Answer::of('joints of LED1', Found::Bad)];
        $first = self::asked('switched past, but no lamp', [], [$supply]);
        self::assertStringStartsWith('supply', $first->causes[0]['suspect']->name);
        // The wires are put right, the lamp still stays dark.
        $mended = $model->without(['supply weak', 'supply reversed']);
        $after = (new Diagnostician($mended))->diagnose('no lamp', [], [$looks[0]]);
        self::assertSame($dry->name, $after->causes[0]['suspect']->name);
        $both = self::asked('switched past, but no lamp', [], [$supply, ...$looks]);
        $names = array_map(static fn(Suspect $each): string => $each->name, $both->sets[0]['causes']);
        self::assertCount(2, $names);
        self::assertContains($dry->name, $names);
    }

    public function test_a_half_built_kit_where_nothing_is_wrong_does_not_do_yet_what_is_still_to_come(): void
    {
        $now = (new Diagnostician(self::model(1)))->diagnose('the relay does not pull');
        self::assertSame(FaultModel::NOT_YET, $now->causes[0]['suspect']->name);
        self::assertTrue($now->isSure());
        foreach (self::model(1)->suspects as $suspect) {
            self::assertNotContains('K1', $suspect->designators);
        }
    }

    public function test_the_number_that_a_meter_showed_names_the_two_that_were_exchanged(): void
    {
        // 9 V x 1 / 11 = 0.82 V as it should be, 9 V x 10 / 11 = 8.18 V with the two exchanged, 9 V with R5 open.
        $now = self::asked('no sound', [], [Answer::read('a tenth of the rail', 8.18)]);
        self::assertSame('R2 and R5 swapped', $now->causes[0]['suspect']->name);
        $open = self::asked('no sound', [], [Answer::read('a tenth of the rail', 8.98)]);
        self::assertSame(['R5'], $open->causes[0]['suspect']->designators);
        $usual = self::asked('no sound', [], [Answer::read('a tenth of the rail', 0.82)]);
        self::assertLessThan(0.01, self::chance($usual, 'R2 and R5 swapped'));
    }

    public function test_what_was_shipped_and_reported_teaches_the_odds_as_kits_and_not_as_reports(): void
    {
        $kits = $reports = [];
        for ($i = 0; $i < 100; ++$i) {
            $kits[] = new ShippedKit("K{$i}", 'A', [], '', '', '2026-06-01');
        }
        foreach (['K1', 'K1', 'K2', 'STRANGER'] as $serial) {
            $reports[] = new KitReport('2026-07-01', $serial, causes: ['LED1 reversed']);
        }
        $reports[] = new KitReport('2026-07-01', 'K3', causes: ['the lid does not fit']);
        $before = self::model()->suspect('LED1 reversed')?->odds;
        $model = (new ModelMaker($kits, $reports))->of(...self::kit());
        self::assertEqualsWithDelta((200 * $before + 2) / 300, $model->suspect('LED1 reversed')?->odds, 1e-12);
        self::assertEqualsWithDelta((200 * Odds::OWN + 1) / 300, $model->suspect('the lid does not fit')?->odds, 1e-12);
        self::assertEqualsWithDelta((200 * Odds::FALSE_REPORT) / 300, $model->falseShare, 1e-12);
    }

    public function test_the_shares_of_the_sets_are_one_together_and_of_a_cause_those_that_hold_it(): void
    {
        $now = self::asked('no sound', ['no lamp'], [Answer::of('U1 as drawn', Found::Good)]);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($now->sets, 'probability')), 1e-9);
        foreach (array_slice($now->causes, 0, 10) as $each) {
            $sum = 0.0;
            foreach ($now->sets as $set) {
                $sum += in_array($each['suspect'], $set['causes'], true) ? $set['probability'] : 0.0;
            }
            self::assertEqualsWithDelta($each['probability'], $sum, 1e-9, $each['suspect']->name);
        }
    }

    public function test_nothing_on_mains_is_asked_of_a_builder(): void
    {
        $live = self::KIT;
        $live['traits'] = ['mains'];
        foreach ((new ModelMaker())->of(...self::kit($live))->checks as $check) {
            self::assertNotContains($check->name, ['a tenth of the rail', 'supply at the terminals', 'SW1 bridged']);
            self::assertSame('', $check->instrument, $check->name);
        }
    }

    /**
     * @param list<string> $works
     * @param list<Answer> $answers
     */
    private static function asked(string $symptom, array $works = [], array $answers = []): Diagnosis
    {
        return (new Diagnostician(self::model()))->diagnose($symptom, $works, $answers);
    }

    private static function model(?int $until = null): FaultModel
    {
        [$kit, $order] = self::kit();

        return (new ModelMaker())->of($kit, $order, $until);
    }

    /**
     * @param array<string, mixed> $facts
     * @return array{\Chiralex\Kit\Kit, BuildOrder}
     */
    private static function kit(array $facts = self::KIT): array
    {
        $kit = (new KitReader())->read([
            'kit.json' => json_encode(['format' => 1] + $facts, JSON_THROW_ON_ERROR),
            'bom.csv' => self::BOM,
        ]);
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);

        return [$kit, $order];
    }

    /** The chance that the fault is at one of these. */
    private static function of(Diagnosis $now, string ...$designators): float
    {
        $sum = 0.0;
        foreach ($now->sets as $set) {
            foreach ($set['causes'] as $suspect) {
                if (array_intersect($suspect->designators, $designators) !== []) {
                    $sum += $set['probability'];
                    break;
                }
            }
        }

        return $sum;
    }

    private static function chance(Diagnosis $now, string $name): float
    {
        foreach ($now->causes as $each) {
            if ($each['suspect']->name === $name) {
                return $each['probability'];
            }
        }

        return 0.0;
    }
}
