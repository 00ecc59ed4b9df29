<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

/** A layer file as read: what it is, and its objects in millimetres. */
final readonly class Layer
{
    /**
     * @param list<string> $function the file's own, `['Component', 'L1', 'Top']`; empty where it does not say
     * @param list<LayerObject> $objects
     * @param bool $isWhole false where the end of the file is missing
     * @param list<string> $passed commands that were not followed, `['MI']`
     * @param bool $isUnitGuessed the file names no unit and was taken in inches, as older files are
     */
    public function __construct(
        public string $file,
        public array $function,
        public array $objects,
        public bool $isWhole = true,
        public array $passed = [],
        public bool $isUnitGuessed = false,
    ) {}

    public function is(string $function): bool
    {
        return ($this->function[0] ?? '') === $function;
    }
}
