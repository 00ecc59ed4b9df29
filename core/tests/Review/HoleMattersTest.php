<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Kit\KitReader;
use Chiralex\Review\HoleMatters;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bodies over holes for screws; which holes those are is common practice, no source. */
final class HoleMattersTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, ?float}> part, hole, its file, millimetres covered */
    public static function places(): iterable
    {
        // The body is 10 x 8 mm around 20, 20: its right edge is at x = 25.
        yield 'the middle of the hole under the body' => ['K1,5 V,,relay', '3.2 at 24,20', 'npth.drl', 1.6];
        yield 'a part of the hole' => ['K1,5 V,,relay', '3.2 at 26,20', 'npth.drl', 0.6];
        yield 'a part of it, above' => ['K1,5 V,,relay', '3.2 at 20,25', 'npth.drl', 0.6];
        yield 'within the play' => ['K1,5 V,,relay', '3.2 at 26.4,20', 'npth.drl', null];
        yield 'just over the play' => ['K1,5 V,,relay', '3.2 at 26.39,20', 'npth.drl', 0.2];
        yield 'beside a corner' => ['K1,5 V,,relay', '3.2 at 26.2,25.2', 'npth.drl', null];
        yield 'clear' => ['K1,5 V,,relay', '3.2 at 30,20', 'npth.drl', null];
        yield 'a plated hole' => ['K1,5 V,,relay', '3.2 at 24,20', 'plated.drl', null];
        yield 'a peg' => ['K1,5 V,,relay', '2.6 at 24,20', 'npth.drl', null];
        yield 'the narrowest for a screw' => ['K1,5 V,,relay', '2.7 at 24,20', 'npth.drl', 1.4];
        yield 'a part that a screw holds' => ['HS1,,,heat sink', '3.2 at 24,20', 'npth.drl', null];
    }

    #[DataProvider('places')]
    public function test_a_body_over_a_hole_for_a_screw_is_told_with_millimetres(
        string $what,
        string $hole,
        string $file,
        ?float $mm,
    ): void {
        $name = explode(',', $what)[0];
        [$diameter, $at] = explode(' at ', $hole);
        [$x, $y] = array_map(floatval(...), explode(',', $at));
        $kit = (new KitReader())->read(
            KitMaker::files([$what], ["{$name},20,20,0,top"], ['lines' => [$name => ['body' => [10, 8]]]]) + [
                'outline.gko' =>
                    "%FSLAX46Y46*%\n%MOMM*%\nG36*\nX0Y0D02*\nX80000000D01*\nY60000000D01*\nX0D01*\nY0D01*\nG37*\nM02*\n",
                $file => sprintf("M48\nMETRIC\nT1C%s\n%%\nT1\nX%.4fY%.4f\nM30\n", $diameter, $x, $y),
            ],
        );
        $matters = (new HoleMatters())->matters(new Subject($kit, KitMaker::order($kit)));

        self::assertSame(
            $mm === null ? [] : [['board.hole-covered', 'K1', $mm]],
            array_map(
                static fn($matter): array => [$matter->code, $matter->designators[0], $matter->args['mm']],
                $matters,
            ),
        );
    }

    public function test_a_hole_is_told_to_a_hundredth_of_a_millimetre(): void
    {
        $kit = (new KitReader())->read(
            KitMaker::files(['K1,5 V,,relay'], ['K1,20,20,0,top'], ['lines' => ['K1' => ['body' => [10, 8]]]]) + [
                'outline.gko' =>
                    "%FSLAX46Y46*%\n%MOMM*%\nG36*\nX0Y0D02*\nX80000000D01*\nY60000000D01*\nX0D01*\nY0D01*\nG37*\nM02*\n",
                'npth.drl' => "M48\nMETRIC\nT1C3.2563\n%\nT1\nX24.0063Y20.0037\nM30\n",
            ],
        );

        self::assertEquals(
            [['designator' => 'K1', 'mm' => 1.6, 'diameter' => 3.26, 'x' => 24.01, 'y' => 20.0]],
            Told::by(new HoleMatters(), $kit, 'board.hole-covered'),
        );
    }

    public function test_a_round_body_covers_as_far_as_it_is_round(): void
    {
        // A can of 8 mm about 20, 20: beside its square corner it covers nothing.
        $matters = static fn(string $at): array => Told::by(
            new HoleMatters(),
            (new KitReader())->read(
                KitMaker::files(['C1,100u,8x11,electrolytic'], ['C1,20,20,0,top']) + [
                    'outline.gko' =>
                        "%FSLAX46Y46*%\n%MOMM*%\nG36*\nX0Y0D02*\nX80000000D01*\nY60000000D01*\nX0D01*\nY0D01*\nG37*\nM02*\n",
                    'npth.drl' => "M48\nMETRIC\nT1C3.2\n%\nT1\n{$at}\nM30\n",
                ],
            ),
            'board.hole-covered',
        );

        self::assertSame([], $matters('X24.2Y24.2'));
        self::assertSame([0.6], array_column($matters('X25.0Y20.0'), 'mm'));
    }
}
