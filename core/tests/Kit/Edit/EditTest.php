<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit\Edit;

use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Edit\TakeBackEdit;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Reason;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every kind of edit: what it does, what takes it back, what it refuses and what it names then. */
final class EditTest extends TestCase
{
    private const FILES = [
        'kit.json' => '{"format": 1, "name": "Halt Signal",
            "boards": [{"name": "main", "outline": [[0,0],[9,0],[9,9]]},
                {"name": "lamps", "outline": [[0,0],[9,0],[9,9]]}],
            "gates": [{"name": "power", "needs": ["R1"], "expect": "5 V"}],
            "tests": [{"name": "rail", "expect": "5 V", "points": ["R1"]}, {"name": "lamp"}, {"name": "lamp"}],
            "groups": {"block": {"supply": ["R1"]}},
            "traits": ["hot"], "ruledOut": {"radio": ""},
            "overrides": {"bags": [{"part": "R1", "bag": "B"}]},
            "lines": {"R1": {"height": 3}}}',
        'bom.csv' => "\nRef;Value;Gehalt\nR1;1k;x\n\n\"R2;R3\";\"2k;odd\";y\n",
        'pilot.csv' => "build,step,minutes\n1,solder:R1,2\n",
    ];

    /** @return iterable<string, array{string, string, string, mixed}> type, target, field, value */
    public static function edits(): iterable
    {
        yield 'a fact that was there' => ['line', 'R1', 'height', 4.5];
        yield 'a height with its unit' => ['line', 'R1', 'height', '0.3 in'];
        yield 'a fact that was not' => ['line', 'R2', 'supply', 'optional'];
        yield 'a fact taken away' => ['line', 'R1', 'height', null];
        yield 'a setting' => ['setting', '', 'school', 'kind-by-kind'];
        yield 'a fact of the second board' => ['board', 'lamps', 'reading', 90];
        yield 'what a pad means' => ['board', 'lamps', 'squarePad.led', 'cathode'];
        yield 'a place in the order' => ['order', '', '', [['parts' => ['R1'], 'after' => [], 'sameStep' => false]]];
        yield 'own words' => ['words', 'callout.R1.text', '', 'this way round'];
        yield 'own words with dots in their place' => ['words', 'step.solder:R1.title', '', 'the small one'];
        yield 'a part into another bag' => ['bag', 'R2', '', ' c '];
        yield 'a part back into its bag' => ['bag', 'R1', '', null];
        yield 'a cell behind a blank record' => ['cell', '3', 'value', '4k7'];
        yield 'a cell with separators in it' => ['cell', '5', 'value', 'a;b "c"'];
        yield 'what a column holds' => ['column', '2', '', 'description'];
        yield 'a new test' => ['test', '', '', ['name' => 'clock', 'expect' => '1 Hz']];
        yield 'a test changed' => ['test', 'rail', '', ['expect' => '4.9 V', 'points' => null]];
        yield 'a test renamed' => ['test', 'rail', '', ['name' => 'the rail']];
        yield 'a test taken out' => ['test', 'rail', '', null];
        yield 'a row typed by hand' => ['row', '', '', ['designator' => 'R9', 'value' => '4k7']];
        yield 'a row taken out' => ['row', '5', '', null];
        yield 'a row by the places of its cells' => ['row', '7', '', ['R8', '1k', 'z']];
        yield 'the name of the kit' => ['fact', 'name', '', 'Level Crossing'];
        yield 'its supply, which was not there' => ['fact', 'supply', '', ['volts' => [8, 9.6], 'amps' => 0.1]];
        yield 'gates that were there' => ['fact', 'gates', '', [['name' => 'rail', 'needs' => ['R1', 'R2']]]];
        yield 'gates taken out' => ['fact', 'gates', '', []];
        yield 'a cover' => ['fact', 'groups.covers', '', [['by' => 'LID1', 'over' => ['R1']]]];
        yield 'a wire' => ['fact', 'wires', '', [['name' => 'W1', 'from' => 'R1.1', 'to' => 'A', 'mm' => 60]]];
        yield 'a need of a gate taken back' => [
            'take-back',
            'order.gate-needs',
            '',
            ['gate' => 'power', 'part' => 'R1'],
        ];
        yield 'what a gate expects' => ['test', 'power', 'gate', '5 V, at 20 mA'];
        yield 'the first kit is built' => ['first-kit', '', '', true];
        yield 'a piece missing from the first kit' => ['first-kit', 'R1', '', -1];
        yield 'pieces over in the first kit' => ['first-kit', 'R2', '', 3];
        yield 'a hazard the kit has' => ['hazard', 'glue', '', true];
        yield 'a hazard the kit has not, and why' => ['hazard', 'hot', '', 'it stays cool'];
        yield 'an answer taken back' => ['hazard', 'hot', '', null];
        yield 'an answer without a reason taken back' => ['hazard', 'radio', '', null];
        yield 'a new block' => ['block', 'clock', '', 'R2-R3'];
        yield 'a block with other parts' => ['block', 'supply', '', ['R1', 'R2']];
        yield 'a block taken out' => ['block', 'supply', '', null];
        yield 'a row of the log' => ['pilot', '', '', ['step' => 'solder:R2', 'minutes' => '3']];
        yield 'a row put in' => ['pilot', '1', 'insert', ['step' => 'solder:R3']];
        yield 'a row changed' => ['pilot', '1', '', ['step' => 'solder:R1', 'snag' => 'tight']];
        yield 'the only row taken out' => ['pilot', '1', '', null];
        yield 'a file' => ['file', 'placements.csv', '', "Ref,X,Y\nR1,1,1\n"];
        yield 'a file taken out' => ['file', 'pilot.csv', '', null];
    }

    #[DataProvider('edits')]
    public function test_the_inverse_takes_an_edit_back(string $type, string $target, string $field, mixed $value): void
    {
        $folder = new Folder(self::FILES);
        $edited = EditKind::from($type)->read($target, $field, $value)->on($folder);
        $back = $edited->inverse->on($edited->folder);

        self::assertNotEquals($this->kit($folder), $this->kit($edited->folder), 'it does something');
        self::assertEquals($this->kit($folder), $this->kit($back->folder));
        self::assertEquals($this->kit($edited->folder), $this->kit($back->inverse->on($back->folder)->folder));
    }

    #[DataProvider('edits')]
    public function test_a_log_gives_back_the_edit_it_was_given(
        string $type,
        string $target,
        string $field,
        mixed $value,
    ): void {
        $edit = EditKind::from($type)->read($target, $field, $value);
        /** @var array{type: string, target: string, field: string, value: mixed} $kept */
        $kept = json_decode(json_encode($edit->entry(), JSON_THROW_ON_ERROR), true);

        self::assertEquals($edit, EditKind::from($kept['type'])->read($kept['target'], $kept['field'], $kept['value']));
    }

    /** @return iterable<string, array{string, string, string, mixed, string}> and what the refusal says */
    public static function refused(): iterable
    {
        yield 'an unknown fact' => ['line', 'R1', 'colour', 'red', 'There is no fact of a part "colour"'];
        yield 'a fact of the wrong type' => ['line', 'R1', 'mass', 'heavy', 'mass of R1 must be a number.'];
        yield 'a word that is none of the fact' => ['line', 'R1', 'hold', 'glue', 'must be one of table, bend'];
        yield 'a height that is none' => ['line', 'R1', 'height', 'tall', '"tall" is not a length'];
        yield 'a height of nothing' => ['line', 'R1', 'height', 0, 'above 0 and below 300 mm'];
        yield 'a height above the limit' => ['line', 'R1', 'height', 300, 'above 0 and below 300 mm'];
        yield 'no row of that number' => ['row', '99', '', null, '99'];
        yield 'a row where one stands' => ['row', '3', '', ['designator' => 'R9'], 'where nothing stands'];
        yield 'no such column of a row' => ['row', '', '', ['weather' => 'rain'], 'designator'];
        yield 'no such fact' => [
            'fact',
            'weather',
            '',
            'rain',
            'There is no fact of the kit "weather" here; there is name, code,',
        ];
        yield 'a fact that cannot be this' => ['fact', 'groups.covers', '', [['by' => 7]], 'by'];
        yield 'no part' => ['line', ' ', 'height', 1, 'Give the part a name'];
        yield 'an unknown setting' => ['setting', '', 'weather', 'dry', 'there is school, group'];
        yield 'a value the setting has not' => ['setting', '', 'paper', 'A5', 'must be one of A4, Letter'];
        yield 'an unknown board' => ['board', 'lid', 'mask', 'red', 'there is main, lamps'];
        yield 'an unknown fact of a board' => ['board', 'main', 'smell', 'none', 'there is outline, thickness'];
        yield 'an order that is none' => ['order', '', '', 'R1 first', 'must be a list in brackets'];
        yield 'an order with another field' => ['order', '', '', [['part' => 'R1']], 'there is parts, after'];
        yield 'a place without words' => ['words', 'lid.R1', '', 'x', 'callout. with what it is of'];
        yield 'a bag that is a list' => ['bag', 'R1', '', ['B'], 'the bag of R1 must be text'];
        yield 'a row that is not there' => [
            'cell',
            '99',
            'value',
            'x',
            'bom.csv has no row 99 any more; its rows end at 5',
        ];
        yield 'a column the list has not' => ['cell', '3', 'tolerance', 'x', 'its columns: Ref, Value, Gehalt'];
        yield 'a column no list has' => ['cell', '3', 'smell', 'x', 'there is designator'];
        yield 'a row that is no number' => ['cell', 'first', 'value', 'x', 'the row must be a number'];
        yield 'a column beyond the last' => ['column', '9', '', 'value', 'no column for number 10'];
        yield 'a test that is not there' => ['test', 'buzz', '', ['expect' => '1'], 'there is rail, lamp'];
        yield 'one of two tests of one name' => ['test', 'lamp', '', null, 'Several tests are called "lamp"'];
        yield 'a test without a name' => ['test', '', '', ['expect' => '1'], 'Give the test a name'];
        yield 'a name that is taken' => ['test', 'rail', '', ['name' => 'lamp'], 'already a test "lamp"'];
        yield 'a field that tests have not' => ['test', 'rail', '', ['smell' => 'x'], 'there is name, gate'];
        yield 'a gate that is not there' => ['test', 'heat', 'gate', 'x', 'there is power'];
        yield 'half a piece' => ['first-kit', 'R1', '', 0.5, 'a whole number'];
        yield 'a first kit neither built nor not' => ['first-kit', '', '', 3, 'true or false'];
        yield 'an unknown hazard' => ['hazard', 'wolves', '', true, 'there is battery, coin-cell, mains'];
        yield 'a block without a name' => ['block', ' ', '', 'R1', 'Give the block a name'];
        yield 'a block of no designators' => ['block', 'clock', '', 'R1, R3-C5', 'is no designator'];
        yield 'a row of the log without a step' => ['pilot', '', '', ['snag' => 'x'], 'step in the log must be said'];
        yield 'minutes that are none' => ['pilot', '', '', ['step' => 'x', 'minutes' => 'ten'], 'must be a number'];
        yield 'a column the log has not' => ['pilot', '', '', ['step' => 'x', 'mood' => 'y'], 'there is build, step'];
        yield 'a row of the log that is not there' => [
            'pilot',
            '2',
            '',
            null,
            'pilot.csv has no row 2 any more; its rows end at 1',
        ];
    }

    #[DataProvider('refused')]
    public function test_what_names_nothing_is_refused_with_what_could_be_named(
        string $type,
        string $target,
        string $field,
        mixed $value,
        string $says,
    ): void {
        $this->expectException(UnusableEdit::class);
        $this->expectExceptionMessage($says);

        EditKind::from($type)->read($target, $field, $value)->on(new Folder(self::FILES));
    }

    public function test_rows_keep_their_numbers_when_a_cell_is_rewritten(): void
    {
        $edited = EditKind::Cell->read('3', 'value', '4k7')->on(new Folder(self::FILES));
        $kit = (new KitReader())->read($edited->folder->files);

        self::assertSame(
            [3, 5, '4k7'],
            [$kit->part('R1')?->line->row, $kit->part('R3')?->line->row, $kit->part('R1')?->line->cells->value],
        );
    }

    public function test_a_folder_without_kit_json_gets_one_with_the_first_edit(): void
    {
        $folder = new Folder(['bom.csv' => "Ref,Value\nR1,1k\n"]);
        $edited = EditKind::Line->read('R1', 'legend', 'value')->on($folder);

        self::assertSame('value', (new KitReader())->read($edited->folder->files)->part('R1')?->notes->legend);
    }

    public function test_a_kit_with_one_board_takes_facts_of_the_board_main_and_of_no_other(): void
    {
        $folder = new Folder(['bom.csv' => "Ref,Value\nR1,1k\n"]);
        $edited = EditKind::Board->read('main', 'mask', 'blue')->on($folder);
        self::assertSame('blue', (new KitReader())->read($edited->folder->files)->boards[0]->stuff->mask);

        $this->expectExceptionMessage('There is no board "lid" here; there is main.');
        EditKind::Board->read('lid', 'mask', 'blue')->on($folder);
    }

    /** @return iterable<string, array{array<string, mixed>, string, array<string, string>, array<string, mixed>}> facts, rule, what it names, what is left */
    public static function takenBack(): iterable
    {
        $gate = ['name' => 'rail', 'needs' => ['R1', 'R2'], 'protects' => ['U1'], 'early' => true];
        $gates = ['gates' => [$gate, ['needs' => ['R1'], 'name' => 'other']]];
        yield 'one need of a gate' => [
            $gates,
            'order.gate-needs',
            ['gate' => 'rail', 'part' => 'R1'],
            ['gates' => [['needs' => ['R2']] + $gate, ['needs' => ['R1'], 'name' => 'other']]],
        ];
        yield 'the only part a gate protects: the gate stays' => [
            $gates,
            'order.gate-protects',
            ['gate' => 'rail', 'part' => 'U1'],
            ['gates' => [array_diff_key($gate, ['protects' => 1]), ['needs' => ['R1'], 'name' => 'other']]],
        ];
        yield 'an early gate' => [
            $gates,
            'order.gate-early',
            ['gate' => 'rail'],
            ['gates' => [array_diff_key($gate, ['early' => 1]), ['needs' => ['R1'], 'name' => 'other']]],
        ];
        yield 'an order of two parts, and no other' => [
            ['groups' => ['before' => [['R1', 'R2'], ['R2', 'R1']]]],
            'order.maker-before',
            ['first' => 'R1', 'then' => 'R2'],
            ['groups' => ['before' => [['R2', 'R1']]]],
        ];
        yield 'the only part under a cover: the cover goes' => [
            ['groups' => ['covers' => [['by' => 'LID', 'over' => ['R1']], ['by' => 'HS1', 'over' => ['R1', 'R2']]]]],
            'order.joint-before-cover',
            ['cover' => 'LID', 'part' => 'R1'],
            ['groups' => ['covers' => [['by' => 'HS1', 'over' => ['R1', 'R2']]]]],
        ];
        yield 'what a screw holds' => [
            ['groups' => ['fixings' => [['by' => 'SCR1', 'holds' => ['R1', 'R2']]]]],
            'order.fixing',
            ['by' => 'SCR1', 'holds' => 'R2'],
            ['groups' => ['fixings' => [['by' => 'SCR1', 'holds' => ['R1']]]]],
        ];
    }

    /**
     * @param array<string, mixed> $said
     * @param array<string, string> $names
     * @param array<string, mixed> $left
     */
    #[DataProvider('takenBack')]
    public function test_a_rule_is_taken_back_and_no_more(array $said, string $rule, array $names, array $left): void
    {
        $folder = new Folder(['bom.csv' => "Ref,Value\nR1,1k\n", 'kit.json' => (string) json_encode($said)]);
        $edited = EditKind::TakeBack->read($rule, '', $names)->on($folder);

        self::assertEquals($left, json_decode($edited->folder->files['kit.json'], true));
        self::assertEquals($said, json_decode($edited->inverse->on($edited->folder)->folder->files['kit.json'], true));
    }

    public function test_a_rule_is_taken_back_once(): void
    {
        $folder = new Folder([
            'bom.csv' => "Ref,Value\nR1,1k\n",
            'kit.json' => '{"groups": {"before": [["R1", "R2"]]}}',
        ]);
        $edit = EditKind::TakeBack->read('order.maker-before', '', ['first' => 'R1', 'then' => 'R2']);
        $after = $edit->on($folder)->folder;

        $this->expectExceptionMessage('said nowhere any more');
        $edit->on($after);
    }

    public function test_what_physics_asks_is_not_taken_back(): void
    {
        self::assertNull(TakeBackEdit::of(new Reason('order.socket-first', ['ic' => 'U1'])));
        $this->expectExceptionMessage('rule to take back');
        EditKind::TakeBack->read('order.socket-first', '', []);
    }

    public function test_a_fact_taken_away_leaves_no_empty_braces_behind(): void
    {
        $edited = EditKind::Line->read('R1', 'height', null)->on(new Folder(self::FILES));

        self::assertStringNotContainsString('"lines"', $edited->folder->files['kit.json']);
    }

    /** @return array{mixed, mixed} what the core reads, and whether anything is said where it does not read */
    private function kit(Folder $folder): array
    {
        return [(new KitReader())->read($folder->files), $folder->stated()];
    }

    public function test_a_row_in_a_column_that_the_list_has_not_adds_the_column(): void
    {
        $edited = EditKind::Row
            ->read('', '', ['designator' => 'R9', 'package' => 'axial'])
            ->on(new Folder(self::FILES));
        $part = (new KitReader())->read($edited->folder->files)->parts['R9'];
        self::assertSame('axial', $part->line->cells->package);

        $back = $edited->inverse->on($edited->folder)->folder;
        self::assertArrayNotHasKey('R9', (new KitReader())->read($back->files)->parts);
        self::assertArrayHasKey('R3', (new KitReader())->read($back->files)->parts);
    }
}
