<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

/** What a file of a kit folder is; the values are those of `files` in kit.json. */
enum FileRole: string
{
    case Parts = 'parts';
    case Places = 'places';
    case Outline = 'outline';
    case LegendTop = 'legend-top';
    case LegendBottom = 'legend-bottom';
    case MaskTop = 'mask-top';
    case MaskBottom = 'mask-bottom';
    case CopperTop = 'copper-top';
    case CopperBottom = 'copper-bottom';
    case Drill = 'drill';
    case Nets = 'nets';
    case Drawing = 'drawing';
    case Text = 'text';
    case Photo = 'photo';
    case Kit = 'kit';
    case Other = 'other';
}
