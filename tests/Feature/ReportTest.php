<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Report\Photo;
use App\Jobs\SendMail;
use App\Models\Mail;
use App\Policies\Role;
use App\Support\FileStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

final class ReportTest extends TradeCase
{
    public function test_a_report_from_a_kits_own_page_carries_serial_revision_and_step(): void
    {
        $run = $this->run_($this->released());
        $this->report($this->unitToken($run), [
            'text' => 'It is dead.',
            'step' => 'solder:D1',
            'stepNumber' => 1,
            'serial' => 'anything else',
        ])->assertCreated();
        $row = $this->inbox()[0];
        self::assertSame(
            ['It is dead.', 'solder:D1', 1, 'A', true],
            [$row['text'], $row['step'], $row['stepNumber'], $row['revision'], $row['serialKnown']],
        );
        self::assertStringStartsWith('TK-A-00001-', (string) $row['serial']);
    }

    public function test_a_double_click_or_a_resend_arrives_once_and_the_same_words_of_somebody_else_are_another_report(): void
    {
        $token = $this->token($this->released());
        $operation = (string) Str::uuid();
        $words = ['text' => "Nothing happens\nat all", 'email' => 'gwen@example.org'];
        $first = $this->report($token, ['operationId' => $operation] + $words)
            ->assertCreated()
            ->json('id');
        self::assertSame(
            $first,
            $this->report($token, ['operationId' => $operation] + $words)
                ->assertOk()
                ->assertJsonPath('again', true)
                ->json('id'),
        );
        $second = $this->report($token, ['text' => 'nothing  HAPPENS at all', 'email' => 'Gwen@example.org'])
            ->assertCreated()
            ->json('id');
        $this->report($token, ['text' => 'Nothing happens at all'])->assertCreated();
        self::assertSame(3, DB::table('reports')->count());
        // Likeness is a mark for the maker.
        self::assertSame([$first, $first, null], array_column($this->inbox(), 'like'));
        self::assertSame(
            [$first, $second + 1],
            array_column((array) $this->getJson("/api/reports/{$second}")->json('alike'), 'id'),
        );
    }

    public function test_an_unknown_serial_is_kept_as_typed_and_marked(): void
    {
        $release = $this->released();
        foreach (['FB-Z-12345-0', 'the label is gone'] as $serial) {
            $this->report($this->token($release), ['text' => "Broken, {$serial}", 'serial' => $serial])
                ->assertCreated()
                ->assertJsonPath('serialKnown', false);
        }
        self::assertSame(['the label is gone', 'FB-Z-12345-0'], array_column($this->inbox(), 'serial'));
        self::assertSame([false, false], array_column($this->inbox(), 'serialKnown'));
    }

    public function test_a_serial_typed_with_blanks_and_small_letters_is_found(): void
    {
        $run = $this->run_($this->released());
        $serial = (string) DB::table('units')->where('run_id', $run->id)->min('serial');
        $this->report($this->token($run->release), [
            'text' => 'Broken',
            'serial' => strtolower(str_replace('-', ' ', $serial)),
        ])
            ->assertCreated()
            ->assertJsonPath('serialKnown', true);
        self::assertSame($serial, $this->inbox()[0]['serial']);
    }

    public function test_a_report_is_typed_in_and_a_mistyped_serial_is_offered_as_it_may_have_been(): void
    {
        $run = $this->run_($this->released());
        $serial = (string) DB::table('units')->where('run_id', $run->id)->value('serial');
        $support = $this->person(Role::Support);
        $mistyped = substr($serial, 0, -1) . ($serial[-1] === 'X' ? 'Y' : 'X');
        $this->actingAs($support)
            ->getJson('/api/serials/near?serial=' . urlencode($mistyped))
            ->assertOk()
            ->assertJsonPath('serials.0', $serial);
        $this->getJson('/api/serials/near?serial=nothing')->assertOk()->assertJsonPath('serials', []);
        $this->postJson('/api/reports', [
            'operationId' => (string) Str::uuid(),
            'serial' => $serial,
            'text' => 'She says by telephone that it is dead.',
            'name' => 'Greta Ohm',
        ])
            ->assertCreated()
            ->assertJsonPath('serial', $serial)
            ->assertJsonPath('serialKnown', true);
        $this->actingAs($this->person(Role::Packer))->getJson('/api/serials/near?serial=x')->assertForbidden();
    }

    public function test_script_in_the_text_stays_text_everywhere(): void
    {
        $release = $this->released();
        $script = '<script>document.title="x"</script><img src=x onerror=alert(1)>';
        $this->report($this->token($release), ['text' => $script, 'name' => $script])->assertCreated();
        $answer = $this->actingAs($this->person(Role::Support))->getJson('/api/reports')->assertOk();
        self::assertSame($script, $answer->json('reports.0.text'));
        self::assertStringContainsString('application/json', (string) $answer->headers->get('Content-Type'));
        self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
    }

    public function test_a_photo_of_thirty_megabytes_is_refused_with_the_limit_and_keeps_nothing_half(): void
    {
        $token = $this->token($this->released());
        $this->report($token, [
            'text' => 'See the photo',
            'photo' => UploadedFile::fake()->create('board.jpg', 30 * 1024, 'image/jpeg'),
        ])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                fn(string $text): bool => str_contains($text, '10 MB') && str_contains($text, 'Your text is kept'),
            );
        self::assertSame(0, DB::table('reports')->count());
    }

    public function test_a_photo_is_stored_anew_without_what_the_camera_wrote_into_it(): void
    {
        $image = imagecreatetruecolor(3000, 1500);
        self::assertNotFalse($image);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        // An APP1 block as cameras write it, behind the start of image.
        $secret = 'Exif' . "\0\0" . 'GPS 54.1 N 8.9 E';
        $marked = substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($secret) + 2) . $secret . substr($jpeg, 2);
        $this->report($this->token($this->released()), [
            'text' => 'See the photo',
            'photo' => UploadedFile::fake()->createWithContent('board.jpg', $marked),
        ])->assertCreated();
        $kept = $this->app->make(FileStore::class)->get((string) DB::table('report_files')->value('sha256'));
        self::assertStringNotContainsString('GPS', $kept);
        self::assertSame([2000, 1000], array_slice((array) getimagesizefromstring($kept), 0, 2));
    }

    public function test_what_is_no_photo_is_refused_and_an_svg_is_none(): void
    {
        $token = $this->token($this->released());
        foreach (
            [
                'a.svg' => '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>',
                'b.jpg' => 'not a picture',
                'c.png' => "\x89PNG\r\n\x1a\n broken",
            ] as $name => $bytes
        ) {
            $this->report($token, [
                'text' => "See {$name}",
                'photo' => UploadedFile::fake()->createWithContent($name, $bytes),
            ])
                ->assertStatus(422)
                ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'JPEG, PNG or WebP'));
        }
        self::assertSame(0, DB::table('reports')->count());
        self::assertGreaterThan(
            0,
            strlen(
                (new Photo())->cleaned(
                    (string) base64_decode(
                        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNk+A8AAQUBAScY42YAAAAASUVORK5CYII=',
                        true,
                    ),
                ),
            ),
        );
    }

    public function test_an_empty_report_says_what_is_missing(): void
    {
        $token = $this->token($this->released());
        $this->report($token, ['text' => ''])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Say what happens, in your own words.');
        $this->report($token, ['text' => 'Broken', 'email' => 'nowhere'])
            ->assertStatus(422)
            ->assertJsonPath('message', 'That is no mail address; correct it, or leave it empty.');
    }

    public function test_a_report_is_judged_answered_by_mail_and_answered_in_the_faq_at_its_step(): void
    {
        $release = $this->released();
        $support = $this->person(Role::Support);
        $id = $this->report($this->token($release), [
            'text' => 'It is dead.',
            'step' => 'solder:D1',
            'stepNumber' => 1,
            'email' => 'gwen@example.org',
            'name' => 'Gwen',
        ])->json('id');
        $judge = [
            'kitId' => $release->revision->kit_id,
            'symptom' => 'nothing-happens',
            'causes' => [['cause' => 'reversed', 'part' => 'd1']],
        ];
        $this->actingAs($support)
            ->postJson("/api/reports/{$id}/judgements", ['operationId' => (string) Str::uuid()] + $judge)
            ->assertOk()
            ->assertJsonPath('causes', [['cause' => 'reversed', 'part' => 'D1', 'faultOrigin' => 'builder']]);
        $operation = (string) Str::uuid();
        foreach ([1, 2] as $time) {
            $this->postJson("/api/reports/{$id}/answers", ['operationId' => $operation, 'text' => 'Turn D1 round.'])
                ->assertOk()
                ->assertJsonPath('answered', true)
                ->assertJsonPath('mailed', $time === 1);
        }
        self::assertSame(1, DB::table('mails')->count());
        $this->postJson("/api/revisions/{$release->revision_id}/faq", [
            'operationId' => (string) Str::uuid(),
            'symptom' => 'nothing-happens',
            'cause' => 'reversed',
            'part' => 'D1',
            'question' => 'Nothing happens',
            'answer' => 'Turn D1 round.',
            'anchor' => ['D1'],
            'published' => true,
        ])
            ->assertCreated()
            ->assertJsonPath('faq.0.count', 1)
            ->assertJsonPath('faq.0.step', 1)
            ->assertJsonPath('faultOrigins.0', ['id' => 'builder', 'name' => 'builder', 'count' => 1]);
        $this->getJson('/api/public/' . $this->token($release))
            ->assertOk()
            ->assertJsonPath('faq.0.question', 'Nothing happens')
            ->assertJsonPath('faq.0.step', 1)
            ->assertJsonPath('faq.0.count', 1);
    }

    public function test_an_answer_takes_the_picture_of_its_callout_along_and_goes_without_one_where_there_is_none(): void
    {
        Queue::fake([SendMail::class]);
        $run = $this->run_($this->released());
        $maker = $this->person(Role::Maker);
        foreach (['D1' => true, 'R1' => false, 'X9' => false] as $part => $hasPicture) {
            $id = $this->report($this->unitToken($run), ['text' => "About {$part}", 'email' => 'gwen@example.org'])
                ->assertCreated()
                ->json('id');
            $this->actingAs($maker)
                ->postJson('/api/reports/' . (is_int($id) ? $id : 0) . '/answers', [
                    'operationId' => (string) Str::uuid(),
                    'text' => 'Look at it.',
                    'callout' => $part,
                ])
                ->assertOk();
            $mail = Mail::query()->orderByDesc('id')->firstOrFail();
            $this->app->call([new SendMail($mail->id), 'handle']);
            $picture = $mail->refresh()->picture;
            self::assertSame($hasPicture, $picture !== null, $part);
            if ($picture !== null) {
                $size = getimagesizefromstring($this->app->make(FileStore::class)->get($picture));
                self::assertSame('image/png', $size === false ? '' : $size['mime']);
            }
        }
    }

    public function test_a_changed_judgement_counts_and_the_first_stays_in_the_log(): void
    {
        $release = $this->released();
        $support = $this->person(Role::Support);
        $id = $this->report($this->token($release), ['text' => 'It is dead.'])->json('id');
        foreach (['dry-joint', 'supply'] as $cause) {
            $this->actingAs($support)
                ->postJson("/api/reports/{$id}/judgements", [
                    'operationId' => (string) Str::uuid(),
                    'kitId' => $release->revision->kit_id,
                    'symptom' => 'nothing-happens',
                    'causes' => [['cause' => $cause]],
                ])
                ->assertOk();
        }
        $this->getJson("/api/revisions/{$release->revision_id}/faults")
            ->assertJsonPath('causes', [['id' => 'supply', 'name' => 'supply or battery', 'count' => 1]])
            ->assertJsonPath('judged', 1);
        self::assertSame(2, DB::table('report_judgements')->where('report_id', $id)->count());
    }

    public function test_an_entry_that_is_not_published_is_seen_by_the_shop_only(): void
    {
        $release = $this->released();
        $this->actingAs($this->person(Role::Support))
            ->postJson("/api/revisions/{$release->revision_id}/faq", [
                'operationId' => (string) Str::uuid(),
                'symptom' => 'other',
                'cause' => 'none',
                'part' => '',
                'question' => 'It beeps once',
                'answer' => 'It is meant to.',
                'anchor' => [],
                'published' => false,
            ])
            ->assertCreated()
            ->assertJsonCount(1, 'faq');
        $this->getJson('/api/public/' . $this->token($release))->assertJsonCount(0, 'faq');
    }

    /** @param array<string, mixed> $fields */
    private function report(string $token, array $fields): TestResponse
    {
        return $this->post("/api/public/{$token}/reports", $fields + ['operationId' => (string) Str::uuid()], [
            'Accept' => 'application/json',
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function inbox(): array
    {
        /** @var list<array<string, mixed>> */
        return $this->actingAs($this->person(Role::Support))->getJson('/api/reports')->assertOk()->json('reports');
    }
}
