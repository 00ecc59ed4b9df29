<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\Net\Nets;
use Chiralex\Part\Kind;
use Chiralex\Part\LetterFamily;
use Chiralex\Part\Role;

/** The pins of a connector with their nets, and which neighbours must not change places. */
final readonly class ConnectorTable
{
    /** Kinds that do not stand an exchange of supply and signal; common practice. */
    private const TENDER = [
        Kind::Ic,
        Kind::Transistor,
        Kind::Regulator,
        Kind::Diode,
        Kind::Rectifier,
        Kind::Zener,
        Kind::Led,
        Kind::Display,
        Kind::Sensor,
        Kind::Electrolytic,
        Kind::Tantalum,
        Kind::Photo,
    ];

    /** @param list<ConnectorPin> $pins in natural order */
    private function __construct(public string $designator, public array $pins) {}

    /** @return list<self> of every connector that the nets name, in natural order */
    public static function all(Kit $kit): array
    {
        $nets = $kit->findings->drawn->nets;
        $tables = [];
        foreach ($nets->parts() as $name) {
            $part = $kit->part($name);
            $pins = $nets->ofPart($name);
            // A test point is no connector.
            $isOne = $part !== null && count($pins) > 1 && self::isConnector($part) && $part->supply->isOnBoard();
            if ($isOne) {
                ksort($pins, SORT_NATURAL);
                $tables[] = new self(
                    $name,
                    array_map(
                        static fn(string|int $pin, string $net): ConnectorPin => self::pin(
                            $kit,
                            $nets,
                            $name,
                            (string) $pin,
                            $net,
                        ),
                        array_keys($pins),
                        array_values($pins),
                    ),
                );
            }
        }

        return $tables;
    }

    /**
     * Neighbours whose exchange harms: power with anything else, where something tender hangs on either.
     *
     * @return list<array{ConnectorPin, ConnectorPin}>
     */
    public function exchanges(Kit $kit): array
    {
        $found = [];
        for ($i = 1; $i < count($this->pins); ++$i) {
            [$one, $two] = [$this->pins[$i - 1], $this->pins[$i]];
            $differs = $one->net !== $two->net;
            $power = Nets::isSupply($one->net) || Nets::isSupply($two->net);
            if ($differs && $power && self::isTender($kit, [...$one->to, ...$two->to])) {
                $found[] = [$one, $two];
            }
        }

        return $found;
    }

    private static function isConnector(KitPart $part): bool
    {
        return $part->row->name->letters === LetterFamily::Connector ||
            $part->row->is(Role::TakesWires) ||
            in_array($part->kind(), [Kind::TerminalBlock, Kind::BarrelJack, Kind::Jack, Kind::BatteryHolder], true);
    }

    private static function pin(Kit $kit, Nets $nets, string $part, string $pin, string $net): ConnectorPin
    {
        $to = array_fill_keys(array_diff($nets->partsOn($net), [$part]), true);
        foreach ($kit->work->wires as $wire) {
            if (in_array("{$part}.{$pin}", [$wire->from, $wire->to], true)) {
                $to[$wire->name] = true;
            }
        }

        return new ConnectorPin(
            $pin,
            $net,
            NetVolts::of($net, $kit->nature->power),
            array_map(strval(...), array_keys($to)),
        );
    }

    /** @param list<string> $parts */
    private static function isTender(Kit $kit, array $parts): bool
    {
        foreach ($parts as $name) {
            if (in_array($kit->part($name)?->kind(), self::TENDER, true)) {
                return true;
            }
        }

        return false;
    }
}
