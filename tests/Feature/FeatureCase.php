<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Kit\ImportKit;
use App\Models\Revision;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Feature tests run on the test cluster, as the serving role, each in a transaction of its own. */
abstract class FeatureCase extends TestCase
{
    use DatabaseTransactions;

    public function createApplication()
    {
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /** Every answer of the API is held against its published schema. */
    protected function createTestResponse($response, $request)
    {
        if ($request instanceof Request && ($response instanceof JsonResponse || $response instanceof Response)) {
            MeetsSchema::check($request, $response);
        }

        return parent::createTestResponse($response, $request);
    }

    protected function person(Role $role = Role::Maker, string $name = 'Maker'): User
    {
        return User::query()->create([
            'name' => $name,
            'email' => Str::lower(Str::random(12)) . '@saltmarsh.example',
            'password' => 'a long enough word',
            'role' => $role,
            'is_demo' => false,
        ]);
    }

    /** @param array<string, string> $files */
    protected function kit(
        array $files = [
            'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\nC1,100u,6.3x11\nD1,1N4148,DO-35\n",
        ],
    ): Revision {
        return $this->app->make(ImportKit::class)($files, null);
    }

    /** @param list<array<string, mixed>> $changes */
    protected function edit(
        User $user,
        Revision $revision,
        int $seen,
        array $changes,
        ?string $operation = null,
    ): TestResponse {
        return $this->actingAs($user)->postJson(
            "/api/revisions/{$revision->id}/edits",
            ['operationId' => $operation ?? (string) Str::uuid(), 'changes' => $changes],
            ['If-Match' => "\"{$seen}\""],
        );
    }
}
