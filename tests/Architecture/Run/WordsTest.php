<?php

declare(strict_types=1);

namespace Tests\Architecture\Run;

use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\Symptom;
use Chiralex\Part\Consequence;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;
use ChiralexRender\Words;
use PHPUnit\Framework\TestCase;

/** Words are data: every code the core can say has its sentence. */
final class WordsTest extends TestCase
{
    public function test_every_code_written_in_the_core_has_an_english_sentence(): void
    {
        $words = Words::english();
        $codes = [];
        foreach (
            explode(
                "\n",
                (string) shell_exec(
                    'grep -rhoE "\'(bom|value|placement|parts|board|order|marks|alike|kind|caution|bags|tool|tip|manual|faults|reading|depends|twin|layer|pilot|time|need|safety|bench|hold|drill)\.[a-z-]+\'" ' .
                        escapeshellarg(dirname(__DIR__, 3) . '/core/src'),
                ),
            ) as $line
        ) {
            if ($line !== '' && preg_match('~\.(csv|tsv|txt|xlsx)\b~', $line) !== 1) {
                $codes[trim($line, "'")] = true;
            }
        }
        self::assertGreaterThan(60, count($codes));
        foreach (array_keys($codes) as $code) {
            self::assertTrue($words->knows($code), "no sentence for {$code}");
        }
        foreach (
            [
                ...array_map(static fn(Symptom $each): string => "symptom.{$each->value}", Symptom::cases()),
                ...array_map(static fn(Cause $each): string => "cause.{$each->value}", Cause::cases()),
                ...array_map(static fn(FaultOrigin $each): string => "origin.{$each->value}", FaultOrigin::cases()),
            ] as $code
        ) {
            self::assertTrue($words->knows($code), $code);
        }
        foreach (Hold::cases() as $hold) {
            self::assertTrue($words->knows("hold.{$hold->value}"), $hold->value);
        }
    }

    public function test_german_has_every_phrase_a_builder_reads(): void
    {
        $here = dirname(__DIR__, 3) . '/render/words';
        $read = static fn(string $language): array => (require "{$here}/{$language}/sentences.php") +
            (require "{$here}/{$language}/manual.php") +
            (require "{$here}/{$language}/page.php") +
            (require "{$here}/{$language}/print.php");
        $english = array_filter(
            array_map(strval(...), array_keys($read('en'))),
            static fn(string $code): bool => preg_match(
                '~^(page|callout|buyer|sheet|drill|hold|caution|tip|tool|hand|mistake|trace|print|teacher)\.|^bags\.(?!apart|look-alikes|glass-heavy|board-alone|moved)|^manual\.(loose|wire|either-way|has-direction)$~',
                $code,
            ) === 1,
        );
        self::assertGreaterThan(150, count($english));
        self::assertSame([], array_values(array_diff($english, array_keys($read('de')))), 'missing in German');
        self::assertSame([], array_values(array_diff(array_keys($read('de')), $english)), 'in German only');
        foreach ($english as $code) {
            preg_match_all('~\{[a-z-]+\}~', $read('en')[$code], $wanted);
            preg_match_all('~\{[a-z-]+\}~', $read('de')[$code], $found);
            self::assertEqualsCanonicalizing(array_unique($wanted[0]), array_unique($found[0]), $code);
        }
        $names = static fn(string $language): array => array_map(
            static fn(array $group): array => array_keys($group),
            require $here . '/' . $language . '/names.php',
        );
        self::assertEqualsCanonicalizing($names('en')['kind'], $names('de')['kind']);
        foreach (['mark', 'consequence', 'direction', 'edge', 'action'] as $group) {
            self::assertEqualsCanonicalizing($names('en')[$group], $names('de')[$group], $group);
        }
    }

    public function test_every_kind_mark_and_consequence_has_its_name(): void
    {
        $words = Words::english();
        foreach (Kind::cases() as $kind) {
            self::assertTrue($kind === Kind::Unknown || $words->kind($kind, true) !== $kind->value, $kind->value);
        }
        foreach (Mark::cases() as $mark) {
            self::assertNotSame('', $words->mark($mark->value));
        }
        foreach (Consequence::cases() as $consequence) {
            self::assertNotSame('', $words->consequence($consequence->value));
        }
    }
}
