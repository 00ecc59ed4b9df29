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
}
