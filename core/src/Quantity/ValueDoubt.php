<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** Why a value was read under an assumption that the maker should see. */
enum ValueDoubt: string
{
    /** A bare resistor number that is no preferred value, while its code reading is one. */
    case CodeIsPreferred = 'value.code-is-preferred';
    /** A bare capacitor number, read in the unit that is usual for its size. */
    case UnitAssumed = 'value.unit-assumed';
}
