<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

/**
 * Which form is which letter, learnt from the board itself: a legend prints the designators of its parts beside them, in
 * one type, so a form that stands for the same letter at many places is that letter. Limits by trial on two boards of others
 * (`tests/Reference/LettersOfExamplesTest`).
 */
final readonly class Alphabet
{
    /** Letters that look the same count as one. */
    private const SAME = ['O' => '0', 'I' => '1', 'µ' => 'U', 'μ' => 'U', ',' => '.'];
    private const ROUNDS = 8;
    /** A form is a letter where this share of what speaks for any says so. */
    private const SURE = 0.5;
    /** At first a form counts only where so many words speak of it: a word by itself can be another's. */
    private const OFTEN = [3.0, 2.0, 1.0];
    /** How far a form that is not known yet speaks for a letter: less where the letter has a form already. */
    private const OPEN = 0.2;
    private const TAKEN = 0.02;
    /** A third of a value known is enough to learn the rest of it. */
    private const HINT = 0.45;
    /** A word says a text where more than this share of its forms is known. */
    private const KNOWN = 0.5;

    /** @var array<array-key, true> letters that have a form */
    private array $taken;

    /** @param array<int, string> $letters by the number of their form */
    private function __construct(private array $letters)
    {
        $this->taken = array_fill_keys(array_values($letters), true);
    }

    /**
     * @param list<array{Word, array<array-key, float>}> $pairs words, each with the texts of its length that may stand there and
     * how near their parts are: 1 for nearest, towards 0
     */
    public static function learn(array $pairs): self
    {
        $alphabet = new self([]);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $alphabet = self::elected(
                $alphabet->votes($pairs, isset(self::OFTEN[$round]) ? 0.0 : self::KNOWN),
                self::OFTEN[$round] ?? 0.5,
            );
        }

        return $alphabet;
    }

    /**
     * The same, and letters that stand in no designator, `k` or `n`, from words whose other letters are known.
     *
     * @param list<array{Word, array<array-key, float>}> $pairs as for learning
     */
    public function and(array $pairs): self
    {
        $alphabet = $this;
        for ($round = 0; $round < count(self::OFTEN); ++$round) {
            $more = array_filter(
                self::elected($alphabet->votes($pairs, self::HINT), self::HINT)->letters,
                static fn(string $letter): bool => !isset($alphabet->taken[$letter]),
            );
            $alphabet = new self($alphabet->letters + $more);
        }

        return $alphabet;
    }

    /**
     * @param list<array{Word, array<array-key, float>}> $pairs
     * @param float $least only words speak of which more than this is known
     * @return array<int, array<array-key, float>> what speaks for each letter, by form
     */
    private function votes(array $pairs, float $least): array
    {
        $votes = [];
        foreach ($pairs as [$word, $texts]) {
            $weights = [];
            foreach ($texts as $text => $near) {
                $weight = $this->weight($word, (string) $text);
                $weights[$text] = $weight > $least ? $near * $weight ** 2 : 0.0;
            }
            $all = array_sum($weights);
            foreach ($all <= 0.0 ? [] : $weights as $text => $weight) {
                foreach (self::letters((string) $text) as $at => $letter) {
                    $form = $word->letters[$at];
                    $votes[$form][$letter] = ($votes[$form][$letter] ?? 0.0) + $weight / $all;
                }
            }
        }

        return $votes;
    }

    /** What a word says; `?` for a form that nothing tells. */
    public function read(Word $word): string
    {
        return implode('', array_map(fn(int $form): string => $this->letters[$form] ?? '?', $word->letters));
    }

    /** True where the word says this, a form that nothing tells standing for any letter; most forms must be told. */
    public function says(Word $word, string $text): bool
    {
        return mb_strlen($text) === count($word->letters) && $this->weight($word, $text) > self::KNOWN;
    }

    /** True where the word says just this, and each of its forms is known. */
    public function saysWhole(Word $word, string $text): bool
    {
        return mb_strlen($text) === count($word->letters) && implode('', self::letters($text)) === $this->read($word);
    }

    /** @return list<string> letters of a text, those that look the same as one */
    public static function letters(string $text): array
    {
        return array_map(
            static fn(string $letter): string => self::SAME[$letter] ?? $letter,
            mb_str_split(mb_strtoupper(str_replace('µ', 'U', $text))),
        );
    }

    /** From 0, where a form is known to be another letter, to 1, where all are known to be these. */
    private function weight(Word $word, string $text): float
    {
        $weight = 0.0;
        $letters = self::letters($text);
        foreach ($letters as $at => $letter) {
            $known = $this->letters[$word->letters[$at]] ?? null;
            if ($known !== null && $known !== $letter) {
                return 0.0;
            }
            $weight += $known !== null ? 1.0 : (isset($this->taken[$letter]) ? self::TAKEN : self::OPEN);
        }

        return $weight / count($letters);
    }

    /** @param array<int, array<array-key, float>> $votes */
    private static function elected(array $votes, float $often): self
    {
        $letters = [];
        foreach ($votes as $form => $for) {
            arsort($for);
            $letter = (string) array_key_first($for);
            if (array_sum($for) >= $often && $for[$letter] >= self::SURE * array_sum($for)) {
                $letters[$form] = $letter;
            }
        }

        return new self($letters);
    }
}
