<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Desktop;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;

/** What a menu title that matches nothing was most likely meant to be. */
final readonly class NearestTitle
{
    /** Titles further away than this share of their letters are another title. */
    private const FURTHEST = 0.5;

    /**
     * @param  string  $command  of the desktop, with the title that matches nothing
     * @param  string  $application  the context whose menus are looked through
     * @return string|null the command of the desktop with the nearest title
     */
    public static function to(string $command, string $application, Application $desktop): ?string
    {
        $title = DesktopCatalogue::title($command);
        $best = null;
        $least = self::FURTHEST * max(1, mb_strlen($title));
        foreach ($desktop->commands() as $candidate) {
            $distance = $candidate->home === $application ? self::distance($title, $candidate) : INF;
            if ($distance < $least) {
                [$best, $least] = [$candidate->id, $distance];
            }
        }

        return $best;
    }

    /** Letters that differ; case, blanks and an ellipsis written otherwise hardly count. */
    private static function distance(string $title, Command $command): float
    {
        $plain = static fn (string $text): string => trim(
            (string) preg_replace('/\s+/', ' ', str_replace(['…', '...'], '', mb_strtolower($text))),
        );

        return levenshtein($plain($title), $plain($command->name)) + levenshtein($title, $command->name) / 100;
    }
}
