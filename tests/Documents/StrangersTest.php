<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\ManualPlanner;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\TextManual;
use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kits of makers who do not know the product: what a practitioner would do is what the advice says; common practice, no source. */
final class StrangersTest extends TestCase
{
    /** Share of the words of a harmless kit's manual that may be cautions. */
    private const CAUTIONS = 0.1;

    /** @return iterable<string, array{string, list<string>}> kit, its last steps */
    public static function ends(): iterable
    {
        yield 'mains: the supply is whole before it is measured' => [
            'pump-timer',
            ['bolt U1 HS1', 'solder U1 HS1', 'solder T1', 'gate 12 V', 'insert U2', 'adjust RV1', 'gate finished'],
        ];
        yield 'two boards: plugged together when all else is soldered' => [
            'tide-clock',
            ['place J1 J2', 'tack J1 J2', 'solder J1', 'solder J2', 'insert U1', 'gate finished'],
        ];
        yield 'a box: what the lid holds, the test, the box, the test again, the knobs' => [
            'tone-box',
            [
                'insert IC1',
                'solder W1 W2 W3',
                'gate finished',
                'bolt H1 H2 H3 H4',
                'place ~22',
                'place GEH1',
                'gate boxed',
                'place ~21',
            ],
        ];
        yield 'a chassis: the case first, the parts in it, then the wires' => [
            'line-selector',
            [
                'place CH1',
                'place ~11',
                'place J1 J2 J3 J4 J5 J6',
                'place J7 J8 J9 J10',
                'place RV1',
                'place SW1',
                'solder W1 W2 W3 W4 W5',
                'gate finished',
                'place ~10',
            ],
        ];
        yield 'all on the bottom' => ['step-light', ['solder J1 C1', 'gate finished']];
        yield 'a list alone' => ['door-chime', ['insert U1', 'place HP1']];
    }

    /** @param list<string> $last */
    #[DataProvider('ends')]
    public function test_the_end_of_the_build_is_what_a_practitioner_would_do(string $name, array $last): void
    {
        $words = array_map(
            static fn(Step $step): string => "{$step->action->value} " .
                ($step->names() === [] ? $step->what : implode(' ', $step->names())),
            self::order(self::kit($name))->steps,
        );

        self::assertSame($last, array_slice($words, -count($last)), implode(', ', $words));
    }

    public function test_links_lie_under_the_socket_and_go_in_first(): void
    {
        $main = array_values(
            array_filter(
                self::order(self::kit('tide-clock'))->steps,
                static fn(Step $step): bool => $step->face?->board === 'main',
            ),
        );

        self::assertSame(['W1', 'W2', 'W3', 'W4'], $main[0]->names());
    }

    /** @return iterable<string, array{string, list<string>}> kit, what blocks or warns */
    public static function matters(): iterable
    {
        yield 'which connector, which diode, open questions of safety' => [
            'pump-timer',
            ['parts.kind-guess', 'marks.clamp-unsaid', 'safety.unanswered'],
        ];
        yield 'a hole that misses its lamp' => ['tone-box', ['board.hole-off']];
        yield 'sockets without wires' => ['line-selector', ['marks.part-unwired', 'board.none']];
        yield 'nothing measured before the first power' => ['step-light', ['bench.no-short-kit']];
        yield 'what letters and words disagree on' => ['door-chime', ['parts.kind-guess']];
    }

    /** @param list<string> $codes */
    #[DataProvider('matters')]
    public function test_what_a_practitioner_would_ask_is_asked(string $name, array $codes): void
    {
        $kit = self::kit($name);
        $found = array_map(
            static fn(Matter $matter): string => $matter->code,
            (new Reviewer())->matters($kit, self::order($kit)),
        );

        self::assertSame([], array_diff($codes, $found), implode(', ', array_unique($found)));
        self::assertNotContains('order.no-step', $found);
    }

    /** @return iterable<string, array{string}> */
    public static function harmless(): iterable
    {
        yield 'two boards' => ['tide-clock'];
        yield 'a box' => ['tone-box'];
        yield 'all on the bottom' => ['step-light'];
    }

    #[DataProvider('harmless')]
    public function test_of_a_harmless_kit_s_words_at_most_a_tenth_are_cautions(string $name): void
    {
        $kit = self::kit($name);
        $order = self::order($kit);
        $words = Words::english();
        $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));
        $document = (new ManualDocument($words))->of($manual);
        $said = $document['cautions'];
        foreach ($document['steps'] as $step) {
            array_push($said, ...$step['cautions'], ...[$step['reminder'] ?? '']);
        }
        $all = str_word_count(TextManual::plain()->of($document));

        self::assertLessThanOrEqual(self::CAUTIONS, str_word_count(implode(' ', $said)) / $all);
    }

    public function test_a_mains_kit_says_its_danger_in_full_where_it_can_kill_first_and_short_after(): void
    {
        $kit = self::kit('pump-timer');
        $order = self::order($kit);
        $document = (new ManualDocument(Words::english()))->of(
            (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order)),
        );
        $full = array_filter(
            $document['steps'],
            static fn(array $step): bool => str_contains(implode(' ', $step['cautions']), 'Never work on it live'),
        );
        $short = array_filter(
            $document['steps'],
            static fn(array $step): bool => str_contains($step['reminder'] ?? '', 'unplug first'),
        );

        self::assertCount(1, $full);
        self::assertGreaterThanOrEqual(2, count($short));
        self::assertLessThan(min(array_column($short, 'number')), min(array_column($full, 'number')));
    }

    private static function kit(string $name): Kit
    {
        return (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__) . "/kits/{$name}"));
    }

    private static function order(Kit $kit): BuildOrder
    {
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);

        return $order;
    }
}
