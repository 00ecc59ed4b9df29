<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/** How a scale writes its lines: where the number stands, in what unit, and by which sign it says that it stands still. */
final readonly class ScalePattern
{
    /** A number with its sign, which may stand apart from it, and the unit behind it. */
    private const NUMBER = '~([+-]?)\s*(?<![\w.])(\d{1,7}(?:[.,]\d{1,6})?)\s*(kg|mg|g|ct|oz|lb)?(?![\w.,]|-\d)~i';
    /** Grams of each unit; the ounce and the pound are avoirdupois (NIST SP 811, appendix B.8). */
    private const GRAMS = [
        'mg' => 0.001,
        'g' => 1.0,
        'kg' => 1000.0,
        'ct' => 0.2,
        'oz' => 28.349523125,
        'lb' => 453.59237,
    ];
    /** Lines that a proposal needs at least. */
    public const LEAST = 3;

    /**
     * @param string $unit of numbers that bear none
     * @param ?string $stable what stands beside the number while it stands still; null where the scale does not say
     */
    public function __construct(public string $unit, public ?string $stable) {}

    /**
     * Reads the manner of a scale from some of its lines: while the number stays, what stands beside it is the sign of standing still.
     *
     * @param list<string> $lines
     * @return ?self null where most lines hold no number
     */
    public static function proposed(array $lines): ?self
    {
        $units = $rests = $stays = [];
        $before = null;
        foreach ($lines as $line) {
            if (trim($line) === '' || preg_match(self::NUMBER, $line, $found) !== 1) {
                continue;
            }
            $units[] = strtolower($found[3] ?? '');
            $rest = self::rest($line);
            $rests[$rest] = ($rests[$rest] ?? 0) + 1;
            if ($before === [$found[1], $found[2]]) {
                $stays[$rest] = ($stays[$rest] ?? 0) + 1;
            }
            $before = [$found[1], $found[2]];
        }
        if (count($units) < self::LEAST || 2 * count($units) < count($lines)) {
            return null;
        }
        arsort($stays);
        $named = array_values(array_filter($units, static fn(string $unit): bool => $unit !== ''));

        return new self($named[0] ?? 'g', count($rests) > 1 && $stays !== [] ? (string) array_key_first($stays) : null);
    }

    /** @return ?ScaleReading null where the line fits no pattern: it is shown and not guessed at */
    public function read(string $line, float $at): ?ScaleReading
    {
        if (preg_match(self::NUMBER, $line, $found) !== 1) {
            return null;
        }
        $grams =
            (float) str_replace(',', '.', $found[2]) *
            self::GRAMS[strtolower(($found[3] ?? '') === '' ? $this->unit : $found[3])];

        return new ScaleReading(
            $at,
            $found[1] === '-' ? -$grams : $grams,
            $this->stable === null || self::rest($line) === $this->stable,
        );
    }

    /** @return list<string> */
    public static function units(): array
    {
        return array_keys(self::GRAMS);
    }

    /** What stands beside number and unit. */
    private static function rest(string $line): string
    {
        return trim((string) preg_replace('~\s+~', ' ', (string) preg_replace(self::NUMBER, ' ', $line, 1)));
    }
}
