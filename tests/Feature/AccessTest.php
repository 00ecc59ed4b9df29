<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Export\ExportKind;
use App\Actions\Export\RequestExport;
use App\Models\Customer;
use App\Models\Import;
use App\Models\Intake;
use App\Models\Invitation;
use App\Models\Letter;
use App\Models\Mail;
use App\Models\User;
use App\Policies\Ability;
use App\Policies\Role;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;

final class AccessTest extends TradeCase
{
    private const OPEN = [
        'health',
        'sign-in',
        'api.absent',
        'shell',
        'public.data',
        'public.ticks',
        'public.faq',
        'public.report',
        'public.page',
        'public.letters',
        'join.show',
        'join.store',
    ];

    public function test_every_route_asks_for_an_ability_or_is_open_on_purpose(): void
    {
        $seen = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $abilities = array_filter(
                $route->gatherMiddleware(),
                static fn(mixed $name): bool => is_string($name) && str_starts_with($name, 'can:'),
            );
            if (in_array($route->getName(), self::OPEN, true)) {
                continue;
            }
            ++$seen;
            self::assertCount(1, $abilities, $route->uri());
            self::assertContains('auth', $route->gatherMiddleware(), $route->uri());
        }
        self::assertGreaterThan(12, $seen);
    }

    public function test_each_role_reaches_what_its_abilities_allow_and_nothing_else(): void
    {
        Queue::fake();
        $revision = $this->kit();
        $run = $this->run_($this->released());
        $export = $this->app->make(RequestExport::class)(
            ExportKind::Manual,
            $run->release->revision_id,
            'A4',
            (string) Str::uuid(),
            null,
        );
        $import = Import::query()->create(['operation_id' => (string) Str::uuid(), 'files' => [], 'status' => 'done']);
        $invitation = Invitation::query()->create([
            'name' => 'Anna Vos',
            'email' => 'anna@saltmarsh.example',
            'role' => Role::Packer,
            'token_hash' => hash('sha256', 'x'),
            'until' => now()->addDay(),
        ]);
        $customer = Customer::query()->create(['name' => 'Greta Ohm']);
        $mail = Mail::query()->create(['customer_id' => $customer->id, 'subject' => 's', 'body' => 'b']);
        $operation = ['operation_id' => (string) Str::uuid()];
        $intake = Intake::query()->create($operation + ['name' => 'a.eml', 'sha256' => str_repeat('0', 64)]);
        $letter = Letter::query()->create(
            $operation + [
                'source' => 'eml',
                'kind' => 'auto-reply',
                'text' => '',
                'folded' => '',
                'flags' => [],
                'written_at' => now(),
            ],
        );
        foreach (Role::cases() as $role) {
            $user = $this->person($role);
            foreach (Routes::getRoutes()->getRoutes() as $route) {
                $ability = self::ability($route);
                if ($ability === null || $route->getName() === 'sign-out' || $route->getName() === 'demo') {
                    continue;
                }
                $verb = $route->methods()[0];
                $answer = $this->actingAs($user)->json(
                    $verb,
                    '/' .
                        strtr($route->uri(), [
                            '{revision}' => (string) $revision->id,
                            '{document}' => 'parts',
                            '{step}' => '1',
                            '{export}' => (string) $export->id,
                            '{run}' => (string) $run->id,
                            '{order}' => '1',
                            '{report}' => '1',
                            '{earlier}' => (string) $revision->id,
                            '{kit}' => (string) $revision->kit_id,
                            '{import}' => (string) $import->id,
                            '{picture}' => str_repeat('0', 64),
                            '{part}' => '1',
                            '{person}' => (string) $user->id,
                            '{invitation}' => (string) $invitation->id,
                            '{lot}' => '1',
                            '{supplier}' => '1',
                            '{purchase}' => '1',
                            '{mending}' => '1',
                            '{unit}' => '1',
                            '{article}' => '1',
                            '{line}' => '0',
                            '{release}' => (string) $run->release_id,
                            '{intake}' => (string) $intake->id,
                            '{letter}' => (string) $letter->id,
                            '{mail}' => (string) $mail->id,
                            '{file}' => '1',
                            '{customer}' => (string) $mail->customer_id,
                        ]),
                    [],
                    ['If-Match' => '"0"'],
                );
                if ($role->can($ability)) {
                    self::assertNotContains(
                        $answer->status(),
                        [401, 403, 500],
                        "{$role->value} {$verb} {$route->uri()}",
                    );
                } else {
                    self::assertSame(403, $answer->status(), "{$role->value} {$verb} {$route->uri()}");
                }
            }
        }
    }

    public function test_nobody_gets_in_without_signing_in(): void
    {
        $this->getJson('/api/kits')->assertStatus(401);
        $this->postJson('/api/imports')->assertStatus(401);
        $this->getJson('/api/nothing-here')->assertStatus(404);
    }

    public function test_signing_in_is_throttled_and_says_how_long(): void
    {
        $user = $this->person();
        for ($i = 0; $i < 6; ++$i) {
            $this->postJson('/api/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertStatus(422);
        }

        $this->postJson('/api/sign-in', ['email' => $user->email, 'password' => 'wrong'])
            ->assertStatus(429)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'seconds'));
    }

    public function test_demo_accounts_sign_in_from_this_machine_only(): void
    {
        User::query()->create([
            'name' => 'Demo',
            'email' => 'demo-access@saltmarsh.example',
            'password' => 'saltmarsh',
            'role' => Role::Maker,
            'is_demo' => true,
        ]);
        $words = ['email' => 'demo-access@saltmarsh.example', 'password' => 'saltmarsh'];

        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])
            ->postJson('/api/sign-in', $words)
            ->assertStatus(403);
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])
            ->postJson('/api/sign-in', $words)
            ->assertOk()
            ->assertJsonPath('role', 'maker');
    }

    public function test_pages_carry_a_content_policy_with_a_nonce_that_changes(): void
    {
        $first = (string) $this->get('/')->headers->get('Content-Security-Policy');
        $second = (string) $this->get('/')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("script-src 'self' 'nonce-", $first);
        self::assertStringNotContainsString('unsafe', $first);
        self::assertNotSame($first, $second);
    }

    public function test_the_first_account_is_made_by_command_with_a_long_password(): void
    {
        $this->artisan('chiralex:person', ['email' => 'first@saltmarsh.example', 'name' => 'First'])
            ->expectsQuestion('Password (12 characters or more)', 'short')
            ->assertFailed();
        $this->artisan('chiralex:person', ['email' => 'first@saltmarsh.example', 'name' => 'First'])
            ->expectsQuestion('Password (12 characters or more)', 'a long enough word')
            ->assertSuccessful();

        self::assertSame(Role::Maker, User::query()->where('email', 'first@saltmarsh.example')->firstOrFail()->role);
    }

    private static function ability(Route $route): ?Ability
    {
        foreach ($route->gatherMiddleware() as $name) {
            if (is_string($name) && str_starts_with($name, 'can:')) {
                return Ability::from(substr($name, 4));
            }
        }

        return null;
    }
}
