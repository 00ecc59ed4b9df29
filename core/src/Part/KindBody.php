<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** The body that parts of a kind usually have. */
final readonly class KindBody
{
    /** Thickness of a wire lead, millimetres. */
    public const LEAD = 0.6;

    /**
     * @param string $outline name in the outline table
     * @param Hold $hangsAs how a stiff part is held when the table does not hold it
     * @param float $grams typical mass, from memory
     * @param float $leads thickness of its leads, millimetres; common practice
     */
    public function __construct(
        public string $outline,
        public Hold $hangsAs,
        public Sensitivity $sensitivity,
        public float $grams,
        public BodyLook $look = BodyLook::Plain,
        public float $leads = self::LEAD,
    ) {}
}
