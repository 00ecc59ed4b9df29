<?php

declare(strict_types=1);

namespace Chiralex\Tests\Polarity;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Part\Consequence;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;
use Chiralex\Polarity\Callouts;
use Chiralex\Polarity\Landmark;
use Chiralex\Polarity\Landmarks;
use Chiralex\Polarity\MarkSpot;
use Chiralex\Polarity\PolarPart;
use Chiralex\Polarity\PrintedSign;
use Chiralex\Polarity\Reversal;
use Chiralex\Polarity\Signs;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a mark stands, recomputed by plain trigonometry, and what it is told by: an edge or a landmark. */
final class DirectionTest extends TestCase
{
    /** @return iterable<string, array{int}> degrees from the right, counter-clockwise */
    public static function turns(): iterable
    {
        foreach ([...range(0, 350, 10), 44, 46, 134, 136, 224, 226, 314, 316] as $degrees) {
            yield "{$degrees} degrees" => [$degrees];
        }
    }

    #[DataProvider('turns')]
    public function test_a_mark_at_an_angle_stands_there_and_its_edge_is_the_nearer_one(int $degrees): void
    {
        $part = self::part(self::body('C1,47u,6.3x11,', 'C1,40,30,0,top'), Mark::Stripe, at: (float) $degrees);
        $direction = $part->direction();
        [$x, $y] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        self::assertInstanceOf(Point::class, $direction);
        self::assertEqualsWithDelta([$x, $y], [$direction->x, $direction->y], 1e-9);
        $edge = abs($x) > abs($y) ? ($x > 0 ? 'right' : 'left') : ($y > 0 ? 'top' : 'bottom');
        self::assertSame("{$edge} edge", (new Callouts())->callout($part, 0, null)->pointing->landmark);
    }

    /** @return iterable<string, array{Mark, string, int, float, float}> mark, side, rotation, x and y */
    public static function marks(): iterable
    {
        yield 'a flat looks at the reader' => [Mark::Flat, 'top', 0, 0.0, -1.0];
        yield 'turned by a quarter it looks right' => [Mark::Flat, 'top', 90, 1.0, 0.0];
        yield 'on the other side it is mirrored' => [Mark::Flat, 'bottom', 0, 0.0, 1.0];
        yield 'metal looks away' => [Mark::MetalSide, 'top', 0, 0.0, 1.0];
        yield 'and to the reader on the other side' => [Mark::Tab, 'bottom', 0, 0.0, -1.0];
    }

    #[DataProvider('marks')]
    public function test_a_mark_of_the_body_stands_on_its_side(
        Mark $mark,
        string $side,
        int $rotation,
        float $x,
        float $y,
    ): void {
        $direction = self::part(self::body('Q1,BC337,TO-92,', "Q1,40,30,{$rotation},{$side}"), $mark)->direction();

        self::assertInstanceOf(Point::class, $direction);
        self::assertEqualsWithDelta([$x, $y], [$direction->x, $direction->y], 1e-9);
    }

    public function test_a_mark_at_a_pin_stands_where_the_pin_stands_from_the_middle_of_the_body(): void
    {
        $body = self::body('C1,47u,6.3x11,', 'C1,40,30,0,top');
        foreach (['1', '2'] as $pin) {
            $direction = self::part($body, Mark::Stripe, pin: $pin)->direction();
            $expected = [$body->pins[$pin]->x - $body->centre->x, $body->pins[$pin]->y - $body->centre->y];

            self::assertInstanceOf(Point::class, $direction);
            self::assertEqualsWithDelta($expected, [$direction->x, $direction->y], 1e-9);
        }
        self::assertNull(self::part($body, Mark::Stripe, pin: '7')->direction(), 'there is no such pin');
    }

    /** @return iterable<string, array{float, bool}> degrees off the direction, is it pointed to */
    public static function off(): iterable
    {
        yield 'straight ahead' => [0.0, true];
        yield '30 degrees to the left' => [30.0, true];
        yield '30 degrees to the right' => [-30.0, true];
        yield 'more by what reckoning loses' => [30.0000004, true];
        yield 'a little more' => [30.1, false];
        yield 'a little more, to the right' => [-30.1, false];
        yield 'behind' => [180.0, false];
    }

    #[DataProvider('off')]
    public function test_a_landmark_is_pointed_to_within_thirty_degrees(float $degrees, bool $pointed): void
    {
        $own = self::body('C1,47u,6.3x11,', 'C1,40,30,0,top');
        $there = self::at('R1', 40.0 + 20.0 * cos(deg2rad($degrees)), 30.0 + 20.0 * sin(deg2rad($degrees)));

        self::assertSame($pointed ? 'R1' : null, Landmarks::of([$there])->towards($own, new Point(1.0, 0.0)));
    }

    public function test_of_two_alike_the_nearer_is_pointed_to_and_of_two_as_near_the_first_by_name(): void
    {
        $own = self::body('C1,47u,6.3x11,', 'C1,40,30,0,top');
        $ahead = new Point(1.0, 0.0);

        self::assertSame(
            'R2',
            Landmarks::of([self::at('R1', 62.0, 30.0), self::at('R2', 61.0, 30.0)])->towards($own, $ahead),
        );
        self::assertSame(
            'R1',
            Landmarks::of([self::at('R2', 60.0003, 30.0), self::at('R1', 60.0004, 30.0)])->towards($own, $ahead),
        );
        self::assertNull(
            Landmarks::of([self::at('R1', 40.0, 30.0)])->towards($own, $ahead),
            'what stands in the same place is no landmark',
        );
    }

    private static function at(string $name, float $x, float $y): Landmark
    {
        return new Landmark(self::body("{$name},10k,Axial 1/4W,", "{$name},{$x},{$y},0,top"), 'resistor');
    }

    private static function part(PlacedBody $body, Mark $mark, ?string $pin = null, ?float $at = null): PolarPart
    {
        return new PolarPart(
            $body->designator,
            Kind::Electrolytic,
            $body,
            new Signs(null, $mark, 'negative'),
            new MarkSpot($pin, $at),
            new PrintedSign(),
            new Reversal(Consequence::CanHurt),
        );
    }

    private static function body(string $row, string $place): PlacedBody
    {
        return KitMaker::kit([$row], [$place])->part(explode(',', $row)[0])->place->body ??
            self::fail('it has a place');
    }
}
