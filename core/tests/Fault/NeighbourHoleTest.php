<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Build\Step;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\TreeMaker;
use Chiralex\Fault\Diagnosis\TroubleTree;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\TestCase;

/** Five rows of five resistors, each of another value and a step of its own: 25 steps, five blocks, a symptom of each. */
final class NeighbourHoleTest extends TestCase
{
    private const ROWS = 5;

    public function test_a_part_in_a_neighbours_hole_is_found_in_four_looks_of_25_steps(): void
    {
        [$tree, $steps] = self::tree();
        self::assertSame(25, $steps);
        for ($part = 1; $part <= 25; ++$part) {
            $node = $tree->nodes[$tree->starts['row ' . intdiv($part - 1, self::ROWS) . ' is dead']];
            for ($looks = 0; $node->check !== null; ++$looks) {
                $node =
                    $tree->nodes[
                        self::isOdd($node->check, "R{$part}")
                            ? $node->odd["R{$part}"] ?? (int) $node->bad
                            : (int) $node->good
                    ];
            }
            self::assertTrue($node->isSure);
            self::assertSame(Cause::WrongHole, $node->causes[0]->class);
            self::assertSame(["R{$part}"], $node->causes[0]->designators);
            self::assertLessThanOrEqual(4, $looks, "R{$part}");
        }
    }

    /** Whoever looks for it finds it, and finds nothing else. */
    private static function isOdd(Check $check, string $wrong): bool
    {
        return in_array($check->kind, [CheckKind::StepHoles, CheckKind::AllHoles, CheckKind::Hole], true) &&
            in_array($wrong, $check->designators, true);
    }

    /** @return array{TroubleTree, int} the tree, and the steps that have joints */
    private static function tree(): array
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
        $names = array_column($symptoms, 'name');

        return [
            (new TreeMaker((new ModelMaker())->of($kit, $order)))->of($names),
            count(array_filter($order->steps, static fn(Step $step): bool => $step->work->joints > 0)),
        ];
    }
}
