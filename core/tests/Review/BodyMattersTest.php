<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Kit\KitReader;
use Chiralex\Reason\Matter;
use Chiralex\Review\BodyClashes;
use Chiralex\Review\BodyMatters;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bodies that want the same room; the sizes here are invented. */
final class BodyMattersTest extends TestCase
{
    private const TYPED = ['K1' => ['body' => [10, 8]], 'K2' => ['body' => [10, 8]]];

    /** @return iterable<string, array{list<string>, list<string>, array<string, mixed>, list<array{string, string, float}>}> */
    public static function pairs(): iterable
    {
        $two = ['K1,5 V,,relay', 'K2,5 V,,relay'];
        $at = static fn(string $second): array => ['K1,20,20,0,top', "K2,{$second}"];
        $clash = static fn(float $mm): array => [['board.bodies-collide', 'block', $mm]];
        yield 'apart' => [$two, $at('31,20,0,top'), ['lines' => self::TYPED], []];
        yield 'within the play' => [$two, $at('29.8,20,0,top'), ['lines' => self::TYPED], []];
        yield 'just over it' => [$two, $at('29.75,20,0,top'), ['lines' => self::TYPED], $clash(0.3)];
        yield 'the shortest way out counts' => [$two, $at('21,26.5,0,top'), ['lines' => self::TYPED], $clash(1.5)];
        yield 'turned out of the way' => [$two, $at('29.5,20,90,top'), ['lines' => self::TYPED], []];
        yield 'corner beside corner, aslant' => [$two, $at('30.3,26.3,45,top'), ['lines' => self::TYPED], []];
        yield 'on the other side' => [$two, $at('22,20,0,bottom'), ['lines' => self::TYPED], []];
        yield 'bolted together' => [
            $two,
            $at('22,20,0,top'),
            ['lines' => self::TYPED, 'groups' => ['subassembly' => [['K1', 'K2']]]],
            [],
        ];
        yield 'one only usual for its kind is asked for' => [
            $two,
            $at('22,20,0,top'),
            ['lines' => ['K1' => ['body' => [10, 8]]]],
            [['board.bodies-collide-perhaps', 'warn', 11.7]],
        ];
        yield 'a bare wire under a body' => [
            ['K1,5 V,,relay', 'W1,,10.16,wire link'],
            ['K1,20,20,0,top', 'W1,20,20,0,top'],
            ['lines' => ['K1' => ['body' => [10, 8]]]],
            [],
        ];
        yield 'an IC in its socket' => [
            ['XU1,DIP-8,DIP-8,IC socket', 'U1,NE555,DIP-8,timer'],
            ['XU1,20,20,0,top', 'U1,20,20,0,top'],
            ['lines' => ['XU1' => ['body' => [10, 8]], 'U1' => ['body' => [10, 8]]]],
            [],
        ];
    }

    /**
     * @param list<string> $parts
     * @param list<string> $places
     * @param array<string, mixed> $kit
     * @param list<array{string, string, float}> $expected
     */
    #[DataProvider('pairs')]
    public function test_bodies_that_want_the_same_room_are_told_with_millimetres(
        array $parts,
        array $places,
        array $kit,
        array $expected,
    ): void {
        self::assertSame($expected, self::told($parts, $places, $kit));
    }

    /** @return iterable<string, array{float, string}> height of the part below, expected */
    public static function heights(): iterable
    {
        yield 'as tall as the connector that carries it' => [8.5, ''];
        yield 'taller than it' => [8.6, 'board.bodies-collide'];
    }

    #[DataProvider('heights')]
    public function test_a_part_under_a_plugged_module_passes_up_to_the_height_of_its_connector(
        float $height,
        string $code,
    ): void {
        $told = self::told(
            ['J4,1x4,,socket strip', 'DS1,,,display module', 'R1,1k,Axial 1/4W,resistor'],
            ['J4,10,20,90,top', 'DS1,20,20,0,top', 'R1,22,20,0,top'],
            [
                'groups' => ['mates' => [['J4', 'DS1']]],
                'lines' => [
                    'J4' => ['body' => [10, 2.5], 'height' => 8.5],
                    'DS1' => ['body' => [30, 20], 'height' => 14],
                    'R1' => ['body' => [6, 2.5], 'height' => $height],
                ],
            ],
        );

        self::assertSame($code === '' ? [] : [[$code, 'block', 11.3]], $told);
    }

    /** @return iterable<string, array{string, string, list<array{string, string, float}>}> */
    public static function edges(): iterable
    {
        yield 'at the edge' => ['K1,NE555,DIP-8,timer', 'K1,5,20,0,top', []];
        yield 'within the play' => ['K1,NE555,DIP-8,timer', 'K1,4.8,20,0,top', []];
        yield 'over it' => ['K1,NE555,DIP-8,timer', 'K1,4.7,20,0,top', [['board.body-over-edge', 'warn', 0.3]]];
        yield 'a jack over it, as jacks do' => ['K1,,,jack', 'K1,-1,20,0,top', []];
        yield 'a jack that nothing holds' => ['K1,,,jack', 'K1,-1.1,20,0,top', [['board.body-over-edge', 'warn', 6.1]]];
    }

    /** @param list<array{string, string, float}> $expected */
    #[DataProvider('edges')]
    public function test_a_body_over_the_edge_is_told_unless_its_kind_stands_there(
        string $part,
        string $place,
        array $expected,
    ): void {
        self::assertSame(
            $expected,
            self::told(
                [$part],
                [$place],
                [
                    'board' => ['outline' => [[0, 0], [60, 0], [60, 40], [0, 40]]],
                    'lines' => ['K1' => ['body' => [10, 8]]],
                ],
            ),
        );
    }

    public function test_what_one_part_of_doubtful_size_runs_into_is_one_question(): void
    {
        $kit = (new KitReader())->read(
            KitMaker::files(
                ['K1,5 V,,relay', 'R1,1k,Axial 1/4W,resistor', 'R2,1k,Axial 1/4W,resistor'],
                ['K1,20,20,0,top', 'R1,20,24,0,top', 'R2,20,16,0,top'],
                ['lines' => ['R1' => ['body' => [6, 2.5]], 'R2' => ['body' => [6, 2.5]]]],
            ),
        );
        $matters = (new BodyMatters())->matters(new Subject($kit, KitMaker::order($kit)));

        self::assertSame(
            [['K1', 'R1', 'R2']],
            array_map(static fn(Matter $each): array => $each->designators, $matters),
        );
    }

    /** @return iterable<string, array{int, int, string}> pairs, matters, code of the first */
    public static function crowds(): iterable
    {
        yield 'as many as are asked one by one' => [8, 8, 'board.bodies-collide-perhaps'];
        yield 'one more is one question' => [9, 1, 'board.bodies-unknown'];
    }

    #[DataProvider('crowds')]
    public function test_many_bodies_of_unknown_size_are_one_question(int $pairs, int $count, string $code): void
    {
        $parts = $places = [];
        for ($i = 0; $i < $pairs; ++$i) {
            [$one, $two] = ['K' . (2 * $i + 1), 'K' . (2 * $i + 2)];
            array_push($parts, "{$one},5 V,,relay", "{$two},5 V,,relay");
            $at = [15 + 25 * ($i % 3), 12 + 20 * intdiv($i, 3)];
            array_push($places, "{$one},{$at[0]},{$at[1]},0,top", "{$two},{$at[0]},{$at[1]},0,top");
        }
        $kit = (new KitReader())->read(
            KitMaker::files($parts, $places, ['board' => ['outline' => [[0, 0], [90, 0], [90, 90], [0, 90]]]]),
        );
        $matters = (new BodyMatters())->matters(new Subject($kit, KitMaker::order($kit)));

        self::assertSame([$count, $code], [count($matters), $matters[0]->code]);
        self::assertCount($count === 1 ? 0 : $pairs, (new BodyClashes())->shown($kit));
    }

    /**
     * @param list<string> $parts
     * @param list<string> $places
     * @param array<string, mixed> $said
     * @return list<array{string, string, float}>
     */
    private static function told(array $parts, array $places, array $said): array
    {
        $kit = (new KitReader())->read(KitMaker::files($parts, $places, $said));

        return array_map(
            static fn(Matter $matter): array => [$matter->code, $matter->severity->value, $matter->args['mm']],
            (new BodyMatters())->matters(new Subject($kit, KitMaker::order($kit))),
        );
    }
}
