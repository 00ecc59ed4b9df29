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
     * @param list<Reason> $cautions in full, where they come first
     * @param list<Reason> $reminders of cautions that were said
     */
    public function __construct(
        public Step $step,
        public array $callouts,
        public array $wires,
        public array $tests,
        public array $tips,
        public StepTable $table,
        public array $cautions = [],
        public array $reminders = [],
    ) {}
}
