<?php

declare(strict_types=1);

namespace Chiralex\Fault\Claim;

use Brick\Math\BigDecimal;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/**
 * Weighs a claim of missing pieces by what the books have: Bayes' rule from the shop's own rates. Where piece and postage cost less than one
 * round of letters the pieces are sent at once, with the question beside them.
 */
final readonly class ClaimJudge
{
    /** A hole is a hole; only a wrong key in the book speaks against it. */
    private const HOLE = 0.98;
    /** Builders count a look-alike for the part; a lot was short elsewhere; common practice, no source. */
    private const LOOK_ALIKE = 3.0;
    private const LOT_SHORT = 5.0;
    /** Where else the piece may be, and the share of those who say that it is missing who do not find it there; common practice, no source. */
    private const PLACES = ['left-over', 'on-board'];
    private const FOUND = 0.6;
    /** Claims before which little is known of a customer: their own share begins at a half, worth so many; common practice, no source. */
    private const PATIENCE = 2.0;

    /**
     * @param BigDecimal $round what one round of letters costs, in money
     * @param BigDecimal $postage of a letter with pieces
     */
    public function __construct(private ClaimRates $rates, private BigDecimal $round, private BigDecimal $postage) {}

    /**
     * @param ?BigDecimal $piece price of one piece; null where nobody knows it
     * @param bool $isAgain the same was claimed before, and is not settled
     * @param list<string> $looked what the builder has looked at already: look-alike, left-over, on-board
     */
    public function judge(
        MissingClaim $claim,
        ?BigDecimal $piece,
        bool $isAgain = false,
        array $looked = [],
    ): ClaimAdvice {
        $flags = array_keys(
            array_filter([
                'not-shipped' => !$claim->isShipped,
                'above-list' => $claim->claimed > $claim->listed,
                'again' => $isAgain,
            ]),
        );
        $chance = $claim->isShipped ? $this->chance($claim, $looked) : 0.0;
        $pieces = min($claim->claimed, $claim->listed);
        $cost = $piece?->multipliedBy($pieces)->plus($this->postage);
        $isCheap = $cost !== null && $cost->isLessThan($this->round);
        $send = $claim->isShipped && !$isAgain && ($isCheap || $claim->take === Take::Hole) ? $pieces : 0;

        return new ClaimAdvice($chance, $send, self::questions($claim, $looked, $send > 0), $flags, [
            new Reason(
                'claim.chance',
                [
                    'percent' => (string) round(100 * $chance),
                    'take' => $claim->take->value,
                    'before' => $claim->before->claims,
                ],
                Origin::CommonPractice,
            ),
            new Reason(
                $cost === null ? 'claim.no-price' : 'claim.cost',
                $cost === null ? [] : ['cost' => (string) $cost, 'round' => (string) $this->round],
            ),
        ]);
    }

    /**
     * @param list<string> $looked
     * @return list<string>
     */
    private static function questions(MissingClaim $claim, array $looked, bool $isSent): array
    {
        if ($claim->take === Take::Hole) {
            return [];
        }
        $ask = array_values(array_diff($claim->hasLookAlike ? ['look-alike', ...self::PLACES] : self::PLACES, $looked));

        return $ask === [] && !$isSent ? ['photo'] : $ask;
    }

    /** @param list<string> $looked */
    private function chance(MissingClaim $claim, array $looked): float
    {
        if ($claim->take === Take::Hole) {
            return self::HOLE;
        }
        $missed = $claim->take === Take::Weighed ? $this->rates->weighed : $this->rates->missed;
        $missed *= (1.0 - ($claim->windowFinds ?? 0.0)) * ($claim->isLotShort ? self::LOT_SHORT : 1.0);
        $isMixed = $claim->hasLookAlike && !in_array('look-alike', $looked, true);
        $said =
            $this->rates->said *
            ($isMixed ? self::LOOK_ALIKE : 1.0) *
            self::FOUND ** count(array_intersect(self::PLACES, $looked)) *
            $this->haste($claim);
        $is = $missed * $this->rates->asks;

        return $is / ($is + $said);
    }

    /** Whoever found the pieces after all before may find them again: a Beta distribution of the customer's own claims. */
    private function haste(MissingClaim $claim): float
    {
        $share = ($claim->before->found + self::PATIENCE / 2.0) / ($claim->before->claims + self::PATIENCE);

        return 2.0 * $share;
    }
}
