<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\StepDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Text\CalloutText;
use ChiralexRender\Words;

/**
 * One step of the printed manual: its board, its parts to tick, what to mind, what to measure, what is left in the bag.
 *
 * @phpstan-import-type StepShape from StepDocument
 * @phpstan-import-type Faq from HtmlManual
 */
final readonly class HtmlStep
{
    private MarkingSvg $marking;

    public function __construct(private Words $words)
    {
        $this->marking = new MarkingSvg();
    }

    /**
     * @param StepShape $step
     * @param string $picture SVG of its board, empty off the board
     * @param array<string, string> $drawn SVG by `step:designator`
     * @param list<string> $said cautions of earlier steps
     * @param list<Faq> $faq of this step
     */
    public function of(array $step, string $picture, array $drawn, array $said, array $faq): string
    {
        $parts = $this->parts($step);
        $lines = [$this->cautions($step['cautions'], $said), $this->reminder($step['reminder'] ?? '')];
        foreach ($step['watch'] ?? [] as $text) {
            $lines[] = '<p class="watch">' . Markup::text($text) . '</p>';
        }
        foreach (
            [$step['note'], ...array_unique(array_diff(array_column($step['parts'], 'hold'), [''])), ...$step['tips']] as $text
        ) {
            $lines[] = $text === '' ? '' : '<p>' . Markup::text($text) . '</p>';
        }
        $still = '';
        foreach (is_array($step['remaining']) ? $step['remaining'] : [] as $bag => $names) {
            $still .=
                ' ' .
                Markup::text(
                    $names === []
                        ? $this->words->sentence('page.bag-empty', ['bag' => (string) $bag])
                        : $this->words->sentence('page.bag-holds', [
                            'bag' => (string) $bag,
                            'names' => implode(', ', $names),
                        ]),
                );
        }
        $asked = implode(
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
        $callouts =
            implode('', array_column($step['photos'] ?? [], 'picture')) .
            $this->wires($step) .
            $this->callouts($step, $drawn);

        // The picture, the parts and what belongs to them stay on one page; callouts may follow on the next.
        return '<section class="step" id="step-' .
            $step['number'] .
            '"><div class="whole"><h3>' .
            $step['number'] .
            '. ' .
            Markup::text($step['title']) .
            '</h3><div class="cols' .
            ($picture === '' ? ' bare' : '') .
            '"><div>' .
            $picture .
            '</div><div>' .
            ($parts === '' ? '' : "<table>{$parts}</table>") .
            '</div></div>' .
            implode('', $lines) .
            $this->tests($step) .
            '</div>' .
            ($callouts === '' ? '' : "<div class=\"callouts\">{$callouts}</div>") .
            ($still === '' ? '' : '<p class="still">' . trim($still) . '</p>') .
            $asked .
            '</section>';
    }

    /** @param StepShape $step */
    private function parts(array $step): string
    {
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
                $step['parts'],
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
        $html = '';
        foreach ($step['callouts'] as $callout) {
            $key = "{$step['number']}:{$callout['designator']}";
            $second = $drawn["{$key}:2"] ?? '';
            $html .=
                '<div class="callout"><div>' .
                ($drawn[$key] ?? '') .
                $second .
                '</div>' .
                CalloutText::html($callout) .
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
            $rows .= '<tr><td>' . implode('</td><td>', array_map(Markup::text(...), $wire)) . '</td></tr>';
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
            : '<table class="wires"><thead><tr><th>' .
                    implode('</th><th>', $heads) .
                    "</th></tr></thead><tbody>{$rows}</tbody></table>";
    }
}
