<?php

declare(strict_types=1);

namespace Chiralex\Tests\Safety;

use Chiralex\Build\Action;
use Chiralex\Build\Step;
use Chiralex\Reason\Reason;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** Cautions stand at the step where they apply; common practice. */
final class CautionsTest extends TestCase
{
    public function test_soldering_warns_of_iron_and_flying_leads_and_of_lead_only_when_there_is_lead(): void
    {
        self::assertSame(['caution.iron', 'caution.lead', 'caution.eyes'], self::codes([], Action::Solder));
        self::assertSame(
            ['caution.iron', 'caution.eyes'],
            self::codes(['settings' => ['alloy' => 'lead-free']], Action::Solder),
        );
    }

    public function test_first_power_warns_of_what_can_vent_and_of_mains_where_the_kit_has_it(): void
    {
        $gate = ['gates' => [['name' => 'supply', 'needs' => ['R1']]]];

        self::assertSame(['caution.power', 'caution.vent'], self::codes($gate, Action::Gate));
        self::assertSame(
            ['caution.power', 'caution.mains', 'caution.charge', 'caution.vent'],
            self::codes($gate + ['traits' => ['mains', 'stored-charge']], Action::Gate),
        );
    }

    public function test_varnish_and_snapping_off_have_their_own(): void
    {
        self::assertSame(
            ['caution.glue'],
            self::codes(
                ['groups' => ['cures' => [['name' => 'varnish', 'of' => ['R1'], 'hours' => 12]]]],
                Action::Cure,
            ),
        );
        self::assertSame(
            ['caution.dust'],
            self::codes(['groups' => ['snapOff' => [['board' => 'main']]]], Action::Snap),
        );
    }

    /**
     * @param array<string, mixed> $json
     * @return list<string>
     */
    private static function codes(array $json, Action $action): array
    {
        $steps = array_values(
            array_filter(
                KitMaker::order(KitMaker::kit(['R1,1k,,', 'C1,47u,6.3x11,'], [], $json))->steps,
                static fn(Step $step): bool => $step->action === $action,
            ),
        );
        self::assertNotSame([], $steps);

        return array_map(static fn(Reason $reason): string => $reason->code, $steps[0]->work->cautions);
    }
}
