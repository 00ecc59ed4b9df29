<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Mail\FetchMail;
use App\Models\MailSettings;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Mime\Email;
use Symfony\Component\Process\Process;

/** Real letters: out by an SMTP server, in from an IMAP server, both of Debian's packages, both on loopback. */
final class MailServersTest extends TradeCase
{
    private const BOX = '/tmp/chiralex-mailbox';
    private const SMTP = 10_925;
    private const IMAP = 10_943;

    /** @var list<Process> */
    private array $servers = [];

    protected function setUp(): void
    {
        parent::setUp();
        File::deleteDirectory(self::BOX);
        foreach (['cur', 'new', 'tmp', 'run', 'sent'] as $folder) {
            File::ensureDirectoryExists(
                self::BOX . ($folder === 'run' || $folder === 'sent' ? "/{$folder}" : "/Maildir/{$folder}"),
            );
        }
    }

    protected function tearDown(): void
    {
        foreach ($this->servers as $server) {
            $server->stop(3);
        }
        File::deleteDirectory(self::BOX);
        parent::tearDown();
    }

    public function test_an_answer_goes_out_by_smtp_with_its_thread_and_a_password_that_is_never_shown(): void
    {
        $this->smtp();
        $this->settings([
            'way' => 'real',
            'smtpHost' => '127.0.0.1',
            'smtpPort' => self::SMTP,
            'smtpSecurity' => 'none',
        ]);
        $id = $this->report();
        $this->postJson("/api/reports/{$id}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Turn D1 round.',
        ])->assertOk();
        self::assertSame('sent', DB::table('mails')->value('status'), (string) DB::table('mails')->value('fault'));
        $sent = File::files(self::BOX . '/sent');
        self::assertCount(1, $sent);
        $mail = (string) file_get_contents($sent[0]->getPathname());
        self::assertStringContainsString('Subject: Re: The bell', $mail);
        self::assertStringContainsString('In-Reply-To: <first@example.org>', $mail);
        self::assertStringContainsString('Turn D1 round.', $mail);
        self::assertStringContainsString('gwen@example.org', $mail);
    }

    public function test_a_server_that_is_away_leaves_the_answer_on_the_stack_with_what_it_said(): void
    {
        $this->settings(['way' => 'real', 'smtpHost' => '127.0.0.1', 'smtpPort' => 9, 'smtpSecurity' => 'none']);
        $id = $this->report();
        $this->postJson("/api/reports/{$id}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Turn D1 round.',
        ])->assertOk();
        self::assertSame('failed', DB::table('mails')->value('status'));
        self::assertStringContainsString(
            '127.0.0.1 did not take the mail',
            (string) DB::table('mails')->value('fault'),
        );
        self::assertFalse($this->getJson("/api/reports/{$id}")->json('answered'));
    }

    public function test_letters_are_read_from_imap_once_and_nothing_there_is_changed(): void
    {
        foreach (['one', 'two'] as $name) {
            $this->deliver($name, self::mail("It is dead, says {$name}.", "{$name}@example.org"));
        }
        $this->imap();
        $this->settings([
            'way' => 'real',
            'imapHost' => '127.0.0.1',
            'imapPort' => self::IMAP,
            'imapSecurity' => 'none',
            'imapUser' => 'shop',
            'imapPassword' => 'a secret word',
        ]);
        $before = $this->box();
        $fetch = fn(): int => $this->app->make(FetchMail::class)();
        self::assertSame(2, $fetch(), MailSettings::ours()->fault);
        self::assertSame(0, $fetch());
        $this->deliver('three', self::mail('Another.', 'three@example.org'));
        self::assertSame(1, $fetch());
        self::assertSame(
            ['It is dead, says one.', 'It is dead, says two.', 'Another.'],
            DB::table('reports')->orderBy('id')->pluck('text')->all(),
        );
        self::assertSame([], array_diff($before, $this->box()));
        // No mail was marked as read: all of them are still new.
        self::assertSame([], array_filter($this->box(), static fn(string $name): bool => str_contains($name, ':2,S')));
        // Another UIDVALIDITY: read anew, taken once.
        MailSettings::ours()->update(['seen_validity' => 1, 'seen_uid' => 0]);
        self::assertSame(3, $fetch());
        self::assertSame(3, DB::table('reports')->count());
        self::assertSame('a secret word', MailSettings::ours()->imap_password);
        self::assertStringNotContainsString('secret', (string) DB::table('mail_settings')->value('imap_password'));
        self::assertStringNotContainsString(
            'secret',
            (string) $this->actingAs($this->person())->getJson('/api/shop/mail')->getContent(),
        );
        self::assertStringNotContainsString('secret', (string) json_encode(DB::table('audit')->get()));
    }

    public function test_a_mailbox_that_refuses_says_why_in_shop(): void
    {
        $this->imap();
        $this->settings([
            'way' => 'real',
            'imapHost' => '127.0.0.1',
            'imapPort' => self::IMAP,
            'imapSecurity' => 'none',
            'imapUser' => 'shop',
            'imapPassword' => 'wrong',
        ]);
        self::assertSame(0, $this->app->make(FetchMail::class)());
        self::assertStringContainsString('could not be read', MailSettings::ours()->fault);
        $this->actingAs($this->person())
            ->getJson('/api/shop/mail')
            ->assertJsonPath('fault', MailSettings::ours()->fault);
    }

    public function test_a_password_never_goes_over_the_net_in_clear_and_two_editors_do_not_overwrite_each_other(): void
    {
        $put = fn(array $said): \Illuminate\Testing\TestResponse => $this->actingAs($this->person())->putJson(
            '/api/shop/mail',
            $said + ['operationId' => (string) Str::uuid(), 'version' => MailSettings::ours()->version],
        );
        $put([
            'way' => 'real',
            'smtpHost' => 'mail.example.org',
            'smtpSecurity' => 'none',
            'smtpUser' => 'shop',
            'smtpPassword' => 'x',
        ])
            ->assertStatus(422)
            ->assertJsonPath('message', static fn(string $why): bool => str_contains($why, 'STARTTLS'));
        $put(['way' => 'draft', 'version' => 99])->assertStatus(422);
        $put(['imapFolder' => 'IN{BOX'])->assertStatus(422);
        $put(['smtpHost' => 'http://x/y'])->assertStatus(422);
        $this->actingAs($this->person(Role::Support))->getJson('/api/shop/mail')->assertForbidden();
    }

    public function test_without_a_server_an_answer_is_a_file_and_stays_on_the_stack_until_it_was_sent(): void
    {
        $this->settings(['way' => 'draft']);
        $id = $this->report();
        $this->postJson("/api/reports/{$id}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Turn D1 round.',
        ])->assertJsonPath('answered', false);
        $mail = (int) DB::table('mails')->value('id');
        $file = (string) $this->get("/api/mails/{$mail}/letter")
            ->assertHeader('Content-Type', 'message/rfc822')
            ->getContent();
        self::assertStringStartsWith('X-Unsent: 1', $file);
        self::assertStringContainsString('Turn D1 round.', $file);
        $this->postJson("/api/mails/{$mail}/sent", ['operationId' => (string) Str::uuid()])->assertJsonPath(
            'status',
            'sent',
        );
        self::assertTrue($this->getJson("/api/reports/{$id}")->json('answered'));
        $this->deleteJson("/api/mails/{$mail}", ['operationId' => (string) Str::uuid()])->assertStatus(409);
    }

    public function test_a_letter_put_into_the_simulated_mailbox_is_read_and_only_there(): void
    {
        $put = fn(): \Illuminate\Testing\TestResponse => $this->actingAs($this->person(Role::Support))->postJson(
            '/api/letters',
            [
                'operationId' => (string) Str::uuid(),
                'email' => 'gwen@example.org',
                'name' => 'Gwen',
                'subject' => 'The bell',
                'text' => 'It is dead.',
            ],
        );
        $this->settings(['way' => 'simulated']);
        $put()->assertCreated()->assertJsonPath('read', 1);
        self::assertSame('It is dead.', DB::table('reports')->value('text'));
        $this->postJson('/api/letters/fetch', ['operationId' => (string) Str::uuid()])->assertJsonPath('read', 0);
        $this->settings(['way' => 'draft']);
        $put()->assertStatus(422);
    }

    private function report(): int
    {
        $mail = self::mail('It is dead.', 'first@example.org');
        $this->actingAs($this->person(Role::Support))
            ->post(
                '/api/intakes',
                [
                    'operationId' => (string) Str::uuid(),
                    'file' => UploadedFile::fake()->createWithContent('a.eml', $mail),
                ],
                ['Accept' => 'application/json'],
            )
            ->assertJsonPath('reports', 1);

        return (int) DB::table('reports')->value('id');
    }

    /** @param array<string, string|int> $said */
    private function settings(array $said): void
    {
        config(['app.mailbox' => self::BOX . '/simulated']);
        $this->actingAs($this->person())
            ->putJson(
                '/api/shop/mail',
                $said + ['operationId' => (string) Str::uuid(), 'version' => MailSettings::ours()->version],
            )
            ->assertOk();
    }

    private static function mail(string $text, string $id): string
    {
        $mail = (new Email())
            ->from('Gwen <gwen@example.org>')
            ->to('shop@example.org')
            ->subject('The bell')
            ->text($text);
        $mail->getHeaders()->addIdHeader('Message-ID', $id);

        return $mail->toString();
    }

    private function deliver(string $name, string $mail): void
    {
        file_put_contents(self::BOX . "/Maildir/tmp/{$name}", $mail);
        chmod(self::BOX . "/Maildir/tmp/{$name}", 0o666);
        rename(self::BOX . "/Maildir/tmp/{$name}", self::BOX . '/Maildir/new/' . microtime(true) . ".{$name}.example");
    }

    /** @return list<string> names of all mails, wherever in the box */
    private function box(): array
    {
        $all = [];
        foreach (['new', 'cur'] as $folder) {
            foreach (File::files(self::BOX . "/Maildir/{$folder}") as $file) {
                $all[] = (string) preg_replace('~:2,$~', '', $file->getFilename());
            }
        }
        sort($all);

        return $all;
    }

    private function smtp(): void
    {
        $sink = <<<'PY'
            import sys, uuid, time
            from aiosmtpd.controller import Controller
            class Sink:
                async def handle_DATA(self, server, session, envelope):
                    open(sys.argv[2] + '/' + uuid.uuid4().hex, 'wb').write(envelope.content)
                    return '250 taken'
            Controller(Sink(), hostname='127.0.0.1', port=int(sys.argv[1])).start()
            while True: time.sleep(1)
            PY;
        $this->serve(['/usr/bin/python3', '-c', $sink, (string) self::SMTP, self::BOX . '/sent'], self::SMTP);
    }

    private function imap(): void
    {
        $box = self::BOX;
        $port = self::IMAP;
        // Who runs the tests may be root, which dovecot serves nobody as: the box belongs to www-data then.
        $owner = posix_geteuid() === 0 ? 'www-data' : posix_getpwuid(posix_geteuid())['name'] ?? 'www-data';
        $ids = posix_getpwnam($owner);
        self::assertIsArray($ids);
        $group = posix_getgrgid($ids['gid'])['name'] ?? 'www-data';
        file_put_contents("{$box}/users", "shop:{PLAIN}a secret word:{$ids['uid']}:{$ids['gid']}::{$box}::\n");
        file_put_contents(
            "{$box}/dovecot.conf",
            <<<CONF
                base_dir = {$box}/run
                log_path = {$box}/dovecot.log
                protocols = imap
                ssl = no
                disable_plaintext_auth = no
                mail_location = maildir:{$box}/Maildir
                default_login_user = {$owner}
                default_internal_user = {$owner}
                default_internal_group = {$group}
                first_valid_uid = 1
                listen = 127.0.0.1
                service imap-login {
                  chroot =
                  inet_listener imap {
                    port = {$port}
                  }
                  inet_listener imaps {
                    port = 0
                  }
                }
                service anvil {
                  chroot =
                }
                service stats {
                  chroot =
                }
                passdb {
                  driver = passwd-file
                  args = {$box}/users
                }
                userdb {
                  driver = passwd-file
                  args = {$box}/users
                }
                CONF,
        );
        exec('chown -R ' . escapeshellarg("{$owner}:") . ' ' . escapeshellarg($box));
        chmod($box, 0o755);
        $this->serve(['dovecot', '-F', '-c', "{$box}/dovecot.conf"], self::IMAP);
    }

    /** @param list<string> $command */
    private function serve(array $command, int $port): void
    {
        $server = new Process($command, null, null, null, null);
        $server->start();
        $this->servers[] = $server;
        for ($tries = 0; $tries < 100; ++$tries) {
            $line = @fsockopen('127.0.0.1', $port);
            if ($line !== false) {
                fclose($line);

                return;
            }
            usleep(100_000);
        }
        self::fail(
            "{$command[0]} did not start: {$server->getErrorOutput()} " .
                @file_get_contents(self::BOX . '/dovecot.log'),
        );
    }
}
