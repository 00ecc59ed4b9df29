<?php

declare(strict_types=1);

namespace Chiralex\Tests\Polarity;

use Chiralex\Build\KitCallouts;
use Chiralex\Kit\Kit;
use Chiralex\Part\Consequence;
use Chiralex\Part\Mark;
use Chiralex\Polarity\Callout;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Marks are common practice: long lead positive, flat and short lead cathode, stripe negative, notch at pin 1. */
final class CalloutsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> row, mark, direction of the mark at rotation 0 */
    public static function bodies(): iterable
    {
        yield 'a regulator in a small plastic body has a flat' => ['U1,78L05,TO-92,regulator', 'flat', 'down'];
        yield 'a regulator on a metal tab' => ['U1,7805,TO-220,regulator', 'metal-side', 'up'];
        yield 'a transistor on a metal tab' => ['Q1,TIP122,TO-220,transistor', 'metal-side', 'up'];
        yield 'a transistor in a small plastic body' => ['Q1,BC337,TO-92,transistor', 'flat', 'down'];
        yield 'a transistor in a can' => ['Q1,2N2219,TO-5,transistor', 'tab', 'up'];
        yield 'a sensor in a small plastic body' => ['U1,DS18B20,TO-92,temperature sensor', 'flat', 'down'];
    }

    #[DataProvider('bodies')]
    public function test_the_mark_is_that_of_the_body(string $row, string $mark, string $direction): void
    {
        $kit = KitMaker::kit([$row], [explode(',', $row)[0] . ',40,30,0,top']);
        $callout = (new KitCallouts())->callouts($kit, KitMaker::order($kit))[0];

        self::assertSame($mark, $callout->signs->check?->value);
        self::assertSame($direction, $callout->pointing->direction);
    }

    public function test_marks_point_at_the_terminal_they_stand_for(): void
    {
        $kit = KitMaker::kit(
            ['D1,1N4148,,', 'LED1,red,LED 5mm,', 'C1,47u,6.3x11,', 'XU1,8,DIP-8,IC socket', 'Q1,BC337,,'],
            ['D1,10,50,0,top', 'LED1,30,50,0,top', 'C1,50,50,0,top', 'XU1,20,20,0,top', 'Q1,60,20,0,top'],
        );
        $seen = array_map(
            static fn(Callout $callout): array => [
                $callout->signs->check,
                $callout->signs->terminal,
                $callout->pointing->direction,
            ],
            self::callouts($kit),
        );

        self::assertSame([Mark::Band, 'cathode', 'left'], $seen['D1']);
        self::assertSame([Mark::Flat, 'cathode', 'left'], $seen['LED1']);
        self::assertSame([Mark::Stripe, 'negative', 'right'], $seen['C1']);
        self::assertSame([Mark::Notch, 'pin 1', 'up'], $seen['XU1']);
        self::assertSame([Mark::Flat, 'body outline', 'down'], $seen['Q1']);
    }

    public function test_a_mark_that_goes_with_the_leads_has_another_to_check_by(): void
    {
        $led = self::callouts(KitMaker::kit(['LED1,red,LED 5mm,'], ['LED1,30,50,0,top']))['LED1'];

        self::assertTrue($led->signs->fit?->vanishesWhenTrimmed());
        self::assertFalse($led->signs->check?->vanishesWhenTrimmed());
    }

    public function test_the_landmark_is_fitted_by_then_near_and_within_thirty_degrees_or_it_is_an_edge(): void
    {
        $kit = KitMaker::kit(
            ['D1,1N4148,,', 'D2,1N4148,,', 'J1,2 way,5.08,terminal block', 'C1,470u,10x16,'],
            ['D1,30,30,0,top', 'D2,40,10,180,top', 'J1,36,32,90,top', 'C1,60,30,180,top'],
        );
        $callouts = self::callouts($kit);

        self::assertSame('left edge', $callouts['D1']->pointing->landmark, 'the block is fitted later');
        self::assertSame('J1', $callouts['C1']->pointing->landmark, 'rarest look within 30 degrees to the left');
        self::assertSame('right edge', $callouts['D2']->pointing->landmark);
        $at = static fn(string $x): ?string => self::callouts(
            KitMaker::kit(
                ['J1,2 way,5.08,terminal block', 'C1,470u,10x16,'],
                ["J1,{$x},30,90,top", 'C1,60,30,180,top'],
            ),
        )['C1']->pointing->landmark;
        self::assertSame(['J1', 'left edge'], [$at('35'), $at('34.9')], 'twenty-five millimetres away, and more');
    }

    public function test_a_look_is_as_rare_as_it_is_on_the_board_at_hand(): void
    {
        // On the lower board stand two sockets alike, on the main one a single socket and two resistors.
        $kit = KitMaker::kit(
            [
                'R1,10k,Axial 1/4W,',
                'R2,10k,Axial 1/4W,',
                'XU1,8 way,DIP-8,IC socket',
                'XU2,8 way,DIP-8,IC socket',
                'XU3,8 way,DIP-8,IC socket',
                'C1,470u,10x16,',
            ],
            [],
            [
                'boards' => [
                    ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                    ['name' => 'lower', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                ],
            ],
            "Ref,X,Y,Rotation,Side,Board\nR1,20,28,0,top,main\nR2,20,34,0,top,main\nXU1,36,30,0,top,main\nXU2,20,20,0,top,lower\nXU3,50,20,0,top,lower\nC1,60,30,180,top,main\n",
        );

        self::assertSame('XU1', self::callouts($kit)['C1']->pointing->landmark);
    }

    public function test_what_the_maker_says_of_a_mark_is_taken(): void
    {
        $kit = KitMaker::kit(
            ['BZ1,5 V,12x9.5,buzzer', 'RT1,10k,disc 5mm,NTC'],
            ['BZ1,40,30,0,top', 'RT1,20,30,0,top'],
            [
                'lines' => [
                    'BZ1' => [
                        'polarity' => ['mark' => 'dot', 'terminal' => 'positive', 'at' => 90],
                        'reversed' => ['consequence' => 'destroys-others', 'replace' => ['BZ1', 'Q1']],
                    ],
                ],
            ],
        );
        $buzzer = self::callouts($kit)['BZ1'];

        self::assertSame(
            [Mark::Dot, 'up', Consequence::DestroysOthers, ['BZ1', 'Q1']],
            [
                $buzzer->signs->check,
                $buzzer->pointing->direction,
                $buzzer->reversal->consequence,
                $buzzer->reversal->replace,
            ],
        );
        self::assertArrayNotHasKey('RT1', self::callouts($kit));
    }

    public function test_bipolar_electrolytics_have_no_direction(): void
    {
        self::assertSame([], self::callouts(KitMaker::kit(['C1,10u,5x11,bipolar electrolytic'], ['C1,40,30,0,top'])));
    }

    /** @return array<string, Callout> */
    private static function callouts(Kit $kit): array
    {
        $callouts = [];
        foreach ((new KitCallouts())->callouts($kit, KitMaker::order($kit)) as $callout) {
            $callouts[$callout->designator] = $callout;
        }

        return $callouts;
    }
}
