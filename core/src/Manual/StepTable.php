<?php

declare(strict_types=1);

namespace Chiralex\Manual;

/** What lies on the table at a step. */
final readonly class StepTable
{
    /**
     * @param list<string> $loose parts taken from the kit for this step that go on no board
     * @param array<string, list<string>> $remaining bag to what it should still hold afterwards, for the bags opened in this step
     * @param list<string> $undirected parts fitted in this step that go in either way round
     * @param list<array{list<string>, list<string>}> $alike parts of this step, and their look-alikes that lie on the table too
     */
    public function __construct(
        public array $loose,
        public array $remaining,
        public array $undirected = [],
        public array $alike = [],
    ) {}
}
