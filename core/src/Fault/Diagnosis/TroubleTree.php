<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** What to look at, answer by answer, as far as it was worked out ahead: whoever follows it computes nothing. */
final readonly class TroubleTree
{
    /**
     * @param array<string, int> $starts symptom to its first node
     * @param list<TreeNode> $nodes
     * @param float $covered share of troubles, by their chances, that end at a cause before the tree ends
     */
    public function __construct(public array $starts, public array $nodes, public float $covered) {}
}
