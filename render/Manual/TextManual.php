<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;

/**
 * The manual as Markdown, or as plain text without its signs.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type StepShape from ManualDocument
 * @phpstan-import-type Faq from HtmlManual
 */
final readonly class TextManual
{
    private function __construct(private bool $signs) {}

    public static function markdown(): self
    {
        return new self(true);
    }

    public static function plain(): self
    {
        return new self(false);
    }

    /**
     * @param ManualShape $document of `manual`
     * @param list<Faq> $faq
     */
    public function of(array $document, array $faq = []): string
    {
        $lines = [$this->heading(1, "{$document['kit']}, revision {$document['revision']}"), '', count($document['steps']) . " steps, {$document['joints']} joints, about " . (int) round($document['minutes']) . ' minutes.' . implode('', array_map(static fn(array $option): string => " {$option['name']}: {$option['value']}.", $document['choice'])), '', $this->heading(2, 'Before you begin'), ''];
        array_push($lines, ...array_map(fn(string $text): string => '- ' . $this->text($text), $document['cautions']));
        array_push($lines, '', $this->heading(2, 'What is in the kit'));
        foreach ($document['bags']['bags'] as $bag) {
            array_push($lines, '', $this->heading(3, "Bag {$bag['name']}: {$bag['title']}"), '');
            foreach ($bag['items'] as $item) {
                $names = str_starts_with($item['designators'][0], '~') ? '' : ' (' . implode(', ', $item['designators']) . ')';
                $lines[] = '- [ ] ' . $this->text("{$item['quantity']} x {$item['value']}, {$item['kindName']}{$names}" . $this->marking($item['marking']));
            }
        }
        foreach ($document['bags']['brought'] as $part) {
            array_push($lines, '', $this->text("You bring {$part['designator']}: {$part['value']}, {$part['kindName']}."));
        }
        array_push($lines, '', $this->heading(2, 'Tools'), '', ...array_map(fn(string $tool): string => '- ' . $this->text($tool), $document['tools']));
        array_push($lines, '', $this->heading(2, 'Build it'));
        foreach ($document['steps'] as $step) {
            array_push($lines, '', ...$this->step($step));
        }
        if ($faq !== []) {
            array_push($lines, '', $this->heading(2, 'When it does not work'));
            foreach ($faq as $entry) {
                array_push($lines, '', $this->heading(3, $entry['question']), '', $this->text($entry['answer']) . " Reported {$entry['count']} times." . ($entry['step'] === null ? '' : " See step {$entry['step']}."));
            }
        }

        return implode("\n", $lines) . "\n";
    }

    /**
     * @param StepShape $step
     * @return list<string>
     */
    private function step(array $step): array
    {
        $lines = [$this->heading(3, "{$step['number']}. {$step['title']}"), ''];
        foreach ($step['parts'] as $part) {
            $lines[] = '- [ ] ' . $this->text(trim("{$part['designator']}: {$part['value']} {$part['kindName']}") . $this->marking($part['marking']));
        }
        foreach ($step['cautions'] as $text) {
            array_push($lines, '', $this->strong('Caution: ') . $this->text($text));
        }
        foreach (array_diff([$step['note'], ...array_unique(array_column($step['parts'], 'hold')), ...$step['tips']], ['']) as $text) {
            array_push($lines, '', $this->text($text));
        }
        foreach ($step['callouts'] as $callout) {
            array_push($lines, '', $this->strong($callout['designator']) . ' ' . $this->text($callout['text']));
        }
        foreach ($step['tests'] as $test) {
            array_push($lines, '', $this->text("{$test['name']}: " . TestText::how($test) . ", expect {$test['expect']}." . ($test['otherwise'] === '' ? '' : " Otherwise: {$test['otherwise']}.")));
        }
        foreach (is_array($step['remaining']) ? $step['remaining'] : [] as $bag => $names) {
            array_push($lines, '', $this->text($names === [] ? "Bag {$bag} is empty now." : "Bag {$bag} still holds " . implode(', ', $names) . '.'));
        }

        return $lines;
    }

    private function heading(int $level, string $text): string
    {
        return $this->signs ? str_repeat('#', $level) . ' ' . $this->text($text) : ($level === 3 ? $text : mb_strtoupper($text));
    }

    private function strong(string $text): string
    {
        return $this->signs ? '**' . $this->text(rtrim($text)) . '**' . (str_ends_with($text, ' ') ? ' ' : '') : $text;
    }

    /** What people typed must not turn into signs of Markdown or into HTML. */
    private function text(string $text): string
    {
        $text = (string) preg_replace('~\s+~u', ' ', $text);

        return $this->signs ? addcslashes($text, '\\`*_[]<>#|') : $text;
    }

    /** @param ?array{type: string, bands: list<string>, text: string} $marking */
    private function marking(?array $marking): string
    {
        return match ($marking['type'] ?? '') {
            'bands' => ': ' . implode(', ', $marking['bands']),
            'band' => ', ' . $marking['text'],
            'code' => ', marked ' . $marking['text'],
            default => '',
        };
    }
}
