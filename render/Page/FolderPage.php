<?php

declare(strict_types=1);

namespace ChiralexRender\Page;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;

/**
 * The builder's page as a folder for any web space or a memory stick: relative addresses, one classic script, no server behind it.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class FolderPage
{
    private const JSON =
        JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
    private const KEY = 12;

    /**
     * @param string $script the page's own, as it was built
     * @param string $sheet likewise
     */
    public function __construct(private string $script, private string $sheet) {}

    /**
     * @param ManualShape $manual
     * @param array<string, mixed> $boards
     * @param list<array<string, mixed>> $faq
     * @param array<string, mixed> $trouble the search for a fault
     * @param array<array-key, array<string, mixed>> $contents lines of the contents list as they lie in the hand
     * @param string $html the manual as one file, for whoever has no script
     * @param ?string $mail where reports are written to; without it they can only be copied
     * @return array<string, string> file name to bytes
     */
    public function of(
        array $manual,
        array $boards,
        array $faq,
        array $trouble,
        array $contents,
        string $html,
        ?string $mail,
    ): array {
        $page = ['serial' => null, 'keeps' => 'device', 'ticks' => [], 'otherwise' => null];
        $given = [
            'page' => $page + [
                'manual' => $manual,
                'contents' => (object) $contents,
                'boards' => $boards,
                'faq' => $faq,
                'trouble' => $trouble,
            ],
            'mail' => $mail,
        ];
        $script = 'window.chiralexKit = ' . json_encode($given, self::JSON) . ";\n{$this->script}";
        $title = Markup::text("{$manual['kit']} {$manual['revision']}");
        $language = $manual['language'] ?? 'en';
        $cache = 'kit ' . substr(hash('sha256', $script . $this->sheet . $html), 0, self::KEY);

        return [
            'index.html' =>
                "<!doctype html>\n<html lang=\"{$language}\">\n<head>\n<meta charset=\"utf-8\">\n" .
                '<meta name="viewport" content="width=device-width, initial-scale=1">' .
                "\n<meta name=\"color-scheme\" content=\"light dark\">\n<title>{$title}</title>\n" .
                '<meta http-equiv="Content-Security-Policy" content="default-src \'self\'; script-src \'self\' file:; ' .
                'style-src \'self\' file: \'unsafe-inline\'; font-src data:; img-src \'self\' data:; connect-src \'self\'">' .
                "\n<link rel=\"stylesheet\" href=\"page.css\">\n<script src=\"page.js\" defer></script>\n</head>\n<body>\n" .
                '<div id="root"></div>' .
                "\n<noscript><p><a href=\"manual.html\">{$title}</a></p></noscript>\n</body>\n</html>\n",
            'page.js' => $script,
            'page.css' => $this->sheet,
            'manual.html' => $html,
            'later.js' => str_replace('CACHE', $cache, (string) file_get_contents(__DIR__ . '/later.js')),
        ];
    }
}
