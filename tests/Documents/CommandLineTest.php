<?php

declare(strict_types=1);

namespace Tests\Documents;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The command line as another program calls it: documents by their published schema, exit codes, one line of refusal. */
final class CommandLineTest extends TestCase
{
    private const DEMO = 'database/demo/frost-bell';

    /** @return iterable<string, array{list<string>, string, int}> arguments, schema, exit code */
    public static function calls(): iterable
    {
        yield 'decode' => [['decode', '104'], 'Decode', 0];
        yield 'decode for a kind' => [['decode', '200', '--kind', 'resistor', '--json'], 'Decode', 0];
        yield 'bands' => [['bands', 'yellow violet orange gold'], 'Bands', 0];
        yield 'encode' => [['encode', '4k7'], 'Encode', 0];
        yield 'sample a lot' => [['sample', '--lot', '60', '--worst', '0.08'], 'Sample', 0];
        yield 'sample a series' => [['sample', '--lot', '24', '--aql', '6.5', '--level', 'III'], 'Sample', 0];
        yield 'encode a capacitor' => [['encode', '100n', '--kind', 'capacitor'], 'Encode', 0];
        yield 'parts of a folder' => [['parts', self::DEMO], 'Parts', 0];
        yield 'parts of a list alone' => [['parts', self::DEMO . '/bom.csv'], 'Parts', 0];
        yield 'check' => [['check', self::DEMO], 'Check', 0];
        yield 'check: an open question blocks' => [['check', self::DEMO . '/history/next-bom.csv'], 'Check', 1];
        yield 'board' => [['board', 'tests/boards/gull-counter/kit'], 'BoardFiles', 0];
        yield 'board: a folder without files of boards' => [['board', self::DEMO], 'BoardFiles', 0];
        yield 'lie' => [['lie', self::DEMO, '--down', 'top'], 'Lie', 0];
        yield 'lie with some parts' => [['lie', self::DEMO, '--fitted', 'R1,XU1'], 'Lie', 0];
        yield 'order' => [['order', self::DEMO], 'Order', 0];
        yield 'order by kind' => [['order', self::DEMO, '--school=kind-by-kind', '--group', '3'], 'Order', 0];
        yield 'marks' => [['marks', self::DEMO], 'Marks', 0];
        yield 'bags' => [['bags', self::DEMO], 'Bags', 0];
        yield 'bags by step' => [['bags', self::DEMO, '--school', 'by-step'], 'Bags', 0];
        yield 'bags of several boards by side' => [['bags', 'database/demo/kiln-watch', '--school=by-side'], 'Bags', 0];
        yield 'faults' => [['faults', 'tests/kits/tide-lamp', '--at', '2026-09-15'], 'FaultStudy', 0];
        yield 'faults of a kit that nobody has yet' => [['faults', self::DEMO, '--at=2026-09-15'], 'FaultStudy', 0];
        yield 'diagnose' => [['diagnose', self::DEMO, '--symptom', 'a lamp stays dark'], 'Diagnosis', 0];
        yield 'diagnose with all that is known' => [
            [
                ...[
                    'diagnose',
                    self::DEMO,
                    '--symptom',
                    'it does not ring in the cold',
                    '--works',
                    'a lamp stays dark',
                ],
                ...['--answer', '5 V rail=4.1 V', '--answer', 'U1 as drawn=good', '--without', 'oscilloscope'],
                ...['--step', '30', '--did', 'supply weak', '--by', 'mail', '--model'],
            ],
            'Diagnosis',
            0,
        ];
        yield 'bench' => [['bench', self::DEMO], 'Bench', 0];
        yield 'page' => [
            ['page', self::DEMO, '-o', '/tmp/chiralex-page-test', '--mail', 'hello@saltmarsh.example'],
            'PageFolder',
            0,
        ];
        yield 'manual as text' => [
            ['manual', self::DEMO, '--format', 'txt', '-o', '/tmp/chiralex-manual-test.txt'],
            'ManualFile',
            0,
        ];
    }

    /** @param list<string> $arguments */
    #[DataProvider('calls')]
    public function test_a_verb_prints_its_document(array $arguments, string $schema, int $code): void
    {
        [$exit, $out, $err] = self::run_($arguments);

        self::assertSame([$code, ''], [$exit, $err]);
        self::assertValid($out, $schema);
    }

    /** @return iterable<string, array{array<string, string>, list<string>, string}> files, verb and options, part of the line */
    public static function refusals(): iterable
    {
        yield 'nothing there' => [[], ['parts', 'no-such-folder'], 'no such file'];
        yield 'an empty list' => [['bom.csv' => ''], ['parts'], 'bom.csv is empty'];
        yield 'a binary under the name of a list' => [['bom.csv' => "\x7FELF\x00\x01\x02"], ['parts'], 'not text'];
        yield 'no designator column' => [['bom.csv' => "Colour,Size\nred,1\n"], ['parts'], 'no designator column'];
        yield 'an unknown field' => [
            ['bom.csv' => "Ref,Value\nR1,1k\n", 'kit.json' => '{"settings":{"scool":"x"}}'],
            ['check'],
            'settings.scool',
        ];
        yield 'an open quotation' => [['bom.csv' => "Ref,Value\nR1,\"1k\n"], ['parts'], 'row 2'];
        yield 'an unknown verb' => [[], ['frobnicate'], 'unknown verb'];
        yield 'no verb' => [[], [], 'unknown verb'];
        yield 'a verb without its argument' => [[], ['order'], 'wrong usage'];
        yield 'an unknown option' => [
            ['bom.csv' => "Ref,Value\nR1,1k\n"],
            ['order', '--colour', 'red'],
            'unknown option',
        ];
        yield 'a bagging that is none' => [
            ['bom.csv' => "Ref,Value\nR1,1k\n"],
            ['bags', '--school', 'by-colour'],
            'by-colour',
        ];
        yield 'a format that is none' => [
            ['bom.csv' => "Ref,Value,Package\nR1,1k,Axial 1/4W\n"],
            ['manual', '--format', 'doc', '-o', '/tmp/x.doc'],
            'html, md, pdf or txt',
        ];
        yield 'a manual without a file to write' => [['bom.csv' => "Ref,Value\nR1,1k\n"], ['manual'], '-o'];
        yield 'a folder that cannot be written' => [
            ['bom.csv' => "Ref,Value,Package\nR1,1k,Axial 1/4W\n"],
            ['manual', '--format', 'txt', '-o', '/no/such/folder/x.txt'],
            'cannot be written',
        ];
        yield 'a school that is none' => [
            ['bom.csv' => "Ref,Value\nR1,1k\n"],
            ['order', '--school', 'tallest'],
            'tallest',
        ];
        yield 'a part that is not there' => [['bom.csv' => "Ref,Value\nR1,1k\n"], ['lie', '--fitted', 'R9'], 'R9'];
        yield 'a code without a reading' => [[], ['decode', '1OK'], 'no legal reading'];
        yield 'a share of the series that is none' => [[], ['sample', '--lot', '24', '--aql', '3'], '2.5 or 4.0'];
        yield 'a share beyond the series' => [[], ['sample', '--lot', '24', '--aql', '11'], 'use 10'];
        yield 'no lot' => [[], ['sample', '--aql', '1.0'], '--lot'];
        yield 'no piece' => [[], ['sample', '--lot', '0', '--aql', '1.0'], '1 or more'];
        yield 'two ways at once' => [[], ['sample', '--lot', '9', '--aql', '1.0', '--worst', '0.1'], 'either --aql'];
        yield 'a share of nothing' => [[], ['sample', '--lot', '9', '--worst', '0.0'], 'above 0'];
        yield 'a certain risk' => [[], ['sample', '--lot', '9', '--worst', '0.1', '--risk', '1'], 'below 1'];
        yield 'a level that is none' => [[], ['sample', '--lot', '9', '--aql', '1.0', '--level', '2'], 'I, II or III'];
        yield 'a negative value is a value' => [[], ['encode', '-5'], 'character 1'];
        yield 'bands without a reading' => [[], ['bands', 'gold gold gold gold'], 'no legal reading'];
        yield 'a missing placement column' => [
            ['bom.csv' => "Ref,Value\nR1,1k\n", 'placements.csv' => "Ref,X\nR1,2\n"],
            ['check'],
            'no y column',
        ];
        yield 'no list in the folder' => [['kit.json' => '{}'], ['check'], 'No parts list'];
    }

    /**
     * @param array<string, string> $files
     * @param list<string> $arguments
     */
    #[DataProvider('refusals')]
    public function test_unusable_input_is_refused_in_one_line(array $files, array $arguments, string $says): void
    {
        if ($files !== []) {
            array_splice($arguments, 1, 0, [self::folder($files)]);
        }
        [$exit, $out, $err] = self::run_($arguments);

        self::assertSame([2, ''], [$exit, $out]);
        self::assertStringContainsString($says, $err);
        self::assertSame(1, substr_count($err, "\n"));
        self::assertLessThan(300, strlen($err));
    }

    public function test_a_row_in_error_gives_exit_1_and_the_document_all_the_same(): void
    {
        [$exit, $out] = self::run_(['parts', self::folder(['bom.csv' => "Ref,Value\nR1,1k\nR1,2k\nR2,1OK\n"])]);
        self::assertValid($out, 'Parts');
        $document = json_decode($out, true);

        self::assertSame(1, $exit);
        self::assertSame(['bom.duplicate', 3], [$document['problems'][0]['code'], $document['problems'][0]['row']]);
        self::assertNull($document['lines'][1]['value']);
        self::assertStringContainsString('letter O', json_encode($document['problems']) ?: '');
        self::assertSame('resistor', $document['lines'][1]['kind']);
    }

    public function test_a_cycle_gives_exit_1_with_the_circle_and_what_to_relax(): void
    {
        [$exit, $out] = self::run_([
            'order',
            self::folder([
                'bom.csv' => "Ref,Value\nR1,1k\nR2,2k\n",
                'kit.json' => '{"groups":{"before":[["R1","R2"],["R2","R1"]]}}',
            ]),
        ]);
        self::assertValid($out, 'Cycle');

        self::assertSame(1, $exit);
    }

    public function test_steps_are_numbered_and_a_gate_has_no_side(): void
    {
        $document = json_decode(self::run_(['order', self::DEMO])[1], true);
        $gates = array_values(array_filter($document['steps'], static fn(array $step): bool => $step['gate'] !== null));

        self::assertSame(range(1, count($document['steps'])), array_column($document['steps'], 'number'));
        self::assertSame([[], null], [$gates[0]['parts'], $gates[0]['side']]);
    }

    private static function assertValid(string $json, string $schema): void
    {
        $validator = new Validator();
        $validator->resolver()?->registerFile('https://chiralex.example/chiralex.json', self::schema());
        $result = $validator->validate(
            json_decode($json),
            (object) ['$ref' => "https://chiralex.example/chiralex.json#/\$defs/{$schema}"],
        );
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error)),
        );
    }

    /** The schema under an absolute name, as the validator wants it. */
    private static function schema(): string
    {
        $path = dirname(__DIR__, 2) . '/var/schema-for-tests.json';
        file_put_contents(
            $path,
            str_replace(
                '"$id": "chiralex.json"',
                '"$id": "https://chiralex.example/chiralex.json"',
                (string) file_get_contents(dirname(__DIR__, 2) . '/docs/schema/chiralex.json'),
            ),
        );

        return $path;
    }

    /** @param array<string, string> $files */
    private static function folder(array $files): string
    {
        $folder = dirname(__DIR__, 2) . '/var/test-kits/' . substr(hash('sha256', serialize($files)), 0, 12);
        @mkdir($folder, 0o777, true);
        foreach ($files as $name => $bytes) {
            file_put_contents("{$folder}/{$name}", $bytes);
        }

        return $folder;
    }

    /**
     * @param list<string> $arguments
     * @return array{int, string, string}
     */
    private static function run_(array $arguments): array
    {
        $process = proc_open(
            ['php', 'bin/chiralex', ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            dirname(__DIR__, 2),
        );
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }
}
