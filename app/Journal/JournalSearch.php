<?php

declare(strict_types=1);

namespace App\Journal;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** The journal, narrowed. */
final readonly class JournalSearch
{
    public const A_PAGE = 50;

    public function __construct(
        private ?int $person = null,
        private ?string $suite = null,
        private ?int $keymap = null,
        private ?string $day = null,
        private ?string $kind = null,
        private ?string $words = null,
    ) {
    }

    /** @return Builder<JournalEntry> the latest first */
    public function entries(): Builder
    {
        $query = JournalEntry::query()->with('user')->orderByDesc('id');
        if ($this->person !== null) {
            $query->where(
                fn (Builder $of) => $of
                    ->where('user_id', $this->person)
                    ->orWhere(fn (Builder $to) => $to->where('subject_kind', 'person')->where('subject_id', (string) $this->person)),
            );
        }
        if ($this->suite !== null) {
            $query->where('subject_kind', 'suite')->where('subject_id', $this->suite);
        }
        if ($this->keymap !== null) {
            $query->where('subject_kind', 'keymap')->where('subject_id', (string) $this->keymap);
        }
        if ($this->day !== null) {
            $from = Carbon::parse($this->day, 'UTC');
            $query->where('at', '>=', $from)->where('at', '<', $from->clone()->addDay());
        }
        if ($this->kind !== null) {
            $query->where('kind', $this->kind);
        }
        foreach (preg_split('/\s+/u', trim((string) $this->words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(
                static fn (Builder $any) => $any
                    ->where('subject', 'ilike', $like)
                    ->orWhere('kind', 'ilike', $like)
                    ->orWhereRaw('details::text ilike ?', [$like])
                    ->orWhere('address', 'ilike', $like),
            );
        }

        return $query;
    }
}
