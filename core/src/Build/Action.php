<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Safety\Work;

/** What a step does. */
enum Action: string
{
    case Solder = 'solder';
    case Place = 'place';
    case Jig = 'jig';
    case Nuts = 'nuts';
    case Tack = 'tack';
    case Bolt = 'bolt';
    case Insert = 'insert';
    case Adjust = 'adjust';
    case Snap = 'snap';
    case Remove = 'remove';
    case Cure = 'cure';
    case Gate = 'gate';

    /** True where its parts stand on the board, or in the housing, from then on. */
    public function fits(): bool
    {
        return in_array($this, [self::Solder, self::Insert, self::Place], true);
    }

    /** @param list<string> $designators */
    public function work(array $designators, Kit $kit): Work
    {
        return match ($this) {
            self::Solder, self::Tack => Work::Soldering,
            self::Gate, self::Adjust => LastTests::isPowered($kit) ? Work::Power : Work::Other,
            self::Cure => Work::Curing,
            self::Snap => Work::Breaking,
            self::Insert => $kit->part($designators[0] ?? '')?->kind() === Kind::Battery ? Work::Battery : Work::Other,
            default => Work::Other,
        };
    }

    /** Where a step goes that nothing else pulls forward: lower first. */
    public function lateRank(): int
    {
        return match ($this) {
            self::Cure => 0,
            self::Insert => 1,
            self::Gate, self::Remove, self::Adjust => 2,
            self::Snap => 3,
            self::Solder => 4,
            default => 5,
        };
    }
}
