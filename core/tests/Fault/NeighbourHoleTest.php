<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Build\Step;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\Diagnosis;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Internal\Gains;
use Chiralex\Fault\Internal\SetTable;
use Chiralex\Fault\Internal\Taps;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\TestCase;

/** Five rows of five resistors, each of another value and a step of its own: 25 steps, five blocks, a symptom of each. */
final class NeighbourHoleTest extends TestCase
{
    private const ROWS = 5;

    public function test_a_part_in_a_neighbours_hole_is_found_in_three_looks_of_25_steps_where_taps_count(): void
    {
        [$model, $steps] = self::model();
        self::assertSame(25, $steps);
        $taps = new Taps($model);
        for ($part = 1; $part <= 25; ++$part) {
            $symptom = 'row ' . intdiv($part - 1, self::ROWS) . ' is dead';
            $table = SetTable::of($model, $symptom)->seen(
                array_map(static fn(Suspect $each): float => $each->notices[$symptom] ?? 1.0, $model->suspects),
                true,
                1.0,
            );
            $open = $model->checks;
            for ($looks = 0; max($table->byMend($table->shares())) < Diagnosis::SURE; ++$looks) {
                $check = (new Gains($table, $taps))->best($open, 0.0)?->check;
                self::assertNotNull($check);
                $isOdd = self::isOdd($check, "R{$part}");
                $table = $table->seen($table->badAt($check), $isOdd);
                $tapped = $isOdd ? $taps->of($check)["R{$part}"] ?? null : null;
                $table = $tapped === null ? $table : $table->seen($table->badAt($tapped), true);
                $open = array_values(
                    array_filter($open, static fn(Check $each): bool => $each !== $check && $each !== $tapped),
                );
            }
            $by = $table->byMend($table->shares());
            self::assertSame("holes of R{$part}", array_search(max($by), $by, true));
            self::assertLessThanOrEqual(3, $looks, "R{$part}");
        }
    }

    /** Whoever looks for it finds it, and finds nothing else. */
    private static function isOdd(Check $check, string $wrong): bool
    {
        return in_array($check->kind, [CheckKind::StepHoles, CheckKind::AllHoles, CheckKind::Hole], true) &&
            in_array($wrong, $check->designators, true);
    }

    /** @return array{FaultModel, int} the model, and the steps that have joints */
    private static function model(): array
    {
        $blocks = $symptoms = [];
        $bom = "Ref,Value,Package\nJ1,9 V,barrel\n";
        $places = "Ref,X,Y,Rotation,Side\nJ1,5,60,0,top\n";
        for ($part = 1; $part <= 25; ++$part) {
            $row = intdiv($part - 1, self::ROWS);
            $blocks["row{$row}"][] = "R{$part}";
            $bom .= "R{$part},{$part}k,Axial 1/4W\n";
            $places .= sprintf("R%d,%d,%d,0,top\n", $part, 12 + 16 * (($part - 1) % self::ROWS), 8 + 9 * $row);
        }
        foreach (array_keys($blocks) as $row => $block) {
            $symptoms[] = ['name' => "row {$row} is dead", 'blocks' => [$block]];
        }
        $kit = (new KitReader())->read([
            'kit.json' => (string) json_encode([
                'name' => 'Twenty-five',
                'settings' => ['group' => 1],
                'board' => ['outline' => [[0, 0], [92, 0], [92, 66], [0, 66]]],
                'supply' => ['volts' => [9, 9], 'amps' => 0.1, 'current' => 'dc'],
                'groups' => ['block' => $blocks],
                'symptoms' => $symptoms,
                'lines' => ['J1' => ['supply' => 'factory']],
            ]),
            'bom.csv' => $bom,
            'placements.csv' => $places,
        ]);
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);

        return [
            (new ModelMaker())->of($kit, $order),
            count(array_filter($order->steps, static fn(Step $step): bool => $step->work->joints > 0)),
        ];
    }
}
