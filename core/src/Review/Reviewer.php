<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Station;

/** Collects what a maker has to settle, station by station, the heaviest first. */
final readonly class Reviewer
{
    /** @return list<Matter> */
    public function matters(Kit $kit, BuildOrder|BuildCycle $order): array
    {
        $subject = new Subject($kit, $order);
        $matters = [];
        foreach (
            [
                new FileMatters(),
                new PartMatters(),
                new HardwareMatters(),
                new LoadMatters(),
                new SupplyMatters(),
                new BoxMatters(),
                new BoardMatters(),
                new OrderMatters(),
                new MarkMatters(),
                new BagMatters(),
                new FirstKitMatters(),
                new ManualMatters(),
                new ProseMatters(),
                new OldTextMatters(),
                new VoltageMatters(),
                new ValueMatters(),
                new PrintMatters(),
                new NeedMatters(),
                new TerminalMatters(),
                new LooseMatters(),
                new UseMatters(),
                new PanelMatters(),
                new HoleMatters(),
                new BodyMatters(),
                new NetMatters(),
                new BoardReview(),
                new SnagMatters(),
                new BenchMatters(),
                new SafetyMatters(),
                new WireMatters(),
                new PhotoMatters(),
            ] as $source
        ) {
            array_push($matters, ...$source->matters($subject));
        }
        $stations = array_flip(array_map(static fn(Station $station): string => $station->value, Station::cases()));
        usort(
            $matters,
            static fn(Matter $a, Matter $b): int => [
                $stations[$a->station->value],
                $a->severity->rank(),
                $a->code,
                $a->designators,
            ] <=> [$stations[$b->station->value], $b->severity->rank(), $b->code, $b->designators],
        );

        return $matters;
    }
}
