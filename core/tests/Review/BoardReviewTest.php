<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Build\Planner;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BoardReviewTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>, array<string, mixed>, string, array<string, mixed>}> bom, placements, json, code, arguments */
    public static function findings(): iterable
    {
        yield 'holes that two kinds fit' => [
            ['C1,104,disc 5mm,ceramic', 'C2,1u,box 5mm,film'],
            ['C1,10,10,0,top', 'C2,20,10,0,top'],
            [],
            'board.same-holes',
            ['kinds' => ['ceramic', 'film'], 'pairs' => ['C1/C2']],
        ];
        yield 'parts of one kind that face two ways' => [
            ['D1,1N4148,DO-35,', 'D2,1N4148,DO-35,', 'D3,1N4148,DO-35,'],
            ['D1,10,10,0,top', 'D2,10,20,0,top', 'D3,10,30,180,top'],
            [],
            'board.turn',
            ['designators' => ['D3'], 'direction' => 'left', 'count' => 1],
        ];
        yield 'holes nearer than the body is long' => [
            ['R1,1k,Axial 1/4W,'],
            ['R1,10,10,0,top'],
            ['lines' => ['R1' => ['pins' => ['1' => [-2.54, 0], '2' => [2.54, 0]]]]],
            'board.span-short',
            ['span' => 5.08, 'needed' => 7.62],
        ];
        yield 'holes wider than the leads' => [
            ['C1,104,disc 5mm,ceramic'],
            ['C1,10,10,0,top'],
            ['lines' => ['C1' => ['pins' => ['1' => [-5, 0], '2' => [5, 0]]]]],
            'board.span-wide',
            ['span' => 10.0, 'usual' => 5.0],
        ];
        yield 'an adjuster under a cover' => [
            ['RV1,20k,trimmer 10mm,', 'BOX1,plain,,enclosure'],
            ['RV1,10,10,0,top'],
            ['groups' => ['covers' => [['by' => 'BOX1', 'over' => ['RV1']]]]],
            'board.adjuster-covered',
            ['cover' => 'BOX1'],
        ];
    }

    /**
     * @param list<string> $bom
     * @param list<string> $placements
     * @param array<string, mixed> $json
     * @param array<string, mixed> $args
     */
    #[DataProvider('findings')]
    public function test_a_finding_names_the_change(
        array $bom,
        array $placements,
        array $json,
        string $code,
        array $args,
    ): void {
        $found = self::find($bom, $placements, $json, $code);

        self::assertNotNull($found, $code);
        self::assertSame($args, array_intersect_key($found->args, $args));
    }

    public function test_far_apart_or_on_other_boards_or_alike_is_no_finding(): void
    {
        self::assertNull(
            self::find(
                ['C1,104,disc 5mm,ceramic', 'C2,1u,box 5mm,film'],
                ['C1,10,10,0,top', 'C2,40,10,0,top'],
                [],
                'board.same-holes',
            ),
        );
        // A rectifier is black and bears a stripe, a resistor bears bands: the eye tells them apart.
        self::assertNull(
            self::find(
                ['R1,1k,Axial 1/4W,', 'D1,1N4001,DO-41,'],
                ['R1,10,10,0,top', 'D1,10,14,0,top'],
                ['lines' => ['D1' => ['pins' => ['1' => [-5.08, 0], '2' => [5.08, 0]]]]],
                'board.same-holes',
            ),
        );
        // A quarter watt on 7.62 mm is bent close and is common practice.
        self::assertNull(
            self::find(
                ['R1,1k,Axial 1/4W,'],
                ['R1,10,10,0,top'],
                ['lines' => ['R1' => ['pins' => ['1' => [-3.81, 0], '2' => [3.81, 0]]]]],
                'board.span-short',
            ),
        );
        self::assertNull(
            self::find(
                ['R1,1k,Axial 1/4W,', 'R2,2k2,Axial 1/4W,'],
                ['R1,10,10,0,top', 'R2,10,13,0,top'],
                [],
                'board.same-holes',
            ),
        );
        self::assertNull(
            self::find(
                ['D1,1N4148,DO-35,', 'D2,1N4148,DO-35,'],
                ['D1,10,10,0,top', 'D2,10,20,0,top'],
                [],
                'board.turn',
            ),
        );
        self::assertNull(self::find(['R1,1k,Axial 1/4W,'], ['R1,10,10,0,top'], [], 'board.span-short'));
    }

    /**
     * @param list<string> $bom
     * @param list<string> $placements
     * @param array<string, mixed> $json
     */
    private static function find(array $bom, array $placements, array $json, string $code): ?Matter
    {
        $kit = KitMaker::kit($bom, $placements, $json);

        return array_values(
            array_filter(
                (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
                static fn(Matter $matter): bool => $matter->code === $code,
            ),
        )[0] ?? null;
    }
}
