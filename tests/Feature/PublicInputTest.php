<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Report\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** What strangers send: wrong types, bytes that are no text, numbers that overflow; refused, never a fault of the server. */
final class PublicInputTest extends TradeCase
{
    /** @return iterable<string, array{string, mixed}> field, value */
    public static function wrong(): iterable
    {
        foreach (['operationId', 'text', 'serial', 'step', 'stepNumber', 'name', 'email', 'photo'] as $field) {
            yield "{$field} as a list" => [$field, ['x']];
            yield "{$field} as lists in lists" => [$field, [[['x' => 'y']]]];
            yield "{$field} of bytes that are no text" => [$field, "\xC3\x28 abc"];
            yield "{$field} with a zero byte" => [$field, "abc\0def"];
        }
        yield 'a step number that overflows' => ['stepNumber', '99999999999999999999'];
        yield 'a text of a megabyte' => ['text', str_repeat('x', 1_000_000)];
    }

    #[DataProvider('wrong')]
    public function test_a_field_of_a_report_that_cannot_be_taken_is_refused(string $field, mixed $value): void
    {
        $token = $this->token($this->released());
        $this->post(
            "/api/public/{$token}/reports",
            [$field => $value] + ['operationId' => (string) Str::uuid(), 'text' => 'It is dead.'],
            ['Accept' => 'application/json'],
        )->assertStatus(422);
        self::assertSame(0, DB::table('reports')->count());
    }

    /** @return iterable<string, array{mixed}> */
    public static function wrongTicks(): iterable
    {
        yield 'no list' => ['x'];
        yield 'texts' => [['x', 'y']];
        yield 'a step of bytes that are no text' => [
            [['operationId' => '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a111', 'step' => "\xFF", 'done' => true]],
        ];
        yield 'a step that is a list' => [
            [['operationId' => '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a111', 'step' => ['a'], 'done' => true]],
        ];
        yield 'done that is neither' => [
            [['operationId' => '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a111', 'step' => 'a', 'done' => 'maybe']],
        ];
    }

    #[DataProvider('wrongTicks')]
    public function test_ticks_that_cannot_be_taken_are_refused(mixed $ticks): void
    {
        $run = $this->run_($this->released());
        $this->post(
            "/api/public/{$this->unitToken($run)}/ticks",
            ['ticks' => $ticks],
            ['Accept' => 'application/json'],
        )->assertStatus(422);
    }

    public function test_ids_that_overflow_are_not_found_and_options_that_are_a_list_are_none(): void
    {
        $revision = $this->kit();
        $this->actingAs($this->person());
        foreach (
            [
                '/api/revisions/99999999999999999999',
                '/api/reports/99999999999999999999',
                '/api/runs/99999999999999999999',
                '/api/exports/9999999999999999999999999',
                '/api/orders/99999999999999999999/ship',
            ] as $address
        ) {
            $this->json(str_ends_with($address, 'ship') ? 'POST' : 'GET', $address)->assertNotFound();
        }
        $this->getJson("/api/revisions/{$revision->id}/documents/parts?options[]=1")->assertOk();
        $this->getJson('/api/markings?text[]=1')->assertOk();
        $this->getJson('/api/kits?page[]=1&search[]=x&rows=99999999999999&sort[]=a')->assertOk();
        $this->getJson('/api/reports?page=0&rows=-1')->assertOk()->assertJsonPath('page', 1);
        $this->getJson('/api/orders?search=%00%ff')->assertStatus(422);
        $this->getJson('/api/library?search=%25_%5C')->assertOk()->assertJsonPath('total', 0);
    }

    public function test_thirty_pupils_behind_one_address_read_tick_and_report(): void
    {
        $run = $this->run_($this->released(), 30);
        for ($pupil = 0; $pupil < 30; ++$pupil) {
            $token = $this->unitToken($run, $pupil);
            for ($i = 0; $i < 12; ++$i) {
                $this->getJson("/api/public/{$token}")->assertOk();
                $this->postJson("/api/public/{$token}/ticks", [
                    'ticks' => [['operationId' => (string) Str::uuid(), 'step' => "s{$i}", 'done' => true]],
                ])->assertOk();
            }
            $this->postJson("/api/public/{$token}/reports", [
                'operationId' => (string) Str::uuid(),
                'text' => 'It is dead.',
            ])->assertCreated();
        }
        self::assertSame(30, DB::table('reports')->count());
    }

    public function test_a_portrait_photo_stands_upright(): void
    {
        $wide = imagecreatetruecolor(40, 20) ?: self::fail('no picture');
        imagefilledrectangle($wide, 0, 0, 9, 19, (int) imagecolorallocate($wide, 255, 0, 0));
        ob_start();
        imagejpeg($wide, null, 95);
        $jpeg = (string) ob_get_clean();
        // A camera held upright writes the picture lying and says how it was held (Exif 2.3, tag 0x0112; 6: turn right).
        $ways = [1 => [40, 20, 'left'], 3 => [40, 20, 'right'], 6 => [20, 40, 'top'], 8 => [20, 40, 'bottom']];
        foreach ($ways as $held => [$width, $height, $red]) {
            $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0" . chr($held) . "\0\0\0\0\0\0";
            $said = substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2);
            $clean = imagecreatefromstring((new Photo())->cleaned($said)) ?: self::fail('no picture');
            self::assertSame([$width, $height], [imagesx($clean), imagesy($clean)], "held {$held}");
            $at = ['left' => [3, 10], 'right' => [36, 10], 'top' => [10, 3], 'bottom' => [10, 36]];
            foreach ($at as $side => [$x, $y]) {
                if ($x < $width && $y < $height) {
                    self::assertSame(
                        $side === $red,
                        ((imagecolorat($clean, $x, $y) >> 16) & 255) > 128 && $x >= 0 && in_array($side, [$red], true),
                        "held {$held}, {$side}",
                    );
                }
            }
        }
    }

    public function test_the_inbox_pages_and_every_open_report_can_be_reached(): void
    {
        $release = $this->released();
        DB::table('reports')->insert(
            array_map(
                static fn(int $i): array => [
                    'operation_id' => (string) Str::uuid(),
                    'likeness' => hash('sha256', (string) $i),
                    'release_id' => $release->id,
                    'text' => "Report {$i}",
                    'source' => 'page',
                    'created_at' => now()->subMinutes($i),
                ],
                range(1, 515),
            ),
        );
        $this->actingAs($this->person());
        $seen = [];
        for ($page = 1; $page <= 11; ++$page) {
            $answer = $this->getJson("/api/reports?page={$page}")
                ->assertOk()
                ->assertJsonPath('open', 515)
                ->assertJsonPath('pages', 11);
            array_push($seen, ...array_column((array) $answer->json('reports'), 'id'));
        }
        self::assertCount(515, array_unique($seen));
    }

    public function test_a_refusal_is_in_the_language_of_the_page(): void
    {
        $token = $this->token($this->released());
        $this->post(
            "/api/public/{$token}/reports",
            ['operationId' => (string) Str::uuid(), 'text' => '', 'lang' => 'de'],
            ['Accept' => 'application/json'],
        )
            ->assertStatus(422)
            ->assertJsonPath('errors.text.0', 'Sag mit deinen Worten, was geschieht.');
        $this->post(
            "/api/public/{$token}/reports",
            [
                'operationId' => (string) Str::uuid(),
                'text' => 'Es ist tot.',
                'lang' => 'de',
                'photo' => UploadedFile::fake()->createWithContent('x.jpg', 'no picture'),
            ],
            ['Accept' => 'application/json'],
        )
            ->assertStatus(422)
            ->assertJsonPath('message', static fn(string $text): bool => str_starts_with($text, 'Das Foto ist kein'));
    }

    public function test_health_writes_nothing(): void
    {
        $count = static fn(): int => DB::table('sessions')->count() + DB::table('cache')->count();
        $before = $count();
        $this->get('/health')->assertOk()->assertCookieMissing('chiralex_session');
        self::assertSame($before, $count());
    }

    public function test_a_photo_that_is_none_loses_no_words(): void
    {
        $token = $this->token($this->released());
        $this->post(
            "/api/public/{$token}/reports",
            [
                'operationId' => (string) Str::uuid(),
                'text' => 'It is dead.',
                'photo' => UploadedFile::fake()->createWithContent('x.jpg', 'no picture'),
            ],
            ['Accept' => 'application/json'],
        )
            ->assertStatus(422)
            ->assertJsonPath('message', static fn(string $text): bool => str_contains($text, 'Your text is kept'));
    }
}
