<?php

declare(strict_types=1);

namespace App\Learn;

use App\Offer\KitOffers;
use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\Misleading;
use Zebrafinch\Core\Across\SameElsewhere;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Lessons;
use Zebrafinch\Core\Learn\Saving;
use Zebrafinch\Core\Learn\Savings;
use Zebrafinch\Core\Usage\Importance;

/** What would save somebody time, and what of it to learn next. */
final readonly class WorthLearning
{
    /** Of so many free chords the first is taken that was not offered for another command. */
    private const OFFERS_LOOKED_AT = 2 * Savings::MOST_OFFERS;

    public function __construct(private KitOffers $offers)
    {
    }

    public function savings(Situation $situation): Savings
    {
        $offers = [];

        return Savings::of($situation->doings, $situation->ways, function (Doing $doing, array $taken) use (
            $situation,
            &$offers,
        ): ?Binding {
            $id = $doing->application->id;
            $offers[$id] ??= $this->offers->of($situation->user, $doing->application, $situation->seat);
            $home = $doing->command->home;
            $chords = array_map(static fn (Binding $one): string => $one->chord->id(), $taken);
            foreach ($offers[$id]->for(($situation->keymapOf)($id), $doing->command->id, $home, self::OFFERS_LOOKED_AT) as $offer) {
                if (! in_array($offer->chord->id(), $chords, true)) {
                    return new Binding($offer->chord, $doing->command->id, $home);
                }
            }

            return null;
        });
    }

    /** @param  callable(Saving): bool  $isKnown  whether it is being learned already */
    public function lessons(Situation $situation, Savings $savings, callable $isKnown): Lessons
    {
        $friends = new FalseFriends(
            array_map($situation->keymapOf, $situation->applications()),
            $situation->vocabulary,
            new Importance($situation->vocabulary, $situation->recent),
        );
        $misleading = Misleading::for(
            $friends->all(),
            static fn (string $application, string $command): bool => $situation->recent->of($application, $command) !== null,
        );
        $press = static fn (Saving $one): Press => $situation->seat->press($one->binding->chord);

        return Lessons::from(
            $savings->all,
            $situation->seat,
            static fn (Saving $one): bool => $misleading->has($press($one), $one->doing->application->id, $one->doing->command->id),
            $isKnown,
            static fn (Saving $one): array => SameElsewhere::names(
                array_map($situation->keymapOf, array_values(array_diff($situation->applications(), [$one->doing->application->id]))),
                $situation->vocabulary,
                $one->doing->intent,
                $press($one),
            ),
        );
    }
}
