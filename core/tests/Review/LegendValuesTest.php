<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Board\Point;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Review\BoardMatters;
use Chiralex\Review\PrintMatters;
use Chiralex\Tests\KitMaker;
use Chiralex\Tests\LegendLetters;
use PHPUnit\Framework\TestCase;

/** What the letters of a legend say, against the list. */
final class LegendValuesTest extends TestCase
{
    public function test_a_value_that_the_legend_prints_otherwise_is_a_matter(): void
    {
        $kit = self::kit(['R1' => ['R1', '14k'], 'R2' => ['R2', '24k'], 'R4' => ['R4', '12k']]);

        self::assertSame('both', $kit->printedAt($kit->parts['R1']));
        self::assertSame('14k', $kit->printedValue($kit->parts['R1']));
        self::assertSame(
            [['designator' => 'R4', 'prints' => '12K']],
            array_map(
                static fn(array $args): array => array_intersect_key($args, ['designator' => 0, 'prints' => 0]),
                Told::by(new PrintMatters(), $kit, 'board.prints-value'),
            ),
        );
    }

    public function test_a_place_without_letters_is_unprinted_and_one_whose_letters_say_nothing_is_not(): void
    {
        $kit = self::kit(['R1' => ['R1'], 'R2' => ['R2'], 'R4' => ['R4'], 'R5' => [], 'R6' => ['R']]);

        self::assertSame(['R5'], array_column(Told::by(new BoardMatters(), $kit, 'board.unprinted'), 'designator'));
        self::assertNull($kit->printedAt($kit->parts['R6']));
    }

    public function test_the_makers_word_stands_before_what_is_read(): void
    {
        $kit = self::kit(
            ['R1' => ['R1', '14k'], 'R2' => ['R2'], 'R4' => ['R4']],
            [
                'lines' => ['R1' => ['legend' => 'outline', 'prints' => '9k']],
            ],
        );

        self::assertSame('outline', $kit->printedAt($kit->parts['R1']));
        self::assertSame('9k', $kit->printedValue($kit->parts['R1']));
    }

    /**
     * @param array<string, list<string>> $printed words at each part
     * @param array<string, mixed> $json
     */
    private static function kit(array $printed, array $json = []): Kit
    {
        $values = ['R1' => '14k', 'R2' => '24k', 'R4' => '42k', 'R5' => '1k', 'R6' => '2k'];
        $bom = $places = $words = [];
        foreach (array_keys($printed) as $index => $name) {
            $at = new Point(10.0 + 20.0 * $index, 10.0);
            $bom[] = "{$name},{$values[$name]},Axial 1/4W,";
            $places[] = "{$name},{$at->x},{$at->y},0,top";
            foreach ([0, 1] as $line) {
                $words[] = [$printed[$name][$line] ?? '', $at];
            }
        }

        return (new KitReader())->read(
            KitMaker::files($bom, $places, $json) + ['legend-top.gbr' => LegendLetters::file($words)],
        );
    }
}
