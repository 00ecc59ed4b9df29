<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Data\Finds;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;

/** The chance that a check comes out bad by a suspect, where that is more than by anything else. */
final readonly class Badness
{
    /** What a check of one part finds. */
    private const PART = [
        'direction' => ['reversed' => Finds::DIRECTION],
        'value' => ['swapped' => Finds::VALUE, 'wrong-part' => Finds::VALUE, 'left-out' => Finds::EMPTY],
        'hole' => ['wrong-hole' => Finds::HOLE, 'left-out' => Finds::EMPTY],
        'seat' => ['badly-seated' => Finds::SEAT],
        'turn' => ['end-stop' => Finds::TURN],
        'diode-test' => ['faulty' => Finds::JUNCTION, 'reversed' => Finds::JUNCTION],
        'ohms' => ['faulty' => Finds::OHMS, 'wrong-part' => Finds::OHMS, 'swapped' => Finds::OHMS],
        'known-good' => [
            'faulty' => Finds::NEW_PART,
            'reversed' => Finds::NEW_PART,
            'badly-seated' => Finds::NEW_PART,
            'wrong-part' => Finds::NEW_PART,
        ],
    ];

    /** @var array<string, array{parts: list<string>, blocks: list<string>}> test to what it touches */
    private array $tests;

    /** @param list<Check> $checks */
    public function __construct(private Bench $bench, private array $checks)
    {
        $tests = [];
        foreach ($bench->tests as $checked) {
            $parts = $bench->touched($checked);
            $tests[$checked->test->name] = [
                'parts' => $parts,
                'blocks' => $bench->places->blocksOfAny($parts),
            ];
        }
        $this->tests = $tests;
    }

    /** @return array<string, float> check to chance */
    public function of(Draft $draft): array
    {
        $bad = [];
        foreach ($this->checks as $check) {
            $chance = $this->at($draft, $check);
            if ($chance !== null && abs($chance - $check->usual) > 1e-9) {
                $bad[$check->name] = $chance;
            }
        }

        return $bad;
    }

    private function at(Draft $draft, Check $check): ?float
    {
        return match ($check->kind) {
            CheckKind::StepDirections,
            CheckKind::StepValues,
            CheckKind::StepHoles,
            CheckKind::AllDirections,
            CheckKind::AllValues,
            CheckKind::AllHoles
                => self::onSheet($draft, $check),
            CheckKind::StepJoints, CheckKind::AllJoints, CheckKind::Reflow => self::joints($draft, $check),
            CheckKind::Measure => $this->measured($draft, $check),
            CheckKind::Joints, CheckKind::BridgeSwitch => $this->shared($draft, $check),
            CheckKind::LeftOver => $draft->class === Cause::LeftOut ? Finds::EMPTY : null,
            CheckKind::Wires => $draft->class === Cause::WiresSwapped ? Finds::WIRE : null,
            CheckKind::Supply, CheckKind::SupplySign, CheckKind::OtherSupply => self::supply($draft, $check->kind),
            default => $draft->isOf($check->designators[0] ?? '') ? self::ofPart($draft->class, $check->kind) : null,
        };
    }

    /** Directions, values or holes of a step, or of the whole kit, by their picture. */
    private static function onSheet(Draft $draft, Check $check): ?float
    {
        if (array_intersect($draft->designators, $check->designators) === []) {
            return null;
        }

        return match ($check->kind) {
            CheckKind::StepDirections => $draft->class === Cause::Reversed ? Finds::DIRECTION_STEP : null,
            CheckKind::AllDirections => $draft->class === Cause::Reversed ? Finds::DIRECTION_ALL : null,
            CheckKind::StepValues, CheckKind::AllValues => match ($draft->class) {
                Cause::Swapped, Cause::WrongPart => $check->step === null ? Finds::VALUE_ALL : Finds::VALUE_STEP,
                default => null,
            },
            default => match ($draft->class) {
                Cause::WrongHole => $check->step === null ? Finds::HOLE_ALL : Finds::HOLE_STEP,
                Cause::LeftOut => Finds::EMPTY,
                default => null,
            },
        };
    }

    private static function joints(Draft $draft, Check $check): ?float
    {
        if ($draft->sits === [] || ($check->step !== null && $draft->step !== $check->step)) {
            return null;
        }
        $isDry = $draft->class === Cause::DryJoint;

        return match (true) {
            $check->kind === CheckKind::Reflow => $isDry ? Finds::REFLOWED : Finds::REFLOWED_BRIDGE,
            $check->kind === CheckKind::AllJoints => $isDry ? Finds::DRY_ALL : Finds::BRIDGE_STEP,
            default => $isDry ? Finds::DRY_STEP : Finds::BRIDGE_STEP,
        };
    }

    /** A joint of a step sits at this part with its share of the joints. */
    private function shared(Draft $draft, Check $check): ?float
    {
        $share = $draft->sits[$check->designators[0] ?? ''] ?? 0.0;
        $find = match (true) {
            $check->kind === CheckKind::BridgeSwitch && $draft->class === Cause::DryJoint => Finds::NEW_PART,
            $check->kind === CheckKind::BridgeSwitch => 0.0,
            $draft->class === Cause::DryJoint => Finds::DRY,
            $draft->class === Cause::Bridge => Finds::BRIDGE_STEP,
            default => 0.0,
        };
        if ($draft->isOf($check->designators[0] ?? '') && $draft->class === Cause::Faulty) {
            return $check->kind === CheckKind::BridgeSwitch ? Finds::NEW_PART : null;
        }

        return $share * $find > 0.0 ? $share * $find + (1.0 - $share) * $check->usual : null;
    }

    private static function ofPart(Cause $class, CheckKind $kind): ?float
    {
        return self::PART[$kind->value][$class->value] ?? null;
    }

    private static function supply(Draft $draft, CheckKind $kind): ?float
    {
        return match (true) {
            $draft->class === Cause::Bridge => $kind === CheckKind::Supply ? Finds::SHORT : null,
            $draft->class !== Cause::Supply => null,
            $kind === CheckKind::SupplySign => $draft->name === OtherSuspects::WEAK ? null : Finds::SIGN,
            $kind === CheckKind::OtherSupply => $draft->name === OtherSuspects::WEAK ? Finds::NEW_PART : null,
            default => Finds::WEAK,
        };
    }

    /** Outside its range when the cause touches a part of its formula, what it needs, or a block that feeds it. */
    private function measured(Draft $draft, Check $check): ?float
    {
        $test = $this->tests[$check->name] ?? null;
        if ($test === null || $draft->class === Cause::None) {
            return null;
        }
        $touches = fn(string $name): bool => in_array($name, $test['parts'], true) ||
            $this->bench->places->feedsAny($name, $test['blocks']);
        if ($draft->sits !== []) {
            $share = 0.0;
            foreach ($draft->sits as $name => $part) {
                $share += $touches((string) $name) ? $part : 0.0;
            }

            return $share * Finds::MEASURED + (1.0 - $share) * Finds::MEASURED_ELSE;
        }
        $isSupply = $draft->class === Cause::Supply;

        return $isSupply || array_filter($draft->designators, $touches) !== [] ? Finds::MEASURED : null;
    }
}
