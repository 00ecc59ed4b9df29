<?php

declare(strict_types=1);

namespace Chiralex\Fault\Likeness;

use Chiralex\Fault\Data\Concepts;

/** What a text is about: concepts in either language, with slips of the fingers, and the parts that it names. */
final readonly class Wording
{
    /** Signs from which a word may have a slip, and from which two. */
    private const SLIP = 5;
    private const TWO_SLIPS = 9;
    /** Signs that tell words of no concept apart. */
    private const STEM = 6;

    /** @var array<string, string> stem to concept */
    private array $stems;
    /** @var array<string, true> */
    private array $stop;

    public function __construct()
    {
        $all = [];
        foreach (Concepts::STEMS as $concept => $stems) {
            foreach (explode(' ', $stems) as $stem) {
                $all[$stem] ??= $concept;
            }
        }
        $this->stems = $all;
        $this->stop = array_fill_keys(explode(' ', Concepts::STOP), true);
    }

    /**
     * @param array<array-key, string> $parts designator to what it is, in words
     * @param array<string, ?string> $known words met before and what they mean
     * @return array{words: array<string, true>, parts: array<string, true>}
     */
    public function of(string $text, array $parts = [], array &$known = []): array
    {
        $plain = self::plain($text);
        preg_match_all('~\b([a-z]{1,3})(\d{1,3})\b~', $plain, $found);
        $named = $words = [];
        foreach ($found[0] as $name) {
            $designator = strtoupper($name);
            if ($parts === [] || isset($parts[$designator])) {
                $named[$designator] = true;
                $words += $this->words(self::plain($parts[$designator] ?? ''), $known);
            }
        }

        return ['words' => $words + $this->words($plain, $known), 'parts' => $named];
    }

    /**
     * @param array<string, ?string> $known
     * @return array<string, true>
     */
    private function words(string $plain, array &$known): array
    {
        $words = [];
        preg_match_all('~[a-z]{2,}|\d+k\b~', $plain, $found);
        foreach ($found[0] as $word) {
            $meaning = array_key_exists($word, $known) ? $known[$word] : $this->meaning($word);
            $known[$word] = $meaning;
            if ($meaning !== null) {
                $words[$meaning] = true;
            }
        }

        return $words;
    }

    private function meaning(string $word): ?string
    {
        if (isset($this->stop[$word])) {
            return null;
        }
        for ($length = strlen($word); $length >= 3; --$length) {
            $stem = substr($word, 0, $length);
            if (isset($this->stems[$stem]) && ($length >= 4 || $length === strlen($word))) {
                return $this->stems[$stem];
            }
        }
        $most = strlen($word) >= self::TWO_SLIPS ? 2 : (strlen($word) >= self::SLIP ? 1 : 0);
        foreach ($most === 0 ? [] : $this->stems as $stem => $concept) {
            $cut = substr($word, 0, strlen((string) $stem) + 1);
            if (
                strlen((string) $stem) >= self::SLIP &&
                min(levenshtein($word, (string) $stem), levenshtein($cut, (string) $stem)) <= $most
            ) {
                return $concept;
            }
        }

        return strlen($word) < 4 ? null : '~' . substr($word, 0, self::STEM);
    }

    private static function plain(string $text): string
    {
        return strtr(mb_strtolower($text), [
            "\u{E4}" => 'ae',
            "\u{F6}" => 'oe',
            "\u{FC}" => 'ue',
            "\u{DF}" => 'ss',
            "\u{3A9}" => 'ohm',
        ]);
    }
}
