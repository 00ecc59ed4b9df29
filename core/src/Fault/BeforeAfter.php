<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Statistics\Fisher;
use Chiralex\Statistics\Wilson;
use Closure;
use DateTimeImmutable;

/**
 * Kits that were reported for a cause before something was mended, against those after. Kits that left lately stand apart, as in the rate.
 */
final readonly class BeforeAfter
{
    /** Chance below which fewer reports are no accident; as for alarms. */
    public const SURE = 0.1;
    /** Kits beyond which it is not told how many are missing. */
    private const FAR = 2000;

    /**
     * @param int $before kits that count, and how many of them were reported for it
     * @param int $young kits after it that left lately
     * @param float $chance that so few after it are an accident: one-sided, Fisher
     */
    private function __construct(
        public int $before,
        public int $beforeReported,
        public int $after,
        public int $afterReported,
        public int $young,
        public float $chance,
    ) {}

    /**
     * @param list<ShippedKit> $shipped
     * @param list<KitReport> $reports
     * @param string $cause by its name: `D1 reversed`
     * @param Closure(ShippedKit): bool $isAfter whether a kit was made after it was mended
     */
    public static function of(
        array $shipped,
        array $reports,
        string $cause,
        Closure $isAfter,
        DateTimeImmutable $at,
    ): self {
        $settled = $at->modify('-' . FaultStudy::SETTLED_DAYS . ' days')->format('Y-m-d');
        $kits = [];
        $young = 0;
        foreach ($shipped as $kit) {
            $after = $isAfter($kit);
            if ($kit->date <= $settled) {
                $kits[$kit->serial] = $after;
            } elseif ($after) {
                ++$young;
            }
        }
        $hits = [];
        foreach ($reports as $report) {
            if (isset($kits[$report->serial]) && in_array($cause, $report->causes, true)) {
                $hits[$report->serial] = $kits[$report->serial];
            }
        }
        $after = count(array_filter($kits));
        $afterHits = count(array_filter($hits));
        $before = count($kits) - $after;
        $beforeHits = count($hits) - $afterHits;

        return new self(
            $before,
            $beforeHits,
            $after,
            $afterHits,
            $young,
            self::chance($before, $beforeHits, $after, $afterHits),
        );
    }

    public function beforeInterval(): Wilson
    {
        return Wilson::of(max(0, $this->beforeReported), max(0, $this->before));
    }

    public function afterInterval(): Wilson
    {
        return Wilson::of(max(0, $this->afterReported), max(0, $this->after));
    }

    public function turn(): Turn
    {
        if ($this->chance < self::SURE) {
            return Turn::Fell;
        }

        return $this->rose() < self::SURE ? Turn::Rose : Turn::Open;
    }

    /** @return ?int kits more without a report after which it would be shown; null where that is far off, or shown already */
    public function missing(): ?int
    {
        if ($this->turn() !== Turn::Open || $this->beforeReported === 0) {
            return null;
        }
        [$low, $high] = [0, self::FAR];
        $at = fn(int $more): float => self::chance(
            $this->before,
            $this->beforeReported,
            $this->after + $more,
            $this->afterReported,
        );
        if ($at($high) >= self::SURE) {
            return null;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($at($middle) < self::SURE) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }

    private static function chance(int $before, int $beforeHits, int $after, int $afterHits): float
    {
        return $beforeHits === 0
            ? 1.0
            : Fisher::atLeast($beforeHits, $before, $beforeHits + $afterHits, $before + $after);
    }

    private function rose(): float
    {
        return $this->afterReported === 0
            ? 1.0
            : Fisher::atLeast(
                $this->afterReported,
                $this->after,
                $this->beforeReported + $this->afterReported,
                $this->before + $this->after,
            );
    }
}
