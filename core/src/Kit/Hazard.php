<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What can hurt somebody who builds or uses a kit; the values are those of `traits` in kit.json. */
enum Hazard: string
{
    case Battery = 'battery';
    case CoinCell = 'coin-cell';
    case Mains = 'mains';
    case HighVoltage = 'high-voltage';
    case StoredCharge = 'stored-charge';
    case Hot = 'hot';
    case StrongField = 'strong-field';
    case Radio = 'radio';
    case Laser = 'laser';
    case BrightLight = 'bright-light';
    case SmallMagnets = 'small-magnets';
    case Glue = 'glue';
    case Drilling = 'drilling';
    case SmallParts = 'small-parts';

    /** The caution that goes with it; common practice. */
    public function caution(): string
    {
        return match ($this) {
            self::Battery => 'caution.battery',
            self::CoinCell => 'caution.coin-cell',
            self::Mains, self::HighVoltage => 'caution.mains',
            self::StoredCharge => 'caution.charge',
            self::Hot => 'caution.hot',
            self::StrongField => 'caution.field',
            self::Radio => 'caution.radio',
            self::Laser, self::BrightLight => 'caution.light',
            self::SmallMagnets => 'caution.magnets',
            self::Glue => 'caution.glue',
            self::Drilling => 'caution.drilling',
            self::SmallParts => 'caution.small-parts',
        };
    }

    /** No answer of the maker takes it away when the parts show it: it can kill. */
    public function standsWhateverIsSaid(): bool
    {
        return match ($this) {
            self::Mains, self::HighVoltage, self::StoredCharge, self::CoinCell, self::SmallParts => true,
            self::Battery,
            self::Hot,
            self::StrongField,
            self::Radio,
            self::Laser,
            self::BrightLight,
            self::SmallMagnets,
            self::Glue,
            self::Drilling
                => false,
        };
    }
}
