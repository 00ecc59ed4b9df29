<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Data\WorkTimes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PilotEntry;

/**
 * How much longer or shorter each kind of part takes than the usual time, from logged builds; drawn towards 1 while data are few:
 * the usual time weighs as much as eight logged parts, or two logged steps of other work.
 */
final readonly class PilotTimes
{
    private const PARTS = 8.0;
    private const STEPS = 2.0;

    /**
     * @param array<string, array{factor: float, count: float}> $kinds
     * @param array<string, array{factor: float, count: float}> $actions of work that is no soldering
     * @param float $spread how far whole builds lie apart, as a share
     */
    private function __construct(
        private array $kinds,
        private array $actions,
        public int $builds,
        public float $spread,
    ) {}

    /** @param callable(PilotEntry): float $usual minutes of a practised builder for the entry's step */
    public static function of(Kit $kit, callable $usual): self
    {
        $kinds = $actions = $builds = [];

        foreach ($kit->logs->pilot as $entry) {
            $expected = $usual($entry);
            if ($entry->minutes === null || $entry->minutes <= 0.0 || $expected <= 0.0) {
                continue;
            }
            $builds[$entry->build] = [
                ($builds[$entry->build][0] ?? 0.0) + $entry->minutes,
                ($builds[$entry->build][1] ?? 0.0) + $expected,
            ];
            $ratio = $entry->minutes / $expected;
            $known = array_filter(
                array_map(static fn(string $name): ?string => $kit->part($name)?->kind()->value, $entry->names()),
            );
            if ($entry->action() === 'solder' && $known !== []) {
                foreach ($known as $kind) {
                    $kinds[$kind][] = $ratio;
                }
            } else {
                $actions[$entry->action()][] = $ratio;
            }
        }
        $shrunk = static fn(float $weight): callable => static fn(array $ratios): array => [
            'factor' => ($weight + array_sum($ratios)) / ($weight + count($ratios)),
            'count' => (float) count($ratios),
        ];

        return new self(
            array_map($shrunk(self::PARTS), $kinds),
            array_map($shrunk(self::STEPS), $actions),
            count($builds),
            self::spread(array_values(array_map(static fn(array $build): float => $build[0] / $build[1], $builds))),
        );
    }

    /**
     * The spread that is usual, drawn towards that of the builds logged.
     *
     * @param list<float> $ratios of each build, logged over usual
     */
    private static function spread(array $ratios): float
    {
        $mean = $ratios === [] ? 1.0 : array_sum($ratios) / count($ratios);
        $squares = array_sum(array_map(static fn(float $ratio): float => ($ratio / $mean - 1.0) ** 2, $ratios));

        return sqrt(
            (WorkTimes::SPREAD_BUILDS * WorkTimes::SPREAD ** 2 + $squares) /
                (WorkTimes::SPREAD_BUILDS + max(0, count($ratios) - 1)),
        );
    }

    public function kind(string $kind): float
    {
        return $this->kinds[$kind]['factor'] ?? 1.0;
    }

    public function action(string $action): float
    {
        return $this->actions[$action]['factor'] ?? 1.0;
    }

    /** True when something was logged of this kind of part or work. */
    public function knows(string $kindOrAction): bool
    {
        return isset($this->kinds[$kindOrAction]) || isset($this->actions[$kindOrAction]);
    }
}
