<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\Step;
use Chiralex\Kit\Test;
use Chiralex\Kit\Wire;
use Chiralex\Polarity\Callout;
use Chiralex\Reason\Reason;

/** A step as the builder reads it. */
final readonly class ManualStep
{
    /**
     * @param list<Callout> $callouts of the parts fitted in this step
     * @param list<Wire> $wires soldered in this step
     * @param list<Test> $tests made at this step
     * @param list<Reason> $tips technique for the kinds of part at hand
     * @param list<string> $loose parts taken from the kit for this step that go on no board
     * @param array<string, list<string>> $remaining bag to what it should still hold afterwards, for the bags opened in this step
     * @param list<string> $undirected parts fitted in this step that go in either way round
     * @param list<array{list<string>, list<string>}> $alike parts of this step, and their look-alikes that lie on the table too
     */
    public function __construct(
        public Step $step,
        public array $callouts,
        public array $wires,
        public array $tests,
        public array $tips,
        public array $loose,
        public array $remaining,
        public array $undirected = [],
        public array $alike = [],
    ) {}
}
