<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** A face of a board. */
enum Side: string
{
    case Top = 'top';
    case Bottom = 'bottom';

    public function other(): self
    {
        return $this === self::Top ? self::Bottom : self::Top;
    }

    /** Reads the spellings of placement files: `top`, `T`, `F`, `bottom`, `B` and longer words that begin so. */
    public static function read(string $text): ?self
    {
        return match (strtolower(trim($text))) {
            'top', 't', 'f', 'f.cu', 'front', 'toplayer', 'top layer', 'component', 'c', '1' => self::Top,
            'bottom', 'b', 'b.cu', 'bot', 'back', 'bottomlayer', 'bottom layer', 'solder', 's', '2' => self::Bottom,
            default => null,
        };
    }
}
