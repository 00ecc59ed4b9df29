<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\Circuit\CircuitDrawings;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A circuit drawing is shown and never executed. */
final class CircuitDrawingTest extends TestCase
{
    /** @return iterable<string, array{string}> what a drawing may bring along */
    public static function guests(): iterable
    {
        yield 'a script' => ['<script>alert(1)</script>'];
        yield 'a script in another namespace' => [
            '<x:script xmlns:x="http://www.w3.org/1999/xhtml">alert(1)</x:script>',
        ];
        yield 'an event' => ['<rect width="1" height="1" onclick="alert(1)"/>'];
        yield 'a link' => ['<a href="javascript:alert(1)"><rect width="1" height="1"/></a>'];
        yield 'a picture from elsewhere' => ['<image href="http://198.51.100.1/alert"/>'];
        yield 'a foreign object' => ['<foreignObject><iframe src="alert"/></foreignObject>'];
        yield 'a look from elsewhere' => ['<rect width="1" height="1" style="fill:url(http://198.51.100.1/alert)"/>'];
        yield 'a class from elsewhere' => [
            '<style>@import "alert"; .a{fill:url(alert)}</style><rect class="a" width="1" height="1"/>',
        ];
        yield 'a value that ends its attribute' => ['<rect width="1&quot; onclick=&quot;alert(1)" height="1"/>'];
        yield 'a word that ends its text' => ['<text>&lt;script&gt;alert(1)&lt;/script&gt;</text>'];
        yield 'an animation' => ['<rect width="1" height="1"><set attributeName="onclick" to="alert(1)"/></rect>'];
    }

    #[DataProvider('guests')]
    public function test_what_does_not_draw_is_left_out(string $guest): void
    {
        $drawing = self::drawn(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" onload=\"alert(0)\" viewBox=\"0 0 9 9\">{$guest}</svg>",
        );

        self::assertSame('', $drawing['fault']);
        self::assertDoesNotMatchRegularExpression(
            '~<(?:script|image|a|foreignObject|iframe|style|set|use)\b|\son\w+=|href|url\(|198\.51~i',
            $drawing['pages'][0],
        );
    }

    public function test_designators_are_marked_where_they_stand_and_other_words_are_not(): void
    {
        $drawing = self::drawn(
            '<svg xmlns="http://www.w3.org/2000/svg" width="90" height="60"><g transform="translate(5 5)" style="font-size:4px">' .
                '<text x="1" y="2"><tspan>R1</tspan></text><text>R9</text><text>supply</text></g></svg>',
        );

        self::assertSame(['R1'], $drawing['names']);
        self::assertSame(1, substr_count($drawing['pages'][0], 'data-ref='));
        self::assertStringContainsString('viewBox="0 0 90 60"', $drawing['pages'][0]);
        self::assertStringContainsString('font-size="4px"', $drawing['pages'][0]);
    }

    public function test_a_designator_with_its_value_in_one_text_is_marked_and_the_beginning_of_a_word_is_not(): void
    {
        $names = static fn(string $text): array => self::drawn(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 9 9\"><text>{$text}</text></svg>",
        )['names'];

        self::assertSame(['R1'], $names('R1 470'));
        self::assertSame(['R1'], $names('R1=470'));
        self::assertSame([], $names('R1-old'));
        self::assertSame([], $names('over R1'));
    }

    public function test_a_pdf_is_a_picture_with_the_places_of_its_words(): void
    {
        $drawing = (new CircuitDrawings())->of(['circuit.pdf' => self::pdf('R1 and C22')], [], ['R1', 'C22', 'D1'])[0];

        self::assertSame(['', ['C22', 'R1'], 1], [$drawing['fault'], $drawing['names'], count($drawing['pages'])]);
        self::assertStringContainsString('href="data:image/png;base64,', $drawing['pages'][0]);
        self::assertMatchesRegularExpression('~<rect data-ref="R1" x="(?:9[89]|100)[\d.]*" y="~', $drawing['pages'][0]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function faults(): iterable
    {
        yield 'entities' => [
            'a.svg',
            '<!DOCTYPE svg [<!ENTITY a "b">]><svg xmlns="http://www.w3.org/2000/svg">&a;</svg>',
            'entities',
        ];
        yield 'broken' => ['a.svg', '<svg xmlns="http://www.w3.org/2000/svg"><g></svg>', 'no SVG'];
        yield 'endless' => [
            'a.svg',
            '<svg xmlns="http://www.w3.org/2000/svg">' . str_repeat('<g/>', 40_001) . '</svg>',
            '40,000',
        ];
        yield 'a damaged PDF' => ['a.pdf', "%PDF-1.4\nnothing", 'damaged'];
    }

    #[DataProvider('faults')]
    public function test_a_drawing_that_cannot_be_shown_says_why_in_one_line(
        string $name,
        string $bytes,
        string $why,
    ): void {
        $drawing = (new CircuitDrawings())->of([$name => $bytes], [], [])[0];

        self::assertSame([], $drawing['pages']);
        self::assertStringContainsString($why, $drawing['fault']);
        self::assertStringNotContainsString("\n", $drawing['fault']);
    }

    public function test_a_drawing_deeper_than_any_is_cut_and_one_the_maker_calls_something_else_is_not_shown(): void
    {
        $deep =
            '<svg xmlns="http://www.w3.org/2000/svg">' .
            str_repeat('<g>', 200) .
            '<text>R1</text>' .
            str_repeat('</g>', 200) .
            '</svg>';

        self::assertStringNotContainsString('R1', self::drawn($deep)['pages'][0]);
        self::assertSame([], (new CircuitDrawings())->of(['a.svg' => $deep], ['a.svg' => 'other'], []));
    }

    public function test_what_is_no_drawing_is_refused_where_it_is_dropped(): void
    {
        self::assertSame(['circuit.svg' => '<svg/>'], (new KitFiles())->fromBytes('Circuit.SVG', '<svg/>'));
        $this->expectException(UnusableFile::class);

        (new KitFiles())->fromBytes('circuit.pdf', 'GIF89a');
    }

    /** @return array{file: string, pages: list<string>, names: list<string>, fault: string} */
    private static function drawn(string $svg): array
    {
        return (new CircuitDrawings())->of(['circuit.svg' => $svg], [], ['R1', 'C1'])[0];
    }

    /** A page of 300 by 200 points with one line of text at 100, 100. */
    private static function pdf(string $text): string
    {
        $stream = "BT /F1 12 Tf 100 100 Td ({$text}) Tj ET";
        $objects = [
            '<</Type/Catalog/Pages 2 0 R>>',
            '<</Type/Pages/Kids[3 0 R]/Count 1>>',
            '<</Type/Page/Parent 2 0 R/MediaBox[0 0 300 200]/Contents 4 0 R/Resources<</Font<</F1 5 0 R>>>>>>',
            '<</Length ' . strlen($stream) . ">>stream\n{$stream}\nendstream",
            '<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>',
        ];
        $pdf = "%PDF-1.4\n";
        $places = [];
        foreach ($objects as $index => $object) {
            $places[] = strlen($pdf);
            $pdf .= $index + 1 . " 0 obj\n{$object}\nendobj\n";
        }
        $start = strlen($pdf);
        $rows = implode('', array_map(static fn(int $at): string => sprintf("%010d 00000 n \n", $at), $places));

        return "{$pdf}xref\n0 6\n0000000000 65535 f \n{$rows}trailer<</Size 6/Root 1 0 R>>\nstartxref\n{$start}\n%%EOF\n";
    }
}
