<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

/** Where the number of a page is printed that is known only once the book is laid out. */
final readonly class PageMark
{
    /** @param string $id of what stands on that page */
    public static function of(string $id): string
    {
        return "<span class=\"pg\" data-of=\"{$id}\"></span>";
    }

    /** @param array<string, int> $pages of each id */
    public static function filled(string $html, array $pages): string
    {
        return (string) preg_replace_callback(
            '~<span class="pg" data-of="([\w-]+)"></span>~',
            static fn(array $mark): string => '<span class="pg">' . ($pages[$mark[1]] ?? '') . '</span>',
            $html,
        );
    }
}
