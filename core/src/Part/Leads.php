<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** The leads of a body. */
final readonly class Leads
{
    /** @param float $length seating plane to lead tip, millimetres */
    public function __construct(public LeadStyle $style, public float $length) {}
}
