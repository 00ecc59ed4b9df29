<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** What rules ask of a kind. A rule asks for a role and names no kinds, so that a new kind needs a row and no other change. */
enum Role
{
    /** Turned to set something: what a test can adjust. */
    case Adjusts;
    /** A clear or coloured lens; its colour tells it apart, its print does not. */
    case Lens;
    /** Can burst when it is turned round, and holds its charge. */
    case PolarCapacitor;
    /** Does nothing without power. */
    case NeedsPower;
    /** Off the board it does nothing without wires. */
    case NeedsWires;
    /** Its pins are there for wires. */
    case TakesWires;
    /** Held by its body while its joints are made, so that fingers need room beside it. */
    case Gripped;
    /** Thick leads or much metal: a hotter tip. */
    case HeavyJoint;
    /** Off the board, with a step of its own; other hardware is counted with what it holds. */
    case OwnStep;
    /** Its type number is printed on the body. */
    case NamePrinted;
    /** The print is so small that nobody reads it on a bench. */
    case SmallPrint;
    /** Sold in the preferred series. */
    case PreferredValue;
    case Fastener;
    /** Bare parts of one body that a meter tells apart. */
    case Measured;
    /** Builders ask for a direction, and there is none. */
    case EitherWay;
    /** Two numbers in its package are diameter and height. */
    case DiameterByHeight;
    /** Held in a panel by its own nut. */
    case Nutted;
    /** Belongs to the box and not to what is in it: fitted once the circuit is known to work. */
    case BoxWork;
    /** A battery, or what one is put into. */
    case HoldsBattery;
}
