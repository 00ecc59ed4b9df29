<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use RuntimeException;

/** docs/openapi.json names what is served, and what is served is what it says. */
final class PublishedRoutesTest extends FeatureCase
{
    public function test_every_route_is_published_and_every_published_one_is_served(): void
    {
        $published = [];
        $document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
        foreach (is_array($document) ? (array) $document['paths'] : [] as $path => $verbs) {
            foreach (array_keys((array) $verbs) as $verb) {
                $path = (string) preg_replace('~/documents/[a-z-]+$~', '/documents/{document}', (string) $path);
                $published["{$verb} {$path}"] = true;
            }
        }
        $served = [];
        foreach (Route::getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && $route->getName() !== 'api.absent') {
                $served[strtolower($route->methods()[0]) . ' ' . substr($route->uri(), 3)] = true;
            }
        }
        ksort($published);
        ksort($served);

        self::assertSame(array_keys($served), array_keys($published));
    }

    public function test_an_answer_that_is_not_what_is_published_fails(): void
    {
        $request = Request::create('/api/me');
        $route = Route::getRoutes()->match($request);
        $request->setRouteResolver(static fn() => $route);

        MeetsSchema::check($request, new JsonResponse(['message' => 'who knows'], 404));
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessage('is no Person');
        MeetsSchema::check($request, new JsonResponse(['name' => 'Maker', 'role' => 'emperor']));
    }
}
