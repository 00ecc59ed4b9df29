<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Print\PrintCss;
use ChiralexRender\Print\PrintPage;
use ChiralexRender\Svg\Num;
use ChiralexRender\Words;

/**
 * The manual as one HTML file, made to be printed; nothing in it is loaded from elsewhere.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-type Faq array{symptom: string, question: string, answer: string, count: int, step: ?int}
 */
final readonly class HtmlManual
{
    /**
     * @param ManualShape $document
     * @param array{steps: array<int, string>, callouts: array<string, string>} $pictures
     * @param list<Faq> $faq
     * @param string $fonts `@font-face` rules with the fonts inside
     * @param ?array{address: string, svg: string} $qr of the builder's page
     */
    public function of(array $document, array $pictures, array $faq = [], string $fonts = '', ?array $qr = null): string
    {
        $words = Words::in($document['language'] ?? 'en', $document['units'] ?? 'mm');
        $args = ['kit' => $document['kit'], 'revision' => $document['revision']];
        $front = new HtmlFront($words);
        $back = new HtmlBack($words);
        $sections = [
            'begin' => ['page.begin', $front->begin($document)],
            'contents' => ['page.what-is-in', $front->contents($document)],
            'tools' => ['page.tools', $front->tools($document)],
            'which' => ['page.which-part', $front->identification($document)],
            'build' => ['page.build', $this->text($document, 'before') . $this->steps($document, $pictures, $faq, $words)],
            'set-up' => ['page.set-up', $back->setUp($document)],
            'readings' => ['page.wrong-reading', $back->wrongReadings($document)],
            'faq' => ['page.not-working', $back->faq($faq)],
            'how' => ['page.how', $back->how($document)],
        ];
        $body = $front->head($document, $qr) . $this->text($document, 'intro');
        $sections = array_filter($sections, static fn(array $section): bool => $section[1] !== '');
        $body .= $front->list(array_map(static fn(array $section): string => $words->sentence($section[0]), $sections));
        $heads = '';
        foreach ($sections as $id => [$code, $html]) {
            $title = $words->sentence($code);
            $heads .= self::runningHead($id, $title);
            $body .= "<section class=\"chapter\" id=\"{$id}\" style=\"page: {$id}\"><h2>" . Num::text($title) . "</h2>{$html}</section>";
        }
        $css = PrintCss::of('manual', $document['paper'], $words->sentence('page.foot', $args)) . $heads;

        return PrintPage::html(Num::text($words->sentence('page.title', $args)), "{$fonts}\n{$css}", $body, $words->language, ($document['colour'] ?? true) ? '' : 'bw');
    }

    /**
     * @param ManualShape $document
     * @param array{steps: array<int, string>, callouts: array<string, string>} $pictures
     * @param list<Faq> $faq
     */
    private function steps(array $document, array $pictures, array $faq, Words $words): string
    {
        $draw = new HtmlStep($words);
        $html = '';
        $said = [];
        foreach ($document['steps'] as $step) {
            $html .= $draw->of($step, $pictures['steps'][$step['number']] ?? '', $pictures['callouts'], $said, array_values(array_filter($faq, static fn(array $entry): bool => $entry['step'] === $step['number'])));
            $said = [...$said, ...$step['cautions']];
        }

        return $html . $this->text($document, 'use');
    }

    /**
     * What the maker wrote for a place.
     *
     * @param ManualShape $document
     */
    private function text(array $document, string $place): string
    {
        $html = '';
        foreach ($document['texts'] ?? [] as $text) {
            $html .= $text['place'] === $place ? "<div class=\"own\">{$text['html']}</div>" : '';
        }

        return $html;
    }

    /** The head of the pages of one chapter; a chapter is a named page. */
    private static function runningHead(string $page, string $title): string
    {
        return "@page {$page} { @top-right { content: \"" . str_replace('<', '\\3C ', addcslashes($title, "\"\\\n")) . "\"; font: 9pt Next, sans-serif; color: #5a6467; } }\n";
    }
}
