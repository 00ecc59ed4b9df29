<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Print\PrintCss;
use ChiralexRender\Print\PrintPage;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Svg\Num;

/**
 * The manual as one HTML file, made to be printed; nothing in it is loaded from elsewhere.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type StepShape from ManualDocument
 * @phpstan-type Faq array{symptom: string, question: string, answer: string, count: int, step: ?int}
 */
final readonly class HtmlManual
{
    private MarkingSvg $marking;

    public function __construct()
    {
        $this->marking = new MarkingSvg();
    }

    /**
     * @param ManualShape $document
     * @param array{steps: array<int, string>, callouts: array<string, string>} $pictures
     * @param list<Faq> $faq
     * @param string $fonts `@font-face` rules with the fonts inside
     * @param ?array{address: string, svg: string} $qr of the builder's page
     */
    public function of(array $document, array $pictures, array $faq = [], string $fonts = '', ?array $qr = null): string
    {
        $kit = Num::text($document['kit']);
        $revision = Num::text($document['revision']);
        $css = PrintCss::of('manual', $document['paper'], "{$document['kit']}, revision {$document['revision']}");
        $body = $this->head($kit, $revision, $document, $qr) . $this->contents($document) . $this->tools($document) . $this->identification($document);
        $body .= '<h2>Build it</h2>';
        $said = [];
        foreach ($document['steps'] as $step) {
            $body .= $this->step($step, $pictures, $this->cautions($step['cautions'], $said), array_values(array_filter($faq, static fn(array $entry): bool => $entry['step'] === $step['number'])));
            $said = [...$said, ...$step['cautions']];
        }
        $body .= $this->faq($faq);

        return PrintPage::html("{$kit}, revision {$revision}: build manual", "{$fonts}
{$css}", $body);
    }

    /**
     * @param ManualShape $document
     * @param ?array{address: string, svg: string} $qr
     */
    private function head(string $kit, string $revision, array $document, ?array $qr): string
    {
        $hours = sprintf('about %d h %02d min', intdiv((int) round($document['minutes']), 60), (int) round($document['minutes']) % 60);
        $code = $qr === null ? '' : "<div class=\"qr\">{$qr['svg']}<br>the same on your phone</div>";
        $cautions = implode('', array_map(static fn(string $text): string => '<p class="caution">' . Num::text($text) . '</p>', $document['cautions']));

        $choice = implode('', array_map(static fn(array $option): string => ' ' . Num::text("{$option['name']}: {$option['value']}."), $document['choice']));

        return "<div class=\"head\"><div><h1>{$kit}</h1><p class=\"quiet\">Build manual, revision {$revision}. " . count($document['steps']) . " steps, {$document['joints']} joints, {$hours}.{$choice}</p></div>{$code}</div><h2>Before you begin</h2>{$cautions}";
    }

    /** @param ManualShape $document */
    private function contents(array $document): string
    {
        $html = '<h2>What is in the kit</h2><p>Check the bags against this list before you open the next one.</p>';
        foreach ($document['bags']['bags'] as $bag) {
            $rows = '';
            foreach ($bag['items'] as $item) {
                $names = str_starts_with($item['designators'][0], '~') ? '' : implode(' ', $item['designators']);
                $rows .= '<tr><td><span class="tick"></span></td><td class="num">' . $item['quantity'] . '</td><td class="refs">' . Num::text($names) . '</td><td>' . Num::text($item['value']) . ($item['length'] === null ? '' : ', ' . Num::of($item['length']) . ' mm') . '</td><td>' . Num::text($item['kindName']) . '</td><td>' . $this->marking->of($item['marking']) . '</td></tr>';
            }
            $html .= '<h3>Bag ' . Num::text($bag['name']) . ': ' . Num::text($bag['title']) . '</h3><table class="list">' . $rows . '</table>';
        }
        if ($document['bags']['brought'] !== []) {
            $html .= '<h3>You bring</h3><ul>' . implode('', array_map(static fn(array $part): string => '<li>' . Num::text("{$part['designator']}: {$part['value']}, {$part['kindName']}") . '</li>', $document['bags']['brought'])) . '</ul>';
        }

        return $html;
    }

    /** @param ManualShape $document */
    private function tools(array $document): string
    {
        return '<h2>Tools</h2><ul>' . implode('', array_map(static fn(string $tool): string => '<li>' . Num::text($tool) . '</li>', $document['tools'])) . '</ul>';
    }

    /** @param ManualShape $document */
    private function identification(array $document): string
    {
        $rows = '';
        foreach ($document['identification'] as $row) {
            $rows .= '<tr><td class="refs">' . Num::text(implode(' ', $row['designators'])) . '</td><td class="num">' . $row['quantity'] . '</td><td>' . Num::text($row['value']) . '</td><td>' . Num::text($row['kindName']) . '</td><td>' . $this->marking->of($row['marking']) . '</td><td>' . Num::text($row['direction']) . '</td><td>' . Num::text((string) $row['bag']) . '</td></tr>';
        }
        $pads = '';
        foreach ($document['squarePads'] as $board) {
            $said = array_map(static fn(string $kind, string $meaning): string => "{$kind}: {$meaning}", array_keys($board['pads']), array_values($board['pads']));
            $pads .= '<p>The square pad on board ' . Num::text($board['board']) . ' means ' . Num::text(implode('; ', $said)) . '.' . (count(array_unique($board['pads'])) > 1 ? ' It differs between kinds: look twice.' : '') . '</p>';
        }

        return "<h2>Which part is which</h2><table><thead><tr><th>place</th><th class=\"num\">count</th><th>value</th><th>what</th><th>marking</th><th>direction</th><th>bag</th></tr></thead><tbody>{$rows}</tbody></table>{$pads}";
    }

    /**
     * In full where a caution comes first; by its first words at later steps.
     *
     * @param list<string> $cautions
     * @param list<string> $said
     */
    private function cautions(array $cautions, array $said): string
    {
        $new = array_map(static fn(string $text): string => '<p class="caution">' . Num::text($text) . '</p>', array_diff($cautions, $said));
        $again = array_map(static fn(string $text): string => Num::text((string) preg_replace('~[:,.].*$~su', '', $text)), array_intersect($cautions, $said));

        return implode('', $new) . ($again === [] ? '' : '<p class="caution">' . implode('. ', $again) . '.</p>');
    }

    /**
     * @param StepShape $step
     * @param array{steps: array<int, string>, callouts: array<string, string>} $pictures
     * @param list<Faq> $faq
     */
    private function step(array $step, array $pictures, string $cautions, array $faq): string
    {
        $picture = $pictures['steps'][$step['number']] ?? '';
        $parts = '';
        foreach ($step['parts'] as $part) {
            $parts .= '<tr><td><span class="tick"></span></td><td class="refs">' . Num::text($part['designator']) . '</td><td>' . Num::text(trim("{$part['value']} {$part['kindName']}")) . '</td><td>' . $this->marking->of($part['marking']) . '</td></tr>';
        }
        $holds = array_unique(array_diff(array_column($step['parts'], 'hold'), ['']));
        $lines = [$cautions];
        foreach ([$step['note'], ...$holds, ...$step['tips']] as $text) {
            $lines[] = $text === '' ? '' : '<p>' . Num::text($text) . '</p>';
        }
        foreach ($step['tests'] as $test) {
            $lines[] = '<p><b>' . Num::text($test['name']) . '</b>: ' . Num::text(TestText::how($test)) . ', expect <b>' . Num::text($test['expect']) . '</b>.' . ($test['otherwise'] === '' ? '' : ' Otherwise: ' . Num::text($test['otherwise']) . '.') . '</p>';
        }
        if ($step['gate'] !== null && $step['tests'] === []) {
            $lines[] = '<p>Expect <b>' . Num::text($step['gate']['expect']) . '</b>.</p>';
        }
        $callouts = '';
        foreach ($step['callouts'] as $callout) {
            $svg = $pictures['callouts']["{$step['number']}:{$callout['designator']}"] ?? '<span></span>';
            $callouts .= '<div class="callout">' . $svg . '<p' . (in_array($callout['consequence'], ['destroys-others', 'can-hurt'], true) ? ' class="harm"' : '') . '><b class="m">' . Num::text($callout['designator']) . '</b> ' . Num::text($callout['text']) . '</p></div>';
        }
        $still = '';
        foreach (is_array($step['remaining']) ? $step['remaining'] : [] as $bag => $names) {
            $still .= ' Bag ' . Num::text((string) $bag) . ($names === [] ? ' is empty now.' : ' still holds ' . Num::text(implode(', ', $names)) . '.');
        }
        $asked = implode('', array_map(static fn(array $entry): string => '<p class="faq"><b>' . Num::text($entry['question']) . '</b> ' . Num::text($entry['answer']) . '</p>', $faq));

        return '<section class="step"><h3>' . $step['number'] . '. ' . Num::text($step['title']) . '</h3><div class="cols' . ($picture === '' ? ' bare' : '') . '"><div>' . $picture . '</div><div>' . ($parts === '' ? '' : "<table>{$parts}</table>") . '</div></div>' . implode('', $lines) . ($callouts === '' ? '' : "<div class=\"callouts\">{$callouts}</div>") . ($still === '' ? '' : '<p class="still">' . trim($still) . '</p>') . $asked . '</section>';
    }

    /** @param list<Faq> $faq */
    private function faq(array $faq): string
    {
        if ($faq === []) {
            return '';
        }
        $entries = array_map(static fn(array $entry): string => '<div class="faq"><h3>' . Num::text($entry['question']) . '</h3><p>' . nl2br(Num::text($entry['answer'])) . ' <span class="quiet">Reported ' . $entry['count'] . ($entry['count'] === 1 ? ' time' : ' times') . ($entry['step'] === null ? '' : ", see step {$entry['step']}") . '.</span></p></div>', $faq);

        return '<h2>When it does not work</h2>' . implode('', $entries);
    }
}
