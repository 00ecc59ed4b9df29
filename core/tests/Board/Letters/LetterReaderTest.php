<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Letters;

use Chiralex\Board\Letters\LetterReader;
use Chiralex\Board\Letters\PlaceWords;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Part\Outlines;
use Chiralex\Tests\LegendLetters;
use PHPUnit\Framework\TestCase;

/** What is read of letters whose type the reader has never seen. */
final class LetterReaderTest extends TestCase
{
    public function test_names_and_values_are_read_in_a_type_that_nobody_knows(): void
    {
        $places = self::read(
            [
                'R1' => ['R1', '10k'],
                'R2' => ['R2', '47k'],
                'R3' => ['33k'],
                'C1' => ['C1', '100n'],
                'C2' => ['C2'],
                'D1' => [],
            ],
            ['R1' => ['10k'], 'R2' => ['47k'], 'R3' => ['33k'], 'C1' => ['100n'], 'C2' => ['100n'], 'D1' => []],
        );

        self::assertNotNull($places);
        self::assertSame(
            [
                'R1' => [true, '10k'],
                'R2' => [true, '47k'],
                'R3' => [false, '33k'],
                'C1' => [true, '100n'],
                'C2' => [true, ''],
                'D1' => [false, ''],
            ],
            array_map(static fn(PlaceWords $each): array => [$each->name, $each->value], $places),
        );
        self::assertTrue($places['D1']->isRead());
    }

    public function test_a_value_that_is_not_the_parts_is_told_as_another_word(): void
    {
        $places = self::read(
            ['R1' => ['R1', '10k'], 'R2' => ['R2', '14k'], 'R3' => ['R3', '41k'], 'R4' => ['R4', '11k']],
            ['R1' => ['10k'], 'R2' => ['14k'], 'R3' => ['47k'], 'R4' => ['11k']],
        );

        self::assertSame('', $places['R3']->value ?? null);
        self::assertSame(['41K'], $places['R3']->others ?? null);
        self::assertSame([], $places['R2']->others ?? null);
    }

    public function test_letters_that_stand_on_end_and_those_of_the_bottom_are_read(): void
    {
        foreach ([[90.0, Side::Top], [0.0, Side::Bottom], [90.0, Side::Bottom]] as [$degrees, $side]) {
            $places = self::read(
                ['R4' => ['R4'], 'R2' => ['R2', '47k'], 'R7' => ['R7'], 'C3' => ['C3'], 'R6' => ['47k']],
                ['R2' => ['47k'], 'R6' => ['47k']],
                $degrees,
                $side,
            );

            self::assertTrue($places['C3']->name ?? false);
            self::assertSame('47k', $places['R6']->value ?? null);
            self::assertFalse($places['R6']->name ?? true);
        }
    }

    public function test_letters_that_say_nothing_expected_leave_their_place_open(): void
    {
        $places = self::read(['R1' => ['R1'], 'R2' => ['R2'], 'R3' => ['R3'], 'R4' => ['R'], 'R5' => []], []);

        self::assertFalse($places['R4']->name ?? true);
        self::assertFalse($places['R4']->isRead());
        self::assertTrue($places['R5']->isRead());
    }

    public function test_fewer_than_three_names_tell_no_alphabet(): void
    {
        self::assertNull(self::read(['R1' => ['R1'], 'C2' => ['C2']], []));
        self::assertNotNull(self::read(['R1' => ['R1'], 'R2' => ['R2'], 'C2' => ['C2']], []));
        self::assertNull((new LetterReader())->places([], [], [], []));
    }

    /**
     * @param array<string, list<string>> $printed words beside each part
     * @param array<string, list<string>> $values
     * @return ?array<string, PlaceWords>
     */
    private static function read(array $printed, array $values, float $degrees = 0.0, Side $side = Side::Top): ?array
    {
        $bodies = $objects = [];
        foreach (array_keys($printed) as $index => $name) {
            $at = new Point(20.0 * $index, 7.0 * ($index % 3));
            $bodies[] = PlacedBody::place(
                new Placement($name, $at, $degrees, $side, 'main'),
                Outlines::standard()->named('axial-10.16'),
                2.5,
            );
            foreach ($printed[$name] as $line => $word) {
                array_push($objects, ...LegendLetters::word($word, 3.0 - 5.0 * $line, $degrees, $side, $at));
            }
        }

        return (new LetterReader())->places(
            $objects,
            $bodies,
            array_combine(
                array_keys($printed),
                array_map(static fn(string $name): array => [$name], array_keys($printed)),
            ),
            $values,
        );
    }
}
