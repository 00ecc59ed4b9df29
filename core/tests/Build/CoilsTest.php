<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Coils;
use Chiralex\Build\LastTests;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What kicks when it is switched off, and what there is to switch on. */
final class CoilsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, bool}> row, kit, whether a clamp is wanted */
    public static function coils(): iterable
    {
        yield 'a relay' => ['K1,5 V,,relay', [], true];
        yield 'a clamped relay' => ['K1,5 V,,relay', ['nets' => ['D1' => ['clamps' => 'K1']]], false];
        yield 'a coil of a filter' => ['L1,22u,,inductor', [], false];
        yield 'a coil that something drives' => ['L1,22u,,inductor', ['nets' => ['L1' => ['drivenBy' => 'Q1']]], true];
        yield 'a motor' => ['M1,6 V motor,,', ['lines' => ['M1' => ['kind' => 'unknown']]], true];
        yield 'a solenoid called a coil' => ['L1,solenoid,,inductor', [], true];
        yield 'a resistor called motor' => ['R1,1k,Axial 1/4W,motor resistor', [], false];
        yield 'a relay that is not fitted' => [
            'K1,5 V,,relay',
            ['lines' => ['K1' => ['supply' => 'not-fitted']]],
            false,
        ];
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('coils')]
    public function test_what_kicks_wants_a_clamp(string $row, array $json, bool $wanted): void
    {
        $kit = KitMaker::kit([$row, 'D1,1N4148,DO-35,diode', 'Q1,BC337,TO-92,transistor'], [], $json);

        self::assertSame($wanted ? [explode(',', $row)[0]] : [], Coils::unclamped($kit));
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, bool}> */
    public static function powered(): iterable
    {
        $gate = ['name' => 'rail', 'needs' => ['R1']];
        yield 'nothing to switch on' => [[], [], false];
        yield 'a supply' => [[], ['supply' => ['volts' => 5]], true];
        yield 'a battery holder' => [['BH1,,,battery holder'], [], true];
        yield 'a test with power' => [[], ['tests' => [['name' => 't', 'power' => 'on', 'expect' => '5 V']]], true];
        yield 'a test without' => [[], ['tests' => [['name' => 't', 'power' => 'off', 'expect' => '5 ohm']]], false];
        yield 'a gate without a test' => [[], ['gates' => [$gate]], true];
        yield 'a gate whose test is without power' => [
            [],
            ['gates' => [$gate], 'tests' => [['name' => 't', 'gate' => 'rail', 'power' => 'off', 'expect' => '5 ohm']]],
            false,
        ];
    }

    /**
     * @param list<string> $rows
     * @param array<string, mixed> $json
     */
    #[DataProvider('powered')]
    public function test_there_is_something_to_switch_on(array $rows, array $json, bool $wanted): void
    {
        self::assertSame(
            $wanted,
            LastTests::isPowered(KitMaker::kit(['R1,1k,Axial 1/4W,resistor', ...$rows], [], $json)),
        );
    }
}
