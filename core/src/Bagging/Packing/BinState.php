<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/** What a bin on the scale, or a bag in its cup, is seen to do. */
enum BinState: string
{
    /** Nothing is heard of the scale: never a reading of nought. */
    case Off = 'off';
    /** A hand is in it, or it swings. */
    case Settling = 'settling';
    /** It stands still, and nothing was taken since. */
    case Ready = 'ready';
    /** It creeps while nobody touches it: static charge, a draught, a warm scale. */
    case Creeping = 'creeping';
    /** Pieces for whole kits were taken, and their count is sure. */
    case Took = 'took';
    /** Something was taken, and the scale cannot tell how many kits it is for. */
    case Unclear = 'unclear';
    /** A hand was in it for so long that the scale may have drifted meanwhile. */
    case TooLong = 'too-long';
    /** A few whole pieces came back. */
    case PutBack = 'put-back';
    /** More came in than a hand puts back. */
    case Refill = 'refill';
    /** The bin was lifted off. */
    case Lifted = 'lifted';
    /** Bag by bag: the cup is empty. */
    case NoBag = 'no-bag';
    /** Bag by bag: a bag was stood into the empty cup. */
    case BagSet = 'bag-set';
}
