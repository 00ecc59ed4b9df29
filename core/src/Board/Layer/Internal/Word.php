<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

/** One command of a layer file, without its star and percent signs. */
final readonly class Word
{
    /** @param bool $extended true between percent signs */
    public function __construct(public string $text, public bool $extended, public int $line) {}

    /**
     * Splits a file into commands. Attributes hidden in comments for older readers (`G04 #@! TF...`) count as such.
     *
     * @return iterable<self>
     */
    public static function split(string $bytes): iterable
    {
        $line = 1;
        $extended = false;
        $text = '';
        $length = strlen($bytes);
        for ($i = 0; $i < $length; ++$i) {
            $sign = $bytes[$i];
            if ($sign === "\n") {
                ++$line;
            } elseif ($sign === '%') {
                $extended = !$extended;
                $text = '';
            } elseif ($sign === '*') {
                yield self::of($text, $extended, $line);
                $text = '';
            } elseif ($sign !== "\r") {
                $text .= $sign;
            }
        }
    }

    private static function of(string $text, bool $extended, int $line): self
    {
        $text = trim($text);
        if (!$extended && preg_match('~^G0?4\s*#@!\s*(T[FAOD].*)$~s', $text, $found) === 1) {
            return new self(trim($found[1]), true, $line);
        }

        return new self($text, $extended, $line);
    }
}
