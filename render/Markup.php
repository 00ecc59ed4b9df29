<?php

declare(strict_types=1);

namespace ChiralexRender;

/** Text as it stands safely inside HTML and SVG. */
final readonly class Markup
{
    public static function text(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE);
    }
}
