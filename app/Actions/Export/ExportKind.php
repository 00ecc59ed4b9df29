<?php

declare(strict_types=1);

namespace App\Actions\Export;

use App\Policies\Ability;

/** What can be printed. */
enum ExportKind: string
{
    case Manual = 'manual';
    case BeforeYouBuy = 'before-you-buy';
    case Booklet = 'booklet';
    case CalloutSheet = 'callout-sheet';
    case SortingMat = 'sorting-mat';
    case DrillingTemplate = 'drilling-template';
    case SafetyFile = 'safety-file';
    case BoardOverlay = 'board-overlay';
    case CutSheet = 'cut-sheet';
    case BagLabels = 'bag-labels';
    case TickList = 'tick-list';
    case TeacherSheet = 'teacher-sheet';
    case DifferenceSlip = 'difference-slip';
    case KitLabels = 'kit-labels';
    case BagLabel = 'bag-label';
    case KitLabel = 'kit-label';
    case TapeRuler = 'tape-ruler';
    case LotSlip = 'lot-slip';
    case PackingSlip = 'packing-slip';
    case CustomsLines = 'customs-lines';
    case PurchaseOrder = 'purchase-order';

    /** True for a single label, which goes to the label printer of the bench. */
    public function isOneLabel(): bool
    {
        return $this === self::BagLabel || $this === self::KitLabel;
    }

    /** What a person needs to be able to, to have it made and to read it. */
    public function needs(): Ability
    {
        return match ($this) {
            self::Manual,
            self::Booklet,
            self::BeforeYouBuy,
            self::CalloutSheet,
            self::SortingMat,
            self::DrillingTemplate,
            self::SafetyFile,
            self::BoardOverlay,
            self::CutSheet,
            self::BagLabels,
            self::TickList,
            self::TeacherSheet,
            self::DifferenceSlip
                => Ability::SeeKits,
            self::KitLabels, self::BagLabel, self::KitLabel, self::TapeRuler, self::LotSlip => Ability::PackKits,
            self::PackingSlip, self::CustomsLines, self::PurchaseOrder => Ability::SellKits,
        };
    }
}
