<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Kit\Trace;
use Chiralex\Kit\Waveform;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a trace stands at a share of its period; the shapes as every signal generator draws them, common practice, no source. */
final class TraceTest extends TestCase
{
    /** @return iterable<string, array{Waveform, float, array<string, float>}> shape, duty, share of the period to volts */
    public static function shapes(): iterable
    {
        yield 'square' => [
            Waveform::Square,
            25.0,
            ['0' => 5.0, '0.24' => 5.0, '0.25' => 1.0, '0.99' => 1.0, '1.1' => 5.0],
        ];
        yield 'sine' => [Waveform::Sine, 50.0, ['0' => 3.0, '0.25' => 5.0, '0.75' => 1.0]];
        yield 'sawtooth' => [Waveform::Saw, 50.0, ['0' => 1.0, '0.5' => 3.0, '-0.25' => 4.0]];
        yield 'triangle, rising for a quarter' => [
            Waveform::Triangle,
            25.0,
            ['0' => 1.0, '0.25' => 5.0, '0.625' => 3.0],
        ];
        yield 'triangle, rising all the time' => [Waveform::Triangle, 100.0, ['0.5' => 3.0, '0.99' => 4.96]];
        yield 'triangle, falling all the time' => [Waveform::Triangle, 0.0, ['0.5' => 3.0]];
        yield 'flat' => [Waveform::Flat, 50.0, ['0' => 5.0, '0.7' => 5.0]];
    }

    /** @param array<string, float> $volts */
    #[DataProvider('shapes')]
    public function test_a_trace_stands_so_high(Waveform $shape, float $duty, array $volts): void
    {
        foreach ($volts as $share => $at) {
            self::assertEqualsWithDelta(
                $at,
                (new Trace($shape, 1.0, 5.0, $duty))->at((float) $share),
                1e-9,
                (string) $share,
            );
        }
    }

    public function test_a_test_has_the_trace_that_its_maker_says(): void
    {
        $traces = array_map(
            static fn($test): ?Trace => $test->meter->trace,
            KitMaker::kit(
                ['R1,1k,,'],
                [],
                [
                    'tests' => [
                        ['name' => 'clock', 'trace' => ['shape' => 'sine', 'low' => -1, 'high' => 2.5, 'duty' => 130]],
                        ['name' => 'upside down', 'trace' => ['low' => 3, 'high' => 1]],
                        ['name' => 'rail'],
                    ],
                ],
            )->work->tests,
        );

        self::assertEquals(
            [new Trace(Waveform::Sine, -1.0, 2.5, 100.0), new Trace(Waveform::Square, 3.0, 3.0), null],
            $traces,
        );
    }
}
