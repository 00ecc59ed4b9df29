<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Internal\TestNeeds;
use Chiralex\Kit\Kit;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What has to be fitted before a test can be made, and why. */
final class TestNeedsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, string>}> a test, and what it needs */
    public static function needs(): iterable
    {
        yield 'its points' => [['points' => ['TP1.1', 'R1']], ['TP1' => 'point', 'R1' => 'point']];
        yield 'what its formula names' => [['expect' => 'R1 / R2'], ['R1' => 'formula', 'R2' => 'formula']];
        yield 'words that are no part' => [['expect' => 'about 5 V at TP9'], []];
        yield 'what it adjusts' => [['expect' => '5 V', 'adjusts' => 'RV1'], ['RV1' => 'point']];
        yield 'what is looked at otherwise' => [['expect' => '5 V', 'otherwise' => 'check R2'], ['R2' => 'otherwise']];
        yield 'the way power comes in' => [['expect' => '5 V', 'power' => 'on'], ['J1' => 'power']];
        yield 'the wire of a part off the boards' => [['expect' => 'RT1'], ['RT1' => 'formula', 'W1' => 'joins']];
        yield 'the wire that joins two boards' => [
            ['expect' => 'R1 / R3'],
            ['R1' => 'formula', 'R3' => 'formula', 'W2' => 'joins'],
        ];
        yield 'no wire between boards for one of them' => [['expect' => 'R3'], ['R3' => 'formula', 'W2' => 'joins']];
        yield 'no wire within a board' => [['expect' => 'R1'], ['R1' => 'formula']];
    }

    /**
     * @param array<string, mixed> $test
     * @param array<string, string> $wanted
     */
    #[DataProvider('needs')]
    public function test_a_test_waits_for_what_it_reads(array $test, array $wanted): void
    {
        $kit = self::kit($test, $test['expect'] ?? '');
        $needs = (new TestNeeds($kit))->of($kit->work->tests[0]);
        ksort($needs);
        ksort($wanted);

        self::assertSame($wanted, array_intersect_key($needs, $wanted + array_diff_key($needs, ['J1' => ''])));
    }

    /** @param array<string, mixed> $test */
    private static function kit(array $test, mixed $expect): Kit
    {
        return KitMaker::kit(
            [
                'R1,1k,Axial 1/4W,resistor',
                'R2,2k,Axial 1/4W,resistor',
                'R3,3k,Axial 1/4W,resistor',
                'RV1,10k,,trimmer',
                'TP1,,,test point',
                'J1,2 way,5.08,screw terminal block for the supply',
                'RT1,10k NTC,bead,thermistor',
            ],
            [],
            [
                'boards' => [
                    ['name' => 'main', 'outline' => [[0, 0], [60, 0], [60, 40], [0, 40]]],
                    ['name' => 'front', 'outline' => [[0, 0], [60, 0], [60, 40], [0, 40]]],
                ],
                'supply' => ['volts' => 9, 'amps' => 0.1],
                'tests' => [['name' => 'it', ...$test]],
                'wires' => [
                    ['name' => 'W1', 'from' => 'RT1.1', 'to' => 'R1.1', 'mm' => 60],
                    ['name' => 'W2', 'from' => 'R3.1', 'to' => 'R1.2', 'mm' => 60],
                    ['name' => 'W3', 'from' => 'R1.1', 'to' => 'R2.1', 'mm' => 60],
                ],
            ],
            "Ref,Board,X,Y,Rotation,Side\nR1,main,10,10,0,top\nR2,main,10,15,0,top\nR3,front,10,10,0,top\n" .
                "RV1,main,30,10,0,top\nTP1,main,40,10,0,top\nJ1,main,50,20,0,top\n",
        );
    }
}
