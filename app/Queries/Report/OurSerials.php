<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\Unit;
use Chiralex\Trade\Exception\InvalidSerial;
use Chiralex\Trade\NearSerials;
use Chiralex\Trade\Serial;

/** Serials of ours that one may have been that was typed. */
final readonly class OurSerials
{
    private const MOST = 5;

    /** The kit of a serial, however it is written; null where it is none of ours. */
    public function unit(string $serial): ?Unit
    {
        try {
            return trim($serial) === ''
                ? null
                : Unit::query()
                    ->where('serial', Serial::parse($serial)->text())
                    ->first();
        } catch (InvalidSerial) {
            return null;
        }
    }

    /** @return list<string> the nearest first, itself where it is one of ours */
    public function near(string $typed): array
    {
        $near = NearSerials::of(mb_substr($typed, 0, 60));
        $ours = [];
        foreach (
            Unit::query()
                ->whereIn('serial', $near)
                ->get(['serial']) as $unit
        ) {
            $ours[] = $unit->serial;
        }

        return array_slice(array_values(array_intersect($near, $ours)), 0, self::MOST);
    }
}
