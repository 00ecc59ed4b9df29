<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;

/** Who sends a page: laid over it when it is printed, so that no page made earlier names an old address. */
final readonly class Sender
{
    /**
     * @param string $address in lines
     * @param ?string $logo bytes of a JPEG
     */
    public function __construct(
        private string $name,
        private string $address,
        private string $email,
        private ?string $logo = null,
    ) {}

    /** On the foot of every page. */
    public function atFoot(string $html): string
    {
        $line = implode(', ', array_filter([$this->name, $this->email], static fn(string $text): bool => $text !== ''));

        return $line === ''
            ? $html
            : self::styled(
                $html,
                '@page { @bottom-center { content: "' . self::css($line) . '"; font: 8pt Next, sans-serif; } }',
            );
    }

    /** On the foot of every page, and in full at the head of the first. */
    public function atHead(string $html): string
    {
        $lines = trim("{$this->name}\n{$this->address}\n{$this->email}");
        if ($lines === '' && $this->logo === null) {
            return $html;
        }
        $picture =
            $this->logo === null ? '' : '<img alt="" src="data:image/jpeg;base64,' . base64_encode($this->logo) . '">';
        $head = "<header class=\"sender\">{$picture}<div>" . nl2br(Markup::text($lines), false) . '</div></header>';
        $css =
            '.sender { display: flex; gap: 4mm; align-items: center; justify-content: flex-end; font-size: 8.5pt; ' .
            'line-height: 1.3; margin: 0 0 4mm; } .sender img { max-height: 14mm; max-width: 40mm; }';

        return $this->atFoot(self::styled(self::replaced($html, '<main>', "<main>{$head}"), $css));
    }

    private static function styled(string $html, string $css): string
    {
        return self::replaced($html, '</style>', "{$css}</style>");
    }

    /** Its first place only: what people typed stands later. */
    private static function replaced(string $html, string $what, string $by): string
    {
        $at = strpos($html, $what);

        return $at === false ? $html : substr_replace($html, $by, $at, strlen($what));
    }

    private static function css(string $text): string
    {
        return str_replace('<', '\\3C ', addcslashes((string) preg_replace('~\s+~', ' ', $text), '"\\'));
    }
}
