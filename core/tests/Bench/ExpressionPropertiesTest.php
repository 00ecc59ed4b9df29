<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Expectation;
use Chiralex\Bench\Formula;
use Chiralex\Bench\Internal\Tape;
use Chiralex\Bench\Interval;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds for every formula: intervals hold all values, derivatives are slopes, no text breaks the parser. */
final class ExpressionPropertiesTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function formulas(): array
    {
        $cases = [];
        foreach (
            [
                'astable(R1, R2, C1)',
                'astable1(R1, C1)',
                'divider(9 V, R1, R2)',
                'led(5 V, 2 V, R1)',
                'lc(R1, C1)',
                'cutoff(R1 + R2, C1)',
                'regulator(1.25 V, R1, R2)',
                'ntc(R1, 3950, 20)',
                'parallel(R1, R2) - R3',
                'ripple(R1 * 1 Hz, 4)',
                '-R1 * (R2 - R3) / (R1 + C1)',
                'doubler(R1 * 0.001 V, 0.6 V)',
            ] as $formula
        ) {
            $cases[$formula] = [$formula];
        }

        return $cases;
    }

    #[DataProvider('formulas')]
    public function test_the_interval_holds_every_value_inside_the_box(string $formula): void
    {
        $tape = Tape::of(Formula::parse($formula)->expression);
        mt_srand(5);
        for ($round = 0; $round < 200; ++$round) {
            $box = $at = [];
            foreach ($tape->parts as $part) {
                $low = mt_rand(1, 1000) / 10;
                $box[$part] = new Interval($low, $low + mt_rand(0, 1000) / 10);
                $at[$part] = $low + ($box[$part]->width() * mt_rand(0, 100)) / 100;
            }
            $value = $tape->evaluate($at);
            $range = $tape->enclose($box);
            $slack = 1e-9 * max(1.0, abs($value));

            self::assertGreaterThanOrEqual($range->low - $slack, $value);
            self::assertLessThanOrEqual($range->high + $slack, $value);
        }
    }

    #[DataProvider('formulas')]
    public function test_the_derivative_is_the_slope(string $formula): void
    {
        $tape = Tape::of(Formula::parse($formula)->expression);
        mt_srand(6);
        for ($round = 0; $round < 50; ++$round) {
            $at = [];
            foreach ($tape->parts as $part) {
                $at[$part] = mt_rand(10, 1000) / 10;
            }
            foreach ($tape->parts as $part) {
                $step = 1e-5 * $at[$part];
                $slope =
                    ($tape->evaluate([$part => $at[$part] + $step] + $at) -
                        $tape->evaluate([$part => $at[$part] - $step] + $at)) /
                    (2 * $step);

                self::assertEqualsWithDelta(
                    $slope,
                    $tape->slopes(array_map(Interval::point(...), $at))[$part]->middle(),
                    1e-4 * max(1e-6, abs($slope), abs($tape->evaluate($at)) / $at[$part]),
                    "{$formula} by {$part}",
                );
            }
        }
    }

    public function test_any_text_is_read_or_refused_in_one_short_sentence(): void
    {
        mt_srand(7);
        $pieces = [
            'R1',
            'divider',
            '(',
            ')',
            ',',
            '+',
            '-',
            '*',
            '/',
            '5 V',
            '2.2 to 2.6 V',
            '=',
            'about',
            '>',
            "\u{03A9}",
            '1e9',
            '  ',
            '%',
            '"',
            "\u{2013}",
            'to',
            'mV',
            '.',
            '0',
            'x' . chr(7),
        ];
        $read = $refused = 0;
        for ($round = 0; $round < 3000; ++$round) {
            $text = '';
            for ($i = mt_rand(1, 9); $i > 0; --$i) {
                $text .= $pieces[mt_rand(0, count($pieces) - 1)];
            }
            try {
                Expectation::parse($text);
                ++$read;
            } catch (InvalidFormula $fault) {
                self::assertLessThan(300, mb_strlen($fault->getMessage()));
                self::assertStringEndsWith('.', $fault->getMessage());
                ++$refused;
            }
        }
        self::assertGreaterThan(100, min($read, $refused));
    }
}
