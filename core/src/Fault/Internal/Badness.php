<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Bench\BenchBook;
use Chiralex\Fault\Data\Finds;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\SuspectClass;

/** The chance that a check comes out bad by a suspect, where that is more than by anything else. */
final readonly class Badness
{
    /** @var array<string, array{parts: list<string>, blocks: list<string>}> test to what it touches */
    private array $tests;

    /** @param list<Check> $checks */
    public function __construct(private Bench $bench, private array $checks)
    {
        $list = new CheckList($bench);
        $tests = [];
        foreach ((new BenchBook())->of($bench->kit) as $checked) {
            $parts = $list->touched($checked);
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
            CheckKind::StepJoints
                => $this->atStep($draft, $check),
            CheckKind::Measure => $this->measured($draft, $check),
            CheckKind::Joints, CheckKind::BridgeSwitch => $this->shared($draft, $check),
            CheckKind::LeftOver => $draft->class === SuspectClass::LeftOut ? Finds::EMPTY : null,
            CheckKind::Wires => $draft->class === SuspectClass::WiresSwapped ? Finds::WIRE : null,
            CheckKind::Supply => self::supply($draft),
            default => $draft->isOf($check->designators[0] ?? '') ? self::ofPart($draft->class, $check->kind) : null,
        };
    }

    private function atStep(Draft $draft, Check $check): ?float
    {
        $isHere = array_intersect($draft->designators, $check->designators) !== [];

        return match (true) {
            !$isHere => null,
            $check->kind === CheckKind::StepDirections && $draft->class === SuspectClass::Reversed
                => Finds::DIRECTION_STEP,
            $check->kind === CheckKind::StepValues &&
                in_array($draft->class, [SuspectClass::Swapped, SuspectClass::WrongPart], true)
                => Finds::VALUE_STEP,
            $check->kind === CheckKind::StepHoles && $draft->class === SuspectClass::WrongHole => Finds::HOLE_STEP,
            $check->kind === CheckKind::StepHoles && $draft->class === SuspectClass::LeftOut => Finds::EMPTY,
            $check->kind === CheckKind::StepJoints && $draft->step === $check->step => match ($draft->class) {
                SuspectClass::DryJoint => Finds::DRY_STEP,
                SuspectClass::Bridge => Finds::BRIDGE_STEP,
                default => null,
            },
            default => null,
        };
    }

    /** A joint of a step sits at this part with its share of the joints. */
    private function shared(Draft $draft, Check $check): ?float
    {
        $share = $draft->sits[$check->designators[0] ?? ''] ?? 0.0;
        $find = match (true) {
            $check->kind === CheckKind::BridgeSwitch && $draft->class === SuspectClass::DryJoint => Finds::NEW_PART,
            $check->kind === CheckKind::BridgeSwitch => 0.0,
            $draft->class === SuspectClass::DryJoint => Finds::DRY,
            $draft->class === SuspectClass::Bridge => Finds::BRIDGE_STEP,
            default => 0.0,
        };
        if ($draft->isOf($check->designators[0] ?? '') && $draft->class === SuspectClass::Faulty) {
            return $check->kind === CheckKind::BridgeSwitch ? Finds::NEW_PART : null;
        }

        return $share * $find > 0.0 ? $share * $find + (1.0 - $share) * $check->usual : null;
    }

    private static function ofPart(SuspectClass $class, CheckKind $kind): ?float
    {
        return match ($kind) {
            CheckKind::Direction => $class === SuspectClass::Reversed ? Finds::DIRECTION : null,
            CheckKind::Value => match ($class) {
                SuspectClass::Swapped, SuspectClass::WrongPart => Finds::VALUE,
                SuspectClass::LeftOut => Finds::EMPTY,
                default => null,
            },
            CheckKind::Seat => $class === SuspectClass::BadlySeated ? Finds::SEAT : null,
            CheckKind::Turn => $class === SuspectClass::EndStop ? Finds::TURN : null,
            CheckKind::DiodeTest => match ($class) {
                SuspectClass::Faulty, SuspectClass::Reversed => Finds::JUNCTION,
                default => null,
            },
            CheckKind::KnownGood => match ($class) {
                SuspectClass::Faulty, SuspectClass::Reversed, SuspectClass::BadlySeated, SuspectClass::WrongPart
                    => Finds::NEW_PART,
                default => null,
            },
            default => null,
        };
    }

    private static function supply(Draft $draft): ?float
    {
        return match ($draft->class) {
            SuspectClass::Supply => Finds::WEAK,
            SuspectClass::Bridge => Finds::SHORT,
            default => null,
        };
    }

    /** Outside its range when the cause touches a part of its formula, what it needs, or a block that feeds it. */
    private function measured(Draft $draft, Check $check): ?float
    {
        $test = $this->tests[$check->name] ?? null;
        if ($test === null || $draft->class === SuspectClass::None) {
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
        $isSupply = $draft->class === SuspectClass::Supply;

        return $isSupply || array_filter($draft->designators, $touches) !== [] ? Finds::MEASURED : null;
    }
}
