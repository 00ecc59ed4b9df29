<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** The builder's page as `npm run build` made it for folders: one script, one sheet with its fonts inside. */
final readonly class BuiltPage
{
    private function __construct(public string $script, public string $sheet) {}

    /** @throws UnusableProgram when it was not built yet */
    public static function in(string $root): self
    {
        $script = @file_get_contents("{$root}/resources/built/page.js");
        $sheet = @file_get_contents("{$root}/resources/built/page.css");

        return $script === false || $sheet === false
            ? throw UnusableProgram::failed('the page', 'it was not built yet; run bin/start or npm run build once')
            : new self($script, $sheet);
    }
}
