<?php

declare(strict_types=1);

namespace App\Journal;

use Illuminate\Support\Facades\DB;

/** Whether the journal is as it was written: every entry sealed, every seal worked out from the one before, no number left out. */
final readonly class JournalProof
{
    public function entries(): int
    {
        return JournalEntry::query()->count();
    }

    /** @return string|null what is wrong, the earliest first; null where nothing is */
    public function firstFault(): ?string
    {
        $broken = DB::selectOne(
            <<<'SQL'
            select position, entry_id from (
                select s.position, s.entry_id, s.hash,
                    lag(s.hash, 1, '') over (order by s.position) as before,
                    row_number() over (order by s.position) as expected, j as entry
                from journal_seals s left join journal j on j.id = s.entry_id
            ) chain
            where position <> expected or entry is null or hash <> journal_hash(before, entry)
            order by position limit 1
            SQL
            ,
        );
        if ($broken !== null) {
            return "Seal {$broken->position}, of entry {$broken->entry_id}, does not follow from the one before it.";
        }
        $unsealed = DB::selectOne(
            'select min(j.id) as id from journal j left join journal_seals s on s.entry_id = j.id where s.entry_id is null',
        );

        return $unsealed?->id === null ? null : "Entry {$unsealed->id} has no seal.";
    }
}
