<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReviewerTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>, array<string, mixed>, string, string}> bom, placements, json, code, weight */
    public static function matters(): iterable
    {
        yield 'a kind that letters do not tell' => [['J1,2 way,,'], [], [], 'parts.kind-guess', 'block'];
        yield 'a placement without a part' => [
            ['R1,1k,,'],
            ['R1,1,1,0,top', 'R2,2,2,0,top'],
            [],
            'board.stray-placement',
            'block',
        ];
        yield 'a direction without a mark' => [
            ['B1,sensor,,probe'],
            [],
            ['lines' => ['B1' => ['polarity' => ['terminal' => 'positive']]]],
            'marks.no-mark',
            'block',
        ];
        yield 'rules that wait for each other' => [
            ['R1,1k,,', 'R2,1k,,'],
            [],
            ['groups' => ['before' => [['R1', 'R2'], ['R2', 'R1']]]],
            'order.cycle',
            'block',
        ];
        yield 'a part without a place' => [['R1,1k,,', 'R2,1k,,'], ['R1,1,1,0,top'], [], 'board.no-placement', 'warn'];
        yield 'a value with the letter O' => [['R1,1OK,,'], [], [], 'value.letter-o', 'warn'];
        yield 'colours hidden in clear bodies' => [
            ['LED1,red,LED 5mm,clear', 'LED2,blue,LED 5mm,clear'],
            [],
            [],
            'parts.clear-bodies',
            'warn',
        ];
        yield 'look-alikes' => [['R1,470,Axial 1/4W,', 'R2,47k,Axial 1/4W,'], [], [], 'parts.look-alikes', 'note'];
        yield 'one prefix for two kinds' => [
            ['D1,1N4148,,', 'D2,red,LED 5mm,LED'],
            ['D1,10,10,0,top', 'D2,20,20,0,top'],
            [],
            'board.prefix-kinds',
            'warn',
        ];
        yield 'nothing printed' => [
            ['R1,1k,,'],
            ['R1,1,1,0,top'],
            ['lines' => ['R1' => ['legend' => 'nothing']]],
            'board.unprinted',
            'warn',
        ];
        yield 'an adjuster at its end stop' => [
            ['RV1,20k,trimmer 10mm,'],
            [],
            ['nets' => ['RV1' => ['across' => '9 V - 2 V']]],
            'parts.end-stop',
            'warn',
        ];
        yield 'too much for its body' => [
            ['R1,100,Axial 1/4W,'],
            [],
            ['nets' => ['R1' => ['across' => '9 V']]],
            'parts.overload',
            'warn',
        ];
        yield 'a test at a gate that is not there' => [
            ['R1,1k,,'],
            [],
            ['tests' => [['name' => 'rail', 'gate' => 'supply']]],
            'order.unknown-gate',
            'warn',
        ];
    }

    /**
     * @param list<string> $bom
     * @param list<string> $placements
     * @param array<string, mixed> $json
     */
    #[DataProvider('matters')]
    public function test_it_is_told_at_its_weight(
        array $bom,
        array $placements,
        array $json,
        string $code,
        string $weight,
    ): void {
        $found = self::find(KitMaker::kit($bom, $placements, $json), $code);

        self::assertNotNull($found, $code);
        self::assertSame($weight, $found->severity->value);
    }

    public function test_hardware_is_counted_by_the_stack(): void
    {
        $kit = static fn(int $screws): Kit => KitMaker::kit([
            'ST1,M3x10,,standoff',
            'ST2,M3x10,,standoff',
            ...array_map(static fn(int $i): string => "SCR{$i},M3x6,,screw", range(1, $screws)),
        ]);

        self::assertSame(
            ['M3', 2, 3, 4],
            [
                self::find($kit(3), 'parts.standoff-stack')?->args['thread'],
                self::find($kit(3), 'parts.standoff-stack')?->args['standoffs'],
                self::find($kit(3), 'parts.standoff-stack')?->args['screws'],
                self::find($kit(3), 'parts.standoff-stack')?->args['needed'],
            ],
        );
        self::assertNull(self::find($kit(4), 'parts.standoff-stack'));
    }

    public function test_a_clean_kit_has_nothing_that_blocks(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,resistor', 'C1,100n,disc 5mm,ceramic'],
            ['R1,20,20,0,top', 'C1,40,20,0,top'],
        );

        self::assertSame(
            [],
            array_filter(
                (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
                static fn(Matter $matter): bool => $matter->severity->stopsRelease(),
            ),
        );
    }

    private static function find(Kit $kit, string $code): ?Matter
    {
        foreach ((new Reviewer())->matters($kit, (new Planner())->plan($kit)) as $matter) {
            if ($matter->code === $code) {
                return $matter;
            }
        }

        return null;
    }
}
