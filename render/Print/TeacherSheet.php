<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Words;

/**
 * What a teacher needs for a class pack: what is in it and what to spare, tools for each table, minutes of each stage, a line for each
 * board's owner, what to check at the end, and the faults to expect.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type StepShape from ManualDocument
 */
final readonly class TeacherSheet
{
    /** Pupils at a table, and the share of parts that a class loses or breaks: common practice, no source. */
    private const AT_TABLE = 2;
    private const LOST = 0.02;
    /** Kinds of which nobody loses one. */
    private const LARGE = ['board', 'enclosure', 'panel', 'battery', 'transformer', 'display', 'speaker'];
    /** Faults that one page holds. */
    private const FAULTS = 30;
    private const CSS = <<<'CSS'

        table { border-collapse: collapse; width: 100%; margin: 0 0 4mm; }
        td, th { text-align: left; padding: 0.7mm 2mm 0.7mm 0; vertical-align: top; }
        td, th { border-bottom: 0.2mm solid #dad3c3; }
        h2 { margin-top: 5mm; }
        ul { margin: 0 0 3mm; padding-left: 5mm; columns: 2; column-gap: 8mm; }
        li { break-inside: avoid; margin-bottom: 0.8mm; }
        .names td { height: 8.4mm; }
        .names th:nth-child(2) { width: 62mm; }
        .two { columns: 2; column-gap: 8mm; }
        .tick { display: inline-block; width: 4mm; height: 4mm; border: 0.3mm solid #1f282b; }
        .next { break-before: page; }
        CSS;

    private function __construct(private Words $words) {}

    /**
     * @param ManualShape $manual
     * @param int<1, max> $pupils
     */
    public static function of(array $manual, int $pupils, string $fonts): string
    {
        $words = Words::in($manual['language'] ?? 'en', $manual['units'] ?? 'mm');

        return (new self($words))->sheet($manual, $pupils, $fonts);
    }

    /**
     * @param ManualShape $manual
     * @param int<1, max> $pupils
     */
    private function sheet(array $manual, int $pupils, string $fonts): string
    {
        $title = $this->said('teacher.title', [
            'kit' => $manual['kit'],
            'revision' => $manual['revision'],
            'pupils' => $pupils,
        ]);
        $body =
            "<h1>{$title}</h1><p>{$this->said('teacher.time', [
                'time' => (new TimeText($this->words))->of($manual),
            ])}</p>" .
            $this->cautions($manual) .
            $this->stages($manual) .
            $this->tools($manual, $pupils) .
            $this->contents($manual['bags'], $pupils) .
            $this->names($manual, $pupils) .
            $this->end($manual) .
            $this->faults($manual);

        return PrintPage::html(
            $title,
            "{$fonts}\n" . Paper::named($manual['paper'])->css() . self::CSS,
            $body,
            $this->words->language,
        );
    }

    /** @param ManualShape $manual */
    private function cautions(array $manual): string
    {
        return $this->head('teacher.mind') .
            $this->list([...$manual['cautions'], $this->words->sentence('buyer.local')]);
    }

    /** @param ManualShape $manual */
    private function stages(array $manual): string
    {
        $rows = '';
        $minutes = 0.0;
        $from = null;
        $left = count($manual['steps']);
        foreach ($manual['steps'] as $step) {
            $minutes += $step['minutes'];
            $from ??= $step['number'];
            --$left;
            if ($step['gate'] !== null || $left === 0) {
                $rows .=
                    "<tr><td class=\"num\">{$from}–{$step['number']}</td><td>" .
                    Markup::text($step['title']) .
                    '</td><td class="num">' .
                    $this->said('teacher.minutes', ['minutes' => (string) (int) ceil($minutes)]) .
                    '</td></tr>';
                [$minutes, $from] = [0.0, null];
            }
        }

        return $this->head('teacher.stages') .
            "<table><tr><th class=\"num\">{$this->said('teacher.steps')}</th><th>{$this->said('teacher.until')}</th>" .
            "<th class=\"num\">{$this->said('teacher.one')}</th></tr>{$rows}</table>";
    }

    /**
     * @param ManualShape $manual
     * @param int<1, max> $pupils
     */
    private function tools(array $manual, int $pupils): string
    {
        return $this->head('teacher.tools', [
            'tables' => (string) (int) ceil($pupils / self::AT_TABLE),
            'pupils' => (string) self::AT_TABLE,
        ]) . $this->list($manual['tools']);
    }

    /**
     * @param Bags $bags
     * @param int<1, max> $pupils
     */
    private function contents(array $bags, int $pupils): string
    {
        $rows = '';
        foreach ($bags['bags'] as $bag) {
            foreach ($bag['items'] as $item) {
                $all = $item['quantity'] * $pupils;
                $spare = in_array($item['kind'], self::LARGE, true) ? 0 : (int) ceil($all * self::LOST);
                $rows .=
                    '<tr><td class="num"><b>' .
                    $all .
                    '</b></td><td>' .
                    Markup::text(trim("{$item['value']}, {$item['kindName']}", ', ')) .
                    ($item['length'] === null ? '' : ', ' . Markup::text((string) $item['length']) . ' mm') .
                    '</td><td class="num">' .
                    ($spare === 0 ? '' : "+ {$spare}") .
                    '</td><td>' .
                    Markup::text($bag['name']) .
                    '</td></tr>';
            }
        }
        $brought = array_map(
            static fn(array $each): string => trim("{$each['value']}, {$each['kindName']}", ', '),
            $bags['brought'],
        );

        return $this->head('teacher.contents') .
            "<div class=\"two\"><table><tr><th class=\"num\">{$this->said('teacher.in-all')}</th><th></th>" .
            "<th class=\"num\">{$this->said('teacher.spare')}</th><th>{$this->said(
                'print.lot-bag',
            )}</th></tr>{$rows}</table></div>" .
            ($brought === [] ? '' : $this->head('print.not-in') . $this->list($brought));
    }

    /**
     * @param ManualShape $manual
     * @param int<1, max> $pupils
     */
    private function names(array $manual, int $pupils): string
    {
        $gates = array_values(array_filter($manual['steps'], static fn(array $step): bool => $step['gate'] !== null));
        $heads = implode(
            '',
            array_map(static fn(array $gate): string => '<th>' . Markup::text($gate['title']) . '</th>', $gates),
        );
        $ticks = str_repeat('<td><span class="tick"></span></td>', count($gates));
        $rows = implode(
            '',
            array_map(
                static fn(int $number): string => "<tr><td class=\"num\">{$number}</td><td></td>{$ticks}</tr>",
                range(1, $pupils),
            ),
        );

        return "<section class=\"next\">{$this->head('teacher.names')}<p>{$this->said('teacher.write-on')}</p>" .
            "<table class=\"names\"><tr><th></th><th>{$this->said(
                'teacher.name',
            )}</th>{$heads}</tr>{$rows}</table></section>";
    }

    /** @param ManualShape $manual */
    private function end(array $manual): string
    {
        $last = $manual['steps'][count($manual['steps']) - 1] ?? null;
        if ($last === null) {
            return '';
        }
        $expects = [];
        foreach ($manual['steps'] as $step) {
            foreach ($step['tests'] as $test) {
                $expects[] = "{$step['number']}. {$test['name']}: {$test['expect']}";
            }
        }

        return $this->head('teacher.end') . $this->list([...$last['tips'], ...$expects]);
    }

    /** @param ManualShape $manual */
    private function faults(array $manual): string
    {
        // The first of a step is what is its own; joints and neighbouring holes are everywhere.
        $faults = [$this->words->sentence('teacher.joints')];
        foreach ($manual['steps'] as $step) {
            $own = $step['mistakes'][0] ?? null;
            if ($own !== null && count($step['mistakes'] ?? []) > 1) {
                $faults[] = "{$step['number']}. {$own}";
            }
        }
        // What can harm or hurt is told first where not all fits on the page.
        $harm = array_values(
            array_unique(
                array_merge(
                    ...array_map(
                        static fn(array $step): array => array_map(
                            static fn(array $callout): string => "{$step['number']}. {$callout['text']}",
                            array_values(
                                array_filter(
                                    $step['callouts'],
                                    static fn(array $callout): bool => in_array(
                                        $callout['consequence'],
                                        ['destroys-others', 'can-hurt'],
                                        true,
                                    ),
                                ),
                            ),
                        ),
                        $manual['steps'],
                    ),
                    ...[[]],
                ),
            ),
        );

        return "<section class=\"next\">{$this->head('teacher.faults')}" .
            $this->list(array_slice([...$harm, ...$faults], 0, self::FAULTS)) .
            '</section>';
    }

    /** @param array<string, string> $arguments */
    private function head(string $code, array $arguments = []): string
    {
        return "<h2>{$this->said($code, $arguments)}</h2>";
    }

    /** @param array<string, string|int> $arguments */
    private function said(string $code, array $arguments = []): string
    {
        return Markup::text($this->words->sentence($code, $arguments));
    }

    /** @param list<string> $lines */
    private function list(array $lines): string
    {
        return '<ul>' .
            implode('', array_map(static fn(string $line): string => '<li>' . Markup::text($line) . '</li>', $lines)) .
            '</ul>';
    }
}
