<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Preset;
use App\Models\Release;
use App\Problems\AppRefusal;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Preset\Problem;

/** What is refused about presets and releases. */
final class PresetRefused extends AppRefusal
{
    /** @param  non-empty-list<Problem>  $problems */
    public static function notAccepted(array $problems): self
    {
        $count = count($problems);

        return self::because(
            'not-accepted',
            422,
            ($count === 1 ? 'One thing is' : "{$count} things are")." wrong: {$problems[0]->sentence}".($count === 1 ? '' : ' …'),
            'Mend it, or accept it by name and say why it goes out all the same.',
        )->with(['problems' => array_map(static fn (Problem $problem): array => $problem->toData(), $problems)]);
    }

    public static function nothingNew(Release $release): self
    {
        return self::because(
            'nothing-new',
            422,
            "{$release->title()} says the same as your keys now; no release was made.",
            'Change something first, or hand out the release that is there.',
        );
    }

    /** Somebody else has made a release since the one that these keys are based on. */
    public static function stale(Preset $preset, Release $newest): self
    {
        return self::because(
            'stale-preset',
            409,
            "{$newest->author->name} has made {$newest->title()}, which your keys do not have yet. Nothing was made.",
            'Take in what is new there first, and make your release then.',
        )->with(['preset' => $preset->id]);
    }

    public static function undecided(Application $application): self
    {
        return self::because(
            'undecided',
            409,
            "Both sides changed the same in {$application->name}, and nobody has said which stays. Nothing was changed.",
            'Choose a side for each.',
            $application->id,
        );
    }
}
