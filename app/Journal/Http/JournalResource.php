<?php

declare(strict_types=1);

namespace App\Journal\Http;

use App\Journal\JournalEntry;
use App\Journal\JournalSearch;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** A page of the journal, the latest first. */
final class JournalResource extends JsonAnswer
{
    /** @param  int|null  $before  entries before this number only */
    public function __construct(private readonly JournalSearch $search, private readonly ?int $before)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $page = $this->search
            ->entries()
            ->when($this->before !== null, fn ($query) => $query->where('id', '<', $this->before))
            ->limit(JournalSearch::A_PAGE + 1)
            ->get();
        $shown = $page->take(JournalSearch::A_PAGE);
        $people = User::query()
            ->findMany($shown->where('subject_kind', 'person')->pluck('subject_id'))
            ->keyBy('id');

        return [
            'entries' => $shown
                ->map(
                    static fn (JournalEntry $one): array => [
                        'id' => $one->id,
                        'at' => $one->at->toIso8601String(),
                        'person' => $one->user?->name,
                        'address' => $one->address,
                        'kind' => $one->kind,
                        'subject_kind' => $one->subject_kind,
                        'subject_id' => $one->subject_id,
                        'subject' => $one->subject_kind === 'person' ? $people[(int) $one->subject_id]->name ?? null : $one->subject,
                        'details' => (object) $one->details,
                    ],
                )
                ->values()
                ->all(),
            'before' => $page->count() > JournalSearch::A_PAGE ? $shown->last()?->id : null,
        ];
    }
}
