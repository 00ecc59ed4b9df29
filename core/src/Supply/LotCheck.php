<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\BandDecoding;
use Chiralex\Marking\Bands;
use Chiralex\Marking\CodeDecoding;
use Chiralex\Marking\Codes;
use Chiralex\Marking\Colour;
use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Part\Kind;
use Chiralex\Quantity\EngineeringValue;

/** Compares the mark of a lot's first piece with the list: a wrong part is found before it is packed. */
final readonly class LotCheck
{
    /** Letters and figures of a print that are asked for, where it has so many. */
    public const TYPED = 3;

    /** @param list<KitPart> $stocked one part of each line that could have come instead, the expected one among them */
    public function __construct(private KitPart $expected, private array $stocked) {}

    /** What is asked of the first piece: `bands`, `print`, `light` or `measure`. */
    public function asks(): string
    {
        $look = PartLook::of($this->expected);

        return match (true) {
            $look->bands !== [] => 'bands',
            $look->code !== null && $this->expected->shape->outline->name !== 'none' => 'print',
            in_array($this->expected->kind(), [Kind::Led, Kind::Display], true) => 'light',
            default => 'measure',
        };
    }

    /**
     * @param list<Colour> $bands as tapped, from whichever end
     */
    public function bands(array $bands): LotFinding
    {
        try {
            $readings = (new Bands())->read($bands);
        } catch (NoDecoding) {
            return new LotFinding(LotVerdict::Stranger);
        }
        $right = array_filter(
            $readings,
            fn(BandDecoding $reading): bool => self::isValue($this->expected, $reading->value),
        );
        $others = $this->stockedAs(
            array_map(static fn(BandDecoding $reading): EngineeringValue => $reading->value, $readings),
        );
        if ($right === []) {
            return $others === []
                ? new LotFinding(LotVerdict::Stranger, [], self::told($readings))
                : new LotFinding(LotVerdict::Another, $others);
        }
        if ($others !== []) {
            return new LotFinding(LotVerdict::Measure, $others);
        }
        $fits = array_filter($right, fn(BandDecoding $reading): bool => $this->isTightEnough($reading->tolerance));

        return new LotFinding($fits === [] ? LotVerdict::Wider : LotVerdict::Accepted, [], self::told($readings));
    }

    /** @param string $typed some letters and figures of what the piece bears */
    public function print(string $typed): LotFinding
    {
        $typed = self::plain($typed);
        $own = self::prints($this->expected);
        if ($own === []) {
            return $this->unmarked();
        }
        if (strlen($typed) < min(self::TYPED, ...array_map(strlen(...), $own))) {
            return new LotFinding(LotVerdict::More);
        }
        $others = [];
        foreach ($this->stocked as $part) {
            if ($part->line->row !== $this->expected->line->row && self::fits($typed, self::prints($part))) {
                $others[] = $part->designator;
            }
        }
        if (self::fits($typed, $own)) {
            $exact = in_array($typed, $own, true);

            return $others === [] || $exact
                ? new LotFinding(LotVerdict::Accepted)
                : new LotFinding(LotVerdict::More, $others);
        }

        return $others === []
            ? new LotFinding(LotVerdict::Stranger, [], $this->readings($typed))
            : new LotFinding(LotVerdict::Another, $others);
    }

    public function unmarked(): LotFinding
    {
        return new LotFinding($this->asks() === 'light' ? LotVerdict::Light : LotVerdict::Unmarked);
    }

    /**
     * @param list<EngineeringValue> $values
     * @return list<string> first designators of other stocked parts with bands that read so
     */
    private function stockedAs(array $values): array
    {
        $others = [];
        foreach ($this->stocked as $part) {
            $isOther =
                $part->line->row !== $this->expected->line->row &&
                !self::isSame($part, $this->expected) &&
                PartLook::of($part)->bands !== [];
            if ($isOther && array_filter($values, static fn($value): bool => self::isValue($part, $value)) !== []) {
                $others[] = $part->designator;
            }
        }

        return $others;
    }

    private function isTightEnough(string $tolerance): bool
    {
        $asked = $this->expected->tolerance();

        return $asked === null || !is_numeric($asked) || $tolerance === '' || (float) $tolerance <= (float) $asked;
    }

    private static function isValue(KitPart $part, EngineeringValue $value): bool
    {
        return $part->recognition->value?->value->equals($value) === true;
    }

    private static function isSame(KitPart $a, KitPart $b): bool
    {
        return $a->recognition->value !== null && self::isValue($b, $a->recognition->value->value);
    }

    /** @return list<string> what it may bear: its code, its value as a code of either length, its name */
    private static function prints(KitPart $part): array
    {
        $look = PartLook::of($part);
        if ($look->code === null) {
            return [];
        }
        $code = self::plain($look->code);

        // Below 100 pF some makers print the picofarads alone.
        return preg_match('~^([1-9]\d)0$~', $code, $two) === 1 && $part->kind() === Kind::Ceramic
            ? [$code, $two[1]]
            : [$code];
    }

    /** @param list<string> $prints */
    private static function fits(string $typed, array $prints): bool
    {
        foreach ($prints as $print) {
            if (
                $typed === $print ||
                (strlen($typed) >= self::TYPED && str_contains($print, $typed)) ||
                self::goesOn($typed, $print)
            ) {
                return true;
            }
        }

        return false;
    }

    /** A print goes on behind what the list names: `104K` is a 104, `LM393N` an LM393; a figure more is another part. */
    private static function goesOn(string $typed, string $print): bool
    {
        return strlen($print) >= 2 &&
            str_contains($typed, $print) &&
            preg_match('~^\d~', substr((string) strstr($typed, $print), strlen($print))) !== 1;
    }

    /** @return list<string> */
    private function readings(string $typed): array
    {
        $unit = $this->expected->recognition->value?->value->unit;
        if ($unit === null) {
            return [];
        }
        try {
            return self::told((new Codes())->read($typed, $unit));
        } catch (NoDecoding) {
            return [];
        }
    }

    /**
     * @param list<BandDecoding>|list<CodeDecoding> $readings
     * @return list<string>
     */
    private static function told(array $readings): array
    {
        return array_values(
            array_unique(
                array_map(static fn(BandDecoding|CodeDecoding $each): string => $each->value->display(), $readings),
            ),
        );
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('~[^\p{L}\p{N}.]~u', '', mb_strtoupper($text));
    }
}
