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

    private const WORDS = [
        'top' => [
            ...['top', 't', 'f', 'f.cu', 'front', 'toplayer', 'top layer', 'component', 'component side', 'c', '1'],
            ...[
                'oberseite',
                'oben',
                'bestückungsseite',
                'bestückseite',
                'vorderseite',
                'dessus',
                'recto',
                'face avant',
            ],
            ...['arriba', 'superior', 'cara superior', 'bovenzijde', 'boven', 'bovenkant', 'góra', 'górna', 'wierzch'],
        ],
        'bottom' => [
            ...['bottom', 'b', 'b.cu', 'bot', 'back', 'bottomlayer', 'bottom layer', 'solder', 'solder side', 's', '2'],
            ...['unterseite', 'unten', 'lötseite', 'rückseite', 'dessous', 'verso', 'face arrière'],
            ...['abajo', 'inferior', 'cara inferior', 'onderzijde', 'onder', 'onderkant', 'dół', 'dolna', 'spód'],
        ],
    ];

    /** Reads the spellings of placement files, `top`, `T`, `F`, `bottom`, `B`, and the words of the six languages. */
    public static function read(string $text): ?self
    {
        $word = mb_strtolower(trim($text));

        return match (true) {
            in_array($word, self::WORDS['top'], true) => self::Top,
            in_array($word, self::WORDS['bottom'], true) => self::Bottom,
            default => null,
        };
    }
}
