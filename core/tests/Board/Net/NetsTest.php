<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Net;

use Chiralex\Board\Net\Net;
use Chiralex\Board\Net\NetReader;
use Chiralex\Board\Net\Nets;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Net lists of bare-board tests (IPC-D-356, columns from memory), and names of supplies (common practice, no source). */
final class NetsTest extends TestCase
{
    private const FILE =
        "P  JOB   ONE\nP  UNITS CUST 1\nP  NNAME1 A_NET_WITH_A_LONG_NAME\n" .
        "317GND              R10   -2    D0800PA00X+015460Y+020000X1600Y0000R000 S0\n" .
        "317GND              R2    -1    D0800PA00X+020540Y+020000X1600Y0000R000 S0\n" .
        "327NNAME1           R2    -2          A01X+020540Y+020000X1600Y0000R000 S0\n" .
        "317GND              VIA         D0400PA00X+027900Y+032000X0800Y0000R000 S3\n" .
        "317N/C              U1    -4    D0800PA00X+027900Y+032000X0800Y0000R000 S3\n" .
        "317GND                          D0800PA00X+027900Y+032000X0800Y0000R000 S3\n" .
        "999\n";

    public function test_pins_are_joined_by_their_nets(): void
    {
        [$joined, $left] = (new NetReader())->read(self::FILE);

        self::assertSame(
            [['A_NET_WITH_A_LONG_NAME', ['R2.2']], ['GND', ['R2.1', 'R10.2']]],
            array_map(static fn(Net $net): array => [$net->name, $net->pins], Nets::of($joined)->all),
        );
        self::assertSame(1, $left);
    }

    public function test_a_net_list_is_known_by_its_records(): void
    {
        self::assertTrue(NetReader::isNets(self::FILE));
        self::assertFalse(NetReader::isNets("P  JOB   ONE\nnothing else\n"));
        self::assertFalse(NetReader::isNets("designator,value\n317,1k\n"));
    }

    public function test_what_two_files_say_of_a_pin_counts_once(): void
    {
        $nets = Nets::of([['R1.1', 'GND'], ['R1.1', 'GND'], ['R1.2', 'OUT']]);

        self::assertSame(['R1.1'], $nets->all[0]->pins);
        self::assertSame(['1' => 'GND', '2' => 'OUT'], $nets->ofPart('R1'));
        self::assertSame('OUT', $nets->at('R1', '2'));
        self::assertNull($nets->at('R1', '3'));
    }

    /** @return iterable<string, array{string, bool, bool}> name, supply, ground */
    public static function names(): iterable
    {
        foreach (['+12V', '5V', '+3V3', '3.3V', '-9V', 'VCC', 'VDD', 'VBAT', 'VIN', 'BAT+', '+BATT'] as $name) {
            yield $name => [$name, true, false];
        }
        foreach (['GND', 'AGND', 'DGND', '0V', 'VSS', 'GNDA'] as $name) {
            yield $name => [$name, str_starts_with($name, '0'), true];
        }
        foreach (['COIL', 'OUT', 'VOLUME', 'BASE', 'N$5', 'GNOME'] as $name) {
            yield $name => [$name, false, false];
        }
    }

    #[DataProvider('names')]
    public function test_supplies_are_known_by_their_names(string $name, bool $supply, bool $ground): void
    {
        self::assertSame(
            [$supply && !$ground, $ground],
            [Nets::isSupply($name) && !Nets::isGround($name), Nets::isGround($name)],
        );
    }
}
