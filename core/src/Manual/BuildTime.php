<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Data\WorkTimes;
use Chiralex\Build\Step;
use Chiralex\Build\TimeSpread;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PartCount;
use Chiralex\Kit\Skill;

/** How long a builder plans for: the steps, and what stands in no step; all in minutes. */
final readonly class BuildTime
{
    /** @param float $spread how far builders lie apart, as a share */
    private function __construct(
        public float $steps,
        public float $contents,
        public float $drilling,
        public float $cleaning,
        public float $tidying,
        public float $spread,
    ) {}

    public static function of(Kit $kit, BuildOrder $order): self
    {
        $share = $kit->choices->settings->skill === Skill::Practised ? WorkTimes::PRACTISED : 1.0;
        $count = PartCount::of($kit);
        $boards = [];
        foreach ($order->steps as $step) {
            $boards += $step->work->joints > 0 && $step->face !== null ? [$step->face->board => true] : [];
        }

        return new self(
            array_sum(array_map(static fn(Step $step): float => $step->work->minutes, $order->steps)),
            $share * ($count->lines * WorkTimes::LINE + $count->pieces * WorkTimes::PIECE),
            $share * DrillPlan::drilled($kit) * WorkTimes::HOLE,
            $share * count($boards) * WorkTimes::CLEAN,
            $share * WorkTimes::TIDY,
            TimeSpread::of($kit),
        );
    }

    public function total(): float
    {
        return $this->steps + $this->contents + $this->drilling + $this->cleaning + $this->tidying;
    }

    public function low(): float
    {
        return $this->total() * max(0.0, 1.0 - $this->spread);
    }

    public function high(): float
    {
        return $this->total() * (1.0 + $this->spread);
    }
}
