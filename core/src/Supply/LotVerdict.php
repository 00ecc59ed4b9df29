<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** What the first piece of a lot tells of it. */
enum LotVerdict: string
{
    /** It is what the list says. */
    case Accepted = 'accepted';
    /** It is another part that is stocked. */
    case Another = 'another';
    /** The value is right, its tolerance is wider than the list asks. */
    case Wider = 'wider';
    /** Read from one end it is right, from the other it is another part that is stocked: the meter decides. */
    case Measure = 'measure';
    /** What was typed fits other parts too: more of the print decides. */
    case More = 'more';
    /** It is nothing that is stocked. */
    case Stranger = 'stranger';
    /** It bears no mark: it is lit. */
    case Light = 'light';
    /** It bears no mark: it is measured. */
    case Unmarked = 'unmarked';

    /** True where the lot may be used without another look. */
    public function isSettled(): bool
    {
        return $this === self::Accepted;
    }
}
