<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Tests\KitMaker;
use Chiralex\Tests\RandomKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** No damage to a file breaks the reader: it reads what it can, or says in one sentence which file is wrong. */
final class KitReaderPropertiesTest extends TestCase
{
    private const LAYER = "%TF.FileFunction,Component,L1,Top*%\n%FSLAX46Y46*%\n%MOMM*%\n%TA.AperFunction,ComponentMain*%\n%ADD10C,0.3*%\n%TD*%\nD10*\n%TO.C,R1*%\n%TO.CRot,90*%\nX10000000Y20000000D03*\nM02*\n";
    private const JSON = '{"format": 1, "name": "Test", "board": {"outline": [[0, 0], [80, 0], [80, 60], [0, 60]]}, "gates": [{"name": "g", "needs": ["R1"], "protects": ["U1"], "expect": "> 4 V"}], "lines": {"R1": {"height": 3}}}';

    /** @return array<string, array{string, int}> the damaged file, and the seed */
    public static function damages(): array
    {
        $cases = [];
        foreach (['bom.csv', 'placements.csv', 'kit.json', 'top.gbr'] as $file) {
            foreach ([1, 2, 3] as $seed) {
                $cases["{$file}, {$seed}"] = [$file, $seed];
            }
        }

        return $cases;
    }

    #[DataProvider('damages')]
    public function test_a_damaged_file_is_read_or_named(string $file, int $seed): void
    {
        [$bom, $places] = RandomKit::rows(31, 8);
        $files = ['kit.json' => self::JSON] + KitMaker::files($bom, $places, []);
        if ($file === 'top.gbr') {
            unset($files['placements.csv']);
            $files['top.gbr'] = self::LAYER;
        }
        mt_srand($seed);
        for ($round = 0; $round < 120; ++$round) {
            $damaged = [$file => self::damaged((string) $files[$file])] + $files;
            try {
                $kit = (new KitReader())->read($damaged);
                self::assertInstanceOf(Kit::class, $kit);
            } catch (ChiralexException $fault) {
                self::assertStringContainsString($file, $fault->getMessage());
                self::assertLessThan(300, mb_strlen($fault->getMessage()));
            }
        }
    }

    /** A few bytes changed, left out, doubled, or put in. */
    private static function damaged(string $bytes): string
    {
        for ($i = mt_rand(1, 4); $i > 0; --$i) {
            $at = mt_rand(0, max(0, strlen($bytes) - 1));
            $bytes = match (mt_rand(0, 5)) {
                0 => substr_replace($bytes, chr(mt_rand(0, 255)), $at, 1),
                1 => substr_replace($bytes, '', $at, mt_rand(1, 30)),
                2 => substr_replace($bytes, substr($bytes, $at, mt_rand(1, 40)), $at, 0),
                3 => substr_replace(
                    $bytes,
                    [',', '"', "\n", ';', "\t", '*', '%', '{', '[', 'null', '-9e999', "\u{FEFF}"][mt_rand(0, 11)],
                    $at,
                    0,
                ),
                4 => substr($bytes, 0, $at),
                default => substr_replace($bytes, (string) mt_rand(-1_000_000, 1_000_000), $at, mt_rand(0, 3)),
            };
        }

        return $bytes;
    }
}
