<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Likeness\NoticedWords;
use Chiralex\Fault\Symptom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NoticedWordsTest extends TestCase
{
    /** @return iterable<string, array{string, ?Symptom, list<string>}> */
    public static function letters(): iterable
    {
        yield 'hot in German' => ['Der Chip U1 wird sehr heiß.', Symptom::Hot, ['U1']];
        yield 'dead' => ['Nothing happens at all, D1 looks fine.', Symptom::Nothing, ['D1']];
        yield 'a lamp' => ['Die Lampe bleibt dunkel.', Symptom::LampDark, []];
        yield 'dead, so that the lamp is dark' => [
            'It does nothing at all, the lamp stays dark.',
            Symptom::Nothing,
            [],
        ];
        yield 'a part' => ['R3 is missing in my kit', Symptom::Missing, ['R3']];
        yield 'light without sound' => ['The lamp lights but it stays silent.', Symptom::LightNoSound, []];
        yield 'no part of the kit' => ['Q77 nothing happens', Symptom::Nothing, []];
        yield 'nothing that tells' => ['Thank you for the lovely kit!', null, []];
        yield 'no words' => ['', null, []];
    }

    /** @param list<string> $parts */
    #[DataProvider('letters')]
    public function test_what_a_letter_notices_is_guessed_from_its_words(
        string $text,
        ?Symptom $symptom,
        array $parts,
    ): void {
        $read = NoticedWords::of($text, ['U1' => 'timer', 'D1' => 'diode', 'R3' => 'resistor']);
        self::assertSame([$symptom, $parts], [$read->symptom, $read->parts]);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function turned(): iterable
    {
        yield 'the wrong end' => ['I looked at D1 once more, its band is at the wrong end.', ['D1']];
        yield 'in German' => ['D1 war verkehrt herum. Jetzt geht nichts mehr.', ['D1']];
        yield 'denied' => ['D1 is not reversed.', []];
        yield 'denied shortly' => ["D1 isn't the wrong way round", []];
        yield 'asked' => ['Is D1 reversed?', []];
        yield 'of one of two' => ['D1 or R3 is reversed.', []];
        yield 'of no part of the kit' => ['D9 is reversed.', []];
        yield 'another sentence' => ['D1 is new. It blinks backwards.', []];
        yield 'two, one sentence each' => ['D1 was the wrong way round! U1 is backwards too.', ['D1', 'U1']];
    }

    /** @param list<string> $parts */
    #[DataProvider('turned')]
    public function test_a_part_that_lies_the_wrong_way_round_is_read_where_it_is_said(string $text, array $parts): void
    {
        $known = ['U1' => 'timer', 'D1' => 'diode', 'R3' => 'resistor'];
        self::assertSame($parts, NoticedWords::of($text, $known)->turned);
    }
}
