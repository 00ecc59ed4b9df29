<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** What a task does to what it names. The ids of tasks are put together here and nowhere taken apart. */
enum Verb: string
{
    /** Solders one part to its board; these the schools put in order. */
    case Solder = 'solder';
    /** Puts an IC into its socket. */
    case Insert = 'insert';
    /** Fits a part off the board. */
    case Fit = 'fit';
    case Bolt = 'bolt';
    case Fix = 'fix';
    /** The four moves of a panel that serves as jig. */
    case Place = 'place';
    case Jig = 'jig';
    case Nuts = 'nuts';
    case Tack = 'tack';
    /** Plugs two parts together that then hold each other straight. */
    case Plug = 'plug';
    case Cover = 'cover';
    case Cure = 'cure';
    case Snap = 'snap';
    case Gate = 'gate';
    /** The tests at the end: does it do what it is for. */
    case Try = 'try';
    /** Fits something for a gate only. */
    case Lend = 'lend';
    case Return = 'return';
    case Adjust = 'adjust';
    case Wire = 'wire';

    /** The id of the task that does this to something. */
    public function of(string $name): string
    {
        return "{$this->value} {$name}";
    }
}
