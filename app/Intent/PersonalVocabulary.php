<?php

declare(strict_types=1);

namespace App\Intent;

use App\Library\Library;
use App\Models\User;
use App\Usage\UsageLogs;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Intent\Proposals;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Usage\Importance;

/**
 * What somebody's intents are called and how much each counts: the shipped vocabulary with their own intents and matches, weighed by their
 * usage log.
 */
final readonly class PersonalVocabulary
{
    public function __construct(private Library $library, private UsageLogs $usage)
    {
    }

    public function vocabulary(User $user): Vocabulary
    {
        $matches = [];
        foreach (OwnMatch::query()->where('kit_id', $user->kit->id)->orderBy('id')->get() as $match) {
            $matches[$match->application][] = [
                'command' => $match->command,
                'intent' => $match->intent,
                ...$match->difference === null ? [] : ['difference' => $match->difference],
            ];
        }
        $intents = OwnIntent::query()
            ->where('kit_id', $user->kit->id)
            ->orderBy('id')
            ->get()
            ->map(
                static fn (OwnIntent $one): array => [
                    'id' => $one->wordId(),
                    'name' => $one->name,
                    'group' => $one->group,
                    'synonyms' => $one->synonyms,
                    'frequency' => $one->frequency->value,
                ],
            )
            ->all();

        return $intents === [] && $matches === []
            ? $this->library->vocabulary()
            : $this->library->vocabulary()->with(array_values($intents), $matches);
    }

    /** Another one whenever somebody's own words, or what is known of their usage, are others. */
    public function stamp(User $user): string
    {
        $rows = static fn (
            string $table,
        ): string => "(select md5(coalesce(string_agg(one::text, ',' order by id), '')) from {$table} as one ".'where kit_id = :kit)';
        $usage =
            '(select coalesce(sum(hashtextextended(day::text, 0)), 0) from usage_days as day '.
            'where source_id in (select id from usage_sources where kit_id = :kit))';

        return (string) DB::scalar("select concat_ws(' ', {$rows('own_intents')}, {$rows('own_matches')}, {$usage})", [
            'kit' => $user->kit->id,
        ]);
    }

    /** Finds by somebody's own words too. */
    public function searchBy(Vocabulary $vocabulary): Search
    {
        return $vocabulary === $this->library->vocabulary() ? $this->library->search() : $this->library->searchBy($vocabulary);
    }

    public function importance(User $user, ?Vocabulary $vocabulary = null): Importance
    {
        return new Importance($vocabulary ?? $this->vocabulary($user), $this->usage->sum($user->kit));
    }

    /** What other applications teach about the commands of one. */
    public function proposals(User $user, string $for): Proposals
    {
        $others = array_diff_key($this->library->applications(), [$for => true]);

        return Proposals::from($this->vocabulary($user), $this->library->tradeWords(), array_values($others));
    }
}
