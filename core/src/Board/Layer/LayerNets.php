<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

/** The pins and nets that the objects of a layer name in their attributes. */
final readonly class LayerNets
{
    /** @return list<array{string, string}> pin and net */
    public function joined(Layer $layer): array
    {
        $joined = [];
        foreach ($layer->objects as $object) {
            [$part, $pin] = [...$object->attributes['.P'] ?? [], '', ''];
            $net = $object->says('.N');
            if ($part !== '' && $pin !== '' && $net !== '') {
                $joined["{$part}.{$pin}"] = ["{$part}.{$pin}", $net];
            }
        }

        return array_values($joined);
    }
}
