<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Svg\Num;

/**
 * One page for whoever thinks of buying the kit: what is in, what is not, what it takes, what it runs from, what to mind.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class BuyerSheet
{
    /**
     * @param ManualShape $manual
     * @param list<string> $boards SVG of each board with everything on it
     */
    public function of(array $manual, array $boards, string $fonts): string
    {
        $title = Num::text("{$manual['kit']}, revision {$manual['revision']}");
        $choice = implode(', ', array_map(static fn(array $option): string => "{$option['name']}: {$option['value']}", $manual['choice']));
        $body = "<h1>{$title}: before you buy</h1>" . ($choice === '' ? '' : '<p class="quiet">' . Num::text($choice) . '</p>')
            . '<div class="first"><div class="boards">' . implode('', $boards) . '</div><section>' . $this->effort($manual) . $this->list('It runs from', [$manual['supply'] ?? '']) . $this->list('You need besides', $this->brought($manual)) . '</section></div>'
            . '<div class="wide">' . $this->inside($manual) . $this->list('Tools', $manual['tools']) . $this->list('Mind', [...$manual['cautions'], 'Local rules come first.']) . '</div>';

        return PrintPage::html("{$title}: before you buy", $fonts . "\n" . PrintCss::of('buyer', $manual['paper'], "{$manual['kit']}, revision {$manual['revision']}"), $body);
    }

    /** @param ManualShape $manual */
    private function effort(array $manual): string
    {
        $elapsed = $manual['elapsed'] ?? $manual['minutes'];
        $time = self::hours($manual['minutes']) . ' at the bench' . ($elapsed > $manual['minutes'] + 5 ? ', ' . self::hours($elapsed) . ' with the pauses while something dries' : '');
        $tests = count(array_merge(...array_column($manual['steps'], 'tests'), ...[[]]));

        return $this->list('What it takes', [
            $manual['skill'] === 'practised' ? 'Somebody who has built kits before' : 'A beginner with some patience',
            $time,
            "{$manual['joints']} joints to solder in " . count($manual['steps']) . ' steps',
            $tests === 0 ? '' : ($tests === 1 ? 'One reading' : "{$tests} readings") . ' to take along the way',
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

        return $this->list('What is in', array_map(static fn(string $name, int $count): string => $count === 0 ? $name : "{$count} \u{00D7} {$name}", array_keys($pieces), array_values($pieces)));
    }

    /**
     * @param ManualShape $manual
     * @return list<string>
     */
    private function brought(array $manual): array
    {
        return array_map(static fn(array $part): string => "{$part['value']}, {$part['kindName']}", $manual['bags']['brought']);
    }

    /** @param list<string> $lines */
    private function list(string $title, array $lines): string
    {
        $lines = array_filter($lines, static fn(string $line): bool => $line !== '');

        return $lines === [] ? '' : "<h2>{$title}</h2><ul>" . implode('', array_map(static fn(string $line): string => '<li>' . Num::text($line) . '</li>', $lines)) . '</ul>';
    }

    private static function hours(float $minutes): string
    {
        $rounded = (int) (ceil($minutes / 10) * 10);

        return $rounded < 60 ? "{$rounded} minutes" : intdiv($rounded, 60) . ' h' . ($rounded % 60 === 0 ? '' : ' ' . $rounded % 60 . ' min');
    }
}
