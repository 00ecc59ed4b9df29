<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Holding;
use Chiralex\Build\Internal\Items;
use Chiralex\Build\Internal\Scorer;
use Chiralex\Build\Internal\Sequencer;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\RuleBook;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\School;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The order of boards of middling size against an integer program solved by glpsol (GNU GLPK): the same score. */
final class OrderAgainstSolverTest extends TestCase
{
    private const GROUP = 4;
    private const ROWS = [
        'R%d,1k,Axial 1/4W,resistor',
        'R%d,47k,Axial 1/4W,resistor',
        'R%d,470,Axial 1/4W,resistor',
        'D%d,1N4148,DO-35,',
        'D%d,1N5819,DO-41,rectifier',
        'C%d,10u,5x11,',
        'C%d,104,disc 5mm,ceramic',
        'C%d,1u,box 5mm,film',
        'Q%d,BC337,TO-92,NPN',
        'LED%d,red,LED 5mm,LED',
        'C%d,100u,8x11.5,',
    ];

    /** @return iterable<string, array{int, int}> seed, parts; seeds whose program is solved in seconds */
    public static function boards(): iterable
    {
        yield 'ten parts' => [1, 10];
        yield 'ten parts, rules that force tall ones first' => [2, 10];
        yield 'ten others' => [3, 10];
        yield 'twelve parts' => [4, 12];
        yield 'twelve others' => [8, 12];
        yield 'fourteen parts' => [11, 14];
    }

    #[DataProvider('boards')]
    public function test_no_order_scores_better(int $seed, int $count): void
    {
        mt_srand($seed);
        $bom = $places = [];
        for ($i = 1; $i <= $count; ++$i) {
            $bom[] = sprintf(self::ROWS[mt_rand(0, count(self::ROWS) - 1)], $i);
            $places[] = sprintf(
                '%s,%d,%d,0,top',
                explode(',', $bom[$i - 1])[0],
                8 + 20 * (($i - 1) % 6),
                10 + 20 * intdiv($i - 1, 6),
            );
        }
        $names = array_map(static fn(string $row): string => explode(',', $row)[0], $bom);
        $kit = KitMaker::kit($bom, $places, [
            'board' => ['outline' => [[0, 0], [130, 0], [130, 70], [0, 70]]],
            'groups' => ['before' => [[$names[3], $names[0]], [$names[5], $names[2]]]],
            'settings' => ['group' => self::GROUP],
        ]);
        $book = TaskBook::of($kit);
        $items = Items::of($kit, $book, (new RuleBook())->precedence($kit, $book), LookAlikes::of($kit));
        $costs = new Costs($items, Holding::of($kit), []);
        $steps = (new Sequencer($items, $costs, School::LowestFirst, self::GROUP))->steps();
        $score = (new Scorer($items, $costs))->score($steps);

        self::assertSame([0, 0, 0], [$score->violations, $score->hanging, $score->flips], 'wire leads on one side');
        self::assertSame(
            self::solve(new OrderModel($items, self::GROUP, min($count, count($steps) + 1))),
            OrderModel::weighed([
                $score->inversions,
                $score->lookAlikes,
                $score->kindSwitches,
                $score->valueSwitches,
                $score->steps,
            ]),
            implode(' ', $names),
        );
    }

    private static function solve(OrderModel $model): int
    {
        $file = dirname(__DIR__, 2) . '/var/order.mod';
        file_put_contents($file, $model->text());
        $out = (string) shell_exec('glpsol --cuts --tmlim 300 --math ' . escapeshellarg($file) . ' 2>&1');
        self::assertStringContainsString('INTEGER OPTIMAL SOLUTION FOUND', $out);
        self::assertSame(1, preg_match('~^score (\d+)$~m', $out, $found), $out);

        return (int) $found[1];
    }
}
