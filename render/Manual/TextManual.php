<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use Chiralex\Bom\Designators;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Text\HoldText;
use ChiralexRender\Text\Markdown;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Words;

/**
 * The manual as Markdown, or as plain text without its signs.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type StepShape from ManualDocument
 * @phpstan-import-type Faq from HtmlManual
 */
final readonly class TextManual
{
    private function __construct(private bool $signs, private Words $words) {}

    public static function markdown(): self
    {
        return new self(true, Words::english());
    }

    public static function plain(): self
    {
        return new self(false, Words::english());
    }

    /**
     * In the language and the units of the document.
     *
     * @param ManualShape $document of `manual`
     * @param list<Faq> $faq
     */
    public function of(array $document, array $faq = []): string
    {
        return (new self($this->signs, Words::in($document['language'] ?? 'en', $document['units'] ?? 'mm')))->written(
            $document,
            $faq,
        );
    }

    /**
     * @param ManualShape $document
     * @param list<Faq> $faq
     */
    private function written(array $document, array $faq): string
    {
        $time = (new TimeText($this->words))->of($document);
        $lines = [
            $this->heading(
                1,
                $this->words->sentence('page.foot', ['kit' => $document['kit'], 'revision' => $document['revision']]),
            ),
            '',
            $this->words->sentence('page.subtitle', [
                'revision' => $document['revision'],
                'steps' => count($document['steps']),
                'joints' => $document['joints'],
                'time' => $time,
            ]) .
            implode(
                '',
                array_map(
                    static fn(array $option): string => " {$option['name']}: {$option['value']}.",
                    $document['choice'],
                ),
            ),
            '',
            ...$this->own($document, 'intro'),
            ...$this->chapter('page.begin'),
            '',
        ];
        array_push($lines, ...array_map(fn(string $text): string => '- ' . $this->text($text), $document['cautions']));
        array_push($lines, '', ...$this->chapter('page.what-is-in'));
        foreach ($document['bags']['bags'] as $bag) {
            array_push(
                $lines,
                '',
                $this->heading(
                    3,
                    $this->words->sentence('page.bag', ['bag' => $bag['name'], 'title' => $bag['title']]),
                ),
                '',
            );
            foreach ($bag['items'] as $item) {
                $names = !Designators::isNamed($item['designators'][0])
                    ? ''
                    : ' (' . implode(', ', $item['designators']) . ')';
                $lines[] =
                    '- [ ] ' .
                    $this->text(
                        "{$item['quantity']} x {$item['value']}, {$item['kindName']}{$names}" .
                            $this->marking($item['marking']),
                    );
            }
        }
        foreach ($document['bags']['brought'] as $part) {
            array_push(
                $lines,
                '',
                $this->text(
                    "{$this->words->sentence(
                        'page.you-bring',
                    )}: {$part['designator']}, {$part['value']}, {$part['kindName']}.",
                ),
            );
        }
        array_push(
            $lines,
            '',
            ...$this->chapter('page.tools'),
            ...['', ...array_map(fn(string $tool): string => '- ' . $this->text($tool), $document['tools'])],
        );
        array_push($lines, '', ...$this->chapter('page.build'), ...$this->own($document, 'before'));
        foreach ($document['steps'] as $step) {
            array_push($lines, '', ...$this->step($step));
        }
        array_push(
            $lines,
            ...$this->own($document, 'use'),
            ...$this->questions($faq),
            ...$this->blocks($document),
            ...$this->connectors($document),
        );

        $text = implode("\n", $lines) . "\n";

        // Whoever shows the Markdown shows no tag, comment or reference that a person typed.
        return $this->signs ? (string) preg_replace('~(?<!\\\\)<(?=[a-z/!?])~i', '&lt;', $text) : $text;
    }

    /**
     * @param StepShape $step
     * @return list<string>
     */
    private function step(array $step): array
    {
        $lines = [$this->heading(3, "{$step['number']}. {$step['title']}"), ''];
        foreach ($step['parts'] as $part) {
            $lines[] =
                '- [ ] ' .
                $this->text(
                    trim(self::called($part) . " {$part['value']} {$part['kindName']}") .
                        $this->marking($part['marking']),
                );
        }
        foreach ($step['cautions'] as $text) {
            array_push($lines, '', $this->strong("{$this->words->sentence('page.caution')}: ") . $this->text($text));
        }
        if (($step['reminder'] ?? '') !== '') {
            array_push($lines, '', $this->text("{$this->words->sentence('page.caution')}: {$step['reminder']}"));
        }
        foreach (
            array_diff(
                [
                    ...$step['watch'] ?? [],
                    $step['note'],
                    ...$step['holds'] ?? HoldText::lines($step['parts']),
                    ...$step['tips'],
                ],
                [''],
            ) as $text
        ) {
            array_push($lines, '', $this->text($text));
        }
        foreach ($step['callouts'] as $callout) {
            array_push($lines, '', $this->strong($callout['designator']) . ' ' . $this->text($callout['text']));
        }
        foreach ($step['tests'] as $test) {
            $otherwise =
                $test['otherwise'] === ''
                    ? ''
                    : ' ' . $this->words->sentence('page.otherwise', ['otherwise' => $test['otherwise']]);
            array_push(
                $lines,
                '',
                $this->text(
                    "{$test['name']}: " .
                        TestText::how($test, $this->words) .
                        ", {$this->words->sentence('page.expect', ['expect' => $test['expect']])}.{$otherwise}",
                ),
            );
        }
        foreach (is_array($step['remaining']) ? $step['remaining'] : [] as $bag => $names) {
            array_push(
                $lines,
                '',
                $this->text(
                    $names === []
                        ? $this->words->sentence('page.bag-empty', ['bag' => (string) $bag])
                        : $this->words->sentence('page.bag-holds', [
                            'bag' => (string) $bag,
                            'names' => implode(', ', $names),
                        ]),
                ),
            );
        }

        return $lines;
    }

    /**
     * @param list<Faq> $faq
     * @return list<string>
     */
    private function questions(array $faq): array
    {
        $lines = $faq === [] ? [] : ['', ...$this->chapter('page.not-working')];
        foreach ($faq as $entry) {
            $said =
                $entry['count'] === 1
                    ? $this->words->sentence('page.reported-once')
                    : $this->words->sentence('page.reported', ['count' => $entry['count']]);
            array_push(
                $lines,
                '',
                $this->heading(3, $entry['question']),
                '',
                $this->text($entry['answer']) .
                    " {$said}" .
                    ($entry['step'] === null
                        ? '.'
                        : ", {$this->words->sentence('page.see-step', ['step' => $entry['step']])}."),
            );
        }

        return $lines;
    }

    /**
     * @param ManualShape $document
     * @return list<string>
     */
    private function blocks(array $document): array
    {
        $blocks = $document['blocks'] ?? [];
        $lines = $blocks === [] ? [] : ['', ...$this->chapter('page.how')];
        foreach ($blocks as $block) {
            array_push(
                $lines,
                '',
                $this->heading(3, $this->words->sentence('page.block', ['block' => $block['name']])),
                '',
                ...$block['markdown'] === '' ? [] : [$block['markdown'], ''],
            );
            $lines[] = $this->text(BlockText::of($block, $this->words));
        }

        return $lines;
    }

    /**
     * @param ManualShape $document
     * @return list<string>
     */
    private function connectors(array $document): array
    {
        $connectors = $document['connectors'] ?? [];
        $lines = $connectors === [] ? [] : ['', ...$this->chapter('page.connectors')];
        foreach ($connectors as $connector) {
            array_push($lines, '', $this->heading(3, $connector['designator']), '');
            foreach ($connector['pins'] as $pin) {
                $facts = array_diff([$pin['net'], $pin['volts'], $pin['mark'], implode(', ', $pin['to'])], ['']);
                $lines[] = '- ' . $this->text("{$pin['pin']}: " . implode('; ', $facts));
            }
        }

        return $lines;
    }

    /**
     * What the maker wrote is Markdown already.
     *
     * @param ManualShape $document
     * @return list<string>
     */
    private function own(array $document, string $place): array
    {
        $lines = [];
        foreach ($document['texts'] ?? [] as $text) {
            array_push($lines, ...$text['place'] === $place ? ['', $text['markdown'], ''] : []);
        }

        return $lines;
    }

    /** @return list<string> */
    private function chapter(string $code): array
    {
        return [$this->heading(2, $this->words->sentence($code))];
    }

    private function heading(int $level, string $text): string
    {
        return $this->signs
            ? str_repeat('#', $level) . ' ' . $this->text($text)
            : ($level === 3
                ? $text
                : mb_strtoupper($text));
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
            'bands' => ': ' . implode(', ', array_map($this->words->colour(...), $marking['bands'])),
            'band' => ', ' . $this->words->mark(str_starts_with($marking['text'], 'dark') ? 'dark-band' : 'light-band'),
            'code' => ', ' . $this->words->sentence('page.marked', ['text' => $marking['text']]),
            default => '',
        };
    }

    /** @param array{designator: string, label?: string, ...<string, mixed>} $part */
    private static function called(array $part): string
    {
        return Designators::isNamed($part['designator']) ? "{$part['designator']}:" : $part['label'] ?? '';
    }
}
