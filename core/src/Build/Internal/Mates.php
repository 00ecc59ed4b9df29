<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\Kit;

/**
 * Connectors, modules and displays that are plugged together and so hold each other straight while they are soldered: what the
 * maker names, and pairs of `sockets` whose second is no chip that goes into a socket.
 */
final readonly class Mates
{
    /** @param array{string, string} $parts both soldered to their boards */
    private function __construct(public array $parts) {}

    /** @return list<self> */
    public static function of(Kit $kit): array
    {
        $pairs = $kit->work->groups->mates;
        foreach ($kit->work->groups->sockets as $module => $socket) {
            if ($kit->part((string) $module)?->place->socket === null) {
                $pairs[] = [(string) $module, $socket];
            }
        }
        $mates = [];
        foreach ($pairs as [$one, $other]) {
            if ($kit->part($one)?->isSoldered() === true && $kit->part($other)?->isSoldered() === true) {
                $mates["{$one}+{$other}"] ??= new self([$one, $other]);
            }
        }

        return array_values($mates);
    }

    public function name(): string
    {
        return implode('+', $this->parts);
    }
}
