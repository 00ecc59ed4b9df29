<?php

declare(strict_types=1);

namespace Chiralex\Tests\Quantity;

use Chiralex\Quantity\Data\SeriesTable;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\Series;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueReader;
use PHPUnit\Framework\TestCase;

/** Every member of E96 and E24 over the decades that parts are made in. */
final class RoundTripTest extends TestCase
{
    /** Powers of ten of the smallest and the largest decade met in kits; common practice, no source. */
    private const DECADES = [['ohm', -1, 6], ['farad', -12, -3], ['henry', -7, -1]];

    public function test_what_is_printed_reads_the_same(): void
    {
        $reader = new ValueReader();
        $count = 0;
        foreach (self::DECADES as [$unit, $from, $to]) {
            foreach ([24, 96] as $size) {
                foreach (SeriesTable::members($size) as $member) {
                    for ($power = $from; $power <= $to; ++$power) {
                        $value = EngineeringValue::scaled(
                            (string) $member,
                            $power - ($size === 24 ? 1 : 2),
                            Unit::from($unit),
                        );
                        $read = $reader->read($value->display(), Unit::from($unit));
                        self::assertTrue(
                            $read instanceof ParsedValue && $read->value->equals($value),
                            $value->display(),
                        );
                        ++$count;
                    }
                }
            }
        }
        self::assertGreaterThan(2500, $count);
    }

    public function test_the_nearest_member_is_nearer_than_its_neighbours(): void
    {
        foreach (Series::cases() as $series) {
            for ($i = 0; $i < 60; ++$i) {
                // Ratios spread evenly over a decade and a bit, the same in every run.
                $target = EngineeringValue::of(number_format(100 * 10 ** ($i * 0.01871), 4, '.', ''), Unit::Ohm);
                $near = $series->nearest($target);
                self::assertTrue($series->has($near));
                foreach (SeriesTable::members($series->value) as $member) {
                    foreach ([100, 1000] as $decade) {
                        $other = ($member * $decade) / ($series->value <= 24 ? 10 : 100);
                        self::assertGreaterThanOrEqual(
                            abs(log($near->amount->toFloat() / $target->amount->toFloat())) - 1e-9,
                            abs(log($other / $target->amount->toFloat())),
                        );
                    }
                }
            }
        }
    }
}
