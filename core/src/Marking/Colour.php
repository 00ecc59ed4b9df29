<?php

declare(strict_types=1);

namespace Chiralex\Marking;

/** Band colours of IEC 60062; the value is the word printed, with `purple` and `gray` read too. */
enum Colour: string
{
    case Black = 'black';
    case Brown = 'brown';
    case Red = 'red';
    case Orange = 'orange';
    case Yellow = 'yellow';
    case Green = 'green';
    case Blue = 'blue';
    case Violet = 'violet';
    case Grey = 'grey';
    case White = 'white';
    case Gold = 'gold';
    case Silver = 'silver';
    case Pink = 'pink';

    public static function read(string $word): ?self
    {
        return match (mb_strtolower(trim($word))) {
            'purple' => self::Violet,
            'gray' => self::Grey,
            default => self::tryFrom(mb_strtolower(trim($word))),
        };
    }

    public static function forDigit(int $digit): self
    {
        return self::cases()[$digit] ?? self::Black;
    }

    public static function forPower(int $power): ?self
    {
        return match (true) {
            $power === -1 => self::Gold,
            $power === -2 => self::Silver,
            $power === -3 => self::Pink,
            $power >= 0 && $power <= 9 => self::forDigit($power),
            default => null,
        };
    }

    public static function forTolerance(string $percent): ?self
    {
        foreach (self::cases() as $colour) {
            if ($colour->tolerance() === $percent) {
                return $colour;
            }
        }

        return null;
    }

    public function digit(): ?int
    {
        return match ($this) {
            self::Gold, self::Silver, self::Pink => null,
            default => (int) array_search($this, self::cases(), true),
        };
    }

    /** Power of ten of a multiplier band. */
    public function power(): int
    {
        return $this->digit() ??
            match ($this) {
                self::Gold => -1,
                self::Silver => -2,
                default => -3,
            };
    }

    /** Tolerance in percent (IEC 60062:2016, from memory), null where the colour means none. */
    public function tolerance(): ?string
    {
        return match ($this) {
            self::Brown => '1',
            self::Red => '2',
            self::Orange => '0.05',
            self::Yellow => '0.02',
            self::Green => '0.5',
            self::Blue => '0.25',
            self::Violet => '0.1',
            self::Grey => '0.01',
            self::Gold => '5',
            self::Silver => '10',
            default => null,
        };
    }

    /** Temperature coefficient in parts per million per kelvin (IEC 60062:2016, from memory). */
    public function temperatureCoefficient(): ?int
    {
        return match ($this) {
            self::Black => 250,
            self::Brown => 100,
            self::Red => 50,
            self::Orange => 15,
            self::Yellow => 25,
            self::Green => 20,
            self::Blue => 10,
            self::Violet => 5,
            self::Grey => 1,
            default => null,
        };
    }

    /** Two letters for print without colour. */
    public function letters(): string
    {
        return match ($this) {
            self::Black => 'BK',
            self::Brown => 'BR',
            self::Red => 'RD',
            self::Orange => 'OR',
            self::Yellow => 'YE',
            self::Green => 'GN',
            self::Blue => 'BL',
            self::Violet => 'VI',
            self::Grey => 'GY',
            self::White => 'WH',
            self::Gold => 'GO',
            self::Silver => 'SR',
            self::Pink => 'PK',
        };
    }

    /** Colours taken for each other under warm light; common practice, no source. */
    public function looksLike(self $other): bool
    {
        foreach (
            [
                [self::Brown, self::Red, self::Orange],
                [self::Violet, self::Blue, self::Grey],
                [self::Gold, self::Yellow],
                [self::White, self::Grey, self::Silver],
            ] as $family
        ) {
            if ($this !== $other && in_array($this, $family, true) && in_array($other, $family, true)) {
                return true;
            }
        }

        return false;
    }
}
