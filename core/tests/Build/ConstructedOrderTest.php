<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Internal\ConstructedOrder;
use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Holding;
use Chiralex\Build\Internal\Items;
use Chiralex\Build\Internal\StepLimits;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\RuleBook;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\School;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each school takes next, on kits small enough to say it by hand. */
final class ConstructedOrderTest extends TestCase
{
    private const TOP = 'main top';
    private const BOTTOM = 'main bottom';

    /** @return iterable<string, array{School, list<string>, list<string>, array<string, mixed>, list<string>, bool, list<string>}> school, parts with their height, placements, kit.json, sides, fill, steps */
    public static function orders(): iterable
    {
        $place = static fn(string ...$rows): array => array_map(
            static fn(string $row, int $at): string => str_replace('@', (string) (6 + 12 * $at) . ',30,0', $row),
            $rows,
            array_keys($rows),
        );
        yield 'lowest first, a kind goes on before the next' => [
            School::LowestFirst,
            ['R1 2', 'R2 2', 'D1 2.2', 'R3 2.4'],
            [],
            [],
            [self::TOP],
            false,
            ['R1 R2 R3', 'D1'],
        ];
        yield 'whole further kinds fill a step' => [
            School::LowestFirst,
            ['R1 2', 'R2 2', 'D1 2.2'],
            [],
            [],
            [self::TOP],
            true,
            ['D1 R1 R2'],
        ];
        yield 'a kind that does not fit whole waits' => [
            School::LowestFirst,
            ['R1 2', 'R2 2', 'R3 2', 'D1 2.2', 'D2 2.2'],
            [],
            ['settings' => ['group' => 4]],
            [self::TOP],
            true,
            ['R1 R2 R3', 'D1 D2'],
        ];
        yield 'a step is full at the group' => [
            School::LowestFirst,
            ['R1 2', 'R2 2', 'R3 2'],
            [],
            ['settings' => ['group' => 2]],
            [self::TOP],
            true,
            ['R1 R2', 'R3'],
        ];
        yield 'up to half a millimetre higher is no inversion, more is' => [
            School::LowestFirst,
            ['C1 2.5', 'R1 2', 'D1 2.6'],
            [],
            ['settings' => ['group' => 1]],
            [self::TOP],
            false,
            ['R1', 'C1', 'D1'],
        ];
        yield 'the kind at hand goes on while it costs nothing' => [
            School::LowestFirst,
            ['R1 2', 'C1 2.2', 'R2 2.5', 'C2 2.5'],
            [],
            ['settings' => ['group' => 1]],
            [self::TOP],
            false,
            ['R1', 'R2', 'C1', 'C2'],
        ];
        yield 'a kind that can be finished goes before one that cannot' => [
            School::LowestFirst,
            ['R1 2', 'R2 5', 'C1 2.4'],
            [],
            [],
            [self::TOP],
            false,
            ['C1', 'R1', 'R2'],
        ];
        yield 'a part that waits for a taller one forces no inversion' => [
            School::LowestFirst,
            ['R1 2', 'C1 9'],
            [],
            ['groups' => ['before' => [['C1', 'R1']]]],
            [self::TOP],
            true,
            ['C1', 'R1'],
        ];
        yield 'the side named first is done first, without turning to and fro' => [
            School::LowestFirst,
            ['R1 2', 'R2 2', 'C1 9', 'C2 9'],
            $place('R1,@,bottom', 'R2,@,top', 'C1,@,top', 'C2,@,bottom'),
            [],
            [self::BOTTOM, self::TOP],
            true,
            ['R1', 'C2', 'R2', 'C1'],
        ];
        yield 'kind by kind, inversions as many: lower on average first, lowest first within a kind' => [
            School::KindByKind,
            ['R1 2', 'R2 9', 'C1 3', 'C2 4'],
            [],
            [],
            [self::TOP],
            false,
            ['C1', 'C2', 'R1', 'R2'],
        ];
        yield 'kind by kind begins with what makes fewest inversions' => [
            School::KindByKind,
            ['R1 6', 'R2 6', 'C1 5', 'C2 1'],
            [],
            [],
            [self::TOP],
            false,
            ['C2', 'C1', 'R1 R2'],
        ];
        yield 'kind by kind begins with the lower on average where inversions are as many' => [
            School::KindByKind,
            ['R1 2.3', 'C1 2.2', 'C2 2.2'],
            [],
            [],
            [self::TOP],
            false,
            ['C1 C2', 'R1'],
        ];
        yield 'kind by kind, one that is blocked comes later' => [
            School::KindByKind,
            ['R1 2', 'R2 2', 'C1 9'],
            [],
            ['groups' => ['before' => [['C1', 'R2']]]],
            [self::TOP],
            false,
            ['C1', 'R1 R2'],
        ];
        yield 'block by block in the order of the blocks' => [
            School::BlockByBlock,
            ['R1 2', 'R2 9', 'C1 3', 'C2 1'],
            [],
            ['groups' => ['block' => ['b' => ['R1', 'R2'], 'a' => ['C1', 'C2']]]],
            [self::TOP],
            false,
            ['R1', 'R2', 'C2', 'C1'],
        ];
        yield 'block by block goes back to a block that was blocked' => [
            School::BlockByBlock,
            ['R1 2', 'R2 2', 'C1 3'],
            [],
            ['groups' => ['block' => ['a' => ['R1', 'R2'], 'b' => ['C1']], 'before' => [['C1', 'R2']]]],
            [self::TOP],
            false,
            ['R1', 'C1', 'R2'],
        ];
    }

    /**
     * @param list<string> $parts
     * @param list<string> $places
     * @param array<string, mixed> $json
     * @param list<string> $sides
     * @param list<string> $steps
     */
    #[DataProvider('orders')]
    public function test_the_next_step_is_what_the_school_asks_for(
        School $school,
        array $parts,
        array $places,
        array $json,
        array $sides,
        bool $fill,
        array $steps,
    ): void {
        $bom = $lines = [];
        foreach ($parts as $part) {
            [$name, $height] = explode(' ', $part);
            $bom[] = $name . ['R' => ',1k,Axial 1/4W,', 'C' => ',47u,6.3x11,', 'D' => ',1N4148,DO-35,'][$name[0]];
            $lines[$name] = ['height' => (float) $height];
        }
        $kit = KitMaker::kit($bom, $places, $json + ['lines' => $lines]);
        $book = TaskBook::of($kit);
        $items = Items::of($kit, $book, (new RuleBook())->precedence($kit, $book), LookAlikes::of($kit));
        $costs = new Costs($items, Holding::of($kit), []);
        $order = new ConstructedOrder(
            $items,
            $costs,
            new StepLimits($items, $costs, $school, $kit->choices->settings->group),
            $school,
            $places === [] ? [$items->places[0]] : $sides,
            $fill,
            $items->heights,
        );

        self::assertSame(
            $steps,
            array_map(
                static fn(array $step): string => implode(
                    ' ',
                    array_map(static fn(int $item): string => $items->parts[$item]->designator, $step),
                ),
                $order->steps(),
            ),
        );
    }
}
