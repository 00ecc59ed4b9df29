<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every sentence the product can say, its places filled; the whole list is written to var/sentences-*.txt for whoever reads it. */
final class SentencesTest extends TestCase
{
    /** Told of several only: one has a sentence of its own, or cannot be. */
    private const SEVERAL = [
        'page.reported',
        'buyer.readings',
        'file.read.objects',
        'twin.dielectric',
        'bom.quantity-too-large',
    ];

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        yield 'English' => ['en'];
        yield 'German' => ['de'];
    }

    #[DataProvider('languages')]
    public function test_no_sentence_doubles_a_word_leaves_a_place_empty_or_counts_one_as_many(string $language): void
    {
        $words = Words::in($language);
        $read = $faults = [];
        foreach ($words->codes() as $code) {
            foreach ([true, false] as $one) {
                $said = $words->sentence($code, SampleArguments::for($words->template($code), $one));
                $read[$said] ??= $code;
                $alone = $one && !$words->knows("{$code}-one") && !in_array($code, self::SEVERAL, true);
                foreach (self::faults($said, $alone) as $fault) {
                    $faults[] = "{$fault}: {$code}: {$said}";
                }
            }
        }
        $list = implode(
            "\n",
            array_map(static fn(string $code, string $said): string => "{$code}\t{$said}", $read, array_keys($read)),
        );
        file_put_contents(dirname(__DIR__, 2) . "/var/sentences-{$language}.txt", $list . "\n");

        self::assertSame([], $faults);
    }

    /** @return list<string> what is wrong with it */
    private static function faults(string $said, bool $one): array
    {
        $faults = [];
        if (preg_match('~\b(\p{L}{2,})\s+\1\b~iu', $said) === 1) {
            $faults[] = 'doubled';
        }
        if (preg_match('~\{[a-z_]+\}~i', $said) === 1) {
            $faults[] = 'not filled';
        }
        if (preg_match('~  | [,.;:!?](?:\s|$)|\(\s*\)|,\s*[,.]|(?<!\.)\.\.(?!\.)|:\s*\.~u', $said) === 1) {
            $faults[] = 'empty';
        }
        if ($one && preg_match('~(?<![\d.,])\b1 (?!is |was |has |times )\p{L}+(?<!s)s\b(?!:)~u', $said) === 1) {
            $faults[] = 'one as many';
        }

        return $faults;
    }
}
