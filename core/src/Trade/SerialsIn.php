<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Trade\Exception\InvalidSerial;

/** Serials that stand somewhere in a text. */
final readonly class SerialsIn
{
    private const SHAPE = '~(?<![A-Z0-9])[A-Z0-9]{1,6}[ ._-]{1,3}[A-Z0-9]{1,4}[ ._-]{1,3}[A-Z0-9]{5}[ ._-]{0,3}[A-Z0-9](?![A-Z0-9])~i';
    private const MOST = 20;

    /**
     * @param list<string> $valid with the right check character, each once
     * @param list<string> $wrong have the shape and cannot be one, as written
     */
    private function __construct(public array $valid, public array $wrong) {}

    public static function text(string $text): self
    {
        $valid = $wrong = [];
        preg_match_all(self::SHAPE, $text, $found);
        foreach (array_slice($found[0], 0, self::MOST) as $each) {
            try {
                $valid[] = Serial::parse(strtr($each, '._', '--'))->text();
            } catch (InvalidSerial) {
                // Words of five letters have the shape too: only what ends in figures is meant as one.
                if (preg_match('~\d{3,}~', $each) === 1) {
                    $wrong[] = $each;
                }
            }
        }

        return new self(array_values(array_unique($valid)), array_values(array_unique($wrong)));
    }
}
