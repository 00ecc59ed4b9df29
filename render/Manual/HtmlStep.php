<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\StepDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Text\CalloutText;
use ChiralexRender\Text\HoldText;
use ChiralexRender\Words;

/**
 * One step of the printed manual: its board, its parts to tick, what to mind, what to measure, what is left in the bag.
 *
 * @phpstan-import-type StepShape from StepDocument
 * @phpstan-import-type Faq from HtmlManual
 */
final readonly class HtmlStep
{
    /** Of parts that all point the same way one is drawn large; the board shows where the others are. */
    private const PICTURES = 1;

    private MarkingSvg $marking;

    public function __construct(private Words $words)
    {
        $this->marking = new MarkingSvg();
    }

    /**
     * @param StepShape $step
     * @param string $picture SVG of its board, empty off the board
     * @param string $locator SVG of the whole board with the piece that is shown, empty where all is
     * @param array<string, string> $drawn SVG by `step:designator`
     * @param list<string> $said cautions of earlier steps
     * @param list<Faq> $faq of this step
     */
    public function of(array $step, string $picture, string $locator, array $drawn, array $said, array $faq): string
    {
        $photos = implode('', array_column($step['photos'] ?? [], 'picture'));
        $lines = [$this->cautions($step['cautions'], $said), $this->reminder($step['reminder'] ?? '')];
        foreach ($step['watch'] ?? [] as $text) {
            $lines[] = '<p class="watch">' . Markup::text($text) . '</p>';
        }
        $how = array_filter(
            [$step['note'], ...$step['holds'] ?? HoldText::lines($step['parts']), ...$step['tips']],
            static fn(string $text): bool => $text !== '',
        );
        $seen = $picture . $photos;
        $parts = $this->parts($step);
        $which = $this->wires($step) . $this->callouts($step, $drawn);

        // One grid: the picture, then what goes in, which way, how, and what to check, always in this place.
        return "<section class=\"step\" id=\"step-{$step['number']}\"><h3><span class=\"no\">{$step['number']}</span>" .
            '<span class="title">' .
            Markup::text($step['title']) .
            "</span>{$locator}{$this->facts($step)}</h3>" .
            ($seen === '' ? '<div class="grid bare">' : "<div class=\"grid\"><div class=\"seen\">{$seen}</div>") .
            '<div class="side">' .
            ($parts === '' ? '' : "<table class=\"in\">{$parts}</table>") .
            ($which === '' ? '' : "<div class=\"which\">{$which}</div>") .
            implode('', $lines) .
            ($how === []
                ? ''
                : '<p class="how">' . Markup::text(implode(' ', array_map(self::ended(...), $how))) . '</p>') .
            $this->tests($step) .
            $this->rest($step) .
            $this->asked($faq) .
            '</div></div></section>';
    }

    /** What is said in a row ends each time. */
    private static function ended(string $text): string
    {
        return preg_match('~[.!?:]$~u', $text) === 1 ? $text : "{$text}.";
    }

    /**
     * The bags it is taken from, its minutes, the tools beside the iron.
     *
     * @param StepShape $step
     */
    private function facts(array $step): string
    {
        $bags = array_values(array_unique(array_diff(array_column($step['parts'], 'bag'), [null])));
        sort($bags);
        $facts = [
            $bags === [] ? '' : $this->words->sentence('page.from-bag', ['bag' => implode(', ', $bags)]),
            ...$step['tools'] ?? [],
            $this->words->sentence('page.minutes', ['minutes' => max(1, (int) round($step['minutes']))]),
        ];

        return '<span class="facts">' . Markup::text(implode(' · ', array_diff($facts, ['']))) . '</span>';
    }

    /**
     * What the bags still hold.
     *
     * @param StepShape $step
     */
    private function rest(array $step): string
    {
        $still = [];
        foreach (is_array($step['remaining']) ? $step['remaining'] : [] as $bag => $names) {
            $still[] =
                $names === []
                    ? $this->words->sentence('page.bag-empty', ['bag' => (string) $bag])
                    : $this->words->sentence('page.bag-holds', [
                        'bag' => (string) $bag,
                        'names' => implode(', ', $names),
                    ]);
        }

        return $still === [] ? '' : '<p class="still">' . Markup::text(implode(' ', $still)) . '</p>';
    }

    /** @param list<Faq> $faq of this step */
    private function asked(array $faq): string
    {
        return implode(
            '',
            array_map(
                static fn(array $entry): string => '<p class="faq"><b>' .
                    Markup::text($entry['question']) .
                    '</b> ' .
                    Markup::text($entry['answer']) .
                    '</p>',
                $faq,
            ),
        );
    }

    /** @param StepShape $step */
    private function parts(array $step): string
    {
        $tabled = array_column($step['wires'] ?? [], 'name');

        return implode(
            '',
            array_map(
                fn(array $part): string => '<tr><td><span class="tick"></span></td><td class="refs">' .
                    Markup::text($part['label'] ?? $part['designator']) .
                    '</td><td>' .
                    Markup::text(trim("{$part['value']} {$part['kindName']}")) .
                    '</td><td>' .
                    $this->marking->of($part['marking']) .
                    '</td></tr>',
                // Wires of a table are ticked there.
                array_filter(
                    $step['parts'],
                    static fn(array $part): bool => !in_array($part['designator'], $tabled, true),
                ),
            ),
        );
    }

    /** @param StepShape $step */
    private function tests(array $step): string
    {
        $expect = fn(string $text): string => $this->words->sentence('page.expect', ['expect' => $text]);
        $html = '';
        foreach ($step['tests'] as $test) {
            $html .=
                '<p class="test"><b>' .
                Markup::text($test['name']) .
                '</b>: ' .
                Markup::text(TestText::how($test, $this->words)) .
                ', <b>' .
                Markup::text($expect($test['expect'])) .
                '</b>.' .
                ($test['otherwise'] === ''
                    ? ''
                    : ' ' .
                        Markup::text($this->words->sentence('page.otherwise', ['otherwise' => $test['otherwise']]))) .
                '</p>' .
                // Our own drawing, made of numbers and escaped words.
                ($test['trace'] ?? '');
        }

        return $step['gate'] !== null && $step['gate']['expect'] !== '' && $step['tests'] === []
            ? '<p class="test"><b>' . Markup::text($expect($step['gate']['expect'])) . '</b></p>'
            : $html;
    }

    /**
     * @param StepShape $step
     * @param array<string, string> $drawn
     */
    private function callouts(array $step, array $drawn): string
    {
        $alike = [];
        foreach ($step['callouts'] as $callout) {
            $alike[$callout['consequence'] . $callout['text']][] = $callout;
        }
        $html = '';
        foreach ($alike as $callouts) {
            $names = array_column($callouts, 'designator');
            $pictures = array_map(function (string $name) use ($step, $drawn): string {
                $key = "{$step['number']}:{$name}";

                return ($drawn[$key] ?? '') . ($drawn["{$key}:2"] ?? '');
            }, array_slice($names, 0, self::PICTURES));
            $html .=
                '<div class="callout"><div>' .
                implode('', $pictures) .
                '</div>' .
                CalloutText::html(['designator' => implode(' ', $names)] + $callouts[0]) .
                '</div>';
        }

        return $html;
    }

    /**
     * In full where a caution comes first; by its first words at later steps.
     *
     * @param list<string> $cautions
     * @param list<string> $said
     */
    private function cautions(array $cautions, array $said): string
    {
        $sign = Markup::text($this->words->sentence('page.caution')) . ': ';
        $new = array_map(
            static fn(string $text): string => "<p class=\"caution\"><b>{$sign}</b>" . Markup::text($text) . '</p>',
            array_diff($cautions, $said),
        );
        $again = array_map(
            static fn(string $text): string => Markup::text((string) preg_replace('~[:,.].*$~su', '', $text)),
            array_intersect($cautions, $said),
        );

        return implode('', $new) .
            ($again === [] ? '' : "<p class=\"caution\"><b>{$sign}</b>" . implode('. ', $again) . '.</p>');
    }

    private function reminder(string $text): string
    {
        return $text === ''
            ? ''
            : '<p class="reminder"><b>' .
                    Markup::text($this->words->sentence('page.caution')) .
                    ':</b> ' .
                    Markup::text($text) .
                    '</p>';
    }

    /** @param StepShape $step */
    private function wires(array $step): string
    {
        $rows = '';
        foreach ($step['wires'] ?? [] as $wire) {
            $rows .=
                '<tr><td><span class="tick"></span></td><td>' .
                implode('</td><td>', array_map(Markup::text(...), $wire)) .
                '</td></tr>';
        }
        $heads = array_map(fn(string $code): string => Markup::text($this->words->sentence("page.wire-{$code}")), [
            'name',
            'colour',
            'from',
            'to',
            'length',
        ]);

        return $rows === ''
            ? ''
            : '<table class="wires"><thead><tr><th></th><th>' .
                    implode('</th><th>', $heads) .
                    "</th></tr></thead><tbody>{$rows}</tbody></table>";
    }
}
