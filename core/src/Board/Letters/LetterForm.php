<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Point;

/** The form of a letter without size and place: points along its strokes, the line's height being one. */
final readonly class LetterForm
{
    /** Points stand no further apart than this. */
    private const APART = 0.12;
    /** Forms of one letter of one type differ by no more than this: files round, types do not. */
    private const SAME = 0.07;

    /** @param list<Point> $points */
    private function __construct(public array $points, public float $width, public float $height) {}

    /**
     * @param float $low of the line, in the reader's frame
     * @param float $line height of the line
     */
    public static function of(Glyph $glyph, float $low, float $line): self
    {
        $points = [];
        foreach ($glyph->strokes as $stroke) {
            foreach ($stroke as $index => $from) {
                $to = $stroke[$index + 1] ?? $from;
                $steps = max(1, (int) ceil(hypot($to->x - $from->x, $to->y - $from->y) / (self::APART * $line)));
                for ($step = 0; $step < $steps; ++$step) {
                    $points[] = new Point(
                        ($from->x + (($to->x - $from->x) * $step) / $steps - $glyph->left) / $line,
                        ($from->y + (($to->y - $from->y) * $step) / $steps - $low) / $line,
                    );
                }
            }
        }

        return new self($points, $glyph->width / $line, $glyph->height / $line);
    }

    /** Equal for forms that are drawn alike to a fiftieth of the line's height. */
    public function key(): string
    {
        $key = '';
        foreach ($this->points as $point) {
            // Off the grid of letters, so that what files round does not fall on either side.
            $key .= ((int) ($point->x * 47.0 + 5.29)) . ',' . ((int) ($point->y * 47.0 + 5.29)) . ' ';
        }

        return $key;
    }

    public function isLike(self $other): bool
    {
        return abs($this->width - $other->width) <= self::SAME &&
            abs($this->height - $other->height) <= self::SAME &&
            abs(count($this->points) - count($other->points)) <= 0.25 * count($this->points) + 1 &&
            $this->lieNear($other) &&
            $other->lieNear($this);
    }

    private function lieNear(self $other): bool
    {
        foreach ($this->points as $point) {
            $isNear = false;
            foreach ($other->points as $each) {
                if (($point->x - $each->x) ** 2 + ($point->y - $each->y) ** 2 <= self::SAME ** 2) {
                    $isNear = true;
                    break;
                }
            }
            if (!$isNear) {
                return false;
            }
        }

        return true;
    }
}
