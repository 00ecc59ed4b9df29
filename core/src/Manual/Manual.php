<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Bagging\BagPlan;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Reason;

/** The build manual of a kit as a document model, before words and layout. */
final readonly class Manual
{
    /**
     * @param list<Reason> $tools
     * @param list<Reason> $cautions of the kit as a whole
     * @param list<ManualStep> $steps
     */
    public function __construct(
        public Kit $kit,
        public BuildOrder $order,
        public BagPlan $bags,
        public array $tools,
        public array $cautions,
        public array $steps,
    ) {}
}
