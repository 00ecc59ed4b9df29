<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

use Chiralex\Fault\Internal\Gains;
use Chiralex\Fault\Internal\SetTable;
use Chiralex\Fault\Internal\Taps;
use SplPriorityQueue;

/**
 * Works the looks of a kit out ahead, the likeliest ways first, up to a number of looks: what is beyond is written to the maker. The answers
 * of one step's sheet lead on by the part that is tapped.
 *
 * @phpstan-type Open array{node: int, table: SetTable, done: array<string, true>, chance: float, depth: int}
 */
final readonly class TreeMaker
{
    /** Looks of one kit, and of one way; common practice, no source. */
    private const LOOKS = 65;
    private const DEPTH = 9;
    /** A look that teaches less than this is no use to somebody at a kitchen table, bits. */
    private const LEAST = 0.02;
    /** How often a look cannot be made; common practice, no source. */
    private const CANNOT = 0.1;
    private const SUSPECTED = 3;
    /** A cause that is less likely than this is not named beside the one that is put right with it. */
    private const HARDLY = 0.1;

    /** @var array<string, list<float>> by check, the chance that each suspect makes it come out bad */
    private array $chances;
    private Taps $taps;

    public function __construct(private FaultModel $model, private int $looks = self::LOOKS)
    {
        $chances = [];
        foreach ($model->checks as $check) {
            $chances[$check->name] = array_map(
                static fn(Suspect $suspect): float => $suspect->badAt($check),
                $model->suspects,
            );
        }
        $this->chances = $chances;
        $this->taps = new Taps($model);
    }

    /** @param list<string> $symptoms */
    public function of(array $symptoms): TroubleTree
    {
        $nodes = $starts = [];
        /** @var SplPriorityQueue<array{float, int}, Open> $queue */
        $queue = new SplPriorityQueue();
        foreach ($symptoms as $symptom) {
            $chances = array_map(
                static fn(Suspect $suspect): float => $suspect->notices[$symptom] ?? 1.0,
                $this->model->suspects,
            );
            $starts[$symptom] = $this->open(
                SetTable::of($this->model, $symptom)->seen($chances, true, 1.0),
                [],
                1.0 / count($symptoms),
                0,
                $nodes,
                $queue,
            );
        }
        $covered = 0.0;
        for ($looks = 0; !$queue->isEmpty();) {
            /** @var Open $open */
            $open = $queue->extract();
            $end = $this->end($open['table']);
            if ($end->isSure) {
                $covered += $open['chance'];
            }
            $look = $end->isSure || $looks >= $this->looks || $open['depth'] >= self::DEPTH ? null : $this->look($open);
            if ($look === null) {
                $nodes[$open['node']] = $end;
                continue;
            }
            ++$looks;
            $nodes[$open['node']] = $this->branched($open, $look, $end, $nodes, $queue);
        }
        ksort($nodes);

        return new TroubleTree(
            $starts,
            array_values(array_map(static fn(?TreeNode $node): TreeNode => $node ?? new TreeNode(null, []), $nodes)),
            $covered,
        );
    }

    /**
     * @param array<string, true> $done
     * @param array<int, ?TreeNode> $nodes
     * @param SplPriorityQueue<array{float, int}, Open> $queue
     */
    private function open(
        SetTable $table,
        array $done,
        float $chance,
        int $depth,
        array &$nodes,
        SplPriorityQueue $queue,
    ): int {
        $node = count($nodes);
        $nodes[] = null;
        $queue->insert(
            ['node' => $node, 'table' => $table, 'done' => $done, 'chance' => $chance, 'depth' => $depth],
            [$chance, -$node],
        );

        return $node;
    }

    /** @param Open $open */
    private function look(array $open): ?Look
    {
        $checks = array_values(
            array_filter(
                $this->model->checks,
                static fn(Check $check): bool => !isset($open['done'][$check->name]) &&
                    array_diff($check->after, array_keys($open['done'])) === [],
            ),
        );

        return (new Gains($open['table']))->best($checks, self::LEAST);
    }

    /**
     * @param Open $open
     * @param array<int, ?TreeNode> $nodes
     * @param SplPriorityQueue<array{float, int}, Open> $queue
     */
    private function branched(array $open, Look $look, TreeNode $end, array &$nodes, SplPriorityQueue $queue): TreeNode
    {
        $check = $look->check;
        $done = $open['done'] + [$check->name => true];
        $chances = $this->chances[$check->name];
        $chance = $open['chance'] * (1.0 - self::CANNOT);
        $depth = $open['depth'] + 1;
        $bad = $open['table']->seen($chances, true);
        $odd = $this->tapped($check, $bad, $done, [$chance * $look->bad, $depth], $nodes, $queue);

        return new TreeNode(
            $check,
            $end->causes,
            false,
            $this->open(
                $open['table']->seen($chances, false),
                $done,
                $chance * (1.0 - $look->bad),
                $depth,
                $nodes,
                $queue,
            ),
            $this->open(
                $bad,
                $done,
                $odd === [] ? $chance * $look->bad : 0.1 * $chance * $look->bad,
                $depth,
                $nodes,
                $queue,
            ),
            $this->open($open['table'], $done, $open['chance'] * self::CANNOT, $depth, $nodes, $queue),
            $odd,
        );
    }

    /**
     * Whoever taps a part says two things: something is odd, and it is this.
     *
     * @param array<string, true> $done
     * @param array{float, int} $here chance that somebody taps at all, looks so far
     * @param array<int, ?TreeNode> $nodes
     * @param SplPriorityQueue<array{float, int}, Open> $queue
     * @return array<array-key, int> designator to where its tap leads
     */
    private function tapped(
        Check $check,
        SetTable $bad,
        array $done,
        array $here,
        array &$nodes,
        SplPriorityQueue $queue,
    ): array {
        $parts = $this->taps->of($check);
        $found = array_map(fn(Check $one): SetTable => $bad->seen($this->chances[$one->name], true), $parts);
        $sums = array_map(static fn(SetTable $table): float => $table->sum(), $found);
        $all = max(1e-300, array_sum($sums));
        $odd = [];
        foreach ($parts as $designator => $one) {
            $odd[$designator] = $this->open(
                $found[$designator],
                $done + [$one->name => true],
                ($here[0] * $sums[$designator]) / $all,
                $here[1],
                $nodes,
                $queue,
            );
        }

        return $odd;
    }

    /** As it would end here: with the cause where one set is likely enough, else with what is suspected. */
    private function end(SetTable $table): TreeNode
    {
        $shares = $table->shares();
        if (($shares[0] ?? 0.0) >= Diagnosis::SURE) {
            return new TreeNode(null, [], true);
        }
        // Whoever can mend one of two causes mends it, and then sees whether it helped; what is put right in one go is one.
        $likely = array_filter($table->byMend($shares), static fn(float $share): bool => $share >= Diagnosis::SURE);
        if ($likely !== []) {
            return new TreeNode(null, $this->mended($table, $shares, array_keys($likely)), true);
        }
        arsort($shares);
        $suspected = [];
        foreach (array_slice(array_keys($shares), 0, 2 * self::SUSPECTED) as $set) {
            foreach (array_filter($table->sets[$set], static fn(int $each): bool => $each >= 0) as $index) {
                $suspected[$index] = $table->suspects[$index];
            }
        }

        return new TreeNode(null, array_slice(array_values($suspected), 0, self::SUSPECTED));
    }

    /**
     * @param list<float> $shares
     * @param list<string> $mends
     * @return list<Suspect> what each puts right, the likeliest first, without what is hardly among it
     */
    private function mended(SetTable $table, array $shares, array $mends): array
    {
        $by = $table->bySuspect($shares);
        arsort($by);
        $causes = [];
        foreach ($by as $index => $share) {
            $suspect = $table->suspects[$index];
            if ($share >= self::HARDLY && in_array($suspect->mend(), $mends, true)) {
                $causes[] = $suspect;
            }
        }

        return $causes;
    }
}
