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
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Document\StepDocument;
use ChiralexRender\LengthText;
use ChiralexRender\Manual\HtmlManual;
use ChiralexRender\Manual\StepPictures;
use ChiralexRender\Manual\TextManual;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Text\Markdown;
use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The manual as a book: its chapters, its pages, its languages and units, what its maker writes.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type StepShape from StepDocument
 */
final class BookTest extends TestCase
{
    /** How far the channels of one dot may lie apart in black and white: greys with a tinge. */
    private const TINGE = 24;

    public function test_pages_have_feet_and_numbers_and_a_step_stays_with_its_parts(): void
    {
        [$document, $pages] = self::pages('frost-bell', []);
        foreach ($pages as $index => $page) {
            self::assertMatchesRegularExpression('~Frost Bell, revision A\s+' . ($index + 1) . '\s*$~', trim($page));
        }
        foreach ($document['steps'] as $step) {
            $on = array_values(
                array_filter(
                    // The contents on the first page name it too.
                    array_slice($pages, 1),
                    static fn(string $page): bool => preg_match(
                        '~(?<!\d)' . $step['number'] . ' ' . preg_quote($step['title'], '~') . '~',
                        $page,
                    ) === 1,
                ),
            );
            self::assertNotSame([], $on, "step {$step['number']}");
            foreach ($step['parts'] as $part) {
                self::assertNotSame(
                    [],
                    array_filter(
                        $on,
                        static fn(string $page): bool => str_contains($page, $part['label'] ?? $part['designator']),
                    ),
                    "{$part['designator']} of step {$step['number']}",
                );
            }
        }
        $text = implode(' ', $pages);
        foreach (
            [
                'Set it up',
                'Turn RV1 until frost point reads 2.2 to 2.6',
                'It reaches from',
                'When a reading is wrong',
                'How it works',
                'Block "supply"',
                'Built in step',
                'Frost Bell rings before the seedlings freeze',
                'Hang it up',
            ] as $words
        ) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function test_the_code_on_the_first_page_opens_the_builders_page(): void
    {
        $address = 'http://127.0.0.1:8080/b/' . str_repeat('5a', 16);
        $manual = self::manual('frost-bell', [], []);
        $html = (new HtmlManual())->of(
            (new ManualDocument(Words::forBuilder($manual->kit)))->of($manual),
            (new StepPictures($manual))->all(),
            [],
            '',
            new PageCode(QrCode::svg($address), '127.0.0.1:8080/b/5a5a'),
        );
        $base = sys_get_temp_dir() . '/chiralex-code-' . getmypid();
        file_put_contents("{$base}.pdf", (new ChromiumPdf())->print($html));
        Program::run(['pdftoppm', '-r', '150', '-f', '1', '-l', '1', '-png', '-singlefile', "{$base}.pdf", $base]);
        $read = Program::run(['zbarimg', '--nodbus', '--quiet', '--raw', "{$base}.png"]);
        array_map(unlink(...), ["{$base}.pdf", "{$base}.png"]);

        self::assertSame($address, trim($read));
    }

    public function test_in_black_and_white_no_dot_has_a_colour(): void
    {
        $html = self::html('halt-signal', ['colour' => false]);
        self::assertStringContainsString('class="bw"', $html);
        $base = sys_get_temp_dir() . '/chiralex-bw-' . getmypid();
        file_put_contents("{$base}.pdf", (new ChromiumPdf())->print($html));
        foreach ([1, 3, 6] as $page) {
            $ppm = Program::run(['pdftoppm', '-r', '40', '-f', (string) $page, '-l', (string) $page, "{$base}.pdf"]);
            $dots = substr($ppm, (int) strpos($ppm, "255\n") + 4);
            $most = 0;
            for ($i = 0, $count = strlen($dots) - 2; $i < $count; $i += 3) {
                $channels = [ord($dots[$i]), ord($dots[$i + 1]), ord($dots[$i + 2])];
                $most = max($most, max($channels) - min($channels));
            }
            self::assertLessThanOrEqual(self::TINGE, $most, "page {$page}");
        }
        unlink("{$base}.pdf");
    }

    public function test_a_german_manual_says_every_fixed_phrase_in_german_and_leaves_what_the_maker_wrote(): void
    {
        $document = self::document('halt-signal', ['language' => 'de', 'units' => 'both']);
        $text = TextManual::plain()->of($document);
        foreach (
            [
                'BAUEN',
                'Beutel A: Schritte 1 bis 5',
                'Widerstand: braun, rot, braun, gold',
                'Flache Seite zeigt nach links, zum Rand',
                'Zusammen ersetzen: D2, Q1, U1.',
                'Draht rot von J3.1 nach J4.1, 400 mm (15,75 in)',
                'Sonst: check D1 and U2 for direction.',
                'erwartet: 4.8 to 5.2 V',
            ] as $words
        ) {
            self::assertStringContainsString($words, $text);
        }
        $english = array_filter(
            explode("\n", $text),
            static fn(string $line): bool => preg_match('~\b(?:the|solder|board|wear|with|and)\b~', $line) === 1 &&
                preg_match('~Sonst:|Zugentlastung|wired on the bench|zeigt sich vielleicht so~', $line) !== 1,
        );
        self::assertSame([], array_values($english));
    }

    /** @return iterable<string, array{string, string, string}> millimetres, units, printed */
    public static function lengths(): iterable
    {
        yield 'two inches' => ['50.8', 'inch', "2\u{2009}in"];
        yield 'solder wire: 0.8 mm is 0.031 in' => ['0.8', 'both', "0.8\u{2009}mm (0.031\u{2009}in)"];
        yield 'solder wire of 0.025 in' => ['0.635', 'inch', "0.025\u{2009}in"];
        yield 'a wire' => ['300', 'mm', "300\u{2009}mm"];
        yield 'a wire in both' => ['300', 'both', "300\u{2009}mm (11.81\u{2009}in)"];
    }

    #[DataProvider('lengths')]
    public function test_lengths_are_converted_exactly_and_rounded_to_what_a_ruler_shows(
        string $millimetres,
        string $units,
        string $printed,
    ): void {
        self::assertSame($printed, (new LengthText($units))->of($millimetres));
    }

    public function test_a_range_of_lengths_has_one_unit(): void
    {
        self::assertSame(
            "leave 3 to 5\u{2009}mm of lead",
            substr(
                Words::in('en')->sentence('tip.to92'),
                (int) strpos(Words::in('en')->sentence('tip.to92'), 'leave'),
                25,
            ),
        );
        self::assertStringContainsString(
            "0.12 to 0.2\u{2009}in of lead",
            Words::in('en', 'inch')->sentence('tip.to92'),
        );
        self::assertStringContainsString(
            "3 bis 5\u{2009}mm (0,12 bis 0,2\u{2009}in) Draht",
            Words::in('de', 'both')->sentence('tip.to92'),
        );
    }

    public function test_what_a_maker_writes_in_markdown_can_do_no_harm(): void
    {
        $html = Markdown::html(
            "# Head\n\n**bold** <script>alert(1)</script> [x](javascript:alert(1)) ![p](http://elsewhere.example/p.png)\n\n- one\n- two",
        );
        self::assertStringContainsString('<h4>Head</h4>', $html);
        self::assertStringContainsString('<strong>bold</strong>', $html);
        self::assertStringContainsString('<li>two</li>', $html);
        foreach (['<script', 'javascript:', '<img', 'elsewhere'] as $bad) {
            self::assertStringNotContainsString($bad, $html);
        }
        self::assertSame('', Markdown::html("  \n"));
    }

    public function test_a_sentence_the_maker_wrote_stands_at_every_step_that_says_it_with_its_numbers(): void
    {
        $document = self::document(
            'frost-bell',
            [],
            [
                'overrides' => [
                    'words' => [
                        'sentence.tip.iron' => 'Set {celsius} degrees.',
                        'sentence.tip.resistor' => 'My own way.',
                    ],
                ],
            ],
        );
        $tips = array_merge(...array_column($document['steps'], 'tips'));
        self::assertContains('Set 330 degrees.', $tips);
        self::assertCount(
            count(
                array_filter(
                    $document['steps'],
                    static fn(array $step): bool => in_array(
                        'resistor',
                        array_column($step['parts'], 'kindName'),
                        true,
                    ),
                ),
            ),
            array_keys($tips, 'My own way.', true),
        );
    }

    public function test_a_sentence_is_edited_with_its_arguments_in_braces_and_long_lists_end_in_the_language_of_the_kit(): void
    {
        $sentences = array_merge(
            ...array_map(
                static fn(array $step): array => $step['sentences'] ?? [],
                self::document('frost-bell', [])['steps'],
            ),
        );
        $iron = array_values(
            array_filter($sentences, static fn(array $sentence): bool => $sentence['code'] === 'tip.iron'),
        );
        self::assertSame(
            ['Iron at {celsius} °C ({fahrenheit} °F) for these joints.'],
            array_values(array_unique(array_column($iron, 'template'))),
        );
        self::assertGreaterThan(
            1,
            count(array_unique(array_column($iron, 'text'))),
            'the steps of this kit have two settings',
        );
        $names = array_map(static fn(int $number): string => "R{$number}", range(1, 14));
        self::assertStringContainsString(
            'R11 und 3 weitere dürfen',
            Words::in('de')->sentence('page.no-direction', ['designators' => $names]),
        );
        self::assertStringContainsString(
            'R11 and 3 more go in',
            Words::in('en')->sentence('page.no-direction', ['designators' => $names]),
        );
    }

    public function test_look_alikes_on_the_table_and_parts_without_a_direction_are_named_at_the_step(): void
    {
        $steps = array_column(self::document('frost-bell', [])['steps'], null, 'number');
        self::assertContains(
            'R1, R4, R12 look like R3, R7 and lie on the table beside: look twice before they go in.',
            $steps[3]['watch'] ?? [],
        );
        self::assertContains('No direction: C4, C5, C6 go in either way round.', $steps[8]['watch'] ?? []);
        self::assertSame([], $steps[13]['watch'] ?? []);
    }

    /**
     * @param array<string, mixed> $settings laid over the demo's
     * @return array{ManualShape, list<string>} the document and the text of each page
     */
    private static function pages(string $kit, array $settings): array
    {
        $path = sys_get_temp_dir() . '/chiralex-book-' . getmypid() . '.pdf';
        file_put_contents($path, (new ChromiumPdf())->print(self::html($kit, $settings)));
        $pages = explode("\f", rtrim(Program::run(['pdftotext', '-layout', $path, '-']), "\f\n "));
        unlink($path);

        return [
            self::document($kit, $settings),
            array_map(static fn(string $page): string => (string) preg_replace('~[\s\x{2009}]+~u', ' ', $page), $pages),
        ];
    }

    /** @param array<string, mixed> $settings */
    private static function html(string $kit, array $settings): string
    {
        $manual = self::manual($kit, $settings, []);

        return (new HtmlManual())->of(
            (new ManualDocument(Words::forBuilder($manual->kit)))->of($manual),
            (new StepPictures($manual))->all(),
            [],
            PrintFonts::css(dirname(__DIR__, 2) . '/node_modules'),
        );
    }

    /**
     * @param array<string, mixed> $settings
     * @param array<string, mixed> $json laid over kit.json
     * @return ManualShape
     */
    private static function document(string $kit, array $settings, array $json = []): array
    {
        $manual = self::manual($kit, $settings, $json);

        return (new ManualDocument(Words::forBuilder($manual->kit)))->of($manual);
    }

    /**
     * @param array<string, mixed> $settings
     * @param array<string, mixed> $json
     */
    private static function manual(string $kit, array $settings, array $json): \Chiralex\Manual\Manual
    {
        $files = (new KitFiles())->fromPath(dirname(__DIR__, 2) . "/database/demo/{$kit}");
        /** @var array{settings: array<string, mixed>} $root */
        $root = json_decode($files['kit.json'], true, 512, JSON_THROW_ON_ERROR);
        $root['settings'] = $settings + $root['settings'];
        $read = (new KitReader())->read(['kit.json' => json_encode($json + $root, JSON_THROW_ON_ERROR)] + $files);
        $order = (new Planner())->plan($read);
        self::assertInstanceOf(BuildOrder::class, $order);

        return (new ManualPlanner())->manual($read, $order, (new BagPlanner())->plan($read, $order));
    }
}
