<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exceptions\Trouble;
use App\Exceptions\Troubles;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;

/** Pages of our own where something is in the way. */
final class TroubleTest extends TradeCase
{
    public function test_a_withdrawn_page_says_so_in_the_readers_language(): void
    {
        $token = $this->token($this->released());
        DB::table('public_tokens')
            ->where('token', $token)
            ->update(['revoked_at' => now()]);
        $this->get("/b/{$token}", ['Accept-Language' => 'en-GB'])
            ->assertStatus(410)
            ->assertSee('This page was withdrawn');
        $this->get("/b/{$token}", ['Accept-Language' => 'de-CH, de'])
            ->assertStatus(410)
            ->assertSee('Diese Seite wurde zurückgezogen')
            ->assertDontSee('Zurück zum Anfang');
        $this->get('/b/' . str_repeat('0', 32))
            ->assertStatus(404)
            ->assertSee('This code opens nothing');
    }

    public function test_its_style_is_what_its_policy_lets_in(): void
    {
        $answer = $this->get('/b/' . str_repeat('0', 32));
        self::assertSame(1, preg_match('~<style nonce="([^"]+)">~', (string) $answer->getContent(), $nonce));
        self::assertStringContainsString(
            "style-src 'self' 'nonce-{$nonce[1]}'",
            (string) $answer->headers->get('Content-Security-Policy'),
        );
    }

    public function test_a_page_in_the_way_needs_nothing_from_elsewhere_and_says_where_to_write(): void
    {
        DB::table('shops')->update(['email' => 'hello@saltmarsh.example']);
        $page = (string) $this->get('/b/' . str_repeat('0', 32))->getContent();
        self::assertStringContainsString('mailto:hello@saltmarsh.example', $page);
        self::assertDoesNotMatchRegularExpression('~<script|<link|src=|url\(~', $page);
    }

    /** @return iterable<string, array{string, string, Trouble}> */
    public static function faults(): iterable
    {
        yield 'connection refused' => [
            '08006',
            'connection to server at "127.0.0.1" failed: Connection refused',
            Trouble::Database,
        ];
        yield 'shutting down' => ['57P01', 'terminating connection due to administrator command', Trouble::Database];
        yield 'too many connections' => ['53300', 'too many clients already', Trouble::Database];
        yield 'disk full' => ['53100', 'could not extend file: No space left on device', Trouble::Disk];
        yield 'a constraint' => ['23505', 'duplicate key value violates unique constraint', Trouble::Server];
        yield 'bad SQL' => ['42601', 'syntax error at or near "x"', Trouble::Server];
    }

    #[DataProvider('faults')]
    public function test_what_the_database_says_is_told_apart(string $state, string $said, Trouble $trouble): void
    {
        $cause = self::said($state, $said);

        self::assertSame(
            $trouble,
            Trouble::of(new QueryException('pgsql', 'select 1', [], $cause), Request::create('/')),
        );
    }

    public function test_without_a_database_a_page_and_an_answer_say_what_to_do(): void
    {
        Route::post('/gone', static function (): never {
            throw new QueryException('pgsql', 'select 1', [], self::said('08006', 'Connection refused'));
        });
        $this->post('/gone')->assertStatus(503)->assertSee('The database does not answer');
        $this->postJson('/gone')
            ->assertStatus(503)
            ->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'Nothing was saved just now'));
    }

    public function test_a_name_that_is_not_ours_is_refused_and_our_own_is_not(): void
    {
        DB::table('shops')->update(['public_address' => 'https://kits.saltmarsh.example']);
        $names = ['evil.example' => 400, 'kits.saltmarsh.example' => 200, '127.0.0.1' => 200, 'localhost' => 200];
        foreach ($names as $host => $status) {
            $this->get("http://{$host}/sign-in")->assertStatus($status);
        }
    }

    public function test_what_the_web_server_says_by_itself_is_the_same_page(): void
    {
        foreach (Troubles::LANGUAGES as $language) {
            foreach ([Trouble::TooLarge, Trouble::Away] as $trouble) {
                self::assertStringEqualsFile(
                    public_path("troubles/{$trouble->value}.{$language}.html"),
                    Troubles::page($trouble, $language, null, false),
                    'php bin/lib/troubles.php writes them anew',
                );
            }
        }
    }

    public function test_every_trouble_has_words_in_both_languages(): void
    {
        foreach (Troubles::LANGUAGES as $language) {
            foreach (Trouble::cases() as $trouble) {
                [$what, $todo] = $trouble->words($language);
                self::assertNotSame('', $what, "{$language} {$trouble->value}");
                self::assertStringEndsWith('.', $todo, "{$language} {$trouble->value}");
            }
        }
    }

    private static function said(string $state, string $said): PDOException
    {
        return new class ($said, $state) extends PDOException {
            public function __construct(string $said, string $state)
            {
                parent::__construct($said);
                $this->code = $state;
            }
        };
    }
}
