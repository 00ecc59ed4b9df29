<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Trade\ArticleForm;
use Chiralex\Trade\Dealing;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DealingTest extends TestCase
{
    #[TestWith([1, Dealing::ByPupil, Dealing::Single, 1])]
    #[TestWith([5, Dealing::Single, Dealing::ByKind, 5])]
    #[TestWith([20, Dealing::ByKind, Dealing::ByKind, 20])]
    #[TestWith([20, Dealing::ByPupil, Dealing::ByPupil, 1])]
    public function test_a_pack_dealt_by_part_is_filled_for_all_at_once_and_one_of_a_kit_a_pupil_kit_by_kit(
        int $size,
        Dealing $said,
        Dealing $is,
        int $atOnce,
    ): void {
        self::assertSame($is, Dealing::of($size, $said));
        self::assertSame($atOnce, $is->kitsAtOnce($size));
    }

    public function test_goods_are_all_but_kits_and_class_packs(): void
    {
        self::assertSame(['board', 'case', 'spare', 'parcel'], ArticleForm::goods());
    }
}
