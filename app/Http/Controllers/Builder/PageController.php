<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Queries\Builder\BuilderPage;
use App\Queries\Builder\OpenedPage;
use Illuminate\Http\Response;

/** The public page of a kit, by token alone; it holds that kit and nothing else. */
final readonly class PageController
{
    public function show(string $token, BuilderPage $builder): Response
    {
        $page = OpenedPage::by($token);

        return new Response(
            view('builder', [
                'kit' => $page->release->revision->kit->name,
                'structured' => $builder->structured($page),
            ]),
        );
    }
}
