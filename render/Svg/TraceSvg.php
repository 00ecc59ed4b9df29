<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Kit\Trace;
use Chiralex\Kit\Waveform;
use ChiralexRender\Markup;
use ChiralexRender\Text\ReadingText;
use ChiralexRender\Words;

/** What the screen of an oscilloscope shows: ten divisions by eight, volts and time a division chosen as its knobs have them. */
final readonly class TraceSvg
{
    private const COLUMNS = 10;
    private const ROWS = 8;
    /** Points of a period that are drawn. */
    private const POINTS = 80;
    /** About so many periods are seen, and so much of the height is filled. */
    private const PERIODS = 2.5;
    private const FILLED = 6.0;

    public function __construct(private Words $words) {}

    /** @param ?float $hertz null where the test does not say how often it repeats */
    public function of(Trace $trace, ?float $hertz): string
    {
        $volts = self::knob(max(abs($trace->high), abs($trace->low), $trace->high - $trace->low) / self::FILLED);
        $middle = $trace->low >= 0.0 ? self::ROWS - 1.0 : ($trace->high <= 0.0 ? 1.0 : self::ROWS / 2.0);
        $seconds = $hertz === null || $hertz <= 0.0 ? null : self::knob(self::PERIODS / $hertz / self::COLUMNS);
        $periods = $seconds === null ? self::PERIODS : $seconds * self::COLUMNS * $hertz;
        $points = [];
        for ($i = 0, $count = (int) ceil($periods * self::POINTS); $i <= $count; ++$i) {
            $share = ($i / $count) * $periods;
            $y = $middle - $trace->at($share) / $volts;
            $points[] = Num::of(($i / $count) * self::COLUMNS) . ' ' . Num::of($y);
        }
        $told = $this->told($trace, $hertz);

        return sprintf(
            '<svg class="trace" viewBox="-0.1 -0.1 10.2 9.3" role="img" aria-label="%s"><path class="grid" d="%s"/>' .
                '<path class="zero" d="M0 %sH10"/><path class="wave" d="M%s"/>' .
                '<text x="0" y="8.9" font-size="0.7">%s</text></svg>',
            Markup::text($told),
            self::grid(),
            Num::of($middle),
            implode('L', $points),
            Markup::text(
                $this->words->sentence($seconds === null ? 'trace.volts' : 'trace.knobs', [
                    'volts' => ReadingText::value($volts, 'V'),
                    'seconds' => $seconds === null ? '' : ReadingText::value($seconds, 's'),
                ]),
            ),
        );
    }

    /** The trace in words, for those who do not see it. */
    public function told(Trace $trace, ?float $hertz): string
    {
        return $this->words->sentence($trace->shape === Waveform::Flat ? 'trace.flat' : 'trace.told', [
            'shape' => $this->words->sentence("trace.{$trace->shape->value}"),
            'low' => ReadingText::value($trace->low, 'V'),
            'high' => ReadingText::value($trace->high, 'V'),
            'often' => $hertz === null ? '' : ', ' . ReadingText::value($hertz, 'Hz'),
            'duty' =>
                $trace->shape === Waveform::Square && $trace->duty !== 50.0
                    ? ', ' . $this->words->sentence('trace.duty', ['percent' => Num::of($trace->duty)])
                    : '',
        ]);
    }

    /** The next of 1, 2, 5, 10 and so on that is no smaller. */
    private static function knob(float $least): float
    {
        if ($least <= 0.0) {
            return 1.0;
        }
        $ten = 10.0 ** floor(log10($least));
        foreach ([1.0, 2.0, 5.0] as $step) {
            if ($step * $ten >= $least * (1.0 - 1e-9)) {
                return $step * $ten;
            }
        }

        return 10.0 * $ten;
    }

    private static function grid(): string
    {
        $lines = '';
        for ($x = 0; $x <= self::COLUMNS; ++$x) {
            $lines .= "M{$x} 0V" . self::ROWS;
        }
        for ($y = 0; $y <= self::ROWS; ++$y) {
            $lines .= "M0 {$y}H" . self::COLUMNS;
        }

        return $lines;
    }
}
