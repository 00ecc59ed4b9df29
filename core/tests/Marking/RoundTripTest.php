<?php

declare(strict_types=1);

namespace Chiralex\Tests\Marking;

use Chiralex\Marking\Bands;
use Chiralex\Marking\Codes;
use Chiralex\Marking\Eia96;
use Chiralex\Marking\Grounds;
use Chiralex\Marking\MarkingWriter;
use Chiralex\Quantity\Data\SeriesTable;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Unit;
use PHPUnit\Framework\TestCase;

/** Value to marking to value is the identity (IEC 60062; EIA-96 by its rule). */
final class RoundTripTest extends TestCase
{
    public function test_bands_of_every_preferred_value_read_back(): void
    {
        foreach ([[24, 2, '5'], [96, 3, '1']] as [$size, $figures, $tolerance]) {
            foreach (SeriesTable::members($size) as $member) {
                for ($power = -1; $power <= 6; ++$power) {
                    $value = EngineeringValue::scaled((string) $member, $power - 1, Unit::Ohm);
                    $bands = (new MarkingWriter())->bands($value, $figures, $tolerance);
                    self::assertNotNull($bands, $value->display());
                    $forward = array_values(
                        array_filter((new Bands())->read($bands), static fn($reading): bool => !$reading->reverse),
                    )[0];
                    self::assertTrue($forward->value->equals($value), $value->display());
                    self::assertSame($tolerance, $forward->tolerance);
                }
            }
        }
    }

    public function test_codes_of_every_preferred_value_are_among_their_own_readings(): void
    {
        foreach (SeriesTable::E24 as $member) {
            for ($power = 0; $power <= 5; ++$power) {
                $this->reads(
                    EngineeringValue::scaled((string) $member, $power, Unit::Ohm),
                    static fn(EngineeringValue $value): ?string => (new MarkingWriter())->three($value),
                );
                $this->reads(
                    EngineeringValue::scaled((string) $member, $power - 12, Unit::Farad),
                    static fn(EngineeringValue $value): ?string => (new MarkingWriter())->three($value),
                );
            }
        }
        foreach (SeriesTable::members(96) as $member) {
            for ($power = 0; $power <= 4; ++$power) {
                $value = EngineeringValue::scaled((string) $member, $power, Unit::Ohm);
                $this->reads(
                    $value,
                    static fn(EngineeringValue $value): ?string => (new MarkingWriter())->four($value),
                );
                $this->reads($value, static fn(EngineeringValue $value): ?string => (new Eia96())->write($value));
            }
        }
    }

    public function test_a_reading_says_why_it_ranks_where_it_does(): void
    {
        $codes = static fn(string $code): array => array_map(
            static fn($reading): array => array_map(static fn($reason): string => $reason->code, Grounds::of($reading)),
            (new Codes())->read($code, Unit::Ohm),
        );

        self::assertSame(
            [['reading.series', 'reading.printed'], ['reading.series', 'reading.three-digit']],
            $codes('200'),
        );
        self::assertSame(['reading.link', 'reading.three-digit'], $codes('000')[0]);
        self::assertSame(['reading.no-series', 'reading.printed'], $codes('473')[1]);
        $bands = (new Bands())->read(Bands::words('red red red gold'));
        self::assertSame(
            ['reading.series', 'reading.forward'],
            array_map(static fn($reason): string => $reason->code, Grounds::of($bands[0])),
        );
    }

    /** @param callable(EngineeringValue): ?string $write */
    private function reads(EngineeringValue $value, callable $write): void
    {
        $code = $write($value);
        self::assertNotNull($code, $value->display());
        $readings = array_filter(
            (new Codes())->read($code, $value->unit),
            static fn($reading): bool => $reading->value->equals($value),
        );
        self::assertNotSame([], $readings, "{$code} for {$value->display()}");
    }
}
