<?php

declare(strict_types=1);

namespace Chiralex\Build\Data;

/**
 * How long the pieces of the work take a careful beginner, in minutes. All are common practice, no source: a resistor that is found,
 * read, bent, seated, soldered and clipped comes to about 1.4 minutes. Pilot builds correct them kind by kind.
 */
final readonly class WorkTimes
{
    /** Finding a part in its bag and reading it, and ticking it off. */
    public const READ = 0.4;
    /** Bending two leads to the holes. */
    public const BEND = 0.2;
    /** Into its holes, held, the board turned. */
    public const SEAT = 0.2;
    /** Holding its mark against the mark on the board. */
    public const DIRECTION = 0.2;
    /** One joint, and one that draws much heat. */
    public const JOINT = 0.25;
    public const HEAVY_JOINT = 0.4;
    /** Cutting one lead at its joint. */
    public const CLIP = 0.05;
    /** One pin first, looked at from the side, reheated until it sits flush. */
    public const ALIGN = 0.4;
    /** An end of a wire: stripped, twisted and tinned; then soldered, or held by a screw. */
    public const STRIP = 0.5;
    public const END_SOLDERED = 0.4;
    public const END_SCREWED = 0.3;
    /** An IC: the rows straightened, the notch looked for; then each pin. */
    public const STRAIGHTEN = 0.8;
    public const PIN_IN = 0.05;
    public const BATTERY = 0.5;
    public const NUT = 0.5;
    public const SCREW = 0.7;
    /** Something set, plugged or laid on without a tool. */
    public const PUT = 0.5;
    /** A panel laid over all its parts. */
    public const PANEL = 1.0;
    /** One pin of a part behind a panel, looked at and straightened. */
    public const STRAIGHT = 0.5;
    /** Power connected, the meter set, the page read. */
    public const TEST = 1.5;
    /** One pair of points held and read. */
    public const POINT = 0.6;
    public const ADJUST = 3.0;
    public const SNAP = 1.0;
    public const REMOVE = 1.0;
    public const CURE = 2.0;
    /** A hole: marked, punched, drilled small, drilled wide, its edge cleaned. */
    public const HOLE = 2.5;
    /** The contents list: a line found, a piece counted. */
    public const LINE = 0.25;
    public const PIECE = 0.03;
    /** Flux brushed off a board. */
    public const CLEAN = 2.5;
    /** Table, light and iron made ready; all put away again. */
    public const TIDY = 8.0;
    /** What somebody who has built kits needs of it. */
    public const PRACTISED = 0.55;
    /** How far builders of one skill lie apart, as a share; it weighs as much as two builds by the stopwatch. */
    public const SPREAD = 0.15;
    public const SPREAD_BUILDS = 2;
}
