<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\VoltageSum;
use Chiralex\Kit\WiperLoad;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Rating;
use Chiralex\Quantity\RatingUnit;
use Chiralex\Quantity\Series;
use Chiralex\Quantity\Unit;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/**
 * Dissipation from declared voltages: resistors as they are, adjusters at both end stops. Ratings by body are common practice.
 */
final readonly class LoadMatters implements MatterSource
{
    private const RATING = [
        'axial-1/8W' => 0.125,
        'axial-1/4W' => 0.25,
        'axial-1/2W' => 0.5,
        'axial-1W' => 1.0,
        'axial-2W' => 2.0,
        'trimmer-6mm' => 0.1,
        'trimmer-10mm' => 0.25,
        'trimmer-multiturn' => 0.5,
        'potentiometer-9mm' => 0.05,
        'potentiometer-16mm' => 0.2,
    ];

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->parts as $part) {
            if (($part->kind() !== Kind::Resistor && !$part->row->is(Role::Adjusts)) || !$part->supply->isOnBoard()) {
                continue;
            }
            $across = $subject->kit->nature->circuit->across[$part->designator] ?? null;
            $volts = $across === null ? null : VoltageSum::of($across);
            if ($across !== null && $volts === null) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Parts,
                    'parts.net-unreadable',
                    ['designator' => $part->designator, 'text' => $across],
                    [$part->designator],
                );
                continue;
            }
            $adjuster = $part->kind() !== Kind::Resistor;
            if ($volts === null) {
                if ($adjuster) {
                    $matters[] = new Matter(
                        MatterSeverity::Note,
                        Station::Parts,
                        'parts.end-stop-unknown',
                        ['designator' => $part->designator],
                        [$part->designator],
                    );
                }
                continue;
            }
            array_push($matters, ...$this->load($subject->kit, $part, $volts, (string) $across));
        }

        return $matters;
    }

    /** Volts across an adjuster and what stands in series with it. */
    private static function total(Kit $kit, KitPart $part, float $volts, float $ohms): float
    {
        $behind = $kit->part($kit->nature->circuit->series[$part->designator] ?? '');
        $series = $behind?->recognition->amount() ?? 0.0;

        return ($volts * ($ohms + $series)) / $ohms;
    }

    /** @return list<Matter> */
    private function load(Kit $kit, KitPart $part, float $volts, string $across): array
    {
        $adjuster = $part->kind() !== Kind::Resistor;
        $ohms = $part->recognition->amount() ?? 0.0;
        $rating =
            Rating::find(
                "{$part->line->cells->value} {$part->line->cells->description}",
                RatingUnit::Watt,
            )?->toFloat() ??
            (self::RATING[$part->shape->outline->name] ?? 0.25);
        $args = ['designator' => $part->designator, 'across' => $across, 'volts' => $volts, 'rating' => $rating];
        $matters = [];
        if ($ohms > 0.0 && $volts ** 2 / $ohms > $rating) {
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                'parts.overload',
                $args + ['ohms' => $ohms, 'watts' => round($volts ** 2 / $ohms, 4)],
                [$part->designator],
            );
        }
        if ($adjuster && $ohms > 0.0 && abs($volts) > 0.0) {
            // At the end stop the track carries all of the current in a sliver: it stays whole while P <= rating, I = sqrt(P / R).
            $amps = sqrt($rating / $ohms);
            $total = self::total($kit, $part, abs($volts), $ohms);
            $load = WiperLoad::of($kit, $part->designator);
            if ($load !== null && $load->ohms * $amps >= $total) {
                return $matters;
            }
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                ($load->resistor ?? '') === '' ? 'parts.end-stop' : 'parts.end-stop-small',
                $args + [
                    'milliamps' => round($amps * 1000, 1),
                    'series' => self::series($total / $amps),
                    'resistor' => $load->resistor ?? '',
                ],
                [$part->designator],
            );
        }

        return $matters;
    }

    /** The next E12 resistor that is not smaller. */
    private static function series(float $ohms): string
    {
        try {
            $value = EngineeringValue::of((string) round($ohms, 2), Unit::Ohm);
            $near = Series::E12->nearest($value);

            return ($near->amount->isLessThan($value->amount)
                ? Series::E12->nearest(EngineeringValue::of((string) round($ohms * 1.2, 2), Unit::Ohm))
                : $near
            )->display();
        } catch (InvalidQuantity) {
            return '';
        }
    }
}
