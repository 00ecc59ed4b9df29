<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Kit\Trace;
use Chiralex\Kit\Waveform;
use ChiralexRender\Svg\TraceSvg;
use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The screen of an oscilloscope: knobs as they turn, the trace in its divisions, the words. */
final class TraceSvgTest extends TestCase
{
    /** @return iterable<string, array{Trace, ?float, string, string}> trace, hertz, what stands below, in words */
    public static function screens(): iterable
    {
        yield 'five volts at 1.2 Hz' => [
            new Trace(Waveform::Square, 0.0, 5.0, 67.0),
            1.2,
            "1\u{2009}V and 500\u{2009}ms a division",
            "square wave from 0\u{2009}V to 5\u{2009}V, 1.2\u{2009}Hz, high 67 % of the time",
        ];
        yield 'a sine about zero, 1 kHz' => [
            new Trace(Waveform::Sine, -6.0, 6.0),
            1000.0,
            "2\u{2009}V and 500\u{2009}µs a division",
            "sine from −6\u{2009}V to 6\u{2009}V, 1\u{2009}kHz",
        ];
        yield 'nobody says how often' => [
            new Trace(Waveform::Saw, 0.0, 0.3),
            null,
            "50\u{2009}mV a division",
            "sawtooth from 0\u{2009}V to 300\u{2009}mV",
        ];
        yield 'nothing at all' => [
            new Trace(Waveform::Flat, 0.0, 0.0),
            50.0,
            "1\u{2009}V and 5\u{2009}ms a division",
            "a flat line at 0\u{2009}V",
        ];
    }

    #[DataProvider('screens')]
    public function test_a_trace_is_drawn_within_its_divisions(
        Trace $trace,
        ?float $hertz,
        string $knobs,
        string $told,
    ): void {
        $svg = (new TraceSvg(Words::english()))->of($trace, $hertz);
        preg_match('~class="wave" d="M([^"]+)"~', $svg, $wave);
        $rows = array_map(
            static fn(string $point): float => (float) explode(' ', $point)[1],
            explode('L', $wave[1] ?? ''),
        );

        self::assertStringContainsString($knobs, $svg);
        self::assertStringContainsString("aria-label=\"{$told}\"", $svg);
        self::assertGreaterThanOrEqual(0.0, min($rows));
        self::assertLessThanOrEqual(8.0, max($rows));
    }

    public function test_words_of_another_language(): void
    {
        $told = (new TraceSvg(Words::in('de')))->told(new Trace(Waveform::Square, 0.0, 5.0, 25.0), null);

        self::assertSame("Rechteck von 0\u{2009}V bis 5\u{2009}V, 25 % der Zeit hoch", $told);
    }
}
