<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;

/** What is reviewed: a kit and the order computed for it. */
final readonly class Subject
{
    public function __construct(public Kit $kit, public BuildOrder|BuildCycle $order) {}
}
