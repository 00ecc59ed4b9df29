<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

/** What a layer file says of itself, of apertures and of objects, so far. */
final readonly class Attributes
{
    /**
     * @param array<string, list<string>> $file attributes of the file
     * @param array<string, list<string>> $forAperture attributes of apertures defined from here on
     * @param array<string, list<string>> $forObject attributes of objects from here on
     */
    public function __construct(
        public array $file = [],
        public array $forAperture = [],
        public array $forObject = [],
    ) {}
}
