<?php

declare(strict_types=1);

namespace Tests\Documents;

use App\Actions\Kit\Change;
use App\Actions\Kit\Draft;
use App\Actions\Kit\UnknownChange;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A change and its inverse leave a draft as the core reads it. */
final class DraftTest extends TestCase
{
    private const FILES = [
        'kit.json' =>
            '{"format": 1, "name": "Halt Signal", "boards": [{"name": "main", "outline": [[0,0],[9,0],[9,9]]}, {"name": "lamps", "outline": [[0,0],[9,0],[9,9]]}], "lines": {"R1": {"height": 3}}}',
        'bom.csv' => "\nRef;Value;Gehalt\nR1;1k;x\n\n\"R2;R3\";\"2k;odd\";y\n",
    ];

    /** @return iterable<string, array{Change}> */
    public static function changes(): iterable
    {
        yield 'a field that was there' => [new Change('line', 'R1', 'height', 4.5)];
        yield 'a field that was not' => [new Change('line', 'R2', 'supply', 'optional')];
        yield 'a field taken away' => [new Change('line', 'R1', 'height', null)];
        yield 'a setting' => [new Change('setting', '', 'school', 'kind-by-kind')];
        yield 'a fact of the second board' => [new Change('board', 'lamps', 'reading', 90)];
        yield 'what a pad means' => [new Change('board', 'lamps', 'squarePad.led', 'cathode')];
        yield 'a place in the order' => [
            new Change('order', '', '', [['parts' => ['R1'], 'after' => [], 'sameStep' => false]]),
        ];
        yield 'own words' => [new Change('words', 'callout.R1.text', '', 'this way round')];
        yield 'a cell behind a blank record' => [new Change('cell', '3', 'value', '4k7')];
        yield 'a cell with separators in it' => [new Change('cell', '5', 'value', 'a;b "c"')];
        yield 'what a column holds' => [new Change('column', '2', '', 'description')];
        yield 'a file' => [new Change('file', 'placements.csv', '', "Ref,X,Y\nR1,1,1\n")];
    }

    #[DataProvider('changes')]
    public function test_the_inverse_takes_a_change_back(Change $change): void
    {
        $before = (new KitReader())->read(self::FILES);
        $draft = new Draft(self::FILES);
        $inverse = $draft->apply($change);
        $changed = $draft->files;
        $draft->apply($inverse);
        $after = (new KitReader())->read($draft->files);

        self::assertNotSame(self::FILES, $changed);
        self::assertEquals($before, $after);
    }

    public function test_rows_keep_their_numbers_when_a_cell_is_rewritten(): void
    {
        $draft = new Draft(self::FILES);
        $draft->apply(new Change('cell', '3', 'value', '4k7'));
        $kit = (new KitReader())->read($draft->files);

        self::assertSame(
            [3, 5, '4k7'],
            [$kit->part('R1')?->line->row, $kit->part('R3')?->line->row, $kit->part('R1')?->line->value],
        );
    }

    public function test_a_draft_without_kit_json_gets_one_with_the_first_change(): void
    {
        $draft = new Draft(['bom.csv' => "Ref,Value\nR1,1k\n"]);
        $draft->apply(new Change('line', 'R1', 'legend', 'value'));

        self::assertSame('value', (new KitReader())->read($draft->files)->part('R1')?->legend);
    }

    public function test_a_change_of_what_is_not_there_is_refused(): void
    {
        foreach (
            [
                new Change('cell', '99', 'value', 'x'),
                new Change('cell', '3', 'tolerance', 'x'),
                new Change('column', '9', '', 'value'),
                new Change('paint', '', '', 'red'),
            ] as $change
        ) {
            try {
                (new Draft(self::FILES))->apply($change);
                self::fail("{$change->type} {$change->target} was applied");
            } catch (UnknownChange $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }
}
