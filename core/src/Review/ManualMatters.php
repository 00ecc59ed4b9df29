<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Test;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Station;
use Chiralex\Reason\Weight;

/** What would not be printed though the maker wrote it. */
final readonly class ManualMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $lost = array_values(array_filter($subject->kit->tests, static fn(Test $test): bool => $test->gate === null && $test->adjusts === null));

        return array_map(static fn(Test $test): Matter => new Matter(Weight::Warn, Station::Manual, 'manual.test-nowhere', ['test' => $test->name], $test->points), $lost);
    }
}
