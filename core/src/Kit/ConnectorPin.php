<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** One pin of a connector, as the nets have it. */
final readonly class ConnectorPin
{
    /**
     * @param ?float $volts against ground; null where nothing says it
     * @param list<string> $to other parts on its net, and wires that leave it
     */
    public function __construct(public string $name, public string $net, public ?float $volts, public array $to) {}
}
