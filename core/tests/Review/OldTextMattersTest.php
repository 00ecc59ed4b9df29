<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\OldNotes;
use Chiralex\Review\OldTextMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** What an old manual says that the kit has not, or in another order; the text is invented. */
final class OldTextMattersTest extends TestCase
{
    public function test_names_that_the_list_has_not_are_told_with_their_paragraph(): void
    {
        $told = Told::by(
            new OldTextMatters(),
            self::kit(['Fit R1 and R2.', 'R7 and Q3 are not used.']),
            'manual.old-stranger',
        );

        self::assertSame([['paragraph' => 2, 'file' => 'old.md', 'designators' => ['R7', 'Q3']]], $told);
    }

    public function test_another_order_than_the_steps_is_told_once_for_each_turn(): void
    {
        $kit = self::kit(['Fit C1.', 'Fit R1.', 'Fit R2.', 'Fit C1 flush.']);
        $told = Told::by(new OldTextMatters(), $kit, 'manual.old-order');

        self::assertSame(
            [[2, ['C1'], ['R1']]],
            array_map(static fn(array $args): array => [$args['paragraph'], $args['one'], $args['two']], $told),
        );
        self::assertGreaterThan($told[0]['after'], $told[0]['before']);
        self::assertSame(
            [],
            Told::by(new OldTextMatters(), self::kit(['Fit R1.', 'Fit R1 and R2.', 'Fit C1.']), 'manual.old-order'),
        );
    }

    public function test_what_is_done_and_what_is_measured_is_no_turn(): void
    {
        $text = ['Fit C1.', 'Measure between R1 and R2: the meter reads 4.8 to 5.2 volts.'];
        self::assertSame([], Told::by(new OldTextMatters(), self::kit($text), 'manual.old-order'));
        $strange = self::kit(['R7 is not used.']);
        $note = OldNotes::of($strange, null)[0];
        $done = self::kit(['R7 is not used.'], ['oldText' => [$note->paragraph->id]]);
        self::assertSame([], Told::by(new OldTextMatters(), $done, 'manual.old-stranger'));
    }

    public function test_the_first_five_are_told(): void
    {
        $text = array_map(static fn(int $i): string => "Fit X{$i} here.", range(1, 7));
        $text = array_map(static fn(string $each): string => str_replace('X', 'Q', $each), $text);

        self::assertCount(5, Told::by(new OldTextMatters(), self::kit($text), 'manual.old-stranger'));
    }

    /**
     * @param list<string> $paragraphs
     * @param array<string, mixed> $json
     */
    private static function kit(array $paragraphs, array $json = []): Kit
    {
        return (new KitReader())->read(
            KitMaker::files(
                ['R1,1k,Axial 1/4W,resistor', 'R2,1k,Axial 1/4W,resistor', 'C1,100u,6.3x11,electrolytic'],
                [],
                $json,
            ) + ['old.md' => implode("\n\n", $paragraphs) . "\n"],
        );
    }
}
