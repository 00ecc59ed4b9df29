<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Brick\Math\BigDecimal;
use Chiralex\Fault\Claim\ClaimJudge;
use Chiralex\Fault\Claim\ClaimRates;
use Chiralex\Fault\Claim\ClaimsBefore;
use Chiralex\Fault\Claim\MissingClaim;
use Chiralex\Fault\Claim\Take;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClaimJudgeTest extends TestCase
{
    /** @return iterable<string, array{MissingClaim, float}> chances by hand: missed x 0.9 / (missed x 0.9 + said) */
    public static function claims(): iterable
    {
        $of = static fn(Take $take, mixed ...$more): MissingClaim => new MissingClaim(1, 3, true, $take, ...$more);
        yield 'counted by hand' => [$of(Take::Counted), 0.0018 / 0.0048];
        yield 'weighed' => [$of(Take::Weighed), 0.00009 / 0.00309];
        yield 'its hole is open' => [$of(Take::Hole), 0.98];
        yield 'nobody knows how it was packed' => [$of(Take::Unknown), 0.0018 / 0.0048];
        yield 'the bag was weighed, and would have shown it' => [
            $of(Take::Counted, windowFinds: 0.99),
            0.000018 / 0.003018,
        ];
        yield 'the lot was short elsewhere' => [$of(Take::Counted, isLotShort: true), 0.009 / 0.012];
        yield 'a look-alike lies beside it' => [$of(Take::Counted, hasLookAlike: true), 0.0018 / 0.0108];
        yield 'four claims before, all found' => [
            $of(Take::Counted, before: new ClaimsBefore(4, 4)),
            0.0018 / (0.0018 + (0.003 * 10) / 6),
        ];
        yield 'four claims before, none found' => [
            $of(Take::Counted, before: new ClaimsBefore(4)),
            0.0018 / (0.0018 + (0.003 * 2) / 6),
        ];
        yield 'the kit never left' => [new MissingClaim(1, 3, false, Take::Counted), 0.0];
    }

    #[DataProvider('claims')]
    public function test_how_likely_it_is_that_the_pieces_are_truly_missing(MissingClaim $claim, float $chance): void
    {
        self::assertEqualsWithDelta($chance, self::judge()->judge($claim, null)->chance, 1e-9);
    }

    public function test_who_has_looked_already_is_believed_more_and_not_asked_again(): void
    {
        $claim = new MissingClaim(1, 3, true, Take::Counted, hasLookAlike: true);
        $judged = self::judge()->judge($claim, null, false, ['look-alike', 'left-over']);
        self::assertSame(['on-board'], $judged->ask);
        self::assertEqualsWithDelta(0.0018 / (0.0018 + 0.003 * 0.6), $judged->chance, 1e-9);
        $all = ['look-alike', 'left-over', 'on-board'];
        // Nothing is left to ask: a photograph, or the piece where it is cheap.
        self::assertSame(['photo'], self::judge()->judge($claim, null, false, $all)->ask);
        self::assertSame([], self::judge()->judge($claim, BigDecimal::of('0.01'), false, $all)->ask);
    }

    public function test_what_costs_less_than_a_round_is_sent_at_once_with_the_question_beside_it(): void
    {
        $claim = new MissingClaim(2, 3, true, Take::Weighed, hasLookAlike: true);
        $cheap = self::judge()->judge($claim, BigDecimal::of('0.04'));
        self::assertSame([2, ['look-alike', 'left-over', 'on-board']], [$cheap->send, $cheap->ask]);
        self::assertSame(0, self::judge()->judge($claim, BigDecimal::of('0.05'))->send, 'not at the same cost');
        self::assertSame(0, self::judge()->judge($claim, null)->send, 'a price that nobody knows is not nought');
    }

    public function test_an_open_hole_is_filled_whatever_it_costs_and_nothing_is_asked(): void
    {
        $judged = self::judge()->judge(new MissingClaim(1, 1, true, Take::Hole), BigDecimal::of('9.80'));
        self::assertSame([1, []], [$judged->send, $judged->ask]);
    }

    public function test_what_cannot_be_is_flagged_and_never_sent_beyond_the_list_or_twice(): void
    {
        $more = self::judge()->judge(new MissingClaim(9, 3, true, Take::Counted), BigDecimal::of('0.01'));
        self::assertSame([3, ['above-list']], [$more->send, $more->flags]);
        $early = self::judge()->judge(new MissingClaim(1, 3, false, Take::Counted), BigDecimal::of('0.01'));
        self::assertSame([0, ['not-shipped']], [$early->send, $early->flags]);
        $again = self::judge()->judge(new MissingClaim(1, 3, true, Take::Counted), BigDecimal::of('0.01'), true);
        self::assertSame([0, ['again']], [$again->send, $again->flags]);
    }

    public function test_settled_claims_teach_how_often_pieces_are_truly_missing(): void
    {
        $claim = new MissingClaim(1, 3, true, Take::Counted);
        // Before: 0.375, worth 40 claims; after 20 of 20 that were missing (40 x 0.375 + 20) / 60.
        $taught = self::judge(ClaimRates::usual()->after(20, 0))->judge($claim, null);
        self::assertEqualsWithDelta(35 / 60, $taught->chance, 1e-9);
        $other = self::judge(ClaimRates::usual()->after(0, 20))->judge($claim, null);
        self::assertEqualsWithDelta(15 / 60, $other->chance, 1e-9);
    }

    private static function judge(?ClaimRates $rates = null): ClaimJudge
    {
        return new ClaimJudge($rates ?? ClaimRates::usual(), BigDecimal::of('1.20'), BigDecimal::of('1.10'));
    }
}
