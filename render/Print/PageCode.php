<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;

/** The code that opens the builder's page, and the same address in letters for whoever has no camera at hand. */
final readonly class PageCode
{
    /**
     * @param string $svg already safe
     * @param string $letters without scheme
     */
    public function __construct(private string $svg, private string $letters) {}

    /** @param string $said what stands under the code, already safe */
    public function html(string $said): string
    {
        return "<div class=\"qr\">{$this->svg}{$said}<span class=\"letters\">" .
            str_replace(['/', '-', '.'], ['/<wbr>', '-<wbr>', '.<wbr>'], Markup::text($this->letters)) .
            '</span></div>';
    }
}
