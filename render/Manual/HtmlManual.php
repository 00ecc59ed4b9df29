<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Print\PrintCss;
use ChiralexRender\Print\PrintPage;
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
     * @param array{steps: array<int, string>, callouts: array<string, string>, cover?: list<string>, circuit?: list<string>} $pictures
     * @param list<Faq> $faq
     * @param string $fonts `@font-face` rules with the fonts inside
     * @param ?PageCode $page of the builder's page
     */
    public function of(
        array $document,
        array $pictures,
        array $faq = [],
        string $fonts = '',
        ?PageCode $page = null,
    ): string {
        $words = Words::in($document['language'] ?? 'en', $document['units'] ?? 'mm');
        $args = ['kit' => $document['kit'], 'revision' => $document['revision']];
        $front = new HtmlFront($words);
        $back = new HtmlBack($words);
        $chapters = [
            'begin' => ['page.begin' => $front->begin($document), 'page.tools' => $front->tools($document)],
            'contents' => ['page.what-is-in' => $front->contents($document)],
            'which' => ['page.which-part' => $front->identification($document)],
            'build' => [
                'page.build' => $this->text($document, 'before') . $this->steps($document, $pictures, $faq, $words),
            ],
            'back' => [
                'page.set-up' => $back->setUp($document),
                'page.wrong-reading' => $back->wrongReadings($document),
                'page.not-working' => $back->faq($faq),
                'page.how' => $back->how($document, $pictures['circuit'] ?? []),
                'page.connectors' => $back->connectors($document),
            ],
        ];
        $heads = $body = '';
        $titles = [];
        $written = ['begin' => ''];
        foreach ($chapters as $chapter => $sections) {
            $sections = array_filter($sections, static fn(string $html): bool => $html !== '');
            if ($sections === []) {
                continue;
            }
            $heads .= self::runningHead(
                $chapter,
                implode(', ', array_map($words->sentence(...), array_keys($sections))),
            );
            $html = '';
            foreach ($sections as $code => $section) {
                $id = substr($code, strlen('page.'));
                $titles[$id] = $words->sentence($code);
                $html .= "<section id=\"{$id}\"><h2>" . Markup::text($titles[$id]) . "</h2>{$section}</section>";
            }
            $written[$chapter] = $html;
        }
        // The contents list stands first and names what follows.
        $written['begin'] =
            $front->head($document, $page, $pictures['cover'] ?? []) .
            $this->text($document, 'intro') .
            $front->list($titles) .
            $written['begin'];
        foreach ($written as $chapter => $html) {
            $body .= "<div class=\"chapter\" style=\"page: {$chapter}\">{$html}</div>";
        }
        $css = PrintCss::of('manual', $document['paper'], $words->sentence('page.foot', $args)) . $heads;

        return PrintPage::html(
            Markup::text($words->sentence('page.title', $args)),
            "{$fonts}\n{$css}",
            $body,
            $words->language,
            $document['colour'] ?? true ? '' : 'bw',
        );
    }

    /**
     * @param ManualShape $document
     * @param array{steps: array<int, string>, callouts: array<string, string>, cover?: list<string>, circuit?: list<string>} $pictures
     * @param list<Faq> $faq
     */
    private function steps(array $document, array $pictures, array $faq, Words $words): string
    {
        $draw = new HtmlStep($words);
        $html = '';
        $said = [];
        foreach ($document['steps'] as $step) {
            $html .= $draw->of(
                $step,
                $pictures['steps'][$step['number']] ?? '',
                $pictures['callouts'],
                $said,
                array_values(array_filter($faq, static fn(array $entry): bool => $entry['step'] === $step['number'])),
            );
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
        return "@page {$page} { @top-right { content: \"" .
            str_replace('<', '\\3C ', addcslashes($title, "\"\\\n")) .
            "\"; font: 9pt Next, sans-serif; color: #5a6467; } }\n";
    }
}
