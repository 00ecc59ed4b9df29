<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Series;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Why a reading ranks where it does: the series its value belongs to, the scheme that was read, the end it was read from. */
final readonly class Grounds
{
    /** @return list<Reason> */
    public static function of(CodeDecoding|BandDecoding $reading): array
    {
        return $reading instanceof BandDecoding
            ? [
                self::series($reading->value),
                new Reason($reading->reverse ? 'reading.reverse' : 'reading.forward', [], Origin::Standard),
            ]
            : [
                self::series($reading->value),
                new Reason(
                    "reading.{$reading->scheme->value}",
                    ['unit' => $reading->value->unit->value],
                    Origin::Standard,
                ),
            ];
    }

    private static function series(EngineeringValue $value): Reason
    {
        $series = Series::of($value);

        return match (true) {
            $value->amount->isZero() => new Reason('reading.link', [], Origin::CommonPractice),
            $series === [] => new Reason('reading.no-series', ['value' => $value->display()], Origin::Standard),
            default => new Reason(
                'reading.series',
                ['value' => $value->display(), 'series' => $series[0]->name],
                Origin::Standard,
            ),
        };
    }
}
