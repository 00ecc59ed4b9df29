<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every room by day and by night, on the desk, on a small screen and on the phone. */
final class LooksTest extends BrowserCase
{
    private const WIDTHS = [[1280, 800], [1024, 640], [390, 844]];
    /** Room, what has to stand there before it is looked at. */
    private const ROOMS = [
        '/shelf' => '.shelf-kitrow',
        '/library' => '.MuiDataGrid-cell',
        '/shop' => '.shop-sheet',
        '/shop?view=people' => '.shop-people li',
        '/shop?view=health' => '.shop-doctor dd',
        '/kits/KIT/parts' => '.parts-parts-table td',
        '/kits/KIT/board' => '.ui-table td',
        '/kits/KIT/order' => '.order-step',
        '/kits/KIT/marks' => '.marks-callout',
        '/kits/KIT/bags' => '.bags-bag',
        '/kits/KIT/bench' => '.bench-testrow',
        '/kits/KIT/manual' => '.manual-steppage',
        '/kits/KIT/faults' => '.faults-rate b',
        '/kits/KIT/pilot' => '.pilot-pilot',
        '/stock' => '.planks-plank',
        '/stock?view=parts' => '.stock-rows li',
        '/stock?view=buying' => '.buying-sheet',
        '/sales' => '.strip-bundle',
        '/sales?view=orders' => '.MuiDataGrid-cell',
        '/sales?view=price' => '.price-step',
        '/reports' => '.wall-paper',
        '/packing' => '.packing-newrun',
    ];
    /** So many of them are those that stand on the library by now. */
    private const NOW = 11;
    /** Elements that a person works with, and those of them that the component library made; drawings are not counted. */
    private const SHARE = <<<'JS'
        const all = [...document.querySelectorAll('button, a[href], input, select, textarea, summary, [role=button], [role=tab], [role=slider]')]
            .filter(e => e.closest('svg') === null && e.getClientRects().length > 0);
        const own = all.filter(e => e.closest('[class*=Mui]') === null || !/Mui/.test(e.className + ' ' + (e.parentElement?.className ?? '')));
        return [all.length, own.map(e => e.outerHTML.slice(0, 90))];
        JS;

    /**
     * All six looks take minutes: bin/looks goes through them, the tests through one by day and one by night.
     *
     * @return iterable<string, array{int, int, string}>
     */
    public static function looks(): iterable
    {
        foreach (self::WIDTHS as [$width, $height]) {
            foreach (['light', 'dark'] as $scheme) {
                if (
                    getenv('CHIRALEX_ALL_LOOKS') === false &&
                    [$width, $scheme] !== [1280, 'dark'] &&
                    [$width, $scheme] !== [390, 'light']
                ) {
                    continue;
                }
                yield "{$width} wide, {$scheme}" => [$width, $height, $scheme];
            }
        }
    }

    #[DataProvider('looks')]
    public function test_every_room_can_be_read_and_none_makes_the_page_scroll(
        int $width,
        int $height,
        string $scheme,
    ): void {
        $this->signIn();
        $this->look($width, $height, $scheme);
        try {
            foreach ($this->rooms() as $room => $css) {
                $this->open($room);
                $this->find($css);
                $this->assertAccessible("{$room}, {$width} wide, {$scheme}");
                [$across, $down] = self::driver()->executeScript(
                    'const d = document.documentElement; return [d.scrollWidth - innerWidth, d.scrollHeight - innerHeight]',
                );
                self::assertLessThanOrEqual(0, $across, "{$room} is wider than {$width}");
                self::assertLessThanOrEqual(
                    $width === 1280 ? 0 : PHP_INT_MAX,
                    $down,
                    "{$room} is higher than {$height}",
                );
            }
        } finally {
            $this->look(1280, 800, 'light');
        }
    }

    public function test_what_is_worked_with_comes_from_the_component_library(): void
    {
        $this->signIn();
        $shares = [];
        foreach (array_slice($this->rooms(), 0, self::NOW) as $room => $css) {
            $this->open($room);
            $this->find($css);
            [$all, $own] = self::driver()->executeScript(self::SHARE);
            $shares[$room] = sprintf('%d of %d', $all - count($own), $all);
            self::assertGreaterThanOrEqual(
                0.9 * $all,
                $all - count($own),
                "{$room}: " . implode("\n", [$shares[$room], ...$own]),
            );
        }
    }

    /** @return array<string, string> with the Frost Bell as the kit */
    private function rooms(): array
    {
        $page = json_decode($this->fetched('/api/kits?search=Frost'), true, 64, JSON_THROW_ON_ERROR);
        $kit = is_array($page) ? $page['kits'][0]['revisionId'] : 0;

        return array_combine(
            array_map(
                static fn(string $room): string => str_replace('KIT', (string) $kit, $room),
                array_keys(self::ROOMS),
            ),
            self::ROOMS,
        );
    }

    private function look(int $width, int $height, string $scheme): void
    {
        $tools = new ChromeDevToolsDriver(self::driver());
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
        $tools->execute('Emulation.setEmulatedMedia', [
            'features' => [
                ['name' => 'prefers-color-scheme', 'value' => $scheme],
                ['name' => 'prefers-reduced-motion', 'value' => 'reduce'],
            ],
        ]);
    }
}
