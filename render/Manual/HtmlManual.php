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
     * @param array{steps: array<int, string>, locators?: array<int, string>, callouts: array<string, string>, power?: array<string, string>, cover?: list<string>, circuit?: list<string>} $pictures
     * @param list<Faq> $faq
     * @param string $fonts `@font-face` rules with the fonts inside
     * @param ?PageCode $page of the builder's page
     * @param bool $booklet set for pages of half the size, to be folded
     */
    public function of(
        array $document,
        array $pictures,
        array $faq = [],
        string $fonts = '',
        ?PageCode $page = null,
        bool $booklet = false,
    ): string {
        $words = Words::in($document['language'] ?? 'en', $document['units'] ?? 'mm');
        $args = ['kit' => $document['kit'], 'revision' => $document['revision']];
        $front = new HtmlFront($words);
        $back = new HtmlBack($words);
        $chapters = [
            'begin' => $front->begin($document),
            'tools' => $front->tools($document),
            'what-is-in' => $front->contents($document),
            'build' => $this->text($document, 'before') . $this->steps($document, $pictures, $faq, $words),
            'set-up' => $back->setUp($document),
            'wrong-reading' => $back->wrongReadings($document),
            'not-working' => $back->faq($faq),
            'connectors' => $back->connectors($document),
            'where-is' => $back->index($document),
            'how' => $back->how($document, $pictures['circuit'] ?? []),
        ];
        $html = '';
        $titles = [];
        foreach (array_filter($chapters, static fn(string $chapter): bool => $chapter !== '') as $id => $chapter) {
            $titles[$id] = $words->sentence("page.{$id}");
            $html .=
                "<section class=\"chapter\" id=\"{$id}\"><h2>" .
                Markup::text($titles[$id]) .
                "</h2>{$chapter}</section>";
        }
        // The contents list stands first and names what follows.
        $body =
            $front->head($document, $page, $pictures['cover'] ?? []) .
            $this->text($document, 'intro') .
            $front->list($titles, array_column($document['steps'], 'title', 'number')) .
            $html;
        $css = PrintCss::of('manual', $document['paper'], $words->sentence('page.foot', $args), $booklet);

        return PrintPage::html(
            Markup::text($words->sentence('page.title', $args)),
            "{$fonts}\n{$css}",
            $body,
            $words->language,
            trim(($booklet ? 'small' : '') . ($document['colour'] ?? true ? '' : ' bw')),
        );
    }

    /**
     * @param ManualShape $document
     * @param array{steps: array<int, string>, locators?: array<int, string>, callouts: array<string, string>, power?: array<string, string>, cover?: list<string>, circuit?: list<string>} $pictures
     * @param list<Faq> $faq
     */
    private function steps(array $document, array $pictures, array $faq, Words $words): string
    {
        $draw = new HtmlStep($words);
        $html = '';
        $said = $pointed = [];
        $power = new HtmlPower($words);
        foreach ($document['steps'] as $step) {
            $html .=
                $step['number'] === ($document['power']['step'] ?? null)
                    ? $power->of($document['power'], $pictures['power'] ?? [])
                    : '';
            // A mark that was pointed out where the part was placed is not pointed out again where it is soldered.
            $new = array_filter(
                $step['callouts'],
                static fn(array $each): bool => ($pointed[$each['designator']] ?? null) !== $each['text'],
            );
            $pointed = array_column($step['callouts'], 'text', 'designator') + $pointed;
            $html .= $draw->of(
                ['callouts' => array_values($new)] + $step,
                $pictures['steps'][$step['number']] ?? '',
                $pictures['locators'][$step['number']] ?? '',
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
}
