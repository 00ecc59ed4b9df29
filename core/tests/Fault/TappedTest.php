<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Internal\Gains;
use Chiralex\Fault\Internal\SetTable;
use Chiralex\Fault\Internal\Taps;
use PHPUnit\Framework\TestCase;

/** What a sheet tells with its tap, against the mutual information written out over every set and every answer. */
final class TappedTest extends TestCase
{
    public function test_a_sheet_is_worth_what_the_part_tapped_on_it_tells_too(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 40; ++$round) {
            $model = self::model(mt_rand(2, 6));
            $table = SetTable::of($model, 'dark');
            $sheet = $model->checks[0];
            $looks = (new Gains($table, new Taps($model)))->looks([$sheet]);
            self::assertEqualsWithDelta(self::writtenOut($table, $model), $looks[0]->gain, 1e-9);
            self::assertEquals(
                (new Gains($table, new Taps($model)))->looks($model->checks)[0],
                (new Gains($table, new Taps($model)))->best($model->checks, 0.0),
                'what is left out by its bound is not the best',
            );
        }
    }

    public function test_a_sheet_without_a_tap_is_worth_less(): void
    {
        $model = self::model(4);
        $table = SetTable::of($model, 'dark');
        self::assertLessThan(
            (new Gains($table, new Taps($model)))->looks([$model->checks[0]])[0]->gain,
            (new Gains($table))->looks([$model->checks[0]])[0]->gain,
        );
    }

    private static function writtenOut(SetTable $table, FaultModel $model): float
    {
        $at = static fn(int $suspect, Check $check): float => $suspect < 0
            ? 0.0
            : $table->suspects[$suspect]->badAt($check);
        $shares = $table->shares();
        $outcomes = [];
        $inside = 0.0;
        foreach ($table->sets as $set => [$one, $other]) {
            $chance = static fn(Check $check): float => $one < 0
                ? SetTable::LEAST
                : SetTable::together($at($one, $check), $at($other, $check));
            $parts = array_map($chance, array_slice($model->checks, 1));
            $bad = $chance($model->checks[0]);
            $answers = [
                1.0 - $bad,
                ...array_map(static fn(float $part): float => ($bad * $part) / array_sum($parts), $parts),
            ];
            foreach ($answers as $answer => $share) {
                $outcomes[$answer] = ($outcomes[$answer] ?? 0.0) + $shares[$set] * $share;
                $inside -= $shares[$set] * $share * log($share, 2);
            }
        }

        return array_sum(array_map(static fn(float $share): float => -$share * log($share, 2), $outcomes)) - $inside;
    }

    private static function model(int $parts): FaultModel
    {
        $suspects = $checks = [];
        $names = array_map(static fn(int $part): string => "D{$part}", range(1, $parts));
        foreach ($names as $name) {
            $checks[] = new Check("{$name} as drawn", CheckKind::Direction, 1.1, designators: [$name]);
            $suspects[] = new Suspect(
                "{$name} reversed",
                Cause::Reversed,
                [$name],
                mt_rand(1, 40) / 1000,
                [],
                ["{$name} as drawn" => mt_rand(50, 97) / 100, 'all directions' => mt_rand(40, 95) / 100],
            );
        }
        $suspects[] = new Suspect('supply weak', Cause::Supply, [], 0.02);

        return new FaultModel(
            $suspects,
            [new Check('all directions', CheckKind::AllDirections, 2.0, designators: $names), ...$checks],
            0.01,
        );
    }
}
