<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** By what kits are compared: what `ShippedKit` says of each. */
enum Family: string
{
    case Revision = 'revision';
    case Lot = 'lot';
    case Run = 'run';
    case Option = 'option';

    /** @return list<string> what a kit has of it: several lots, one of the others; none where nothing is known */
    public function of(ShippedKit $kit): array
    {
        $one = match ($this) {
            self::Revision => $kit->revision,
            self::Lot => null,
            self::Run => $kit->run,
            self::Option => $kit->option,
        };

        return $one === null ? $kit->lots : ($one === '' ? [] : [$one]);
    }
}
