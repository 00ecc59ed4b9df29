<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Alloy;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Workholding;
use Chiralex\Manual\DrillPlan;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What the builder needs on the table; common practice, each with what asks for it. */
final readonly class ToolList
{
    /** @return list<Reason> */
    public function of(Kit $kit, BuildOrder $order): array
    {
        $leaded = $kit->choices->settings->bench->alloy === Alloy::Leaded;
        $codes = [
            ...$leaded ? ['tool.iron-leaded', 'tool.solder-leaded'] : ['tool.iron-lead-free', 'tool.solder-lead-free'],
            ...['tool.cutters', 'tool.pliers', 'tool.eyes', 'tool.air', 'tool.wick'],
            ...$this->holding($kit, $order),
            ...$this->work($kit),
        ];

        return array_map(static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice), $codes);
    }

    /** @return list<string> */
    private function holding(Kit $kit, BuildOrder $order): array
    {
        $holds = [];
        $askew = false;
        foreach ($order->steps as $step) {
            $askew = $askew || $step->work->isAskew;
            foreach ($step->parts as $part) {
                $holds[] = $part->hold;
            }
        }

        return self::needed([
            'tool.holder' => $askew || $kit->choices->settings->bench->workholding !== Workholding::Table,
            'tool.tape' => in_array(Hold::Tape, $holds, true),
            'tool.putty' => in_array(Hold::Putty, $holds, true),
        ]);
    }

    /** @return list<string> */
    private function work(Kit $kit): array
    {
        $kinds = array_map(static fn(KitPart $part): Kind => $part->kind(), $kit->parts);
        $has = static fn(Kind $kind): bool => in_array($kind, $kinds, true);
        $work = $kit->work;

        return self::needed([
            'tool.meter' => [...$work->tests, ...$work->gates] !== [],
            'tool.magnifier' => LookAlikes::of($kit)->any(),
            'tool.stripper' => $work->wires !== [] || $has(Kind::Wire) || $has(Kind::Cable),
            'tool.screwdriver' => $has(Kind::Screw) || $has(Kind::TerminalBlock),
            'tool.nut-driver' => $has(Kind::Nut) || $work->groups->panels !== [],
            ...$this->drilling($kit),
            'tool.trimming' => $has(Kind::Trimmer),
            'tool.file' => $work->groups->assembly->snapOffs !== [],
        ]);
    }

    /** @return array<string, bool> what a hole takes, where any is drilled */
    private function drilling(Kit $kit): array
    {
        $drills = DrillPlan::drilled($kit) > 0;

        return [
            'tool.drill' => $drills,
            'tool.punch' => $drills,
            'tool.ruler' => $drills,
            'tool.masking-tape' => $drills,
        ];
    }

    /**
     * @param array<string, bool> $tools
     * @return list<string>
     */
    private static function needed(array $tools): array
    {
        return array_keys(array_filter($tools, static fn(bool $needed): bool => $needed));
    }
}
