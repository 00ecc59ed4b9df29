<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Review\MatterSource;
use Chiralex\Review\Subject;

/** What one source of matters says of a kit. */
final readonly class Told
{
    /** @return list<array<string, mixed>> the arguments of every matter of this code */
    public static function by(
        MatterSource $source,
        Kit $kit,
        string $code,
        BuildOrder|BuildCycle|null $order = null,
    ): array {
        $matters = $source->matters(new Subject($kit, $order ?? (new Planner())->plan($kit)));

        return array_values(
            array_map(
                static fn(Matter $matter): array => $matter->args,
                array_filter($matters, static fn(Matter $matter): bool => $matter->code === $code),
            ),
        );
    }
}
