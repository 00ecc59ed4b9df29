<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Packing\TapePitch;
use Chiralex\Part\BodyShape;
use Chiralex\Part\Leads;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Outline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pitches of IEC 60286-1, -2 and -3, from memory. */
final class TapePitchTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, LeadStyle, ?float}> name, along, across, leads, pitch */
    public static function outlines(): iterable
    {
        yield 'a quarter watt resistor' => ['axial', 6.5, 2.5, LeadStyle::AxialWire, 5.0];
        yield 'an axial body of 5 mm' => ['axial', 9.0, 5.0, LeadStyle::AxialWire, 5.0];
        yield 'a thicker one' => ['axial', 9.0, 5.3, LeadStyle::AxialWire, 10.0];
        yield 'a lamp of 5 mm' => ['led-5', 5.0, 5.0, LeadStyle::RadialWire, 12.7];
        yield 'a can of 11 mm' => ['can', 11.0, 11.0, LeadStyle::RadialWire, 12.7];
        yield 'a can of 12.5 mm' => ['can', 12.5, 12.5, LeadStyle::RadialWire, 25.4];
        yield 'a chip' => ['0805', 2.0, 1.25, LeadStyle::None, 4.0];
        yield 'a small chip' => ['0402', 1.0, 0.5, LeadStyle::None, 2.0];
        yield 'a switch' => ['switch', 6.0, 6.0, LeadStyle::StiffPins, null];
    }

    #[DataProvider('outlines')]
    public function test_pieces_sit_on_their_tape(
        string $name,
        float $along,
        float $across,
        LeadStyle $leads,
        ?float $pitch,
    ): void {
        $outline = new Outline($name, BodyShape::Box, $along, $across, 3.0, new Leads($leads, 3.0), [], 'test');
        self::assertSame($pitch, TapePitch::of($outline));
        self::assertTrue($pitch === null || in_array($pitch, TapePitch::ALL, true), 'it is on the ruler');
    }
}
