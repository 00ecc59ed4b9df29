<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use ChiralexRender\Words;

/** Minutes as a builder plans them: `about 2 to 2½ hours`. The same on every page. */
final readonly class TimeText
{
    /** Below so many minutes the range is told in steps of so many. */
    private const STEPS = [[45, 5], [90, 15], [360, 30], [PHP_INT_MAX, 60]];
    private const FRACTIONS = [15 => '¼', 30 => '½', 45 => '¾'];

    public function __construct(private Words $words) {}

    /** @param array{minutes: float, planned?: array{text: string, ...<string, mixed>}, ...<string, mixed>} $manual older ones tell their steps only */
    public function of(array $manual): string
    {
        return $manual['planned']['text'] ?? $this->range($manual['minutes'], $manual['minutes']);
    }

    public function range(float $low, float $high): string
    {
        [$from, $to] = [self::rounded($low), self::rounded($high)];
        if ($from === $to) {
            return $this->words->sentence(
                $to < 60 ? 'page.time-minutes' : ($to === 60 ? 'page.time-hour' : 'page.time-hours'),
                [
                    'to' => self::told($to, $to < 60),
                ],
            );
        }

        return $this->words->sentence(
            match (true) {
                $to <= 60 => 'page.time-minutes-range',
                $from < 60 => 'page.time-both',
                default => 'page.time-hours-range',
            },
            ['from' => self::told($from, $from < 60), 'to' => self::told($to, $to <= 60)],
        );
    }

    /** The same range where there is little room: `1½–2½ h`. */
    public static function short(float $low, float $high): string
    {
        [$from, $to] = [self::rounded($low), self::rounded($high)];
        $inMinutes = $from < 60;
        $ends = array_map(static fn(int $end): string => self::told($end, $inMinutes), array_unique([$from, $to]));

        return implode("\u{2013}", $ends) . "\u{2009}" . ($inMinutes ? 'min' : 'h');
    }

    private static function rounded(float $minutes): int
    {
        foreach (self::STEPS as [$below, $step]) {
            if ($minutes < $below) {
                return (int) (max(1.0, round($minutes / $step)) * $step);
            }
        }

        return (int) $minutes;
    }

    private static function told(int $minutes, bool $inMinutes): string
    {
        $hours = intdiv($minutes, 60);

        return $inMinutes ? (string) $minutes : ($hours === 0 ? '' : $hours) . (self::FRACTIONS[$minutes % 60] ?? '');
    }
}
