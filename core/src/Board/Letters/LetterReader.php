<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Side;

/**
 * Reads the letters of a legend whatever their type: from the designators and values that the list expects it learns which
 * form is which letter, then reads all of them. Limits are common practice.
 */
final readonly class LetterReader
{
    /** A name stands no further from its part, millimetres. */
    private const NAME = 8.0;
    /** A value stands no further from its part. */
    private const VALUE = 4.0;
    /** The letters count as read where they say what the list expects at so many of the places that have letters, and at so many. */
    private const SHARE = 0.5;
    private const LEAST = 3;

    /**
     * @param list<LayerObject> $objects ink of one side
     * @param list<PlacedBody> $bodies on that side
     * @param array<string, list<string>> $names texts by which a part may be named, by designator
     * @param array<string, list<string>> $values spellings of its value
     * @return ?array<string, PlaceWords> by designator; null where the letters cannot be read
     */
    public function places(array $objects, array $bodies, array $names, array $values): ?array
    {
        $isMirrored = $bodies !== [] && $bodies[0]->face->side === Side::Bottom;
        $words = Words::of(Glyphs::of($objects), $isMirrored);
        $near = array_map(fn(Word $word): array => self::near($word, $bodies), $words);
        $alphabet = Alphabet::learn($this->pairs($words, $near, $names))->and($this->pairs($words, $near, $values));
        $found = $this->found($alphabet, $words, $near, $names, $values);
        $lettered = array_unique(array_merge(...array_map(self::first(...), $near)));
        if (count($found) < max(self::LEAST, self::SHARE * count($lettered))) {
            return null;
        }
        $others = $this->others($alphabet, $words, $near, $names, $values);
        $open = $this->open($alphabet, $words, $near, $names, $values);
        $places = [];
        foreach ($bodies as $body) {
            $said = $found[$body->designator] ?? ['', ''];
            $places[$body->designator] = new PlaceWords(
                $said[0] !== '',
                $said[1],
                $others[$body->designator] ?? [],
                isset($open[$body->designator]),
            );
        }

        return $places;
    }

    /**
     * @param list<Word> $words
     * @param list<array<string, float>> $near
     * @param array<string, list<string>> $texts by designator
     * @return list<array{Word, array<array-key, float>}> texts that may stand there, and how near
     */
    private function pairs(array $words, array $near, array $texts): array
    {
        $pairs = [];
        foreach ($words as $index => $word) {
            $here = [];
            foreach ($word->isUpright() ? $near[$index] : [] as $designator => $off) {
                foreach ($off <= self::VALUE ? $texts[$designator] ?? [] : [] as $text) {
                    if (mb_strlen($text) === count($word->letters)) {
                        $here[$text] = max($here[$text] ?? 0.0, 1.0 / (1.0 + $off) ** 2);
                    }
                }
            }
            if ($here !== []) {
                $pairs[] = [$word, $here];
            }
        }

        return $pairs;
    }

    /**
     * @param list<Word> $words
     * @param list<array<string, float>> $near
     * @param array<string, list<string>> $names
     * @param array<string, list<string>> $values
     * @return array<string, array{string, string}> name and value that stand at a part
     */
    private function found(Alphabet $alphabet, array $words, array $near, array $names, array $values): array
    {
        $found = [];
        $owner = [];
        foreach ($names as $designator => $texts) {
            foreach ($texts as $text) {
                $owner[implode('', Alphabet::letters($text))] = [(string) $designator, $text];
            }
        }
        foreach ($words as $index => $word) {
            // A name has one part, however far from it the board has room for it.
            [$mine, $whole] = $owner[$alphabet->read($word)] ?? ['', ''];
            if ($whole !== '' && $word->isUpright()) {
                $found[$mine] = [$whole, $found[$mine][1] ?? ''];
            }
            foreach ($near[$index] as $designator => $off) {
                $said = $found[$designator] ?? ['', ''];
                $name =
                    $whole !== '' || $off > self::VALUE
                        ? self::said($alphabet, $word, $names[$designator] ?? [])
                        : self::rest($alphabet, $word, $names[$designator] ?? []);
                $value = $off <= self::VALUE ? self::whole($alphabet, $word, $values[$designator] ?? []) : '';
                $said = [$said[0] === '' ? $name : $said[0], $said[1] === '' ? $value : $said[1]];
                if ($said !== ['', '']) {
                    $found[$designator] = $said;
                }
            }
        }

        return $found;
    }

    /**
     * Words read whole that stand at a part and are neither a name of any part nor the value of one near by.
     *
     * @param list<Word> $words
     * @param list<array<string, float>> $near
     * @param array<string, list<string>> $names
     * @param array<string, list<string>> $values
     * @return array<string, list<string>>
     */
    private function others(Alphabet $alphabet, array $words, array $near, array $names, array $values): array
    {
        $others = [];
        foreach ($words as $index => $word) {
            $text = $alphabet->read($word);
            $owner = self::first($near[$index])[0] ?? null;
            $isWhole = !str_contains($text, '?') && mb_strlen($text) >= 3;
            if (
                $isWhole &&
                $word->isUpright() &&
                $owner !== null &&
                !self::isTold($alphabet, $word, $near[$index], $names, $values)
            ) {
                $others[$owner][] = $text;
            }
        }

        return $others;
    }

    /**
     * Parts that letters stand at which say no name and no value.
     *
     * @param list<Word> $words
     * @param list<array<string, float>> $near
     * @param array<string, list<string>> $names
     * @param array<string, list<string>> $values
     * @return array<string, true>
     */
    private function open(Alphabet $alphabet, array $words, array $near, array $names, array $values): array
    {
        $open = [];
        foreach ($words as $index => $word) {
            if (
                $word->isUpright() &&
                trim($alphabet->read($word), '?') !== '' &&
                !self::isTold($alphabet, $word, $near[$index], $names, $values)
            ) {
                $open += array_map(
                    static fn(): bool => true,
                    array_filter($near[$index], static fn(float $off): bool => $off <= self::VALUE),
                );
            }
        }

        return $open;
    }

    /**
     * True where a word is the name of a part, or the value or what is left of the name of one near by.
     *
     * @param array<string, float> $near
     * @param array<string, list<string>> $names
     * @param array<string, list<string>> $values
     */
    private static function isTold(Alphabet $alphabet, Word $word, array $near, array $names, array $values): bool
    {
        foreach (array_keys($near) as $each) {
            if (
                self::said($alphabet, $word, $names[$each] ?? []) !== '' ||
                self::whole($alphabet, $word, $values[$each] ?? []) !== '' ||
                self::rest($alphabet, $word, $names[$each] ?? []) !== ''
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $texts */
    private static function said(Alphabet $alphabet, Word $word, array $texts): string
    {
        foreach ($texts as $text) {
            if ($alphabet->says($word, $text)) {
                return $text;
            }
        }

        return '';
    }

    /** @param list<string> $texts */
    private static function whole(Alphabet $alphabet, Word $word, array $texts): string
    {
        foreach ($texts as $text) {
            if ($alphabet->saysWhole($word, $text)) {
                return $text;
            }
        }

        return '';
    }

    /**
     * A name of which a letter is lost where it touches a line: three letters of it in a row are enough.
     *
     * @param list<string> $texts
     */
    private static function rest(Alphabet $alphabet, Word $word, array $texts): string
    {
        $read = $alphabet->read($word);
        foreach (count($word->letters) < 3 ? [] : $texts as $text) {
            if (str_contains(implode('', Alphabet::letters($text)), $read)) {
                return $text;
            }
        }

        return '';
    }

    /**
     * @param list<PlacedBody> $bodies
     * @return array<string, float> millimetres from a body to a word by designator, the nearest first
     */
    private static function near(Word $word, array $bodies): array
    {
        $near = [];
        foreach ($bodies as $body) {
            [$x, $y] = [$word->centre->x - $body->centre->x, $word->centre->y - $body->centre->y];
            // Most bodies are far away; those need no turning.
            if (abs($x) + abs($y) > 2 * self::NAME + $word->length + $body->outline->along + $body->outline->across) {
                continue;
            }
            $at = (new Point($x, $y))->turned(-$body->rotation);
            $off = hypot(
                max(0.0, abs($at->x) - $body->outline->along / 2),
                max(0.0, abs($at->y) - $body->outline->across / 2),
            );
            if ($off - $word->length / 2 <= self::NAME) {
                $near[$body->designator] = $off;
            }
        }
        asort($near);

        return $near;
    }

    /**
     * @param array<string, float> $near
     * @return list<string> the nearest, where it is near enough for a value
     */
    private static function first(array $near): array
    {
        $first = array_key_first($near);

        return $first !== null && $near[$first] <= self::VALUE ? [(string) $first] : [];
    }
}
