<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use League\CommonMark\CommonMarkConverter;
use League\CommonMark\Exception\CommonMarkException;

/** What a maker writes in Markdown, as HTML that can do no harm: raw HTML is taken out, links to scripts too, and so are pictures from elsewhere. */
final readonly class Markdown
{
    public static function html(string $markdown): string
    {
        if (trim($markdown) === '') {
            return '';
        }
        try {
            $html = (new CommonMarkConverter([
                'html_input' => 'strip',
                'allow_unsafe_links' => false,
                'max_nesting_level' => 20,
            ]))
                ->convert($markdown)
                ->getContent();
        } catch (CommonMarkException) {
            return '<p>' . htmlspecialchars($markdown, ENT_QUOTES | ENT_SUBSTITUTE) . '</p>';
        }

        return trim((string) preg_replace(['~<img[^>]*>~i', '~<(/?)h[1-6]>~i'], ['', '<$1h4>'], $html));
    }
}
