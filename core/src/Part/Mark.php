<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** A mark that shows a part's direction. */
enum Mark: string
{
    case Band = 'band';
    case Flat = 'flat';
    case ShortLead = 'short-lead';
    case LongLead = 'long-lead';
    case Stripe = 'stripe';
    case Plus = 'plus';
    case Bar = 'bar';
    case Notch = 'notch';
    case Dot = 'dot';
    case Tab = 'tab';
    case MetalSide = 'metal-side';
    case Key = 'key';
    case RedEdge = 'red-edge';
    case ColouredSide = 'coloured-side';
    case Colour = 'colour';
    /** What the maker puts on a part that bears no mark of its own. */
    case Ink = 'ink';
    case Sleeve = 'sleeve';
    case Sticker = 'sticker';

    /** Lead marks are gone once the leads are clipped. */
    public function vanishesWhenTrimmed(): bool
    {
        return $this === self::ShortLead || $this === self::LongLead;
    }
}
