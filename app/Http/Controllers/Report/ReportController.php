<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\AnswerReport;
use App\Actions\Report\JudgeReport;
use App\Actions\Report\ReceiveReport;
use App\Actions\Report\UnusablePhoto;
use App\Http\Requests\Report\AnswerRequest;
use App\Http\Requests\Report\JudgeRequest;
use App\Http\Requests\Report\PublicReportRequest;
use App\Queries\Inbox;
use App\Queries\Page;
use App\Support\FileStore;
use ChiralexRender\Document\FaultsDocument;
use ChiralexRender\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The inbox of reports. */
final readonly class ReportController
{
    public function __construct(private Inbox $inbox) {}

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->inbox->page(Page::of($request), $request->query('shown') !== 'all') + [
                'kits' => DB::table('kits')
                    ->orderBy('name')
                    ->get(['id', 'name'])
                    ->all(),
            ] +
                (new FaultsDocument(Words::english()))->vocabulary(),
        );
    }

    public function show(int $report): JsonResponse
    {
        return new JsonResponse($this->inbox->one($report));
    }

    /** A report that came by telephone or letter. */
    public function store(PublicReportRequest $request, ReceiveReport $receive): JsonResponse
    {
        try {
            $report = $receive(
                $request->operationId(),
                null,
                null,
                $request->text('serial'),
                ['key' => '', 'number' => null],
                $request->text('text'),
                ['name' => $request->text('name'), 'email' => $request->text('email')],
                $request->photo(),
                'hand',
            );
        } catch (UnusablePhoto $why) {
            return new JsonResponse(['message' => $why->getMessage()], 422);
        }

        return new JsonResponse($this->inbox->one($report['id']), 201);
    }

    public function judge(JudgeRequest $request, int $report, JudgeReport $judge): JsonResponse
    {
        $this->inbox->one($report);
        $judge(
            $report,
            $request->userId(),
            $request->operationId(),
            $request->integer('kitId'),
            $request->symptom(),
            $request->cause(),
            $request->origin(),
            trim((string) $request->string('part')),
        );

        return new JsonResponse($this->inbox->one($report));
    }

    public function answer(AnswerRequest $request, int $report, AnswerReport $answer): JsonResponse
    {
        $this->inbox->one($report);
        $mailed = $answer(
            $report,
            $request->userId(),
            $request->operationId(),
            trim((string) $request->string('text')),
        );

        return new JsonResponse($this->inbox->one($report) + ['mailed' => $mailed]);
    }

    public function photo(int $report, FileStore $store): Response
    {
        $hash = DB::table('reports')->where('id', $report)->value('photo');

        return is_string($hash)
            ? new Response($store->get($hash), 200, ['Content-Type' => 'image/jpeg'])
            : abort(404, 'This report has no photo.');
    }

    /** What the simulated mail would have sent. */
    public function mails(): JsonResponse
    {
        return new JsonResponse([
            'mails' => DB::table('mails')
                ->join('customers', 'customers.id', '=', 'customer_id')
                ->orderByDesc('mails.id')
                ->limit(100)
                ->get(['mails.id', 'customers.name as to', 'subject', 'body', 'mails.created_at as at'])
                ->all(),
        ]);
    }
}
