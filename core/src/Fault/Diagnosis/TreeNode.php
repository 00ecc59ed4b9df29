<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** A look with where each answer leads, or an end. */
final readonly class TreeNode
{
    /**
     * @param ?Check $check null at an end
     * @param list<Suspect> $causes at an end what is wrong, all of it; elsewhere the likeliest three, for a report
     * @param bool $isSure an end that names the cause; an end that does not writes to the maker
     * @param ?int $good node
     * @param ?int $bad node
     * @param ?int $cannot node
     * @param array<array-key, int> $odd designator that was tapped as the odd one, to the node
     */
    public function __construct(
        public ?Check $check,
        public array $causes,
        public bool $isSure = false,
        public ?int $good = null,
        public ?int $bad = null,
        public ?int $cannot = null,
        public array $odd = [],
    ) {}
}
