<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Policies\Role;
use App\Support\FileStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Mime\Email;

/** Letters and reports that come in from files: read as far as they can be, flagged, never lost. */
final class IntakeTest extends TradeCase
{
    public function test_a_mail_becomes_a_report_with_serial_text_photo_and_sender(): void
    {
        $serial = $this->shipped();
        $mail = self::mail(
            "Hello,\nmy {$serial} is dead.\n\nOn Tue, shop wrote:\n> Turn D1.\n\n-- \nGwen Tarrow\n4 Quay Lane",
        )
            ->attach(self::jpeg(), 'board.jpg', 'image/jpeg')
            ->attach('%PDF-1.4', 'bill.pdf', 'application/pdf');
        $this->take('one.eml', $mail->toString())->assertJsonPath('reports', 1)->assertJsonPath('problems', []);
        $report = $this->opened($this->only());
        self::assertSame("Hello,\nmy {$serial} is dead.", $report['text']);
        self::assertSame(
            [$serial, true, 'Gwen Tarrow', true],
            [$report['serial'], $report['serialKnown'], $report['customer'], $report['photo']],
        );
        $letter = self::row($report, 'letters', 0);
        self::assertStringContainsString('> Turn D1.', (string) $letter['folded']);
        self::assertStringContainsString('4 Quay Lane', (string) $letter['folded']);
        $files = (array) $report['files'];
        self::assertSame(
            [['board.jpg', true], ['bill.pdf', false]],
            array_map(static fn(array $file): array => [$file['name'], $file['photo']], $files),
        );
        $this->get("/api/reports/{$report['id']}/files/{$files[0]['id']}")->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/api/reports/{$report['id']}/files/{$files[1]['id']}")
            ->assertHeader('Content-Type', 'application/octet-stream')
            ->assertHeader('Content-Disposition', 'attachment; filename="bill.pdf"');
        $this->actingAs($this->person(Role::Packer))
            ->get("/api/reports/{$report['id']}/files/{$files[0]['id']}")
            ->assertForbidden();
    }

    public function test_the_same_mail_by_another_way_is_known_and_an_answer_joins_its_thread(): void
    {
        $first = self::mail('It is dead.');
        $first->getHeaders()->addIdHeader('Message-ID', 'one@example.org');
        $second = self::mail('I turned D1, it works.');
        $second->getHeaders()->addIdHeader('In-Reply-To', 'one@example.org');
        $bytes = $first->toString();
        $this->take('one.eml', $bytes)->assertJsonPath('reports', 1);
        $mbox =
            'From gwen@example.org Tue Nov  3 09:12:00 2026' .
            "\n" .
            str_replace("\r\n", "\n", $bytes) .
            "\n\n" .
            'From gwen@example.org Wed Nov  4 09:12:00 2026' .
            "\n" .
            str_replace("\r\n", "\n", $second->toString()) .
            "\n";
        $this->take('all.mbox', $mbox)
            ->assertJsonPath('again', 1)
            ->assertJsonPath('follows', 1)
            ->assertJsonPath('reports', 0);
        $report = $this->opened($this->only());
        self::assertCount(2, (array) $report['letters']);
        self::assertFalse($report['answered']);
    }

    public function test_an_answer_to_a_mail_of_ours_joins_its_report_and_it_waits_again(): void
    {
        $this->take('one.eml', self::mail('It is dead.')->toString());
        $id = $this->only();
        $this->postJson("/api/reports/{$id}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Turn D1 round.',
        ])->assertJsonPath('answered', true);
        $back = self::mail('Still dead.');
        $back->getHeaders()->addIdHeader('In-Reply-To', (string) DB::table('mails')->value('message_id'));
        $this->take('two.eml', $back->toString())->assertJsonPath('follows', 1);
        self::assertFalse($this->opened($id)['answered']);
        self::assertSame('Re: The bell', DB::table('mails')->value('subject'));
    }

    public function test_a_mail_that_comes_back_puts_its_report_onto_the_stack_again(): void
    {
        $this->take('one.eml', self::mail('It is dead.')->toString());
        $id = $this->only();
        $this->postJson("/api/reports/{$id}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Turn D1 round.',
        ]);
        $ours = (string) DB::table('mails')->value('message_id');
        $bounce =
            "From: Mail Delivery <MAILER-DAEMON@example.org>\nTo: shop@example.org\nSubject: Undelivered\nAuto-Submitted: auto-replied\n" .
            "MIME-Version: 1.0\nContent-Type: multipart/report; report-type=delivery-status; boundary=\"b\"\n\n--b\nContent-Type: text/plain\n\nNo such mailbox.\n\n" .
            "--b\nContent-Type: message/rfc822\n\nMessage-ID: <{$ours}>\nSubject: Re: The bell\n\nTurn D1 round.\n--b--\n";
        $this->take('back.eml', $bounce)->assertJsonPath('apart', 1);
        $report = $this->opened($id);
        self::assertFalse($report['answered']);
        self::assertSame(
            ['bounced', 'No such mailbox.'],
            [self::row($report, 'mails', 0)['status'], self::row($report, 'mails', 0)['fault']],
        );
        self::assertSame('bounce', self::row($report, 'letters', 1)['kind']);
    }

    public function test_answers_of_machines_and_what_cannot_be_read_stand_apart_with_their_bytes_and_a_person_may_say_otherwise(): void
    {
        $auto = self::mail('I am on holiday.');
        $auto->getHeaders()->addTextHeader('Auto-Submitted', 'auto-replied');
        $this->take('auto.eml', $auto->toString())->assertJsonPath('apart', 1);
        $noise = "\x00\x01\xFF" . random_bytes(600);
        $this->take('noise.eml', $noise)->assertJsonPath('apart', 1);
        $letters = (array) $this->getJson('/api/letters')->assertOk()->json('letters');
        self::assertSame(['unreadable', 'auto-reply'], array_column($letters, 'kind'));
        $bytes = $this->get("/api/letters/{$letters[0]['id']}/bytes")->assertHeader(
            'Content-Type',
            'application/octet-stream',
        );
        self::assertSame($noise, $bytes->getContent());
        foreach ([201, 201] as $code) {
            $this->postJson("/api/letters/{$letters[1]['id']}/report", ['operationId' => (string) Str::uuid()])
                ->assertStatus($code)
                ->assertJsonPath('text', 'I am on holiday.');
        }
        self::assertSame(1, DB::table('reports')->count());
        $this->getJson('/api/letters')->assertJsonPath('total', 1);
    }

    /** @return iterable<string, array{callable(): string, string, callable(array<string, mixed>): bool}> what came, the flag, and what the report must be */
    public static function odd(): iterable
    {
        yield 'a sender that its own head speaks against' => [
            static function (): string {
                $mail = self::mail('Send me another kit.');
                $mail
                    ->getHeaders()
                    ->addTextHeader('Authentication-Results', 'mx.example.org; spf=fail smtp.mailfrom=example.org');

                return $mail->toString();
            },
            'from-doubtful',
            static fn(array $report): bool => $report['text'] === 'Send me another kit.',
        ];
        yield 'answers that would go elsewhere' => [
            static fn(): string => self::mail('Dead.')->replyTo('x@elsewhere.example')->toString(),
            'reply-elsewhere',
            static fn(array $report): bool => $report['text'] === 'Dead.',
        ];
        yield 'HTML only' => [
            static fn(): string => (new Email())
                ->from('gwen@example.org')
                ->to('s@example.org')
                ->subject('x')
                ->html('<style>p{}</style><p>It is <b>dead</b> &amp; cold.</p><script>alert(1)</script><p>Gwen</p>')
                ->toString(),
            'html-only',
            static fn(array $report): bool => $report['text'] === "It is dead & cold.\nGwen",
        ];
        yield 'a broken charset' => [
            static fn(): string => "From: gwen@example.org\nSubject: x\nContent-Type: text/plain; charset=utf-8\n\nGr\xFC\xDFe, tot.",
            'charset',
            static fn(array $report): bool => $report['text'] === 'Grüße, tot.',
        ];
        yield 'a charset nobody knows' => [
            static fn(): string => "From: gwen@example.org\nSubject: x\nContent-Type: text/plain; charset=klingon-1\n\nIt is dead.",
            'charset',
            static fn(array $report): bool => $report['text'] === 'It is dead.',
        ];
        yield 'winmail' => [
            static fn(): string => self::mail('See the file.')
                ->attach("\x78\x9F\x3E\x22", 'winmail.dat', 'application/ms-tnef')
                ->toString(),
            'winmail',
            static fn(array $report): bool => count((array) $report['files']) === 1,
        ];
        yield 'a mail bomb of ten thousand parts' => [
            static fn(): string => "From: gwen@example.org\nSubject: x\nContent-Type: multipart/mixed; boundary=b\n\n--b\nContent-Type: text/plain\n\nDead.\n" .
                str_repeat("--b\nContent-Type: image/png\n\nx\n", 10_000) .
                "--b--\n",
            'too-many-parts',
            static fn(array $report): bool => $report['text'] === 'Dead.' && count((array) $report['files']) <= 20,
        ];
        yield 'parts within parts within parts' => [
            static function (): string {
                $inner = "Content-Type: text/plain\n\nDeep.\n";
                for ($i = 0; $i < 60; ++$i) {
                    $inner = "Content-Type: multipart/mixed; boundary=b{$i}\n\n--b{$i}\n{$inner}\n--b{$i}--\n";
                }

                return "From: gwen@example.org\nSubject: Deep down\nMIME-Version: 1.0\n{$inner}";
            },
            'too-many-parts',
            static fn(array $report): bool => $report['text'] !== '',
        ];
        yield 'a serial that is none of ours' => [
            static fn(): string => self::mail('My TK-A-99999-9 is dead.')->toString(),
            'serial-unknown',
            static fn(array $report): bool => $report['serial'] === 'TK-A-99999-9' && $report['serialKnown'] === false,
        ];
        yield 'a kit that is only named' => [
            static fn(): string => self::mail('My test KIT is dead.')->toString(),
            'kit-guessed',
            static fn(array $report): bool => $report['kit'] === 'Test kit',
        ];
    }

    /**
     * @param callable(): string $mail
     * @param callable(array<string, mixed>): bool $is
     */
    #[DataProvider('odd')]
    public function test_what_is_odd_is_read_as_far_as_it_can_be_and_flagged(
        callable $mail,
        string $flag,
        callable $is,
    ): void {
        $this->released();
        $this->take('odd.eml', $mail())->assertJsonPath('reports', 1);
        $report = $this->opened($this->only());
        self::assertContains($flag, array_column((array) self::row($report, 'letters', 0)['flags'], 'code'));
        self::assertTrue($is($report), json_encode($report, JSON_THROW_ON_ERROR));
    }

    public function test_a_forged_sender_is_nobody_we_know_and_a_kit_in_the_shop_is_told(): void
    {
        $run = $this->run_($this->released());
        $serial = (string) DB::table('units')->where('run_id', $run->id)->min('serial');
        $this->take('one.eml', self::mail("My {$serial} is dead.")->toString());
        $forged = self::mail('Another kit.');
        $forged->getHeaders()->addTextHeader('Received-SPF', 'fail (domain does not designate)');
        $this->take('two.eml', $forged->toString());
        self::assertCount(2, array_unique(DB::table('reports')->pluck('customer_id')->all()));
        self::assertContains(
            'not-shipped',
            array_column(
                (array) self::row($this->opened((int) DB::table('reports')->min('id')), 'letters', 0)['flags'],
                'code',
            ),
        );
    }

    public function test_the_same_message_id_with_other_bytes_is_kept_and_marked(): void
    {
        foreach (['Dead.', 'Send money.'] as $text) {
            $mail = self::mail($text);
            $mail->getHeaders()->addIdHeader('Message-ID', 'same@example.org');
            $this->take('x.eml', $mail->toString())->assertJsonPath('reports', 1);
        }
        $flags = array_column(
            (array) self::row($this->opened((int) DB::table('reports')->max('id')), 'letters', 0)['flags'],
            'code',
        );
        self::assertContains('same-id', $flags);
    }

    public function test_thirty_megabytes_are_taken_and_more_is_refused_with_what_to_do(): void
    {
        $big =
            "From: gwen@example.org\nSubject: x\nMIME-Version: 1.0\nContent-Type: multipart/mixed; boundary=b\n\n--b\nContent-Type: text/plain\n\nDead.\n--b\nContent-Type: image/jpeg; name=big.jpg\nContent-Transfer-Encoding: base64\n\n" .
            chunk_split(base64_encode(str_repeat("\xFF\xD8\xFF\xE0 not a picture ", 1_250_000))) .
            "\n--b--\n";
        self::assertGreaterThan(28_000_000, strlen($big));
        $this->take('big.eml', $big)->assertJsonPath('reports', 1);
        self::assertContains(
            'too-large',
            array_column((array) self::row($this->opened($this->only()), 'letters', 0)['flags'], 'code'),
        );
        $this->actingAs($this->person(Role::Support))
            ->post(
                '/api/intakes',
                ['operationId' => (string) Str::uuid(), 'file' => UploadedFile::fake()->create('huge.mbox', 33 * 1024)],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'huge.mbox has 33 MB; at most 32 MB go in at once. Split the mailbox; what was taken is not taken twice.',
            );
    }

    public function test_a_table_is_taken_row_by_row_judged_where_it_says_so_and_never_twice(): void
    {
        $serial = $this->shipped();
        $csv = "date,serial,symptom,cause,text,name,email\n2026-07-28,{$serial},nothing-happens,D1 reversed,It was dead.,Gwen,gwen@example.org\n28.7.26,x,,,Bad day.,,\n2026-07-29,,,,No serial.,,no address\n";
        $this->take('old.csv', $csv)
            ->assertJsonPath('reports', 2)
            ->assertJsonPath('problems.0.row', 3)
            ->assertJsonPath('problems.0.column', 'date');
        $this->take('old.csv', $csv)->assertJsonPath('reports', 0)->assertJsonPath('again', 2);
        $states = DB::table('report_states')->orderBy('report_id')->get();
        self::assertSame([true, false], $states->pluck('judged')->all());
        self::assertEquals(
            [['cause' => 'reversed', 'part' => 'D1', 'origin' => 'builder']],
            json_decode((string) $states[0]->causes, true),
        );
        self::assertSame('2026-07-28', substr((string) DB::table('reports')->min('created_at'), 0, 10));
        $this->take('old.jsonl', "{\"text\": \"Hot.\"}\nnonsense")
            ->assertJsonPath('reports', 1)
            ->assertJsonPath('problems.0.row', 2);
        $this->take('bad.csv', "a,b\n1,2\n")
            ->assertJsonPath('status', 'failed')
            ->assertJsonPath(
                'fault',
                static fn(string $why): bool => str_contains($why, 'text') && str_contains($why, '.eml'),
            );
    }

    public function test_the_block_of_the_offline_page_is_read_from_pasted_words(): void
    {
        $serial = $this->shipped();
        $text = "It stays dark.\n\n--- chiralex report 1 ---\nkit: Test kit\nrevision: A\nserial: {$serial}\nstep: 1 Parts\nstep-key: solder R1 D1\nreadings: rail 3.1 V (expected 5 V)\nlanguage: en\n--- end ---\n";
        $this->actingAs($this->person(Role::Support))
            ->postJson('/api/intakes', ['operationId' => (string) Str::uuid(), 'text' => $text])
            ->assertStatus(202)
            ->assertJsonPath('reports', 1);
        $report = $this->opened($this->only());
        self::assertSame(
            ['It stays dark.', $serial, 1, 'solder R1 D1'],
            [$report['text'], $report['serial'], $report['stepNumber'], $report['step']],
        );
        self::assertSame([['check' => 'reading', 'answer' => 'rail 3.1 V (expected 5 V)']], $report['checks']);
        $this->postJson('/api/intakes', ['operationId' => (string) Str::uuid(), 'text' => ' '])->assertStatus(422);
    }

    public function test_an_intake_that_was_killed_half_way_takes_nothing_twice(): void
    {
        $rows = "text\n" . implode("\n", array_map(static fn(int $i): string => "Report {$i}", range(1, 20))) . "\n";
        $operation = (string) Str::uuid();
        $this->take('old.csv', $rows, $operation)->assertJsonPath('reports', 20);
        DB::table('intakes')->update(['status' => 'running', 'progress' => 40]);
        \App\Jobs\TakeReports::dispatchSync((int) DB::table('intakes')->value('id'));
        self::assertSame(20, DB::table('reports')->count());
        self::assertSame(
            ['done', 100],
            [DB::table('intakes')->value('status'), DB::table('intakes')->value('progress')],
        );
        $this->take('old.csv', $rows, $operation);
        self::assertSame(1, DB::table('intakes')->count());
    }

    public function test_reports_of_one_matter_lie_together_and_stay_where_they_were_laid(): void
    {
        $release = $this->released();
        $csv =
            "kit,text\n" .
            implode("\n", [
                'Test kit,Nothing happens at all and the lamp stays dark',
                'Test kit,The lamp stays dark nothing happens when I switch it on',
                'Test kit,A resistor is missing in the bag',
            ]) .
            "\n";
        $this->take('old.csv', $csv)->assertJsonPath('reports', 3);
        $matters = DB::table('report_matters')->orderBy('report_id')->pluck('matter_id', 'report_id')->all();
        self::assertCount(3, $matters);
        self::assertCount(2, array_unique($matters), (string) $release->id);
        $this->take('more.csv', "kit,text\nTest kit,nothing happens - lamp is dark\n");
        self::assertSame(
            array_values($matters)[0],
            DB::table('report_matters')->orderByDesc('report_id')->value('matter_id'),
        );
    }

    public function test_erasing_a_customer_takes_name_letters_and_words_and_leaves_the_report(): void
    {
        $this->take('one.eml', self::mail('It is dead.')->toString());
        $id = $this->only();
        $this->postJson("/api/reports/{$id}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Dear Gwen, turn D1.',
        ]);
        $customer = (int) DB::table('customers')->where('email', 'gwen@example.org')->value('id');
        $raw = trim((string) DB::table('letter_raws')->value('sha256'));
        $this->actingAs($this->person(Role::Support))
            ->deleteJson("/api/customers/{$customer}", ['operationId' => (string) Str::uuid()])
            ->assertForbidden();
        $this->actingAs($this->person())
            ->deleteJson("/api/customers/{$customer}", ['operationId' => (string) Str::uuid()])
            ->assertNoContent();
        self::assertSame(0, DB::table('letter_raws')->count());
        self::assertFileDoesNotExist(config()->string('app.files') . '/' . substr($raw, 0, 2) . "/{$raw}");
        self::assertSame(
            ['erased', null],
            [DB::table('customers')->value('name'), DB::table('customers')->value('email')],
        );
        self::assertStringNotContainsString('Gwen', (string) DB::table('mails')->value('body'));
        self::assertSame('It is dead.', $this->opened($id)['text']);
        self::assertInstanceOf(FileStore::class, $this->app->make(FileStore::class));
    }

    public function test_a_cause_needs_a_place_of_the_kit_and_a_symptom_that_it_knows(): void
    {
        $release = $this->released();
        $this->take('one.csv', "kit,text\nTest kit,Dead.\n");
        $id = $this->only();
        $judge = fn(array $said): TestResponse => $this->postJson(
            "/api/reports/{$id}/judgements",
            $said + [
                'operationId' => (string) Str::uuid(),
                'kitId' => $release->revision->kit_id,
                'symptom' => 'nothing-happens',
            ],
        );
        $judge(['causes' => [['cause' => 'reversed', 'part' => 'D9']]])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'This kit has no D9; write a designator of it, several with "and", or a step like "step 4".',
            );
        $judge(['causes' => [['cause' => 'reversed', 'part' => 'D1']], 'symptom' => 'the moon is out'])->assertStatus(
            422,
        );
        $judge(['causes' => []])->assertStatus(422);
        $judge(['causes' => array_fill(0, 9, ['cause' => 'reversed', 'part' => 'D1'])])->assertStatus(422);
        $judge([
            'causes' => [
                ['cause' => 'swapped', 'part' => 'r1, d1'],
                ['cause' => 'dry-joint', 'part' => 'Step 1', 'faultOrigin' => 'builder'],
                ['cause' => 'swapped', 'part' => 'R1 and D1'],
            ],
        ])
            ->assertOk()
            ->assertJsonPath('causes.0.part', 'R1 and D1')
            ->assertJsonPath('causes.1.part', 'step 1')
            ->assertJsonCount(2, 'causes');
        $this->getJson("/api/kits/{$release->revision->kit_id}/places")->assertJsonPath(
            'places',
            static fn(array $all): bool => in_array('D1', $all, true),
        );
    }

    public function test_two_places_of_one_cause_are_two_entries_and_an_entry_holds_for_its_option_and_revisions(): void
    {
        $release = $this->released();
        $write = fn(string $part, array $more = []): TestResponse => $this->actingAs(
            $this->person(Role::Support),
        )->postJson(
            "/api/revisions/{$release->revision_id}/faq",
            $more + [
                'operationId' => (string) Str::uuid(),
                'symptom' => 'nothing-happens',
                'cause' => 'reversed',
                'part' => $part,
                'question' => "Is {$part} reversed?",
                'answer' => "Turn {$part}.",
                'anchor' => [$part],
                'published' => true,
            ],
        );
        $write('D1')->assertCreated();
        $write('R1')->assertCreated()->assertJsonCount(2, 'faq');
        $write('D1', ['answer' => 'Turn it.'])->assertJsonCount(2, 'faq');
        $this->getJson('/api/public/' . $this->token($release))->assertJsonCount(2, 'faq');
        $write('R1', ['option' => 'box=drilled'])->assertCreated();
        $this->getJson('/api/public/' . $this->token($release))->assertJsonCount(1, 'faq');
        $write('D1', ['toRevisionId' => $release->revision_id])->assertCreated();
        $this->getJson('/api/public/' . $this->token($release))->assertJsonCount(1, 'faq');
        $write('D1', ['option' => 'drilled'])->assertStatus(422);
    }

    private function take(string $name, string $bytes, ?string $operation = null): TestResponse
    {
        return $this->actingAs($this->person(Role::Support))
            ->post(
                '/api/intakes',
                [
                    'operationId' => $operation ?? (string) Str::uuid(),
                    'file' => UploadedFile::fake()->createWithContent($name, $bytes),
                ],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(202);
    }

    private function only(): int
    {
        self::assertSame(1, DB::table('reports')->count());

        return (int) DB::table('reports')->value('id');
    }

    /** @return array<string, mixed> */
    private function opened(int $id): array
    {
        /** @var array<string, mixed> */
        return $this->getJson("/api/reports/{$id}")
            ->assertOk()
            ->json();
    }

    /**
     * @param array<string, mixed> $report
     * @return array<string, mixed>
     */
    private static function row(array $report, string $list, int $at): array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = $report[$list];

        return $rows[$at];
    }

    /** A serial of a kit that has left the shop. */
    private function shipped(): string
    {
        $run = $this->run_($this->released());
        $unit = DB::table('units')->where('run_id', $run->id)->orderBy('number')->first();
        $customer = DB::table('customers')->insertGetId([
            'name' => 'Greta Ohm',
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        $order = DB::table('orders')->insertGetId([
            'number' => 'T-1',
            'customer_id' => $customer,
            'placed_on' => '2026-06-01',
            'source' => 'hand',
            'created_at' => now(),
        ]);
        foreach (['packed' => null, 'allocated' => $order, 'shipped' => $order] as $entry => $of) {
            DB::table('unit_moves')->insert([
                'unit_id' => $unit->id ?? 0,
                'sequence' => ['packed' => 1, 'allocated' => 2, 'shipped' => 3][$entry],
                'operation_id' => (string) Str::uuid(),
                'entry' => $entry,
                'order_id' => $of,
                'created_at' => '2026-06-02 12:00',
            ]);
        }

        return (string) ($unit->serial ?? '');
    }

    private static function mail(string $text): Email
    {
        return (new Email())
            ->from('Gwen Tarrow <gwen@example.org>')
            ->to('shop@saltmarsh.example')
            ->subject('The bell')
            ->text($text);
    }

    private static function jpeg(): string
    {
        $image = imagecreatetruecolor(40, 30);
        self::assertNotFalse($image);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }
}
