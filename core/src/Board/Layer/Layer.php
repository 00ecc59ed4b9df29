<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

/** A layer file as read: what it is, and its objects in millimetres. */
final readonly class Layer
{
    /**
     * @param list<string> $function the file's own, `['Component', 'L1', 'Top']`; empty where it does not say
     * @param list<LayerObject> $objects
     */
    public function __construct(public string $file, public array $function, public array $objects) {}

    public function is(string $function): bool
    {
        return ($this->function[0] ?? '') === $function;
    }
}
