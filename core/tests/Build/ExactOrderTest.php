<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\ExactOrder;
use Chiralex\Build\Internal\Holding;
use Chiralex\Build\Internal\Items;
use Chiralex\Build\Internal\Scorer;
use Chiralex\Build\Internal\StepLimits;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\RuleBook;
use Chiralex\Build\Score;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\School;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The optimum on small boards against exhaustive search over all sequences of steps. */
final class ExactOrderTest extends TestCase
{
    /** @return iterable<string, array{School}> */
    public static function schools(): iterable
    {
        foreach (School::cases() as $school) {
            yield $school->value => [$school];
        }
    }

    #[DataProvider('schools')]
    public function test_no_sequence_of_steps_scores_better(School $school): void
    {
        mt_srand(5 + strlen($school->value));
        $choices = [
            'R%d,1k,Axial 1/4W,resistor',
            'R%d,47k,Axial 1/4W,resistor',
            'R%d,470,Axial 1/4W,resistor',
            'D%d,1N4148,DO-35,',
            'ZD%d,5V1,DO-35,Zener diode',
            'J%d,2 way,5.08,terminal block',
            'XU%d,8,DIP-8,IC socket',
            'K%d,5 V,,relay',
            'C%d,10u,5x11,',
        ];
        for ($round = 0; $round < 6; ++$round) {
            $bom = $placements = [];
            for ($i = 1; $i <= 5; ++$i) {
                $bom[] = sprintf($choices[mt_rand(0, count($choices) - 1)], $i);
                $placements[] = sprintf(
                    '%s,%d,%d,0,%s',
                    explode(',', $bom[$i - 1])[0],
                    8 + 15 * ($i - 1),
                    mt_rand(10, 50),
                    mt_rand(0, 3) === 0 ? 'bottom' : 'top',
                );
            }
            $names = array_map(static fn(string $row): string => explode(',', $row)[0], $bom);
            $kit = KitMaker::kit($bom, $placements, [
                'groups' => [
                    'before' => [[$names[3], $names[0]]],
                    'block' => ['a' => [$names[1], $names[2]], 'b' => [$names[4]]],
                ],
                'settings' => ['group' => 3],
            ]);
            $book = TaskBook::of($kit);
            $precedence = (new RuleBook())->precedence($kit, $book);
            if ($precedence->cycle() !== []) {
                continue;
            }
            $items = Items::of($kit, $book, $precedence, LookAlikes::of($kit));
            $costs = new Costs($items, Holding::of($kit), []);
            $limits = new StepLimits($items, $costs, $school, 3);
            $scorer = new Scorer($items, $costs);
            $exact = $scorer->score((new ExactOrder($items, $costs, $limits, $school))->steps());

            self::assertSame(
                $this->best($items, $limits, $scorer, $school)->key($school),
                $exact->key($school),
                implode(' ', $names),
            );
        }
    }

    private function best(Items $items, StepLimits $limits, Scorer $scorer, School $school): Score
    {
        $best = null;
        $try = function (array $steps, int $done) use (&$try, &$best, $items, $limits, $scorer, $school): void {
            $all = (1 << $items->count()) - 1;
            if ($done === $all) {
                $score = $scorer->score($steps);
                $best = $best === null || $score->isBetterThan($best, $school) ? $score : $best;

                return;
            }
            for ($set = 1; $set <= $all; ++$set) {
                if (($set & $done) !== 0) {
                    continue;
                }
                $step = array_values(
                    array_filter(
                        range(0, $items->count() - 1),
                        static fn(int $item): bool => (($set >> $item) & 1) === 1,
                    ),
                );
                foreach ($step as $item) {
                    foreach (array_keys($items->before[$item]) as $before) {
                        if ((($done >> $before) & 1) === 0) {
                            continue 3;
                        }
                    }
                }
                if ($limits->allows($step)) {
                    $try([...$steps, $step], $done | $set);
                }
            }
        };
        $try([], 0);
        self::assertInstanceOf(Score::class, $best);

        return $best;
    }
}
