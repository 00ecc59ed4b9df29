<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Action;
use Chiralex\Build\Internal\StepFacts;
use Chiralex\Build\Step;
use Chiralex\Build\StepPart;
use Chiralex\Build\Task;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Safety\Work;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The work of a kit as tasks: which there are, how late each comes, what work and how many minutes each is. */
final class TasksTest extends TestCase
{
    public function test_late_work_comes_in_this_order(): void
    {
        $rank = static fn(Action $action): int => $action->lateRank();

        self::assertLessThan($rank(Action::Insert), $rank(Action::Cure), 'a cure starts as soon as it can');
        self::assertLessThan($rank(Action::Gate), $rank(Action::Insert));
        self::assertSame($rank(Action::Gate), $rank(Action::Adjust));
        self::assertSame($rank(Action::Gate), $rank(Action::Remove));
        self::assertLessThan($rank(Action::Snap), $rank(Action::Gate));
        self::assertLessThan($rank(Action::Solder), $rank(Action::Snap));
        self::assertLessThan($rank(Action::Place), $rank(Action::Solder));
    }

    public function test_each_action_is_work_that_asks_for_its_own_caution(): void
    {
        $kit = KitMaker::kit(['BT1,9 V,PP3,battery', 'R1,1k,Axial 1/4W,']);

        self::assertSame(
            [Work::Battery, Work::Other, Work::Other, Work::Soldering, Work::Soldering, Work::Power, Work::Curing],
            [
                Action::Insert->work(['BT1', 'R1'], $kit),
                Action::Insert->work(['R1', 'BT1'], $kit),
                Action::Insert->work([], $kit),
                Action::Solder->work(['R1'], $kit),
                Action::Tack->work(['BT1'], $kit),
                Action::Gate->work([], $kit),
                Action::Cure->work([], $kit),
            ],
        );
    }

    public function test_what_nothing_else_puts_in_order_comes_battery_last(): void
    {
        $book = TaskBook::of(self::full());
        $rank = static fn(string $id): int => $book->tasks[$id]->rank;
        $order = ['solder R1', 'adjust RV1', 'wire W1', 'fix SCR1', 'fit LID', 'cover HS9', 'fit BT1'];
        $ranks = array_map($rank, $order);
        $sorted = $ranks;
        sort($sorted);

        self::assertSame($sorted, $ranks);
        self::assertCount(count($order), array_unique($ranks), implode(' ', $ranks));
        self::assertSame(0, $rank('solder R1'));
    }

    public function test_a_part_has_one_task_of_its_own_and_a_panel_that_is_a_jig_none(): void
    {
        $book = TaskBook::of(self::full());
        $ids = array_keys($book->tasks);
        sort($ids);

        self::assertSame(
            [
                'adjust RV1',
                'bolt Q1+HS1',
                'cover HS9',
                'fit BT1',
                'fit LID',
                'fix SCR1',
                'insert U1',
                'jig PANEL',
                'nuts PANEL',
                'place PANEL',
                'solder Q1',
                'solder R1',
                'solder RV1',
                'solder SW1',
                'solder XU1',
                'tack PANEL',
                'wire W1',
            ],
            $ids,
        );
        self::assertSame(['PANEL'], $book->tasks['jig PANEL']->parts);
        self::assertSame(['SW1'], $book->tasks['place PANEL']->parts);
        self::assertSame('top', $book->tasks['tack PANEL']->face?->side->value);
        self::assertSame(['solder SW1', 'place PANEL'], [$book->finish('SW1'), $book->begin('SW1')]);
        self::assertSame(['solder Q1', 'solder Q1'], [$book->finish('Q1'), $book->begin('Q1')]);
        self::assertSame('bolt Q1+HS1', $book->finish('HS1'));
        self::assertSame([null, null], [$book->finish('none'), $book->begin('none')]);
        self::assertSame(5, count($book->sequenced()));
    }

    public function test_moves_lie_on_the_side_and_the_board_of_the_first_part_they_move(): void
    {
        $boards = array_map(
            static fn(string $name): array => ['name' => $name, 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
            ['main', 'front'],
        );
        $kit = KitMaker::kit(
            ['J1,2,1x4,pin header', 'J2,2,1x4,socket strip', 'SW1,on,,slide switch', 'R1,1k,Axial 1/4W,'],
            [],
            [
                'boards' => $boards,
                'groups' => [
                    'mates' => [['J1', 'J2']],
                    'panels' => [['by' => 'PANEL', 'parts' => ['SW1'], 'plasticLast' => []]],
                ],
            ],
            "Ref,X,Y,Rotation,Side,Board\n" .
                "J1,20,20,0,bottom,front\nJ2,20,20,0,top,main\nSW1,50,20,0,bottom,front\nR1,50,50,0,top,main\n",
        );
        $tasks = TaskBook::of($kit)->tasks;
        $unplaced = TaskBook::of(
            KitMaker::kit(
                ['SW1,on,,slide switch', 'J1,2,1x4,pin header', 'J2,2,1x4,socket strip'],
                [],
                [
                    'boards' => $boards,
                    'groups' => ['mates' => [['J1', 'J2']], 'panels' => [['by' => 'PANEL', 'parts' => ['SW1']]]],
                ],
            ),
        )->tasks;

        foreach (['place PANEL', 'jig PANEL', 'tack PANEL', 'plug J1+J2', 'tack J1+J2'] as $move) {
            self::assertSame('front bottom', $tasks[$move]->face?->key(), $move);
            self::assertSame('main top', $unplaced[$move]->face?->key(), $move);
        }
        $codes = static fn(string $name): array => array_map(
            static fn(StepPart $part): array => array_column($part->reasons, 'code'),
            array_values(
                array_filter(
                    array_merge(
                        ...array_map(static fn(Step $step): array => $step->parts, KitMaker::order($kit)->steps),
                    ),
                    static fn(StepPart $part): bool => $part->designator === $name,
                ),
            ),
        );
        self::assertSame(['hold.plug'], array_values(array_unique(array_column($codes('J1'), 1))));
        self::assertSame(['hold.jig'], array_values(array_unique(array_column($codes('SW1'), 1))));
    }

    /** @return iterable<string, array{Verb, Action, list<string>, float, int}> minutes of a beginner and joints */
    public static function work(): iterable
    {
        // Common practice, no source: a careful beginner finds, reads, bends, solders and clips a resistor in about 1.4 minutes.
        yield 'two joints of a resistor' => [Verb::Solder, Action::Solder, ['R1'], 1.4, 2];
        yield 'eight joints of a socket' => [Verb::Solder, Action::Solder, ['XU1'], 3.0, 8];
        yield 'a wire has two ends' => [Verb::Wire, Action::Solder, ['W1'], 2.2, 2];
        yield 'a gate' => [Verb::Gate, Action::Gate, [], 2.1, 0];
        yield 'adjusting' => [Verb::Adjust, Action::Adjust, ['RV1'], 3.0, 0];
        yield 'putting an IC in' => [Verb::Insert, Action::Insert, ['U1'], 1.2, 0];
        yield 'bolting' => [Verb::Bolt, Action::Bolt, ['Q1', 'HS1'], 1.4, 0];
        yield 'placing' => [Verb::Place, Action::Place, ['SW1', 'RV1'], 1.0, 0];
        yield 'the panel as jig' => [Verb::Jig, Action::Jig, ['PANEL'], 1.0, 0];
        yield 'nuts' => [Verb::Nuts, Action::Nuts, ['SW1', 'RV1'], 1.0, 0];
        yield 'tacking one' => [Verb::Tack, Action::Tack, ['SW1'], 0.5, 1];
        yield 'tacking three' => [Verb::Tack, Action::Tack, ['SW1', 'RV1', 'R1'], 1.5, 3];
        yield 'tacking nothing' => [Verb::Tack, Action::Tack, [], 0.5, 0];
        yield 'snapping a board off' => [Verb::Snap, Action::Snap, [], 1.0, 0];
        yield 'taking a link away' => [Verb::Return, Action::Remove, [], 1.0, 0];
        yield 'varnishing' => [Verb::Cure, Action::Cure, ['R1'], 2.0, 0];
    }

    /** @param list<string> $parts */
    #[DataProvider('work')]
    public function test_work_takes_a_beginner_so_many_minutes(
        Verb $verb,
        Action $action,
        array $parts,
        float $minutes,
        int $joints,
    ): void {
        $task = new Task($verb, 'it', $action, $parts);
        $facts = new StepFacts(self::full());
        $practised = new StepFacts(self::full(['settings' => ['skill' => 'practised']]));

        self::assertSame($minutes, $facts->minutes([$task]));
        self::assertSame($joints, $facts->joints([$task]));
        self::assertSame(round(2 * $minutes, 1), $facts->minutes([$task, $task]));
        self::assertSame(round(0.55 * $minutes, 1), $practised->minutes([$task]));
    }

    /** @param array<string, mixed> $more */
    private static function full(array $more = []): Kit
    {
        return KitMaker::kit(
            [
                'R1,1k,Axial 1/4W,',
                'RV1,10k,trimmer 6mm,',
                'XU1,8 way,DIP-8,IC socket',
                'U1,LM393,DIP-8,IC',
                'Q1,BD139,TO-126,transistor',
                'HS1,,,heat sink',
                'SCR1,M3,,screw',
                'SW1,on,,slide switch',
                'PANEL,front,,front panel',
                'LID,lid,,enclosure lid',
                'BT1,9 V,PP3,battery',
                'HS9,shield,,heat sink used as a shield',
            ],
            ['SW1,20,20,0,top', 'R1,40,20,0,bottom'],
            $more + [
                'groups' => [
                    'sockets' => [['XU1', 'U1']],
                    'subassembly' => [['Q1', 'HS1']],
                    'fixings' => [['by' => 'SCR1', 'holds' => ['Q1']]],
                    'covers' => [['by' => 'HS9', 'over' => ['R1']]],
                    'panels' => [['by' => 'PANEL', 'parts' => ['SW1'], 'plasticLast' => []]],
                ],
                'tests' => [['name' => 'set', 'adjusts' => 'RV1'], ['name' => 'gone', 'adjusts' => 'RV9']],
                'wires' => [['name' => 'W1', 'from' => 'R1.1', 'to' => 'RV1.1']],
            ],
        );
    }
}
