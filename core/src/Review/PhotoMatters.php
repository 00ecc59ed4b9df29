<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Polygon;
use Chiralex\Build\BuildOrder;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Photographs that show another board than the one of this revision, or stand at no step any more. */
final readonly class PhotoMatters implements MatterSource
{
    /** An outline that grew by more is another one, millimetres. */
    private const SAME = 0.5;

    public function matters(Subject $subject): array
    {
        $steps = $subject->order instanceof BuildOrder ? $subject->order->stepOf() : null;
        $matters = [];
        foreach ($subject->kit->work->photos as $photo) {
            $outline = $subject->kit->board($photo->board)->outline ?? new Polygon([]);
            [$left, $low, $right, $high] = $outline->bounds();
            $args = ['file' => $photo->file, 'parts' => $photo->at];
            if ($steps !== null && array_intersect_key(array_flip($photo->at), $steps) === []) {
                $matters[] = self::matter('manual.photo-nowhere', $args, $photo->at);
            } elseif (
                abs($right - $left - $photo->width) > self::SAME ||
                abs($high - $low - $photo->height) > self::SAME
            ) {
                $matters[] = self::matter(
                    'manual.photo-outline',
                    $args + [
                        'was' => round($photo->width, 1) . ' × ' . round($photo->height, 1),
                        'is' => round($right - $left, 1) . ' × ' . round($high - $low, 1),
                    ],
                    $photo->at,
                );
            } elseif ($photo->isOfOtherThan($subject->kit->head->revision)) {
                $matters[] = self::matter(
                    'manual.photo-revision',
                    $args + ['was' => $photo->revision, 'is' => $subject->kit->head->revision],
                    $photo->at,
                );
            }
        }

        return $matters;
    }

    /**
     * @param array<string, string|list<string>> $args
     * @param list<string> $parts
     */
    private static function matter(string $code, array $args, array $parts): Matter
    {
        return new Matter(MatterSeverity::Warn, Station::Manual, $code, $args, $parts);
    }
}
