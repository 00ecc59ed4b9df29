<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Document\StepDocument;
use ChiralexRender\Markup;
use ChiralexRender\Print\PageMark;
use ChiralexRender\Words;

/**
 * What stands behind the steps of the printed manual: setting up, wrong readings, questions, how it works.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type TestShape from StepDocument
 * @phpstan-import-type Faq from HtmlManual
 */
final readonly class HtmlBack
{
    public function __construct(private Words $words) {}

    /** @param ManualShape $document */
    public function setUp(array $document): string
    {
        $html = '';
        foreach ($this->tests($document) as [$step, $test]) {
            if ($test['adjusts'] !== null) {
                $turn = $this->words->sentence('page.turn', [
                    'adjuster' => $test['adjusts'],
                    'name' => $test['name'],
                    'expect' => $test['expect'],
                    'how' => TestText::how($test, $this->words),
                ]);
                $html .=
                    '<p>' .
                    Markup::text(trim("{$turn} " . ($test['reach'] ?? ''))) .
                    ' <span class="quiet">' .
                    Markup::text($this->words->sentence('page.see-step', ['step' => $step])) .
                    '</span></p>';
            }
        }

        return $html;
    }

    /** @param ManualShape $document */
    public function wrongReadings(array $document): string
    {
        $rows = '';
        foreach ($this->tests($document) as [$step, $test]) {
            if ($test['otherwise'] !== '') {
                $rows .=
                    '<tr><td class="num">' .
                    $step .
                    '</td><td>' .
                    Markup::text($test['name']) .
                    '</td><td>' .
                    Markup::text($test['expect']) .
                    '</td><td>' .
                    Markup::text($test['otherwise']) .
                    '</td></tr>';
            }
        }
        $head = implode(
            '',
            array_map(
                fn(string $code): string => '<th>' .
                    Markup::text(trim($this->words->sentence($code, ['step' => '']))) .
                    '</th>',
                ['page.step', 'page.reading', 'page.expected', 'page.then'],
            ),
        );

        return $rows === '' ? '' : "<table><thead><tr>{$head}</tr></thead><tbody>{$rows}</tbody></table>";
    }

    /** @param list<Faq> $faq */
    public function faq(array $faq): string
    {
        return implode(
            '',
            array_map(
                fn(array $entry): string => '<div class="faq"><h3>' .
                    Markup::text($entry['question']) .
                    '</h3><p>' .
                    nl2br(Markup::text($entry['answer'])) .
                    ' <span class="quiet">' .
                    Markup::text($this->reported($entry)) .
                    '</span></p></div>',
                $faq,
            ),
        );
    }

    /**
     * @param ManualShape $document
     * @param list<string> $circuit pages of the circuit drawing, as SVG
     */
    public function how(array $document, array $circuit = []): string
    {
        $html = implode(
            '',
            array_map(static fn(string $page): string => "<figure class=\"circuit\">{$page}</figure>", $circuit),
        );
        foreach ($document['blocks'] ?? [] as $block) {
            $html .=
                '<div class="block"><h3>' .
                Markup::text($this->words->sentence('page.block', ['block' => $block['name']])) .
                "</h3>{$block['html']}<p class=\"quiet\">" .
                Markup::text(BlockText::of($block, $this->words)) .
                '</p></div>';
        }

        return $html;
    }

    /** @param ManualShape $document */
    public function connectors(array $document): string
    {
        $html = '';
        foreach ($document['connectors'] ?? [] as $connector) {
            $rows = '';
            foreach ($connector['pins'] as $pin) {
                $cells = [$pin['pin'], $pin['mark'], $pin['volts'], $pin['net'], implode(', ', $pin['to'])];
                $rows .=
                    '<tr>' .
                    implode(
                        '',
                        array_map(static fn(string $cell): string => '<td>' . Markup::text($cell) . '</td>', $cells),
                    ) .
                    '</tr>';
            }
            $head = implode(
                '',
                array_map(fn(string $code): string => '<th>' . Markup::text($this->words->sentence($code)) . '</th>', [
                    'page.connector-pin',
                    'page.connector-mark',
                    'page.connector-volts',
                    'page.connector-net',
                    'page.connector-to',
                ]),
            );
            $html .=
                '<div class="block"><h3>' .
                Markup::text($connector['designator']) .
                "</h3><table><thead><tr>{$head}</tr></thead><tbody>{$rows}</tbody></table></div>";
        }

        return $html;
    }

    /**
     * Each part with the step that fits it and its page.
     *
     * @param ManualShape $document
     */
    public function index(array $document): string
    {
        $places = [];
        foreach ($document['steps'] as $step) {
            foreach ($step['fits'] as $name) {
                if (!str_starts_with($name, '~')) {
                    $places[$name] = $step['number'];
                }
            }
        }
        uksort($places, strnatcmp(...));
        $items = '';
        foreach ($places as $name => $number) {
            $items .=
                "<li><a href=\"#step-{$number}\"><b class=\"m\">" .
                Markup::text((string) $name) .
                "</b><span>{$number}</span>" .
                PageMark::of("step-{$number}") .
                '</a></li>';
        }

        return $items === ''
            ? ''
            : '<p class="quiet">' .
                    Markup::text($this->words->sentence('page.where-is-how')) .
                    "</p><ol class=\"index\">{$items}</ol>";
    }

    /** @param Faq $entry */
    private function reported(array $entry): string
    {
        $said =
            $entry['count'] === 1
                ? $this->words->sentence('page.reported-once')
                : $this->words->sentence('page.reported', ['count' => $entry['count']]);

        return $said .
            ($entry['step'] === null
                ? ''
                : ', ' . $this->words->sentence('page.see-step', ['step' => $entry['step']])) .
            '.';
    }

    /**
     * @param ManualShape $document
     * @return list<array{int, TestShape}>
     */
    private function tests(array $document): array
    {
        $tests = [];
        foreach ($document['steps'] as $step) {
            foreach ($step['tests'] as $test) {
                $tests[] = [$step['number'], $test];
            }
        }

        return $tests;
    }
}
