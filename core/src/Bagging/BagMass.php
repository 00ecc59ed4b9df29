<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

/** What the contents of a bag weigh, in grams; wire by its length, hook-up wire at about 3 g a metre (common practice, no source). */
final readonly class BagMass
{
    private const GRAMS_PER_MILLIMETRE = 0.003;

    /** @param bool $typical true where some part has no mass of its own and the kind's typical one is taken */
    private function __construct(public float $grams, public bool $typical) {}

    public static function of(Bag $bag): self
    {
        $grams = 0.0;
        $typical = false;
        foreach ($bag->items as $item) {
            if ($item->length !== null) {
                $grams += $item->length * self::GRAMS_PER_MILLIMETRE;
                $typical = true;
                continue;
            }
            $grams += $item->quantity * ($item->part->shape->grams ?? $item->part->row->body->grams);
            $typical = $typical || $item->part->shape->grams === null;
        }

        return new self($grams, $typical);
    }
}
