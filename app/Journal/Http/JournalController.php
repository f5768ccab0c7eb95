<?php

declare(strict_types=1);

namespace App\Journal\Http;

use App\Journal\JournalProof;
use App\Journal\JournalTable;
use App\Resources\JsonAnswer;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Who did what to what, when, and from where. */
final readonly class JournalController
{
    public function index(JournalRequest $request): JournalResource
    {
        return new JournalResource($request->search(), $request->before());
    }

    public function proof(JournalProof $proof): JsonAnswer
    {
        return new JsonAnswer(['entries' => $proof->entries(), 'fault' => $proof->firstFault()]);
    }

    public function csv(JournalRequest $request, JournalTable $table): StreamedResponse
    {
        return response()->streamDownload(
            static function () use ($table, $request): void {
                foreach ($table->lines($request->search()) as $line) {
                    echo $line;
                }
            },
            'journal.csv',
            ['Content-Type' => 'text/csv; charset=utf-8; header=present'],
        );
    }
}
