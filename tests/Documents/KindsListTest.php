<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Part\Kind;
use ChiralexRender\Words;
use PHPUnit\Framework\TestCase;

/** The browser offers the kinds that the core knows, under their names. */
final class KindsListTest extends TestCase
{
    public function test_the_list_of_the_browser_is_the_cores(): void
    {
        $list = (string) file_get_contents(dirname(__DIR__, 2) . '/resources/js/shared/ui/kinds.ts');
        preg_match_all("~id: '([^']+)', name: '([^']+)'~", $list, $found);
        $known = [];
        foreach (Kind::cases() as $kind) {
            if ($kind !== Kind::Unknown) {
                $known[$kind->value] = Words::english()->kind($kind);
            }
        }

        self::assertSame($known, array_combine($found[1], $found[2]), 'run php bin/lib/kinds.php');
    }
}
