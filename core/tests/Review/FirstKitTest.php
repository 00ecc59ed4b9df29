<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Folder;
use Chiralex\Kit\KitReader;
use Chiralex\Review\FirstKitMatters;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** One kit is packed and built from the printed list before the second; common practice, no source. */
final class FirstKitTest extends TestCase
{
    public function test_each_piece_over_or_missing_is_told_until_it_is_put_right(): void
    {
        self::assertSame(
            ['kit.first-over' => 2, 'kit.first-missing' => 1],
            self::told(['firstKit' => ['done' => true, 'off' => ['R1' => 2, '~3' => -1]]]),
        );
        self::assertSame(['kit.first-over' => 1], self::told(['firstKit' => ['done' => true, 'off' => ['R1' => 1]]]));
        self::assertSame([], self::told(['firstKit' => ['done' => true, 'off' => ['R1' => 0]]]));
    }

    public function test_the_first_kit_is_asked_for_once_somebody_builds(): void
    {
        $log = ['pilot.csv' => "build,step,minutes\n1,solder:R1,2\n"];

        self::assertSame([], self::told([]), 'nobody builds yet');
        self::assertSame(['kit.first-open' => 0], self::told([], $log));
        self::assertSame([], self::told(['firstKit' => ['done' => true]], $log));
    }

    public function test_what_is_put_right_leaves_nothing_behind(): void
    {
        $folder = new Folder(KitMaker::files(['R1,1k,,'], [], []));
        $with = EditKind::FirstKit->read('R1', '', -1)->on($folder)->folder;
        self::assertSame(['R1' => -1], (new KitReader())->read($with->files)->logs->first->off);
        $without = EditKind::FirstKit->read('R1', '', null)->on($with)->folder;

        self::assertSame(json_decode($folder->files['kit.json'], true), json_decode($without->files['kit.json'], true));
    }

    /**
     * @param array<string, mixed> $json
     * @param array<string, string> $more files
     * @return array<string, mixed> code to pieces
     */
    private static function told(array $json, array $more = []): array
    {
        $kit = (new KitReader())->read(KitMaker::files(['R1,1k,,', ',M3x6,,screw'], [], $json) + $more);
        $told = [];
        foreach ((new FirstKitMatters())->matters(new Subject($kit, KitMaker::order($kit))) as $matter) {
            $told[$matter->code] = $matter->args['pieces'] ?? 0;
        }

        return $told;
    }
}
