<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\PhotoMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Photographs that show another board, or stand at no step. */
final class PhotoMattersTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array{float, float}, array<string, array<string, mixed>>}> parts of its step, outline it was squared for, what is told */
    public static function photos(): iterable
    {
        yield 'the board as it was' => [['R1'], [80.0, 60.0], []];
        yield 'as good as it was' => [['R1'], [80.5, 59.5], []];
        $was = static fn(string $size): array => ['manual.photo-outline' => ['was' => $size, 'is' => '80 × 60']];
        yield 'a little wider' => [['R1'], [80.54, 60.0], $was('80.5 × 60')];
        yield 'a little lower' => [['R1'], [80.0, 59.46], $was('80 × 59.5')];
        yield 'at a step of two' => [['R1', 'R9'], [80.0, 60.0], []];
        yield 'at no step' => [['R9'], [80.0, 60.0], ['manual.photo-nowhere' => ['parts' => ['R9']]]];
        yield 'at no step, of another board' => [['R9'], [10.0, 10.0], ['manual.photo-nowhere' => ['parts' => ['R9']]]];
    }

    /**
     * @param list<string> $at
     * @param array{float, float} $outline
     * @param array<string, array<string, mixed>> $told
     */
    #[DataProvider('photos')]
    public function test_a_photograph_is_asked_about_when_board_or_step_changed(
        array $at,
        array $outline,
        array $told,
    ): void {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'R2,1k,Axial 1/4W,'],
            [],
            [
                'photos' => [
                    ['file' => 'photo-1.jpg', 'at' => $at, 'board' => 'main', 'side' => 'top', 'outline' => $outline],
                ],
            ],
        );
        foreach (['manual.photo-outline', 'manual.photo-nowhere'] as $code) {
            $found = Told::by(new PhotoMatters(), $kit, $code);
            self::assertCount(isset($told[$code]) ? 1 : 0, $found, $code);
            foreach ($told[$code] ?? [] as $arg => $value) {
                self::assertSame($value, $found[0][$arg] ?? null, $arg);
            }
        }
    }

    public function test_one_of_another_revision_is_asked_about_until_somebody_says_that_it_is_this_board(): void
    {
        $asked = static fn(array $more): array => array_map(
            static fn(array $args): array => [$args['was'], $args['is']],
            Told::by(
                new PhotoMatters(),
                KitMaker::kit(
                    ['R1,1k,Axial 1/4W,'],
                    [],
                    [
                        'revision' => 'B',
                        'photos' => [['file' => 'p.jpg', 'at' => ['R1'], 'outline' => [80, 60], ...$more]],
                    ],
                ),
                'manual.photo-revision',
            ),
        );

        self::assertSame([['A', 'B']], $asked(['revision' => 'A']));
        self::assertSame([], $asked(['revision' => 'B']));
        self::assertSame([], $asked([]));
    }

    public function test_sizes_are_told_to_a_tenth(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,'],
            [],
            [
                'board' => ['outline' => [[0, 0], [80.27, 0], [80.27, 60.33], [0, 60.33]]],
                'photos' => [['file' => 'p.jpg', 'at' => ['R1'], 'side' => 'top', 'outline' => [70.04, 50.06]]],
            ],
        );

        self::assertSame(
            [['70 × 50.1', '80.3 × 60.3']],
            array_map(
                static fn(array $args): array => [$args['was'], $args['is']],
                Told::by(new PhotoMatters(), $kit, 'manual.photo-outline'),
            ),
        );
    }
}
