<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply\Buying;

use Chiralex\Part\Kind;
use Chiralex\Supply\Data\LossTable;
use PHPUnit\Framework\TestCase;

final class LossTableTest extends TestCase
{
    public function test_what_is_printed_is_what_is_used(): void
    {
        $printed = (string) file_get_contents(dirname(__DIR__, 4) . '/docs/losses.md');
        foreach (Kind::cases() as $kind) {
            $share = (string) (100 * LossTable::of($kind));
            self::assertMatchesRegularExpression("~^\\| {$share} % \\|.*\\b{$kind->value}\\b~m", $printed);
        }
    }
}
