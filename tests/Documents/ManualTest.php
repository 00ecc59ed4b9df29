<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\ManualPlanner;
use ChiralexAdapters\ChromiumPdf;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\Program;
use ChiralexAdapters\QrCode;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\BlockText;
use ChiralexRender\Manual\HtmlManual;
use ChiralexRender\Manual\StepPictures;
use ChiralexRender\Manual\TestText;
use ChiralexRender\Manual\TextManual;
use ChiralexRender\Print\BagLabels;
use ChiralexRender\Print\DifferenceSlip;
use ChiralexRender\Print\KitLabels;
use ChiralexRender\Print\LabelGrid;
use ChiralexRender\Print\PackingSlip;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Print\TeacherSheet;
use ChiralexRender\Print\TickList;
use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The manual and the labels as printed: text read back by pdftotext, codes read back by zbarimg.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type Bags from BagsDocument
 */
final class ManualTest extends TestCase
{
    private const FAQ = [
        [
            'symptom' => 'nothing-happens',
            'question' => 'Nothing happens <b>at all</b>',
            'answer' => 'Turn D1.',
            'count' => 5,
            'step' => 6,
        ],
    ];

    public function test_every_page_of_the_demo_manual_prints_and_its_text_can_be_read(): void
    {
        [$document, $pictures] = self::manual('frost-bell');
        $pdf = (new ChromiumPdf())->print(
            (new HtmlManual())->of(
                $document,
                $pictures,
                self::FAQ,
                PrintFonts::css(dirname(__DIR__, 2) . '/node_modules'),
            ),
        );
        $path = sys_get_temp_dir() . '/chiralex-manual-' . getmypid() . '.pdf';
        file_put_contents($path, $pdf);
        $text = (string) preg_replace('~[\s\x{2009}]+~u', ' ', Program::run(['pdftotext', '-layout', $path, '-']));
        unlink($path);

        foreach ($document['steps'] as $step) {
            self::assertStringContainsString("{$step['number']} {$step['title']}", $text);
        }
        foreach (
            [
                "470 \u{03A9}, 5 %",
                'Bag A: Resistors',
                'You bring',
                'Where is it?',
                'Before power',
                'D1 light band: right',
                'The iron burns',
                'expect 4.77 to 5.43',
                'When it does not work',
                'Nothing happens <b>at all</b>',
                'Reported 5 times, see step 6',
                'Frost Bell, revision A',
            ] as $words
        ) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function test_a_code_on_a_label_is_read_back_as_the_address_that_went_in(): void
    {
        $address = 'http://127.0.0.1:8080/b/' . str_repeat('0f', 16);
        [$document] = self::manual('frost-bell');
        $pdf = (new ChromiumPdf())->print(
            (new KitLabels('Frost Bell', 'A', LabelGrid::named('Letter'), 'Saltmarsh Bench', '', Words::english()))->of(
                [
                    [
                        'serial' => 'FB-A-00001-D',
                        'code' => new PageCode(QrCode::svg($address), '127.0.0.1:8080/b/0f0f'),
                        'pack' => 0,
                    ],
                ],
                1,
            ),
        );
        $base = sys_get_temp_dir() . '/chiralex-label-' . getmypid();
        file_put_contents("{$base}.pdf", $pdf);
        Program::run(['pdftoppm', '-r', '200', '-png', '-singlefile', "{$base}.pdf", $base]);
        $read = Program::run(['zbarimg', '--nodbus', '--quiet', '--raw', "{$base}.png"]);
        $size = Program::run(['pdfinfo', "{$base}.pdf"]);
        array_map(unlink(...), ["{$base}.pdf", "{$base}.png"]);

        self::assertSame($address, trim($read));
        self::assertStringContainsString('612 x 792 pts', $size, 'US Letter, 8.5 by 11 inches');
        self::assertSame('Frost Bell', $document['kit']);
    }

    public function test_labels_carry_the_markings_a_builder_will_see(): void
    {
        /** @var Bags $bags */
        $bags = self::manual('frost-bell')[0]['bags'];
        $html = self::labels($bags, Words::english());
        self::assertStringContainsString('Saltmarsh Bench', $html);
        $boxed = array_filter($bags['bags'], static fn(array $bag): bool => $bag['size'] === 'box');
        self::assertNotSame([], $boxed);
        self::assertSame(count($bags['bags']) - count($boxed), substr_count($html, '<section class="cell">'));
        self::assertStringContainsString('>YE</text>', $html);
        self::assertStringContainsString('<span class="code">104</span>', $html);
        self::assertStringContainsString('leave it in its shielding bag', $html);
        self::assertStringContainsString(
            '300 mm',
            (new TickList('Frost Bell', 'A', 'A4', '', Words::english()))->of($bags),
        );
    }

    /** @return iterable<string, array{string, string, int}> paper, size in points, labels on a sheet */
    public static function papers(): iterable
    {
        yield 'A4' => ['A4', '595.28 x 841.89 pts', 8];
        yield 'Letter' => ['Letter', '612 x 792 pts', 10];
        yield 'a roll' => ['roll', '175.75 x 283.46 pts', 1];
    }

    #[DataProvider('papers')]
    public function test_labels_stand_kit_after_kit_at_their_places_on_the_sheet(
        string $paper,
        string $size,
        int $sheet,
    ): void {
        /** @var Bags $bags */
        $bags = self::manual('frost-bell')[0]['bags'];
        $html = self::labels($bags, Words::english(), $paper, 3);
        preg_match_all('~<h2><b>([A-Z]+)</b>~', $html, $names);
        $one = array_slice($names[1], 0, intdiv(count($names[1]), 3));
        self::assertSame([...$one, ...$one, ...$one], $names[1], 'A, B, C, A, B, C, A, B, C');
        $path = sys_get_temp_dir() . '/chiralex-labels-' . getmypid() . '.pdf';
        file_put_contents($path, (new ChromiumPdf())->print($html));
        $told = Program::run(['pdfinfo', $path]);
        unlink($path);
        [$width, $height] = sscanf($size, '%f x %f');
        preg_match('~Page size:\s+([\d.]+) x ([\d.]+)~', $told, $found);
        self::assertEqualsWithDelta([$width, $height], [(float) $found[1], (float) $found[2]], 1.0);
        self::assertMatchesRegularExpression('~Pages:\s+' . (int) ceil(count($names[1]) / $sheet) . "\n~", $told);
    }

    public function test_what_is_too_much_for_a_label_goes_on_on_the_next(): void
    {
        /** @var Bags $bags */
        $bags = self::manual('frost-bell')[0]['bags'];
        $item = $bags['bags'][0]['items'][0];
        $bags['bags'] = [['items' => array_fill(0, 13, $item)] + $bags['bags'][0]];
        $html = self::labels($bags, Words::english(), 'Letter');
        self::assertStringContainsString('label 1 of 3', $html);
        self::assertSame(13, substr_count($html, '<li>'));
    }

    public function test_a_teacher_reads_counts_spares_stages_names_and_faults_for_the_class(): void
    {
        [$document] = self::manual('frost-bell');
        $html = TeacherSheet::of($document, 10, '');
        $text = preg_replace('~\s+~', ' ', strip_tags(str_replace('<', ' <', $html))) ?? '';
        foreach (
            [
                'for a class of 10',
                '40 10 kΩ, 5 %, resistor + 1',
                'Tools for each of 5 tables',
                'Test: supply',
                'Whose board is whose',
                'Not in this kit, on purpose',
            ] as $words
        ) {
            self::assertStringContainsString($words, str_replace("\u{2009}", ' ', $text));
        }
        $names = substr($html, (int) strpos($html, 'class="names"'));
        self::assertSame(10, substr_count(substr($names, 0, (int) strpos($names, '</table>')), '<tr><td'));
    }

    /** @param Bags $bags */
    private static function labels(array $bags, Words $words, string $paper = 'A4', int $kits = 1): string
    {
        return (new BagLabels('Frost Bell', 'A', LabelGrid::named($paper), 'Saltmarsh Bench', '', $words, []))->of(
            $bags,
            null,
            max(1, $kits),
        );
    }

    public function test_labels_and_slips_speak_the_language_of_the_kit(): void
    {
        /** @var Bags $bags */
        $bags = self::manual('frost-bell')[0]['bags'];
        $german = Words::in('de');
        $labels = self::labels($bags, $german);
        $ticks = (new TickList('Frost Bell', 'A', 'A4', '', $german))->of($bags);
        $difference = [
            'before' => 'A',
            'after' => 'B',
            'entries' => [],
            'bags' => [['bag' => 'C', 'before' => 1.5, 'after' => null, 'typical' => true]],
            'readings' => [['test' => '5 V', 'before' => '', 'after' => '4,8 bis 5,2 V']],
            'packed' => [],
        ];
        $slip = (new DifferenceSlip($german))->of('Frost Bell', $difference, 'A4', '');
        $parcel = (new PackingSlip())->of('7', '2026-11-02', 'A', 'B', [], 'A4', '', false, $german);

        self::assertStringContainsString('lang="de"', $labels);
        self::assertStringContainsString('bleibt bis zum Einbau im abschirmenden Beutel', $labels);
        self::assertSame(1, substr_count($ticks, 'Ringe in Buchstaben: BK schwarz, BR braun'));
        self::assertStringContainsString('Frost Bell, Ausgabe A: Packliste', $ticks);
        self::assertStringContainsString('Beutel A: ', $ticks);
        self::assertStringContainsString('Beutel C: vorher 1,50 g, jetzt nicht da (übliche Massen darunter)', $slip);
        self::assertStringContainsString('5 V: neu, erwartet 4,8 bis 5,2 V', $slip);
        self::assertStringContainsString('Lieferschein 7', $parcel);
        foreach ([$labels, $ticks, $slip, $parcel] as $sheet) {
            self::assertDoesNotMatchRegularExpression(
                '~>[^<]*\b(?:revision|Bag|what|kit|until|write)\b[^<]*<~',
                $sheet,
            );
        }
    }

    public function test_a_block_says_what_it_feeds_and_how_a_fault_in_it_shows(): void
    {
        $block = [
            'name' => 'supply',
            'parts' => ['D1 1N4148'],
            'steps' => [2, 3],
            'tests' => ['rail, expect 5 V'],
            'feeds' => ['lamps'],
            'signs' => ['lamp 2 stays dark'],
            'markdown' => '',
            'html' => '',
        ];

        self::assertSame(
            'Parts: D1 1N4148. Built in step 2, 3. You can measure it: rail, expect 5 V. ' .
                'It feeds lamps: a fault here shows there too. A fault here may show as: lamp 2 stays dark.',
            BlockText::of($block, Words::english()),
        );
        self::assertSame(
            'Teile: D1 1N4148.',
            BlockText::of(['steps' => [], 'tests' => [], 'feeds' => [], 'signs' => []] + $block, Words::in('de')),
        );
    }

    public function test_words_that_people_typed_cannot_become_markup(): void
    {
        $json = (string) json_encode([
            'name' => '<script>x</script>',
            'overrides' => [
                'words' => [
                    'step.R1.note' => '<img src=x onerror=alert(1)> `a` [b](http://c)',
                    'text.intro' => "<iframe src=x></iframe>\n\n<!-- gone --> 3 < 4",
                ],
            ],
        ]);
        $kit = (new KitReader())->read(['bom.csv' => "Ref,Value,Package\nR1,1k,Axial 1/4W\n", 'kit.json' => $json]);
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);
        $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));
        $document = (new ManualDocument(Words::english()))->of($manual);
        $html = (new HtmlManual())->of($document, (new StepPictures($manual))->all());
        self::assertStringNotContainsString('<script', $html);
        self::assertStringNotContainsString('<img', $html);
        $markdown = TextManual::markdown()->of($document);
        self::assertStringNotContainsString('<script>', $markdown);
        self::assertDoesNotMatchRegularExpression('~(?<!\\\\)<[a-z/!?]~i', $markdown);
        self::assertStringContainsString('3 < 4', $markdown);
        self::assertStringContainsString('\\[b\\](http://c)', $markdown);
        self::assertStringContainsString(
            '<img src=x',
            TextManual::plain()->of($document),
            'plain text has no markup and shows what was typed',
        );
    }

    public function test_each_step_lights_its_own_parts_and_shows_no_body_that_is_not_fitted_yet(): void
    {
        [$document, $pictures] = self::manual('kiln-watch');
        $fitted = [];
        $seen = 0;
        foreach ($document['steps'] as $step) {
            $names = array_column($step['parts'], 'designator');
            foreach (self::refs($pictures['steps'][$step['number']], '//*[contains(@class, " lit")]') as $name) {
                ++$seen;
                self::assertContains($name, $names, "step {$step['number']}");
            }
            self::assertSame(
                [],
                array_diff(
                    self::refs($pictures['steps'][$step['number']], '//*[@data-ref][*[@class="body"]]'),
                    $fitted,
                    $names,
                ),
                "step {$step['number']}",
            );
            $fitted = [...$fitted, ...in_array($step['action'], ['solder', 'insert', 'place'], true) ? $names : []];
        }
        self::assertGreaterThan(80, $seen);
    }

    /** @return list<string> designators of the parts that a path finds in a drawing */
    private static function refs(string $svg, string $path): array
    {
        $drawing = $svg === '' ? false : simplexml_load_string($svg);

        return $drawing === false
            ? []
            : array_map(
                static fn($part): string => (string) $part['data-ref'],
                array_values($drawing->xpath($path) ?: []),
            );
    }

    /** @return array{ManualShape, array{steps: array<int, string>, callouts: array<string, string>}} */
    private static function manual(string $kit): array
    {
        $read = (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__, 2) . "/database/demo/{$kit}"));
        $order = (new Planner())->plan($read);
        self::assertInstanceOf(BuildOrder::class, $order);
        $manual = (new ManualPlanner())->manual($read, $order, (new BagPlanner())->plan($read, $order));

        return [(new ManualDocument(Words::english()))->of($manual), (new StepPictures($manual))->all()];
    }

    public function test_a_test_says_how_it_is_made_with_its_setting(): void
    {
        $test = [
            'name' => 'rail',
            'instrument' => 'multimeter',
            'points' => ['TP1', 'TP2'],
            'expect' => '5 V',
            'otherwise' => '',
            'adjusts' => null,
            'range' => null,
            'unit' => 'V',
        ];

        self::assertSame(
            'multimeter, 20 V range, power off, from TP1 to TP2',
            TestText::how(['power' => 'off', 'settings' => '20 V range'] + $test),
        );
        self::assertSame('multimeter', TestText::how(['points' => []] + $test));
    }
}
