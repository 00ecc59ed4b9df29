<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** How the kits of a class pack lie in it. */
enum Dealing: string
{
    /** One kit, no class pack. */
    case Single = '';
    /** Every part kind in one bag for the whole class. */
    case ByKind = 'kind';
    /** Each pupil's bags by themselves. */
    case ByPupil = 'pupil';

    /** How a pack of so many is dealt: one kit is none, and where nothing is said a class pack is dealt by part kind. */
    public static function of(int $packSize, self $said): self
    {
        return match (true) {
            $packSize === 1 => self::Single,
            $said === self::Single => self::ByKind,
            default => $said,
        };
    }

    /** @return int kits that one key of the packer fills */
    public function kitsAtOnce(int $packSize): int
    {
        return match ($this) {
            self::Single, self::ByPupil => 1,
            self::ByKind => $packSize,
        };
    }
}
