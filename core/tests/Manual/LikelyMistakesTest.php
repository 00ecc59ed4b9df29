<?php

declare(strict_types=1);

namespace Chiralex\Tests\Manual;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Manual\LikelyMistakes;
use Chiralex\Manual\ManualPlanner;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** What a builder is told to look at before anybody has reported anything; common practice, no source. */
final class LikelyMistakesTest extends TestCase
{
    public function test_each_step_names_what_can_be_wrong_at_it_and_nothing_else(): void
    {
        $kit = KitMaker::kit(
            [
                'D1,1N4148,DO-35,signal diode',
                'ZD1,5V1,DO-35,Zener diode',
                'C1,100 nF,disc 5mm,ceramic',
                'XU1,8 way,DIP-8,IC socket',
                'U1,LM393,DIP-8,comparator',
            ],
            ['D1,10,10,0,top', 'ZD1,10,20,0,top', 'C1,40,30,0,top', 'XU1,60,30,0,top'],
            ['settings' => ['bagging' => 'parts-and-hardware']],
        );
        $order = KitMaker::order($kit);
        $told = [];
        foreach ((new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order))->steps as $each) {
            foreach (LikelyMistakes::of($each, $kit) as $reason) {
                $told[$each->step->names()[0] ?? ''][] = $reason->code;
            }
        }

        self::assertSame(['mistake.turned', 'mistake.hole', 'mistake.joints'], $told['D1'] ?? []);
        self::assertSame(['mistake.joints'], $told['C1'] ?? []);
        self::assertSame(['mistake.turned', 'mistake.joints'], $told['XU1'] ?? []);
        self::assertSame(['mistake.turned', 'mistake.pin'], $told['U1'] ?? []);
    }
}
