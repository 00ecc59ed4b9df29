<?php

declare(strict_types=1);

namespace Chiralex;

/**
 * How much is read at most. What is beyond is refused with the limit in the message, at every reader; docs/limits.md lists them
 * for makers. They stand far above what a kit needs and keep one file from taking a room from everybody.
 */
final readonly class Limits
{
    /** Rows of one table. */
    public const ROWS_READ = 5_000;
    /** Records of one table with the blank ones, and columns of a row. */
    public const RECORDS_READ = 100_000;
    public const COLUMNS = 200;
    /** Bytes of a cell. */
    public const CELL = 32_000;
    /** Characters of a value, a length, a rating. */
    public const VALUE_SIGNS = 200;
    /** Designators of one list. */
    public const PARTS_READ = 5_000;
    /** Rows and parts of a kit that is stored. */
    public const ROWS_STORED = 3_000;
    public const PARTS_STORED = 3_000;
    /** Pins of a part. */
    public const PINS = 200;
    /** Characters of a formula, and how deep its brackets go. */
    public const FORMULA_SIGNS = 200;
    public const FORMULA_DEPTH = 40;
    /** Places and bodies lie below, millimetres. */
    public const PLACE_MM = 2_000.0;
    /** Stock, wire and windings lie below, millimetres: 100 km. */
    public const STOCK_MM = 1e8;
    /** Pieces of one row. */
    public const PIECES = 1_000_000;
    /** Any other number lies below. */
    public const NUMBER = 1e15;
    /** Bytes of kit.json, and entries of one of its lists. */
    public const KIT_FILE = 2 * 1_048_576;
    public const KIT_LIST = 5_000;
    /** Objects and commands of one layer, points of one of its contours. */
    public const LAYER_OBJECTS = 60_000;
    public const LAYER_WORDS = 500_000;
    public const LAYER_CONTOUR = 20_000;
    /** Paragraphs of old manuals, and characters of one. */
    public const OLD_PARAGRAPHS = 600;
    public const OLD_SIGNS = 4_000;
    /** The centre of an arc lies below, millimetres. */
    public const ARC_MM = 100_000.0;
}
