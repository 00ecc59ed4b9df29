<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Kit\KitPart;
use Chiralex\Part\Drawer;
use Chiralex\Part\Sensitivity;

/** The families by which parts are sorted; common practice, no source. */
enum Family: string
{
    case TightResistors = 'bags.resistors-tight';
    case Resistors = 'bags.resistors';
    case Capacitors = 'bags.capacitors';
    case Semiconductors = 'bags.semiconductors';
    case Static = 'bags.static';
    case Connectors = 'bags.connectors';
    case Hardware = 'bags.hardware';
    case Wire = 'bags.wire';
    case Flat = 'bags.board';

    private const TIGHT = ['0.1', '0.25', '0.5', '1', '2'];

    public static function of(KitPart $part): self
    {
        if ($part->shape->sensitivity === Sensitivity::Static) {
            return self::Static;
        }

        return match ($part->row->use->drawer) {
            Drawer::Resistors => in_array(self::tolerance($part), self::TIGHT, true)
                ? self::TightResistors
                : self::Resistors,
            Drawer::Capacitors => self::Capacitors,
            Drawer::Semiconductors => self::Semiconductors,
            Drawer::Connectors => self::Connectors,
            Drawer::Hardware => self::Hardware,
            Drawer::Wire => self::Wire,
            Drawer::Flat => self::Flat,
        };
    }

    /** Where the family stands among the bags. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** True for what is no part on a board. */
    public function isHardware(): bool
    {
        return in_array($this, [self::Hardware, self::Wire], true);
    }

    private static function tolerance(KitPart $part): string
    {
        return $part->tolerance() ?? '';
    }
}
