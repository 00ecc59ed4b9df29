<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

use Chiralex\Fault\Internal\Gains;
use Chiralex\Fault\Internal\SetTable;
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

    /** @var array<string, list<float>> by check, the chance that each suspect makes it come out bad */
    private array $chances;

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
        $odd = [];
        foreach ($this->ofParts($check) as $designator => $one) {
            // Whoever taps a part says two things: something is odd, and it is this.
            $share = $open['table']->chance($this->chances[$one->name]);
            $found = $bad->seen($this->chances[$one->name], true);
            $odd[$designator] = $this->open(
                $found,
                $done + [$one->name => true],
                $chance * min(1.0, $share),
                $depth,
                $nodes,
                $queue,
            );
        }

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

    /** @return array<array-key, Check> designator to the check of that part alone */
    private function ofParts(Check $check): array
    {
        $kind = $check->kind->ofOne();
        $checks = [];
        foreach ($kind === null ? [] : $this->model->checks as $one) {
            if ($one->kind === $kind && array_intersect($one->designators, $check->designators) !== []) {
                $checks[$one->designators[0]] = $one;
            }
        }

        return $checks;
    }

    /** As it would end here: with the cause where one set is likely enough, else with what is suspected. */
    private function end(SetTable $table): TreeNode
    {
        $shares = $table->shares();
        $first = $shares === [] ? false : array_search(max($shares), $shares, true);
        $named = static fn(int $set): array => array_values(
            array_map(
                static fn(int $suspect): Suspect => $table->suspects[$suspect],
                array_filter($table->sets[$set] ?? [], static fn(int $suspect): bool => $suspect >= 0),
            ),
        );
        if ($first !== false && $shares[$first] >= Diagnosis::SURE) {
            return new TreeNode(null, $named($first), true);
        }
        // Whoever can mend one of two causes mends it, and then sees whether it helped.
        $likely = array_filter($table->bySuspect($shares), static fn(float $share): bool => $share >= Diagnosis::SURE);
        if ($likely !== []) {
            return new TreeNode(
                null,
                array_map(static fn(int $suspect): Suspect => $table->suspects[$suspect], array_keys($likely)),
                true,
            );
        }
        $suspected = [];
        for ($rank = 0; $rank < 2 * self::SUSPECTED && $shares !== []; ++$rank) {
            $set = (int) array_search(max($shares), $shares, true);
            unset($shares[$set]);
            foreach ($named($set) as $suspect) {
                $suspected[$suspect->name] ??= $suspect;
            }
        }

        return new TreeNode(null, array_slice(array_values($suspected), 0, self::SUSPECTED));
    }
}
