<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

/** The frame of every printed page: it loads nothing, runs nothing. */
final readonly class PrintPage
{
    /**
     * @param string $title already safe
     * @param string $body already safe
     * @param string $class of the whole page: `bw` for black and white
     */
    public static function html(
        string $title,
        string $css,
        string $body,
        string $language = 'en',
        string $class = '',
    ): string {
        return "<!doctype html>\n<html lang=\"{$language}\" class=\"{$class}\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width, initial-scale=1\"><meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none'; style-src 'unsafe-inline'; font-src data:; img-src data:\"><title>{$title}</title><style>{$css}</style></head><body><main>{$body}</main></body></html>\n";
    }
}
