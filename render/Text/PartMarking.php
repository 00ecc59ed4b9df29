<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\Colour;
use Chiralex\Part\Mark;
use Chiralex\Quantity\Unit;

/** How a part is marked, as document fields: its bands, its cathode band, or its print. */
final readonly class PartMarking
{
    private const GLASS = ['DO-35', 'DO-34'];

    /** @return 'dark-band'|'light-band' */
    public static function band(KitPart $part): string
    {
        return in_array($part->shape->outline->name, self::GLASS, true) ? 'dark-band' : 'light-band';
    }

    /** @return ?array{type: string, bands: list<string>, text: string} null where nothing shows */
    public static function of(KitPart $part): ?array
    {
        $look = PartLook::of($part);
        if ($look->bands !== []) {
            $said = $part->tolerance() !== null;

            return [
                'type' => 'bands',
                'bands' => self::words($look->bands),
                'text' => $said ? '' : 'The tolerance is not said: 5 % is taken.',
            ];
        }
        if ($part->row->mark?->check === Mark::Band) {
            // A glass body shows a dark band, a moulded one a light band; common practice, no source.
            return [
                'type' => 'band',
                'bands' => [],
                'text' => self::band($part) === 'dark-band' ? 'dark band on glass' : 'light band',
            ];
        }

        return $look->code === null || $part->shape->outline->name === 'none'
            ? null
            : ['type' => 'code', 'bands' => [], 'text' => self::both($look->code, $part)];
    }

    /** Capacitors below 100 pF bear the picofarads or the code, one maker as the other: both are told. Common practice, no source. */
    private static function both(string $code, KitPart $part): string
    {
        return $part->recognition->value?->value->unit === Unit::Farad &&
            preg_match('~^([1-9]\d)0$~', $code, $two) === 1
            ? "{$two[1]} / {$code}"
            : $code;
    }

    /**
     * @param list<Colour> $colours
     * @return list<string>
     */
    public static function words(array $colours): array
    {
        return array_map(static fn(Colour $colour): string => $colour->value, $colours);
    }
}
