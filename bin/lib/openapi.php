<?php

declare(strict_types=1);

// Writes docs/openapi.json: answers from docs/schema/chiralex.json by the table below, bodies from the form requests; the front end's types come from it.
use ChiralexRender\Document\EditSchema;

$root = dirname(__DIR__, 2);

require "{$root}/vendor/autoload.php";

$defs = json_decode(
    str_replace('#/$defs/', '#/components/schemas/', (string) file_get_contents("{$root}/docs/schema/chiralex.json")),
    true,
    64,
    JSON_THROW_ON_ERROR,
)['$defs'];
$routes = [
    'get /empty' => null,
    'get /me' => 'Person',
    'post /sign-in' => 'Person',
    'post /sign-out' => null,
    'get /join/{token}' => 'Invitation',
    'post /join/{token}' => 'Person',
    'put /me/password' => null,
    'delete /me/sessions' => 'Ended',
    'get /shop' => 'Shop',
    'put /shop' => 'Shop',
    'post /shop/logo' => 'Shop',
    'get /shop/doctor' => 'Doctor',
    'get /people' => 'People',
    'put /people/{person}' => 'People',
    'delete /people/{person}' => 'People',
    'post /invitations' => 'Invited',
    'delete /invitations/{invitation}' => 'People',
    'get /markings' => 'Markings',
    'get /library' => 'Library',
    'post /library' => 'LibraryPart',
    'get /library/part' => 'LibraryPart',
    'post /library/give' => 'Given',
    'get /kits' => 'Shelf',
    'get /kits/{kit}' => 'ShelfRow',
    'put /kits/{kit}/aside' => 'ShelfRow',
    'delete /kits/{kit}' => null,
    'get /kits/{kit}/revisions' => 'Revisions',
    'post /demo' => 'Shelf',
    'post /imports' => 'Import',
    'get /imports/{import}' => 'Import',
    'delete /imports/{import}' => 'Import',
    'put /revisions/{revision}/aside' => 'Revisions',
    'delete /revisions/{revision}' => 'Revisions',
    'get /revisions/{revision}' => 'Header',
    'post /revisions/{revision}/revisions' => 'ShelfRow',
    'get /revisions/{revision}/documents/parts' => 'Parts',
    'get /revisions/{revision}/documents/check' => 'Check',
    'get /revisions/{revision}/documents/order' => 'OrderResult',
    'get /revisions/{revision}/documents/order-lowest-first' => 'OrderResult',
    'get /revisions/{revision}/documents/order-kind-by-kind' => 'OrderResult',
    'get /revisions/{revision}/documents/order-block-by-block' => 'OrderResult',
    'get /revisions/{revision}/documents/marks' => 'Marks',
    'get /revisions/{revision}/documents/scale' => 'Scale',
    'get /revisions/{revision}/documents/old-text' => 'OldText',
    'get /revisions/{revision}/boards' => 'Boards',
    'get /revisions/{revision}/drawings' => 'Drawings',
    'get /revisions/{revision}/facts' => 'Facts',
    'get /revisions/{revision}/difference/{earlier}' => 'Difference',
    'get /revisions/{revision}/skyline/{step}' => 'Skyline',
    'get /revisions/{revision}/approach/{designator}' => 'Approach',
    'get /revisions/{revision}/pilot' => 'PilotLog',
    'post /revisions/{revision}/pilot/photos' => 'KeptPhoto',
    'get /revisions/{revision}/edits' => 'Edits',
    'post /revisions/{revision}/edits' => 'Header',
    'post /revisions/{revision}/undo' => 'Header',
    'post /revisions/{revision}/redo' => 'Header',
    'post /revisions/{revision}/files' => 'Header',
    'post /revisions/{revision}/step-photos' => 'Header',
    'post /revisions/{revision}/order/try' => 'Trial',
    'post /revisions/{revision}/bench/try' => 'BenchTest',
    'get /revisions/{revision}/documents/bench' => 'Bench',
    'get /revisions/{revision}/documents/bags' => 'Bags',
    'get /revisions/{revision}/documents/manual' => 'ManualResult',
    'get /revisions/{revision}/documents/files' => 'BoardFiles',
    'get /revisions/{revision}/documents/safety' => 'Safety',
    'post /revisions/{revision}/release' => 'Header',
    'get /revisions/{revision}/faults' => 'Faults',
    'post /revisions/{revision}/bags/try' => 'BagsTrial',
    'get /revisions/{revision}/cuts' => 'Cuts',
    'get /revisions/{revision}/times' => 'StepTimes',
    'post /revisions/{revision}/faq' => 'Faults',
    'post /revisions/{revision}/mendings' => 'Faults',
    'delete /revisions/{revision}/mendings/{mending}' => 'Faults',
    'post /exports' => 'Export',
    'get /exports/{export}' => 'Export',
    'delete /exports/{export}' => 'Export',
    'get /runs' => 'Runs',
    'post /runs' => 'Run',
    'get /runs/{run}' => 'Run',
    'get /runs/{run}/pictures' => 'PackPictures',
    'get /runs/{run}/bins/{line}' => 'BinScale',
    'post /scale' => 'Played',
    'post /scale/lines' => 'ScaleLines',
    'post /runs/{run}/bins/{line}' => 'BinScale',
    'post /runs/{run}/lifts' => null,
    'get /releases/{release}/ways' => 'PackWays',
    'post /runs/{run}/checks' => 'ScaleCheck',
    'post /runs/{run}/weighings' => 'WeighedBag',
    'post /runs/{run}/photo' => 'Run',
    'post /runs/{run}/keys' => 'RunKeys',
    'get /runs/{run}/serials' => 'Serials',
    'post /runs/{run}/events' => 'RunChange',
    'get /lots/{lot}/stop' => 'LotStop',
    'post /lots/{lot}/stop' => 'LotStop',
    'delete /lots/{lot}/stop' => 'LotStop',
    'post /lots/{lot}/stop/letters' => 'LotStop',
    'get /stock' => 'Stock',
    'post /packs/open' => 'PackOpened',
    'get /stock/parts' => 'StockParts',
    'get /stock/part' => 'StockPart',
    'post /stock/look' => 'LotLook',
    'post /stock/count' => 'LotCount',
    'post /lots' => 'StockPart',
    'post /lots/file' => 'LotsBooked',
    'post /lots/{lot}/moves' => 'StockPart',
    'get /lots/{lot}/kits' => 'LotKits',
    'get /serials/life' => 'SerialLife',
    'post /units/{unit}/moves' => 'SerialLife',
    'get /moves' => 'Moves',
    'get /articles' => 'Articles',
    'post /articles' => 'Article',
    'put /articles/{article}' => 'Article',
    'post /articles/{article}/moves' => 'Article',
    'get /kits/{kit}/sets' => 'ArticleSets',
    'get /kits/{kit}/planks' => 'Planks',
    'get /reach' => 'KitsReach',
    'get /buying' => 'BuyingPlan',
    'get /kits/{kit}/price' => 'Price',
    'put /kits/{kit}/price' => 'Price',
    'get /kits/{kit}/curve' => 'Curve',
    'get /suppliers' => 'Suppliers',
    'post /suppliers' => 'Suppliers',
    'put /suppliers/{supplier}' => 'Suppliers',
    'post /rates' => 'Suppliers',
    'get /offers' => 'Offers',
    'post /offers/file' => 'OffersTaken',
    'get /purchases' => 'Purchases',
    'post /purchases' => 'Purchase',
    'delete /purchases/{purchase}' => 'Purchase',
    'post /purchase-lines/{line}/receipts' => 'Purchase',
    'get /orders' => 'SalesOrders',
    'post /orders' => 'SalesOrder',
    'get /orders/strip' => 'OrderStrip',
    'post /orders/file' => 'OrdersBooked',
    'post /orders/file/read' => 'OrderTable',
    'get /customers' => 'Customers',
    'post /orders/{order}/allocate' => 'SalesOrder',
    'post /orders/{order}/free' => 'SalesOrder',
    'post /orders/{order}/ship' => 'SalesOrder',
    'get /orders/{order}' => 'OrderSheet',
    'post /orders/{order}/change' => 'OrderSheet',
    'post /orders/{order}/cancel' => 'OrderSheet',
    'post /orders/{order}/return' => 'OrderSheet',
    'post /orders/{order}/tracking' => 'OrderSheet',
    'post /orders/{order}/turn' => 'OrderStrip',
    'get /reports' => 'Reports',
    'post /reports' => 'Report',
    'get /serials/near' => 'NearSerials',
    'get /reports/{report}' => 'Report',
    'get /reports/{report}/proposal' => 'Proposal',
    'get /reports/stacks' => 'Stacks',
    'get /mails' => 'Mails',
    'delete /mails/{mail}' => 'Mail',
    'post /mails/{mail}/sent' => 'Mail',
    'post /intakes' => 'Intake',
    'get /intakes/{intake}' => 'Intake',
    'get /letters' => 'Letters',
    'post /letters' => 'Fetched',
    'post /letters/fetch' => 'Fetched',
    'post /letters/{letter}/report' => 'Report',
    'get /kits/{kit}/places' => 'KitPlaces',
    'get /shop/mail' => 'MailSettings',
    'put /shop/mail' => 'MailSettings',
    'delete /customers/{customer}' => null,
    'post /reports/{report}/judgements' => 'Report',
    'post /reports/{report}/answers' => 'Report',
    'get /public/{token}' => 'BuilderPage',
    'post /public/{token}/ticks' => 'TicksDone',
    'post /public/{token}/faq' => null,
    'post /public/{token}/reports' => 'Received',
];
// Answers that are files.
$files = [
    'get /pictures/{picture}' => 'image/svg+xml',
    'get /revisions/{revision}/take/{what}' => 'application/octet-stream',
    'get /revisions/{revision}/pilot/photos/{photo}' => 'image/jpeg',
    'get /library/{part}/photo' => 'image/jpeg',
    'get /shop/logo' => 'image/jpeg',
    'get /calendar.ics' => 'text/calendar',
    'post /tables' => 'application/octet-stream',
    'get /exports/{export}/file' => 'application/pdf',
    'get /reports/{report}/files/{file}' => 'application/octet-stream',
    'get /letters/{letter}/bytes' => 'application/octet-stream',
    'get /mails/{mail}/letter' => 'message/rfc822',
    'get /runs/{run}/photo' => 'image/jpeg',
];
// What a 409 says, where it is not only words.
$conflicts =
    ['/runs/{run}/events' => 'RunStale'] +
    array_fill_keys(
        array_map(static fn(string $end): string => "/revisions/{revision}/{$end}", [
            'edits',
            'undo',
            'redo',
            'files',
            'step-photos',
            'release',
        ]),
        'Conflict',
    );
// Lists come in pages; some are asked for more.
$paged = [
    '/kits' => ['aside'],
    '/library' => [],
    '/runs' => [],
    '/runs/{run}/serials' => [],
    '/stock' => [],
    '/stock/parts' => [],
    '/lots/{lot}/kits' => [],
    '/moves' => [],
    '/articles' => [],
    '/offers' => [],
    '/purchases' => [],
    '/orders' => [],
    '/customers' => [],
    '/reports' => ['shown'],
    '/reports/stacks' => ['kit', 'shown'],
    '/letters' => [],
    '/mails' => [],
];
$query = static fn(string ...$names): array => array_map(
    static fn(string $name): array => [
        'name' => $name,
        'in' => 'query',
        'required' => false,
        'schema' => ['type' => in_array($name, ['page', 'rows'], true) ? 'integer' : 'string'],
    ],
    $names,
);
$bodies = require __DIR__ . '/openapi-bodies.php';
// Edits are checked by the core; their shapes come from its tables.
$defs['Change'] = EditSchema::document();
$defs['Facts']['properties']['facts'] = EditSchema::factsDocument();
$defs['Facts']['properties']['lines'] = EditSchema::linesDocument();
$defs['Conflict']['properties']['mine']['items'] = ['$ref' => '#/components/schemas/Change'];
$bodies['post /revisions/{revision}/edits']['application/json']['schema']['properties']['changes']['items'] = [
    '$ref' => '#/components/schemas/Change',
];
$paths = [];
foreach ($routes + $files as $route => $schema) {
    [$verb, $path] = explode(' ', $route);
    preg_match_all('~\{(\w+)\}~', $path, $names);
    $ok =
        $schema === null
            ? ['description' => 'done']
            : [
                'description' => isset($files[$route]) ? 'file' : $schema,
                'content' => isset($files[$route])
                    ? [$schema => ['schema' => ['type' => 'string', 'format' => 'binary']]]
                    : ['application/json' => ['schema' => ['$ref' => "#/components/schemas/{$schema}"]]],
            ];
    $paths[$path][$verb] = array_filter([
        'parameters' => [
            ...$verb === 'get' && isset($paged[$path])
                ? $query('page', 'rows', 'search', 'sort', ...$paged[$path])
                : [],
            ...$path === '/library/part'
                ? [
                    ['name' => 'part', 'in' => 'query', 'required' => false, 'schema' => ['type' => 'string']],
                    ['name' => 'revision', 'in' => 'query', 'required' => false, 'schema' => ['type' => 'integer']],
                    ['name' => 'designator', 'in' => 'query', 'required' => false, 'schema' => ['type' => 'string']],
                ]
                : [],
            ...$path === '/stock/part'
                ? [['name' => 'fingerprint', 'in' => 'query', 'required' => true, 'schema' => ['type' => 'string']]]
                : [],
            ...$path === '/kits/{kit}/price' && $verb === 'get' ? $query('batch', 'margin', 'price') : [],
            ...$path === '/reach' ? $query('kits') : [],
            ...$path === '/buying' ? $query('kits', 'spares', 'without', 'rates') : [],
            ...in_array($path, ['/serials/near', '/serials/life'], true)
                ? [['name' => 'serial', 'in' => 'query', 'required' => true, 'schema' => ['type' => 'string']]]
                : [],
            ...str_contains($path, '/bins/')
                ? array_map(
                    static fn(string $name): array => [
                        'name' => $name,
                        'in' => 'query',
                        'required' => false,
                        'schema' => ['type' => 'number'],
                    ],
                    ['since', 'carried'],
                )
                : [],
            ...$path === '/markings'
                ? [['name' => 'text', 'in' => 'query', 'required' => true, 'schema' => ['type' => 'string']]]
                : [],
            ...$verb === 'get' && preg_match('~/(documents|boards|skyline|approach|cuts|ways)~', $path) === 1
                ? [
                    ['name' => 'options', 'in' => 'query', 'required' => false, 'schema' => ['type' => 'string']],
                    ...str_contains($path, '/cuts')
                        ? [['name' => 'kits', 'in' => 'query', 'required' => false, 'schema' => ['type' => 'integer']]]
                        : [],
                    ...str_contains($path, '/approach')
                        ? [['name' => 'step', 'in' => 'query', 'required' => false, 'schema' => ['type' => 'integer']]]
                        : [],
                ]
                : [],
            ...isset($conflicts[$path]) && $verb === 'post' && preg_match('~/(edits|undo|redo|release)$~', $path) === 1
                ? [['name' => 'If-Match', 'in' => 'header', 'required' => true, 'schema' => ['type' => 'string']]]
                : [],
            ...array_map(
                static fn(string $name): array => [
                    'name' => $name,
                    'in' => 'path',
                    'required' => true,
                    'schema' => [
                        'type' => in_array($name, ['token', 'designator', 'what', 'picture', 'photo'], true)
                            ? 'string'
                            : 'integer',
                    ],
                ],
                $names[1],
            ),
        ],
        'requestBody' => isset($bodies["{$verb} {$path}"])
            ? ['required' => true, 'content' => $bodies["{$verb} {$path}"]]
            : null,
        'responses' => [
            '200' => $ok,
            '409' => [
                'description' => 'Conflict',
                'content' => [
                    'application/json' => [
                        'schema' => ['$ref' => '#/components/schemas/' . ($conflicts[$path] ?? 'Refusal')],
                    ],
                ],
            ],
            '422' => [
                'description' => 'Refusal',
                'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Refusal']]],
            ],
        ],
    ]);
}
$document = [
    'openapi' => '3.1.0',
    'info' => ['title' => 'Chiralex', 'version' => '1'],
    'servers' => [['url' => '/api']],
    'paths' => $paths,
    'components' => ['schemas' => $defs],
];
file_put_contents(
    "{$root}/docs/openapi.json",
    json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR) .
        "\n",
);
