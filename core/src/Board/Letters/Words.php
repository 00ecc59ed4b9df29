<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Point;

/** The words of a legend, single letters too, each as often as it may be read: from below, from the right, from above, from the left. */
final readonly class Words
{
    /** Letters of one word leave no more than this between them, of the line's height. */
    private const GAP = 0.75;
    /** The smaller of two letters is at least this much of the larger. */
    private const SMALLER = 0.5;
    /** The number of a form that no word has. */
    public const NONE = -1;
    /** A legend with more letters than this is no board's; so many forms no type has. */
    private const MOST = 12_000;
    private const FORMS = 600;
    /** A letter is no wider or higher than this, millimetres. */
    private const LARGEST = 3.2;
    /** No letter is lower than this, millimetres. */
    private const LEAST = 0.4;

    /**
     * @param list<Glyph> $glyphs
     * @param bool $isMirrored true for a legend of the bottom
     * @return list<Word>
     */
    public static function of(array $glyphs, bool $isMirrored): array
    {
        $words = $later = $forms = $known = [];
        if (count($glyphs) > self::MOST) {
            return [];
        }
        foreach ([0, 1, 2, 3] as $quarters) {
            $degrees = 90.0 * $quarters;
            $seen = array_map(static fn(Glyph $glyph): Glyph => $glyph->seen($quarters, $isMirrored), $glyphs);
            foreach (self::lines($seen) as $line) {
                if ($degrees < 180.0 && count($line) > 1) {
                    $words[] = self::word($line, $degrees, $isMirrored, $forms, $known, true);
                } else {
                    $later[] = [$line, $degrees];
                }
            }
        }
        // What stands alone, or on its head, is a letter only where it is one of the others.
        foreach ($later as [$line, $degrees]) {
            $words[] = self::word($line, $degrees, $isMirrored, $forms, $known, false);
        }

        return $words;
    }

    /**
     * @param list<Glyph> $glyphs
     * @return list<non-empty-list<Glyph>>
     */
    private static function lines(array $glyphs): array
    {
        usort($glyphs, static fn(Glyph $a, Glyph $b): int => $a->left <=> $b->left);
        $rows = $lines = [];
        foreach ($glyphs as $glyph) {
            $row = (int) floor($glyph->low);
            $best = null;
            for ($near = $row - 3; $near <= $row + 3; ++$near) {
                foreach ($rows[$near] ?? [] as $place => $index) {
                    $last = $lines[$index][count($lines[$index]) - 1];
                    // All that come after lie further right: what is out of reach of this one is so of them.
                    if ($last->left + $last->width + self::GAP * self::LARGEST < $glyph->left) {
                        unset($rows[$near][$place]);
                        continue;
                    }
                    if (
                        self::follows($lines[$index], $glyph) &&
                        ($best === null || $last->left > $lines[$best][count($lines[$best]) - 1]->left)
                    ) {
                        $best = $index;
                    }
                }
            }
            if ($best === null) {
                $rows[$row][] = count($lines);
                $lines[] = [$glyph];
            } else {
                $lines[$best][] = $glyph;
            }
        }

        return array_values(
            array_filter($lines, static fn(array $line): bool => max(array_column($line, 'height')) >= self::LEAST),
        );
    }

    /** @param non-empty-list<Glyph> $line */
    private static function follows(array $line, Glyph $next): bool
    {
        $first = $line[0];
        $last = $line[count($line) - 1];
        $height = max($first->height, $last->height, $next->height);
        $gap = $next->left - $last->left - $last->width;
        if ($height <= 0.0 || $gap > self::GAP * $height || $gap < -0.2 * $height) {
            return false;
        }
        if ($next->isDot($height) || $last->isDot($height)) {
            return abs($next->low - $first->low) <= 0.25 * $height;
        }

        return min($first->height, $next->height) >= self::SMALLER * $height &&
            (abs($next->low - $first->low) <= 0.2 * $height ||
                abs($next->low + $next->height - $first->low - $first->height) <= 0.2 * $height);
    }

    /**
     * @param non-empty-list<Glyph> $line
     * @param array<int, array<int, LetterForm>> $forms each form once, by tenths of its width and by its number
     * @param array<string, int> $known numbers of forms met before, to the rounding
     */
    private static function word(
        array $line,
        float $degrees,
        bool $isMirrored,
        array &$forms,
        array &$known,
        bool $isNew,
    ): Word {
        $height = max(array_column($line, 'height'));
        $low = min(array_column($line, 'low'));
        $last = $line[count($line) - 1];
        $centre = (new Point(($line[0]->left + $last->left + $last->width) / 2, $low + $height / 2))->turned($degrees);
        $letters = [];
        foreach ($line as $glyph) {
            $letters[] = self::number(LetterForm::of($glyph, $low, $height), $forms, $known, $isNew);
        }

        return new Word(
            $letters,
            $isMirrored ? new Point(-$centre->x, $centre->y) : $centre,
            $last->left + $last->width - $line[0]->left,
            $degrees,
        );
    }

    /**
     * @param array<int, array<int, LetterForm>> $forms
     * @param array<string, int> $known
     */
    private static function number(LetterForm $form, array &$forms, array &$known, bool $isNew): int
    {
        $width = (int) round($form->width / 0.1);
        $key = $form->key();
        if (isset($known[$key])) {
            return $known[$key];
        }
        if (!$isNew) {
            return self::NONE;
        }
        foreach ([$width - 1, $width, $width + 1] as $each) {
            foreach ($forms[$each] ?? [] as $number => $other) {
                if ($other->isLike($form)) {
                    return $known[$key] = $number;
                }
            }
        }
        $number = array_sum(array_map(count(...), $forms));
        if ($number >= self::FORMS) {
            return self::NONE;
        }
        $forms[$width][$number] = $form;

        return $known[$key] = $number;
    }
}
