<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Words;

/**
 * One page for whoever thinks of buying the kit: what is in, what is not, what it takes, what it runs from, what to mind.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class BuyerSheet
{
    private function __construct(private Words $words) {}

    /**
     * @param ManualShape $manual
     * @param list<string> $boards SVG of each board with everything on it
     */
    public static function of(array $manual, array $boards, string $fonts): string
    {
        return (new self(Words::in($manual['language'] ?? 'en', $manual['units'] ?? 'mm')))->sheet(
            $manual,
            $boards,
            $fonts,
        );
    }

    /**
     * @param ManualShape $manual
     * @param list<string> $boards
     */
    private function sheet(array $manual, array $boards, string $fonts): string
    {
        $foot = $this->words->sentence('page.foot', ['kit' => $manual['kit'], 'revision' => $manual['revision']]);
        $title = Markup::text($this->words->sentence('buyer.title', ['kit' => $foot]));
        $choice = implode(
            ', ',
            array_map(static fn(array $option): string => "{$option['name']}: {$option['value']}", $manual['choice']),
        );
        $body =
            "<h1>{$title}</h1>" .
            ($choice === '' ? '' : '<p class="quiet">' . Markup::text($choice) . '</p>') .
            '<div class="first"><div class="boards">' .
            implode('', $boards) .
            '</div><section>' .
            $this->effort($manual) .
            $this->list('buyer.runs-from', [$manual['supply'] ?? '']) .
            $this->list('buyer.besides', $this->brought($manual)) .
            '</section></div>' .
            '<div class="wide">' .
            $this->inside($manual) .
            $this->list('page.tools', $manual['tools']) .
            $this->list('buyer.mind', [...$manual['cautions'], $this->words->sentence('buyer.local')]) .
            '</div>';

        return PrintPage::html(
            $title,
            $fonts . "\n" . PrintCss::of('buyer', $manual['paper'], $foot),
            $body,
            $this->words->language,
        );
    }

    /** @param ManualShape $manual */
    private function effort(array $manual): string
    {
        $time = ['time' => (new TimeText($this->words))->of($manual), 'elapsed' => $manual['planned']['elapsed'] ?? ''];
        $tests = count(array_merge(...array_column($manual['steps'], 'tests'), ...[[]]));

        return $this->list('buyer.takes', [
            $this->words->sentence($manual['skill'] === 'practised' ? 'buyer.practised' : 'buyer.beginner'),
            $this->words->sentence($time['elapsed'] === '' ? 'buyer.bench' : 'buyer.elapsed', $time),
            $this->words->sentence('buyer.joints', ['joints' => $manual['joints'], 'steps' => count($manual['steps'])]),
            $tests === 0
                ? ''
                : $this->words->sentence($tests === 1 ? 'buyer.reading' : 'buyer.readings', ['count' => $tests]),
        ]);
    }

    /**
     * Pieces by kind, in the order of the bags.
     *
     * @param ManualShape $manual
     */
    private function inside(array $manual): string
    {
        $pieces = [];
        foreach ($manual['bags']['bags'] as $bag) {
            foreach ($bag['items'] as $item) {
                $name = $item['kindName'];
                $pieces[$name] = ($pieces[$name] ?? 0) + ($item['length'] === null ? $item['quantity'] : 0);
            }
        }

        return $this->list(
            'buyer.in',
            array_map(
                static fn(string $name, int $count): string => $count === 0 ? $name : "{$count} \u{00D7} {$name}",
                array_keys($pieces),
                array_values($pieces),
            ),
        );
    }

    /**
     * @param ManualShape $manual
     * @return list<string>
     */
    private function brought(array $manual): array
    {
        return array_map(
            static fn(array $part): string => "{$part['value']}, {$part['kindName']}",
            $manual['bags']['brought'],
        );
    }

    /** @param list<string> $lines */
    private function list(string $code, array $lines): string
    {
        $title = Markup::text($this->words->sentence($code));
        $lines = array_filter($lines, static fn(string $line): bool => $line !== '');

        return $lines === []
            ? ''
            : "<h2>{$title}</h2><ul>" .
                    implode(
                        '',
                        array_map(static fn(string $line): string => '<li>' . Markup::text($line) . '</li>', $lines),
                    ) .
                    '</ul>';
    }
}
