<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bagging\Packing\TapePitch;
use Chiralex\Kit\Kit;
use ChiralexRender\Svg\LoosePicture;
use ChiralexRender\Svg\PartPicture;

/** Each part that is packed, as it lies in the packer's hand. */
final readonly class PackPictures
{
    /** @return array{pictures: array<array-key, array{svg: string, width: float, height: float, isTrue: bool, tape: ?float}>} designator to its drawing, size and pitch on tape in millimetres */
    public function of(Kit $kit): array
    {
        $pictures = [];
        foreach ($kit->parts as $part) {
            if (!$kit->holds($part)) {
                continue;
            }
            $pictures[$part->designator] = ($part->shape->outline->name === 'none'
                ? (new LoosePicture())->of($part, $kit)
                : (new PartPicture())->of($part) + ['isTrue' => true]) + [
                    'tape' => TapePitch::of($part->shape->outline),
                ];
        }

        return ['pictures' => $pictures];
    }
}
